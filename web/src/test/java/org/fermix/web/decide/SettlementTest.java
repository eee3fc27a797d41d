package org.fermix.web.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.fermix.web.OwnerSteps.label;
import static org.fermix.web.OwnerSteps.needWithTray;
import static org.fermix.web.OwnerSteps.take;
import static org.fermix.web.OwnerSteps.text;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A decision settled, overruled, taken back, and shown as it was. */
class SettlementTest extends WebTestBase {
  @LocalServerPort int port;
  @Autowired JdbcClient database;
  private Visit visit;
  private String job;
  private String decide;

  @BeforeEach
  void aCarWithTwoInMind() {
    visit = new Visit(port);
    job = visit.ownJob("Otter", "petrol-car");
    decide = job + "/decide";
    needWithTray(visit, job, 262, "coldest", "-12", "layUp", "10", "minimumCca", "420");
    add("Mat", "agm", "700", "150");
    add("Plain", "flooded", "380", "60");
    add("Middle", "efb", "650", "240");
  }

  private void add(String name, String chemistry, String cca, String price) {
    OwnerSteps.add(
        visit,
        job,
        label(name, chemistry, "cranking", cca, "capacity", "68", "price", price, "mass", "20"));
  }

  private String settle(String... fields) {
    Map<String, String> form = new HashMap<>();
    for (int i = 0; i < fields.length; i += 2) {
      form.put(fields[i], fields[i + 1]);
    }
    form.putIfAbsent("number", UUID.randomUUID().toString());
    return OwnerSteps.plain(
        Html.text(visit.submit(decide, decide + "/settle", form).body(), "#content"));
  }

  private int kept() {
    return database
        .sql("select count(*) from settlement where job_id = ?")
        .param(UUID.fromString(job.replace("/jobs/", "")))
        .query(Integer.class)
        .single();
  }

  @Test
  void whatIsSettledStaysAsItWasAndSaysWhatItWouldBeNow() {
    assertThat(settle("letter", "A")).contains("Settled", "Take A, the AGM “Mat”");
    assertThat(text(visit, job + "/bench")).contains("A settled, €150");
    String sheet = text(visit, decide + "/sheet");
    needWithTray(
        visit, job, 262, "coldest", "-12", "layUp", "10", "minimumCca", "420", "offAmps", "2");
    visit.submit(job + "/lineup", removal(), Map.of());
    assertThat(text(visit, decide)).contains("Take A, the AGM “Mat”", "It would now be C");
    assertThat(text(visit, decide)).contains("the models have not");
    assertThat(text(visit, decide + "/sheet")).isEqualTo(sheet);
  }

  /** The form that removes the first of the line-up. */
  private String removal() {
    return Html.all(visit.get(job + "/lineup").body(), "form[action*=/remove]")
        .get(0)
        .attr("action");
  }

  /** Years later, after the models have changed, the same is shown, and that they have. */
  @Test
  void aRecordOutlivesTheModels() {
    settle("letter", "A");
    database
        .sql(
            "update settlement set record = jsonb_set(record, '{model}', '\"0ld0ne\"') where job_id = ?")
        .param(UUID.fromString(job.replace("/jobs/", "")))
        .update();
    database
        .sql(
            "update revision set number = number + 1 where garage_id = (select garage_id from job where id = ?)")
        .param(UUID.fromString(job.replace("/jobs/", "")))
        .update();
    assertThat(text(visit, decide)).contains("The models have changed since; the answer has not.");
    assertThat(text(visit, decide + "/sheet")).contains("0ld0ne", "Mat");
  }

  @Test
  void theSameFormSettlesOnce() {
    String number = UUID.randomUUID().toString();
    settle("letter", "A", "number", number);
    settle("letter", "A", "number", number);
    assertThat(kept()).isEqualTo(1);
    settle("letter", "A");
    assertThat(kept()).isEqualTo(2);
    assertThat(text(visit, decide)).contains("Settled before, and taken back");
  }

