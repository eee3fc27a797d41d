package org.fermix.web.enginefit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.prove.RecordedStart;
import org.fermix.core.quantity.Unit;
import org.fermix.web.job.OpenJob;
import org.fermix.web.machine.EngineKnowledge;
import org.fermix.web.machine.FittedEngine;
import org.fermix.web.shared.Display;

/**
 * A machine's fitted engine as it is shown.
 *
 * @param state is-on, is-off, or is-other when the machine is described otherwise now
 * @param lines what was found, with what it rests on
 */
record EngineFitView(String headline, String state, List<Line> lines, String doubt) {

  /** One line of the working. */
  record Line(String meaning, String value, String origin) {}

  static Optional<EngineFitView> of(
      OpenJob job, Optional<EngineFits.Change> change, Display display) {
    EngineKnowledge knowledge = job.knowledge();
    return knowledge.fitted().map(fit -> of(job, knowledge, fit, change, display));
  }

  private static EngineFitView of(
      OpenJob job,
      EngineKnowledge knowledge,
      FittedEngine fit,
      Optional<EngineFits.Change> change,
      Display display) {
    List<Line> lines = new ArrayList<>();
    lines.add(
        new Line("Recording", fit.recordingName(), "fitted " + display.moment(knowledge.madeAt())));
    lines.add(new Line("Battery it was recorded with", fit.batteryName(), "chosen"));
    lines.add(
        new Line(
            "Temperature of engine and battery",
            display.show(fit.temperatureC(), Unit.CELSIUS, 0).text(),
            "typed"));
    lines.add(
        new Line(
            "Charge of the battery",
            percent(fit.charge()),
            switch (fit.chargeOrigin()) {
              case TYPED -> "typed";
              case DERIVED -> "from the voltage before the starter";
              default -> "assumed";
            }));
    lines.add(
        new Line(
            "Cranking speed",
            display.show(fit.rpm(), Unit.RPM, 0).text(),
            "beat of the recording"));
    lines.add(
        new Line(
            "Starter current",
            display.show(fit.currentA(), Unit.AMPERE, 0).text(),
            fit.currentRecorded() ? "recorded" : "worked out from the battery’s own circuit"));
    lines.add(
        new Line(
            "Drag against " + job.description(),
            percent(fit.drag()),
            "0.85 kE (I − I₀) over the drag of the class"));
    lines.add(
        new Line(
            "Starter’s counter-voltage against its class",
            percent(fit.counterVolts()),
            "kE = (V − I R − 1.4 V) / ω"));
    lines.add(
        new Line(
            "Residual: fitted engine’s speed less that recorded",
            signed(fit.rpmResidual(), display),
            Math.round(100 * Math.abs(fit.rpmResidual()) / fit.rpm()) + " % of the speed"));
    lines.add(
        new Line(
            "Spread of the cold answers left",
            percent(fit.spreadLeft()),
            "of that of an engine known by its class; docs/model.md, section 10"));
    change.ifPresent(
        each -> {
          RecordedStart.Change cold = each.change();
          lines.add(
              new Line(
                  each.battery()
                      + " at "
                      + display.show(cold.temperatureC(), Unit.CELSIUS, 0).text()
                      + ", chance to start",
                  percent(cold.byClass()) + " → " + percent(cold.byFit()),
                  "by the class → by this engine"));
          lines.add(
              new Line(
                  "and speed",
                  display.show(cold.rpmByClass(), Unit.RPM, 0).text()
                      + " → "
                      + display.show(cold.rpmByFit(), Unit.RPM, 0).text(),
                  "at nine tenths of charge"));
        });
    return new EngineFitView(
        headline(knowledge.use(), fit), state(knowledge.use()), lines, doubt(fit));
  }

  private static String headline(EngineKnowledge.Use use, FittedEngine fit) {
    return switch (use) {
      case ON -> "The bench reckons with this engine, as “" + fit.recordingName() + "” shows it.";
      case OFF -> "Switched off: the bench reckons with the usual engine of its class.";
      case OTHER_ENGINE, NONE ->
          "Set aside: the machine is described with another engine now. Fit it again from a recording.";
    };
  }

  private static String state(EngineKnowledge.Use use) {
    return switch (use) {
      case ON -> "is-on";
      case OFF -> "is-off";
      case OTHER_ENGINE, NONE -> "is-other";
    };
  }

  private static String doubt(FittedEngine fit) {
    if (fit.isOdd()) {
      return "That is far from its class. Before you trust it, check displacement, cylinders, oil,"
          + " temperature and the battery chosen; a loose lead shows the same way. It counts"
          + " only once you switch it on.";
    }
    return fit.isOff()
        ? "The fitted engine does not turn at the recorded speed within a tenth: battery, charge or"
            + " temperature are not quite what was said. It counts only once you switch it on."
        : "";
  }

  private static String signed(double rpm, Display display) {
    return (rpm >= 0 ? "+" : "") + display.show(rpm, Unit.RPM, 0).text();
  }

  private static String percent(double share) {
    return Math.round(100 * share) + " %";
  }
}
