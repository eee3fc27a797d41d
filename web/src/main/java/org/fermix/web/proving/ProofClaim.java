package org.fermix.web.proving;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.label.Label;
import org.fermix.core.prove.Compared;
import org.fermix.core.prove.ProofMeasure;
import org.fermix.core.prove.ProofResult;
import org.fermix.core.quantity.Unit;
import org.fermix.web.check.TakenReading;
import org.fermix.web.shared.Display;

/**
 * The wording of a claim for a new battery below its rating: figures, how they were taken, a wish.
 */
final class ProofClaim {
  private ProofClaim() {}

  static String of(Proofs.State state, Display display) {
    Label label = state.coming().label();
    List<String> lines = new ArrayList<>();
    lines.add("Claim for a new battery");
    lines.add("");
    lines.add(
        "The battery “"
            + label.name()
            + "” is marked "
            + display.show(label.cranking().amps(), Unit.AMPERE).text()
            + " "
            + label.cranking().test().label()
            + ". Measured new:");
    lines.add("");
    for (Compared each : state.proof().compared()) {
      each.fresh()
          .filter(
              result ->
                  each.measure() == ProofMeasure.REST
                      || each.measure() == ProofMeasure.TESTER
                      || each.measure() == ProofMeasure.PULSES
                      || each.measure() == ProofMeasure.CAPACITY)
          .ifPresent(result -> lines.add(line(state, each.measure(), result, display)));
    }
    lines.add("");
    lines.add(
        "Together this is "
            + ProofWords.ofRating(state.proof(), display)
            + " of the marked figure, eight times in ten. A tester or a load at home estimates; it is"
            + " not the test the mark names. I ask you to test it on your own instrument, fully"
            + " charged, and to exchange it if it is below its mark.");
    lines.add("");
    lines.add(
        "Fitted: " + (state.handedOver().isPresent() ? "yes" : "no") + ". Bought on: ________");
    return String.join("\n", lines) + "\n";
  }

  private static String line(
      Proofs.State state, ProofMeasure measure, ProofResult result, Display display) {
    StringBuilder line = new StringBuilder("- ");
    line.append(ProofWords.title(measure))
        .append(": ")
        .append(ProofWords.value(measure, result.value(), display));
    if (measure == ProofMeasure.TESTER) {
      line.append(", set to ")
          .append(display.show(result.setting(), Unit.AMPERE).text())
          .append(" ")
          .append(result.test().label());
    }
    if (measure == ProofMeasure.PULSES) {
      line.append(" after ")
          .append(result.times())
          .append(result.times() == 1 ? " load of " : " loads of ")
          .append(display.show(result.setting(), Unit.AMPERE).text())
          .append(" for 15 s");
    }
    if (measure == ProofMeasure.REST) {
      line.append(", ")
          .append(display.number(result.restedHours(), 0))
          .append(" h after the charge");
    } else {
      line.append(result.charged() ? ", charged fully before" : ", not fully charged");
    }
    result
        .temperatureC()
        .ifPresent(each -> line.append(", at ").append(display.show(each, Unit.CELSIUS, 0).text()));
    if (!result.instrument().isBlank()) {
      line.append(", by ").append(result.instrument());
    }
    TakenReading reading = state.freshReadings().get(measure);
    if (reading != null) {
      line.append(", ").append(display.moment(reading.takenAt()));
    }
    return line.append(".").toString();
  }
}
