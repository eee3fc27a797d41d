package org.fermix.web.battery;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.permission.DataSheet;

/**
 * The lines of a data sheet as they are typed or pasted: what it names, a colon, tab or equals
 * sign, and what it says. A line without any says “yes” to what it names.
 *
 * @param complaint what is wrong, empty when nothing is
 */
public record SheetText(List<DataSheet.Line> lines, String complaint) {
  private static final List<Character> PARTS = List.of(':', '\t', '=');
  private static final String YES = "yes";

  /** Copies the list. */
  public SheetText {
    lines = List.copyOf(lines);
  }

  /** Reads lines; what is wrong stands in the complaint. */
  public static SheetText read(List<String> texts) {
    List<DataSheet.Line> lines = new ArrayList<>();
    for (int i = 0; i < texts.size(); i++) {
      String text = texts.get(i);
      int at = parting(text);
      String words = (at < 0 ? text : text.substring(0, at)).strip();
      String value = at < 0 ? YES : text.substring(at + 1).strip();
      if (words.isEmpty() || value.isEmpty()) {
        return new SheetText(
            List.of(),
            "Line "
                + (i + 1)
                + ": write what it names and what it says, such as Operating temperature: −20 to"
                + " 60 °C.");
      }
      if (words.length() > DataSheet.LONGEST || value.length() > DataSheet.LONGEST) {
        return new SheetText(
            List.of(),
            "Line " + (i + 1) + ": at most " + DataSheet.LONGEST + " characters on each side.");
      }
      lines.add(new DataSheet.Line(words, value));
    }
    return new SheetText(lines, "");
  }

  private static int parting(String text) {
    for (int i = 0; i < text.length(); i++) {
      if (PARTS.contains(text.charAt(i))) {
        return i;
      }
    }
    return -1;
  }

  /** A line as it would be typed. */
  public static String of(DataSheet.Line line) {
    return line.words() + ": " + line.value();
  }
}
