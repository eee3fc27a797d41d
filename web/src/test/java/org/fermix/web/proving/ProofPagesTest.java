package org.fermix.web.proving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.fermix.web.OwnerSteps.label;
import static org.fermix.web.OwnerSteps.need;
import static org.fermix.web.OwnerSteps.take;
import static org.fermix.web.OwnerSteps.text;

import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Old against new on the page: taken, compared, claimed, handed over, taken back. */
class ProofPagesTest extends WebTestBase {
  @LocalServerPort int port;
  @Autowired JdbcClient database;
  private Visit visit;
  private String job;
  private String fit;

  @BeforeEach
  void aCarWithAnOldOneAndANewOne() {
    visit = new Visit(port);
    job = visit.ownJob("Otter", "petrol-car");
    fit = job + "/fit";
    need(visit, job, "coldest", "-10", "layUp", "10", "minimumCca", "420");
    visit.describeToday(job, "flooded", "540", "60");
    OwnerSteps.add(
        visit,
        job,
        label("Mat", "agm", "cranking", "700", "capacity", "68", "price", "150", "mass", "20"));
    take(visit, job, "rest-volts", "volts", "12.55", "rested", "12", "charger", "5 A charger");
    take(
        visit,
        job,
        "tester",
        "shown",
        "362",
        "set",
        "540",
        "test",
        "cca",
        "charged",
        "yes",
        "instrument",
        "hand tester");
    take(visit, job, "cranking-volts", "volts", "8.2", "temperature", "4", "instrument", "meter");
  }

  private HttpResponse<String> prove(String measure, String... fields) {
    Map<String, String> form = new HashMap<>();
    for (int i = 0; i < fields.length; i += 2) {
      form.put(fields[i], fields[i + 1]);
    }
    String page = fit + "/prove/" + measure;
    form.putIfAbsent("number", Html.value(visit.get(page).body(), "number"));
    return visit.submit(page, page, form);
  }

  private String row(String measure) {
    return OwnerSteps.plain(Html.text(visit.get(fit).body(), "#proof-" + measure));
  }

  @Test
  void oldAndNewStandSideBySideWithAWordAndItsWorking() {
    assertThat(text(visit, fit)).contains("Nothing of the new one is measured yet.", "not yet");
    assertThat(row("tester")).contains("362 A", "not yet");
    prove("rest", "volts", "12.84", "rested", "12", "charger", "5 A charger");
    prove(
        "tester",
        "shown",
        "792",
        "set",
        "700",
        "test",
        "cca",
        "charged",
        "yes",
        "instrument",
        "hand tester");
    prove("cranking", "volts", "10.9", "temperature", "3", "instrument", "meter");
    assertThat(row("rest")).contains("12.55 V → 12.84 V", "full");
    assertThat(row("tester")).contains("362 A → 792 A", "clearly better", "one standard deviation");
    assertThat(row("cranking"))
        .contains("8.20 V → 10.90 V", "clearly better", "Foretold when it was taken");
    assertThat(text(visit, fit))
        .contains("It does what was promised so far.", "5 A charger, both", "4 °C, then 3 °C");
    assertThat(text(visit, job + "/bench")).contains("3 measured");
    assertThat(Html.text(visit.get(fit + "/prove/rest").body(), "h1"))
        .isEqualTo("Rest, of the new one A");
    // The check of the old one does not rest on what was read of the new.
    assertThat(text(visit, job + "/check")).contains("362 A").doesNotContain("792 A");
  }

  @Test
  void aFormSentTwiceCountsOnceAndAnotherTakesItsPlace() {
    String number = "6f0f4f0e-3c3d-4a10-8a3c-0f2b54a0a001";
    prove("rest", "volts", "12.84", "rested", "12", "number", number);
    prove("rest", "volts", "12.84", "rested", "12", "number", number);
    prove("rest", "volts", "12.31", "rested", "12");
    assertThat(text(visit, fit)).contains("Charge it first");
    assertThat(
            database
                .sql(
                    "select count(*) from reading where facts->>'volts' in ('12.84', '12.31') and withdrawn_at is null")
                .query(Long.class)
                .single())
        .isGreaterThanOrEqualTo(2);
    visit.submit(fit, fit + "/prove/rest/back", Map.of());
    assertThat(text(visit, fit)).contains("Nothing of the new one is measured yet.");
  }

  @Test
  void nonsenseIsSaidBesideTheFieldAndKept() {
    HttpResponse<String> bad = prove("tester", "shown", "plenty", "set", "700", "charged", "yes");
    assertThat(bad.statusCode()).isEqualTo(422);
    assertThat(Html.value(bad.body(), "shown")).isEqualTo("plenty");
    HttpResponse<String> brief = prove("parked", "volts", "12.7", "rested", "20");
    assertThat(brief.statusCode()).isEqualTo(422);
    assertThat(brief.body()).contains("from seven days");
    assertThat(visit.get(fit + "/prove/tea").statusCode()).isEqualTo(404);
    assertThat(visit.get(fit + "/prove/speed").statusCode()).isEqualTo(404);
    assertThat(visit.get(fit + "/prove/claim.txt").statusCode()).isEqualTo(404);
  }

  @Test
  void oneBelowItsRatingIsClaimedWithEveryFigure() {
    prove("rest", "volts", "12.84", "rested", "12");
    prove(
        "tester",
        "shown",
        "560",
        "set",
        "700",
        "test",
        "cca",
        "charged",
        "yes",
        "temperature",
        "18",
        "instrument",
        "hand tester");
    assertThat(text(visit, fit)).contains("below its rating", "The wording of a claim");
    assertThat(OwnerSteps.plain(visit.get(fit + "/prove/claim.txt").body()))
        .contains(
            "“Mat” is marked 700 A CCA (SAE)",
            "560 A",
            "set to 700 A",
            "by hand tester",
            "charged fully")
        .contains("not the test the mark names");
  }

