package org.fermix.core.prove;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Spread;

/**
 * The new battery proved against the old one, against the bench and against its own label.
 *
 * @param compared every measure that can be taken, in the order they are taken
 * @param ofRating share of its printed rating that its tests found together (1), with where it lies
 *     eight times in ten; empty where none speaks of it
 */
public record Proof(List<Compared> compared, Optional<Rated> ofRating, Outcome outcome) {
  /** Two tests whose shares lie further apart contradict each other (σ). */
  private static final double CONTRADICT = 2;

  /** What the proof comes to. */
  public enum Outcome {
    /** Nothing of the new one was measured. */
    NOTHING_YET,
    /** It was not full: nothing else is judged before it is. */
    CHARGE_FIRST,
    /** Two tests of its rating say different things: take them again. */
    TESTS_CONTRADICT,
    /** Surely below what its label prints: it goes back. */
    BELOW_RATING,
    /** It cranks less than was foretold, though it gives its rating: look at joints and engine. */
    LESS_THAN_FORETOLD,
    /** No better than the old one where they could be compared: it was not the battery alone. */
    NO_BETTER,
    /** As promised, as far as it was measured. */
    SO_FAR,
    /** As promised, everything measured that decides it. */
    PROVED
  }

  /**
   * What tests found of the printed rating.
   *
   * @param share found, as most likely (1)
   * @param sigma standard deviation of its logarithm (1)
   */
  public record Rated(double share, double sigma) {
    /** Where it lies eight times in ten (1). */
    public Band band() {
      return Band.ratio(share, sigma);
    }

    /** True where nine in ten such batteries are below their print. */
    public boolean isBelow() {
      return band().high() < 1;
    }
  }

  /** Copies the list. */
  public Proof {
    compared = List.copyOf(compared);
  }

  /**
   * Proves it.
   *
   * @param oldChemistry empty where nobody has described the old one
   * @param label of the new one
   * @param foretold forecasts kept when the tests were taken; where there is none, the models
   *     answer now
   */
  public static Proof of(
      Need need,
      Optional<Chemistry> oldChemistry,
      Label label,
      Map<ProofMeasure, ProofResult> old,
      Map<ProofMeasure, ProofResult> fresh,
      Map<ProofMeasure, Forecast> foretold) {
    List<Compared> all = new ArrayList<>();
    Map<ProofMeasure, Compared> by = new EnumMap<>(ProofMeasure.class);
    boolean ranDown =
        old.containsKey(ProofMeasure.CAPACITY) || fresh.containsKey(ProofMeasure.CAPACITY);
    for (ProofMeasure measure : ProofMeasure.of(need.engine(), label.chemistry(), ranDown)) {
      Compared compared =
          Compared.of(
              measure,
              need,
              oldChemistry,
              label,
              Optional.ofNullable(old.get(measure)),
              Optional.ofNullable(fresh.get(measure)),
              Optional.ofNullable(foretold.get(measure)));
      all.add(compared);
      by.put(measure, compared);
    }
    List<Rated> rated = rated(label, fresh);
    Optional<Rated> together = together(rated);
    return new Proof(all, together, outcome(by, rated, together));
  }

  /** What the models foretell of a measure that is or will be taken so. */
  public static Optional<Forecast> foretells(
      ProofMeasure measure, Need need, Label label, ProofResult taken) {
    return Forecast.of(measure, need, label, taken);
  }

  /** What each test that speaks of the rating found of the printed one. */
  private static List<Rated> rated(Label label, Map<ProofMeasure, ProofResult> fresh) {
    BatteryCircuit circuit = BatteryCircuit.of(label);
    // The shares are of what the label is believed; a claim is about what it prints.
    double believed =
        circuit.ratedAmps(label.cranking().test()) / Math.max(1, label.cranking().amps());
    List<Rated> rated = new ArrayList<>();
    shareOf(fresh, ProofMeasure.TESTER)
        .ifPresent(
            share ->
                rated.add(
                    new Rated(
                        share * believed,
                        Math.hypot(
                            Spread.TESTER_BIAS.sigma(), Spread.RESISTANCE_MEASURED.sigma()))));
    shareOf(fresh, ProofMeasure.PULSES)
        .ifPresent(
            share -> rated.add(new Rated(share * believed, Spread.RESISTANCE_MEASURED.sigma())));
    return rated;
  }

