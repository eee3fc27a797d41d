package org.fermix.web.battery;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.StringTokenizer;
import org.fermix.core.label.RatedCharge;
import org.fermix.core.label.Sheet;
import org.fermix.web.shared.NumberText;

/**
 * Further hour rates and rows of a discharge table as they are typed: each is an amount in Ah or A
 * and a time in h or min, such as "23 Ah 50 h; 25 A 71 min", set apart by semicolons or lines.
 *
 * @param complaint what is wrong, empty when nothing is
 */
public record DischargeText(List<RatedCharge> points, String complaint) {
  /** Longest text that is read. */
  public static final int LONGEST = 400;

  private static final String SEPARATORS = ";\n\r";
  private static final double MINUTES_PER_HOUR = 60;
  private static final String WANTED =
      "Give each as an amount and a time, such as 23 Ah 50 h or 25 A 71 min, set apart by"
          + " semicolons.";

  /** Copies the list. */
  public DischargeText {
    points = List.copyOf(points);
  }

  /** Reads a text; what is wrong stands in the complaint. */
  public static DischargeText read(String text) {
    List<RatedCharge> points = new ArrayList<>();
    int number = 0;
    for (String entry : entries(text)) {
      number++;
      if (points.size() == Sheet.MOST_DISCHARGES) {
        return wrong("At most " + Sheet.MOST_DISCHARGES + " are kept.");
      }
      StringTokenizer words = new StringTokenizer(entry);
      if (words.countTokens() != 4) {
        return wrong("Number " + number + " is “" + entry + "”. " + WANTED);
      }
      NumberText.Result amount = NumberText.read(words.nextToken());
      String amountUnit = words.nextToken().toLowerCase(Locale.ROOT);
      NumberText.Result time = NumberText.read(words.nextToken());
      String timeUnit = words.nextToken().toLowerCase(Locale.ROOT);
      if (!amount.isNumber()
          || !time.isNumber()
          || !List.of("ah", "a").contains(amountUnit)
          || !List.of("h", "min").contains(timeUnit)) {
        return wrong("Number " + number + " is “" + entry + "”. " + WANTED);
      }
      double hours = timeUnit.equals("min") ? time.value() / MINUTES_PER_HOUR : time.value();
      try {
        points.add(
            amountUnit.equals("ah")
                ? RatedCharge.atRate(amount.value(), hours)
                : new RatedCharge(amount.value(), hours));
      } catch (IllegalArgumentException e) {
        return wrong("Number " + number + ": " + e.getMessage() + ".");
      }
    }
    return new DischargeText(points, "");
  }

  private static DischargeText wrong(String complaint) {
    return new DischargeText(List.of(), complaint);
  }

  /** The entries of a text, one by one. */
  public static List<String> entries(String text) {
    return Collections.list(new StringTokenizer(text, SEPARATORS)).stream()
        .map(entry -> entry.toString().strip())
        .filter(entry -> !entry.isEmpty())
        .toList();
  }
}
