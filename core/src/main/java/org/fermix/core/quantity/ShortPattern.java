package org.fermix.core.quantity;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A regular expression that only ever looks at short text: whatever backtracking it may do is then
 * bounded. The one place where regular expressions are made; a test holds it.
 */
public final class ShortPattern {
  private final Pattern pattern;
  private final int longest;

  private ShortPattern(String expression, int longest) {
    this.pattern = Pattern.compile(expression);
    this.longest = longest;
  }

  /**
   * A pattern.
   *
   * @param longest characters it looks at, 1 to 500; anything longer does not match
   */
  public static ShortPattern of(String expression, int longest) {
    Check.within("longest text", longest, 1, 500, "characters");
    return new ShortPattern(expression, longest);
  }

  /** The match of a whole text; empty where it does not match or is too long. */
  public Optional<MatchResult> match(String text) {
    if (text.length() > longest) {
      return Optional.empty();
    }
    Matcher matcher = pattern.matcher(text);
    return matcher.matches() ? Optional.of(matcher.toMatchResult()) : Optional.empty();
  }

  /** How often it is found in a text; empty where that is too long. */
  public OptionalInt count(String text) {
    return text.length() > longest
        ? OptionalInt.empty()
        : OptionalInt.of((int) pattern.matcher(text).results().count());
  }

  /** A text with each match in another's words; as it is where that is too long. */
  public String replaced(String text, Function<MatchResult, String> words) {
    return text.length() > longest
        ? text
        : pattern.matcher(text).replaceAll(match -> Matcher.quoteReplacement(words.apply(match)));
  }

  /** True when a whole text matches and is not too long. */
  public boolean matches(String text) {
    return match(text).isPresent();
  }
}
