package org.fermix.core.bench;

import java.util.function.DoubleFunction;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.CrankPoint;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Engine;
import org.fermix.core.quantity.Spread;

/**
 * How one candidate's cranking answers to what is uncertain, near the conditions asked: speed and
 * voltage as sums of parabolas, one an input, each through three answers of the full model (a
 * response surface without cross terms). Thousands of futures are then asked in microseconds; a
 * test holds them against the full model.
 */
final class Surface {
  /** How far from the middle the outer two answers are taken, in standard deviations. */
  private static final double REACH = 1.5;

  private final CrankPoint middle;
  private final Parabola drag;
  private final Parabola winding;
  private final Parabola counterVolts;
  private final Parabola leads;
  private final Parabola temperature;
  private final Parabola resistance;
  private final Parabola state;

  /**
   * The surface round a state.
   *
   * @param states the battery's state as a function of how far the uncertain charge is from the
   *     middle, in its own unit
   * @param lowest the least value of that which may be asked
   * @param highest the greatest
   */
  Surface(
      BatteryCircuit circuit,
      Engine engine,
      double engineC,
      DoubleFunction<ChargeState> states,
      double lowest,
      double highest) {
    ChargeState here = states.apply(0);
    middle = new Cranking(circuit, engine).crankBeyondStall(here, engineC);
    double left = engine.departure().spreadLeft();
    double resistanceSigma = circuit.resistanceSigma();
    drag =
        parabola(
            x ->
                crank(
                    circuit,
                    departing(engine, Math.exp(x * Spread.DRAG.sigma() * left), 1, 1, 1),
                    here));
    winding =
        parabola(
            x ->
                crank(
                    circuit,
                    departing(engine, 1, Math.exp(x * Spread.WINDING.sigma() * left), 1, 1),
                    here));
    counterVolts =
        parabola(
            x ->
                crank(
                    circuit,
                    departing(engine, 1, 1, Math.exp(x * Spread.COUNTER_VOLTS.sigma() * left), 1),
                    here));
    leads =
        parabola(
            x ->
                crank(
                    circuit,
                    departing(engine, 1, 1, 1, Math.exp(x * Spread.LEADS.sigma() * left)),
                    here));
    temperature =
        parabola(
            x ->
                crank(
                    circuit,
                    engine,
                    new ChargeState(
                        here.charge(),
                        here.imbalance(),
                        here.temperatureC() + x * Spread.TEMPERATURE.sigma())));
    resistance =
        parabola(x -> crank(circuit.withResistance(Math.exp(x * resistanceSigma)), engine, here));
    state = new Parabola(lowest, highest, x -> crank(circuit, engine, states.apply(x)), middle);
  }

  private static CrankPoint crank(BatteryCircuit circuit, Engine engine, ChargeState from) {
    return new Cranking(circuit, engine).crankBeyondStall(from, from.temperatureC());
  }

  private static Engine departing(
      Engine engine, double drag, double winding, double counterVolts, double leads) {
    Departure known = engine.departure();
    return engine.departing(
        new Departure(
            known.drag() * drag,
            known.winding() * winding,
            known.counterVolts() * counterVolts,
            known.leads() * leads,
            known.fireSpeed(),
            known.spreadLeft()));
  }

  private Parabola parabola(DoubleFunction<CrankPoint> answer) {
    return new Parabola(-REACH, REACH, answer, middle);
  }

  /** Cranking speed in a future (rpm); negative beyond the stall. */
  double rpm(Draw draw, Draw.Own own, double stateShift) {
    return middle.rpm()
        + drag.rpm(draw.drag())
        + winding.rpm(draw.winding())
        + counterVolts.rpm(draw.counterVolts())
        + leads.rpm(draw.leads())
        + temperature.rpm(draw.temperature())
        + resistance.rpm(own.resistance())
        + state.rpm(stateShift);
  }

  /** Terminal voltage in a future (V). */
  double volts(Draw draw, Draw.Own own, double stateShift) {
    return middle.volts()
        + drag.volts(draw.drag())
        + winding.volts(draw.winding())
        + counterVolts.volts(draw.counterVolts())
        + leads.volts(draw.leads())
        + temperature.volts(draw.temperature())
        + resistance.volts(own.resistance())
        + state.volts(stateShift);
  }

  /** Departure from the middle along one input: a x + b x² through three answers. */
  private static final class Parabola {
    private final double rpmSlope;
    private final double rpmBend;
    private final double voltsSlope;
    private final double voltsBend;

    Parabola(double low, double high, DoubleFunction<CrankPoint> answer, CrankPoint middle) {
      CrankPoint below = answer.apply(low);
      CrankPoint above = answer.apply(high);
      rpmBend = bend(low, below.rpm() - middle.rpm(), high, above.rpm() - middle.rpm());
      rpmSlope = (above.rpm() - middle.rpm()) / high - rpmBend * high;
      voltsBend = bend(low, below.volts() - middle.volts(), high, above.volts() - middle.volts());
      voltsSlope = (above.volts() - middle.volts()) / high - voltsBend * high;
    }

    private static double bend(double low, double atLow, double high, double atHigh) {
      return (atHigh / high - atLow / low) / (high - low);
    }

    double rpm(double x) {
      return x * (rpmSlope + x * rpmBend);
    }

    double volts(double x) {
      return x * (voltsSlope + x * voltsBend);
    }
  }
}
