package org.fermix.web.battery;

import static org.assertj.core.api.Assertions.assertThat;

import org.fermix.core.rating.CrankingTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Further ratings as they are typed. */
class RatingTextTest {
  @Test
  void readsAmountsWithTheirTests() {
    RatingText read = RatingText.read("1000 MCA; 690 en\n 320 din");
    assertThat(read.complaint()).isEmpty();
    assertThat(read.ratings())
        .extracting(rating -> rating.test().id())
        .containsExactly("mca", "en", "din");
    assertThat(read.ratings().get(0).amps()).isEqualTo(1000);
    assertThat(RatingText.read("").ratings()).isEmpty();
    for (CrankingTest test : CrankingTest.all()) {
      assertThat(RatingText.read("500 " + RatingText.name(test)).ratings()).hasSize(1);
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"MCA 1000", "1000", "many MCA", "99999 MCA", "0 EN", "500 XYZ", "1 2 3", "-4 EN"})
  void saysWhatIsWrongAndWhatIsTaken(String typed) {
    RatingText read = RatingText.read(typed);
    assertThat(read.ratings()).isEmpty();
    assertThat(read.complaint()).contains("Number 1", "such as 870 MCA", "PHCA");
  }

  @Test
  void noMoreThanAreKept() {
    assertThat(RatingText.read("1 EN;2 EN;3 EN;4 EN;5 EN;6 EN;7 EN").complaint())
        .isEqualTo("At most 6 are kept.");
  }
}
