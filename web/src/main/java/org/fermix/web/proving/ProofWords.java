package org.fermix.web.proving;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.fermix.core.prove.Compared;
import org.fermix.core.prove.Forecast;
import org.fermix.core.prove.Proof;
import org.fermix.core.prove.ProofMeasure;
import org.fermix.core.prove.ProofResult;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** What is said of a proof. */
final class ProofWords {
  private static final double TEMPERATURE_DIGITS = 0;

  private ProofWords() {}

  static String title(ProofMeasure measure) {
    return switch (measure) {
      case REST -> "Rest";
      case TESTER -> "Tester, CCA";
      case CRANKING -> "While cranking";
      case SPEED -> "Turning";
      case PULSES -> "Under load";
      case CAPACITY -> "Run down";
      case PARKED -> "Two weeks parked";
    };
  }

  /** How it is taken, in a phrase. */
  static String how(Compared compared, Display display) {
    Optional<ProofResult> result = compared.fresh().or(compared::old);
    return switch (compared.measure()) {
      case REST ->
          result
              .filter(each -> each.restedHours() > 0)
              .map(each -> display.number(each.restedHours(), 0) + " h at rest")
              .orElse("full, hours after the charge");
      case TESTER ->
          result
              .map(ProofResult::instrument)
              .filter(each -> !each.isBlank())
              .orElse("charged fully before");
      case CRANKING -> temperature(result, display).orElse("steady, not the first dip");
      case SPEED -> "from the beat in a recording";
      case PULSES ->
          result
              .filter(each -> each.setting() > 0)
              .map(
                  each ->
                      each.times()
                          + (each.times() == 1 ? " load of " : " loads of ")
                          + display.show(each.setting(), Unit.AMPERE).text())
              .orElse("15 s each, the same current");
      case CAPACITY ->
          result
              .map(each -> "at " + display.show(each.setting(), Unit.AMPERE, 1).text())
              .orElse("a known load, timed");
      case PARKED ->
          result
              .filter(each -> each.stoodDays() >= 1)
              .map(each -> display.number(each.stoodDays(), 0) + " days without driving")
              .orElse("without driving, then rest volts");
    };
  }

  private static Optional<String> temperature(Optional<ProofResult> result, Display display) {
    return result
        .flatMap(ProofResult::temperatureC)
        .map(each -> "at " + display.show(each, Unit.CELSIUS, (int) TEMPERATURE_DIGITS).text());
  }

  static String value(ProofMeasure measure, double value, Display display) {
    return display.show(value, measure.unit(), digits(measure)).text();
  }

  static int digits(ProofMeasure measure) {
    return switch (measure) {
      case REST, CRANKING, PULSES, PARKED -> 2;
      case TESTER, SPEED -> 0;
      case CAPACITY -> 1;
    };
  }

  static String word(Compared compared) {
    return switch (compared.word()) {
      case NOT_YET -> "not yet";
      case FULL -> "full";
      case NOT_FULL -> "not full";
      case SAYS_LITTLE -> "says little";
      case ONLY_NEW ->
          compared
              .against()
              .map(
                  each ->
                      switch (each) {
                        case AS_FORETOLD -> "as foretold";
                        case MORE -> "more than foretold";
                        case LESS -> "less than foretold";
                      })
              .orElse("nothing beside it");
      case NOT_ALIKE -> "not the same test";
      case CLEARLY_BETTER -> "clearly better";
      case BETTER -> "better";
      case SAME -> "same within the meter";
      case WORSE -> "worse";
    };
  }

  static String style(Compared compared) {
    return switch (compared.word()) {
      case FULL, CLEARLY_BETTER, BETTER -> "is-good";
      case NOT_FULL, WORSE -> "is-bad";
      case ONLY_NEW ->
          compared.against().filter(Compared.Against.LESS::equals).isPresent()
              ? "is-bad"
              : "is-good";
      case NOT_YET, SAYS_LITTLE, NOT_ALIKE, SAME -> "is-open";
    };
  }

  /** How a row comes about, sentence by sentence. */
  static List<String> working(Compared compared, Display display) {
    ProofMeasure measure = compared.measure();
    List<String> said = new ArrayList<>();
    Optional<ProofResult> fresh = compared.fresh();
    if (fresh.isPresent()) {
      compared
          .oldBrought()
          .ifPresent(
              brought -> {
                double was = compared.old().orElseThrow().value();
                if (Math.abs(brought - was) > 0.5 * Math.pow(10, -digits(measure))) {
                  said.add(
                      "Old: "
                          + value(measure, was, display)
                          + ", brought to the new one’s temperature by the slope of the bench’s own"
                          + " models: "
                          + value(measure, brought, display)
                          + ".");
                }
                said.add(
                    value(measure, fresh.get().value(), display)
                        + " − "
                        + value(measure, brought, display)
                        + " = "
                        + signed(measure, fresh.get().value() - brought, display)
                        + "; two such tests of one battery differ by ± "
                        + spread(measure, compared.spread(), display)
                        + " (one standard deviation: meter, repeat, temperature). That is "
                        + display.number((fresh.get().value() - brought) / compared.spread(), 1)
                        + " of them; different from "
                        + display.number(Compared.DIFFERS, 0)
                        + " on, clearly from "
                        + display.number(Compared.CLEARLY, 0)
                        + " on.");
              });
    }
    compared
        .forecast()
        .ifPresent(
            each ->
                said.add(
                    (fresh.isPresent() ? "Foretold when it was taken: " : "Foretold: ")
                        + value(measure, each.value(), display)
                        + ", "
                        + band(measure, each.band(), display)
                        + " eight times in ten"
                        + compared
                            .against()
                            .map(
                                against ->
                                    switch (against) {
                                      case AS_FORETOLD -> "; measured within it.";
                                      case MORE -> "; measured above it.";
                                      case LESS -> "; measured below it.";
                                    })
                            .orElse(".")
                        + floor(measure, each, display)));
    compared.differences().stream()
        .sorted()
        .map(each -> difference(each, measure))
        .forEach(said::add);
    if (compared.word() == Compared.Word.ONLY_NEW) {
      said.add("Of the old one this was not taken, so that only the forecast stands beside it.");
    }
    if (measure == ProofMeasure.TESTER) {
      said.add(
          "A tester estimates from pulses, about a sixth more than the standard test gives; it is"
              + " not that test.");
    }
    return said;
  }

