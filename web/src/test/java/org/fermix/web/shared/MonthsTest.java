package org.fermix.web.shared;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MonthsTest {
  @ParameterizedTest
  @CsvSource({
    "0, 0, 1 Jan",
    "0, 28, 29 Jan",
    "0, 58.9, 28 Feb",
    "90, 214, 1 Nov",
    "334, 60, 30 Jan",
    "0, 400, '5 Feb, a year on'",
    "0, 1100, '6 Jan, 3 years on'"
  })
  void daysAreDates(double from, double days, String date) {
    assertThat(Months.date(from, days)).isEqualTo(date);
  }

  @Test
  void allTwelveCanBeChosen() {
    assertThat(Months.choices()).hasSize(12);
    assertThat(Months.choices().get(10).label()).isEqualTo("November");
    assertThat(Months.name(4)).isEqualTo("April");
  }
}
