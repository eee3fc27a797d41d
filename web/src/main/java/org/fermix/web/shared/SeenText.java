package org.fermix.web.shared;

import java.util.OptionalInt;
import org.fermix.core.quantity.ShortPattern;

/** What a reader sees of a text: how many signs, and whether anything hides in it. */
final class SeenText {
  /** Characters up to which signs are told apart; a longer text is counted by its characters. */
  private static final int LONGEST = 500;

  /** One sign as it is seen, of however many characters (UAX #29, extended grapheme clusters). */
  private static final ShortPattern SIGN = ShortPattern.of("\\X", LONGEST);

  /** Letters without any ink of their own, and the blank of Braille. */
  private static final String BLANK_LETTERS = "\u115f\u1160\u3164\uffa0\u2800";

  /** What stands where a sign could not be read. */
  private static final char REPLACED = '\ufffd';

  private SeenText() {}

  /**
   * What is wrong with a text; empty when nothing is.
   *
   * @param most signs that are accepted; characters, twice as many
   */
  static String complaint(String text, int most) {
    if (text.chars().anyMatch(sign -> Character.isISOControl(sign) || sign == REPLACED)) {
      return "Only letters, digits and signs that can be printed.";
    }
    if (text.codePoints().anyMatch(SeenText::isNoCharacter)) {
      return "Only letters, digits and signs that can be printed.";
    }
    if (text.codePoints().anyMatch(SeenText::turnsDirection)) {
      return "It holds a sign nobody sees that turns the direction of writing; type it anew.";
    }
    if (text.codePoints().allMatch(SeenText::isUnseen)) {
      return "Nothing in it can be seen; letters or digits are accepted.";
    }
    return text.codePointCount(0, text.length()) > 2 * most || signs(text) > most
        ? "Too long: 1 to " + most + " characters are accepted."
        : "";
  }

  private static int signs(String text) {
    OptionalInt signs = SIGN.count(text);
    return signs.orElse(text.codePointCount(0, text.length()));
  }

  /**
   * Code points that are never characters (Unicode, 23.7): U+FDD0 to FDEF and the last two of each
   * plane.
   */
  private static boolean isNoCharacter(int sign) {
    return (sign & 0xfffe) == 0xfffe || (sign >= 0xfdd0 && sign <= 0xfdef);
  }

  private static boolean turnsDirection(int sign) {
    return sign == 0x061c
        || sign == 0x200e
        || sign == 0x200f
        || (sign >= 0x202a && sign <= 0x202e)
        || (sign >= 0x2066 && sign <= 0x2069);
  }

  private static boolean isUnseen(int sign) {
    return switch (Character.getType(sign)) {
      case Character.FORMAT,
          Character.SPACE_SEPARATOR,
          Character.LINE_SEPARATOR,
          Character.PARAGRAPH_SEPARATOR,
          Character.CONTROL,
          Character.SURROGATE,
          Character.PRIVATE_USE,
          Character.UNASSIGNED,
          Character.NON_SPACING_MARK,
          Character.ENCLOSING_MARK ->
          true;
      default -> BLANK_LETTERS.indexOf(sign) >= 0;
    };
  }
}
