package org.fermix.web.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The bench in depth: pictures, points, futures, what would change it, as an owner meets them. */
class BenchInDepthTest extends WebTestBase {
  @LocalServerPort int port;

  private Visit visit = new Visit(0);
  private String job = "";

  @BeforeEach
  void threeBatteries() {
    visit = new Visit(port);
    job = visit.ownJob("Otter", "petrol-car");
    String[][] batteries = {
      {"flooded", "560", "60", "16", "90"},
      {"agm", "700", "70", "20", "180"},
      {"lfp", "600", "50", "8", "480"}
    };
    for (String[] each : batteries) {
      OwnerSteps.add(
          visit,
          job,
          OwnerSteps.label(
              "Demo " + each[0],
              each[0],
              "cranking",
              each[1],
              "capacity",
              each[2],
              "mass",
              each[3],
              "price",
              each[4],
              "protected",
              "yes"));
    }
  }

  private String bench(String query) {
    return visit.get(job + "/bench" + query).body();
  }

  @Test
  void everyPictureIsDrawnReadAndTakenAlong() {
    String conditions = "?temperature=-12&days=20&amps=5&hours=2&years=&stand=CONNECTED&weeks=4";
    for (String picture :
        new String[] {"start", "cold", "stood", "off", "filling", "spent", "weight"}) {
      String page = bench(conditions + "&picture=" + picture);
      assertThat(Html.text(page, ".picture-tabs [aria-current]")).as(picture).isNotEmpty();
      assertThat(Html.text(page, ".picture-read")).as(picture).contains("A", "B", "C");
      assertThat(page).as(picture).contains("value=\"" + picture + "\"");
      String svg =
          visit.get(job + "/bench/picture.svg" + conditions + "&picture=" + picture).body();
      assertThat(svg).as(picture).startsWith("<svg").doesNotContain("NaN", "var(");
      String csv =
          visit.get(job + "/bench/picture.csv" + conditions + "&picture=" + picture).body();
      assertThat(csv).as(picture).startsWith("curve,letter,x,y").doesNotContain("NaN");
    }
    assertThat(bench(conditions + "&picture=start&try=third")).contains("The third try");
    // The address says where to read; nonsense in it is left out.
    assertThat(Html.text(bench(conditions + "&picture=off&at=1.5"), ".picture-at")).contains("1.5");
    assertThat(bench(conditions + "&picture=off&at=%3Cb%3E")).doesNotContain("<b>\"");
    // A name that means nothing shows the usual one; nonsense conditions keep the last good
    // picture.
    assertThat(bench("?picture=%3Cscript%3E")).contains("Chance that this engine starts");
    assertThat(visit.get(job + "/bench?temperature=warm&picture=off").statusCode()).isEqualTo(422);
  }

  /** What is read at the line is what the answer says there: at the coldest morning, the chance. */
  @Test
  void thePictureSaysWhatTheTableSays() {
    String page =
        bench(
            "?temperature=-12&days=20&amps=5&hours=2&years=&stand=CONNECTED&weeks=4&picture=cold");
    String read = OwnerSteps.plain(Html.text(page, ".picture-read"));
    String table = OwnerSteps.plain(Html.text(page, ".outcomes"));
    String chance = read.substring(read.indexOf("need 80 %") + 9).strip();
    String first = chance.substring(0, chance.indexOf('%') + 1).strip();
    assertThat(table).contains("Chance of a start").contains(first);
  }

  @Test
  void pointsAreSpreadOnTheBenchAndKept() {
    Map<String, String> points = new HashMap<>();
    points.put("pointsVersion", Html.value(bench(""), "pointsVersion"));
    points.put("pointsMONEY", "12");
    String page = visit.submit(job + "/bench", job + "/bench/points", points).body();
    assertThat(page).contains("Your weights: money 12");
    assertThat(OwnerSteps.text(visit, job + "/decide")).contains("Your weights: money 12");
    // An old version of them is refused, and says so.
    points.put("pointsMASS", "12");
    points.remove("pointsMONEY");
    assertThat(visit.submit(job + "/bench", job + "/bench/points", points).body())
        .contains("spread in another tab", "Your weights: money 12");
    // Thirteen, halves and words are not points.
    points.put("pointsVersion", Html.value(bench(""), "pointsVersion"));
    for (String nonsense : new String[] {"13", "11.5", "many", "-1", "1e9"}) {
      points.put("pointsMASS", nonsense);
      assertThat(visit.submit(job + "/bench", job + "/bench/points", points).body())
          .as(nonsense)
          .contains("12 in all", "Your weights: money 12");
    }
    // Another garage has no part in it.
    Visit stranger = new Visit(port);
    stranger.ownJob("Vole", "petrol-car");
    assertThat(stranger.get(job + "/bench/sure").statusCode()).isEqualTo(404);
    assertThat(stranger.get(job + "/bench/picture.csv").statusCode()).isEqualTo(404);
  }

  @Test
  void howSureItIsComesByItself() {
    String sure = OwnerSteps.text(visit, job + "/bench/sure");
    assertThat(sure)
        .contains(
            "10,000 plausible futures",
            "starts in",
            "How far it holds",
            "Temperature",
            "How much is enough",
            "Worth finding out");
    assertThat(bench("")).contains("data-src=\"" + job + "/bench/sure");
    assertThat(sure).doesNotContain("100 %");
  }

  @Test
  void aWorkingSaysWhatMakesItsBand() {
    assertThat(OwnerSteps.text(visit, job + "/bench/working/B/start_floor"))
        .contains("What makes the band", "engine’s drag", "record a start");
    assertThat(OwnerSteps.text(visit, job + "/bench/working/B/mass"))
        .doesNotContain("What makes the band");
  }

  @Test
  void theTableSaysHowEachFails() {
    String page = OwnerSteps.plain(Html.text(bench("?against=A&rows=different"), "#bench-results"));
    assertThat(page)
        .contains("How it fails", "fades, turns slower", "holds, then is cut off", "wakes it");
  }

  @Test
  void nothingOnTheBenchHasNoPicture() {
    Visit other = new Visit(port);
    String empty = other.ownJob("Vole", "petrol-car");
    assertThat(other.get(empty + "/bench").body()).contains("Nothing on the bench yet");
    assertThat(other.get(empty + "/bench/picture.csv").statusCode()).isEqualTo(404);
  }
}
