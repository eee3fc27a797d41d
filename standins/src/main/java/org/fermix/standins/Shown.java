package org.fermix.standins;

import org.fermix.core.quantity.Unit;

/**
 * A figure an instrument showed.
 *
 * @param what it is of; empty where the reading's own name says it
 */
public record Shown(String what, double value, Unit unit, int decimals) {}
