package org.fermix.web.need;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The Need stop as a visitor without scripts meets it, and what is drawn while one types. */
class NeedPagesTest extends WebTestBase {
  @LocalServerPort int port;

  private static Map<String, String> need(String cca) {
    return Map.of("version", "0", "minimumCca", cca, "coldest", "-16", "currency", "EUR");
  }

  @Test
  void whatIsTypedIsDrawnWithoutBeingKept() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String looked = visit.submit(job + "/need", job + "/need/look", need("444")).body();
    assertThat(looked)
        .contains("value=\"444\"", "Drawn, not saved yet", "id=\"need-asks\"", "hx-swap-oob");
    assertThat(Html.text(visit.get(job + "/need").body(), "body")).doesNotContain("444");
    assertThat(visit.get(job + "/need").body()).doesNotContain("value=\"444\"");
    String wrong = visit.submit(job + "/need", job + "/need/look", need("lots")).body();
    assertThat(wrong).contains("value=\"lots\"", "f-minimumCca-error");
    Map<String, String> half = Map.of("version", "0", "currency", "EUR", "trayLength", "240");
    String halfTyped = visit.submit(job + "/need", job + "/need/look", half).body();
    assertThat(halfTyped).contains("value=\"240\"").doesNotContain("or none of them");
    assertThat(visit.get(job + "/need/rests").body())
        .contains("What the answer rests on", "Engine and starter", "record a start");
    assertThat(visit.get(job + "/need/climate.svg").body()).contains("<svg", "coldest morning");
    assertThat(visit.get(job + "/need/tray.svg").body()).contains("tray-unknown");
  }

  /** Stops at lights are asked of cars alone; what is typed wrong stands as typed. */
  @Test
  void stopsAtLights() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    assertThat(visit.get(job + "/need").body()).contains("At lights its engine");
    Map<String, String> typed = new HashMap<>(need("444"));
    typed.putAll(Map.of("stops", "yes", "restarts", "501", "stopped", "-1"));
    HttpResponse<String> wrong = visit.submit(job + "/need", job + "/need", typed);
    assertThat(wrong.statusCode()).isEqualTo(422);
    assertThat(wrong.body())
        .contains("value=\"501\"", "f-restarts-error", "value=\"-1\"", "f-stopped-error");
    typed.putAll(Map.of("restarts", "35", "stopped", "22"));
    assertThat(visit.submit(job + "/need", job + "/need", typed).body())
        .contains("value=\"35\"", "value=\"22\"");
    String boat = visit.ownJob("Tern", "inboard-diesel");
    assertThat(visit.get(boat + "/need").body()).doesNotContain("At lights its engine");
  }

  @Test
  void aChargerIsJudgedOnEachBatteryAndCanBeTakenBack() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    String add = job + "/chargers/new";
    Map<String, String> charger =
        new HashMap<>(
            Map.of("name", "Old bench charger", "kind", "CHARGER", "amps", "4", "top", "high"));
    HttpResponse<String> wrong = visit.submit(add, add, charger);
    assertThat(wrong.statusCode()).isEqualTo(422);
    assertThat(wrong.body()).contains("value=\"high\"", "5 to 35");
    charger.put("top", "14.4");
    charger.put("float", "15");
    assertThat(visit.submit(add, add, charger).body()).contains("at most the top voltage");
    charger.put("float", "13.6");
    charger.put("desulfates", "yes");
    String need = visit.submit(add, add, charger).body();
    // Pulses harm what is sealed, lithium and sodium, and not flooded lead (common practice).
    assertThat(Html.text(need, ".charge-rows")).contains("Old bench charger", "its pulses harm");
    String one = Html.link(need, job + "/chargers/").replace("/new", "");
    String removed = visit.submit(one, one + "/remove", Map.of()).body();
    assertThat(removed).contains("Removed that charger").doesNotContain(">Old bench charger<");
    assertThat(visit.submit(job + "/need", one + "/restore", Map.of()).body())
        .contains(">Old bench charger<");
    Visit other = new Visit(port);
    String elsewhere = other.ownJob("Grebe", "petrol-car");
    String stolen = elsewhere + one.substring(job.length());
    assertThat(other.get(stolen).statusCode()).isEqualTo(404);
    assertThat(other.submit(elsewhere + "/need", stolen + "/remove", Map.of()).statusCode())
        .isEqualTo(404);
  }

  /** Need, Bench and Decide say the same of one charger, a slow one of 13.7 V. */
  @Test
  void aChargerDoesTheSameOnEveryPage() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    OwnerSteps.need(visit, job, "coldest", "-10", "layUp", "10", "minimumCca", "420");
    OwnerSteps.add(
        visit,
        job,
        OwnerSteps.label("Mat", "agm", "cranking", "700", "capacity", "70", "price", "150"));
    visit.submit(
        job + "/chargers/new",
        job + "/chargers/new",
        Map.of("name", "Small one", "kind", "MAINTAINER", "amps", "0.8", "top", "13.7"));
    Matcher hours =
        Pattern.compile("“Small one” (\\d+)\\.\\d h")
            .matcher(OwnerSteps.text(visit, job + "/bench"));
    assertThat(hours.find()).isTrue();
    long whole = Math.round(Double.parseDouble(hours.group().replaceAll("[^0-9.]", "")));
    assertThat(whole).isBetween(30L, 60L);
    assertThat(OwnerSteps.text(visit, job + "/need"))
        .contains("fills each, up to " + whole + " h from half");
    assertThat(OwnerSteps.text(visit, job + "/decide"))
        .contains("your “Small one” serves; about " + whole + " h from half");
  }

  @Test
  void whatWasSavedIsTakenBackAndWhatDrawsIsAddedUp() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    visit.submit(job + "/need", job + "/need", need("444"));
    Map<String, String> more = new HashMap<>(need("555"));
    more.put("version", Html.value(visit.get(job + "/need").body(), "version"));
    more.put("zone", "9z");
    assertThat(visit.submit(job + "/need", job + "/need", more).body()).contains("one of those");
    more.put("zone", "7a");
    more.remove("coldest");
    more.put("drain-alarm", "yes");
    more.put("drain-clock", "yes");
    more.put("wakeUps", "24");
    more.put("weeksAway", "6");
    more.put("chargedBy", "STATOR");
    more.put("wayInWidth", "200");
    assertThat(visit.submit(job + "/need", job + "/need", more).body())
        .contains("Give both sides of the opening");
    more.put("wayInHeight", "240");
    String saved = visit.submit(job + "/need", job + "/need", more).body();
    // 12 + 4 mA, and 24 wake-ups of 250 mAh over 24 h; zone 7a is 0 to 5 °F.
    assertThat(saved)
        .contains(
            "Undo what was saved",
            "value=\"555\"",
            "value=\"STATOR\" selected",
            "placeholder=\"266.0\"",
            "hardiness zone 7a");
    assertThat(OwnerSteps.plain(Html.text(saved, "#need-asks"))).contains("at −16 °C after 42 d");
    String undone = visit.submit(job + "/need", job + "/need/undo", Map.of()).body();
    assertThat(undone).contains("value=\"444\"").doesNotContain("value=\"555\"");
    assertThat(visit.submit(job + "/need", job + "/need/undo", Map.of()).body())
        .contains("value=\"555\"");
  }

  @Test
  void eachBatterySaysWhatItGivesWhatRuns() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "inboard-petrol");
    Map<String, String> form =
        new HashMap<>(
            Map.of(
                "version", "0",
                "currency", "EUR",
                "loadName1", "heater",
                "loadAmount1", "120",
                "loadFeed1", "RESISTIVE",
                "loadHours1", "40",
                "alarm", "11.9"));
    form.put("loadLeast1", "12.2");
    visit.submit(job + "/need", job + "/need", form);
    String runs = OwnerSteps.plain(visit.get(job + "/need/runs").body());
    assertThat(runs).contains("heater", "stops after", "the machine warns after", "it warns");
  }

  /** 18 W and 8 W for three hours at 12.2 V are 6.4 Ah, 2.1 A over them. */
  @Test
  void thingsThatRunAreAddedUp() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "inboard-petrol");
    Map<String, String> form =
        new HashMap<>(
            Map.of(
                "version", "0",
                "currency", "EUR",
                "loadName1", "Plotter or sounder",
                "loadHours1", "3",
                "loadName3", "Handset",
                "loadAmount3", "8",
                "loadHours3", "3"));
    String saved = visit.submit(job + "/need", job + "/need", form).body().replace('\u00a0', ' ');
    assertThat(saved).contains("Saved.", "2.1 A for 3.0 h", "placeholder=\"2.1\"");
    assertThat(saved).contains("name=\"loadName2\" value=\"Handset\"", "name=\"loadName3\"");
    form.put("version", "1");
    form.put("loadAmount1", "lots");
    form.put("loadName4", "coffee robot");
    HttpResponse<String> wrong = visit.submit(job + "/need", job + "/need", form);
    assertThat(wrong.statusCode()).isEqualTo(422);
    assertThat(wrong.body())
        .contains("Draw of thing 1", "value=\"lots\"", "how many watts or amps it draws");
  }

  /** Where nothing usually runs, a thing whose hours nobody says is taken to run for one. */
  @Test
  void aThingWithoutHoursIsNotTakenForNothing() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Skua", "snowmobile");
    String saved =
        visit
            .submit(
                job + "/need",
                job + "/need",
                Map.of("version", "0", "currency", "EUR", "loadName1", "heated grips"))
            .body()
            .replace('\u00a0', ' ');
    assertThat(saved).contains("for 1.0 h with the engine off", "3.3 Ah");
  }
}
