package org.fermix.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ShortPatternTest {
  /** One that would take longer than anybody waits for 5,000 signs is not asked at all. */
  @Test
  void whatIsTooLongIsNotLookedAt() {
    ShortPattern slow = ShortPattern.of("(a+)+b", 20);
    assertThat(slow.matches("aab")).isTrue();
    assertThat(slow.matches("a".repeat(5000))).isFalse();
    assertThat(slow.matches("a".repeat(20) + "b")).isFalse();
  }

  @Test
  void wordsAreRunsOfLettersAndDigits() {
    assertThat(PlainWords.of(" Time_ms (s) é1+ ")).containsExactly("time", "ms", "s", "1+");
    assertThat(PlainWords.of("--")).isEmpty();
  }
}
