package org.fermix.web.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.fermix.web.OwnerSteps.label;
import static org.fermix.web.OwnerSteps.need;
import static org.fermix.web.OwnerSteps.plain;

import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Stream;
import org.fermix.core.machine.EngineClass;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.jsoup.nodes.Element;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * No two pages disagree: every stop names the same battery with the same figures, and every turning
 * point leads to conditions in which the bench says what was said of them. Invented machines and
 * labels, drawn anew for each kind.
 */
class AgreementTest extends WebTestBase {
  private static final List<String> ASKED = List.of("start_chance", "parked_days", "mass");

  @LocalServerPort int port;

  static Stream<String> kinds() {
    return EngineClass.all().stream().map(EngineClass::id);
  }

  private static String job(Visit visit, String type) {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(type.hashCode());
    String job = visit.ownJob("Otter", type);
    need(
        visit,
        job,
        "coldest",
        Integer.toString(random.nextInt(-25, 6)),
        "layUp",
        Integer.toString(random.nextInt(3, 150)),
        "drain",
        Integer.toString(random.nextInt(0, 25)),
        "offAmps",
        random.nextBoolean() ? "" : Integer.toString(random.nextInt(1, 8)),
        "offHours",
        "1.5");
    visit.submit(
        job + "/lineup",
        job + "/lineup/typical",
        Map.of("number", Html.value(visit.get(job + "/lineup").body(), "number")));
    for (String chemistry : List.of("agm", "lfp")) {
      double ampHours = 8 + 60 * random.nextDouble();
      OwnerSteps.add(
          visit,
          job,
          label(
              "Small " + chemistry,
              chemistry,
              "cranking",
              Long.toString(Math.round(ampHours * (9 + 4 * random.nextDouble()))),
              "capacity",
              Long.toString(Math.round(ampHours)),
              "price",
              Integer.toString(random.nextInt(40, 400)),
              "mass",
              Long.toString(Math.round(1 + ampHours / (chemistry.equals("agm") ? 3.4 : 9)))));
    }
    return job;
  }

  private record Bench(String letter, boolean meets, String body) {
    static Bench of(Visit visit, String path) {
      String body = visit.get(path).body();
      Element results = Html.first(body, "#bench-results");
      String headline = plain(Html.text(body, ".advice h2"));
      return new Bench(
          results.attr("data-leader"),
          !headline.startsWith("None of these") && !headline.startsWith("Nothing to"),
          body);
    }
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void everyStopNamesTheSameBatteryWithTheSameFigures(String type) {
    Visit visit = new Visit(port);
    String job = job(visit, type);
    Bench bench = Bench.of(visit, job + "/bench");
    String decide = visit.get(job + "/decide").body();
    String headline = plain(Html.text(decide, "#content h1"));
    assertThat(headline).isEqualTo(plain(Html.text(bench.body(), ".advice h2")));
    String sheet = plain(visit.get(job + "/decide/sheet.txt").body());
    String rail = plain(Html.text(decide, "#content nav"));
    String fit = plain(Html.text(visit.get(job + "/fit").body(), "#content"));
    for (String page : List.of(decide, bench.body())) {
      assertThat(plain(Html.text(page, "#content")))
          .doesNotContain("NaN", "null", "Infinity", "−0.0 ", "{");
    }
    if (!bench.meets()) {
      assertThat(sheet).doesNotContain("Ask for: ");
      assertThat(rail).doesNotContain(" leads");
      assertThat(fit).contains("Decide first");
      return;
    }
    assertThat(headline).contains("ake " + bench.letter() + ", the ");
    assertThat(rail).contains(bench.letter() + " leads");
    // In a certified aircraft its owner has it fitted.
    assertThat(fit)
        .containsPattern("(Fit|Have) " + bench.letter() + ", the ")
        .doesNotContain("Decide first");
    assertThat(sheet).contains("\nAsk for: ").contains("ake " + bench.letter() + ", the ");
    for (String outcome : ASKED) {
      String where = "/working/" + bench.letter() + "/" + outcome;
      assertThat(figure(decide, where)).as(where).isEqualTo(figure(bench.body(), where));
    }
  }

  private static String figure(String body, String where) {
    return plain(Html.text(body, "a[href*='" + where + "']")).replaceAll("[^0-9.,><]", "");
  }

  /** Where a turning point is said to lie, the bench says so when it is asked there. */
  @ParameterizedTest
  @MethodSource("kinds")
  void turningPointsLeadToWhatIsSaidOfThem(String type) {
    Visit visit = new Visit(port);
    String job = job(visit, type);
    String decide = visit.get(job + "/decide").body();
    Bench own = Bench.of(visit, job + "/bench");
    for (Element end : Html.all(decide, ".stretches a")) {
      String said = plain(end.text());
      Bench there = Bench.of(visit, end.attr("href"));
      if (said.startsWith("none ")) {
        assertThat(there.meets()).as("%s, %s", type, said).isFalse();
        assertThat(own.meets()).as("%s, %s", type, said).isTrue();
      } else {
        assertThat(there.letter()).as("%s, %s", type, said).isEqualTo(said.substring(0, 1));
        assertThat(there.letter()).as("%s, %s", type, said).isNotEqualTo(own.letter());
      }
    }
  }
}
