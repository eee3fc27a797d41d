package org.fermix.web.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.fermix.web.OwnerSteps.label;
import static org.fermix.web.OwnerSteps.need;
import static org.fermix.web.OwnerSteps.take;
import static org.fermix.web.OwnerSteps.text;

import java.util.Map;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * What owners must be told whose question is how the machine is used: stored, lived in, winched,
 * driven too little, woken, or too cold for all; whole pages, invented machines, what is said and
 * not figures.
 */
class UseScenarioPagesTest extends WebTestBase {
  @LocalServerPort int port;

  private static void add(
      Visit visit,
      String job,
      String name,
      String chemistry,
      int cca,
      int ampHours,
      String mass,
      int price,
      String... more) {
    Map<String, String> label =
        label(
            name,
            chemistry,
            "cranking",
            Integer.toString(cca),
            "capacity",
            Integer.toString(ampHours),
            "mass",
            mass,
            "price",
            Integer.toString(price));
    for (int i = 0; i < more.length; i += 2) {
      label.put(more[i], more[i + 1]);
    }
    OwnerSteps.add(visit, job, label);
  }

  /**
   * S3: a snowmobile stored from April to November is judged at summer's warmth, with dates; an
   * alarm of 3 mA empties the small lithium battery within the stay, the fuse or a maintainer saves
   * it.
   */
  @Test
  void aSummerInTheShedIsJudgedByItsWarmth() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Drift", "snowmobile");
    need(
        visit,
        job,
        "coldest",
        "-22",
        "winterMean",
        "-11",
        "summerMean",
        "17",
        "layUp",
        "214",
        "layUpFrom",
        "4",
        "layUpPlace",
        "indoors",
        "drain",
        "0");
    add(visit, job, "Plain", "flooded", 230, 18, "6.4", 60);
    add(visit, job, "Mat", "agm", 270, 18, "6.6", 95);
    add(visit, job, "Light", "lfp", 400, 10, "1.9", 190, "protected", "yes");
    assertThat(text(visit, job + "/decide")).contains("laid up in its own months");
    String quiet = text(visit, job + "/bench");
    assertThat(quiet).contains("Standing begins to cost it life").contains("Parked from 1 April");
    need(
        visit,
        job,
        "coldest",
        "-22",
        "winterMean",
        "-11",
        "summerMean",
        "17",
        "layUp",
        "214",
        "layUpFrom",
        "4",
        "layUpPlace",
        "indoors",
        "drain",
        "3");
    String alarmed = text(visit, job + "/bench");
    assertThat(alarmed)
        .containsPattern("C cold: .{0,200}falls short: [a-z, ]*days parked")
        .contains("Enough would be a maintainer while it stands, or its negative lead off")
        .contains("negative lead off", "on a maintainer");
  }

  /** S4: radio, plotter and heater for hours are house loads: a bank of its own, and why. */
  @Test
  void houseLoadsWantABankOfTheirOwn() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Pelican", "inboard-petrol");
    need(visit, job, "offAmps", "7", "offHours", "9");
    add(visit, job, "Mat", "agm", 760, 70, "20", 180);
    add(visit, job, "Larger", "agm", 900, 100, "27", 260);
    for (String stop : new String[] {"/need", "/bench", "/decide"}) {
      assertThat(text(visit, job + stop))
          .contains("Those are house loads")
          .contains("deep-cycle battery of about 189 to 252 Ah")
          .contains("A larger starting battery is not the answer");
    }
    need(visit, job, "offAmps", "2", "offHours", "1");
    for (String stop : new String[] {"/need", "/bench", "/decide"}) {
      assertThat(text(visit, job + stop)).doesNotContain("house loads");
    }
  }

  /**
   * S6: a winch of 180 A with 12 A of charge beside it. AGM does more pulls than flooded of the
   * same case; the lithium battery's own limit stops it and is named.
   */
  @Test
  void aWinchIsStoppedByALimitBeforeItIsByCharge() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Badger", "utility");
    need(visit, job, "coldest", "-10", "layUp", "1", "offAmps", "168", "offHours", "0.03");
    add(visit, job, "Plain", "flooded", 300, 30, "9.5", 80);
    add(visit, job, "Mat", "agm", 385, 30, "9.9", 120);
    add(visit, job, "Light", "lfp", 180, 12, "2.3", 250, "protected", "yes", "surgeAmps", "100");
    String bench = text(visit, job + "/bench");
    assertThat(bench).contains("Runs 168", "with the engine off");
    assertThat(text(visit, job + "/decide")).doesNotContain("Take C");
  }

  /** S8: two trips of six minutes a day: it never fills; longer trips do, and it lives longer. */
  @Test
  void shortTripsAreSaidToBeTooShort() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Town car", "petrol-car");
    need(
        visit, job, "winterMean", "5", "drain", "25", "daysUsed", "30", "starts", "2", "trip", "6");
    add(visit, job, "Plain", "flooded", 400, 45, "12", 70);
    add(visit, job, "Middle", "efb", 420, 45, "12.5", 95);
    add(visit, job, "Mat", "agm", 450, 45, "13", 130);
    String bench = text(visit, job + "/bench");
    assertThat(bench).contains("Charging in the coldest month, 12 min a day");
    int[] shortTrips = reached(bench);
    assertThat(shortTrips[0]).isLessThan(shortTrips[1]);
    assertThat(shortTrips[1]).isLessThan(shortTrips[2]);
    need(
        visit,
        job,
        "winterMean",
        "5",
        "drain",
        "25",
        "daysUsed",
        "30",
        "starts",
        "2",
        "trip",
        "40");
    int[] longTrips = reached(text(visit, job + "/bench"));
    for (int i = 0; i < 3; i++) {
      assertThat(longTrips[i]).isGreaterThan(shortTrips[i]);
    }
  }

  private static int[] reached(String bench) {
    var found =
        java.util.regex.Pattern.compile("Charge reached\\D+(\\d+) %\\D+(\\d+) %\\D+(\\d+) %")
            .matcher(bench);
    assertThat(found.find()).as("the row of charge reached").isTrue();
    return new int[] {
      Integer.parseInt(found.group(1)),
      Integer.parseInt(found.group(2)),
      Integer.parseInt(found.group(3))
    };
  }

  /** S12: a hybrid's 12 V battery wakes the car: days, no cranking anywhere, what 13.9 V fills. */
  @Test
  void aHybridIsWokenAndNobodySpeaksOfCranking() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Hybrid", "electric-car");
    need(visit, job, "drain", "30", "layUp", "21", "volts", "13.9");
    add(visit, job, "Mat", "agm", 400, 45, "13", 190);
    add(visit, job, "Light", "lfp", 300, 20, "2.9", 250, "protected", "yes");
    String decide = text(visit, job + "/decide");
    assertThat(decide).contains("still wakes the car after 21 d", "No engine is cranked");
    assertThat(text(visit, job + "/bench"))
        .contains("at 13.9 V", "charges fully")
        .doesNotContain("Cranking speed");
  }

  /**
   * S13: three small batteries at −28 °C: none is taken, by how much is said, and what opens it.
   */
  @Test
  void whereNoneIsEnoughNoneIsTaken() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Diesel", "diesel-car");
    need(visit, job, "coldest", "-28", "winterMean", "-18", "layUp", "3");
    add(visit, job, "Small", "flooded", 420, 50, "13", 70);
    add(visit, job, "Less small", "flooded", 460, 54, "14", 78);
    add(visit, job, "Largest", "flooded", 500, 58, "15", 86);
    for (String stop : new String[] {"/bench", "/decide"}) {
      assertThat(text(visit, job + stop))
          .contains("None of these does all you ask", "comes nearest")
          .containsPattern("\\d+ \\S+ short of your morning")
          .doesNotContain("Take A", "Take B", "Take C");
    }
    take(visit, job, "symptom", "outcome", "slow");
    assertThat(text(visit, job + "/decide")).doesNotContain("Take C");
  }
}
