package org.fermix.web.shared;

import java.util.Locale;

/** Messages of the core as sentences for the reader. */
public final class Sentence {
  private Sentence() {}

  /**
   * The message of a refusal as a sentence, with a capital and a full stop.
   *
   * @param otherwise when the refusal says nothing
   */
  public static String of(RuntimeException refusal, String otherwise) {
    String message = refusal.getMessage();
    return message == null || message.isEmpty()
        ? otherwise
        : message.substring(0, 1).toUpperCase(Locale.ROOT) + message.substring(1) + ".";
  }
}
