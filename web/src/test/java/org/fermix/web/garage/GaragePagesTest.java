package org.fermix.web.garage;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.fermix.web.Html;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Machines and their jobs over the years; what many tabs at once can and cannot do. */
class GaragePagesTest extends WebTestBase {
  private static final int AT_ONCE = 20;

  @LocalServerPort int port;
  @Autowired JdbcClient database;

  private static Map<String, String> machine(String name) {
    return new HashMap<>(Map.of("name", name, "type", "petrol-car"));
  }

  private static Map<String, String> label(String name) {
    return new HashMap<>(
        Map.of(
            "name", name,
            "chemistry", "agm",
            "cranking", "760",
            "test", "cca",
            "length", "278",
            "width", "175",
            "height", "190",
            "side", "RIGHT",
            "price", "176"));
  }

  private static String token(Visit visit, String page) {
    return Html.value(visit.get(page).body(), "_csrf");
  }

  /**
   * Sends so many forms at the same moment; the status of each, and whether it kept what was typed.
   */
  private static List<HttpResponse<String>> atOnce(List<Callable<HttpResponse<String>>> forms)
      throws Exception {
    ExecutorService threads = Executors.newFixedThreadPool(forms.size());
    try {
      List<HttpResponse<String>> answers = new ArrayList<>();
      for (Future<HttpResponse<String>> answer : threads.invokeAll(forms)) {
        answers.add(answer.get());
      }
      return answers;
    } finally {
      threads.shutdown();
    }
  }

  @Test
  void aFullGarageTakesNoMoreHoweverManyAskAtOnce() throws Exception {
    Visit visit = new Visit(port);
    String job = visit.ownJob("First", "petrol-car");
    String garage =
        database
            .sql("select garage_id from job where id = ?")
            .param(UUID.fromString(job.substring(6)))
            .query(UUID.class)
            .single()
            .toString();
    database
        .sql(
            "with more as (insert into machine (id, garage_id, version, name, kind, created_at, described_at)"
                + " select gen_random_uuid(), ?::uuid, 0, 'More ' || n, 'powersport', now(), now()"
                + " from generate_series(1, 40) n returning id, garage_id)"
                + " insert into engine (id, garage_id, machine_id, position, engine_class)"
                + " select gen_random_uuid(), garage_id, id, 1, 'utility' from more")
        .param(garage)
        .update();
    String token = token(visit, "/machines/new");
    List<Callable<HttpResponse<String>>> forms = new ArrayList<>();
    for (int i = 0; i < AT_ONCE; i++) {
      Map<String, String> typed = machine("Typed " + i);
      forms.add(() -> visit.post("/machines/new", typed, token));
    }
    List<HttpResponse<String>> answers = atOnce(forms);
    assertThat(answers)
        .allSatisfy(
            answer ->
                assertThat(answer.statusCode() == 200 || answer.body().contains("value=\"Typed "))
                    .isTrue());
    assertThat(answers).filteredOn(answer -> answer.statusCode() == 200).hasSize(9);
    assertThat(answers).filteredOn(answer -> answer.statusCode() == 422).hasSize(AT_ONCE - 9);
    assertThat(
            database
                .sql("select count(*) from machine where garage_id = ?::uuid")
                .param(garage)
                .query(Integer.class)
                .single())
        .isEqualTo(50);
  }

  @Test
  void aFullLineUpTakesNoMoreHoweverManyAskAtOnce() throws Exception {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String token = token(visit, job + "/need");
    List<Callable<HttpResponse<String>>> forms = new ArrayList<>();
    for (int i = 0; i < AT_ONCE; i++) {
      Map<String, String> typed = label("Typed " + i);
      forms.add(() -> visit.post(job + "/lineup/new", typed, token));
    }
    List<HttpResponse<String>> answers = atOnce(forms);
    assertThat(answers).filteredOn(answer -> answer.statusCode() == 200).hasSize(12);
    assertThat(answers)
        .filteredOn(answer -> answer.statusCode() == 422)
        .hasSize(AT_ONCE - 12)
        .allSatisfy(
            answer -> assertThat(answer.body()).contains("The line-up is full", "value=\"Typed "));
  }

