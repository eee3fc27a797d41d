package org.fermix.web.enginefit;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.bench.AsItIs;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Engine;
import org.fermix.core.prove.EngineFit;
import org.fermix.core.prove.RecordedStart;
import org.fermix.web.check.Checks;
import org.fermix.web.job.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.machine.FittedEngine;
import org.fermix.web.machine.Machines;
import org.fermix.web.need.Needs;
import org.fermix.web.recordings.Recording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Fits a machine's own engine from a recorded start. */
@Service
class EngineFits {
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
   * @throws org.fermix.core.prove.Refused saying what does not fit together
   */
  @Transactional
  void fit(OpenJob job, Recording recording, Setting setting) {
    Engine engine = job.engineByClass();
    RecordedStart start =
        RecordedStart.of(
            recording.found(),
            circuit(job, setting.battery()),
            setting.temperatureC(),
            setting.charge());
    EngineFit fit = start.fit(engine);
    machines.keepFit(
        job.garageId(),
        job.machineId(),
        new FittedEngine(
            fit.departure().drag(),
            fit.departure().counterVolts(),
            fit.departure().spreadLeft(),
            fit.rpm(),
            fit.rpmResidual(),
            fit.currentA(),
            fit.currentRecorded(),
            setting.temperatureC(),
            start.charge().value(),
            start.charge().origin(),
            setting.battery().letter() + ", " + setting.battery().label().name(),
            recording.name(),
            engine.engineClass().id(),
            engine.displacementLitres(),
            engine.cylinders()));
  }

  private BatteryCircuit circuit(OpenJob job, Candidate battery) {
    return battery.isToday()
        ? AsItIs.today(needs.of(job), battery.with(checks.tested(job))).circuit()
        : BatteryCircuit.of(battery.label());
  }

  /** What a fit changes for one battery: today's, or the first compared, on the coldest morning. */
  record Change(String battery, RecordedStart.Change change) {}

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
                    .map(
                        battery ->
                            new Change(
                                battery.label().name(),
                                RecordedStart.change(
                                    circuit(job, battery),
                                    byClass,
                                    fit.departure(),
                                    needs.of(job).climate().coldestMorningC().value()))));
  }
}
