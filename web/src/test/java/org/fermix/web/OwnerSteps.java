package org.fermix.web;

import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;

/** What an owner does in a job, over plain HTTP; fields are given as name, value, name, value … */
public final class OwnerSteps {
  private OwnerSteps() {}

  /** Takes a reading down; the page that answers. */
  public static HttpResponse<String> take(Visit visit, String job, String slug, String... fields) {
    String page = job + "/check/take/" + slug;
    return visit.submit(page, page, pairs(fields));
  }

  /** Types a need. */
  public static void need(Visit visit, String job, String... fields) {
    Map<String, String> typed = pairs(fields);
    typed.put("version", Html.value(visit.get(job + "/need").body(), "version"));
    typed.put("currency", "EUR");
    visit.submit(job + "/need", job + "/need", typed);
  }

  /** A label that goes into any tray, with what differs. */
  public static Map<String, String> label(String name, String chemistry, String... fields) {
    Map<String, String> label =
        new HashMap<>(
            Map.of(
                "name",
                name,
                "chemistry",
                chemistry,
                "test",
                "cca",
                "length",
                "240",
                "width",
                "175",
                "height",
                "190",
                "side",
                "RIGHT"));
    label.putAll(pairs(fields));
    return label;
  }

  /** Adds a candidate to the line-up. */
  public static void add(Visit visit, String job, Map<String, String> label) {
    visit.submit(job + "/lineup/new", job + "/lineup/new", label);
  }

  /** What a page says, its spaces plain. */
  public static String text(Visit visit, String path) {
    return plain(Html.text(visit.get(path).body(), "#content"));
  }

  /** A text with its spaces plain. */
  public static String plain(String text) {
    return text.replace('\u00a0', ' ').replace('\u202f', ' ');
  }

  private static Map<String, String> pairs(String... fields) {
    Map<String, String> pairs = new HashMap<>();
    for (int i = 0; i < fields.length; i += 2) {
      pairs.put(fields[i], fields[i + 1]);
    }
    return pairs;
  }
}
