package org.fermix.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.fermix.core.quantity.Table;

/**
 * What may be the matter: one cause, or two at once. A row of {@code causes.csv}.
 *
 * @param causes one or two
 */
record Hypothesis(List<Cause> causes) {
  private static final Table ROWS = Table.read(Hypothesis.class, "causes.csv");

  /** Every hypothesis: each cause alone in its order, then the pairs. */
  static final List<Hypothesis> ALL = readAll();

  /** Copies the list. */
  Hypothesis {
    causes = List.copyOf(causes);
  }

  private static List<Hypothesis> readAll() {
    List<Hypothesis> all = new ArrayList<>();
    for (Cause cause : Cause.values()) {
      all.add(new Hypothesis(List.of(cause)));
    }
    for (Table.Row row : ROWS.rows()) {
      String name = row.text("cause").toUpperCase(Locale.ROOT);
      int plus = name.indexOf('+');
      if (plus > 0) {
        all.add(
            new Hypothesis(
                List.of(
                    Cause.valueOf(name.substring(0, plus)),
                    Cause.valueOf(name.substring(plus + 1)))));
      }
    }
    return List.copyOf(all);
  }

  boolean has(Cause cause) {
    return causes.contains(cause);
  }

  boolean isPair() {
    return causes.size() > 1;
  }

  /** The other one of a pair. */
  Cause otherThan(Cause cause) {
    return causes.get(0) == cause ? causes.get(1) : causes.get(0);
  }

  private Table.Row row() {
    return ROWS.row("cause", String.join("+", causes.stream().map(Cause::id).toList()));
  }

  /** How usual it is before any reading, in a family of chemistry (1). */
  double usual(String family) {
    return row().number(family);
  }

  /**
   * How full the battery is found: of two, the lower of what each would leave, in the cumulative
   * shares.
   *
   * @return shares in the order of {@link Found}
   */
  double[] found() {
    if (!isPair()) {
      return shares(row());
    }
    double[] one = shares(new Hypothesis(causes.subList(0, 1)).row());
    double[] other = shares(new Hypothesis(causes.subList(1, 2)).row());
    double[] both = new double[one.length];
    double before = 0;
    double ofOne = 0;
    double ofOther = 0;
    // From the fullest down: as full as that only where both leave it so.
    for (int i = 0; i < one.length; i++) {
      ofOne += one[i];
      ofOther += other[i];
      double full = Math.min(ofOne, ofOther);
      both[i] = full - before;
      before = full;
    }
    return both;
  }

  private static double[] shares(Table.Row row) {
    return Arrays.stream(Found.values()).mapToDouble(found -> row.number(found.id())).toArray();
  }
}
