package org.fermix.web.bench;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.Optional;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;

/** A battery that its owner’s own lay-up ends: when, and what saves it. */
public final class LossWords {
  /** Any year that has no leap day: only day and month are said. */
  private static final LocalDate NEW_YEAR = LocalDate.of(2025, 1, 1);

  private LossWords() {}

  /**
   * In a sentence; empty where it outlasts the lay-up.
   *
   * @param stand as it was asked about, which a reader may have changed from the need’s own
   */
  public static Optional<String> of(Need need, Stand stand, CandidateAnswer candidate) {
    LongestLayUp layUp = need.use().layUp();
    return candidate
        .lostAfterDays()
        .map(days -> NEW_YEAR.plusDays(Math.round(layUp.fromDay() + days)))
        .map(
            day ->
                "Laid up as it is, "
                    + candidate.letter()
                    + " is lost by about "
                    + day.getDayOfMonth()
                    + " "
                    + day.getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH)
                    + ": leave it on a maintainer"
                    + (stand.isConnected() ? "; its negative lead off gives it longer." : "."));
  }
}
