package org.fermix.web.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.fermix.web.OwnerSteps.label;
import static org.fermix.web.OwnerSteps.need;
import static org.fermix.web.OwnerSteps.needWithTray;
import static org.fermix.web.OwnerSteps.text;

import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * Where something is needed and not known, it is said which one, and once what; never "take it".
 */
class HeldPagesTest extends WebTestBase {
  @LocalServerPort int port;

  private static void add(Visit visit, String job, String name, String chemistry, String... more) {
    Map<String, String> label =
        new HashMap<>(label(name, chemistry, "cranking", "720", "price", "150"));
    label.put("capacity", "70");
    for (int i = 0; i < more.length; i += 2) {
      label.put(more[i], more[i + 1]);
    }
    OwnerSteps.add(visit, job, label);
  }

  @Test
  void anUnmeasuredTrayHoldsTheAdviceAndTheSettling() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    need(visit, job, "coldest", "-12", "layUp", "10", "minimumCca", "420");
    add(visit, job, "Mat", "agm");
    String page = visit.get(job + "/decide").body();
    assertThat(OwnerSteps.plain(page))
        .contains("once you have measured the tray", "Measure the tray")
        .doesNotContain("Pay at most");
    assertThat(page).contains(job + "/need#f-trayLength");
    assertThat(text(visit, job + "/bench")).contains("once you have measured the tray");
    Map<String, String> settle = Map.of("letter", "A", "number", UUID.randomUUID().toString());
    HttpResponse<String> refused = visit.submit(job + "/decide", job + "/decide/settle", settle);
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(OwnerSteps.plain(refused.body())).contains("Not known yet: the tray’s size");
    Map<String, String> knowing = new HashMap<>(settle);
    knowing.put("unknown", "TRAY");
    assertThat(visit.submit(job + "/decide", job + "/decide/settle", knowing).statusCode())
        .isEqualTo(200);
    assertThat(text(visit, job + "/decide/sheet")).contains("Not known: the tray’s size");
    // Measured, nothing holds it any more.
    needWithTray(visit, job, 262, "coldest", "-12", "layUp", "10", "minimumCca", "420");
    // What was settled stays as it was; the advice is no longer held.
    assertThat(text(visit, job + "/bench")).contains("Take A").doesNotContain("once you have");
  }

  /** What is in the machine now counts as measured. */
  @Test
  void theCaseOfTodaysBatteryIsEnough() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    need(visit, job, "coldest", "-12", "layUp", "10", "minimumCca", "420");
    visit.describeToday(job, "flooded", "480", "54");
    add(visit, job, "Mat", "agm");
    assertThat(text(visit, job + "/bench")).doesNotContain("once you have measured the tray");
    assertThat(text(visit, job + "/bench")).contains("no larger than today’s");
  }

  /** S5: never "take the lithium" on a certified aircraft without a document. */
  @Test
  void aCertifiedAircraftIsNotToldToTakeLithium() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Lark", "aircraft");
    needWithTray(visit, job, 262, "coldest", "0", "layUp", "10");
    visit.submit(job + "/permission", job + "/permission/basis", Map.of("basis", "CERTIFIED"));
    add(visit, job, "Light", "lfp", "capacity", "25", "mass", "4", "protected", "yes");
    assertThat(text(visit, job + "/decide"))
        .doesNotContain("Take A")
        .contains("no approval for this aircraft");
    add(visit, job, "Plain", "agm", "capacity", "30", "mass", "11");
    assertThat(text(visit, job + "/decide"))
        .contains("once its approval for this machine is shown")
        .doesNotContain("Pay at most", "Take A");
  }
}
