package org.fermix.core.reserve;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Roots;

/**
 * A discharge in time under any load, until the voltage the load needs is no longer there: the
 * picture of fading or falling off a cliff. Steps of the two-well circuit, each exact for its
 * current; the current of a power or resistance load is solved at every step. Below 25 °C a slow
 * discharge of lithium and sodium loses a further share of capacity (docs/model.md, section 3).
 *
 * @param points from the switching on to the end, evenly spaced in time
 * @param hours until the end (h), at most {@link EngineOff#LONGEST_HOURS}
 * @param ampHours given (Ah)
 * @param wattHours given (Wh)
 */
public record Discharge(
    List<Point> points, double hours, double ampHours, double wattHours, Ending ending) {
  private static final int STEPS = 600;
  private static final int POINTS = 61;

  /** What ended it. */
  public enum Ending {
    /** The voltage fell to what the load needs. */
    VOLTS,
    /** The charge to be kept was reached. */
    CHARGE_KEPT,
    /** Neither within the longest time answered. */
    NONE
  }

  /** Copies the list. */
  public Discharge {
    points = List.copyOf(points);
  }

  /** One moment of it. */
  public record Point(double hours, double volts, double currentA, double charge) {}

  /**
   * A discharge.
   *
   * @param keptCharge surface charge kept for a start, 0 to 1
   * @param endVolts lowest terminal voltage the load accepts (V)
   */
  public static Discharge of(
      BatteryCircuit battery, ChargeState from, Load load, double keptCharge, double endVolts) {
    Check.within("charge kept", keptCharge, 0, 1, "");
    double usable = slowShare(battery, from.temperatureC());
    double roughA = Math.max(1e-3, load.amps(battery.restVolts(from)));
    double rough = battery.capacityAmpHours() / roughA;
    double step = Math.min(EngineOff.LONGEST_HOURS, 1.3 * rough) / STEPS;
    Run run = new Run(battery, load, usable, keptCharge, endVolts);
    run.go(from, step);
    return run.sampled();
  }

  /** Share of capacity a slow discharge still yields in the cold (1). */
  public static double slowShare(BatteryCircuit battery, double temperatureC) {
    return 1 - battery.chemistry().circuit().lowRateColdLoss() * Math.max(0, 25 - temperatureC);
  }

  /**
   * Hours between a voltage at which the load is noticed to fade and the end (h): the warning the
   * owner gets. Empty when it never shows more than that voltage.
   *
   * @param noticedVolts for example 11.8 V, where lamps dim
   */
  public OptionalDouble warningHours(double noticedVolts) {
    for (Point point : points) {
      if (point.volts() < noticedVolts) {
        return point.hours() == 0
            ? OptionalDouble.empty()
            : OptionalDouble.of(hours - point.hours());
      }
    }
    return OptionalDouble.of(0);
  }

  private static final class Run {
    private final BatteryCircuit battery;
    private final Load load;
    private final double usable;
    private final double keptCharge;
    private final double endVolts;
    private final List<Point> all = new ArrayList<>();
    private double ampHours;
    private double wattHours;
    private Ending ending = Ending.NONE;

    Run(BatteryCircuit battery, Load load, double usable, double keptCharge, double endVolts) {
      this.battery = battery;
      this.load = load;
      this.usable = usable;
      this.keptCharge = keptCharge;
      this.endVolts = endVolts;
    }

    void go(ChargeState from, double firstStepHours) {
      ChargeState state = from;
      double hours = 0;
      double step = firstStepHours;
      double finest = firstStepHours / 256;
      add(hours, state);
      if (fails(state)) {
        return;
      }
      while (hours < EngineOff.LONGEST_HOURS) {
        double currentA = amps(state);
        ChargeState next = battery.after(state, currentA / usable, step * 3600);
        if (fails(next)) {
          // The end lies within this step: go on in finer ones until it is pinned down.
          if (step <= finest) {
            return;
          }
          step /= 4;
          continue;
        }
        double volts = battery.slowVolts(next, amps(next));
        ampHours += currentA * step;
        wattHours += currentA * volts * step;
        hours += step;
        state = next;
        add(hours, state);
      }
      ending = Ending.NONE;
    }

    private boolean fails(ChargeState state) {
      if (battery.surfaceCharge(state) < keptCharge) {
        ending = Ending.CHARGE_KEPT;
        return true;
      }
      if (battery.surfaceCharge(state) <= 0 || battery.slowVolts(state, amps(state)) < endVolts) {
        ending = Ending.VOLTS;
        return true;
      }
      return false;
    }

    private void add(double hours, ChargeState state) {
      double currentA = amps(state);
      all.add(new Point(hours, battery.slowVolts(state, currentA), currentA, state.charge()));
    }

    /** The current at which load and battery agree; a power load meets the end voltage at most. */
    private double amps(ChargeState state) {
      if (load instanceof Load.Current current) {
        return current.currentA();
      }
      double atRest = battery.restVolts(state);
      double low = Math.min(atRest, 1);
      if (load.amps(low) < 1e-9) {
        return 0;
      }
      double floor = Math.min(endVolts, atRest) * 0.9;
      double atFloor = battery.slowVolts(state, load.amps(floor)) - floor;
      if (atFloor <= 0) {
        return load.amps(floor);
      }
      double volts =
          Roots.crossing(
              each -> battery.slowVolts(state, load.amps(each)) - each, floor, atRest + 1e-9, 1e-6);
      return load.amps(volts);
    }

    Discharge sampled() {
      Point last = all.get(all.size() - 1);
      List<Point> points = new ArrayList<>();
      int at = 0;
      for (int i = 0; i < POINTS; i++) {
        double hours = last.hours() * i / (POINTS - 1);
        while (at < all.size() - 1 && all.get(at + 1).hours() <= hours) {
          at++;
        }
        points.add(all.get(i == POINTS - 1 ? all.size() - 1 : at));
      }
      return new Discharge(points, last.hours(), ampHours, wattHours, ending);
    }
  }
}
