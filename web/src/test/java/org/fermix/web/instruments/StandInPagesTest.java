package org.fermix.web.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import org.fermix.web.Html;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The stand-in instruments over plain HTTP, and the engine fitted from what they record. */
class StandInPagesTest extends WebTestBase {
  @LocalServerPort int port;

  private static HttpResponse<String> act(Visit visit, String job, String action) {
    return visit.submit(job + "/check/stand-in", job + "/check/stand-in/act/" + action, Map.of());
  }

  private static HttpResponse<String> setUp(Visit visit, String job, String... fields) {
    Map<String, String> form = new HashMap<>();
    for (int i = 0; i < fields.length; i += 2) {
      form.put(fields[i], fields[i + 1]);
    }
    return visit.submit(job + "/check/stand-in", job + "/check/stand-in/set-up", form);
  }

  /** Charge first, then rest, then load; a worn battery is found worn and the log says by what. */
  @Test
  void theTesterGoesByItsSteps() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    String page =
        setUp(
                visit,
                job,
                "share",
                "45",
                "charge",
                "40",
                "temperature",
                "18",
                "surface",
                "no",
                "noise",
                "0.005")
            .body();
    assertThat(page).contains("Not charged. Charge it fully before it is judged.");
    HttpResponse<String> refused = act(visit, job, "load");
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(refused.body()).contains("The tester refuses that now");
    assertThat(act(visit, job, "charge").body()).contains("Surface charge. Let it rest");
    assertThat(act(visit, job, "rest").body()).contains("Ready. Load it.");
    assertThat(act(visit, job, "load").body()).contains("under load");
    assertThat(act(visit, job, "estimate").body()).contains("Done. Take the results down.");
    assertThat(visit.get(job + "/check/stand-in?reveal=true").body())
        .containsPattern("4[3-7] % of its rated cold cranking amps is left");
    String check =
        visit.submit(job + "/check/stand-in", job + "/check/stand-in/take", Map.of()).body();
    assertThat(check)
        .contains("stand-in tester")
        .contains("electronic tester: bad")
        .contains("Replace it");
  }

  /** What the stand-in cannot be is refused at its field, and nothing typed is lost. */
  @Test
  void nonsenseIsAnsweredAtTheField() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    HttpResponse<String> answer = setUp(visit, job, "share", "500", "temperature", "warm");
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body())
        .contains("25 to 130")
        .contains("value=\"500\"")
        .contains("value=\"warm\"");
    assertThat(act(visit, job, "explode").statusCode()).isEqualTo(404);
  }

  /** Cold lithium is warmed before it is charged, and no lead tester is used on it. */
  @Test
  void coldLithiumIsWarmedFirst() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "lfp", "540", "60");
    String page = setUp(visit, job, "charge", "50", "temperature", "-10", "share", "100").body();
    assertThat(page).contains("Warm it first").doesNotContain("act/charge");
    act(visit, job, "warm");
    act(visit, job, "charge");
    String charged = act(visit, job, "rest").body();
    assertThat(charged).contains("act/load").doesNotContain("act/estimate");
    act(visit, job, "load");
    String check =
        visit.submit(job + "/check/stand-in", job + "/check/stand-in/take", Map.of()).body();
    assertThat(check).contains("of the rating left").contains("says little across chemistries");
  }

  /** After many tries another battery must be set up. */
  @Test
  void triesAreBounded() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    setUp(visit, job, "temperature", "15");
    for (int i = 0; i < StandIn.MOST_ACTIONS; i++) {
      act(visit, job, "rest");
    }
    assertThat(act(visit, job, "rest").body()).contains("set up another");
    setUp(visit, job);
    assertThat(act(visit, job, "rest").statusCode()).isEqualTo(200);
  }

  /** The engine is learnt from a recorded start, switched off and on, set aside and forgotten. */
  @Test
  void aRecordedStartTeachesTheEngine() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "agm", "540", "60");
    setUp(visit, job, "share", "100", "charge", "95", "temperature", "8", "surface", "no");
    String recorded = act(visit, job, "record").body();
    assertThat(recorded).contains("stand-in, 8 °C").contains("compressions/s");
    String learn = Html.link(recorded, "/engine");
    assertThat(visit.get(job + "/bench").body()).contains("Engine and starter as usual for");

    HttpResponse<String> nonsense =
        visit.submit(learn, learn, Map.of("battery", "0", "temperature", "warm"));
    assertThat(nonsense.statusCode()).isEqualTo(422);
    assertThat(nonsense.body()).contains("value=\"warm\"");

    String fitted = visit.submit(learn, learn, Map.of("battery", "0", "temperature", "8")).body();
    assertThat(fitted)
        .contains("The bench reckons with this engine")
        .contains("Residual")
        .contains("Spread of the cold answers left");
    assertThat(visit.get(job + "/bench").body())
        .contains("Engine as a recorded start shows it")
        .doesNotContain("Engine and starter as usual for");

    String recordings = job + "/check/recordings";
    assertThat(visit.submit(recordings, job + "/check/engine/off", Map.of()).body())
        .contains("Switched off");
    assertThat(visit.get(job + "/bench").body()).contains("Engine and starter as usual for");
    visit.submit(recordings, job + "/check/engine/on", Map.of());
    assertThat(visit.get(job + "/bench").body()).contains("Engine as a recorded start shows it");

    String machine = Html.link(visit.get(recordings).body(), "/machines/");
    String version = Html.value(visit.get(machine).body(), "version");
    visit.submit(
        machine,
        machine,
        Map.of("name", "Car", "type", "petrol-car", "litres", "3.2", "version", version));
    assertThat(visit.get(recordings).body()).contains("Set aside");
    assertThat(visit.get(job + "/bench").body()).contains("Engine and starter as usual for");

    assertThat(visit.submit(recordings, job + "/check/engine/forget", Map.of()).body())
        .doesNotContain("This engine");
    assertThat(visit.submit(recordings, job + "/check/engine/on", Map.of()).statusCode())
        .isEqualTo(404);
  }

  /** A fit that hardly explains its recording does not count until its owner switches it on. */
  @Test
  void aDoubtfulFitWaitsForItsOwner() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "agm", "540", "60");
    setUp(visit, job, "share", "45", "charge", "80", "temperature", "8", "surface", "no");
    String learn = Html.link(act(visit, job, "record").body(), "/engine");
    String fitted =
        visit
            .submit(learn, learn, Map.of("battery", "0", "temperature", "8", "charge", "100"))
            .body();
    assertThat(fitted)
        .contains("does not turn at the recorded speed within a tenth")
        .contains("Switched off")
        .contains("Switch it on");
    assertThat(visit.get(job + "/bench").body()).contains("Engine and starter as usual for");
    String on = visit.submit(job + "/check/recordings", job + "/check/engine/on", Map.of()).body();
    assertThat(on).contains("The bench reckons with this engine");
  }

  /** A battery that cannot have given the recording is refused in words. */
  @Test
  void whatDoesNotFitTogetherIsSaid() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    setUp(visit, job, "share", "100", "charge", "95", "temperature", "8", "surface", "no");
    String learn = Html.link(act(visit, job, "record").body(), "/engine");
    assertThat(visit.get(learn).body()).contains("Describe the battery it was recorded with");
    visit.describeToday(job, "agm", "540", "60");
    HttpResponse<String> unheard =
        visit.submit(learn, learn, Map.of("battery", "G", "temperature", "8"));
    assertThat(unheard.statusCode()).isEqualTo(422);
    assertThat(unheard.body()).contains("Please choose");
  }

  /** Nobody reaches another's instruments or engine. */
  @Test
  void instrumentsBelongToTheirOwner() {
    Visit owner = new Visit(port);
    String job = owner.ownJob("Mine", "petrol-car");
    owner.get(job + "/check/stand-in");
    Visit other = new Visit(port);
    String own = other.ownJob("Theirs", "petrol-car");
    assertThat(other.get(job + "/check/stand-in").statusCode()).isEqualTo(404);
    assertThat(
            other
                .submit(own + "/check/stand-in", job + "/check/stand-in/act/rest", Map.of())
                .statusCode())
        .isEqualTo(404);
    assertThat(
            other.submit(own + "/check/stand-in", job + "/check/engine/on", Map.of()).statusCode())
        .isEqualTo(404);
  }
}
