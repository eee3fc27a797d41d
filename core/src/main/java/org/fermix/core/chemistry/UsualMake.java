package org.fermix.core.chemistry;

import java.util.OptionalDouble;

/**
 * What batteries of a chemistry are usually made like, beside a flooded one of the same machine.
 *
 * @param ampsAgainstFlooded cold cranking amps of one of as many ampere-hours, against flooded's
 *     (1)
 * @param sizedByAmps cold cranking amps for each ampere-hour, of kinds that are sold by their amps
 *     (A/Ah); empty where they are made of as many ampere-hours
 * @param ampHoursPerKg (Ah/kg, 12 V)
 * @param price of one of no ampere-hours, and of each of them; about what shops ask, in euros or
 *     dollars alike; engineering estimate
 */
public record UsualMake(
    double ampsAgainstFlooded, OptionalDouble sizedByAmps, double ampHoursPerKg, Price price) {
  /**
   * A price by size.
   *
   * @param base of one of no ampere-hours
   * @param perAmpHour for each (1/Ah)
   */
  public record Price(double base, double perAmpHour) {
    /** Of one of some ampere-hours, in round figures. */
    public double of(double ampHours) {
      return Math.rint(base + perAmpHour * ampHours);
    }
  }
}
