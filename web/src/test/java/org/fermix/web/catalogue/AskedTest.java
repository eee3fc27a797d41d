package org.fermix.web.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class AskedTest {
  @Test
  void wordsAndLimitsAreToldApart() {
    Asked asked = Asked.of("Tern under 18 kg to €150 over 700A AGM");
    assertThat(asked.words()).containsExactly("tern", "agm");
    assertThat(asked.mostKg()).contains(18.0);
    assertThat(asked.mostPrice()).contains(150.0);
    assertThat(asked.leastAmps()).contains(700.0);
  }

  @Test
  void poundsAreReadAsPounds() {
    assertThat(Asked.of("below 40 lb").mostKg().orElseThrow()).isBetween(18.1, 18.2);
    assertThat(Asked.of("from 60 ah").leastAmpHours()).contains(60.0);
  }

  @Test
  void whatIsNoLimitIsAWordAndLongTextIsCut() {
    assertThat(Asked.of("under heavy").words()).containsExactly("under", "heavy");
    assertThat(Asked.of("under").words()).containsExactly("under");
    assertThat(Asked.of("x ".repeat(5000)).words()).hasSizeLessThanOrEqualTo(8);
    assertThat(Asked.of("%' or 1=1 --").words()).doesNotContain("%", "'");
  }
}
