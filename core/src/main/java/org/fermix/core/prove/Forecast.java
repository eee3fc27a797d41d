package org.fermix.core.prove;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.diagnosis.PulseTest;
import org.fermix.core.diagnosis.TesterReading;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.Protection;
import org.fermix.core.electrical.StartMargin;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Seasons;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Spread;
import org.fermix.core.storage.Drain;
import org.fermix.core.storage.Parking;
import org.fermix.core.storage.Storage;

/**
 * What the models the bench asks say of a test before it is taken: the same circuit, engine and
 * storage, at the temperature and with the setting of the test.
 *
 * @param value in the measure's unit
 * @param sigma one standard deviation of what goes into it, in the same unit
 * @param least below this the machine is not served, in the same unit; 0 where nothing asks
 */
public record Forecast(double value, double sigma, double least) {
  /** Charge of a battery that was charged fully and has rested (1); engineering estimate. */
  public static final double FULL = 0.97;

  /** A load's temperature, where nobody has read it (°C). */
  public static final double ROOM_C = 20;

  private static final double LOAD_SECONDS = 15;
  private static final double LOAD_PAUSE_SECONDS = 60;

  /** Where it lies eight times in ten. */
  public Band band() {
    return new Band(value - Band.SIGMAS * sigma, value + Band.SIGMAS * sigma);
  }

  /**
   * The forecast of a measure for a new battery in a machine.
   *
   * @param taken how the test was or will be taken; its value only counts for a capacity run, whose
   *     share it speaks of
   * @return empty where the models say nothing of it
   */
  static Optional<Forecast> of(ProofMeasure measure, Need need, Label label, ProofResult taken) {
    if (!measure.isOfTemperature() || taken.temperatureC().isPresent()) {
      return known(measure, need, label, taken);
    }
    // Nobody has read the temperature: a room's is assumed, as wide as that may be off.
    double apart = Spread.TEMPERATURE_NOT_READ.sigma();
    Optional<Forecast> colder = known(measure, need, label, taken.at(ROOM_C - apart));
    Optional<Forecast> warmer = known(measure, need, label, taken.at(ROOM_C + apart));
    return known(measure, need, label, taken.at(ROOM_C))
        .map(
            each ->
                new Forecast(
                    each.value(),
                    Math.hypot(
                        each.sigma(),
                        0.5 * (warmer.orElse(each).value() - colder.orElse(each).value())),
                    each.least()));
  }

  private static Optional<Forecast> known(
      ProofMeasure measure, Need need, Label label, ProofResult taken) {
    double temperatureC = taken.temperatureC().orElse(usualC(measure, need));
    BatteryCircuit circuit = BatteryCircuit.of(label);
    ChargeState full = ChargeState.rested(FULL, temperatureC);
    return switch (measure) {
      case REST ->
          Optional.of(new Forecast(circuit.restVolts(full), restSigma(circuit.series()), 0));
      case TESTER -> tester(circuit, taken);
      case CRANKING, SPEED -> cranking(measure, need, label, circuit, temperatureC);
      case PULSES ->
          taken.setting() <= 0
              ? Optional.empty()
              : Optional.of(pulses(circuit, taken, temperatureC));
      case CAPACITY ->
          taken
              .share()
              .map(
                  share -> {
                    double whole = taken.value() / share;
                    return new Forecast(
                        whole, whole * Spread.capacity(label.capacity()).sigma(), 0);
                  });
      case PARKED -> Optional.of(parked(need, label, circuit, taken, temperatureC));
    };
  }

  private static double usualC(ProofMeasure measure, Need need) {
    return measure == ProofMeasure.PARKED ? need.climate().yearMeanC() : ROOM_C;
  }

  private static double restSigma(double series) {
    return series * Spread.REST_VOLTS_OF_A_CHARGE.sigma();
  }

  private static Optional<Forecast> tester(BatteryCircuit circuit, ProofResult taken) {
    if (!circuit.chemistry().isLead()) {
      return Optional.empty();
    }
    double amps = TesterReading.SHOWS_MORE * circuit.ratedAmps(taken.test());
    double sigma = Math.hypot(circuit.resistanceSigma(), Spread.TESTER_BIAS.sigma());
    return Optional.of(new Forecast(amps, amps * sigma, 0));
  }

  private static Optional<Forecast> cranking(
      ProofMeasure measure, Need need, Label label, BatteryCircuit circuit, double temperatureC) {
    if (!need.engine().turns()) {
      return Optional.empty();
    }
    Cranking cranking = new Cranking(circuit, need.engine(), Protection.of(label));
    StartMargin margin = cranking.margin(ChargeState.rested(FULL, temperatureC));
    return Optional.of(
        measure == ProofMeasure.SPEED
            ? new Forecast(margin.point().rpm(), margin.rpmSigma(), margin.neededRpm())
            : new Forecast(margin.point().volts(), margin.voltsSigma(), cranking.voltageFloor()));
  }

  private static Forecast pulses(BatteryCircuit circuit, ProofResult taken, double temperatureC) {
    List<Double> each = Collections.nCopies(taken.times(), taken.value());
    double rested = circuit.restVolts(ChargeState.rested(FULL, temperatureC));
    PulseTest test =
        new PulseTest(
            taken.setting(),
            LOAD_SECONDS,
            LOAD_PAUSE_SECONDS,
            each,
            rested,
            rested,
            FULL,
            temperatureC);
    double factor = Math.exp(circuit.resistanceSigma());
    return new Forecast(
        test.expectedVolts(circuit),
        0.5
            * (test.expectedVolts(circuit.withResistance(1 / factor))
                - test.expectedVolts(circuit.withResistance(factor))),
        0);
  }

  private static Forecast parked(
      Need need, Label label, BatteryCircuit circuit, ProofResult taken, double temperatureC) {
    Chemistry chemistry = label.chemistry();
    double drainMilliamps = need.use().drainMilliamps().value();
    Parking parking =
        new Storage(
                chemistry,
                Plates.of(
                    need.engine().engineClass().traits().powersport(),
                    label.mass().value() / need.engine().series()),
                label.capacity().value(),
                Drain.steady(drainMilliamps),
                Seasons.steady(temperatureC),
                0,
                0)
            .first();
    double days = taken.stoodDays() > 0 ? taken.stoodDays() : ProofMeasure.PARKED_DAYS;
    double left = parking.chargeAfter(FULL, days);
    double bySelf =
        left - parking.scaled(Math.exp(Spread.SELF_DISCHARGE.sigma()), 1).chargeAfter(FULL, days);
    double byDrain =
        left
            - parking
                .scaled(1, Math.exp(Spread.drain(need.use().drainMilliamps()).sigma()))
                .chargeAfter(FULL, days);
    double sigma = Math.hypot(bySelf, byDrain);
    double high = circuit.restVolts(ChargeState.rested(Math.min(1, left + sigma), temperatureC));
    double low = circuit.restVolts(ChargeState.rested(Math.max(0, left - sigma), temperatureC));
    return new Forecast(
        circuit.restVolts(ChargeState.rested(left, temperatureC)),
        Math.hypot(0.5 * (high - low), restSigma(circuit.series())),
        0);
  }
}
