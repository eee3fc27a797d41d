package org.fermix.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What an audit found lost, relabelled, or said wrongly; each once. */
class NothingLostTest extends WebTestBase {
  private static final UUID NONE = new UUID(0, 0);

  @LocalServerPort int port;
  @Autowired JdbcClient database;

  private String described(Visit visit) {
    String job = visit.ownJob("Otter", "petrol-car");
    visit.describeToday(job, "flooded", "480", "54");
    return job;
  }

  /** Two readers of one garage: one chose US units in its browser, the other nothing. */
  @Test
  void eachReaderOfAGarageGetsItsOwnUnits() {
    Visit one = new Visit(port);
    String job = described(one);
    OwnerSteps.add(
        one, job, OwnerSteps.label("Demo One", "agm", "cranking", "620", "price", "120"));
    String key =
        Html.text(one.submit("/garage/settings", "/garage/key", Map.of()).body(), ".garage-key");
    Visit other = new Visit(port);
    other.submit("/", "/garage/bring", Map.of("key", key));
    assertThat(other.get(job + "/decide").body()).contains("°C");
    one.submit("/garage", "/units", Map.of("system", "us", "back", "/garage"));
    for (int i = 0; i < 2; i++) {
      assertThat(OwnerSteps.plain(one.get(job + "/decide").body()))
          .contains("°F")
          .doesNotContain("°C");
      assertThat(OwnerSteps.plain(other.get(job + "/decide").body()))
          .contains("°C")
          .doesNotContain("°F");
    }
  }

  @Test
  void anAmountKeepsItsCurrencyWhateverAnotherTabChose() {
    Visit visit = new Visit(port);
    String job = described(visit);
    String form = visit.get(job + "/lineup/new").body();
    assertThat(Html.value(form, "drawn")).isEqualTo("METRIC EUR");
    // Another tab: prices in dollars from now on.
    visit.submit(job + "/need", job + "/need", Map.of("currency", "USD", "version", "0"));
    Map<String, String> label =
        new HashMap<>(OwnerSteps.label("Demo One", "agm", "cranking", "620", "price", "120"));
    label.put("drawn", "METRIC EUR");
    visit.post(job + "/lineup/new", label, Html.value(form, "_csrf"));
    assertThat(
            database
                .sql(
                    "select currency from offer where garage_id = (select garage_id from job where id = ?)")
                .param(UUID.fromString(job.substring(job.lastIndexOf('/') + 1)))
                .query(String.class)
                .list())
        .containsExactly("EUR");
    assertThat(visit.get(job + "/bench").body()).doesNotContain("$120");
  }

