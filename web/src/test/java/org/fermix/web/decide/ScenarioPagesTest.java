package org.fermix.web.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.fermix.web.OwnerSteps.label;
import static org.fermix.web.OwnerSteps.need;
import static org.fermix.web.OwnerSteps.take;
import static org.fermix.web.OwnerSteps.text;

import java.util.Map;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * What an owner must be told, from Check to Decide, on whole pages: invented machines; what is held
 * is what is said, not figures.
 */
class ScenarioPagesTest extends WebTestBase {
  @LocalServerPort int port;

  /** A label that goes into any tray; lithium says that it is protected. */
  private static void add(
      Visit visit, String job, String name, String chemistry, String... fields) {
    Map<String, String> label = label(name, chemistry, fields);
    if (chemistry.equals("lfp")) {
      label.put("protected", "yes");
    }
    OwnerSteps.add(visit, job, label);
  }

  /** S1: a worn battery is replaced on every stop; who falls short is said with by how much. */
  @Test
  void aWornDieselBatteryIsReplaced() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Estate", "diesel-car");
    visit.describeToday(job, "flooded", "640", "70");
    need(
        visit,
        job,
        "coldest",
        "-16",
        "layUp",
        "28",
        "drain",
        "18",
        "offAmps",
        "6",
        "offHours",
        "2",
        "years",
        "8");
    take(visit, job, "symptom", "outcome", "slow");
    take(visit, job, "rest-volts", "volts", "12.6", "rested", "12");
    take(visit, job, "tester", "shown", "416", "set", "640", "charged", "yes");
    add(
        visit,
        job,
        "Plain",
        "flooded",
        "cranking",
        "640",
        "capacity",
        "70",
        "price",
        "96",
        "mass",
        "17");
    add(
        visit,
        job,
        "Mat",
        "agm",
        "cranking",
        "760",
        "capacity",
        "70",
        "price",
        "172",
        "mass",
        "20.5");
    add(
        visit,
        job,
        "Light",
        "lfp",
        "cranking",
        "650",
        "capacity",
        "40",
        "price",
        "420",
        "mass",
        "6.4");
    assertThat(text(visit, job + "/check")).contains("Replace it now.");
    for (String stop : new String[] {"/bench", "/decide"}) {
      assertThat(text(visit, job + stop))
          .contains("The check is settled: battery worn")
          .contains("Before you buy, rule out what would kill the new one too")
          .doesNotContain("nothing need be bought", "Keep today’s battery");
    }
  }

  /**
   * S2: a regulator at 15.4 V comes first everywhere; LFP is barred by volts until it is mended.
   */
  @Test
  void theRegulatorComesFirst() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Single", "motorcycle-single");
    need(visit, job, "volts", "15.4");
    take(visit, job, "symptom", "outcome", "rapid_click");
    take(visit, job, "charging-volts", "fast", "15.4");
    add(visit, job, "Mat", "agm", "cranking", "180", "capacity", "10", "price", "70");
    add(visit, job, "Light", "lfp", "cranking", "120", "capacity", "5", "price", "129");
    assertThat(text(visit, job + "/check")).contains("mend the charging");
    for (String stop : new String[] {"/bench", "/decide"}) {
      assertThat(text(visit, job + stop)).contains("mend the charging", "harmed above");
    }
    need(visit, job, "volts", "14.3");
    assertThat(text(visit, job + "/bench")).doesNotContain("harmed above");
  }

  /** S5: an aircraft battery without an approval is never passed, whatever its outcomes. */
  @Test
  void anAircraftWantsAnApprovalFirst() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Trainer", "aircraft");
    add(visit, job, "Half", "lfp", "cranking", "500", "capacity", "20", "price", "800");
    assertThat(text(visit, job + "/bench"))
        .contains("Approved for this aircraft", "show an approval for this aircraft first");
    assertThat(text(visit, job + "/decide")).contains("mechanic").doesNotContain("fit it yourself");
  }

  /** S7: the same scooter cells under two labels; the flattering one is not ahead, ask for Wh. */
  @Test
  void theFlatteringScooterLabelIsNotAhead() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Scooter", "motorcycle-single");
    add(
        visit,
        job,
        "Honest",
        "lfp",
        "cranking",
        "70",
        "capacity",
        "5",
        "mass",
        "1.0",
        "price",
        "60");
    add(
        visit,
        job,
        "Flattering",
        "lfp",
        "cranking",
        "200",
        "capacity",
        "12",
        "mass",
        "1.0",
        "price",
        "60");
    assertThat(text(visit, job + "/lineup")).contains("watt-hours");
    assertThat(text(visit, job + "/decide"))
        .doesNotContain("take B, the LFP “Flattering”", "Take B, the LFP");
  }

  /** S9: a 6 V classic in a heated garage: full at 6.35 V, right at 7.2 V, starts at 0 °C. */
  @Test
  void aSixVoltClassicIsJudgedAtSixVolts() {
    Visit visit = new Visit(port);
    String job = at(visit, "Old", "classic", "6", "1.2");
    take(visit, job, "rest-volts", "volts", "6.35", "rested", "20");
    take(visit, job, "charging-volts", "fast", "7.2");
    assertThat(text(visit, job + "/check")).contains("7.20 V at fast idle. Right.");
    need(visit, job, "coldest", "0", "drain", "0");
    add(
        visit,
        job,
        "Six",
        "flooded",
        "cranking",
        "400",
        "capacity",
        "75",
        "volts",
        "6",
        "price",
        "90");
    assertThat(text(visit, job + "/bench")).contains("Six").doesNotContain("12 V battery");
    assertThat(text(visit, job + "/decide")).contains("Six");
  }

  /** S10: a 24 V lorry, 12.7 and 12.1 V rested: the weak one is named, a pair replaces both. */
  @Test
  void theWeakOneOfTwoIsFound() {
    Visit visit = new Visit(port);
    String job = at(visit, "Lorry", "diesel-car", "24", "9");
    take(
        visit,
        job,
        "rest-volts",
        "volts",
        "24.8",
        "each1",
        "12.7",
        "each2",
        "12.1",
        "rested",
        "12");
    assertThat(text(visit, job + "/check"))
        .contains("The second is weaker", "together they are not full", "replace both by a pair");
  }

  /** A 12 V label in a 24 V machine is one of two in series: judged, and looked at one by one. */
  @Test
  void aPairIsTwoSinglesAtTheCounter() {
    Visit visit = new Visit(port);
    String job = at(visit, "Lorry", "diesel-car", "24", "5");
    visit.describeToday(job, "flooded", "900", "140");
    assertThat(text(visit, job + "/lineup")).contains("2 × Invented");
    take(visit, job, "tester", "shown", "600", "set", "900", "charged", "yes");
    assertThat(text(visit, job + "/check")).contains("of its label’s rating is left");
  }

  /** S11: an outboard's 1000 MCA: AGM passes, lithium whose test is not stated is not settled. */
  @Test
  void theOutboardsMinimumIsNotSettledForLithium() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Boat", "outboard");
    need(visit, job, "minimumCca", "1000", "minimumTest", "mca");
    add(
        visit,
        job,
        "Mat",
        "agm",
        "cranking",
        "800",
        "ratings",
        "1000 MCA",
        "capacity",
        "75",
        "price",
        "190");
    add(
        visit,
        job,
        "Light",
        "lfp",
        "cranking",
        "1200",
        "test",
        "mca",
        "capacity",
        "60",
        "price",
        "600");
    assertThat(text(visit, job + "/bench")).contains("ask for the cold test");
  }

  /**
   * S14: two AGM 3 % apart, 20 % in price: level, the cheaper for its price; a third changes
   * nothing.
   */
  @Test
  void levelOnesGoByTheirPrice() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    add(
        visit,
        job,
        "Cheap",
        "agm",
        "cranking",
        "680",
        "capacity",
        "68",
        "mass",
        "19",
        "price",
        "120");
    add(
        visit,
        job,
        "Dear",
        "agm",
        "cranking",
        "700",
        "capacity",
        "70",
        "mass",
        "19.5",
        "price",
        "144");
    assertThat(text(visit, job + "/decide")).contains("A, the AGM “Cheap”").contains("price");
    add(
        visit,
        job,
        "Silly",
        "agm",
        "cranking",
        "690",
        "capacity",
        "69",
        "mass",
        "19",
        "price",
        "1300");
    assertThat(text(visit, job + "/decide")).contains("A, the AGM “Cheap”");
  }

  /** S15: 90 mA measured: find the drain first, on every stop. */
  @Test
  void theDrainIsFoundFirst() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "agm", "700", "68");
    need(visit, job, "drain", "90");
    take(visit, job, "symptom", "outcome", "dead_after_parking");
    take(visit, job, "drain", "milliamps", "90", "asleep", "40");
    add(visit, job, "Mat", "agm", "cranking", "720", "capacity", "70", "price", "150");
    for (String stop : new String[] {"/check", "/bench", "/decide"}) {
      assertThat(text(visit, job + stop)).contains("find the drain");
    }
  }

  /** S16: a good battery behind bad leads: the connection; do not buy, on every stop. */
  @Test
  void badLeadsAreMendedNotBought() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "agm", "700", "68");
    take(visit, job, "symptom", "outcome", "slow");
    take(visit, job, "rest-volts", "volts", "12.8", "rested", "14");
    take(visit, job, "tester", "shown", "728", "set", "700", "charged", "yes");
    take(visit, job, "cable-drop", "negative", "1.4", "positive", "0.2");
    add(visit, job, "Mat", "agm", "cranking", "720", "capacity", "70", "price", "150");
    assertThat(text(visit, job + "/check"))
        .contains("Do not buy: clean or replace the connection.");
    for (String stop : new String[] {"/bench", "/decide"}) {
      assertThat(text(visit, job + stop)).contains("clean or replace the connection");
    }
  }

  /** The job of a machine of another voltage than usual. */
  private static String at(Visit visit, String name, String type, String volts, String litres) {
    visit.submit("/", "/garage/open-own", Map.of());
    return Html.parts(
        visit
            .submit(
                "/machines/new",
                "/machines/new",
                Map.of("name", name, "type", type, "volts", volts, "litres", litres))
            .uri(),
        2);
  }
}
