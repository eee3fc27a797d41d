package org.fermix.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * Every page that can be reached by links from the demo garage, some of each shape, and every form
 * found on them: what must hold of any page, and that no nonsense is ever our fault.
 */
class CrawlTest extends WebTestBase {
  private static final int MOST_ALIKE = 8;
  private static final int MOST_WORKINGS = 2;
  private static final int MOST_PAGES = 900;
  private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
  private static final Pattern LETTER = Pattern.compile("/working/[0A-Z]/");
  private static final Pattern VALUES = Pattern.compile("=[^&#]*");
  private static final Pattern BROKEN =
      Pattern.compile(
          "\\bnull\\b|\\bNaN\\b|\\$\\{|\\bundefined\\b|Infinity|\\[object|org\\.fermix");

  @LocalServerPort int port;

  /** A page with the address it was asked at. */
  private record Page(String path, Document html) {}

  private static String shape(String path) {
    String plain = LETTER.matcher(ID.matcher(path).replaceAll("*")).replaceAll("/working/X/");
    return VALUES.matcher(plain).replaceAll("");
  }

  private List<Page> pages(Visit visit) {
    visit.submit("/", "/garage/open-demo", Map.of());
    Deque<String> open = new ArrayDeque<>(List.of("/", "/garage"));
    Set<String> seen = new HashSet<>(open);
    Map<String, Integer> alike = new HashMap<>();
    Map<String, String> from = new HashMap<>();
    List<Page> pages = new ArrayList<>();
    while (!open.isEmpty() && pages.size() < MOST_PAGES) {
      String path = open.remove();
      HttpResponse<String> answer = visit.get(path);
      assertThat(answer.statusCode()).as("%s from %s", path, from.get(path)).isEqualTo(200);
      if (!answer.headers().firstValue("Content-Type").orElse("").startsWith("text/html")) {
        continue;
      }
      Document html = Jsoup.parse(answer.body());
      pages.add(new Page(path, html));
      for (Element link : html.select("a[href]")) {
        String next = link.attr("href").split("#", 2)[0];
        if (next.startsWith("?")) {
          next = path.split("\\?", 2)[0] + next;
        }
        if (next.startsWith("/")
            && !next.startsWith("/assets")
            && seen.add(next)
            && alike.merge(shape(next), 1, Integer::sum)
                <= (next.contains("/working") ? MOST_WORKINGS : MOST_ALIKE)) {
          open.add(next);
          from.put(next, path);
        }
      }
    }
    return pages;
  }

  @Test
  void everyPageHoldsTogether() {
    List<Page> pages = pages(new Visit(port));
    assertThat(pages).hasSizeBetween(100, MOST_PAGES - 1);
    List<String> faults = new ArrayList<>();
    Map<String, Document> byPath = new HashMap<>();
    pages.forEach(page -> byPath.put(page.path(), page.html()));
    for (Page page : pages) {
      for (Element link : page.html().select("a[href^=/][href*=#]")) {
        String[] parts = link.attr("href").split("#", 2);
        Document there = byPath.get(parts[0]);
        if (there != null && there.getElementById(parts[1]) == null) {
          faults.add(shape(page.path()) + ": link to nothing: " + shape(link.attr("href")));
        }
      }
      faults(page).forEach(fault -> faults.add(shape(page.path()) + ": " + fault));
    }
    assertThat(faults.stream().distinct().toList()).isEmpty();
  }

  /** Whoever reads US customary units meets no others, but in what a label or a law has printed. */
  @Test
  void inUsUnitsNoOthersAreLeft() {
    Visit visit = new Visit(port);
    visit.submit("/", "/units", Map.of("system", "us"));
    Pattern metric = Pattern.compile("[0-9] ?(mm|kg|°C|cm|km)(?![²³/a-z])");
    List<String> faults = new ArrayList<>();
    for (Page page : pages(visit)) {
      // What was settled is shown as it was settled; a standard and a sheet keep their own words.
      page.html().select(".counter, option, .decide-settled").remove();
      String text =
          OwnerSteps.plain(page.html().text())
              .replaceAll("(down to|used at|ture:|✓) −20[ to0-9]* °C", "");
      Matcher found = metric.matcher(text);
      while (found.find()) {
        faults.add(
            shape(page.path())
                + ": "
                + text.substring(Math.max(0, found.start() - 50), found.end()));
      }
    }
    assertThat(faults.stream().distinct().limit(90).toList()).isEmpty();
  }

