package org.fermix.core.machine;

import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;

/**
 * The space for the battery.
 *
 * @param space largest case that goes in
 * @param positiveSide where the positive lead reaches
 */
public record Tray(CaseSize space, TerminalSide positiveSide) {}
