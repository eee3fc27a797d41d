package org.fermix.web.battery;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.StringTokenizer;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Sheet;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.shared.NumberText;

/**
 * Further cranking ratings as they are typed: an amount and the test it is by, such as "870 MCA;
 * 610 EN", set apart by semicolons or lines.
 *
 * @param complaint what is wrong, empty when nothing is
 */
public record RatingText(List<CrankingRating> ratings, String complaint) {
  /** Longest text that is read. */
  public static final int LONGEST = 120;

  /** Copies the list. */
  public RatingText {
    ratings = List.copyOf(ratings);
  }

  /** Reads a text; what is wrong stands in the complaint. */
  public static RatingText read(String text) {
    List<CrankingRating> ratings = new ArrayList<>();
    int number = 0;
    for (String entry : DischargeText.entries(text)) {
      number++;
      if (ratings.size() == Sheet.MOST_RATINGS) {
        return wrong("At most " + Sheet.MOST_RATINGS + " are kept.");
      }
      StringTokenizer words = new StringTokenizer(entry);
      Optional<CrankingRating> read =
          words.countTokens() == 2
              ? rating(NumberText.read(words.nextToken()), words.nextToken())
              : Optional.empty();
      if (read.isEmpty()) {
        return wrong(
            "Number "
                + number
                + " is “"
                + entry
                + "”. Give each as an amount and a test, such as 870 MCA or 610 EN; the tests are "
                + String.join(", ", CrankingTest.all().stream().map(RatingText::name).toList())
                + ".");
      }
      ratings.add(read.get());
    }
    return new RatingText(ratings, "");
  }

  private static Optional<CrankingRating> rating(NumberText.Result amps, String test) {
    if (!amps.isNumber()
        || amps.value() < CrankingRating.AMPS.least()
        || amps.value() > CrankingRating.AMPS.most()) {
      return Optional.empty();
    }
    return CrankingTest.all().stream()
        .filter(each -> name(each).equals(test.toUpperCase(Locale.ROOT)))
        .findFirst()
        .map(each -> new CrankingRating(amps.value(), each));
  }

  /** A test as it is typed. */
  public static String name(CrankingTest test) {
    return test.id().toUpperCase(Locale.ROOT);
  }

  private static RatingText wrong(String complaint) {
    return new RatingText(List.of(), complaint);
  }
}
