package org.fermix.core.plan;

import java.util.List;
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
 * @param startsFromVolts it must start on a battery that shows no more, of the whole system (V)
 * @param wakes it must wake a battery whose protection has opened, which shows next to nothing
 * @param nominalVolts 6, 12 or 24 V
 * @param hours from half to nearly full at a current between the two, of several batteries the one
 *     that takes longest; empty where it does not get there
 * @param eachItsOwn true where several batteries want what no one charger gives: this is for the
 *     first of them
 */
public record ChargerSpec(
    double leastAmps,
    double mostAmps,
    double lowVolts,
    double highVolts,
    double startsFromVolts,
    boolean wakes,
    int nominalVolts,
    OptionalDouble hours,
    boolean eachItsOwn) {
  /** A twentieth of the capacity fills it in a day; common practice, no source. */
  private static final double LEAST_PER_HOUR = 1.0 / 20;

  /** What lead shows once it is run flat: 1.75 V a cell, where capacity tests end (IEC 60095-1). */
  private static final double FLAT_VOLTS = 10.5;

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
    return new ChargerSpec(
        least,
        most,
        series
            * Math.min(
                high,
                Math.max(
                    chemistry.charging().absorptionLowVolts(),
                    chemistry.charging().fullFromVolts())),
        series * high,
        chemistry.protection().isPresent() ? 0 : series * FLAT_VOLTS,
        chemistry.protection().isPresent(),
        need.engine().nominalVolts(),
        Refill.of(need, label, source(middle(least, most), high)).hours(),
        false);
  }

  /** What serves several batteries in turn; for the first alone where nothing serves them all. */
  public static ChargerSpec of(Need need, List<Label> labels) {
    ChargerSpec first = of(need, labels.get(0));
    if (labels.size() == 1) {
      return first;
    }
    ChargerSpec all = first;
    for (Label other : labels.subList(1, labels.size())) {
      all = all.and(of(need, other));
    }
    boolean serves =
        all.leastAmps() <= all.mostAmps()
            && all.lowVolts() <= all.highVolts()
            && all.fillsEach(need, labels, all.lowVolts())
            && all.fillsEach(need, labels, all.highVolts());
    return serves ? all : first.forOneOnly();
  }

  private boolean fillsEach(Need need, List<Label> labels, double volts) {
    ChargeSource source = source(middle(leastAmps, mostAmps), volts / need.engine().series());
    return labels.stream()
        .allMatch(each -> Refill.of(need, each, source).way() == Refill.Way.FILLS);
  }

  private static double middle(double least, double most) {
    return Math.max(0.05, Math.sqrt(least * most));
  }

  private static ChargeSource source(double amps, double topVolts) {
    return new ChargeSource(
        ChargeSource.Kind.CHARGER, amps, topVolts, OptionalDouble.empty(), false, 0, true);
  }

  private ChargerSpec and(ChargerSpec other) {
    return new ChargerSpec(
        Math.max(leastAmps, other.leastAmps),
        Math.min(mostAmps, other.mostAmps),
        Math.max(lowVolts, other.lowVolts),
        Math.min(highVolts, other.highVolts),
        Math.min(startsFromVolts, other.startsFromVolts),
        wakes || other.wakes,
        nominalVolts,
        hours.isPresent() && other.hours.isPresent()
            ? OptionalDouble.of(Math.max(hours.getAsDouble(), other.hours.getAsDouble()))
            : OptionalDouble.empty(),
        false);
  }

  private ChargerSpec forOneOnly() {
    return new ChargerSpec(
        leastAmps,
        mostAmps,
        lowVolts,
        highVolts,
        startsFromVolts,
        wakes,
        nominalVolts,
        hours,
        true);
  }
}
