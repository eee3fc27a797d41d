package org.fermix.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.net.URI;
import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import javax.xml.parsers.DocumentBuilderFactory;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.ConfigurableApplicationContext;
import org.xml.sax.InputSource;

/** Pages as a visitor without scripts meets them. */
class PagesTest extends WebTestBase {
  @LocalServerPort int port;

  private static Map<String, String> label(String name) {
    return new HashMap<>(
        Map.ofEntries(
            Map.entry("name", name),
            Map.entry("chemistry", "agm"),
            Map.entry("cranking", "760"),
            Map.entry("test", "cca"),
            Map.entry("reserve", "124"),
            Map.entry("capacity", "70"),
            Map.entry("mass", "20,4"),
            Map.entry("length", "278"),
            Map.entry("width", "175"),
            Map.entry("height", "190"),
            Map.entry("side", "RIGHT"),
            Map.entry("price", "176")));
  }

  private static Map<String, String> need(String version, String cca) {
    return Map.of("version", version, "minimumCca", cca, "coldest", "-16", "currency", "EUR");
  }

  @Test
  void theWholeSliceWorksByPlainForms() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    assertThat(visit.submit(job + "/need", job + "/need", need("0", "520")).body())
        .contains("Saved.");
    assertThat(visit.submit(job + "/lineup", job + "/lineup/new", label("Example 70")).body())
        .contains("Example 70", "20.4");
    String bench = visit.get(job + "/bench").body();
    assertThat(bench).contains("Take A, the AGM", "Starts down to", "id=\"ruler-cold\"");
    assertThat(visit.get(job + "/decide").body()).contains("Take A", "assumptions");
  }

  @Test
  void anUnknownAddressGetsAHelpfulPage() {
    Visit visit = new Visit(port);
    visit.ownJob("Otter", "petrol-car");
    for (String path :
        new String[] {
          "/nothing", "/jobs/1/need", "/jobs/00000000-0000-0000-0000-000000000000/bench"
        }) {
      HttpResponse<String> answer = visit.get(path);
      assertThat(answer.statusCode()).as(path).isEqualTo(404);
      assertThat(answer.body()).contains("There is nothing at this address", "To the garage");
    }
  }

  /** The address of the first candidate of a line-up. */
  private static String candidate(String lineUp) {
    String remove = Html.action(lineUp, "/remove");
    return remove.substring(0, remove.length() - "/remove".length());
  }

  @Test
  void anotherOwnersJobIsNotThere() {
    Visit one = new Visit(port);
    String job = one.ownJob("Otter", "petrol-car");
    one.submit(job + "/lineup", job + "/lineup/new", label("Mine"));
    String battery = candidate(one.get(job + "/lineup").body()).substring(job.length());
    Visit other = new Visit(port);
    String otherJob = other.ownJob("Stoat", "petrol-car");
    for (String path :
        new String[] {
          "/need",
          "/lineup",
          "/bench",
          "/decide",
          "/check",
          battery,
          "/bench/cold.svg",
          "/check/path.svg",
          "/bench/working/A/mass"
        }) {
      assertThat(other.get(job + path).statusCode()).as(path).isEqualTo(404);
    }
    assertThat(other.submit(otherJob + "/need", job + battery + "/remove", Map.of()).statusCode())
        .isEqualTo(404);
    assertThat(
            other.submit(otherJob + "/need", otherJob + battery + "/remove", Map.of()).statusCode())
        .isEqualTo(404);
    assertThat(one.get(job + "/lineup").body()).contains("Mine");
  }

  @Test
  void aFormWithoutItsTokenIsRefused() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    HttpResponse<String> answer = visit.post(job + "/need", need("0", "520"), "made-up");
    assertThat(answer.statusCode()).isEqualTo(403);
    assertThat(visit.get(job + "/need").body()).doesNotContain("value=\"520\"");
  }

  @Test
  void withoutAGaragePagesLeadToTheFirstOne() {
    HttpResponse<String> answer = new Visit(port).get("/garage");
    assertThat(answer.uri().getPath()).isEqualTo("/");
    assertThat(answer.body()).contains("none is open here");
    assertThat(new Visit(port).get("/garage", "HX-Request", "true").statusCode()).isEqualTo(401);
  }

  @Test
  void wrongValuesAreToldAtTheFieldAndNothingTypedIsLost() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    Map<String, String> wrong = label("<script>alert(1)</script>");
    wrong.put("cranking", "-5");
    wrong.put("mass", "heavy");
    wrong.put("chemistry", "zinc");
    HttpResponse<String> answer = visit.submit(job + "/lineup/new", job + "/lineup/new", wrong);
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body())
        .contains(
            "Cranking rating: 1 to 3,000 A.", "“heavy” is not a number", "one of those listed")
        .contains("value=\"heavy\"", "value=\"-5\"", "&lt;script&gt;")
        .doesNotContain("<script>alert");
    assertThat(visit.get(job + "/lineup").body()).contains("No battery yet");
  }

  @Test
  void aHalfMeasuredTrayIsAskedForWhole() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    HttpResponse<String> answer =
        visit.submit(
            job + "/need",
            job + "/need",
            Map.of("version", "0", "trayLength", "278", "currency", "EUR"));
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body()).contains("Give length, width, height and side together");
  }

  @Test
  void twoTabsGetAClearChoiceAndNoEditIsLost() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.submit(job + "/need", job + "/need", need("0", "500"));
    String version = Html.value(visit.get(job + "/need").body(), "version");
    visit.submit(job + "/need", job + "/need", need(version, "510"));
    HttpResponse<String> late = visit.submit(job + "/need", job + "/need", need(version, "530"));
    assertThat(late.statusCode()).isEqualTo(409);
    assertThat(late.body())
        .contains("changed in another tab", "530 A", "510 A", "take what is stored");
    assertThat(visit.get(job + "/need").body()).contains("value=\"510\"");
    String now = Html.value(late.body(), "version");
    visit.submit(job + "/need", job + "/need", need(now, "530"));
    assertThat(visit.get(job + "/need").body()).contains("value=\"530\"");
  }

  @Test
  void aRemovedCandidateComesBackByUndo() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.submit(job + "/lineup", job + "/lineup/new", label("Example 70"));
    String path = candidate(visit.get(job + "/lineup").body());
    assertThat(visit.submit(job + "/lineup", path + "/remove", Map.of()).body())
        .contains("Removed A, “Example 70”", "Undo");
    assertThat(visit.submit(job + "/lineup", path + "/restore", Map.of()).body())
        .contains("Example 70", "A");
  }

  @Test
  void undoIntoAFullLineUpSaysWhatToDo() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.submit(job + "/need", job + "/lineup/new", label("First"));
    String path = candidate(visit.get(job + "/lineup").body());
    visit.submit(job + "/lineup", path + "/remove", Map.of());
    for (int i = 0; i < 12; i++) {
      visit.submit(job + "/need", job + "/lineup/new", label("Example " + i));
    }
    HttpResponse<String> answer = visit.submit(job + "/need", path + "/restore", Map.of());
    assertThat(answer.statusCode()).isEqualTo(200);
    assertThat(answer.body()).contains("no free letter", "Undo");
  }

  @Test
  void editingWhatAnotherTabRemovedLosesNothing() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.submit(job + "/need", job + "/lineup/new", label("First"));
    String path = candidate(visit.get(job + "/lineup").body());
    Map<String, String> edited = label("Edited");
    edited.put("version", Html.value(visit.get(path).body(), "version"));
    visit.submit(job + "/lineup", path + "/remove", Map.of());
    HttpResponse<String> late = visit.submit(job + "/need", path, edited);
    assertThat(late.statusCode()).isEqualTo(409);
    assertThat(late.body()).contains("was removed from the line-up", "value=\"Edited\"");
    edited.put("version", Html.value(late.body(), "version"));
    assertThat(visit.submit(job + "/need", path, edited).body()).contains("Edited");
    assertThat(visit.get(job + "/lineup").body()).contains("Edited");
  }

  @Test
  void whatTheDatabaseCouldNotHoldIsToldAtTheField() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    HttpResponse<String> answer =
        visit.submit(job + "/need", job + "/lineup/new", label("zero\u0000byte"));
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body()).contains("that can be printed");
  }

  @Test
  void theLineUpHoldsTwelve() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    for (int i = 0; i < 12; i++) {
      visit.submit(job + "/need", job + "/lineup/new", label("Example " + i));
    }
    HttpResponse<String> thirteenth =
        visit.submit(job + "/need", job + "/lineup/new", label("Example 13"));
    assertThat(thirteenth.statusCode()).isEqualTo(422);
    assertThat(thirteenth.body()).contains("at most 12 candidates");
    assertThat(visit.get(job + "/bench").statusCode()).isEqualTo(200);
  }

  @Test
  void anAircraftIsNeverSaidToBeApproved() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Heron", "aircraft");
    visit.submit(job + "/lineup", job + "/lineup/new", label("Example 70"));
    assertThat(visit.get(job + "/bench").body())
        .contains("show an approval for this aircraft first");
    assertThat(visit.get(job + "/decide").body()).contains("licensed mechanic");
  }

  @Test
  void absurdConditionsNeverReachTheCalculation() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.submit(job + "/lineup", job + "/lineup/new", label("Example 70"));
    HttpResponse<String> answer =
        visit.get(job + "/bench?temperature=-400&days=x", "HX-Request", "true");
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body())
        .contains("Temperature at the start: −40 to 40", "“x” is not a number")
        .doesNotContain("<html");
  }

  /** Found by throwing nonsense at the running application. */
  @Test
  void nonsenseInAnAddressOrAFormIsNeverOurFault() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.submit(job + "/lineup", job + "/lineup/new", label("Example 70"));
    assertThat(visit.get(job + "/bench?amps=0.000000001&hours=1").statusCode()).isEqualTo(200);
    assertThat(
            visit
                .get(job + "/bench?temperature=-40&days=1000&amps=500&hours=500&years=20")
                .statusCode())
        .isEqualTo(200);
    assertThat(visit.raw(job + "/bench?temperature=%zz")).startsWith("HTTP/1.1 400");
    assertThat(
            visit
                .submit(job + "/need", job + "/need", Map.of("version", "abc", "currency", "EUR"))
                .statusCode())
        .isEqualTo(400);
    assertThat(visit.submit(job + "/need", job + "/need", Map.of("currency", "EUR")).statusCode())
        .isEqualTo(400);
  }

  /** Use, standing and history are kept; half of a history is asked to be completed. */
  @Test
  void howItIsUsedAndStandsIsKept() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Sled", "snowmobile");
    String version = Html.value(visit.get(job + "/need").body(), "version");
    Map<String, String> typed = new HashMap<>();
    typed.put("version", version);
    typed.put("currency", "EUR");
    typed.put("layUp", "200");
    typed.put("layUpFrom", "4");
    typed.put("layUpPlace", "shed");
    typed.put("stand", "TOPPED_UP");
    typed.put("standWeeks", "6");
    typed.put("trip", "90");
    typed.put("historyBatteries", "2");
    HttpResponse<String> half = visit.submit(job + "/need", job + "/need", typed);
    assertThat(half.statusCode()).isEqualTo(422);
    assertThat(half.body())
        .contains("how many batteries in how many years")
        .contains("value=\"6\"");
    typed.put("historyYears", "5");
    assertThat(visit.submit(job + "/need", job + "/need", typed).body()).contains("Saved");
    assertThat(visit.get(job + "/need").body())
        .contains("value=\"TOPPED_UP\" selected")
        .contains("value=\"shed\" selected");
    visit.submit(job + "/lineup", job + "/lineup/new", label("Example 18"));
    assertThat(visit.get(job + "/bench").body())
        .contains("Parked from 1 April, unheated shed, charged every 6 weeks")
        .contains("negative lead off");
  }

  /** The conditions in the address say how it stands and how old it is judged. */
  /**
   * An address that says figures but not in which units means metric, to a reader of US units too.
   */
  @Test
  void anAddressWithoutItsUnitsIsMetric() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.submit(job + "/lineup", job + "/lineup/new", label("Example 70"));
    visit.submit("/garage", "/units", Map.of("system", "us", "back", "/garage"));
    String bench = visit.get(job + "/bench?temperature=-16").body();
    assertThat(Html.value(bench, "temperature")).isEqualTo("3.2");
    assertThat(bench).contains("Cold start at 3\u00a0°F");
  }

  /** The same address says the same to a reader of either system; a form counts as it was drawn. */
  @Test
  void figuresMeanTheSameToEveryone() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.submit(job + "/need", job + "/lineup/new", label("Example 70"));
    String address =
        job + "/bench?temperature=4&days=3&amps=1&hours=1&years=&stand=CONNECTED&weeks=4&drawn=";
    assertThat(visit.get(address + "METRIC").body()).contains("Cold start at 4\u00a0°C");
    assertThat(visit.get(address + "US").body()).contains("Cold start at −16\u00a0°C");
    visit.submit("/garage", "/units", Map.of("system", "us"));
    assertThat(visit.get(address + "US").body()).contains("Cold start at 4\u00a0°F");
    assertThat(visit.get(address + "METRIC").body()).contains("Cold start at 39\u00a0°F");
    Map<String, String> metric = new HashMap<>(need("0", "520"));
    metric.put("drawn", "METRIC");
    visit.submit(job + "/need", job + "/need", metric);
    assertThat(visit.get(job + "/need").body()).contains("value=\"3.2\"");
  }

  @Test
  void theAddressCarriesAgeAndStanding() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.submit(job + "/lineup", job + "/lineup/new", label("Example 70"));
    String plain = visit.get(job + "/bench").body();
    assertThat(Html.value(plain, "years")).isEmpty();
    String asked = visit.get(job + "/bench?years=0&stand=NEGATIVE_OFF").body();
    assertThat(asked).contains("negative lead off");
    assertThat(Html.value(asked, "years")).isEqualTo("0");
    HttpResponse<String> wrong = visit.get(job + "/bench?stand=HANGING&weeks=900");
    assertThat(wrong.statusCode()).isEqualTo(422);
    assertThat(wrong.body()).contains("one of those listed").contains("1 to 52");
  }

  /** What a sheet says beyond its label is kept, and nonsense is answered at its field. */
  @Test
  void aSheetIsKept() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    Map<String, String> typed = new HashMap<>(label("Example 70"));
    typed.put("discharges", "16 Ah for ages");
    HttpResponse<String> wrong = visit.submit(job + "/lineup", job + "/lineup/new", typed);
    assertThat(wrong.statusCode()).isEqualTo(422);
    assertThat(wrong.body()).contains("16 Ah for ages").contains("such as 23 Ah 50 h");
    typed.put("discharges", "60 Ah 5 h");
    typed.put("capacityHours", "10");
    typed.put("reserveShare", "25");
    assertThat(visit.submit(job + "/lineup", job + "/lineup/new", typed).body())
        .contains("Ah at 10 h");
  }

  @Test
  void everyFigureOpensItsWorking() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "diesel-car");
    visit.submit(job + "/lineup", job + "/lineup/new", label("Example 70"));
    int opened = 0;
    for (Element link : Html.all(visit.get(job + "/bench").body(), "a.figure")) {
      HttpResponse<String> working = visit.get(link.attr("href"));
      assertThat(working.statusCode()).isEqualTo(200);
      assertThat(working.body()).contains("Equation", "Inputs", "Source", "Uncertainty");
      opened++;
    }
    assertThat(opened).isEqualTo(18);
  }

  /**
   * Every drawing is had as a file that stands alone: well-formed, with its style and its words.
   */
  @Test
  void everyDrawingCanBeTakenAlong() throws Exception {
    Visit visit = new Visit(port);
    visit.submit("/", "/garage/open-demo", Map.of());
    String job = Html.parts(URI.create(Html.link(visit.get("/garage").body(), "/jobs/")), 2);
    Set<String> files = new TreeSet<>();
    for (String page : List.of("/need", "/check", "/check/recordings", "/bench")) {
      Html.all(visit.get(job + page).body(), "a[href*=.svg]")
          .forEach(link -> files.add(link.attr("href")));
    }
    assertThat(files).hasSizeGreaterThanOrEqualTo(8);
    for (String file : files) {
      HttpResponse<String> drawing = visit.get(file);
      assertThat(drawing.statusCode()).as(file).isEqualTo(200);
      assertThat(drawing.headers().firstValue("Content-Disposition").orElse(""))
          .startsWith("attachment; filename=\"")
          .endsWith(".svg\"");
      var svg =
          DocumentBuilderFactory.newInstance()
              .newDocumentBuilder()
              .parse(new InputSource(new StringReader(drawing.body())))
              .getDocumentElement();
      assertThat(svg.getTagName()).as(file).isEqualTo("svg");
      assertThat(svg.getElementsByTagName("style").item(0).getTextContent())
          .contains("#0f1c2b")
          .doesNotContain("var(");
      assertThat(svg.getElementsByTagName("title").item(0).getTextContent()).isNotBlank();
      assertThat(svg.getElementsByTagName("text").getLength()).as(file).isGreaterThan(2);
    }
    assertThat(visit.get(job + "/bench/nonsense.svg").statusCode()).isEqualTo(404);
  }

  @Test
  void pagesCarryTheirProtections() {
    var headers = new Visit(port).get("/").headers();
    assertThat(headers.firstValue("Content-Security-Policy").orElse(""))
        .contains("default-src 'none'", "script-src 'self'")
        .doesNotContain("unsafe");
    assertThat(headers.firstValue("X-Content-Type-Options")).contains("nosniff");
    assertThat(headers.allValues("Set-Cookie"))
        .allSatisfy(cookie -> assertThat(cookie).contains("HttpOnly"));
  }

  @Test
  void switchingUnitsLeadsBackOnlyToThisServer() {
    Visit visit = new Visit(port);
    for (String back :
        new String[] {"//elsewhere.example", "/\\elsewhere.example", "https://x.example"}) {
      HttpResponse<String> answer =
          visit.submit("/", "/units", Map.of("system", "us", "back", back));
      assertThat(answer.uri().getHost()).isEqualTo("127.0.0.1");
      assertThat(answer.uri().getPath()).isEqualTo("/");
    }
    String job = visit.ownJob("Otter", "petrol-car");
    assertThat(visit.get(job + "/need").body()).contains("−40 to 104 °F");
  }

  /** What is saved survives a restart, and a second instance on the same database sees it. */
  @Test
  void aSecondInstanceSeesTheSameGarage() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.submit(job + "/need", job + "/need", need("0", "515"));
    try (ConfigurableApplicationContext second =
        new SpringApplicationBuilder(FermixApplication.class).run("--server.port=0")) {
      String secondPort = second.getEnvironment().getProperty("local.server.port", "");
      assertThat(visit.at(Integer.parseInt(secondPort)).get(job + "/need").body())
          .contains("value=\"515\"");
    }
  }
}
