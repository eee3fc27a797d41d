package org.fermix.web.decide;

import java.util.List;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Flip;
import org.fermix.core.decision.Flips;
import org.fermix.web.shared.Display;

/** Words for what would change a decision. */
final class FlipWords {
  private FlipWords() {}

  static List<String> of(List<Flip> flips, Decision decision, Display display) {
    String leader = decision.first().map(verdict -> verdict.letter()).orElse("");
    return flips.stream().map(flip -> sentence(flip, leader, display)).toList();
  }

  private static String sentence(Flip flip, String leader, Display display) {
    String value = display.show(flip.value(), Flips.unit(flip.kind())).text();
    String then = ": then " + flip.letter() + " comes first.";
    return switch (flip.kind()) {
      case LEADER_DEARER -> leader + " costs more than " + value + then;
      case WARMER -> "Your coldest morning is " + value + " or warmer" + then;
      case COLDER -> "Your coldest morning is " + value + " or colder" + then;
      case SHORTER_PARKED -> "It never stands longer than " + value + then;
      case SHORTER_ENGINE_OFF ->
          "Things run for no more than " + value + " with the engine off" + then;
      case LONGER_ENGINE_OFF -> "Things run for " + value + " or longer with the engine off" + then;
      case LONGER_PARKED -> "It stands " + value + " or longer" + then;
    };
  }
}
