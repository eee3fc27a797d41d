package org.fermix.web.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Tables however they are written; JSON by RFC 8259, CSV by RFC 4180 and common practice. */
class TableTextTest {
  private static List<PastedCells.Row> read(String text) {
    return TableText.read(text, PastedCells.Most.PASTED);
  }

  @Test
  void jsonIsATableOfTheNamesItHas() {
    List<PastedCells.Row> rows =
        read(
            "[\n {\"name\": \"A\", \"CCA\": 560, \"heated\": true},\n {\"CCA\": 7.5e2, \"RC\": null}\n]");
    assertThat(rows.get(0).cells()).containsExactly("name", "CCA", "heated", "RC");
    assertThat(rows.get(1).cells()).containsExactly("A", "560", "true", "");
    assertThat(rows.get(2).cells()).containsExactly("", "7.5e2", "", "");
    assertThat(rows.get(2).line()).isEqualTo(3);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '^',
      value = {
        "{\"name\": 1} | Line 1, column 1: an array of objects",
        "[1] | an object is wanted",
        "[{\"a\": [1]}] | holds more than one value",
        "[{\"a\": {\"b\": 1}}] | holds more than one value",
        "[{\"a\": 1, \"a\": 2}] | a name stands twice",
        "[{\"a\": 1}] x | Line 1, column",
        "[{\"a\": 1}, | is missing or too many",
        "[{a: 1}] | is missing or too many",
        "[{\"a\": \"b} | is missing or too many",
        "[{\"a\": NaN}] | is missing or too many"
      })
  void whatCannotBeTakenIsSaidWithItsPlace(String text, String said) {
    assertThatExceptionOfType(CsvFault.class)
        .isThrownBy(() -> read(text))
        .withMessageContaining(said);
  }

  @Test
  void nothingIsTooDeepTooLongOrTooMany() {
    for (String text :
        List.of(
            "[".repeat(10_000),
            "[{\"a\":" + "[".repeat(10_000),
            "[{\"a\": \"" + "x".repeat(5_000) + "\"}]",
            "[{\"a\": " + "9".repeat(6_000) + "}]",
            "x".repeat(20_001),
            "[" + "{\"a\":1},".repeat(70) + "{}]",
            "PK\u0003\u0004rest",
            "n\0a\0m\0e\0")) {
      assertThatExceptionOfType(CsvFault.class).isThrownBy(() -> read(text));
    }
    String rows = "name,CCA\n" + "a,1\n".repeat(1_000_000);
    assertThatExceptionOfType(CsvFault.class)
        .isThrownBy(() -> TableText.read(rows, PastedCells.Most.FILE))
        .withMessageContaining("Line 10002");
  }

  @Test
  void aFileSaysHowItIsWritten() {
    String text = "name;CCA\nBölle;1,5\n";
    for (byte[] bytes :
        List.of(
            text.getBytes(StandardCharsets.UTF_8),
            ("\ufeff" + text).getBytes(StandardCharsets.UTF_8),
            ("\ufeff" + text).getBytes(StandardCharsets.UTF_16LE),
            ("\ufeff" + text).getBytes(StandardCharsets.UTF_16BE))) {
      assertThat(rows(bytes).get(1).cells()).containsExactly("Bölle", "1,5");
    }
    assertThatExceptionOfType(CsvFault.class)
        .isThrownBy(() -> rows("Bölle".getBytes(StandardCharsets.ISO_8859_1)))
        .withMessageContaining("Line 1, column 1");
    assertThatExceptionOfType(CsvFault.class)
        .isThrownBy(() -> rows(text.getBytes(StandardCharsets.UTF_16LE)));
  }

  private static List<PastedCells.Row> rows(byte[] bytes) {
    List<PastedCells.Row> rows = new ArrayList<>();
    TableText.each(() -> new ByteArrayInputStream(bytes), PastedCells.Most.FILE, rows::add);
    return rows;
  }

  /** What a spreadsheet would run is set off by an apostrophe, and comes back as it was. */
  @ParameterizedTest
  @CsvSource({"=1+1", "+A1", "-2", "@SUM(A1)", "plain", "'quoted'"})
  void noCellOfAnExportIsAFormula(String cell) {
    String inert = TableText.inert(cell);
    assertThat(inert.charAt(0)).isNotIn('=', '+', '-', '@');
    assertThat(new PastedCells.Row(1, List.of(inert)).cell(0)).isEqualTo(cell);
  }
}
