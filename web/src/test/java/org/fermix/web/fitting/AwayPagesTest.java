package org.fermix.web.fitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.fermix.web.OwnerSteps.label;
import static org.fermix.web.OwnerSteps.need;
import static org.fermix.web.OwnerSteps.text;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Ticks that come later: with their own times, once, and never over what was done in between. */
class AwayPagesTest extends WebTestBase {
  @LocalServerPort int port;
  private Visit visit;
  private String fit;

  @BeforeEach
  void aCarWithOneInMind() {
    visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    fit = job + "/fit";
    need(visit, job, "coldest", "-10", "layUp", "10", "minimumCca", "420");
    OwnerSteps.add(
        visit,
        job,
        label("Mat", "agm", "cranking", "700", "capacity", "68", "price", "150", "mass", "20"));
  }

  private String later(String step, String action, String... more) {
    Map<String, String> form = new HashMap<>(Map.of("step", step, "action", action));
    for (int i = 0; i < more.length; i += 2) {
      form.put(more[i], more[i + 1]);
    }
    HttpResponse<String> answer = visit.submit(fit, fit + "/away", form);
    assertThat(answer.headers().firstValue("Content-Type").orElse("")).contains("json");
    return OwnerSteps.plain(answer.body());
  }

  private static Instant ago(long minutes) {
    return Instant.now().minus(Duration.ofMinutes(minutes)).truncatedTo(ChronoUnit.MILLIS);
  }

  private String at(String step) {
    return Html.first(visit.get(fit).body(), "[data-step=" + step + "]").attr("data-at");
  }

  @Test
  void aTickKeepsItsOwnTimeAndTheSameAgainChangesNothing() {
    String made = ago(95).toString();
    assertThat(later("TEST_NEW", "done", "at", made, "note", "12.8 V")).contains("\"kept\"");
    assertThat(later("TEST_NEW", "done", "at", made, "note", "12.8 V")).contains("\"same\"");
    assertThat(at("TEST_NEW")).isEqualTo(made);
    assertThat(text(visit, fit)).contains("1 of ", "12.8 V");
  }

  @Test
  void whatWasDoneElsewhereInBetweenStandsUntilItsOwnerChooses() {
    visit.submit(fit, fit + "/TEST_NEW", Map.of("action", "skip", "note", "the shop did"));
    String answer = later("TEST_NEW", "done", "at", ago(30).toString());
    assertThat(answer).contains("\"conflict\"", "skipped", "the shop did", "Here it was ticked");
    assertThat(text(visit, fit)).contains("the shop did");
    String stands = at("TEST_NEW");
    assertThat(later("TEST_NEW", "done", "at", ago(30).toString(), "seen", stands))
        .contains("\"kept\"");
    assertThat(text(visit, fit)).doesNotContain("the shop did");
  }

  @Test
  void aTickTakenBackElsewhereIsNotTickedAgainUnasked() {
    String made = ago(50).toString();
    later("TEST_NEW", "done", "at", made);
    visit.submit(fit, fit + "/TEST_NEW", Map.of("action", "undo"));
    assertThat(
            later("TEST_NEW", "skip", "note", "no meter", "at", ago(40).toString(), "seen", made))
        .contains("\"conflict\"", "taken back");
    assertThat(later("TEST_NEW", "undo", "seen", made)).contains("\"same\"");
    assertThat(text(visit, fit)).contains("0 of ");
  }

  @Test
  void aClockThatIsAheadIsSaidAndNothingIsTaken() {
    String ahead = Instant.now().plus(Duration.ofHours(3)).toString();
    assertThat(later("TEST_NEW", "done", "at", ahead)).contains("\"clock\"", "look at its clock");
    assertThat(later("TEST_NEW", "done", "at", "2001-01-01T00:00:00Z")).contains("\"clock\"");
    assertThat(text(visit, fit)).contains("0 of ");
    assertThat(later("TEST_NEW", "done")).contains("\"kept\"");
  }

  @Test
  void nonsenseIsRefusedInWords() {
    assertThat(later("MAKE_TEA", "done")).contains("no longer part of the work");
    assertThat(later("TEST_NEW", "eat")).contains("tick it again");
    assertThat(later("TEST_NEW", "done", "at", "noon")).contains("tick it again");
    assertThat(later("TEST_NEW", "skip")).contains("why it is skipped");
    assertThat(later("TEST_NEW", "done", "note", "x".repeat(301))).contains("300 characters");
    assertThat(text(visit, fit)).contains("0 of ");
  }

  @Test
  void anotherGarageIsNotReachedAndAClosedJobIsNotChanged() {
    Visit stranger = new Visit(port);
    stranger.ownJob("Other", "petrol-car");
    assertThat(
            stranger
                .submit("/garage", fit + "/away", Map.of("step", "TEST_NEW", "action", "done"))
                .statusCode())
        .isEqualTo(404);
    visit.submit(fit, fit.replace("/fit", "/become/CLOSED"), Map.of());
    visit.submit(fit, fit + "/away", Map.of("step", "TEST_NEW", "action", "done"));
    assertThat(text(visit, fit)).contains("0 of ");
  }

  @Test
  void theKeeperIsAskedForAnewAndForgettingClearsWhatItKept() {
    HttpResponse<String> worker = new Visit(port).get("/away.js");
    assertThat(worker.statusCode()).isEqualTo(200);
    assertThat(worker.headers().firstValue("Cache-Control").orElse("")).contains("no-cache");
    assertThat(worker.headers().firstValue("Content-Type").orElse("")).contains("javascript");
    HttpResponse<String> page = visit.get("/garage/forget");
    assertThat(page.statusCode()).isEqualTo(200);
  }
}
