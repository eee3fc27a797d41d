package org.fermix.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.Examples;
import org.fermix.core.quantity.Table;
import org.junit.jupiter.api.Test;

/** Forty invented labels, half of them with one known flaw: each is found, no clean one accused. */
class FortyLabelsTest {
  private static final List<Table.Row> LABELS =
      Table.read(FortyLabelsTest.class, "forty-labels.csv").rows();

  private static LabelAudit audit(Table.Row row) {
    Label label =
        Examples.label(
            row.text("chemistry"),
            row.number("cca"),
            row.number("ah"),
            row.number("rc"),
            row.number("kg"),
            100);
    return LabelAudit.of(
        label.with(new Sheet(row.number("hours"), List.of(), ProtectionClaim.NONE, false, false)));
  }

  @Test
  void eachKnownFlawIsFound() {
    List<String> missed = new ArrayList<>();
    for (Table.Row row : LABELS) {
      if (!row.text("flaw").isEmpty()
          && audit(row).findings().stream()
              .noneMatch(flaw -> flaw.code().name().equals(row.text("flaw")))) {
        missed.add(row + " " + audit(row));
      }
    }
    assertThat(missed).isEmpty();
  }

  @Test
  void noCleanLabelIsAccused() {
    List<Table.Row> clean = LABELS.stream().filter(row -> row.text("flaw").isEmpty()).toList();
    assertThat(clean).hasSize(LABELS.size() / 2);
    assertThat(clean.stream().filter(row -> audit(row).worst() != LabelAudit.Weight.NOTE))
        .isEmpty();
  }
}
