package org.fermix.web.priority;

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

/** Weights, wishes and schools as their owner meets them. */
class PriorityPagesTest extends WebTestBase {
  @LocalServerPort int port;

  private Visit visit = new Visit(0);
  private String job = "";

  @BeforeEach
  void aJobWithTwoBatteries() {
    visit = new Visit(port);
    job = visit.ownJob("Otter", "petrol-car");
    OwnerSteps.add(
        visit,
        job,
        OwnerSteps.label(
            "Wet", "flooded", "cranking", "560", "capacity", "62", "mass", "16", "price", "95"));
    OwnerSteps.add(
        visit,
        job,
        OwnerSteps.label(
            "Pack",
            "lfp",
            "cranking",
            "600",
            "capacity",
            "60",
            "mass",
            "8",
            "price",
            "420",
            "protected",
            "yes"));
  }

  private String save(String... pairs) {
    Map<String, String> fields = new HashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      fields.put(pairs[i], pairs[i + 1]);
    }
    String page = job + "/priorities";
    fields.put("version", Html.value(visit.get(page).body(), "version"));
    return visit.submit(page, page, fields).body();
  }

  private String bench() {
    return OwnerSteps.text(visit, job + "/bench");
  }

  @Test
  void pointsAreTheOwnersAndGateComesFirst() {
    assertThat(bench()).contains("Weights assumed: cold 4");
    assertThat(save("pointsMASS", "9")).contains("9 points are given", "value=\"9\"");
    assertThat(save("pointsMASS", "many")).contains("value=\"many\"", "0 to 12");
    assertThat(bench()).contains("Weights assumed");
    assertThat(save("pointsMASS", "9", "pointsCOLD", "3")).contains("Saved.");
    assertThat(bench())
        .contains("Your weights: mass 9, cold 3")
        .doesNotContain("Within the budget");
    String looked =
        visit
            .submit(
                job + "/priorities",
                job + "/priorities/look",
                Map.of("pointsMASS", "9", "pointsCOLD", "5"))
            .body();
    assertThat(looked).contains("14 of 12 are given", "point-over");
  }

  @Test
  void aMustRefusesAndALikedWishDoesNot() {
    assertThat(save("wishBUDGET", "MUST")).contains("Say how much");
    save("wishBUDGET", "LIKED", "budget", "200");
    assertThat(bench())
        .contains("Within the budget", "220 over it")
        .doesNotContain("your own must");
    save("wishBUDGET", "MUST", "budget", "200", "wishSELF_RESCUE", "MUST", "wishIN_STOCK", "MUST");
    assertThat(bench()).contains("your own must", "keeps no start back", "not known: ask");
    visit.submit(
        job + "/permission",
        job + "/permission/answer",
        Map.of(
            "letter", "A", "asks", "in stock", "value", "no", "by", "SELLER", "on", "2026-11-01"));
    assertThat(bench()).contains("not in stock");
  }

  @Test
  void aSchoolStandsForTheGarageAndForOneJob() {
    save("garageCRANKING", "NEVER");
    assertThat(bench()).contains("By your school", "only lead starts engines");
    assertThat(save("garageCRANKING", "NEVER", "jobCRANKING", "RATED_AND_ALLOWED"))
        .contains("as the garage: never");
    assertThat(bench()).doesNotContain("By your school");
    assertThat(save("jobLEAD_DEPTH", "half")).contains("one of those listed");
    // The displacement rule as a floor becomes a gate of its own: 1.6 l is 98 cubic inches.
    save("jobSIZING", "RULE");
    assertThat(bench()).contains("98 A");
  }

  @Test
  void anotherTabIsNotOverwritten() {
    String stale = Html.value(visit.get(job + "/priorities").body(), "version");
    save("pointsMASS", "12");
    var late =
        visit.submit(
            job + "/priorities", job + "/priorities", Map.of("version", stale, "pointsCOLD", "12"));
    assertThat(late.statusCode()).isEqualTo(409);
    assertThat(late.body()).contains("changed in another tab");
    assertThat(bench()).contains("Your weights: mass 12");
    Visit other = new Visit(port);
    other.ownJob("Grebe", "petrol-car");
    assertThat(other.get(job + "/priorities").statusCode()).isEqualTo(404);
  }
}
