package org.fermix.core.electrical;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.quantity.Check;

/**
 * Repeated tries to start an engine that does not fire: each cranks for some seconds, warms the
 * battery and takes its charge, and is followed by a rest. The engine stays as cold as it was.
 */
public record Tries(List<Try> tries) {
  /** A short try, for the starter's sake (s); common practice. */
  public static final double CRANK_SECONDS = 5;

  /** Rest between tries (s); common practice. */
  public static final double REST_SECONDS = 30;

  private static final int STEPS = 10;

  /** Most tries ever counted. */
  public static final int MOST = 200;

  /** Copies the list. */
  public Tries {
    tries = List.copyOf(tries);
  }

  /**
   * One try.
   *
   * @param point of cranking at its end
   * @param before state of the battery before it
   * @param fastEnough it turns fast enough to fire, with voltage enough
   * @param opens why the battery's protection would open
   */
  public record Try(
      CrankPoint point, ChargeState before, boolean fastEnough, Protection.Cause opens) {}

  /**
   * A given number of tries, whatever comes of them; stops early when the protection opens or the
   * model's lowest trusted charge is reached.
   *
   * @param count 1 to {@link #MOST}
   */
  public static Tries of(
      Cranking cranking, ChargeState from, Optional<Protection> protection, int count) {
    return of(cranking, from, protection, count, false);
  }

  /** As above, but the first that is fast enough is the last. */
  public static Tries untilItStarts(
      Cranking cranking, ChargeState from, Optional<Protection> protection, int count) {
    return of(cranking, from, protection, count, true);
  }

  private static Tries of(
      Cranking cranking,
      ChargeState from,
      Optional<Protection> protection,
      int count,
      boolean untilItStarts) {
    Check.within("tries", count, 1, MOST, "");
    BatteryCircuit battery = cranking.battery();
    double engineC = from.temperatureC();
    double accessoryA = cranking.engine().accessoryA();
    List<Try> tries = new ArrayList<>();
    ChargeState state = from;
    for (int i = 0; i < count && state.charge() > battery.lowestTrustedCharge(); i++) {
      CrankPoint point = cranking.crank(state, engineC);
      double drawn = point.currentA() + accessoryA;
      double charge = state.charge();
      Protection.Cause opens =
          protection
              .map(each -> each.opensAt(point.volts(), charge, drawn, CRANK_SECONDS))
              .orElse(Protection.Cause.NONE);
      boolean starts = cranking.isFastEnough(point, engineC);
      tries.add(new Try(point, state, starts, opens));
      if (opens != Protection.Cause.NONE || (starts && untilItStarts)) {
        break;
      }
      ChargeState cranked = battery.afterSoaking(state, drawn, CRANK_SECONDS, engineC, STEPS);
      state = battery.afterSoaking(cranked, 0, REST_SECONDS, engineC, STEPS);
    }
    return new Tries(tries);
  }

  /** Minutes from the first key to the end of the last try (min). */
  public double minutesToStart() {
    int last = firstThatStarts().orElse(Math.max(1, tries.size()));
    return (last * CRANK_SECONDS + (last - 1) * REST_SECONDS) / 60;
  }

  /**
   * Tries left: how many in a row turn the engine fast enough, counted from the first that does; at
   * most {@link #MOST}.
   */
  public static int left(Cranking cranking, ChargeState from, Optional<Protection> protection) {
    int left = 0;
    for (Try each : of(cranking, from, protection, MOST).tries()) {
      if (each.fastEnough() && each.opens() == Protection.Cause.NONE) {
        left++;
      } else if (left > 0) {
        break;
      }
    }
    return left;
  }

  /** The first try that turns fast enough, counted from 1; empty when none does. */
  public Optional<Integer> firstThatStarts() {
    for (int i = 0; i < tries.size(); i++) {
      if (tries.get(i).fastEnough() && tries.get(i).opens() == Protection.Cause.NONE) {
        return Optional.of(i + 1);
      }
    }
    return Optional.empty();
  }
}
