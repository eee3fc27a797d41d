package org.fermix.web.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.fermix.web.Html;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** What is answered, to whom, and under which headers. */
class DoorPagesTest extends WebTestBase {
  private static final Map<String, String> MACHINE = Map.of("name", "Otter", "type", "petrol-car");

  @LocalServerPort int port;

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  RequestMappingHandlerMapping mapping;

  private Visit owner() {
    Visit visit = new Visit(port);
    visit.ownJob("First", "petrol-car");
    return visit;
  }

  @ParameterizedTest
  @CsvSource({
    "Origin, https://elsewhere.example",
    "Origin, null",
    "Origin, http://127.0.0.1:1",
    "Sec-Fetch-Site, cross-site",
    "Sec-Fetch-Site, same-site"
  })
  void nothingIsChangedFromAnotherSitesPage(String header, String value) {
    Visit visit = owner();
    String token = Html.value(visit.get("/machines/new").body(), "_csrf");
    HttpResponse<String> answer = visit.post("/machines/new", MACHINE, token, header, value);
    assertThat(answer.statusCode()).isEqualTo(403);
    assertThat(answer.body())
        .contains("came from another site’s page")
        .doesNotContain("Send it again");
    assertThat(visit.get("/garage").body()).doesNotContain("Otter");
  }

  @Test
  void aFormFromItsOwnPageIsTaken() {
    Visit visit = owner();
    String token = Html.value(visit.get("/machines/new").body(), "_csrf");
    assertThat(
            visit
                .post(
                    "/machines/new",
                    MACHINE,
                    token,
                    "Origin",
                    "http://127.0.0.1:" + port,
                    "Sec-Fetch-Site",
                    "same-origin")
                .statusCode())
        .isEqualTo(200);
  }

  /** So that a name pointed at this address from elsewhere finds nobody (DNS rebinding). */
  @Test
  void onlyItsOwnNamesAreAnswered() {
    RawRequest raw = new RawRequest(port);
    assertThat(raw.send("GET / HTTP/1.1", "Host: elsewhere.example"))
        .startsWith("HTTP/1.1 421")
        .contains("does not answer under this name");
    assertThat(raw.send("GET / HTTP/1.1", "Host: LOCALHOST:" + port)).startsWith("HTTP/1.1 200");
  }

  /** Every answer carries the policy, also where no page of ours is reached. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "GET / HTTP/1.1",
        "GET /assets/nothing.css HTTP/1.1",
        "GET /nothing HTTP/1.1",
        "GET /%zz HTTP/1.1",
        "GET /a;b=c/../%2e%2e HTTP/1.1",
        "GET /?x=%zz HTTP/1.1",
        "GET /<> HTTP/1.1",
        "TRACE / HTTP/1.1",
        "DELETE /garage HTTP/1.1"
      })
  void everyAnswerCarriesThePolicy(String line) {
    String answer = new RawRequest(port).send(line, "Host: localhost");
    assertThat(answer)
        .contains(
            "Content-Security-Policy: default-src 'none'",
            "Permissions-Policy:",
            "Cross-Origin-Opener-Policy: same-origin",
            "Cross-Origin-Resource-Policy: same-origin",
            "X-Content-Type-Options: nosniff")
        .doesNotContain("Apache", "Exception", "org.");
  }

  @ParameterizedTest
  @ValueSource(strings = {"PUT", "DELETE", "PATCH", "OPTIONS"})
  void otherMethodsAreRefusedInWords(String method) {
    Visit visit = owner();
    HttpResponse<String> answer = visit.method(method, "/machines/new");
    assertThat(answer.statusCode()).isEqualTo(405);
    assertThat(answer.body()).contains("cannot be done this way");
    assertThat(answer.headers().firstValue("Allow")).contains("GET, HEAD, POST");
  }

  @Test
  void aFormThatIsTooLargeIsSaidToBeSo() {
    Visit visit = owner();
    HttpResponse<String> answer =
        visit.post("/machines/new", Map.of("name", "x".repeat(70_000)), "none");
    assertThat(answer.statusCode()).isEqualTo(413);
    assertThat(answer.body()).contains("too much for one form", "64 KB");
  }

  /** Where files are taken the larger limit holds, and only there. */
  @Test
  void theRoutesOfFilesAreThoseThatTakeFiles() {
    Set<String> taking =
        mapping.getHandlerMethods().entrySet().stream()
            .filter(
                entry ->
                    java.util.Arrays.stream(entry.getValue().getMethodParameters())
                        .anyMatch(each -> each.getParameterType() == MultipartFile.class))
            .flatMap(entry -> entry.getKey().getPatternValues().stream())
            .collect(Collectors.toSet());
    assertThat(taking).containsExactlyInAnyOrderElementsOf(BodyValve.UPLOADS);
  }

  /** A long name of a file is no reason to call the file too large; what is read of it is kept. */
  @Test
  void aLongFileNameIsNoLargeFile() {
    Visit visit = new Visit(port);
    String page = visit.ownJob("Otter", "petrol-car") + "/check/recordings";
    StringBuilder start = new StringBuilder("t,v\n");
    for (int i = 0; i < 400; i++) {
      double volts = i < 100 ? 12.6 : i < 102 ? 8.6 : i < 200 ? 10.2 + 0.2 * Math.sin(i) : 12.3;
      start.append(i / 100.0).append(',').append(volts).append('\n');
    }
    HttpResponse<String> kept =
        visit.upload(page, "recorded ".repeat(100) + ".csv", start.toString());
    assertThat(kept.statusCode()).isEqualTo(200);
    assertThat(kept.body()).contains("recorded recorded");
    assertThat(visit.upload(page, "bad.csv", "1".repeat(40_000)).body())
        .contains("Nothing was taken", "more than 10,000 characters");
  }

  @Test
  void aFileRouteWithoutAFileSaysWhatIsMissing() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String page = job + "/check/recordings";
    HttpResponse<String> answer = visit.submit(page, page, Map.of("name", "x"));
    assertThat(answer.statusCode()).isEqualTo(400);
    assertThat(answer.body()).contains("A file has to come with it");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "\u200b\u200b",
        "\u202egnp.exe",
        "\u3164",
        "\u2800",
        "a\u2066b",
        "\u0301",
        "\ue000"
      })
  void aNameMustBeSeenAndReadOneWay(String name) {
    Visit visit = owner();
    HttpResponse<String> answer =
        visit.submit("/machines/new", "/machines/new", Map.of("name", name, "type", "petrol-car"));
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(Html.text(answer.body(), "#f-name-error")).matches(".*(can be seen|nobody sees).*");
  }

  /** A reader sees sixty signs, of however many characters (UAX #29). */
  @Test
  void lengthIsCountedInWhatAReaderSees() {
    Visit visit = owner();
    String flag = "\ud83c\uddf3\ud83c\uddf4";
    for (String name : List.of("e\u0301".repeat(60), flag.repeat(60), "ö".repeat(60))) {
      assertThat(
              visit
                  .submit(
                      "/machines/new", "/machines/new", Map.of("name", name, "type", "petrol-car"))
                  .body())
          .contains(name);
    }
    assertThat(
            visit
                .submit(
                    "/machines/new",
                    "/machines/new",
                    Map.of("name", "ö".repeat(61), "type", "petrol-car"))
                .body())
        .contains("Too long: 1 to 60 characters are accepted", "ö".repeat(61));
  }
}
