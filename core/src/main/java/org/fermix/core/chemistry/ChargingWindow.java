package org.fermix.core.chemistry;

/**
 * Charging voltages of a 12 V battery at 25 °C (V). The battery maker's own data come first.
 *
 * @param chargesFromVolts below this it gains nothing
 * @param fullFromVolts from this it becomes full in the end
 * @param absorptionLowVolts lower end of the usual absorption window
 * @param absorptionHighVolts upper end
 * @param neverExceedVolts above this it is harmed, or its protection opens
 */
public record ChargingWindow(
    double chargesFromVolts,
    double fullFromVolts,
    double absorptionLowVolts,
    double absorptionHighVolts,
    double neverExceedVolts) {}
