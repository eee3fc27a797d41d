package org.fermix.core.diagnosis;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Table;

/**
 * How likely each outcome of a reading is under each hypothesis: a cause together with the charge
 * the battery was found at. Read from {@code likelihoods.csv} and {@code causes.csv}.
 */
final class Likelihoods {
  /** Hypotheses: every cause with every charge. */
  static final int COUNT = Cause.values().length * Found.values().length;

  private static final List<Cause> CAUSE_ORDER = List.of(Cause.values());
  private static final List<Found> FOUND_ORDER = List.of(Found.values());
  private static final Table ROWS = Table.read(Likelihoods.class, "likelihoods.csv");
  private static final Table CAUSES = Table.read(Likelihoods.class, "causes.csv");
  private static final Map<String, Map<String, double[]>> BY_READING = readAll();

  private Likelihoods() {}

  /** Causes in their order, each with every charge in its order. */
  static int place(Cause cause, Found found) {
    return CAUSE_ORDER.indexOf(cause) * FOUND_ORDER.size() + FOUND_ORDER.indexOf(found);
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
    for (Cause cause : Cause.values()) {
      Table.Row row = CAUSES.row("cause", cause.id());
      for (Found found : Found.values()) {
        prior[place(cause, found)] = row.number(family) * row.number(found.id());
      }
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
    return all;
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
