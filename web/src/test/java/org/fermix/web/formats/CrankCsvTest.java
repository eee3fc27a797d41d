package org.fermix.web.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.prove.CrankRecording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Files as loggers write them, and files as they should not be. */
class CrankCsvTest {
  private static CrankRecording read(String text) {
    return CrankCsv.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
  }

  private static String rows(String heading, String row, int count) {
    StringBuilder text = new StringBuilder(heading);
    for (int i = 0; i < count; i++) {
      text.append(row.replace("#", Integer.toString(i))).append('\n');
    }
    return text.toString();
  }

  /** Separators, decimal comma, order of columns, units, with and without a heading. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "t,v~ | #,12.5 | 29 | 0",
        "Time (ms);Voltage [V]~ | #000;12,5 | 29 | 0",
        "amps\tvolts\ttime_s~ | 80\t12.5\t# | 29 | 80",
        "'' | #,12.5,80 | 29 | 80",
        "'\"Volts\",\"Seconds\"~' | \"12.5\",\"#\" | 29 | 0",
        "elapsed_ms;u;i~ | #000;12,5;80 | 29 | 80"
      })
  void everyUsualWayOfWritingIsRead(String heading, String row, double last, double amps) {
    CrankRecording recording =
        read(rows(heading.replace('~', '\n').replace("\\t", "\t"), row.replace("\\t", "\t"), 30));
    assertThat(recording.size()).isEqualTo(30);
    assertThat(recording.seconds(29)).isCloseTo(last, within(1e-9));
    assertThat(recording.volts(3)).isEqualTo(12.5);
    assertThat(recording.amps(3)).isEqualTo(amps);
  }

  /** What is wrong is said with its line and column, and nothing is taken. */
  @Test
  void faultsSayLineAndColumn() {
    String good = rows("t,v\n", "#,12.5", 25);
    assertThatThrownBy(() -> read(good + "25,twelve\n"))
        .isInstanceOf(CsvFault.class)
        .hasMessageContaining("Line 27, column 2: “twelve” is no number for volts");
    assertThatThrownBy(() -> read(good + "3,12.5\n"))
        .hasMessageContaining("Line 27, column 1: the time does not rise");
    assertThatThrownBy(() -> read(good + "25\n"))
        .hasMessageContaining("column 2: the volts are missing");
    assertThatThrownBy(() -> read(good + "25,99\n")).hasMessageContaining("−5 to 60 V is accepted");
    assertThatThrownBy(() -> read("speed,colour\n1,2\n"))
        .hasMessageContaining("no column for time");
    assertThatThrownBy(() -> read("")).hasMessageContaining("Only 0 rows");
    assertThatThrownBy(() -> read("t,v\n1,12\n")).hasMessageContaining("at least 20 are needed");
    assertThatThrownBy(() -> read(good + "25,NaN\n")).hasMessageContaining("is no number");
    assertThatThrownBy(() -> read("t,v\n\"1,12\n2,13\n")).isInstanceOf(CsvFault.class);
  }

  /** Whatever is too much is said to be so, where it is, before anything looks at it closer. */
  @Test
  void whatIsTooMuchIsRefusedBeforeItIsRead() {
    String digits = "1".repeat(5000);
    assertThatThrownBy(() -> read(digits + "\n" + digits))
        .hasMessageContaining("Line 1, column 1: a cell of 5000 characters; at most 200");
    assertThatThrownBy(() -> read("1".repeat(40_000)))
        .isInstanceOf(CsvFault.class)
        .hasMessageContaining("more than 10,000 characters");
    assertThatThrownBy(() -> read("t,v" + ",x".repeat(80) + "\n0,12\n"))
        .hasMessageContaining("Line 1, column 65: too many columns, 82");
    assertThatThrownBy(() -> read("t" + ",v".repeat(1500)))
        .hasMessageContaining("more than 1,000 columns");
    assertThatThrownBy(() -> read("t,v\n\"" + "1,12\n".repeat(3000)))
        .hasMessageContaining("a quote that is not closed");
  }

  /** The marks that some programs put before a text; RFC 3629, section 6, and RFC 2781, 3.2. */
  @Test
  void theMarkBeforeATextIsUnderstood() {
    String rows = rows("", "#,12.5", 25);
    for (Charset charset :
        List.of(StandardCharsets.UTF_8, StandardCharsets.UTF_16LE, StandardCharsets.UTF_16BE)) {
      byte[] bytes = ("\ufeff" + rows).getBytes(charset);
      assertThat(CrankCsv.read(new ByteArrayInputStream(bytes)).size())
          .as(charset.name())
          .isEqualTo(25);
    }
    byte[] unmarked = rows.getBytes(StandardCharsets.UTF_16LE);
    assertThatThrownBy(() -> CrankCsv.read(new ByteArrayInputStream(unmarked)))
        .hasMessageContaining("UTF-16 without a mark");
  }

  /** Bytes of any kind end in a recording or in words, never in our own fault; one seed. */
  @Test
  void anythingAtAllIsAnsweredInWords() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(19);
    String signs = "0123456789,;.\t\n\"tvaAms-+eé ";
    for (int i = 0; i < 2000; i++) {
      StringBuilder text = new StringBuilder();
      int length = random.nextInt(1, 400);
      for (int k = 0; k < length; k++) {
        text.append(signs.charAt(random.nextInt(signs.length())));
      }
      try {
        assertThat(read(text.toString()).size()).isGreaterThanOrEqualTo(20);
      } catch (CsvFault fault) {
        assertThat(fault.getMessage()).isNotBlank();
      }
    }
  }
}
