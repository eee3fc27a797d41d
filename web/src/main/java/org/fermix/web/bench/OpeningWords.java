package org.fermix.web.bench;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.decision.Opening;
import org.fermix.core.decision.Shortfall;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** By how much a candidate falls short, and what would be enough. */
final class OpeningWords {
  private OpeningWords() {}

  /** "It misses your −16 °C morning by 3 K; …". */
  static String misses(
      List<Shortfall> shortfalls, Optional<Figure> floor, Conditions conditions, Display display) {
    return "It falls short" + after(shortfalls, floor, conditions, display);
  }

  /** "Just short: it sits 27 of 30 days." */
  static String just(
      List<Shortfall> shortfalls, Optional<Figure> floor, Conditions conditions, Display display) {
    return "Just short" + after(shortfalls, floor, conditions, display);
  }

  /** What follows “falls short”; no floor where nothing is cranked. */
  static String after(
      List<Shortfall> shortfalls, Optional<Figure> floor, Conditions conditions, Display display) {
    return ": "
        + shortfalls.stream()
            .map(each -> miss(each, floor, conditions, display))
            .collect(Collectors.joining("; "))
        + (shortfalls.stream().anyMatch(Shortfall::doubted)
            ? ", as far as its label is believed. A stated cold test would settle it."
            : ".");
  }

  /** What is missed, in a few words: “falls short: start, engine off”; empty for nothing. */
  static String inShort(List<Shortfall> shortfalls, boolean turns) {
    return shortfalls.isEmpty()
        ? ""
        : shortfalls.stream()
            .map(
                each ->
                    switch (each.outcome()) {
                      case PARKED_DAYS -> "days parked";
                      case ENGINE_OFF_HOURS -> "engine off";
                      default -> turns ? "cold start" : "waking";
                    })
            .collect(
                Collectors.joining(
                    ", ",
                    shortfalls.stream().allMatch(Shortfall::isSlight)
                        ? "just short: "
                        : "falls short: ",
                    ""));
  }

  private static String miss(
      Shortfall shortfall, Optional<Figure> floor, Conditions conditions, Display display) {
    if (shortfall.outcome() == Outcome.PARKED_DAYS) {
      return shortfall.found() <= 0
          ? (floor.isPresent()
                  ? "it would not start after the "
                  : "it would not wake the car after ")
              + display.show(shortfall.wanted(), Unit.DAY).text()
              + " parked"
          : "it sits "
              + display.show(shortfall.found(), Unit.DAY).text()
              + " of "
              + display.show(shortfall.wanted(), Unit.DAY).text();
    }
    if (shortfall.outcome() == Outcome.ENGINE_OFF_HOURS) {
      return "it runs "
          + display.show(conditions.engineOffAmps(), Unit.AMPERE, 1).text()
          + " for "
          + display.show(shortfall.found(), Unit.HOUR).text()
          + " of "
          + display.show(shortfall.wanted(), Unit.HOUR).text();
    }
    if (floor.isEmpty()) {
      return display.chance(shortfall.found()).text() + " of waking the car, four in five asked";
    }
    String chance = display.chance(shortfall.found()).text() + " of a start";
    return floor.get().isNever()
        ? chance + " on your morning, four in five asked"
        : chance
            + ", "
            + display.kelvins(Math.max(0, floor.get().value() - conditions.temperatureC())).text()
            + " short of your morning";
  }

  /** What would be enough. */
  static String enough(Opening.Enough enough, Display display) {
    if (enough.each().isEmpty()) {
      return "Neither a maintainer, a smaller load nor warmer weather makes it enough: it takes"
          + " another battery.";
    }
    return (enough.together() ? "Enough would be, together: " : "Enough would be ")
        + enough.each().stream()
            .map(each -> words(each, display))
            .collect(Collectors.joining(enough.together() ? " and " : ", or "))
        + ".";
  }

  /** What would help where none does what is asked: “there a maintainer while it stands helps”. */
  static String helps(Opening.Enough enough, Display display) {
    return enough.each().stream()
        .map(each -> words(each, display))
        .collect(
            Collectors.joining(
                enough.together() ? " and " : ", or ", "what would be enough there: ", ""));
  }

  private static String words(Opening opening, Display display) {
    return switch (opening.kind()) {
      case MAINTAINER -> "a maintainer while it stands";
      case NEGATIVE_OFF -> "its negative lead off while it stands";
      case SMALLER_LOAD ->
          "an engine-off load of at most " + display.show(opening.value(), Unit.AMPERE, 1).text();
      case FEWER_DAYS ->
          "no more than " + display.show(opening.value(), Unit.DAY).text() + " parked";
      case WARMER ->
          "no colder than "
              + display.show(opening.value(), Unit.CELSIUS).text()
              + ", as by preheating or a warmer place";
    };
  }
}