  private static Optional<Double> shareOf(
      Map<ProofMeasure, ProofResult> fresh, ProofMeasure measure) {
    return Optional.ofNullable(fresh.get(measure))
        .filter(ProofResult::charged)
        .flatMap(ProofResult::share)
        .filter(share -> share > 0);
  }

  /** Of several the mean of the logarithms, each by its accuracy. */
  private static Optional<Rated> together(List<Rated> rated) {
    if (rated.isEmpty()) {
      return Optional.empty();
    }
    double weights = 0;
    double sum = 0;
    for (Rated each : rated) {
      double weight = 1 / (each.sigma() * each.sigma());
      weights += weight;
      sum += weight * Math.log(each.share());
    }
    return Optional.of(new Rated(Math.exp(sum / weights), Math.sqrt(1 / weights)));
  }

  private static boolean contradict(List<Rated> rated) {
    return rated.size() == 2
        && Math.abs(Math.log(rated.get(0).share() / rated.get(1).share()))
            > CONTRADICT * Math.hypot(rated.get(0).sigma(), rated.get(1).sigma());
  }

  private static Outcome outcome(
      Map<ProofMeasure, Compared> by, List<Rated> rated, Optional<Rated> together) {
    if (by.values().stream().allMatch(each -> each.fresh().isEmpty())) {
      return Outcome.NOTHING_YET;
    }
    if (is(by, ProofMeasure.REST, Compared.Word.NOT_FULL)) {
      return Outcome.CHARGE_FIRST;
    }
    if (contradict(rated)) {
      return Outcome.TESTS_CONTRADICT;
    }
    if (together.filter(Rated::isBelow).isPresent()) {
      return Outcome.BELOW_RATING;
    }
    if (falls(by, ProofMeasure.CRANKING)
        || falls(by, ProofMeasure.SPEED)
        || falls(by, ProofMeasure.CAPACITY)
        || falls(by, ProofMeasure.PARKED)) {
      return Outcome.LESS_THAN_FORETOLD;
    }
    if (by.values().stream().anyMatch(Proof::isNoBetter)
        && by.values().stream().noneMatch(Proof::isBetter)) {
      return Outcome.NO_BETTER;
    }
    boolean whole =
        isTaken(by, ProofMeasure.REST)
            && isTaken(by, ProofMeasure.PARKED)
            && (!by.containsKey(ProofMeasure.CRANKING) || isTaken(by, ProofMeasure.CRANKING))
            && (together.isPresent() || isTaken(by, ProofMeasure.CAPACITY));
    return whole ? Outcome.PROVED : Outcome.SO_FAR;
  }

  private static boolean isNoBetter(Compared compared) {
    return compared.word() == Compared.Word.SAME || compared.word() == Compared.Word.WORSE;
  }

  private static boolean isBetter(Compared compared) {
    return compared.word() == Compared.Word.BETTER
        || compared.word() == Compared.Word.CLEARLY_BETTER;
  }

  private static boolean isTaken(Map<ProofMeasure, Compared> by, ProofMeasure measure) {
    return Optional.ofNullable(by.get(measure)).flatMap(Compared::fresh).isPresent();
  }

  private static boolean is(
      Map<ProofMeasure, Compared> by, ProofMeasure measure, Compared.Word word) {
    return Optional.ofNullable(by.get(measure)).filter(each -> each.word() == word).isPresent();
  }

  private static boolean falls(Map<ProofMeasure, Compared> by, ProofMeasure measure) {
    return Optional.ofNullable(by.get(measure))
        .flatMap(Compared::against)
        .filter(Compared.Against.LESS::equals)
        .isPresent();
  }

  /** The measure that would tell most next: the first not taken. */
  public Optional<ProofMeasure> next() {
    return compared.stream()
        .filter(each -> each.fresh().isEmpty())
        .map(Compared::measure)
        .findFirst();
  }
}
