package org.fermix.core.quantity;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The words of a text without case or punctuation, found in one pass whatever its length. */
public final class PlainWords {
  private PlainWords() {}

  /** Runs of a to z, 0 to 9 and “+”, in lower case; everything else parts them. */
  public static List<String> of(String text) {
    List<String> words = new ArrayList<>();
    StringBuilder word = new StringBuilder();
    for (char sign : text.toLowerCase(Locale.ROOT).toCharArray()) {
      if ((sign >= 'a' && sign <= 'z') || (sign >= '0' && sign <= '9') || sign == '+') {
        word.append(sign);
      } else if (!word.isEmpty()) {
        words.add(word.toString());
        word.setLength(0);
      }
    }
    if (!word.isEmpty()) {
      words.add(word.toString());
    }
    return List.copyOf(words);
  }
}
