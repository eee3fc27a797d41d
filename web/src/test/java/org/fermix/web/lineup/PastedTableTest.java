package org.fermix.web.lineup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.Map;
import org.fermix.web.formats.CsvFault;
import org.fermix.web.formats.PastedCells;
import org.fermix.web.formats.TableText;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PastedTableTest {
  private static final String HEAD =
      "Model\tTechnology\tCCA\tRC\tAh\tWeight (lb)\tLength in\tWidth in\tHeight in\tPositive\tPrice\n";

  private static PastedTable read(String text, Map<Integer, String> chosen) {
    return PastedTable.of(
        TableText.read(text, PastedCells.Most.PASTED),
        chosen,
        Map.of("chemistry", "agm"),
        Display.USUAL);
  }

  @Test
  void columnsAreGuessedAndUnitsRestated() {
    PastedTable table =
        read(HEAD + "Example 70\tAGM\t760\t124\t70\t45\t10.94\t6.89\t7.48\tRight\t176\n", Map.of());
    assertThat(table.columns())
        .extracting(PastedTable.Column::target)
        .containsExactly(
            "name",
            "chemistry",
            "cranking-cca",
            "reserve",
            "capacity",
            "mass",
            "length",
            "width",
            "height",
            "side",
            "price");
    PastedTable.Row row = table.rows().get(0);
    assertThat(row.wrong()).isEmpty();
    assertThat(row.form().number("mass").orElseThrow()).isBetween(20.4, 20.42);
    assertThat(row.form().number("length").orElseThrow()).isBetween(277.8, 277.9);
    assertThat(row.form().text("side")).contains("RIGHT");
  }

  @Test
  void aWrongCellIsSaidWithItsLineAndStopsAll() {
    PastedTable table =
        read(
            HEAD
                + "Good\tAGM\t760\t124\t70\t45\t10.9\t6.9\t7.4\tright\t176\n"
                + "Bad\tcoal\tmany\t124\t70\t45\t10.9\t6.9\t7.4\tup\t176\n",
            Map.of());
    assertThat(table.isSound()).isFalse();
    PastedTable.Row bad = table.rows().get(1);
    assertThat(bad.line()).isEqualTo(3);
    assertThat(String.join("; ", bad.wrong()))
        .contains("Chemistry", "Cranking rating", "1 to 3,000", "Positive terminal");
  }

  @Test
  void severalRatingsStandBesideTheFirstAndAChoiceOverrulesTheGuess() {
    PastedTable table =
        read(
            "Model;CCA;MCA;Length;Width;Height;Side\nTwin;750;870;278;175;190;L\n",
            Map.of(3, "length"));
    assertThat(table.rows().get(0).form().text("ratings")).contains("870 MCA");
    assertThat(table.isSound()).isTrue();
    PastedTable swapped =
        read("Model;CCA;MCA\nTwin;750;870\n", Map.of(1, PastedTable.NONE, 2, "cranking-mca"));
    assertThat(swapped.rows().get(0).form().text("test")).contains("mca");
  }

  @ParameterizedTest
  @CsvSource({
    "wide, 'Line 1, column 31'",
    "long, 'Line 2, column 1'",
    "rows, 'Line 61, column 1'",
    "huge, at most 20,000 characters"
  })
  void whatCannotBeReadIsSaidWithItsPlace(String what, String said) {
    String text =
        switch (what) {
          case "wide" -> "a,".repeat(40) + "\n1";
          case "long" -> "name,CCA\n" + "x".repeat(4_100) + ",1";
          case "rows" -> "name,CCA\n" + "x,1\n".repeat(100);
          default -> "x".repeat(30_000);
        };
    assertThatExceptionOfType(CsvFault.class)
        .isThrownBy(() -> TableText.read(text, PastedCells.Most.PASTED))
        .withMessageContaining(said);
  }

  @Test
  void lithiumIonAloneIsTakenDownAsNotSettled() {
    PastedTable table =
        read(HEAD + "Example\tLithium-ion\t300\t\t20\t10\t6\t3.4\t4\tleft\t90\n", Map.of());
    assertThat(table.rows().get(0).form().text("chemistry")).contains(BatteryForm.UNSTATED);
    assertThat(table.isSound()).isTrue();
  }

  /** An open quote runs on to the end: what is in it is one cell, and what is missing is said. */
  @Test
  void anOpenQuoteKeepsNothing() {
    PastedTable table = read("name,CCA\n\"Example,760\nx,1\ny,2\n", Map.of());
    assertThat(table.rows()).hasSize(1);
    assertThat(table.isSound()).isFalse();
  }

  @Test
  void aMarkBeforeTheTextAndEmptyLinesAreNoRows() {
    List<PastedCells.Row> rows =
        TableText.read("\ufeffname;CCA\n\n;;\nExample;760\n", PastedCells.Most.PASTED);
    assertThat(rows).hasSize(2);
    assertThat(rows.get(0).cell(0)).isEqualTo("name");
    assertThat(rows.get(1).line()).isEqualTo(4);
    assertThat(rows.get(1).cell(5)).isEmpty();
  }
}
