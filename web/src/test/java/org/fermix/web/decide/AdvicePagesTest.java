package org.fermix.web.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.fermix.web.OwnerSteps.add;
import static org.fermix.web.OwnerSteps.need;
import static org.fermix.web.OwnerSteps.text;

import java.util.Map;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What owners are told who would buy the wrong battery: from the label to the advice. */
class AdvicePagesTest extends WebTestBase {
  @LocalServerPort private int port;

  private static Map<String, String> label(
      String name, String chemistry, String cca, String ampHours, String price) {
    return OwnerSteps.label(name, chemistry, "cranking", cca, "capacity", ampHours, "price", price);
  }

  /** A 2.0 l diesel at −28 °C and three small ones: nobody is recommended. */
  @Test
  void whereNoneMeetsTheNeedNoneIsRecommended() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Cold", "diesel-car");
    need(visit, job, "coldest", "-28");
    add(visit, job, label("Small", "flooded", "360", "44", "60"));
    add(visit, job, label("Smaller", "flooded", "330", "40", "55"));
    add(visit, job, label("Smallest", "flooded", "300", "36", "50"));
    for (String page : new String[] {"/bench", "/decide"}) {
      assertThat(text(visit, job + page))
          .contains("None of these does all you ask", "comes nearest", "It falls short")
          .containsAnyOf("Enough would be", "it takes another battery")
          .doesNotContain("Take A", "Take B", "Take C");
    }
  }

  /**
   * Lithium of a kind not stated is barred until the seller answers; so is one without a word of
   * it.
   */
  @Test
  void unknownLithiumIsBarredUntilTheSellerAnswers() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Bike", "petrol-car");
    add(visit, job, label("Mystery", "lithium", "700", "50", "200"));
    Map<String, String> silent = label("Silent", "lfp", "700", "50", "200");
    add(visit, job, silent);
    String bench = text(visit, job + "/bench");
    assertThat(bench)
        .contains("None of these can be taken yet.")
        .contains("lithium of a kind not stated: the exact chemistry")
        .contains("no protection stated: the seller’s word");
    assertThat(text(visit, job + "/lineup"))
        .contains("lithium, kind not stated", "Which lithium is not stated");
    silent.put("protected", "yes");
    silent.put("name", "Answered");
    add(visit, job, silent);
    assertThat(text(visit, job + "/bench")).contains("Answered").doesNotContain("C no protection");
  }

  /** Five ratings that disagree are all shown and weighed; nothing typed is lost. */
  @Test
  void fiveRatingsThatDisagreeAreWeighed() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    Map<String, String> label = label("Many", "agm", "600", "60", "150");
    label.put("ratings", "1100 MCA; 420 EN; 700 HCA; 500 DIN");
    add(visit, job, label);
    assertThat(text(visit, job + "/lineup"))
        .contains(
            "1,100 A MCA / CA",
            "420 A EN",
            "700 A HCA",
            "500 A DIN",
            "rating 600 A CCA 626 A CCA +4 %");
    label.put("ratings", "1100 marine");
    assertThat(visit.submit(job + "/lineup/new", job + "/lineup/new", label).body())
        .contains("value=\"1100 marine\"", "such as 870 MCA or 610 EN");
  }

  /** A price nobody named is unknown, and nothing is said of money. */
  @Test
  void aMissingPriceIsUnknown() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    Map<String, String> label = label("No price", "agm", "700", "70", "");
    add(visit, job, label);
    assertThat(text(visit, job + "/bench")).contains("No price", "unknown");
  }

  /** An outboard’s maker asks marine amps: the label that prints them is held against them. */
  @Test
  void theMakersOwnStandardIsUsed() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Boat", "outboard");
    need(visit, job, "minimumCca", "1000", "minimumTest", "mca");
    Map<String, String> label = label("Marine", "agm", "800", "75", "190");
    label.put("ratings", "1000 MCA");
    add(visit, job, label);
    String bench = text(visit, job + "/bench");
    assertThat(bench).contains("Maker’s minimum, MCA / CA", "need 1,000 A");
    assertThat(Html.all(visit.get(job + "/bench").body(), ".refusals")).isEmpty();
  }

  /** A maker may ask ampere-hours: less of them is refused, saying how many would do. */
  @Test
  void aMinimumInAmpereHoursIsHeld() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Hybrid", "electric-car");
    need(visit, job, "minimumCapacity", "45");
    add(visit, job, label("Little", "agm", "330", "35", "90"));
    add(visit, job, label("Enough", "agm", "420", "48", "120"));
    assertThat(text(visit, job + "/bench"))
        .contains("Maker’s minimum Ah", "need 45 Ah", "at least 45 Ah would open it");
    assertThat(text(visit, job + "/need")).contains("Minimum capacity");
  }

  /** 6 and 24 V machines are judged at their own volts. */
  @Test
  void nothingIsJudgedAtTwelveVoltsThatIsNot() {
    Visit visit = new Visit(port);
    visit.submit("/", "/garage/open-own", Map.of());
    String classic =
        Html.parts(
            visit
                .submit(
                    "/machines/new",
                    "/machines/new",
                    Map.of("name", "Classic", "type", "classic", "volts", "6"))
                .uri(),
            2);
    visit.submit(
        classic + "/check/take/rest-volts",
        classic + "/check/take/rest-volts",
        Map.of("volts", "6.35", "rested", "12"));
    assertThat(text(visit, classic + "/check"))
        .containsPattern("6.35 V rested is \\d+ % to \\d+ % charged")
        .doesNotContain("a whole cell short");
    String lorry =
        Html.parts(
            visit
                .submit(
                    "/machines/new",
                    "/machines/new",
                    Map.of("name", "Lorry", "type", "diesel-car", "volts", "24"))
                .uri(),
            2);
    visit.submit(
        lorry + "/check/take/charging-volts",
        lorry + "/check/take/charging-volts",
        Map.of("fast", "28.4"));
    assertThat(text(visit, lorry + "/check")).contains("28.40 V at fast idle. Right.");
  }

  /** A hybrid’s 12 V side: woken, never cranked; from check to decide nothing speaks of a start. */
  @Test
  void anElectricCarIsWokenNotCranked() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Volt", "electric-car");
    visit.describeToday(job, "agm", "400", "45");
    visit.submit(
        job + "/check/take/symptom",
        job + "/check/take/symptom",
        Map.of("outcome", "dead_after_parking"));
    assertThat(text(visit, job + "/check"))
        .doesNotContain("Voltage while cranking", "Voltage lost along the leads", "On another");
    assertThat(text(visit, job + "/need")).contains("no engine is cranked");
    need(visit, job, "drain", "30", "layUp", "21");
    add(visit, job, label("Airport", "agm", "420", "45", "150"));
    add(visit, job, label("Light", "flooded", "420", "45", "90"));
    assertThat(text(visit, job + "/bench"))
        .contains("Waking the car", "still wakes after", "Charged by the machine")
        .doesNotContain(
            "Cranking speed", "Starts down to", "rule of thumb", "of a start", "cold start");
    assertThat(text(visit, job + "/decide"))
        .contains("still wakes the car after", "cold cranking amps decide nothing here")
        .doesNotContain("starts down to", "likely to start");
  }
}
