package org.fermix.web.permission;

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

/** What may be fitted, as its owner meets it; documents and batteries are invented. */
class PermissionPagesTest extends WebTestBase {
  @LocalServerPort int port;

  private Visit visit = new Visit(0);
  private String job = "";

  private static Map<String, String> document(String items) {
    return new HashMap<>(
        Map.of(
            "document", "Bulletin 7",
            "covers", "family X",
            "issuer", "ENGINE_MAKER",
            "scope", "NOT_LEAD",
            "exclusive", "yes",
            "items", items,
            "verified", java.time.LocalDate.now(java.time.ZoneOffset.UTC).toString()));
  }

  @BeforeEach
  void aJobWithALithiumAndAFlooded() {
    visit = new Visit(port);
    job = visit.ownJob("Otter", "inboard-petrol");
    OwnerSteps.add(
        visit, job, OwnerSteps.label("Wet", "flooded", "cranking", "560", "capacity", "62"));
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
            "lines",
            "Short-circuit protection: yes\nColour: green\nOver-charge protection: included"));
  }

  private String add(Map<String, String> document) {
    return visit.submit(job + "/approvals/new", job + "/approvals/new", document).body();
  }

  private String bench() {
    return OwnerSteps.text(visit, job + "/bench");
  }

  @Test
  void onlyWhatIsNotStatedIsAskedAndAnAnswerSettlesIt() {
    assertThat(bench()).doesNotContain("Allowed");
    String page = add(document("LiFePO4\nshort-circuit protection\nheater"));
    assertThat(OwnerSteps.plain(Html.text(page, "#content")))
        .contains("Bulletin 7", "2 of 3 ?", "Not stated: heater?", "not asked");
    assertThat(bench()).contains("Allowed", "“heater” not stated");
    String answer = job + "/permission/answer";
    Map<String, String> told =
        new HashMap<>(Map.of("letter", "B", "asks", "heater", "value", "perhaps", "by", "SELLER"));
    told.put("on", "2031-01-01");
    var wrong = visit.submit(job + "/permission", answer, told);
    assertThat(wrong.statusCode()).isEqualTo(422);
    assertThat(wrong.body()).contains("value=\"perhaps\"", "not after today");
    told.put("on", "2026-11-20");
    assertThat(visit.submit(job + "/permission", answer, told).body())
        .contains("This settles nothing");
    told.put("value", "yes");
    assertThat(visit.submit(job + "/permission", answer, told).body()).contains("3 of 3 ✓");
    assertThat(bench()).contains("meets all of Bulletin 7");
    // What was answered is not on the label: writing that anew does not lose it.
    String lineUp = visit.get(job + "/lineup").body();
    String pack = Html.link(lineUp.substring(lineUp.indexOf(">Pack<")), job + "/lineup/");
    Map<String, String> label = OwnerSteps.label("Pack", "lfp", "cranking", "600");
    label.put("version", Html.value(visit.get(pack).body(), "version"));
    label.put("lines", "Short-circuit protection: yes");
    visit.submit(pack, pack, label);
    assertThat(visit.get(job + "/permission").body()).contains("3 of 3 ✓");
    assertThat(
            visit
                .submit(
                    job + "/permission",
                    job + "/permission/unanswer",
                    Map.of("letter", "B", "asks", "heater"))
                .body())
        .contains("2 of 3 ?");
    assertThat(visit.get(job + "/permission/ask-B.txt").body())
        .contains("About the battery “Pack”", "1. ", "heater");
    assertThat(visit.get(job + "/permission/ask-H.txt").statusCode()).isEqualTo(404);
  }

  @Test
  void aPlainNoBarsItAndAListOfWhatWasEvaluatedDoesNot() {
    add(document("AGM"));
    assertThat(bench()).contains("not on the list: “AGM”");
    String one = job + "/approvals/" + id(visit.get(job + "/permission").body());
    Map<String, String> evaluated = document("AGM");
    evaluated.put("exclusive", "no");
    evaluated.put("version", "0");
    visit.submit(one, one, evaluated);
    assertThat(bench()).contains("not as evaluated");
    visit.submit(one, one + "/remove", Map.of());
    visit.submit(
        job + "/permission",
        job + "/permission/answer",
        Map.of(
            "letter",
            "B",
            "asks",
            "use on boats",
            "value",
            "no",
            "by",
            "MAKER",
            "on",
            "2026-11-01"));
    assertThat(bench()).contains("its maker bars it from such a machine");
    assertThat(visit.submit(job + "/permission", one + "/restore", Map.of()).body())
        .contains("Bulletin 7");
  }

  private static String id(String page) {
    String link = Html.link(page, "/approvals/");
    String rest = link.substring(link.indexOf("/approvals/") + "/approvals/".length());
    return rest.startsWith("new")
        ? page.substring(page.indexOf("new?after=") + 10, page.indexOf("new?after=") + 46)
        : rest;
  }

  @Test
  void revisionsAreComparedAndNonsenseIsRefusedBesideItsField() {
    Map<String, String> first = document("MCA at least 700\nheater");
    first.put("dated", "2025-02-30");
    first.put("verified", "soon");
    var wrong = visit.submit(job + "/approvals/new", job + "/approvals/new", first);
    assertThat(wrong.statusCode()).isEqualTo(422);
    assertThat(wrong.body()).contains("value=\"2025-02-30\"", "Year, month and day");
    first.put("dated", "2025-02-20");
    first.put("verified", "2025-03-01");
    first.put("revision", "3");
    assertThat(add(first)).contains("look it up again", "revision 3");
    Map<String, String> next = document("MCA at least 800\nfault light");
    next.put("revision", "4");
    next.put("dated", "2026-02-20");
    assertThat(OwnerSteps.plain(Html.text(add(next), "#content")))
        .contains(
            "Since Bulletin 7, revision 3", "+ fault light", "now: MCA at least 800", "− heater");
    Map<String, String> tooMany = document("heater\n".repeat(41));
    assertThat(add(tooMany)).contains("41 lines are too many");
    String understood =
        visit
            .submit(
                job + "/approvals/new",
                job + "/approvals/understood",
                document("≥ 50 Ah\nfitted by a dealer"))
            .body();
    assertThat(understood).contains("capacity ≥ 50", "in its own words");
  }

  @Test
  void aDocumentOfAnotherGarageIsNotThere() {
    add(document("heater"));
    String id = id(visit.get(job + "/permission").body());
    Visit other = new Visit(port);
    String elsewhere = other.ownJob("Grebe", "petrol-car");
    assertThat(other.get(elsewhere + "/approvals/" + id).statusCode()).isEqualTo(404);
    assertThat(
            other
                .submit(
                    elsewhere + "/permission", elsewhere + "/approvals/" + id + "/remove", Map.of())
                .statusCode())
        .isEqualTo(404);
    assertThat(other.get(job + "/permission").statusCode()).isEqualTo(404);
  }

  @Test
  void anExperimentalAircraftIsItsBuildersToDecide() {
    String plane = visit.ownJob("Lapwing", "aircraft");
    OwnerSteps.add(visit, plane, OwnerSteps.label("Wet", "flooded", "cranking", "300"));
    assertThat(OwnerSteps.text(visit, plane + "/bench")).contains("Approved for this aircraft");
    visit.submit(
        plane + "/permission", plane + "/permission/basis", Map.of("basis", "EXPERIMENTAL"));
    assertThat(OwnerSteps.text(visit, plane + "/bench")).contains("yours to decide and to enter");
    visit.submit(plane + "/permission", plane + "/permission/basis", Map.of("basis", "x"));
    assertThat(OwnerSteps.text(visit, plane + "/permission")).contains("not said");
  }

  /** The longest item that is taken can still be answered; a longer one is refused, never cut. */
  @Test
  void anItemInItsOwnWordsIsSettledByItsAnswerHoweverLong() {
    String item = "fitted by a dealer ".repeat(7).substring(0, 120).strip();
    assertThat(add(document(item))).contains("0 of 1 ?");
    String answer = job + "/permission/answer";
    Map<String, String> told =
        Map.of("letter", "B", "asks", item, "value", "yes", "by", "SELLER", "on", "2026-11-20");
    assertThat(visit.submit(job + "/permission", answer, told).body()).contains("1 of 1 ✓");
    assertThat(add(document("fitted by a dealer ".repeat(8)))).contains("Too long");
  }
}
