package org.fermix.web.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.fermix.core.check.Suspect;
import org.fermix.core.diagnosis.ChargingVolts;
import org.fermix.core.diagnosis.CrankingVolts;
import org.fermix.core.diagnosis.DrainReading;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.LoadTest;
import org.fermix.core.diagnosis.PulseTest;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.diagnosis.RestVoltage;
import org.fermix.core.diagnosis.SpecificGravities;
import org.fermix.core.diagnosis.Symptom;
import org.fermix.core.diagnosis.TesterReading;
import org.fermix.core.diagnosis.VoltageDrop;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.shared.Display;

/**
 * What the core says of one reading, and in words.
 *
 * @param evidence empty where it settles nothing
 * @param more what it says besides, where it says several things
 * @param words one or two sentences
 * @param crankingShare share of the rated cranking amps it found, where it found one
 * @param capacityShare share of the capacity it found, where it found one
 */
record Judgement(
    Optional<Evidence> evidence,
    List<Evidence> more,
    String words,
    Optional<Double> crankingShare,
    Optional<Double> capacityShare) {
  /** Copies the list. */
  Judgement {
    more = List.copyOf(more);
  }

  /** A reading that says one thing at most. */
  Judgement(
      Optional<Evidence> evidence,
      String words,
      Optional<Double> crankingShare,
      Optional<Double> capacityShare) {
    this(evidence, List.of(), words, crankingShare, capacityShare);
  }

  /** A reading that says nothing of capacity. */
  Judgement(Optional<Evidence> evidence, String words, Optional<Double> crankingShare) {
    this(evidence, words, crankingShare, Optional.empty());
  }

  static final double ROOM_C = 20;

  /** Charge of a battery that was charged and rested before its pulses (1). */
  private static final double PULSED_CHARGE = 0.9;

  static Judgement of(ReadingKind kind, Facts facts, Suspect suspect, Display display) {
    return switch (kind) {
      case SYMPTOM -> symptoms(facts);
      case AFTER_CHARGE ->
          facts.number("volts").isPresent()
              ? MoreJudgement.held(facts, suspect, display)
              : chosen(
                  kind, facts, facts.says("outcome", "holds") ? "It holds." : "It has fallen.");
      case LOOK, LEFT_ON, BOOST, WAKE, FAULT_LIGHT ->
          chosen(
              kind,
              facts,
              ReadingSheet.of(kind, suspect.chemistry().isLead())
                  .choiceWords(facts.text("outcome").orElseThrow()));
      case REST_VOLTS -> restVolts(facts, suspect, display);
      case CRANKING_VOLTS -> crankingVolts(facts, suspect, display);
      case CABLE_DROP -> drops(facts, suspect, display);
      case CHARGING_VOLTS -> charging(facts, suspect, display);
      case DRAIN -> drain(facts, suspect, display);
      case TESTER -> tester(facts, suspect, display);
      case LOAD_TEST ->
          suspect.chemistry().isLead() && facts.number("amps").isEmpty()
              ? load(facts, suspect, display)
              : pulses(facts, suspect, display);
      case AFTER_TRY -> MoreJudgement.afterTry(facts, suspect, display);
      case CAPACITY -> MoreJudgement.capacity(facts, suspect, display);
      case TWO_WAYS -> MoreJudgement.twoWays(facts, display);
      case TRIPS -> MoreJudgement.trips(facts, suspect, display);
      case GRAVITY -> gravity(facts);
      case AGE, NEED -> throw new IllegalArgumentException(kind + " is not typed");
    };
  }

  private static Judgement chosen(ReadingKind kind, Facts facts, String words) {
    return judged(new Evidence(kind, facts.text("outcome").orElseThrow()), words);
  }

  /** What it does, and whatever else it does. */
  private static Judgement symptoms(Facts facts) {
    List<String> outcomes =
        Stream.of("outcome", "also", "alsoThis")
            .map(facts::text)
            .flatMap(Optional::stream)
            .distinct()
            .toList();
    List<Evidence> all =
        outcomes.stream()
            .map(each -> Symptom.valueOf(each.toUpperCase(Locale.ROOT)).evidence())
            .toList();
    return new Judgement(
        Optional.of(all.get(0)),
        all.subList(1, all.size()),
        outcomes.stream()
            .map(ReadingSheet.of(ReadingKind.SYMPTOM)::choiceWords)
            .collect(Collectors.joining("; ")),
        Optional.empty(),
        Optional.empty());
  }

  /** All that it says. */
  List<Evidence> all() {
    return Stream.concat(evidence.stream(), more.stream()).toList();
  }

  static Judgement judged(Evidence evidence, String words) {
    return new Judgement(Optional.of(evidence), words, Optional.empty());
  }

  static Judgement nothing(String words) {
    return new Judgement(Optional.empty(), words, Optional.empty());
  }

  private static Judgement restVolts(Facts facts, Suspect suspect, Display display) {
    RestVoltage reading =
        new RestVoltage(
            facts.number("volts", 0),
            facts.number("rested", 0),
            facts.says("surface", "yes"),
            facts.number("temperature", ROOM_C));
    Optional<Double> first = facts.number("each1");
    Optional<Double> second = facts.number("each2");
    if (first.isPresent() && second.isPresent()) {
      return MoreJudgement.pair(reading, first.get(), second.get(), suspect, display);
    }
    RestVoltage.Rested judged = reading.judge(suspect.chemistry(), suspect.series());
    String shown = volts(reading.volts(), display);
    String words =
        switch (judged.worth()) {
          case NOT_RESTED ->
              shown
                  + " is surface charge and tells nothing yet. "
                  + wait(reading)
                  + ", or run the headlamps for three minutes and wait five, then read again.";
          case SAYS_LITTLE ->
              shown + " on lithium says only that it is neither nearly empty nor cut off.";
          case CELL_SHORT -> shown + " is a whole cell short, or completely flat.";
          case NEAR_ZERO ->
              suspect.chemistry().isLead()
                  ? shown + " is dead flat, or a lead is off."
                  : shown + " on lithium means its protection has opened.";
          case TELLS_CHARGE ->
              shown
                  + " rested is "
                  + percent(judged.charge().low())
                  + " to "
                  + percent(judged.charge().high())
                  + " charged.";
        };
    return new Judgement(judged.evidence(), words, Optional.empty());
  }

  private static String wait(RestVoltage reading) {
    long minutes = Math.round(60 * reading.hoursToWait());
    if (minutes <= 0) {
      return "So much no rested lead battery shows: rest it four hours";
    }
    return "Rested too short: let it rest "
        + (minutes < 60
            ? minutes + " minutes"
            : minutes / 60
                + (minutes < 120 ? " hour" : " hours")
                + (minutes % 60 == 0 ? "" : " " + minutes % 60 + " minutes"))
        + " more";
  }

  private static Judgement crankingVolts(Facts facts, Suspect suspect, Display display) {
    CrankingVolts reading =
        new CrankingVolts(facts.number("volts", 0), facts.number("temperature", ROOM_C));
    Evidence evidence = reading.evidence(suspect.chemistry(), suspect.series());
    String least = volts(reading.leastVolts(suspect.chemistry(), suspect.series()), display);
    String words =
        switch (evidence.outcome()) {
          case "high" ->
              "It holds well above the usual " + least + ": the battery is hardly asked.";
          case "middle" -> "It holds the usual " + least + ".";
          case "low" -> "Below the usual " + least + ".";
          default -> "It collapses under the starter.";
        };
    return judged(evidence, volts(reading.volts(), display) + " while cranking. " + words);
  }

  private static Judgement drops(Facts facts, Suspect suspect, Display display) {
    List<VoltageDrop> drops = new ArrayList<>();
    for (VoltageDrop.Place place : VoltageDrop.Place.all()) {
      facts.number(place.id()).ifPresent(volts -> drops.add(new VoltageDrop(place, volts)));
    }
    String words =
        drops.stream()
            .filter(drop -> drop.isTooMuch(suspect.series()))
            .map(
                drop ->
                    volts(drop.volts(), display)
                        + " lost from "
                        + drop.place().name()
                        + ", at most "
                        + volts(drop.place().mostVolts() * suspect.series(), display)
                        + ". Mended, the starter gets about "
                        + volts(drop.volts() - drop.place().goodVolts() * suspect.series(), display)
                        + " more.")
            .reduce((a, b) -> a + " " + b)
            .orElse("Nothing measured loses too much.");
    return new Judgement(VoltageDrop.evidence(drops, suspect.series()), words, Optional.empty());
  }

  private static Judgement charging(Facts facts, Suspect suspect, Display display) {
    double fast = facts.number("fast", 0);
    ChargingVolts reading =
        new ChargingVolts(
            facts.number("idle", fast),
            fast,
            facts.number("loaded", fast),
            facts.number("temperature", ROOM_C));
    if (reading.mayBeHeldBack(
        suspect.chemistry(),
        suspect.series(),
        suspect.kind().watchesBattery(),
        facts.number("loaded").isPresent())) {
      return nothing(
          volts(fast, display)
              + (facts.number("loaded").isPresent()
                  ? ", and more with everything on: a computer steers it. Right."
                  : ". Does it charge by computer? Switch lamps, blower and rear window on and read"
                      + " again: "
                      + volts(ChargingVolts.LEAST_VOLTS * suspect.series(), display)
                      + " or more is right."));
    }
    String words =
        switch (reading.judge(suspect.chemistry(), suspect.series())) {
          case LOW ->
              "Too little: under "
                  + volts(ChargingVolts.LEAST_VOLTS * suspect.series(), display)
                  + " nothing becomes full.";
          case RIGHT -> "Right.";
          case HIGH ->
              "Too much: "
                  + suspect.chemistry().shortName()
                  + " stands at most "
                  + volts(reading.mostVolts(suspect.chemistry(), suspect.series()), display)
                  + ".";
        };
    return judged(
        reading.evidence(suspect.chemistry(), suspect.series()),
        volts(fast, display) + " at fast idle. " + words);
  }

  private static Judgement drain(Facts facts, Suspect suspect, Display display) {
    List<DrainReading.Fuse> fuses =
        IntStream.rangeClosed(1, ReadingSheet.FUSES)
            .filter(
                i -> facts.text("fuse" + i).isPresent() && facts.number("after" + i).isPresent())
            .mapToObj(
                i ->
                    new DrainReading.Fuse(
                        facts.text("fuse" + i).orElseThrow(), facts.number("after" + i, 0)))
            .toList();
    DrainReading reading =
        new DrainReading(facts.number("milliamps", 0), facts.number("asleep", 0), fuses);
    double accepted =
        DrainReading.acceptedMilliamps(
            suspect
                .today()
                .flatMap(each -> each.label().reserveMinutes())
                .map(given -> given.value()),
            suspect.ampHours());
    String limit = display.show(accepted, Unit.MILLIAMPERE).text();
    String words =
        reading.milliamps() <= accepted
            ? "Within the accepted " + limit + "."
            : reading.evidence(accepted).isEmpty()
                ? "Above the accepted "
                    + limit
                    + ", but modules may still be awake: wait 20 minutes."
                : "Above the accepted " + limit + ".";
    String culprit =
        reading
            .culprit(accepted)
            .map(
                circuit ->
                    " Look behind the fuse “"
                        + circuit.fuse()
                        + "”: it takes "
                        + display.show(circuit.milliamps(), Unit.MILLIAMPERE).text()
                        + ".")
            .orElse("");
    return new Judgement(
        reading.evidence(accepted),
        display.show(reading.milliamps(), Unit.MILLIAMPERE).text() + ". " + words + culprit,
        Optional.empty());
  }

  private static Judgement tester(Facts facts, Suspect suspect, Display display) {
    TesterReading reading =
        new TesterReading(
            facts.number("shown", 0),
            facts.number("set", 1),
            CrankingTest.find(facts.text("test").orElse("cca")).orElse(CrankingTest.COLD_CRANKING),
            facts.says("charged", "yes") ? 1 : 0.5);
    if (reading.evidence().isEmpty()) {
      return nothing("Charge it fully and test again: nothing can be judged below three quarters.");
    }
    return new Judgement(
        reading.evidence(),
        display.show(reading.shownAmps(), Unit.AMPERE).text()
            + " shown, "
            + percent(reading.share())
            + " of the rating set. Testers show about a sixth too much: "
            + percent(reading.trueShare(suspect.whenNew()))
            + (suspect.whenNew().isPresent()
                ? " of its label’s rating is left."
                : " is left, if that is its label’s rating."),
        Optional.of(reading.trueShare(suspect.whenNew())));
  }

  private static Judgement load(Facts facts, Suspect suspect, Display display) {
    LoadTest reading =
        new LoadTest(
            facts.number("volts", 0),
            facts.number("temperature", ROOM_C),
            facts.says("charged", "yes") ? 1 : 0.5);
    String least = volts(LoadTest.leastVolts(reading.temperatureC()) * suspect.series(), display);
    String words =
        switch (reading.judge(suspect.chemistry(), suspect.series())) {
          case PASSES -> "Passes: at least " + least + " at this temperature.";
          case FAILS -> "Fails: at least " + least + " is needed at this temperature.";
          case CHARGE_FIRST ->
              "Charge it fully and test again: nothing can be judged below three quarters.";
          case NOT_FOR_THIS -> "This table is for lead.";
        };
    return new Judgement(
        reading.evidence(suspect.chemistry(), suspect.series()),
        volts(reading.voltsAt15s(), display) + " under load. " + words,
        Optional.empty());
  }

  private static Judgement pulses(Facts facts, Suspect suspect, Display display) {
    if (suspect.whenNew().isEmpty()) {
      return nothing(
          "Describe today’s battery in the line-up: a load of known current is judged against its"
              + " label.");
    }
    if (suspect.chemistry().isLead() && !facts.says("charged", "yes")) {
      return nothing("Charge it fully and test again: nothing can be judged below three quarters.");
    }
    PulseTest reading =
        new PulseTest(
            facts.number("amps", 100),
            15,
            60,
            pulseVolts(facts),
            facts.number("before", restedVolts(suspect)),
            facts.number("after", facts.number("before", restedVolts(suspect))),
            PULSED_CHARGE,
            facts.number("temperature", ROOM_C));
    double share = reading.crankingShare(suspect.whenNew().get());
    return new Judgement(
        Optional.of(reading.evidence(suspect.whenNew().get())),
        volts(reading.loadedVolts().get(reading.loadedVolts().size() - 1), display)
            + " under load is about "
            + percent(share)
            + " of the rating left."
            + sag(facts, reading),
        Optional.of(Math.max(0.2, share)));
  }

  /** What a charged and rested one shows. */
  private static double restedVolts(Suspect suspect) {
    return suspect.series() * suspect.chemistry().openCircuitVolts(PULSED_CHARGE);
  }

  private static List<Double> pulseVolts(Facts facts) {
    return Stream.of("volts", "volts2", "volts3")
        .map(facts::number)
        .flatMap(Optional::stream)
        .toList();
  }

  private static String sag(Facts facts, PulseTest reading) {
    return facts.number("before").isEmpty() || facts.number("after").isEmpty()
        ? ""
        : String.format(
            Locale.ROOT,
            " Its rested voltage fell %.1f %%, which says little across chemistries.",
            reading.sagPercent());
  }

  private static Judgement gravity(Facts facts) {
    SpecificGravities reading =
        new SpecificGravities(
            IntStream.rangeClosed(1, 6).mapToObj(i -> facts.number("cell" + i, 1)).toList(),
            facts.number("temperature", ROOM_C));
    String words =
        switch (reading.evidence().outcome()) {
          case "one_cell_low" -> "One cell lags: it is failing.";
          case "even_full" -> "All cells agree and are charged.";
          default -> "All cells agree and are low: charge it.";
        };
    return judged(
        reading.evidence(),
        "Spread "
            + String.format(Locale.ROOT, "%.3f", reading.spread())
            + ", about "
            + percent(reading.charge())
            + " charged. "
            + words);
  }

  static String volts(double volts, Display display) {
    return display.show(volts, Unit.VOLT, 2).text();
  }

  static String percent(double share) {
    return Math.round(100 * share) + " %";
  }
}
