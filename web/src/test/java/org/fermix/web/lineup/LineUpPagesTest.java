package org.fermix.web.lineup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The Line-up stop and its catalogue as a visitor without scripts meets them. */
class LineUpPagesTest extends WebTestBase {
  @LocalServerPort int port;

  @Test
  void aBatteryOfTheCatalogueIsTakenOnce() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String page = visit.get(job + "/catalogue?q=agm").body();
    assertThat(page).contains("pass every gate", "parked, asked", " Demo ");
    String add = Html.action(page, job + "/catalogue/");
    Map<String, String> form = Map.of("number", "7c6bb0a2-24ab-4b0c-9d0c-3b1f0f3b7d11");
    visit.submit(job + "/catalogue", add, form);
    String lineUp = visit.submit(job + "/catalogue", add, form).body();
    assertThat(lineUp).contains(", demo", "Remove").containsOnlyOnce("class=\"label-row\"");
    assertThat(visit.get(job + "/catalogue?q=agm").body()).contains("in the line-up");
    String unknown = job + "/catalogue/00000000-0000-0000-0000-000000000000/add";
    assertThat(visit.submit(job + "/catalogue", unknown, form).statusCode()).isEqualTo(404);
    Visit other = new Visit(port);
    String elsewhere = other.ownJob("Grebe", "petrol-car");
    assertThat(other.submit(elsewhere + "/catalogue", add, form).statusCode()).isEqualTo(404);
  }

  @Test
  void whatFindsNothingSaysWhatToLeaveOut() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    assertThat(visit.get(job + "/catalogue?q=unobtainable").body())
        .contains("Nothing in the catalogue has all of these words and limits");
    assertThat(visit.get(job + "/catalogue?q=" + "x".repeat(3000)).statusCode()).isEqualTo(200);
    assertThat(visit.get(job + "/catalogue?q=%25%27%3B--&kind=unknown").statusCode())
        .isEqualTo(200);
    assertThat(visit.get(visit.ownJob("Lark", "aircraft") + "/catalogue").body())
        .contains("A certified aircraft takes only a battery whose approval covers it");
  }

  @Test
  void aPastedTableIsKeptWholeOrNotAtAll() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String paste = job + "/lineup/paste";
    String head = "Model\tType\tCCA\tAh\tLength\tWidth\tHeight\tSide\n";
    String good = "Example %d\tAGM\t760\t70\t278\t175\t190\tright\n";
    String bad = head + good.formatted(1) + "Example 2\tAGM\tmany\t70\t278\t175\t190\tright\n";
    Map<String, String> form = new HashMap<>(Map.of("table", bad, "keep", "yes"));
    String looked = visit.submit(paste, paste, form).body();
    assertThat(looked).contains("line 3", "can be kept", "Cranking rating", "many");
    assertThat(looked).doesNotContain("Keep all");
    assertThat(visit.get(job + "/lineup").body()).contains("No battery yet");
    form.put("table", head + good.formatted(1) + good.formatted(2));
    form.put("number", "7c6bb0a2-24ab-4b0c-9d0c-3b1f0f3b7d13");
    visit.submit(paste, paste, form);
    String lineUp = visit.submit(paste, paste, form).body();
    assertThat(Html.all(lineUp, ".label-row")).hasSize(2);
    StringBuilder many = new StringBuilder(head);
    for (int i = 3; i < 14; i++) {
      many.append(good.formatted(i));
    }
    form.put("table", many.toString());
    form.put("number", "7c6bb0a2-24ab-4b0c-9d0c-3b1f0f3b7d14");
    assertThat(visit.submit(paste, paste, form).body()).contains("not letters enough");
    assertThat(Html.all(visit.get(job + "/lineup").body(), ".label-row")).hasSize(2);
  }

  @Test
  void aCandidateIsCopiedOnceToBeVaried() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String lineUp =
        visit
            .submit(
                job + "/lineup",
                job + "/lineup/new",
                OwnerSteps.label("Example 70", "agm", "cranking", "760", "price", "176"))
            .body();
    assertThat(lineUp).contains("What each chemistry is like", "distilled only");
    String vary = Html.action(lineUp, "/duplicate");
    Map<String, String> form = Map.of("number", "7c6bb0a2-24ab-4b0c-9d0c-3b1f0f3b7d15");
    String copy = visit.submit(job + "/lineup", vary, form).body();
    assertThat(copy).contains("value=\"Example 70, varied\"", "value=\"176\"");
    visit.submit(job + "/lineup", vary, form);
    assertThat(Html.all(visit.get(job + "/lineup").body(), ".label-row")).hasSize(2);
  }

  @Test
  void anEmptyMachineAnswersWithTypicalBatteries() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "motorcycle-single");
    String typical = job + "/lineup/typical";
    Map<String, String> form = Map.of("number", "7c6bb0a2-24ab-4b0c-9d0c-3b1f0f3b7d12");
    visit.submit(job + "/lineup", typical, form);
    String bench = visit.submit(job + "/lineup", typical, form).body();
    assertThat(bench).contains("Typical AGM", "Typical LFP", "id=\"ruler-cold\"");
    String lineUp = visit.get(job + "/lineup").body();
    assertThat(lineUp.split("class=\"label-row\"", -1)).hasSizeBetween(5, 7);
  }

  /** What a sheet states, claims and asks stands on the card; two labels stand side by side. */
  @Test
  void aCardShowsSheetClaimCurveAndEveryPrice() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    Map<String, String> label =
        OwnerSteps.label(
            "Sheet Demo 60",
            "agm",
            "cranking",
            "640",
            "capacity",
            "60",
            "reserve",
            "105",
            "mass",
            "17",
            "price",
            "140",
            "seller",
            "Demo Corner",
            "purpose",
            "DUAL");
    label.put(
        "lines",
        "Design life: 12 years\nHeater: no\nIP rating: IP65\nColour: green\nCycle life: 1,200 at 30 % depth\nEarly failures: 3 of 41 reports");
    label.put("source", "FORUM");
    label.put("discharges", "6 A 8 h; 60 A 35 min");
    OwnerSteps.add(visit, job, label);
    OwnerSteps.add(
        visit, job, OwnerSteps.label("Other Demo 62", "flooded", "cranking", "560", "price", "95"));
    String lineUp = OwnerSteps.text(visit, job + "/lineup");
    assertThat(lineUp)
        .contains(
            "for starting and cycling",
            "✕ heater",
            "IP65",
            "1 line not understood",
            "said to last 12",
            "said to give 1,200 cycles of 30 %; the model at that depth",
            "reported to have failed early: 3 of 41 reports",
            "each figure taken within ±16 %",
            "Not used",
            "Exponent 1.",
            "at Demo Corner");
    String page = visit.get(job + "/lineup").body();
    String one = Html.link(page.substring(page.indexOf(">Sheet Demo 60<")), job + "/lineup/");
    label.put("version", Html.value(visit.get(one).body(), "version"));
    label.put("price", "128");
    visit.submit(one, one, label);
    assertThat(OwnerSteps.text(visit, job + "/lineup")).contains("2 prices", "€128.00", "€140.00");
    // The change is undone with its price, once.
    visit.submit(job + "/lineup", one + "/undo", Map.of());
    assertThat(OwnerSteps.text(visit, job + "/lineup"))
        .contains("€140.00")
        .doesNotContain("€128.00", "2 prices");
    visit.submit(job + "/lineup", one + "/undo", Map.of());
    assertThat(OwnerSteps.text(visit, job + "/lineup")).contains("Sheet Demo 60", "€140.00");
    assertThat(OwnerSteps.text(visit, job + "/lineup/beside?one=A&other=B"))
        .contains("CCA, as believed", "640", "560", "Sheet Demo 60", "not stated");
    assertThat(visit.get(job + "/lineup/beside?one=Q&other=%3Cb").statusCode()).isEqualTo(200);
  }
}
