package org.fermix.standins;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.fermix.core.diagnosis.ReadingKind;
import org.junit.jupiter.api.Test;

/** Rounds of practice can be repeated and compared. */
class PracticeTest {
  /** The same number gives the same machine, and a reading does not depend on those before it. */
  @Test
  void aReadingIsTheSameOnEveryPath() {
    for (long seed = 1; seed <= 40; seed++) {
      Practice practice = new Practice(seed);
      List<ReadingKind> kinds = new ArrayList<>(practice.readings());
      List<Practice.Step> there = practice.path(kinds);
      Collections.reverse(kinds);
      List<Practice.Step> back = new Practice(seed).path(kinds);
      for (Practice.Step step : there) {
        assertThat(back)
            .filteredOn(other -> other.kind() == step.kind())
            .singleElement()
            .satisfies(other -> assertThat(other.reading()).isEqualTo(step.reading()));
      }
      assertThat(there.get(there.size() - 1).doubtBits())
          .isCloseTo(
              back.get(back.size() - 1).doubtBits(), org.assertj.core.api.Assertions.within(1e-9));
    }
  }

  /** The most informative path settles most machines, rightly, in few readings. */
  @Test
  void theMostInformativePathFindsMostFaults() {
    int right = 0;
    int rounds = 200;
    for (long seed = 1; seed <= rounds; seed++) {
      Practice practice = new Practice(seed);
      List<Practice.Step> path = practice.mostInformativePath();
      assertThat(path).hasSizeLessThanOrEqualTo(Practice.MOST_READINGS);
      assertThat(path.get(0).kind()).isEqualTo(ReadingKind.SYMPTOM);
      right += path.get(path.size() - 1).leading() == practice.cause() ? 1 : 0;
    }
    assertThat(right).isGreaterThanOrEqualTo((int) (0.9 * rounds));
  }

  /** What the owner knows never names the fault's figures, and makes sense. */
  @Test
  void theStoryIsPlausible() {
    for (long seed = 1; seed <= 100; seed++) {
      Practice.Story story = new Practice(seed).story();
      assertThat(story.ratedAmps()).isBetween(20.0, 2000.0);
      assertThat(story.ampHours()).isBetween(1.0, 400.0);
      assertThat(story.ageYears()).isBetween(0.0, 30.0);
      assertThat(story.temperatureC()).isBetween(-25.0, 30.0);
    }
  }
}
