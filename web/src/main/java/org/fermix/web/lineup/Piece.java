package org.fermix.web.lineup;

import java.util.Optional;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Label;

/**
 * One battery of a candidate as it lies on the counter.
 *
 * @param count how many alike are bought
 * @param role of what stands beside the one that starts; empty for that one
 */
public record Piece(Label label, int count, Optional<Beside.Role> role) {}
