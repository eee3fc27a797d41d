package org.fermix.web.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.check.Suspect;
import org.fermix.core.check.Trips;
import org.fermix.core.diagnosis.AfterTry;
import org.fermix.core.diagnosis.CapacityRun;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.HeldCharge;
import org.fermix.core.diagnosis.ReadingLimits;
import org.fermix.core.diagnosis.RestPair;
import org.fermix.core.diagnosis.RestVoltage;
import org.fermix.core.diagnosis.TwoWays;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** What the core says of readings that take several figures together. */
final class MoreJudgement {
  private MoreJudgement() {}

  static Judgement afterTry(Facts facts, Suspect suspect, Display display) {
    List<AfterTry.Try> tries = new ArrayList<>();
    for (int i = 1; i <= ReadingSheet.TRIES; i++) {
      Optional<Double> seconds = facts.number("seconds" + i);
      Optional<Double> lowest = facts.number("lowest" + i);
      if (seconds.isPresent() && lowest.isPresent()) {
        tries.add(new AfterTry.Try(seconds.get(), lowest.get()));
      }
    }
    AfterTry reading =
        new AfterTry(
            tries, facts.number("once", facts.number("minute", 0)), facts.number("minute", 0));
    Evidence evidence = reading.evidence(suspect.chemistry(), suspect.series());
    String words =
        switch (evidence.outcome()) {
          case "near_zero" ->
              suspect.chemistry().isLead()
                  ? "Nearly nothing is left: a cell or a lead is open, or it is dead flat."
                  : "Nearly nothing is left: its protection has opened.";
          case "stays_low" ->
              "It stays below "
                  + Judgement.volts(
                      AfterTry.comesBackVolts(suspect.chemistry(), suspect.series()), display)
                  + ": flat or weak.";
          default -> "It comes back within the minute: there is charge in it.";
        };
    return Judgement.judged(
        evidence,
        Judgement.volts(reading.voltsAfterMinute(), display)
            + " a minute after "
            + (tries.isEmpty()
                ? "the try"
                : tries.size() == 1 ? "one try" : tries.size() + " tries")
            + ". "
            + words
            + (reading.fallOverTries() > 0
                ? " Each try left less: "
                    + Judgement.volts(reading.fallOverTries(), display)
                    + " from the first to the last."
                : ""));
  }

  /** Two in series, each read by itself. */
  static Judgement pair(
      RestVoltage together, double first, double second, Suspect suspect, Display display) {
    RestPair pair = new RestPair(each(together, first), each(together, second));
    RestVoltage.Rested judged = pair.judge(suspect.chemistry());
    if (judged.worth() == RestVoltage.Worth.NOT_RESTED) {
      return Judgement.nothing(
          "The two still hold surface charge: rest them four hours, then read each again.");
    }
    String both =
        Judgement.volts(first, display) + " and " + Judgement.volts(second, display) + " rested. ";
    if (pair.isApart()) {
      return new Judgement(
          judged.evidence(),
          both
              + "The "
              + (pair.firstIsLower() ? "first" : "second")
              + " is weaker: together they are not full, and it drags the other down. If it is as low"
              + " again, replace both by a pair of one make and age.",
          Optional.empty());
    }
    return new Judgement(
        judged.evidence(),
        both
            + "They agree: "
            + Judgement.percent(judged.charge().low())
            + " to "
            + Judgement.percent(judged.charge().high())
            + " charged.",
        Optional.empty());
  }

  private static RestVoltage each(RestVoltage together, double volts) {
    return new RestVoltage(
        volts, together.restedHours(), together.surfaceTakenOff(), together.temperatureC());
  }

