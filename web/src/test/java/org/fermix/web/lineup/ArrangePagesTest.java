package org.fermix.web.lineup;

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

/** Several batteries under one letter, as their owner makes them. */
class ArrangePagesTest extends WebTestBase {
  @LocalServerPort int port;

  private Visit visit = new Visit(0);
  private String job = "";

  @BeforeEach
  void twoBatteries() {
    visit = new Visit(port);
    job = visit.ownJob("Otter", "inboard-petrol");
    for (String kind : new String[] {"flooded", "agm"}) {
      OwnerSteps.add(
          visit,
          job,
          OwnerSteps.label(
              "Demo " + kind,
              kind,
              "cranking",
              "560",
              "capacity",
              "70",
              "mass",
              "18",
              "price",
              "100"));
    }
  }

  private String arrange(String... pairs) {
    Map<String, String> fields = new HashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      fields.put(pairs[i], pairs[i + 1]);
    }
    String page = job + "/lineup/arrange";
    fields.put("number", Html.value(visit.get(page).body(), "number"));
    return visit.submit(page, page, fields).body();
  }

  @Test
  void starterAndHouseAreOneLetterWithEveryPartCounted() {
    assertThat(arrange("start", "A")).contains("One battery alone is there already");
    assertThat(arrange("start", "A", "house", "B", "parts", "Isolator, 6 kg"))
        .contains("Line 1: write what it is", "Isolator, 6 kg");
    assertThat(arrange("start", "X")).contains("one of those listed");
    String lineUp =
        OwnerSteps.plain(
            Html.text(
                arrange(
                    "start", "A", "house", "B", "housePieces", "2", "parts", "Isolator; 6; 120"),
                "#content"));
    assertThat(lineUp)
        .contains(
            "house: 2 × Demo agm",
            "Isolator",
            "together",
            "60.0 kg",
            "€420",
            "Starter and “house” differ");
    String bench = OwnerSteps.text(visit, job + "/bench");
    assertThat(bench).contains("Another one starts it, in need", "a start left");
    // Its batteries are its own: removing A leaves them.
    String a = Html.link(visit.get(job + "/lineup").body(), job + "/lineup/");
    assertThat(a).isNotEmpty();
    assertThat(visit.get(job + "/decide").statusCode()).isEqualTo(200);
    assertThat(visit.get(job + "/need").statusCode()).isEqualTo(200);
    assertThat(visit.get(job + "/permission").statusCode()).isEqualTo(200);
    assertThat(visit.get(job + "/lineup/line-up.csv").body()).contains("Demo agm");
  }

  @Test
  void anElectricMotorWantsItsAmpsAndEveryPartIsShown() {
    assertThat(arrange("start", "A", "motor", "B", "motorAmps", "lots"))
        .contains("0.1 to 500", "lots");
    assertThat(arrange("start", "A", "motor", "B", "motorAmps", "30"))
        .contains("how long its battery lasts follows from it");
    String lineUp =
        OwnerSteps.plain(
            Html.text(
                arrange(
                    "start",
                    "A",
                    "second",
                    "A",
                    "reserve",
                    "B",
                    "motor",
                    "B",
                    "motorAmps",
                    "30",
                    "motorHours",
                    "1.5"),
                "#content"));
    assertThat(lineUp)
        .contains(
            "second engine: Demo flooded",
            "kept for need: Demo agm",
            "electric motor: Demo agm",
            "drives the electric motor for",
            "another one starts it in need",
            "72.0 kg");
    assertThat(OwnerSteps.text(visit, job + "/bench")).contains("Drives the electric motor");
  }

  @Test
  void aPairIsWarnedOfAndGoesOnToTheNextJobsCopy() {
    String lineUp = arrange("start", "B", "startPieces", "2");
    assertThat(OwnerSteps.plain(Html.text(lineUp, "#content")))
        .contains("2 × Demo agm", "same type and age");
    assertThat(arrange("start", "B", "startPieces", "9")).contains("1 to 8");
  }

  /** A charger whose pulses harm the house battery is not for the arrangement, on either page. */
  @Test
  void aChargerIsJudgedOnEveryBatteryOfAnArrangement() {
    arrange("start", "A", "house", "B");
    String add = job + "/chargers/new";
    visit.submit(
        add,
        add,
        Map.of(
            "name", "Pulser", "kind", "CHARGER", "amps", "4", "top", "14.4", "desulfates", "yes"));
    assertThat(OwnerSteps.text(visit, job + "/need")).contains("not for B, C: its pulses harm");
    assertThat(OwnerSteps.text(visit, job + "/bench"))
        .containsPattern("“Pulser” [0-9.]+ h harms it ?✕ ?fails harms it ?✕ ?fails");
  }
}
