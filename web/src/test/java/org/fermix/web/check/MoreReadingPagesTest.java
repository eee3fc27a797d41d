package org.fermix.web.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.fermix.web.OwnerSteps.plain;
import static org.fermix.web.OwnerSteps.take;

import java.net.http.HttpResponse;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Readings that compare, follow or add up, over plain HTTP, and what the page makes of them. */
class MoreReadingPagesTest extends WebTestBase {
  @LocalServerPort int port;

  private static String text(HttpResponse<String> response) {
    return plain(response.body());
  }

  /** Short trips: driven too little before worn, with the trips that would do and the charge. */
  /** Two things it does are both taken down; two low mornings are said to be a finding. */
  @Test
  void severalSymptomsAndTwoMornings() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "flooded", "480", "50");
    take(visit, job, "symptom", "outcome", "rapid_click", "also", "dead_after_parking");
    take(visit, job, "rest-volts", "volts", "11.9", "rested", "12");
    String page = text(take(visit, job, "after-charge", "volts", "11.8", "again", "11.9"));
    assertThat(page)
        .contains("rapid clicking; fine before, dead after being parked")
        .contains("does not hold a charge")
        .contains("Rest voltage");
  }

  @Test
  void shortTripsAreSaidBeforeWear() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Town", "petrol-car");
    visit.describeToday(job, "flooded", "480", "50");
    take(visit, job, "symptom", "outcome", "slow");
    take(visit, job, "rest-volts", "volts", "12.25", "rested", "10");
    take(visit, job, "charging-volts", "fast", "14.3");
    take(visit, job, "tester", "shown", "540", "set", "480", "charged", "yes");
    take(visit, job, "left-on", "outcome", "no");
    take(visit, job, "drain", "milliamps", "10", "asleep", "40");
    take(visit, job, "cable-drop", "positive", "0.2", "negative", "0.1");
    take(visit, job, "boost", "outcome", "cranks_well");
    String body = text(take(visit, job, "trips", "starts", "2", "minutes", "6", "air", "5"));
    assertThat(body)
        .contains("Do not buy: it is driven too little to fill it.")
        .contains("settles at about")
        .contains("minutes would do, or a night on a charger each week")
        .contains("Recovery charge, then test again")
        .contains("Never charge a frozen battery");
  }

  /**
   * Bad figures are kept with a message beside each; a run of a battery not full settles nothing.
   */
  @Test
  void badFiguresAreKeptAndSaid() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "agm", "700", "68");
    HttpResponse<String> bad =
        take(visit, job, "capacity", "amps", "0", "minutes", "x", "end", "10.5", "charged", "yes");
    assertThat(bad.statusCode()).isEqualTo(422);
    assertThat(text(bad)).contains("value=\"x\"").contains("0.05 to 500");
    assertThat(
            text(
                take(
                    visit,
                    job,
                    "capacity",
                    "amps",
                    "5",
                    "minutes",
                    "300",
                    "end",
                    "10.5",
                    "charged",
                    "no")))
        .contains("what was not in it cannot be missed");
    assertThat(text(take(visit, job, "after-try", "seconds1", "999", "minute", "12")))
        .contains("0.1 to 60");
    assertThat(text(take(visit, job, "after-try", "seconds1", "4", "minute", "12")))
        .contains("Fill this as well, or leave both empty.")
        .contains("value=\"4\"");
  }

  /** A capacity run feeds the bench: fewer hours with the engine off, by what was found. */
  @Test
  void aCapacityRunReachesTheBench() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "agm", "700", "68");
    String body =
        text(
            take(
                visit,
                job,
                "capacity",
                "amps",
                "5",
                "minutes",
                "330",
                "end",
                "10.5",
                "charged",
                "yes"));
    assertThat(body).contains("27.5 Ah given: about").contains("of what its label promises");
    assertThat(text(visit.get(job + "/bench/working/0/engine_off_hours")))
        .contains("share of its capacity measured");
  }

  /** The same test good through the bolt and bad through thin leads: the leads. */
  @Test
  void thinLeadsAreToldFromTheBattery() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    take(visit, job, "symptom", "outcome", "slow");
    take(visit, job, "rest-volts", "volts", "12.7", "rested", "12");
    take(visit, job, "tester", "shown", "560", "set", "520", "charged", "yes");
    assertThat(text(take(visit, job, "two-ways", "leads", "210", "bolt", "560")))
        .contains("The leads lose it, not the battery.")
        .contains("clean or replace the connection");
  }

  /** A rest too short names the time that is left. */
  @Test
  void aRestTooShortSaysHowLongIsLeft() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    assertThat(text(take(visit, job, "rest-volts", "volts", "12.7", "rested", "1.5")))
        .contains("let it rest 2 hours 30 minutes more");
  }

  /** Lead loaded with a current that is not half its rating is judged against its own label. */
  @Test
  void leadTakesPulsesOfAnyCurrent() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Bike", "motorcycle-multi");
    visit.describeToday(job, "agm", "180", "12");
    assertThat(
            text(
                take(
                    visit,
                    job,
                    "load-test",
                    "amps",
                    "150",
                    "volts",
                    "10.4",
                    "volts2",
                    "10.3",
                    "volts3",
                    "10.2",
                    "before",
                    "12.8",
                    "after",
                    "12.5",
                    "charged",
                    "yes")))
        .contains("of the rating left");
  }

  /** Lithium that failed early: its own reasons, what was found first; no recovery charge. */
  @Test
  void lithiumThatFailedEarlyHasItsOwnReasons() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Bike", "motorcycle-multi");
    visit.describeToday(job, "lfp", "150", "10");
    take(visit, job, "symptom", "outcome", "sudden_loss");
    take(visit, job, "charging-volts", "fast", "15.6");
    take(visit, job, "fault-light", "outcome", "low");
    String body = text(take(visit, job, "after-try", "once", "0.4", "minute", "0.5"));
    assertThat(body)
        .contains("Nearly nothing is left: its protection has opened.")
        .contains("If it failed long before its time: why")
        .doesNotContain("Recovery charge");
    assertThat(body.indexOf("overcharged by the machine"))
        .isPositive()
        .isLessThan(body.indexOf("a faulty cell or its electronics"));
  }

  /** Before one is bought the check asks for what would kill it too, and Decide says so. */
  @Test
  void whatWouldKillTheNextIsAskedBeforeBuying() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "agm", "700", "68");
    take(visit, job, "symptom", "outcome", "slow");
    take(visit, job, "rest-volts", "volts", "12.84", "rested", "14");
    String body = text(take(visit, job, "tester", "shown", "330", "set", "700", "charged", "yes"));
    assertThat(body)
        .contains("Replace it now.")
        .contains("Before you buy, rule out what would kill the new one too")
        .contains("measure the charging voltage")
        .contains("of its label’s rating is left");
    take(visit, job, "look", "outcome", "clean");
    take(visit, job, "trips", "starts", "2", "minutes", "40");
    take(visit, job, "drain", "milliamps", "10", "asleep", "40");
    assertThat(text(take(visit, job, "charging-volts", "fast", "14.3")))
        .contains("Replace it now.")
        .doesNotContain("Before you buy");
  }
}
