package org.fermix.core.bench;

import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Given;

/**
 * How much of a rating is enough: by how much a candidate’s cranking rating, or its ampere-hours,
 * could be smaller without any of what is asked ceasing to be met as surely. Beyond that a larger
 * rating changes nothing here. Found by asking the bench of smaller ones.
 *
 * @param letter whose
 * @param spareAmps of its cranking rating, in the test it is printed by (A); 0 where none is spare
 * @param spareAmpHours of its capacity (Ah); 0 where none is spare
 */
public record Enough(String letter, double spareAmps, double spareAmpHours) {
  private static final int HALVINGS = 6;

  /** No more than this share is tried away: what is left would be another battery. */
  private static final double MOST_SHARE = 0.7;

  /**
   * Of one candidate; empty where it does not do all that is asked with anything to spare, so that
   * every amp counts.
   *
   * @param today today's battery, which tells how what its owner has seen moves the lives of others
   */
  public static Optional<Enough> of(
      Need need,
      Policy policy,
      Optional<Candidate> today,
      Candidate candidate,
      Conditions conditions) {
    Predicate<Candidate> plenty = each -> isPlenty(need, policy, today, each, conditions);
    if (!plenty.test(candidate)) {
      return Optional.empty();
    }
    Label label = candidate.label();
    double amps =
        need.engine().turns()
            ? spareShare(share -> plenty.test(with(candidate, rated(label, 1 - share))))
            : 0;
    double ampHours = spareShare(share -> plenty.test(with(candidate, holding(label, 1 - share))));
    return Optional.of(
        new Enough(
            candidate.letter(),
            amps * label.cranking().amps(),
            ampHours * label.capacity().value()));
  }

  private static double spareShare(DoublePredicate plenty) {
    double spare = 0;
    double lacking = MOST_SHARE;
    if (plenty.test(lacking)) {
      return lacking;
    }
    for (int i = 0; i < HALVINGS; i++) {
      double middle = 0.5 * (spare + lacking);
      if (plenty.test(middle)) {
        spare = middle;
      } else {
        lacking = middle;
      }
    }
    return spare;
  }

  /** True where everything asked is met, and not just so. */
  private static boolean isPlenty(
      Need need,
      Policy policy,
      Optional<Candidate> today,
      Candidate candidate,
      Conditions conditions) {
    CandidateAnswer answer =
        Bench.of(need, policy, Stream.concat(today.stream(), Stream.of(candidate)).toList())
            .only(candidate.letter())
            .answer(conditions)
            .candidates()
            .get(0);
    for (Outcome outcome :
        List.of(Outcome.START_CHANCE, Outcome.PARKED_DAYS, Outcome.ENGINE_OFF_HOURS)) {
      boolean clears =
          answer
              .find(outcome)
              .flatMap(figure -> Standing.of(outcome, figure, need, conditions))
              .map(standing -> standing.mark() == Mark.CLEARS)
              .orElse(true);
      if (!clears) {
        return false;
      }
    }
    return answer.gates().stream()
        .filter(
            gate ->
                gate.gate() == Gate.MINIMUM_CRANKING
                    || gate.gate() == Gate.MINIMUM_CAPACITY
                    || gate.gate() == Gate.MINIMUM_RESERVE)
        .noneMatch(gate -> gate.mark() == Mark.FAILS);
  }

  private static Candidate with(Candidate candidate, Label label) {
    return new Candidate(
        candidate.letter(), label, candidate.ageYears(), candidate.tested(), candidate.beside());
  }

  private static Label rated(Label label, double share) {
    return made(
        label,
        new CrankingRating(
            Math.max(CrankingRating.AMPS.least(), share * label.cranking().amps()),
            label.cranking().test()),
        label.capacityAh(),
        1);
  }

  private static Label holding(Label label, double share) {
    Given now = label.capacity();
    return made(label, label.cranking(), Optional.of(scaled(now, share)), share);
  }

  private static Given scaled(Given now, double share) {
    return new Given(share * now.value(), now.unit(), now.origin(), now.note());
  }

  private static Label made(
      Label label, CrankingRating rating, Optional<Given> capacityAh, double reserveShare) {
    return new Label(
        label.name(),
        label.chemistry(),
        rating,
        capacityAh,
        label.reserveMinutes().map(now -> scaled(now, reserveShare)),
        label.massKg(),
        label.size(),
        label.positiveSide(),
        label.price(),
        label.build(),
        label.sheet());
  }
}