  @Test
  void aRecordedStartGivesVoltsAndSpeedAndIsLaidOverTheOld() {
    HttpResponse<String> none =
        visit.upload(fit + "/prove/start", "start.csv", "time,volts\n0,12\n");
    assertThat(none.statusCode()).isEqualTo(422);
    visit.upload(fit + "/prove/start", "start.csv", OwnerSteps.start(10.75));
    assertThat(row("cranking")).contains("10.7");
    assertThat(row("speed")).contains("rpm");
    assertThat(visit.get(fit).body()).contains("Volts over seconds from the key");
    assertThat(visit.get(fit + "/prove/starts.svg").body()).contains("<svg");
    // Another start without a clear beat: the speed of the first is not kept beside its volts.
    visit.upload(fit + "/prove/start", "level.csv", level());
    assertThat(row("cranking")).contains("10.5");
    assertThat(row("speed")).contains("not yet");
    visit.upload(fit + "/prove/start", "start.csv", OwnerSteps.start(10.75));
    assertThat(row("speed")).doesNotContain("not yet");
    visit.submit(fit, fit + "/prove/cranking/back", Map.of());
    assertThat(row("speed")).contains("not yet");
  }

  /** Made up: a start whose volts stay level, without a beat to tell the speed by. */
  private static String level() {
    StringBuilder csv = new StringBuilder("time_s,volts\n");
    for (int i = 0; i < 1000; i++) {
      double volts = i < 125 ? 12.75 : i < 140 ? 9.4 : i < 575 ? 10.5 : 14.1;
      csv.append(i * 4 / 1000.0).append(',').append(volts).append('\n');
    }
    return csv.toString();
  }

  @Test
  void handedOverItIsTheBatteryOfTheMachineAndItsReadingsGoOn() {
    prove("rest", "volts", "12.84", "rested", "12");
    prove("tester", "shown", "792", "set", "700", "test", "cca", "charged", "yes");
    visit.submit(fit, fit + "/prove/over", Map.of());
    assertThat(visit.get(fit).body()).contains("In the machine since");
    // The old job still speaks of the old one; a new job begins with what was fitted.
    assertThat(text(visit, job + "/check")).contains("362 A");
    String machine =
        Html.link(visit.get(job + "/bench").body(), "/machines/")
            .replaceAll("(/machines/[0-9a-f-]+).*", "$1");
    visit.submit(machine, machine + "/jobs", Map.of());
    assertThat(text(visit, newest(machine) + "/lineup")).contains("Mat");
    // It has a label of its own by now: the job that chose it keeps the one it chose by.
    assertThat(
            database
                .sql(
                    "select count(*) from incoming i join battery b on b.id = i.battery_id"
                        + " where i.job_id = cast(? as uuid) and b.label_id <> i.label_id")
                .param(job.replace("/jobs/", ""))
                .query(Long.class)
                .single())
        .isEqualTo(1);
    // The old one is in after all: reopened, taken back.
    visit.submit(machine, job + "/become/OPEN", Map.of());
    visit.submit(fit, fit + "/prove/over/back", Map.of());
    assertThat(visit.get(fit).body()).contains("close the job");
  }

  private String newest(String machine) {
    return "/jobs/"
        + database
            .sql("select id from job where machine_id = cast(? as uuid) order by opened_at desc")
            .param(machine.replace("/machines/", ""))
            .query(String.class)
            .list()
            .get(0);
  }

  @Test
  void whatWasForetoldStaysAsItWasForetold() {
    prove("cranking", "volts", "10.9", "temperature", "3");
    double before = foretold();
    assertThat(before).isBetween(8.0, 12.0);
    need(visit, job, "coldest", "-25", "layUp", "10", "minimumCca", "420");
    assertThat(foretold()).isEqualTo(before);
  }

  private double foretold() {
    String id = job.replaceAll(".*/jobs/", "");
    return database
        .sql("select foretold from proof where job_id = cast(? as uuid) and measure = 'CRANKING'")
        .param(id)
        .query(Double.class)
        .single();
  }

  @Test
  void anotherGarageSeesAndChangesNothing() {
    prove("rest", "volts", "12.84", "rested", "12");
    Visit stranger = new Visit(port);
    stranger.ownJob("Other", "petrol-car");
    assertThat(stranger.get(fit + "/prove/rest").statusCode()).isEqualTo(404);
    assertThat(stranger.get(fit + "/prove/claim.txt").statusCode()).isEqualTo(404);
    stranger.submit("/garage", fit + "/prove/over", Map.of());
    assertThat(visit.get(fit).body()).contains("close the job");
  }

  @Test
  void choosingAnotherBatteryBeginsAnotherProofAndKeepsTheFirst() {
    prove("rest", "volts", "12.84", "rested", "12");
    OwnerSteps.add(
        visit,
        job,
        label(
            "Better mat", "agm", "cranking", "760", "capacity", "70", "price", "90", "mass", "20"));
    String page = visit.get(job + "/decide").body();
    visit.submit(
        job + "/decide",
        job + "/decide/settle",
        Map.of(
            "letter",
            "B",
            "number",
            Html.value(page, "number"),
            "because",
            "cheaper",
            "anyway",
            "yes"));
    assertThat(text(visit, fit)).contains("Fit B", "Nothing of the new one is measured yet.");
    prove("rest", "volts", "12.80", "rested", "12");
    assertThat(row("rest")).contains("12.80 V");
  }
}
