package org.fermix.web;

import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;

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

  /** Describes a need with a tray measured that takes the usual label. */
  public static void needWithTray(Visit visit, String job, int lengthMm, String... fields) {
    Map<String, String> need = pairs(fields);
    need.putAll(
        pairs(
            "trayLength",
            Integer.toString(lengthMm),
            "trayWidth",
            "180",
            "trayHeight",
            "206",
            "side",
            "RIGHT"));
    need(
        visit,
        job,
        need.entrySet().stream()
            .flatMap(each -> Stream.of(each.getKey(), each.getValue()))
            .toArray(String[]::new));
  }

  /** Adds a candidate to the line-up. */
  public static void add(Visit visit, String job, Map<String, String> label) {
    visit.submit(job + "/lineup/new", job + "/lineup/new", label);
  }

  /**
   * A recorded start, made up: at rest, a dip, two seconds of cranking with a beat of 6.6 Hz, and a
   * running engine; every 4 ms.
   *
   * @param crankingVolts mean of the cranking (V)
   */
  public static String start(double crankingVolts) {
    StringBuilder csv = new StringBuilder("time_s,volts\n");
    for (int i = 0; i < 1000; i++) {
      double seconds = i * 0.004;
      double volts =
          seconds < 0.5
              ? 12.75
              : seconds < 0.56
                  ? crankingVolts - 1.15 + 8 * (seconds - 0.5)
                  : seconds < 2.3
                      ? crankingVolts + 0.16 * Math.sin(2 * Math.PI * seconds * 6.6)
                      : 14.1 - (13.9 - crankingVolts) * Math.exp(-(seconds - 2.3) / 0.25);
      csv.append(Math.round(seconds * 1000) / 1000.0)
          .append(',')
          .append(Math.round(volts * 1000) / 1000.0)
          .append('\n');
    }
    return csv.toString();
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