  /** Sent, its answer lost; taken back elsewhere; sent again by the old copy. */
  @Test
  void aTickTakenBackIsNotTickedAgainByAnOldCopy() {
    Visit visit = new Visit(port);
    String job = described(visit);
    OwnerSteps.add(
        visit, job, OwnerSteps.label("Demo One", "agm", "cranking", "620", "price", "120"));
    String fit = job + "/fit";
    String step = "NOTE_WHAT_FORGETS";
    Map<String, String> tick =
        Map.of(
            "step", step, "action", "done", "at", java.time.Instant.now().toString(), "seen", "");
    assertThat(visit.submit(fit, fit + "/away", tick).body()).contains("\"kept\"");
    visit.submit(fit, fit + "/" + step, Map.of("action", "undo"));
    HttpResponse<String> again = visit.submit(fit, fit + "/away", tick);
    assertThat(again.body()).contains("\"conflict\"", "taken back");
    // Whoever sees that and still means it says which state was seen.
    String stands = again.body().replaceAll(".*\"stands\":\"([^\"]*)\".*", "$1");
    Map<String, String> meant = new HashMap<>(tick);
    meant.put("seen", stands);
    assertThat(visit.submit(fit, fit + "/away", meant).body()).contains("\"kept\"");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "+999999999-12-31T23:59:59Z",
        "-999999999-01-01T00:00:00Z",
        "1969-12-31T00:00:00Z"
      })
  void aMomentFarOffIsRefusedInWords(String at) {
    Visit visit = new Visit(port);
    String job = described(visit);
    OwnerSteps.add(
        visit, job, OwnerSteps.label("Demo One", "agm", "cranking", "620", "price", "120"));
    HttpResponse<String> answer =
        visit.submit(
            job + "/fit",
            job + "/fit/away",
            Map.of("step", "NOTE_WHAT_FORGETS", "action", "done", "at", at, "seen", at));
    assertThat(answer.statusCode()).isEqualTo(200);
    assertThat(answer.body()).containsAnyOf("refused", "clock");
  }

  @ParameterizedTest
  @ValueSource(strings = {"a\u0007b", "a\u202eb", "a\ufffeb", "a\ufffdb"})
  void noTextHoldsWhatCannotBeSeen(String text) {
    Visit visit = new Visit(port);
    String job = described(visit);
    OwnerSteps.add(
        visit, job, OwnerSteps.label("Demo One", "agm", "cranking", "620", "price", "120"));
    HttpResponse<String> settled =
        visit.submit(
            job + "/decide", job + "/decide/settle", Map.of("letter", "0", "because", text));
    assertThat(settled.statusCode()).isEqualTo(422);
    assertThat(
            visit
                .submit(
                    job + "/fit",
                    job + "/fit/away",
                    Map.of("step", "NOTE_WHAT_FORGETS", "action", "skip", "note", text))
                .body())
        .contains("refused");
    assertThat(
            visit
                .submit("/machines/new", "/machines/new", Map.of("name", text, "type", "utility"))
                .statusCode())
        .isEqualTo(422);
  }

  @Test
  void aJobOfZerosIsNone() {
    Visit visit = new Visit(port);
    visit.ownJob("Otter", "petrol-car");
    assertThat(visit.get("/garage").statusCode()).isEqualTo(200);
    assertThat(visit.get("/jobs/" + NONE + "/bench").statusCode()).isEqualTo(404);
    assertThat(visit.get("/garage").statusCode()).isEqualTo(200);
  }

  @Test
  void theSameFormOfTheFirstPageMakesOneMachineWithOneLabel() {
    Visit visit = new Visit(port);
    String page = visit.get("/?kind=CAR").body();
    Map<String, String> form =
        Map.of(
            "kind",
            "CAR",
            "type",
            "petrol-car",
            "litres",
            "1.4",
            "chemistry",
            "agm",
            "cca",
            "620",
            "number",
            UUID.randomUUID().toString());
    String first = visit.post("/first/keep", form, Html.value(page, "_csrf")).body();
    String again = visit.submit("/", "/first/keep", form).body();
    for (String each : new String[] {first, again}) {
      assertThat(each.split("The one in hand", -1).length)
          .isEqualTo(first.split("The one in hand", -1).length);
    }
    assertThat(visit.get("/garage").body().split("class=\"garage-row\"", -1)).hasSize(2);
  }

  @Test
  void aFileOverTheLimitIsToldToBeTooLarge() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String large = "a".repeat(40_500_000);
    HttpResponse<String> answer = visit.upload(job + "/catalogue/own", "list.csv", large);
    assertThat(answer.statusCode()).isIn(413, 422);
    assertThat(answer.body()).contains("too large").doesNotContain("has to come with it");
  }

  @Test
  void thereIsNoIndexOfTheInnards() {
    Visit visit = new Visit(port);
    visit.ownJob("Otter", "petrol-car");
    assertThat(visit.get("/actuator").statusCode()).isEqualTo(404);
    assertThat(new Visit(port).get("/actuator/health").statusCode()).isEqualTo(200);
  }

  @Test
  void anAddressWithFiguresSaysTheirUnitsOrIsMetric() {
    Visit visit = new Visit(port);
    visit.submit("/", "/units", Map.of("system", "us", "back", "/"));
    assertThat(visit.get("/?kind=CAR&coldest=-10").body()).contains("14");
    assertThat(visit.get("/?kind=CAR&coldest=14&drawn=US").body()).contains("14");
  }

  /** Four hundred readings are kept of a battery; the one after is refused by every way in. */
  @Test
  void aFullLogDropsNothingSilently() {
    Visit visit = new Visit(port);
    String job = described(visit);
    UUID id = UUID.fromString(job.substring(job.lastIndexOf('/') + 1));
    visit.submit(
        job + "/check/take/rest-volts",
        job + "/check/take/rest-volts",
        Map.of("volts", "12.5", "rested", "12", "surface", "no"));
    IntStream.range(0, 399)
        .forEach(
            i ->
                database
                    .sql(
                        "insert into reading (id, garage_id, battery_id, kind, taken_at, instrument,"
                            + " facts, withdrawn_at) select gen_random_uuid(), garage_id, battery_id, kind,"
                            + " taken_at, instrument, facts, now() from reading where id ="
                            + " (select reading_id from job_reading where job_id = ? limit 1)")
                    .param(id)
                    .update());
    HttpResponse<String> answer =
        visit.upload(job + "/check/recordings", "start.csv", OwnerSteps.start(10.1));
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body()).contains("400");
    assertThat(
            database
                .sql(
                    "select count(*) from recording r join job j on j.machine_id = r.machine_id where j.id = ?")
                .param(id)
                .query(Integer.class)
                .single())
        .isZero();
  }

  /** A NUL in an address or a field nobody draws is refused, and not for another's change. */
  @Test
  void aNulIsNeverAnybodysChange() {
    Visit visit = new Visit(port);
    String job = described(visit);
    assertThat(visit.get(job + "/catalogue?q=a%00b").statusCode()).isIn(200, 400);
    String own = job + "/catalogue/own";
    assertThat(visit.submit(own, own + "/forget", Map.of("source", "a\u0000b")).statusCode())
        .isIn(200, 400);
    assertThat(visit.submit(own, own + "/keep", Map.of("letter", "\u0000")).statusCode())
        .isIn(200, 400);
  }

  /** A file is kept in the currency it was looked at in. */
  @Test
  void aFileKeepsTheCurrencyItWasLookedAtIn() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String own = job + "/catalogue/own";
    visit.upload(
        own,
        "list.csv",
        """
        model,technology,CCA,Ah,weight kg,length,width,height,positive,price
        Coin Demo 60,AGM,640,60,17.5,242,175,190,right,140
        """);
    visit.submit(job + "/need", job + "/need", Map.of("currency", "USD", "version", "0"));
    visit.submit(own, own + "/columns", Map.of("keep", "yes"));
    assertThat(
            database
                .sql("select currency from catalogue where name = 'Coin Demo 60'")
                .query(String.class)
                .list())
        .containsExactly("EUR");
  }

  /** A job that cannot be worked out is a row that says so; the others stand, and it is undone. */
  @Test
  void aGarageOutlivesOneOfItsJobs() {
    Visit visit = new Visit(port);
    String broken = described(visit);
    visit.submit("/machines/new", "/machines/new", Map.of("name", "Sound", "type", "utility"));
    UUID id = UUID.fromString(broken.substring(broken.lastIndexOf('/') + 1));
    // A record of a shape that is still to come: what reads it throws.
    database
        .sql(
            "insert into settlement (id, garage_id, job_id, turn, settled_at, letter, because, record)"
                + " select gen_random_uuid(), garage_id, id, 1, now(), 'A', '', '{\"version\": 99}'"
                + " from job where id = ?")
        .param(id)
        .update();
    HttpResponse<String> garage = visit.get("/garage");
    assertThat(garage.statusCode()).isEqualTo(200);
    assertThat(garage.body())
        .contains("Otter", "cannot be worked out just now", broken + "/need/undo")
        .contains("Sound", "Next: ");
  }
}
