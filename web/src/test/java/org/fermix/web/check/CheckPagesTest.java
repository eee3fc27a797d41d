package org.fermix.web.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.fermix.web.OwnerSteps.take;

import java.net.http.HttpResponse;
import java.util.Map;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The Check stop over plain HTTP, as it works without scripts. */
class CheckPagesTest extends WebTestBase {
  @LocalServerPort int port;

  /** A surface-charged battery: the reading is kept but settles nothing, and says what to do. */
  @Test
  void aSurfaceChargedBatteryIsNotBelieved() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    String body =
        take(visit, job, "rest-volts", "volts", "13.45", "rested", "0", "surface", "no").body();
    assertThat(body)
        .contains("is surface charge and tells nothing yet")
        .contains("settles nothing yet");
    assertThat(body).contains("Do not buy");
  }

  /** A good battery with a bad cable: told not to buy. */
  @Test
  void aBadCableIsFoundBehindAGoodBattery() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    take(visit, job, "symptom", "outcome", "slow");
    take(visit, job, "rest-volts", "volts", "12.66", "rested", "12");
    take(visit, job, "tester", "shown", "610", "set", "540", "charged", "yes");
    String body = take(visit, job, "cable-drop", "negative", "1.2", "positive", "0.2").body();
    assertThat(body).contains("Do not buy: clean or replace the connection.");
    assertThat(body.replace('\u00a0', ' ')).contains("1.20 V lost from battery negative post");
  }

  /** A regulator at 15.6 V: mend the charging first. */
  @Test
  void aHighRegulatorComesFirst() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Bike", "motorcycle-multi");
    visit.describeToday(job, "agm", "180", "12");
    take(visit, job, "symptom", "outcome", "only_with_boost");
    take(visit, job, "tester", "shown", "170", "set", "180", "charged", "yes");
    String body = take(visit, job, "charging-volts", "idle", "14.4", "fast", "15.6").body();
    assertThat(body).contains("Do not buy yet: mend the charging first.");
  }

  /** A drain on one fuse: named. */
  @Test
  void aDrainOnOneFuseIsNamed() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    take(visit, job, "symptom", "outcome", "dead_after_parking");
    String body =
        take(
                visit,
                job,
                "drain",
                "milliamps",
                "240",
                "asleep",
                "45",
                "fuse1",
                "radio",
                "after1",
                "232",
                "fuse2",
                "boot lamp",
                "after2",
                "20")
            .body();
    assertThat(body).contains("find the drain first").contains("boot lamp");
  }

  /** LFP with its protection open: wake it, do not buy. */
  @Test
  void anOpenProtectionIsWoken() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Bike", "motorcycle-multi");
    visit.describeToday(job, "lfp", "220", "10");
    take(visit, job, "symptom", "outcome", "sudden_loss");
    String body = take(visit, job, "rest-volts", "volts", "0.3", "rested", "0").body();
    assertThat(body).contains("wake its protection with the right charger");
    assertThat(body).doesNotContain("Electronic tester");
  }

  /** A worn AGM: replace, and the bench knows what the tester found. */
  @Test
  void aWornBatteryIsReplacedAndTheBenchKnows() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "agm", "700", "68");
    take(visit, job, "symptom", "outcome", "slow");
    take(visit, job, "rest-volts", "volts", "12.84", "rested", "14");
    String body = take(visit, job, "tester", "shown", "330", "set", "700", "charged", "yes").body();
    assertThat(body).contains("Replace it now.");
    assertThat(visit.get(job + "/bench/working/0/start_chance").body())
        .contains("share of its rating measured");
  }

  /** A sound battery too small for its engine. */
  @Test
  void aSoundBatteryCanBeTooSmall() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Van", "diesel-car");
    visit.describeToday(job, "agm", "220", "28");
    take(visit, job, "symptom", "outcome", "sticks", "temperature", "-5");
    take(visit, job, "rest-volts", "volts", "12.84", "rested", "14");
    take(visit, job, "tester", "shown", "240", "set", "220", "charged", "yes");
    take(visit, job, "cable-drop", "positive", "0.2", "negative", "0.1");
    String body = take(visit, job, "cranking-volts", "volts", "8.2").body();
    assertThat(body).contains("Healthy, but too small for this engine or this cold.");
  }

  /**
   * What failed on a mild day is not called too small for the coldest morning: thin leads that lose
   * the voltage are mended.
   */
  @Test
  void whetherItIsTooSmallIsJudgedWhereItFailed() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Van", "diesel-car");
    visit.describeToday(job, "agm", "420", "45");
    take(visit, job, "symptom", "outcome", "slow", "temperature", "20");
    take(visit, job, "tester", "shown", "440", "set", "420", "charged", "yes");
    String body = take(visit, job, "cable-drop", "positive", "1.4", "negative", "0.1").body();
    assertThat(body).contains("Do not buy: clean or replace the connection.");
  }

  /** Two faults at once: both are to be mended, and the purchase waits for the one that kills. */
  @Test
  void twoFaultsReachDecide() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "agm", "700", "68");
    take(visit, job, "symptom", "outcome", "slow");
    take(visit, job, "tester", "shown", "330", "set", "700", "charged", "yes");
    take(visit, job, "load-test", "volts", "8.1", "charged", "yes");
    String body = take(visit, job, "charging-volts", "idle", "15.6", "fast", "15.8").body();
    assertThat(body)
        .contains("Found as well, and to be mended in any case: mend the charging")
        .contains("It would kill a new battery too.");
    visit.submit(
        job + "/lineup/new",
        job + "/lineup/new",
        Map.ofEntries(
            Map.entry("name", "New one"),
            Map.entry("chemistry", "agm"),
            Map.entry("cranking", "760"),
            Map.entry("test", "cca"),
            Map.entry("capacity", "70"),
            Map.entry("length", "240"),
            Map.entry("width", "175"),
            Map.entry("height", "190"),
            Map.entry("side", "RIGHT"),
            Map.entry("price", "150")));
    assertThat(visit.get(job + "/decide").body())
        .contains("Do not buy yet: mend the charging. Then take A");
    assertThat(visit.get(job + "/bench").body())
        .contains("Do not buy yet: mend the charging. Then take A");
  }

  /** An outboard ashore: blocked until its water supply is confirmed; nothing typed is lost. */
  @Test
  void anOutboardIsNotCrankedDry() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Skiff", "outboard");
    HttpResponse<String> blocked =
        take(visit, job, "cranking-volts", "volts", "9.9", "water", "no");
    assertThat(blocked.statusCode()).isEqualTo(422);
    assertThat(blocked.body()).contains("the pump is ruined").contains("value=\"9.9\"");
    assertThat(take(visit, job, "cranking-volts", "volts", "9.9").statusCode()).isEqualTo(422);
    assertThat(take(visit, job, "cranking-volts", "volts", "9.9", "water", "yes").body())
        .contains("while cranking");
  }

  /** "Cannot measure" all the way ends at what a shop tests, and each can be taken back. */
  @Test
  void whoCanMeasureNothingIsToldWhereToGo() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    String body = visit.get(job + "/check").body();
    for (int i = 0; i < 20 && body.contains("/check/cannot/"); i++) {
      String action = Html.action(body, "/check/cannot/");
      body = visit.submit(job + "/check", action, Map.of()).body();
    }
    assertThat(body).contains("Most parts shops test battery and charging free of charge");
    assertThat(body).doesNotContain("Could be taken next");
    String action = Html.action(body, "/check/withdraw/");
    assertThat(visit.submit(job + "/check", action, Map.of()).body()).contains("/check/take/");
  }

  /** A reading can be corrected, withdrawn and brought back; the log keeps all of it. */
  @Test
  void theLogKeepsItsHistory() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    take(visit, job, "rest-volts", "volts", "12.1", "rested", "12", "instrument", "my meter");
    String corrected = take(visit, job, "rest-volts", "volts", "12.6", "rested", "12").body();
    assertThat(corrected).contains("corrected").contains("Withdrawn, 1");
    String restore = Html.action(corrected, "/check/restore/");
    String back = visit.submit(job + "/check", restore, Map.of()).body();
    assertThat(back).contains("my meter").contains("Withdrawn, 1");
    assertThat(visit.get(job + "/check/take/rest-volts").body()).contains("value=\"12.1\"");
  }

  @Test
  void nonsenseIsAnsweredAtTheField() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    HttpResponse<String> wrong =
        take(visit, job, "rest-volts", "volts", "twelve", "rested", "-4", "temperature", "900");
    assertThat(wrong.statusCode()).isEqualTo(422);
    assertThat(wrong.body())
        .contains("id=\"f-volts-error\"")
        .contains("id=\"f-rested-error\"")
        .contains("value=\"twelve\"");
    assertThat(visit.get(job + "/check/take/horoscope").statusCode()).isEqualTo(404);
    assertThat(take(visit, job, "cable-drop").body()).contains("Measure at least one of these");
    assertThat(new Visit(port).get(job + "/check").statusCode()).isIn(404, 200);
  }

  /** Another owner's readings cannot be seen, withdrawn or brought back. */
  @Test
  void readingsBelongToTheirOwner() {
    Visit one = new Visit(port);
    String job = one.ownJob("Car", "petrol-car");
    String body = take(one, job, "symptom", "outcome", "slow").body();
    String withdraw = Html.action(body, "/check/withdraw/");
    Visit other = new Visit(port);
    String otherJob = other.ownJob("Boat", "outboard");
    assertThat(other.get(job + "/check").statusCode()).isEqualTo(404);
    assertThat(other.submit(otherJob + "/check", withdraw, Map.of()).statusCode()).isEqualTo(404);
    String id = withdraw.substring(withdraw.lastIndexOf('/') + 1);
    assertThat(
            other
                .submit(otherJob + "/check", otherJob + "/check/withdraw/" + id, Map.of())
                .statusCode())
        .isEqualTo(404);
    assertThat(one.get(job + "/check").body()).contains("cranks slowly");
  }

  /**
   * Stranded: the clamps in order; lithium never from a running engine; nonsense is the usual case.
   */
  @Test
  void aBoostPlanIsSafe() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Skiff", "outboard");
    assertThat(visit.get(job + "/check/boost").body()).contains("the pump is ruined");
    assertThat(visit.get(job + "/check/boost?water=yes").body())
        .contains("Red clamp on the flat battery")
        .contains("Last black clamp on bare metal");
    assertThat(visit.get(job + "/check/boost?water=yes&chemistry=lfp&help=running_machine").body())
        .contains("Never boost lithium")
        .doesNotContain("Red clamp on the flat battery");
    assertThat(visit.get(job + "/check/boost?water=yes&look=frozen").body())
        .contains("Do not boost a frozen battery");
    assertThat(visit.get(job + "/check/boost?help=horse&look=%00&chemistry=cheese").statusCode())
        .isIn(200, 400);
  }

  /** As a reading is typed the path moves; nothing is kept, and what cannot be judged is said. */
  @Test
  void thePathMovesAsAReadingIsTyped() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    String page = job + "/check/take/rest-volts";
    String attempt = job + "/check/try/rest-volts";
    Map<String, String> typed = Map.of("volts", "12.7", "rested", "12", "surface", "no");
    String body = visit.submit(page, attempt, typed).body();
    assertThat(body)
        .contains("not taken down yet")
        .contains("Rest voltage")
        .contains("full")
        .doesNotContain("<html");
    assertThat(visit.submit(page, attempt, Map.of("volts", "much")).body())
        .contains("cannot be judged");
    assertThat(visit.get(job + "/check").body()).contains("Begin with one of these");
  }

  /** A reading's update takes less than 60 ms of the server (median of 40, warm). */
  @Test
  void anUpdateIsQuick() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    visit.describeToday(job, "agm", "680", "70");
    String page = job + "/check/take/tester";
    String token = Html.value(visit.get(page).body(), "_csrf");
    double[] millis = new double[60];
    for (int i = 0; i < millis.length; i++) {
      Map<String, String> typed =
          Map.of("shown", Integer.toString(300 + i), "set", "680", "test", "cca", "charged", "yes");
      long begun = System.nanoTime();
      assertThat(visit.post(job + "/check/try/tester", typed, token).statusCode()).isEqualTo(200);
      millis[i] = (System.nanoTime() - begun) / 1e6;
    }
    double[] warm = java.util.Arrays.copyOfRange(millis, 20, millis.length);
    java.util.Arrays.sort(warm);
    System.out.printf("a reading's update: median %.1f ms%n", warm[warm.length / 2]);
    assertThat(warm[warm.length / 2]).isLessThan(60);
  }

  /** The working shows every cause after each reading, and what the next would tell. */
  @Test
  void theWorkingOpens() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Car", "petrol-car");
    take(visit, job, "symptom", "outcome", "slow");
    assertThat(visit.get(job + "/check/working").body())
        .contains("to begin with")
        .contains("what it does: slow")
        .contains("doubt left, bit")
        .contains("engineering estimates");
  }

  /** Too little and too much are different dangers: only what is overcharged gasses. */
  @Test
  void whatToDoMeanwhileGoesByTheDirectionOfTheCharging() {
    Visit low = new Visit(port);
    String job = low.ownJob("Car", "petrol-car");
    take(low, job, "symptom", "outcome", "only_with_boost");
    String under = take(low, job, "charging-volts", "fast", "12.1").body();
    assertThat(OwnerSteps.plain(under)).contains("It is never filled").doesNotContain("gasses");
    Visit high = new Visit(port);
    String other = high.ownJob("Car", "petrol-car");
    take(high, other, "symptom", "outcome", "only_with_boost");
    String over = take(high, other, "charging-volts", "idle", "14.4", "fast", "15.6").body();
    assertThat(OwnerSteps.plain(over)).contains("gasses").doesNotContain("It is never filled");
  }

  /** Check and jump-start say the same of a lithium battery that shows nothing. */
  @Test
  void lithiumNearZeroIsWokenByCheckAndByJumpStart() {
    Visit visit = new Visit(port);
    String job = visit.ownJob("Bike", "motorcycle-multi");
    visit.describeToday(job, "lfp", "240", "10");
    String check = take(visit, job, "rest-volts", "volts", "0.4", "rested", "12").body();
    assertThat(OwnerSteps.plain(check)).containsIgnoringCase("wake");
    String jump = visit.get(job + "/check/boost").body();
    assertThat(OwnerSteps.plain(jump)).contains("its protection is open").contains("wake it");
    assertThat(jump).doesNotContain("Below 8 V leave it alone");
  }
}