  @Test
  void anotherIsTakenWithAReasonOnly() {
    assertThat(settle("letter", "C")).contains("Say why C is taken against the advice");
    assertThat(settle("letter", "Q", "because", "why not")).contains("Choose the letter");
    assertThat(settle("letter", "C", "because", "x".repeat(301)))
        .contains("The reason has 301 characters; 300 are kept.");
    assertThat(kept()).isZero();
    assertThat(settle("letter", "C", "because", "it is <in> stock"))
        .contains("Take C", "against the advice", "it is <in> stock");
    assertThat(text(visit, decide + "/sheet"))
        .contains("Against the advice, because: it is <in> stock");
  }

  @Test
  void oneThatFailsAGateIsAskedAboutTwice() {
    assertThat(settle("letter", "B", "because", "cheap"))
        .contains("B fails a gate: B is out", "settle again");
    assertThat(kept()).isZero();
    assertThat(settle("letter", "B", "because", "cheap", "sure", "B")).contains("Take B");
    assertThat(text(visit, decide + "/sheet")).contains("Against the advice");
  }

  @Test
  void itIsTakenBackAndStandsAgain() {
    settle("letter", "A");
    String page = visit.get(decide).body();
    String action = Html.all(page, "form[action*=/withdraw/]").get(0).attr("action");
    visit.submit(decide, action, Map.of());
    assertThat(text(visit, decide)).contains("not decided", "let it stand again");
    visit.submit(decide, action.replace("withdraw", "again"), Map.of());
    assertThat(text(visit, decide)).contains("take it back");
    Visit stranger = new Visit(port);
    stranger.submit("/", "/garage/open-own", Map.of());
    assertThat(stranger.get(decide).statusCode()).isEqualTo(404);
    assertThat(stranger.file(decide + "/sheet.pdf")).isEmpty();
    assertThat(visit.get(decide + "/sheet?settled=" + UUID.randomUUID()).statusCode())
        .isEqualTo(404);
  }

  /** Nothing to buy is settled without a reason where that is the advice, and said as plainly. */
  @Test
  void buyingNothingIsAnAnswer() {
    visit.describeToday(job, "agm", "760", "70");
    take(visit, job, "symptom", "outcome", "slow");
    take(visit, job, "rest-volts", "volts", "12.8", "rested", "14");
    take(visit, job, "tester", "shown", "780", "set", "760", "charged", "yes");
    take(visit, job, "cable-drop", "negative", "1.4", "positive", "0.2");
    assertThat(text(visit, decide)).contains("Do not buy", "Settle: buy nothing");
    assertThat(settle("letter", "0")).contains("Buy nothing: keep today’s battery.");
    assertThat(text(visit, decide + "/sheet")).contains("Buy nothing").doesNotContain("Ask for");
    assertThat(visit.file(decide + "/sheet.pdf")).isNotEmpty();
    assertThat(text(visit, job + "/bench")).contains("buy nothing");
  }

  @Test
  void whatGoesWithItIsAddedUpAndAStaleTabIsToldSo() {
    String version = Html.value(visit.get(decide).body(), "version");
    Map<String, String> typed =
        Map.of("version", version, "cost-CHARGER", "59,90", "cost-OLD_ONE_BACK", "8");
    visit.submit(decide, decide + "/costs", typed);
    assertThat(text(visit, decide)).containsPattern("To pay €20[12]");
    assertThat(visit.submit(decide, decide + "/costs", typed).statusCode()).isEqualTo(409);
    String now = Html.value(visit.get(decide).body(), "version");
    var refused =
        visit.submit(decide, decide + "/costs", Map.of("version", now, "cost-CHARGER", "a lot"));
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(refused.body()).contains("a lot").contains("is not a number");
  }

  /** Costs go by the battery: another that takes over its letter inherits nothing. */
  @Test
  void anotherUnderTheSameLetterInheritsNoCosts() {
    String version = Html.value(visit.get(decide).body(), "version");
    visit.submit(
        decide,
        decide + "/costs",
        Map.of("version", version, "cost-LABOUR", "45", "cost-CHARGER", "60"));
    assertThat(text(visit, decide)).contains("To pay €255", "Labour, where a workshop fits it");
    visit.submit(job + "/lineup", removal(), Map.of());
    add("Newcomer", "agm", "710", "140");
    assertThat(text(visit, decide)).contains("Take A, the AGM “Newcomer”", "To pay €140");
  }
}