  /** A form sent twice, at once or later, makes one machine, one candidate, one reading. */
  @Test
  void aFormSentTwiceMakesOneThing() throws Exception {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String token = token(visit, "/machines/new");
    Map<String, String> machine = machine("Twice");
    machine.put("number", UUID.randomUUID().toString());
    Map<String, String> label = label("Twice");
    label.put("number", UUID.randomUUID().toString());
    Map<String, String> reading = new HashMap<>(Map.of("volts", "12.4", "rested", "10"));
    reading.put("number", UUID.randomUUID().toString());
    List<Callable<HttpResponse<String>>> forms = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      forms.add(() -> visit.post("/machines/new", machine, token));
      forms.add(() -> visit.post(job + "/lineup/new", label, token));
      forms.add(() -> visit.post(job + "/check/take/rest-volts", reading, token));
    }
    assertThat(atOnce(forms)).allSatisfy(each -> assertThat(each.statusCode()).isEqualTo(200));
    assertThat(visit.get("/garage").body()).containsOnlyOnce(">Twice<");
    assertThat(visit.get(job + "/lineup").body()).contains("1 candidate");
    assertThat(visit.get(job + "/check").body()).doesNotContain("Withdrawn", "corrected");
  }

  /** Of what is removed from a line-up the newest can be taken back; labels go with the rest. */
  @Test
  void whatWasRemovedLongAgoGoes() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    for (int i = 0; i < 11; i++) {
      String lineUp =
          visit.submit(job + "/lineup/new", job + "/lineup/new", label("Gone " + i)).body();
      visit.submit(job + "/lineup", Html.action(lineUp, "/remove"), Map.of());
    }
    UUID id = UUID.fromString(job.substring(6));
    assertThat(
            database
                .sql("select count(*) from candidate where job_id = ?")
                .param(id)
                .query(Integer.class)
                .single())
        .isEqualTo(8);
    assertThat(
            database
                .sql(
                    "select count(*) from label l join job j on j.garage_id = l.garage_id"
                        + " where j.id = ?")
                .param(id)
                .query(Integer.class)
                .single())
        .isEqualTo(8);
  }

  @Test
  void aRemovedMachineComesBackByUndo() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String machine = Html.link(visit.get(job + "/need").body(), "/machines/");
    HttpResponse<String> removed = visit.submit(machine, machine + "/remove", Map.of());
    assertThat(removed.body()).contains("Removed “Otter” with its jobs", "No machine yet", "Undo");
    assertThat(visit.get(job + "/need").statusCode()).isEqualTo(404);
    assertThat(visit.get(machine).statusCode()).isEqualTo(404);
    visit.submit("/garage?removed=" + machine.substring(10), machine + "/restore", Map.of());
    assertThat(visit.get(job + "/need").statusCode()).isEqualTo(200);
  }

  /** The next job begins with the same need and the same battery, and its own check. */
  @Test
  void aMachineKeepsItsJobs() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.describeToday(job, "agm", "600", "60");
    visit.submit(
        job + "/need",
        job + "/need",
        Map.of("version", "0", "minimumCca", "512", "currency", "SEK"));
    visit.submit(
        job + "/check", job + "/check/take/rest-volts", Map.of("volts", "12.41", "rested", "10"));
    String machine = Html.link(visit.get(job + "/need").body(), "/machines/");
    visit.submit(machine, job + "/become/CLOSED", Map.of());
    HttpResponse<String> refused = visit.submit("/garage", job + "/lineup/new", label("Too late"));
    assertThat(refused.body()).contains("That job is closed", "reopen");
    assertThat(visit.get(job + "/lineup").body())
        .contains("This job is closed")
        .doesNotContain("Too late");

    HttpResponse<String> next = visit.submit(machine, machine + "/jobs", Map.of());
    String second = Html.parts(next.uri(), 2);
    assertThat(second).isNotEqualTo(job);
    assertThat(visit.get(second + "/need").body()).contains("value=\"512\"");
    assertThat(visit.get(second + "/lineup").body()).contains("only today’s battery", "Invented");
    assertThat(visit.get(second + "/check").body()).doesNotContain("12.41");
    assertThat(visit.get(job + "/check").body()).contains("12.41");
    assertThat(visit.get("/garage").body()).contains(second).doesNotContain(job);

    visit.submit(machine, second + "/remove", Map.of());
    assertThat(visit.get(second + "/need").statusCode()).isEqualTo(404);
    assertThat(visit.get("/garage").body()).contains(job);
    visit.submit(machine, second + "/restore", Map.of());
    visit.submit(machine, job + "/become/ARCHIVED", Map.of());
    assertThat(visit.get(machine).body()).contains("archived", "reopen");
    visit.submit(machine, job + "/become/OPEN", Map.of());
    assertThat(visit.submit("/garage", job + "/lineup/new", label("In time")).body())
        .contains("In time");
  }

  @Test
  void anotherGaragesMachinesAndJobsCannotBeTouched() {
    Visit owner = new Visit(port);
    String job = owner.ownJob("Otter", "petrol-car");
    String machine = Html.link(owner.get(job + "/need").body(), "/machines/");
    Visit stranger = new Visit(port);
    stranger.ownJob("Mink", "petrol-car");
    for (String action :
        List.of(
            machine + "/remove",
            machine + "/restore",
            machine + "/jobs",
            job + "/become/CLOSED",
            job + "/remove",
            job + "/restore")) {
      assertThat(stranger.submit("/garage", action, Map.of()).statusCode())
          .as(action)
          .isEqualTo(404);
    }
    assertThat(owner.get("/garage").body()).contains("Otter").doesNotContain("Closed: start");
    assertThat(owner.submit("/garage", "/jobs/1/need", Map.of()).statusCode()).isEqualTo(404);
  }

  @Test
  void timesUnitsAndCurrencyAreTheGaragesOwn() {
    Visit visit = new Visit(port);
    visit.ownJob("Otter", "petrol-car");
    assertThat(
            visit
                .submit("/garage/settings", "/garage/settings", Map.of("zone", "Mars/Olympus"))
                .statusCode())
        .isEqualTo(422);
    HttpResponse<String> saved =
        visit.submit(
            "/garage/settings",
            "/garage/settings",
            Map.of("zone", "Asia/Tokyo", "units", "US", "currency", "CAD"));
    assertThat(saved.body()).contains("Saved.");
    assertThat(visit.get("/garage").body()).contains("Asia/Tokyo");
    HttpResponse<String> added = visit.submit("/machines/new", "/machines/new", machine("Heron"));
    assertThat(added.body()).contains("°F", "value=\"CAD\" selected");
  }
}
