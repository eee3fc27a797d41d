package org.fermix.core.electrical;

/**
 * Steady cranking, half a revolution's ripple averaged out.
 *
 * @param currentA through the starter (A)
 * @param volts at the battery's terminals (V)
 * @param rpm of the crankshaft; 0 when stalled
 */
public record CrankPoint(double currentA, double volts, double rpm) {}
