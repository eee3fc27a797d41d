package org.fermix.web.fitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.fermix.web.OwnerSteps.label;
import static org.fermix.web.OwnerSteps.needWithTray;
import static org.fermix.web.OwnerSteps.text;

import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.plan.WorkStep;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The work of fitting on its page: ticked, skipped, out of order, rebuilt, left to others. */
class FitPagesTest extends WebTestBase {
  @LocalServerPort int port;
  private Visit visit;
  private String job;
  private String fit;

  @BeforeEach
  void aCarWithOneInMind() {
    visit = new Visit(port);
    job = visit.ownJob("Otter", "petrol-car");
    fit = job + "/fit";
    needWithTray(visit, job, 262, "coldest", "-10", "layUp", "10", "minimumCca", "420");
    add("Mat", "agm", "700", "150");
  }

  private void add(String name, String chemistry, String cca, String price) {
    Map<String, String> label =
        label(name, chemistry, "cranking", cca, "capacity", "68", "price", price, "mass", "20");
    if (chemistry.equals("lfp")) {
      label.put("protected", "yes");
    }
    OwnerSteps.add(visit, job, label);
  }

  private HttpResponse<String> tick(String step, String action, String note, String... more) {
    Map<String, String> form = new HashMap<>(Map.of("action", action, "note", note));
    for (int i = 0; i < more.length; i += 2) {
      form.put(more[i], more[i + 1]);
    }
    return visit.submit(fit, fit + "/" + step, form);
  }

  @Test
  void stepsAreTickedSkippedWithAReasonAndTakenBack() {
    assertThat(text(visit, fit))
        .contains("Fit A, the AGM", "Not settled yet", "Negative off first");
    tick("TEST_NEW", "done", "12.71 V");
    assertThat(text(visit, fit)).contains("1 of ", "12.71 V");
    assertThat(tick("NOTE_WHAT_FORGETS", "skip", "").statusCode()).isEqualTo(422);
    tick("NOTE_WHAT_FORGETS", "skip", "no radio <b>");
    assertThat(text(visit, fit)).contains("skipped", "no radio <b>");
    assertThat(text(visit, job + "/bench")).contains("2 of ");
    tick("TEST_NEW", "undo", "");
    assertThat(text(visit, fit)).doesNotContain("12.71 V");
    assertThat(tick("LET_IT_SLEEP", "done", "x".repeat(301)).statusCode()).isEqualTo(422);
    assertThat(tick("MAKE_TEA", "done", "").statusCode()).isEqualTo(404);
  }

  @Test
  void aGuardedStepOutOfOrderIsAskedAboutFirst() {
    HttpResponse<String> early = tick("POSITIVE_OFF", "done", "");
    assertThat(early.statusCode()).isEqualTo(422);
    assertThat(OwnerSteps.plain(early.body())).contains("Negative off first” is not ticked");
    tick("POSITIVE_OFF", "done", "", "anyway", "yes");
    assertThat(text(visit, fit)).contains("1 of ");
    tick("POSITIVE_OFF", "done", "twice");
    assertThat(text(visit, fit)).contains("1 of ");
  }

  /** Settled on another, the plan is that of the other; what is done stays done. */
  @Test
  void thePlanIsMadeAnewForTheBatteryThatIsTaken() {
    tick("TEST_NEW", "done", "");
    add("Light", "lfp", "900", "600");
    visit.submit(
        job + "/decide",
        job + "/decide/settle",
        Map.of(
            "letter",
            "B",
            "because",
            "light",
            "sure",
            "B",
            "number",
            UUID.randomUUID().toString()));
    assertThat(text(visit, fit))
        .contains("Fit B, the LFP", "1 of ", "Leave it on until the current has fallen")
        .contains("never in pulse mode")
        .doesNotContain("Not settled yet");
  }

  /** The letter of the one settled on goes to another battery: no plan is made for that one. */
  @Test
  void anotherBatteryUnderTheLetterIsNotFitted() {
    visit.submit(
        job + "/decide",
        job + "/decide/settle",
        Map.of("letter", "A", "number", UUID.randomUUID().toString()));
    assertThat(text(visit, fit)).contains("Fit A, the AGM");
    String removal =
        Html.all(visit.get(job + "/lineup").body(), "form[action*=/remove]").get(0).attr("action");
    visit.submit(job + "/lineup", removal, Map.of());
    add("Other", "flooded", "720", "80");
    assertThat(text(visit, fit)).contains("no longer in the line-up").doesNotContain("Fit A");
    assertThat(text(visit, job + "/decide")).contains("It would now be A, the Other");
  }

  @Test
  void buyingNothingLeavesNothingToFit() {
    visit.describeToday(job, "agm", "760", "70");
    visit.submit(
        job + "/decide",
        job + "/decide/settle",
        Map.of("letter", "0", "because", "it does", "number", UUID.randomUUID().toString()));
    assertThat(text(visit, fit)).contains("Nothing to fit");
    String empty = new Visit(port).ownJob("Hut", "petrol-car");
    assertThat(visit.get(empty + "/fit").statusCode()).isEqualTo(404);
  }

  /** Every step of every machine and chemistry has its words, and none speaks of another's. */
  @Test
  void everyStepHasItsWords() {
    for (EngineClass type : EngineClass.all()) {
      Need need = UsualNeed.of(Engine.usual(type)).need();
      for (Chemistry chemistry : Chemistry.all()) {
        Label label = TypicalBattery.of(need, chemistry);
        Candidate alone = new Candidate("A", label, 0);
        Candidate arranged =
            alone.beside(Beside.house(label, List.of(new Beside.Part("Isolator", 1, 50))));
        for (WorkStep.Kind kind : WorkStep.Kind.values()) {
          WorkStep step =
              new WorkStep(kind, 14, List.of(WorkStep.Caution.values()), Optional.empty());
          for (Candidate each : List.of(alone, arranged)) {
            assertThat(StepWords.title(step, each, Display.USUAL))
                .isNotBlank()
                .doesNotContain("null");
            assertThat(StepWords.why(kind)).endsWith(".");
            assertThat(StepWords.cautions(step, each, Display.USUAL)).hasSize(9);
          }
        }
      }
    }
  }
}
