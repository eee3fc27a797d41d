package org.fermix.core.plan;

import java.util.OptionalDouble;
import org.fermix.core.bench.Refill;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;

/**
 * The charger a battery wants, where none that is owned serves. The battery maker's own data come
 * first.
 *
 * @param leastAmps so that it is full within about a day (A)
 * @param mostAmps that it should be given (A)
 * @param lowVolts lower end of the top voltage, of the whole system (V)
 * @param highVolts upper end (V)
 * @param wakes it must wake a battery whose protection has opened, or start on a few volts
 * @param nominalVolts 6, 12 or 24 V
 * @param hours from half to nearly full at a current between the two; empty where it does not get
 *     there
 */
public record ChargerSpec(
    double leastAmps,
    double mostAmps,
    double lowVolts,
    double highVolts,
    boolean wakes,
    int nominalVolts,
    OptionalDouble hours) {
  /** A twentieth of the capacity fills it in a day; common practice, no source. */
  private static final double LEAST_PER_HOUR = 1.0 / 20;

  /** What a battery wants in a machine. */
  public static ChargerSpec of(Need need, Label label) {
    Chemistry chemistry = label.chemistry();
    double ampHours = label.capacity().value();
    double most = chemistry.acceptance().recommendedPerHour() * ampHours;
    double least = Math.min(most, LEAST_PER_HOUR * ampHours);
    double series = need.engine().series();
    double high =
        Math.min(
            chemistry.charging().absorptionHighVolts(), chemistry.charging().neverExceedVolts());
    ChargeSource middle =
        new ChargeSource(
            ChargeSource.Kind.CHARGER,
            Math.max(0.05, Math.sqrt(least * most)),
            high,
            OptionalDouble.empty(),
            false,
            0,
            true);
    return new ChargerSpec(
        least,
        most,
        series * chemistry.charging().absorptionLowVolts(),
        series * high,
        chemistry.protection().isPresent(),
        need.engine().nominalVolts(),
        Refill.of(need, label, middle).hours());
  }
}
