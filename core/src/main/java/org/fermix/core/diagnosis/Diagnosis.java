package org.fermix.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.fermix.core.chemistry.Chemistry;

/**
 * What the readings so far say: Bayes' rule over every cause, alone or with a second, together with
 * the charge the battery was found at, each reading taken to depend on those two alone. The tables
 * behind it are estimates of common practice, so the likelihoods are to be read as an order with
 * its rough distances.
 *
 * @param causes likelihood of each cause (1); since two may be there at once, they may add up to
 *     more than 1
 * @param found likelihood of each charge it was found at (1)
 * @param doubtBits what is still open: entropy of the hypotheses (bit)
 * @param next the readings not yet taken, the one that removes most doubt first
 * @param supports how much each reading speaks for the leading cause, in the order of the readings
 */
public record Diagnosis(
    Map<Cause, Double> causes,
    Map<Found, Double> found,
    double doubtBits,
    List<Next> next,
    List<Support> supports) {
  /** From this likelihood of one cause on the matter is called settled. */
  public static final double SETTLED = 0.80;

  /** A reading that comes out so seldom under the leading cause contradicts it. */
  private static final double SELDOM = 0.06;

  /** Copies all. */
  public Diagnosis {
    causes = Map.copyOf(causes);
    found = Map.copyOf(found);
    next = List.copyOf(next);
    supports = List.copyOf(supports);
  }

  /**
   * A reading that could be taken next.
   *
   * @param gainBits doubt it is expected to remove (bit)
   * @param settles chance that the matter is settled after it (1)
   */
  public record Next(ReadingKind kind, double gainBits, double settles) {}

  /**
   * What a reading says of the leading cause.
   *
   * @param bits how much likelier it made the leading cause against all others; below 0 it speaks
   *     against it (bit)
   * @param contradicts it hardly ever comes out so under the leading cause, alone or with a second
   */
  public record Support(Evidence evidence, double bits, boolean contradicts) {}

  /**
   * Weighs the readings.
   *
   * @param evidence in any order; of one kind the last counts, but several symptoms all count
   * @param cannotTake kinds not to be asked for
   */
  public static Diagnosis of(
      Chemistry chemistry, List<Evidence> evidence, Set<ReadingKind> cannotTake) {
    List<Evidence> counted = lastOfEachKind(evidence);
    double[] hypotheses = Likelihoods.before(chemistry);
    for (Evidence each : counted) {
      multiply(hypotheses, Likelihoods.of(each, chemistry));
    }
    normalise(hypotheses);
    double[] causes = causes(hypotheses);
    List<Next> next = new ArrayList<>();
    for (ReadingKind kind : ReadingKind.values()) {
      boolean taken = counted.stream().anyMatch(each -> each.kind() == kind);
      if (!taken && !cannotTake.contains(kind) && kind.appliesTo(chemistry)) {
        next.add(next(kind, chemistry, hypotheses, doubt(hypotheses)));
      }
    }
    next.sort(Comparator.comparingDouble(Next::gainBits).reversed().thenComparing(Next::kind));
    Map<Cause, Double> byCause = new EnumMap<>(Cause.class);
    Map<Found, Double> byCharge = new EnumMap<>(Found.class);
    for (Cause cause : Cause.values()) {
      byCause.put(cause, causes[Likelihoods.CAUSES.indexOf(cause)]);
    }
    for (int i = 0; i < hypotheses.length; i++) {
      byCharge.merge(
          Likelihoods.FOUND_ORDER.get(i % Likelihoods.FOUND_ORDER.size()),
          hypotheses[i],
          Double::sum);
    }
    return new Diagnosis(
        byCause,
        byCharge,
        doubt(hypotheses),
        next,
        supports(chemistry, counted, causes, hypotheses));
  }

  private static List<Evidence> lastOfEachKind(List<Evidence> evidence) {
    List<Evidence> counted = new ArrayList<>();
    for (Evidence each : evidence) {
      counted.removeIf(
          earlier ->
              earlier.kind() == each.kind()
                  && (each.kind() != ReadingKind.SYMPTOM || earlier.equals(each)));
      counted.add(each);
    }
    return counted;
  }

  /** The likeliest cause; equals go by the order of {@link Cause}. */
  public Cause leading() {
    Cause best = Cause.WORN;
    for (Cause cause : Cause.values()) {
      if (of(cause) > of(best)) {
        best = cause;
      }
    }
    return best;
  }

  /** Likelihood of the likeliest cause (1). */
  public double sureness() {
    return of(leading());
  }

  /** Likelihood of a cause (1). */
  public double of(Cause cause) {
    return causes.getOrDefault(cause, 0.0);
  }

  /** True when one cause is likely enough to act on. */
  public boolean isSettled() {
    return sureness() >= SETTLED;
  }

  private static Next next(
      ReadingKind kind, Chemistry chemistry, double[] hypotheses, double doubt) {
    double left = 0;
    double settles = 0;
    for (double[] likelihood : Likelihoods.of(kind, chemistry).values()) {
      double[] after = hypotheses.clone();
      double chance = multiply(after, likelihood);
      if (chance > 0) {
        normalise(after);
        left += chance * doubt(after);
        settles += chance * (largest(causes(after)) >= SETTLED ? 1 : 0);
      }
    }
    return new Next(kind, Math.max(0, doubt - left), Math.min(1, settles));
  }

  private static List<Support> supports(
      Chemistry chemistry, List<Evidence> counted, double[] causes, double[] hypotheses) {
    int lead = 0;
    for (int i = 1; i < causes.length; i++) {
      lead = causes[i] > causes[lead] ? i : lead;
    }
    Cause leading = Likelihoods.CAUSES.get(lead);
    List<Support> supports = new ArrayList<>();
    for (Evidence each : counted) {
      double[] others = Likelihoods.before(chemistry);
      for (Evidence other : counted) {
        if (!other.equals(each)) {
          multiply(others, Likelihoods.of(other, chemistry));
        }
      }
      normalise(others);
      double[] likelihood = Likelihoods.of(each, chemistry);
      double underLead = 0;
      double leadWeight = 0;
      double underRest = 0;
      for (int i = 0; i < others.length; i++) {
        if (Likelihoods.hypothesis(i).has(leading)) {
          underLead += others[i] * likelihood[i];
          leadWeight += others[i];
        } else {
          underRest += others[i] * likelihood[i];
        }
      }
      double ifLead = leadWeight == 0 ? 0 : underLead / leadWeight;
      double ifNot = leadWeight == 1 ? ifLead : underRest / (1 - leadWeight);
      supports.add(
          new Support(
              each,
              log2(Math.max(1e-9, ifLead) / Math.max(1e-9, ifNot)),
              whereItLeads(leading, hypotheses, likelihood) < SELDOM));
    }
    return supports;
  }

  /**
   * How often a reading comes out so where the leading cause is there, alone or with the second one
   * that all readings together make likely: a second fault explains its own reading.
   */
  private static double whereItLeads(Cause leading, double[] hypotheses, double[] likelihood) {
    double sum = 0;
    double weight = 0;
    for (int i = 0; i < hypotheses.length; i++) {
      if (Likelihoods.hypothesis(i).has(leading)) {
        sum += hypotheses[i] * likelihood[i];
        weight += hypotheses[i];
      }
    }
    return weight == 0 ? 0 : sum / weight;
  }

  private static double multiply(double[] hypotheses, double[] likelihood) {
    double sum = 0;
    for (int i = 0; i < hypotheses.length; i++) {
      hypotheses[i] *= likelihood[i];
      sum += hypotheses[i];
    }
    return sum;
  }

  private static void normalise(double[] hypotheses) {
    double sum = 0;
    for (double each : hypotheses) {
      sum += each;
    }
    if (sum <= 0) {
      throw new IllegalStateException("the tables of likelihoods rule every cause out");
    }
    for (int i = 0; i < hypotheses.length; i++) {
      hypotheses[i] /= sum;
    }
  }

  private static double[] causes(double[] hypotheses) {
    double[] causes = new double[Cause.values().length];
    for (int i = 0; i < hypotheses.length; i++) {
      for (Cause cause : Likelihoods.hypothesis(i).causes()) {
        causes[Likelihoods.CAUSES.indexOf(cause)] += hypotheses[i];
      }
    }
    return causes;
  }

  /** Entropy of what may be the matter, however full the battery was found (bit). */
  private static double doubt(double[] hypotheses) {
    double[] alone = new double[Hypothesis.ALL.size()];
    for (int i = 0; i < hypotheses.length; i++) {
      alone[i / Found.values().length] += hypotheses[i];
    }
    return entropy(alone);
  }

  private static double entropy(double[] shares) {
    double bits = 0;
    for (double share : shares) {
      bits -= share > 0 ? share * log2(share) : 0;
    }
    return bits;
  }

  private static double largest(double[] shares) {
    double largest = 0;
    for (double share : shares) {
      largest = Math.max(largest, share);
    }
    return largest;
  }

  private static double log2(double value) {
    return Math.log(value) / Math.log(2);
  }
}
