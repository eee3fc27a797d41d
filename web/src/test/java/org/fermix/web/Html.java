package org.fermix.web;

import java.net.URI;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.select.Elements;

/** What stands on a page, read as a browser reads it. */
public final class Html {
  private Html() {}

  /** The elements a selector finds. */
  public static Elements all(String body, String selector) {
    return Jsoup.parse(body).select(selector);
  }

  /** The first of them. */
  public static Element first(String body, String selector) {
    Elements found = all(body, selector);
    if (found.isEmpty()) {
      throw new AssertionError("nothing like " + selector + " in:\n" + body);
    }
    return found.get(0);
  }

  /** What a field holds, typed or hidden. */
  public static String value(String body, String name) {
    return first(body, "input[name=" + name + "]").attr("value");
  }

  /** Where the first form leads whose address holds a text. */
  public static String action(String body, String holding) {
    return first(body, "form[action*=" + holding + "]").attr("action");
  }

  /** Where the first link leads whose address holds a text. */
  public static String link(String body, String holding) {
    return first(body, "a[href*=" + holding + "]").attr("href");
  }

  /** The text of the first element a selector finds. */
  public static String text(String body, String selector) {
    return first(body, selector).text();
  }

  /** The first parts of an address: of {@code /jobs/1/need}, two are {@code /jobs/1}. */
  public static String parts(URI address, int count) {
    return String.join("/", List.of(address.getPath().split("/", -1)).subList(0, count + 1));
  }
}
