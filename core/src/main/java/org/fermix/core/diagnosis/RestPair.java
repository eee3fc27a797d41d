package org.fermix.core.diagnosis;

import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;

/**
 * Two 12 V batteries in series, each read by itself, rested: they give and take the same current,
 * so one that stands lower is weaker, whatever both show together.
 *
 * @param first of the one nearer the positive lead
 * @param second of the other
 */
public record RestPair(RestVoltage first, RestVoltage second) {
  /** Rested batteries of a sound pair lie closer together than this (V); common practice. */
  public static final double APART_VOLTS = 0.2;

  /** True where one is weaker. */
  public boolean isApart() {
    return Math.abs(first.volts() - second.volts()) > APART_VOLTS;
  }

  /** The lower of the two. */
  public RestVoltage lower() {
    return first.volts() <= second.volts() ? first : second;
  }

  /** True where the lower is the first. */
  public boolean firstIsLower() {
    return first.volts() <= second.volts();
  }

  /**
   * What the lower is worth. Where they stand apart it is low, whatever it shows: each is charged
   * by itself and rested before anything is said of its cells.
   */
  public RestVoltage.Rested judge(Chemistry chemistry) {
    RestVoltage.Rested lowest = lower().judge(chemistry, 1);
    if (!isApart() || lowest.worth() == RestVoltage.Worth.NOT_RESTED) {
      return lowest;
    }
    boolean reads = lowest.evidence().filter(each -> !each.outcome().equals("full")).isPresent();
    return reads
        ? lowest
        : new RestVoltage.Rested(
            RestVoltage.Worth.TELLS_CHARGE,
            lowest.charge(),
            Optional.of(new Evidence(ReadingKind.REST_VOLTS, "low")));
  }
}
