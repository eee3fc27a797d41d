/**
 * The fourth stop: outcomes side by side. Fills the core's question and draws its answer; computes
 * nothing. Uses need, lineup.
 */
@NullMarked
package org.fermix.web.bench;

import org.jspecify.annotations.NullMarked;