  /** What it shows the morning after a full charge, once or twice. */
  static Judgement held(Facts facts, Suspect suspect, Display display) {
    if (!suspect.chemistry().isLead()) {
      return Judgement.nothing("These limits are for lead: take it again for this kind.");
    }
    HeldCharge reading = new HeldCharge(facts.number("volts", 0), facts.number("again"));
    Optional<Evidence> evidence = reading.evidence(suspect.series());
    String shown =
        Judgement.volts(reading.volts(), display)
            + reading.again().map(again -> ", then " + Judgement.volts(again, display)).orElse("")
            + " the morning after a full charge";
    String words =
        switch (evidence.map(Evidence::outcome).orElse("")) {
          case "holds" -> " holds.";
          case "falls" -> " has fallen. Charge it once more and read again: twice is a finding.";
          case "falls_twice" -> ", twice: it does not hold a charge.";
          default -> " tells nothing: charge it longer and read again.";
        };
    return new Judgement(evidence, shown + words, Optional.empty());
  }

  static Judgement capacity(Facts facts, Suspect suspect, Display display) {
    if (!facts.says("charged", "yes")) {
      return Judgement.nothing(
          "Charge it fully and run it again: what was not in it cannot be missed.");
    }
    if (suspect.whenNew().isEmpty()) {
      return Judgement.nothing(
          "Describe today’s battery in the line-up: a run is judged against its label.");
    }
    BatteryCircuit whenNew = suspect.whenNew().get();
    CapacityRun reading =
        new CapacityRun(
            facts.number("amps", 1),
            facts.number("minutes", 1),
            facts.number("end", 0),
            facts.number("temperature", Judgement.ROOM_C));
    double share = reading.share(whenNew);
    String gave = display.show(reading.ampHours(), Unit.AMPERE_HOUR).text() + " given";
    if (reading.evidence(whenNew).isEmpty()) {
      return Judgement.nothing(
          gave
              + " and more is in it: run it down to about "
              + Judgement.volts(
                  CapacityRun.emptyVolts(whenNew.chemistry(), suspect.series()), display)
              + " under the load before it tells what is left.");
    }
    return new Judgement(
        reading.evidence(whenNew),
        gave
            + (reading.ranDown(whenNew) ? ": about " : ": at least ")
            + Judgement.percent(share)
            + " of what its label promises under this load and temperature.",
        Optional.empty(),
        reading.ranDown(whenNew) ? Optional.of(share) : Optional.empty());
  }

  static Judgement twoWays(Facts facts, Display display) {
    TwoWays reading = new TwoWays(facts.number("leads", 0), facts.number("bolt", 0));
    Evidence evidence = reading.evidence();
    return Judgement.judged(
        evidence,
        display.show(reading.throughLeads(), Unit.AMPERE).text()
            + " through the thin leads, "
            + display.show(reading.throughBolt(), Unit.AMPERE).text()
            + " through the bolted joint. "
            + (evidence.outcome().equals("alike")
                ? "The same both ways: the leads are not what loses it."
                : "The leads lose it, not the battery. The bolted figure is the battery’s own."));
  }

  static Judgement trips(Facts facts, Suspect suspect, Display display) {
    Trips reading =
        Trips.of(
            suspect,
            suspect
                .need()
                .use()
                .driving()
                .starting(Given.typed(facts.number("starts", 0), Unit.COUNT))
                .lasting(Given.typed(facts.number("minutes", 0), Unit.MINUTE)),
            facts.number("air", Math.max(ReadingLimits.AIR.least(), suspect.usualAirC())));
    String settles =
        reading.settles() <= 0
            ? "Driven so, a sound battery of its size goes flat"
            : "Driven so, a sound battery of its size settles at about "
                + Judgement.percent(reading.settles());
    return Judgement.judged(
        reading.evidence(),
        settles
            + " at "
            + display.show(reading.airC(), Unit.CELSIUS, 0).text()
            + ". "
            + (reading.evidence().outcome().equals("long")
                ? "That is enough."
                : enough(reading.enoughMinutes(suspect))));
  }

  private static String enough(double minutes) {
    return (minutes >= Trips.LONGEST_TRIP
            ? "No length of drive fills it at these volts and this cold: "
            : "Trips of about " + Math.round(minutes) + " minutes would do, or ")
        + "a night on a charger each week.";
  }
}