  private static String floor(ProofMeasure measure, Forecast forecast, Display display) {
    return forecast.least() > 0
        ? " Below " + value(measure, forecast.least(), display) + " it would not start."
        : "";
  }

  private static String band(ProofMeasure measure, Band band, Display display) {
    return display.number(band.low(), digits(measure))
        + " to "
        + value(measure, band.high(), display);
  }

  private static String spread(ProofMeasure measure, double spread, Display display) {
    int digits = spread < 1 ? 2 : digits(measure);
    return display.show(spread, measure.unit(), digits).text();
  }

  private static String signed(ProofMeasure measure, double value, Display display) {
    return (value < 0 ? "−" : "+") + value(measure, Math.abs(value), display);
  }

  static String difference(Compared.Difference difference, ProofMeasure measure) {
    return switch (difference) {
      case INSTRUMENT -> "Not the same instrument: two differ more than one does from itself.";
      case TEMPERATURE -> "Not the same temperature; taken into account.";
      case TEMPERATURE_NOT_READ ->
          "A temperature was not read: both are taken as one, as wide as that may be off.";
      case SETTING -> "Not the same current, so the volts cannot be compared.";
      case NOT_CHARGED -> "Not fully charged before, so nothing can be compared.";
      case CHEMISTRY ->
          measure == ProofMeasure.REST
              ? "Two chemistries rest at different volts: only whether each is full counts."
              : "Two chemistries rest at different volts: only the forecast counts.";
      case WAY -> "One was recorded, the other read off a meter.";
    };
  }

  static String headline(Proof proof, boolean handedOver) {
    return switch (proof.outcome()) {
      case NOTHING_YET -> "Nothing of the new one is measured yet.";
      case CHARGE_FIRST -> "Charge it first; nothing else counts before it is full.";
      case TESTS_CONTRADICT -> "Two tests of its rating contradict each other: take both again.";
      case BELOW_RATING -> "It is below its rating: take it back while it can go back.";
      case LESS_THAN_FORETOLD -> "It does less than was foretold.";
      case NO_BETTER -> "It is no better than the old one.";
      case SO_FAR -> handedOver ? "It did what was promised." : "It does what was promised so far.";
      case PROVED -> "It does what was promised.";
    };
  }

  /** The sentences under the headline. */
  static List<String> reasons(Proof proof, Display display) {
    List<String> said = new ArrayList<>();
    switch (proof.outcome()) {
      case NOTHING_YET ->
          said.add(
              "Take rest voltage and tester before it goes in, while it can go back; the start, the"
                  + " load and the fortnight once it is in. Each on the instrument, after the charge"
                  + " and with the leads the old one was measured with.");
      case CHARGE_FIRST ->
          said.add(
              "Shops sell them part charged. Charge it in its mode, let it rest four hours and read"
                  + " again.");
      case TESTS_CONTRADICT ->
          said.add(
              "Charge it fully, clamp on the bare posts, set the tester to the rating and the test"
                  + " the label prints, and draw the current you note.");
      case BELOW_RATING ->
          said.add(
              "Its tests find "
                  + ofRating(proof, display)
                  + " of what its label prints. A battery new and full shows its rating or more.");
      case LESS_THAN_FORETOLD ->
          said.add(
              "Its rating is not what falls short. First look at the joints and leads it cranks"
                  + " through, then at drain and charging; the check measures all three.");
      case NO_BETTER ->
          said.add(
              "Where they could be compared the new one shows no more: then the old one was not the"
                  + " trouble alone. Look at joints, starter and charging before more is bought.");
      case SO_FAR, PROVED ->
          proof
              .ofRating()
              .ifPresent(
                  rated ->
                      said.add("Its tests find " + ofRating(proof, display) + " of its rating."));
    }
    String foretold =
        proof.compared().stream()
            .filter(
                each ->
                    each.measure() == ProofMeasure.CRANKING || each.measure() == ProofMeasure.SPEED)
            .filter(each -> each.fresh().isPresent() && each.forecast().isPresent())
            .map(
                each ->
                    value(each.measure(), each.forecast().orElseThrow().value(), display)
                        + ", measured "
                        + value(each.measure(), each.fresh().orElseThrow().value(), display))
            .collect(Collectors.joining("; "));
    if (!foretold.isEmpty()) {
      said.add(
          "Foretold"
              + proof.compared().stream()
                  .filter(each -> each.measure() == ProofMeasure.CRANKING)
                  .flatMap(each -> each.fresh().stream())
                  .flatMap(each -> each.temperatureC().stream())
                  .findFirst()
                  .map(each -> " at " + display.show(each, Unit.CELSIUS, 0).text())
                  .orElse("")
              + ": "
              + foretold
              + ".");
    }
    return said;
  }

  static String ofRating(Proof proof, Display display) {
    Proof.Rated rated = proof.ofRating().orElseThrow();
    return display.number(100 * rated.band().low(), 0)
        + " to "
        + display.number(100 * rated.band().high(), 0)
        + " %";
  }
}
