package org.fermix.web.chart;

import org.fermix.core.quantity.PlainWords;

/**
 * A drawing as it can be taken along: the same fragment that the page shows, in a file of its own.
 *
 * @param fragment template and fragment, such as {@code bench/ruler :: drawing}
 * @param scope class of the figure on the page, which its style goes by; may be empty
 * @param content what the fragment shows
 * @param viewBox the part of its own measure that is shown
 * @param width of the file without its margins, in pixels
 * @param height of the file without its margins, in pixels
 * @param heading over it
 * @param title in words, for those who do not see it
 */
public record Drawing(
    String fragment,
    String scope,
    Object content,
    String viewBox,
    int width,
    int height,
    String heading,
    String title) {
  /** Drawn in pixels of its own. */
  public static Drawing of(
      String fragment,
      String scope,
      Object content,
      int width,
      int height,
      String heading,
      String title) {
    return new Drawing(
        fragment, scope, content, "0 0 " + width + " " + height, width, height, heading, title);
  }

  /** The name of its file. */
  String fileName() {
    String plain = String.join("-", PlainWords.of(heading.replace('+', ' ')));
    return (plain.isEmpty() ? "drawing" : plain) + ".svg";
  }
}