  private static List<String> faults(Page page) {
    List<String> faults = new ArrayList<>();
    Document html = page.html();
    if (html.select("h1").size() != 1 || html.select("h1").text().isBlank()) {
      faults.add("headings of the first order: " + html.select("h1").eachText());
    }
    if (html.title().isBlank() || html.select("h1").text().contains(html.title())) {
      faults.add("title “" + html.title() + "” in h1 “" + html.select("h1").text() + "”");
    }
    if (BROKEN.matcher(html.text()).find()) {
      faults.add(
          "broken words: " + html.text().replaceAll(".*(.{30}(null|NaN|\\$\\{).{30}).*", "$1"));
    }
    Set<String> ids = new HashSet<>();
    for (Element each : html.select("[id]")) {
      if (!ids.add(each.id())) {
        faults.add("twice the same id: " + each.id());
      }
    }
    for (String attribute :
        List.of("aria-labelledby", "aria-describedby", "aria-controls", "for")) {
      for (Element each : html.select("[" + attribute + "]")) {
        for (String id : each.attr(attribute).split(" ", -1)) {
          if (!ids.contains(id)) {
            faults.add(attribute + " of nothing: " + id);
          }
        }
      }
    }
    for (Element link : html.select("a[href^=#]")) {
      String id = link.attr("href").substring(1);
      if (!id.isEmpty() && !ids.contains(id)) {
        faults.add("link to nothing: #" + id);
      }
    }
    for (Element field :
        html.select("input:not([type=hidden]):not([type=submit]), select, textarea")) {
      boolean named =
          field.hasAttr("aria-label")
              || field.hasAttr("aria-labelledby")
              || !field.parents().select("label").isEmpty()
              || (field.hasAttr("id") && !html.select("label[for=" + field.id() + "]").isEmpty());
      if (!named) {
        faults.add("field without a name: " + field.attr("name"));
      }
    }
    for (Element drawing : html.select("svg[role=img]")) {
      if (drawing.attr("aria-label").isBlank() && drawing.select("title").isEmpty()) {
        faults.add("drawing without words");
      }
    }
    for (Element button : html.select("button, a[href]")) {
      if (button.text().isBlank()
          && button.attr("aria-label").isBlank()
          && button.select("[aria-label]").isEmpty()) {
        faults.add("nothing to read on: " + button.outerHtml());
      }
    }
    for (Element form : html.select("form[method=post]")) {
      if (form.select("input[name=_csrf]").isEmpty()) {
        faults.add("form without its token: " + form.attr("action"));
      }
    }
    return faults;
  }

  /** Each form once, every field of it filled with what nobody means. */
  @Test
  void nonsenseInAnyFormIsToldAndNeverOurFault() {
    Visit visit = new Visit(port);
    Map<String, Element> forms = new LinkedHashMap<>();
    for (Page page : pages(visit)) {
      for (Element form : page.html().select("form[method=post][action]")) {
        String action = form.attr("action");
        if (!action.startsWith("/garage") && !action.endsWith("/system")) {
          forms.putIfAbsent(shape(action) + form.select("[name]").eachAttr("name"), form);
        }
      }
    }
    assertThat(forms).hasSizeGreaterThan(30);
    List<String> faults = new ArrayList<>();
    for (String nonsense :
        List.of("neither, nor", "-1e999", "9".repeat(400), "<b>&\"'", "\u0000\ud83d\ude80", "")) {
      for (Element form : forms.values()) {
        Map<String, String> fields = new HashMap<>();
        for (Element field : form.select("input[name], select[name], textarea[name]")) {
          boolean kept =
              field.attr("type").equals("hidden")
                  && !List.of("version").contains(field.attr("name"));
          fields.put(field.attr("name"), kept ? field.attr("value") : nonsense);
        }
        fields.remove("_csrf");
        String token = Html.value(visit.get("/garage").body(), "_csrf");
        HttpResponse<String> answer = visit.post(form.attr("action"), fields, token);
        if (answer.statusCode() >= 500) {
          faults.add(answer.statusCode() + " at " + shape(form.attr("action")) + ": " + nonsense);
        }
        boolean typed = !form.select("input[type=text], textarea").isEmpty();
        if (answer.statusCode() == 422
            && typed
            && nonsense.startsWith("neither")
            && !answer.body().contains(nonsense)) {
          faults.add("typed and lost at " + shape(form.attr("action")));
        }
      }
    }
    assertThat(faults).isEmpty();
  }
}
