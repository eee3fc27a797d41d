package org.fermix.web.chart;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import org.unbescape.html.HtmlEscape;

/**
 * Writes the parts of a page that repeat by the hundred, where a template would evaluate thousands
 * of expressions: cells of a table, marks of a drawing. Every value is escaped; names of elements
 * and attributes are this program's own.
 */
@CanIgnoreReturnValue
public final class Markup {
  private final StringBuilder written = new StringBuilder(4096);

  /**
   * Begins an element.
   *
   * @param attributes name, value, name, value …; one whose value is empty is left out
   */
  public Markup open(String element, String... attributes) {
    begin(element, attributes);
    written.append('>');
    return this;
  }

  /** An element without content. */
  public Markup mark(String element, String... attributes) {
    begin(element, attributes);
    written.append("/>");
    return this;
  }

  /** An element with a text in it; nothing where the text is empty. */
  public Markup line(String element, String text, String... attributes) {
    return text.isEmpty() ? this : open(element, attributes).text(text).close(element);
  }

  /** A text. */
  public Markup text(String text) {
    written.append(HtmlEscape.escapeHtml4Xml(text));
    return this;
  }

  /** Ends an element. */
  public Markup close(String element) {
    written.append("</").append(element).append('>');
    return this;
  }

  private void begin(String element, String... attributes) {
    written.append('<').append(element);
    for (int i = 0; i < attributes.length; i += 2) {
      if (!attributes[i + 1].isEmpty()) {
        written.append(' ').append(attributes[i]).append("=\"");
        text(attributes[i + 1]);
        written.append('"');
      }
    }
  }

  /** All that was written. */
  @Override
  public String toString() {
    return written.toString();
  }
}
