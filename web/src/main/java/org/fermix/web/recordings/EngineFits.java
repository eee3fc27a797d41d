package org.fermix.web.recordings;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.bench.Bench;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.RestVoltage;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.Need;
import org.fermix.core.prove.EngineFit;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.web.check.Checks;
import org.fermix.web.job.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.machine.FittedEngine;
import org.fermix.web.machine.Machines;
import org.fermix.web.need.Needs;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Fits a machine's own engine from a recorded start. */
@Service
class EngineFits {
  private static final double USUAL_CHARGE = 0.9;

  private final Machines machines;
  private final LineUp lineUp;
  private final Needs needs;
  private final Checks checks;

  EngineFits(Machines machines, LineUp lineUp, Needs needs, Checks checks) {
    this.machines = machines;
    this.lineUp = lineUp;
    this.needs = needs;
    this.checks = checks;
  }

  /**
   * What a start was recorded with.
   *
   * @param temperatureC of engine and battery, −40 to 60 °C
   * @param charge 0.05 to 1; empty where it is to be taken from the voltage before the key
   */
  record Setting(Candidate battery, double temperatureC, OptionalDouble charge) {}

  /** The batteries a start may have been recorded with. */
  List<Candidate> batteries(OpenJob job) {
    return lineUp.candidates(job);
  }

  /**
   * Fits the engine as described, keeps the result and lets it count.
   *
   * @throws IllegalArgumentException saying what does not fit together
   */
  @Transactional
  void fit(OpenJob job, Recording recording, Setting setting) {
    Engine engine = job.engineByClass();
    BatteryCircuit circuit = circuit(job, setting.battery());
    Given charge = charge(recording, setting, circuit);
    EngineFit fit =
        EngineFit.of(
            recording.found(),
            circuit,
            engine,
            ChargeState.rested(charge.value(), setting.temperatureC()));
    machines.keepFit(
        job.garageId(),
        job.machineId(),
        new FittedEngine(
            fit.departure().drag(),
            fit.departure().counterVolts(),
            fit.departure().spreadLeft(),
            recording.found().rpm(engine).orElseThrow(),
            fit.rpmResidual(),
            fit.currentA(),
            fit.currentRecorded(),
            setting.temperatureC(),
            charge.value(),
            charge.origin(),
            setting.battery().letter() + ", " + setting.battery().label().name(),
            recording.name(),
            engine.engineClass().id(),
            engine.displacementLitres(),
            engine.cylinders()));
  }

  /**
   * Typed, else by the voltage before the starter where it tells, else usual. What ignition and
   * pumps drew then is taken off, where it was recorded.
   */
  private static Given charge(Recording recording, Setting setting, BatteryCircuit circuit) {
    if (setting.charge().isPresent()) {
      return Given.typed(setting.charge().getAsDouble(), Unit.SHARE);
    }
    Chemistry chemistry = setting.battery().label().chemistry();
    double restVolts =
        recording.found().restVolts()
            + circuit.resistanceOhm() * Math.max(0, recording.found().restAmps().orElse(0.0));
    RestVoltage.Rested judged =
        new RestVoltage(
                Math.max(0, Math.min(40, restVolts)),
                RestVoltage.REST_HOURS,
                false,
                setting.temperatureC())
            .judge(chemistry, circuit.series());
    return switch (judged.worth()) {
      case TELLS_CHARGE ->
          Given.derived(
              0.5 * (judged.charge().low() + judged.charge().high()),
              Unit.SHARE,
              "from the voltage before the starter");
      case NOT_RESTED, SAYS_LITTLE ->
          Given.assumed(USUAL_CHARGE, Unit.SHARE, "the voltage before the key does not tell it");
      case CELL_SHORT, NEAR_ZERO ->
          throw new IllegalArgumentException(
              String.format(
                  Locale.ROOT,
                  "the battery showed %.1f V before the key, too little for a start that tells of"
                      + " the engine; type its charge if you know better",
                  restVolts));
    };
  }

  private BatteryCircuit circuit(OpenJob job, Candidate battery) {
    BatteryCircuit whenNew = BatteryCircuit.of(battery.label());
    if (!battery.isToday()) {
      return whenNew;
    }
    Optional<Double> share = checks.measuredShare(job);
    if (share.isPresent()) {
      return whenNew.measured(share.get());
    }
    Need need = needs.of(job);
    return whenNew.worn(Bench.life(need, battery).healthAt(battery.ageYears()));
  }

  /**
   * What a fit changes: the chance of today's battery, or the first compared, on the coldest
   * morning.
   *
   * @param byClass chance with the engine of its class (1)
   * @param byFit chance with the fitted one (1)
   */
  record Change(
      String battery,
      double temperatureC,
      double byClass,
      double byFit,
      double rpmByClass,
      double rpmByFit) {}

  /** What the stored fit changes, where there is a battery to show it on. */
  @Transactional(readOnly = true)
  Optional<Change> change(OpenJob job) {
    Engine byClass = job.engineByClass();
    return job.knowledge()
        .fitted()
        .filter(fit -> fit.isOf(byClass))
        .flatMap(
            fit ->
                batteries(job).stream()
                    .findFirst()
                    .map(battery -> change(job, battery, byClass, fit)));
  }

  private Change change(OpenJob job, Candidate battery, Engine byClass, FittedEngine fit) {
    double coldestC = needs.of(job).climate().coldestMorningC().value();
    ChargeState cold = ChargeState.rested(USUAL_CHARGE, coldestC);
    BatteryCircuit circuit = circuit(job, battery);
    Cranking usual = new Cranking(circuit, byClass);
    Cranking own = new Cranking(circuit, byClass.departing(fit.departure()));
    return new Change(
        battery.label().name(),
        coldestC,
        Cranking.chance(usual.sureness(cold)),
        Cranking.chance(own.sureness(cold)),
        usual.crank(cold).rpm(),
        own.crank(cold).rpm());
  }
}
