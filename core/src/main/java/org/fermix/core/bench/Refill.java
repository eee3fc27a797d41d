package org.fermix.core.bench;

import java.util.Comparator;
import java.util.OptionalDouble;
import org.fermix.core.charging.ChargeJudgement;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.charging.ChargeTime;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Charging;
import org.fermix.core.machine.Need;

/**
 * How long a source takes from half to nearly full: by the engine in the coldest month, by a
 * charger in a room.
 *
 * @param hours empty where it does not get there (h)
 * @param way why, or how it comes to it
 */
public record Refill(OptionalDouble hours, Way way) {
  /** From this charge (1). */
  public static final double FROM = 0.5;

  /** To this (1). */
  public static final double TO = 0.95;

  /** Where a charger is used (°C). */
  public static final double ROOM_C = 20;

  private static final double WARMED_C = 10;

  /** What comes of it, the best first. */
  public enum Way {
    FILLS,
    /** Its volts bring it no nearer to full. */
    NEVER_FULL,
    /** It would harm it. */
    HARMS
  }

  /** What the engine gives, as a source. */
  public static ChargeSource engine(Need need) {
    Charging charging = need.charging();
    return ChargeSource.onEngine(
        ChargeSource.Kind.ALTERNATOR,
        Math.max(0.05, charging.spareAmps().value()),
        charging.regulatedVolts().value() / need.engine().series());
  }

  /**
   * Of all the batteries of a candidate by one source, each in its turn: the worst that comes of
   * any, and the hours of the one that takes longest.
   */
  public static Refill of(Need need, Candidate candidate, ChargeSource source) {
    return candidate.labels().stream()
        .map(label -> of(need, label, source))
        .max(
            Comparator.comparing(Refill::way)
                .thenComparing(each -> each.hours().orElse(Double.POSITIVE_INFINITY)))
        .orElseThrow();
  }

  /** Of one battery by one source. */
  public static Refill of(Need need, Label label, ChargeSource source) {
    double ampHours = label.capacity().value();
    double cold = need.climate().winterMeanC().value();
    double temperatureC =
        !source.isOnEngine()
            ? ROOM_C
            : label.chemistry().isLead() ? cold : Math.max(WARMED_C, cold);
    if (!ChargeJudgement.of(source, label.chemistry(), ampHours, temperatureC).isSafe()) {
      return new Refill(OptionalDouble.empty(), Way.HARMS);
    }
    if (ChargeTime.highest(label.chemistry(), source.topVolts(), temperatureC) < TO) {
      return new Refill(OptionalDouble.empty(), Way.NEVER_FULL);
    }
    return new Refill(
        OptionalDouble.of(
            ChargeTime.of(
                    label.chemistry(),
                    ampHours,
                    FROM,
                    TO,
                    source.amps(),
                    source.topVolts(),
                    temperatureC)
                .hours()),
        Way.FILLS);
  }
}
