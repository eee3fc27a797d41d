package org.fermix.web.shared;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumberTextTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          12.5      | 12.5
          12,5      | 12.5
          -18       | -18
          −18       | -18
          3 000     | 3000
          1,234.5   | 1234.5
          1.234,5   | 1234.5
          1,234,567 | 1234567
          0,125     | 0.125
          12,3456   | 12.3456
          .5        | 0.5
          ,5        | 0.5
          7.        | 7
          +4        | 4
          """)
  void readsWhatPeopleType(String typed, double expected) {
    NumberText.Result reading = NumberText.read(typed);
    assertThat(reading.complaint()).isEmpty();
    assertThat(reading.value()).isEqualTo(expected);
  }

  @Test
  void asksWhereACommaCouldMeanEither() {
    assertThat(NumberText.read("1,250").complaint())
        .isEqualTo("“1,250” could be read two ways: write 1250 or 1.250.");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "abc",
        "12 A",
        "1e5",
        "NaN",
        "Infinity",
        "0x10",
        "--3",
        "1.2.3",
        "<b>1</b>",
        "-",
        ",",
        "1,2,3",
        "99999999999999999999999999999"
      })
  void refusesWhatIsNoNumber(String typed) {
    assertThat(NumberText.read(typed).isNumber()).isFalse();
  }
}
