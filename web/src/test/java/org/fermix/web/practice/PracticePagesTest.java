package org.fermix.web.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.Map;
import org.fermix.web.Html;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Practice over plain HTTP. */
class PracticePagesTest extends WebTestBase {
  @LocalServerPort int port;

  private static HttpResponse<String> take(Visit visit, String round, String slug) {
    return visit.submit(round, round + "/take/" + slug, Map.of());
  }

  /** A hidden fault is looked for, named, and compared with the most informative path. */
  @Test
  void aRoundIsPlayed() {
    Visit visit = new Visit(port);
    visit.submit("/", "/garage/open-own", Map.of());
    String round = visit.submit("/practice", "/practice", Map.of()).uri().getPath();
    assertThat(visit.get(round).body()).contains("Machine: ").contains("Battery: ");
    assertThat(take(visit, round, "symptom").body()).contains("1 reading, 0 min");
    take(visit, round, "symptom");
    String two = take(visit, round, "rest-volts").body();
    assertThat(two).contains("2 readings, 2 min").doesNotContain("take/rest-volts");
    assertThat(take(visit, round, "palm-reading").statusCode()).isEqualTo(404);
    HttpResponse<String> unnamed = visit.submit(round, round + "/name", Map.of());
    assertThat(unnamed.statusCode()).isEqualTo(422);
    assertThat(unnamed.body()).contains("Choose the cause you think it is.");
    String result = visit.submit(round, round + "/name", Map.of("cause", "worn")).body();
    assertThat(result)
        .contains("Your path")
        .contains("Most informative path")
        .containsPattern("Right: |It was: ")
        .contains("Doubt left");
    String again = take(visit, round, "drain").body();
    assertThat(again).contains("2 readings, 2 min");
    String renamed = visit.submit(round, round + "/name", Map.of("cause", "sound")).body();
    assertThat(renamed).contains(Html.text(result, ".practice-result h2"));
    assertThat(visit.get("/practice").body()).containsPattern("[01] of 1 faults found");
  }

  /** Rounds belong to their owner and are bounded in number. */
  @Test
  void roundsAreOnesOwnAndBounded() {
    Visit visit = new Visit(port);
    visit.submit("/", "/garage/open-own", Map.of());
    String first = visit.submit("/practice", "/practice", Map.of()).uri().getPath();
    Visit other = new Visit(port);
    other.submit("/", "/garage/open-own", Map.of());
    assertThat(other.get(first).statusCode()).isEqualTo(404);
    for (int i = 0; i < Rounds.MOST; i++) {
      visit.submit("/practice", "/practice", Map.of());
    }
    assertThat(visit.get(first).statusCode()).isEqualTo(404);
  }
}
