package org.fermix.web.first;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** An answer before anything is opened, typed or paid. */
class FirstPageTest extends WebTestBase {
  @LocalServerPort int port;

  private String first(Visit visit, String query) {
    return OwnerSteps.text(visit, "/" + query);
  }

  @Test
  void answersAtOnceWithTypicalBatteriesAndSaysSo() {
    String page = first(new Visit(port), "");
    assertThat(page)
        .contains("Worked example", "Look for a flooded 77 Ah", "per year kept")
        .contains("starts down to", "still starts after", "things are assumed")
        .doesNotContain("not built yet", "Take A", "null");
  }

  @Test
  void everyKindHasAnAnswerInBothUnits() {
    for (MachineKind kind : MachineKind.values()) {
      for (String units : new String[] {"METRIC", "US"}) {
        String page = first(new Visit(port), "?kind=" + kind + "&drawn=" + units + "&coldest=20");
        assertThat(page).as("%s %s", kind, units).contains("Your ", "typical batter");
        assertThat(kind.engines()).isNotEmpty();
      }
    }
    assertThat(first(new Visit(port), "?kind=ELECTRIC&days=21"))
        .contains("wakes")
        .doesNotContain("starts down to");
    assertThat(first(new Visit(port), "?kind=SPACESHIP")).contains("Your car");
  }

  /** Another kind drops the engine of the one before, and nothing else that was typed. */
  @Test
  void anotherKindKeepsWhatStillHolds() {
    String page =
        new Visit(port).get("/?kind=BOAT&type=diesel-car&litres=1.9&coldest=-4&days=150").body();
    assertThat(Html.value(page, "coldest")).isEqualTo("-4");
    assertThat(Html.value(page, "days")).isEqualTo("150");
    assertThat(Html.value(page, "litres")).isEmpty();
  }

  @Test
  void nonsenseIsSaidBesideWhatIsUsual() {
    String page = first(new Visit(port), "?kind=CAR&coldest=abc&days=1e9&litres=-3");
    assertThat(page)
        .contains("“abc” is not a number", "Days it stands", "Until that is right")
        .contains("Look for ");
    assertThat(new Visit(port).get("/?kind=CAR&does=%3Cb%3E&chemistry=x&type=y").statusCode())
        .isEqualTo(200);
  }

  /** What is wrong is left as it usually is, and what is right still counts. */
  @Test
  void whatIsRightCountsBesideWhatIsWrong() {
    String typed = "?kind=CAR&type=diesel-car&litres=1.9&days=14&coldest=";
    assertThat(first(new Visit(port), typed + "abc"))
        .contains("Until that is right", "77 Ah flooded");
    assertThat(first(new Visit(port), typed)).contains("77 Ah flooded");
    assertThat(first(new Visit(port), "?kind=CAR&coldest=")).doesNotContain("77 Ah flooded");
  }

  /**
   * Nobody asks here whether it stops at lights: what follows if so stands beside a flooded one.
   */
  @Test
  void whatFollowsFromStopsAtLightsIsSaidOfCars() {
    assertThat(first(new Visit(port), "?kind=CAR&type=diesel-car&litres=1.9"))
        .contains("Look for a flooded 77 Ah. If its engine stops at lights: an EFB or an AGM");
    assertThat(first(new Visit(port), "?kind=BOAT")).doesNotContain("stops at lights");
  }

  /** An address that does not say its units is metric for everyone. */
  @Test
  void anAddressMeansTheSameToEveryReader() {
    Visit visit = new Visit(port);
    visit.submit("/", "/units", Map.of("system", "us", "back", "/"));
    String unsaid = visit.get("/?kind=CAR&coldest=-10").body();
    assertThat(Html.value(unsaid, "drawn")).startsWith("METRIC");
    assertThat(Html.value(visit.get("/?kind=CAR").body(), "drawn")).startsWith("US");
    assertThat(Html.value(visit.get("/?kind=CAR&coldest=14&drawn=US").body(), "drawn"))
        .startsWith("US");
  }

  @Test
  void twoQuestionsSayWhetherItIsTheBattery() {
    String page = first(new Visit(port), "?kind=CAR&does=SLOW&volts=12.1");
    assertThat(page).contains("Is it the battery at all?", "So far:", "First:");
    assertThat(first(new Visit(port), "?kind=CAR&does=STARTS_WELL&volts=12.8")).contains("So far:");
    assertThat(first(new Visit(port), "?kind=CAR")).doesNotContain("So far:");
  }

  @Test
  void aLabelInHandStandsBesideTheTypicalOnes() {
    String page = first(new Visit(port), "?kind=CAR&coldest=-10&chemistry=agm&cca=760&ah=70");
    assertThat(page).contains("yours: 70 Ah AGM");
  }

  /** What was said becomes a machine of one's own, once, with the label in hand. */
  @Test
  void whatWasSaidIsKeptAsAMachine() {
    Visit visit = new Visit(port);
    Map<String, String> said =
        Map.of(
            "number",
            "6f7d0d3e-53b8-4a0c-8f0f-9d6c2b8a1c55",
            "kind",
            "MOTORCYCLE",
            "drawn",
            "METRIC",
            "type",
            "motorcycle-single",
            "litres",
            "0.65",
            "coldest",
            "-5",
            "days",
            "60",
            "chemistry",
            "lfp",
            "cca",
            "150");
    var kept = visit.submit("/", "/first/keep", said);
    assertThat(kept.uri().getPath()).endsWith("/lineup");
    assertThat(OwnerSteps.plain(kept.body())).contains("My motorcycle", "The one in hand");
    String job = Html.parts(kept.uri(), 2);
    assertThat(OwnerSteps.text(visit, job + "/bench")).contains("−5 °C").contains("60 d");
    visit.submit("/", "/first/keep", said);
    assertThat(Html.all(visit.get("/garage").body(), ".garage-row")).hasSize(1);
    assertThat(visit.submit("/", "/first/keep", Map.of("kind", "CAR", "days", "many")).statusCode())
        .isEqualTo(422);
  }
}
