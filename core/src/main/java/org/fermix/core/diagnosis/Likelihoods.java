package org.fermix.core.diagnosis;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Table;

/**
 * How likely each outcome of a reading is under each hypothesis: one cause or two, together with
 * the charge the battery was found at. Of one cause it is read from {@code likelihoods.csv}; of two
 * it follows: readings that run from harmless to bad show the worse of what each would show, the
 * charging voltage is that of the charging, the age that of the wear, and cranking volts behind a
 * bad connection are those of the other. Engineering judgement, no source.
 */
final class Likelihoods {
  /** Places: every hypothesis with every charge. */
  static final int COUNT = Hypothesis.ALL.size() * Found.values().length;

  /** Causes in their order, as the single hypotheses stand. */
  static final List<Cause> CAUSES = List.of(Cause.values());

  /** Charges in their order. */
  static final List<Found> FOUND_ORDER = List.of(Found.values());

  private static final String SYMPTOM = "symptom";
  private static final String CHARGING_VOLTS = "charging_volts";
  private static final String CRANKING_VOLTS = "cranking_volts";
  private static final String AGE = "age";

  /** Readings whose rows begin with the bad outcome. */
  private static final Set<String> HARMLESS_LAST = Set.of("left_on");

  private static final Table ROWS = Table.read(Likelihoods.class, "likelihoods.csv");
  private static final Map<String, Map<String, double[]>> BY_READING = readAll();

  private Likelihoods() {}

  /** Hypotheses in their order, each with every charge in its order. */
  static int place(int hypothesis, Found found) {
    return hypothesis * FOUND_ORDER.size() + FOUND_ORDER.indexOf(found);
  }

  /** The place of one cause alone. */
  static int place(Cause cause, Found found) {
    return place(CAUSES.indexOf(cause), found);
  }

  /** The hypothesis of a place. */
  static Hypothesis hypothesis(int place) {
    return Hypothesis.ALL.get(place / FOUND_ORDER.size());
  }

  /** Likelihood of every outcome of a reading, by hypothesis. */
  static Map<String, double[]> of(ReadingKind kind, Chemistry chemistry) {
    return BY_READING.getOrDefault(kind.table(chemistry), Map.of());
  }

  /**
   * Likelihood of one outcome, by hypothesis.
   *
   * @throws IllegalArgumentException when the reading cannot come out so, naming what it can
   */
  static double[] of(Evidence evidence, Chemistry chemistry) {
    Map<String, double[]> outcomes = of(evidence.kind(), chemistry);
    double[] likelihood = outcomes.get(evidence.outcome());
    if (likelihood == null) {
      throw new IllegalArgumentException(
          evidence.kind()
              + " must come out as one of "
              + outcomes.keySet()
              + ", was "
              + evidence.outcome());
    }
    return likelihood;
  }

  /** How usual each hypothesis is before any reading; adds up to 1. */
  static double[] before(Chemistry chemistry) {
    double[] prior = new double[COUNT];
    String family = chemistry.family().name().toLowerCase(java.util.Locale.ROOT);
    double sum = 0;
    for (int i = 0; i < Hypothesis.ALL.size(); i++) {
      double[] found = Hypothesis.ALL.get(i).found();
      for (int k = 0; k < found.length; k++) {
        prior[place(i, FOUND_ORDER.get(k))] = Hypothesis.ALL.get(i).usual(family) * found[k];
        sum += prior[place(i, FOUND_ORDER.get(k))];
      }
    }
    for (int i = 0; i < prior.length; i++) {
      prior[i] /= sum;
    }
    return prior;
  }

  private static Map<String, Map<String, double[]>> readAll() {
    Map<String, Map<String, double[]>> all = new LinkedHashMap<>();
    for (Table.Row row : ROWS.rows()) {
      double[] likelihood =
          all.computeIfAbsent(row.text("reading"), reading -> new LinkedHashMap<>())
              .computeIfAbsent(row.text("outcome"), outcome -> new double[COUNT]);
      for (Found found : Found.values()) {
        if (row.text("charge").equals("any") || row.text("charge").equals(found.id())) {
          for (Cause cause : Cause.values()) {
            likelihood[place(cause, found)] = row.number(cause.id());
          }
        }
      }
    }
    all.forEach(Likelihoods::pairs);
    return all;
  }

  /** Fills in what two causes at once would show. */
  private static void pairs(String reading, Map<String, double[]> outcomes) {
    List<double[]> inOrder = new ArrayList<>(outcomes.values());
    if (HARMLESS_LAST.contains(reading)) {
      Collections.reverse(inOrder);
    }
    for (int i = 0; i < Hypothesis.ALL.size(); i++) {
      Hypothesis pair = Hypothesis.ALL.get(i);
      if (pair.isPair()) {
        for (Found found : Found.values()) {
          fill(reading, inOrder, pair, place(i, found), found);
        }
      }
    }
  }

  private static void fill(
      String reading, List<double[]> outcomes, Hypothesis pair, int place, Found found) {
    int one = place(pair.causes().get(0), found);
    int other = place(pair.causes().get(1), found);
    Optional<Cause> speaks = speaksAlone(reading, pair);
    double ofOne = 0;
    double ofOther = 0;
    double ofSound = 0;
    double before = 0;
    for (double[] outcome : outcomes) {
      ofOne += outcome[one];
      ofOther += outcome[other];
      ofSound += outcome[place(Cause.SOUND, found)];
      if (speaks.isPresent()) {
        outcome[place] = outcome[place(speaks.get(), found)];
      } else if (reading.equals(SYMPTOM)) {
        outcome[place] = 0.5 * (outcome[one] + outcome[other]);
      } else {
        // No worse than so only where neither makes it worse.
        double largest = Math.max(ofSound, Math.max(ofOne, ofOther));
        double noWorse = largest <= 0 ? 0 : Math.min(1, ofOne * ofOther / largest);
        outcome[place] = Math.max(0, noWorse - before);
        before = noWorse;
      }
    }
  }

  /** The one of two causes that alone decides what a reading shows. */
  private static Optional<Cause> speaksAlone(String reading, Hypothesis pair) {
    if (reading.equals(CHARGING_VOLTS) && pair.has(Cause.CHARGING)) {
      return Optional.of(Cause.CHARGING);
    }
    if (reading.equals(AGE) && pair.has(Cause.WORN)) {
      return Optional.of(Cause.WORN);
    }
    if (reading.equals(CRANKING_VOLTS) && pair.has(Cause.CONNECTION)) {
      return Optional.of(pair.otherThan(Cause.CONNECTION));
    }
    // Its voltages run from too low to too high: no order of harm.
    return reading.equals(CHARGING_VOLTS) ? Optional.of(pair.causes().get(0)) : Optional.empty();
  }

  /** Every reading named in the table, for the guide and the tests. */
  static List<String> readings() {
    return new ArrayList<>(BY_READING.keySet());
  }

  /** Every outcome of a reading named in the table. */
  static Map<String, double[]> ofTable(String reading) {
    return BY_READING.getOrDefault(reading, Map.of());
  }
}
