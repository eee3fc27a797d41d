package org.fermix.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The Check stop walked in a browser, case by case, as an owner meets them. */
class CheckWalkTest extends BrowserTestBase {
  /**
   * A case.
   *
   * @param battery chemistry, cold cranking amps and ampere-hours of today's; empty when not told
   * @param readings each with its fields: "tester shown=330 set=700"
   * @param verdict what the verdict must say in the end
   * @param taken what the list of readings must say in the end
   */
  record Case(
      String name,
      String machine,
      List<String> battery,
      List<String> readings,
      String verdict,
      String taken) {
    @Override
    public String toString() {
      return name;
    }
  }

  static Stream<Case> cases() {
    return Stream.of(
        new Case(
            "a surface-charged battery",
            "petrol-car",
            List.of(),
            List.of("rest-volts volts=13.45 rested=0 surface=no"),
            "Do not buy",
            "is surface charge and tells nothing yet"),
        new Case(
            "a good battery with a bad cable",
            "petrol-car",
            List.of(),
            List.of(
                "symptom outcome=slow",
                "rest-volts volts=12.66 rested=12",
                "tester shown=610 set=540 charged=yes",
                "cable-drop negative=1.2 positive=0.2"),
            "Do not buy: clean or replace the connection.",
            "lost from battery negative post"),
        new Case(
            "a regulator at 15.6 V",
            "motorcycle-multi",
            List.of("agm", "180", "12"),
            List.of(
                "symptom outcome=only_with_boost",
                "tester shown=170 set=180 charged=yes",
                "charging-volts idle=14.4 fast=15.6"),
            "Do not buy yet: mend the charging first.",
            "Too much"),
        new Case(
            "a drain on one fuse",
            "petrol-car",
            List.of(),
            List.of(
                "symptom outcome=dead_after_parking",
                "drain milliamps=240 asleep=45 fuse1=radio after1=232 fuse2=lamp after2=20"),
            "find the drain first",
            "“lamp”"),
        new Case(
            "an LFP with its protection open",
            "motorcycle-multi",
            List.of("lfp", "220", "10"),
            List.of("symptom outcome=sudden_loss", "rest-volts volts=0.3 rested=0"),
            "wake its protection with the right charger",
            "its protection has opened"),
        new Case(
            "a worn AGM",
            "petrol-car",
            List.of("agm", "700", "68"),
            List.of(
                "symptom outcome=slow",
                "rest-volts volts=12.84 rested=14",
                "tester shown=330 set=700 charged=yes"),
            "Replace it now.",
            "of the rating"),
        new Case(
            "a sound battery too small for its engine",
            "diesel-car",
            List.of("agm", "220", "28"),
            List.of(
                "symptom outcome=sticks temperature=-5",
                "rest-volts volts=12.84 rested=14",
                "tester shown=240 set=220 charged=yes",
                "cable-drop positive=0.2 negative=0.1",
                "cranking-volts volts=8.2"),
            "Healthy, but too small for this engine or this cold.",
            "Below the usual"));
  }

  @ParameterizedTest
  @MethodSource("cases")
  void theCheckComesToItsVerdict(Case given) {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    String job = ownJob(page, given.machine(), "12");
    if (!given.battery().isEmpty()) {
      label(
          page,
          job + "/lineup/today",
          "name=Invented chemistry="
              + given.battery().get(0)
              + " cranking="
              + given.battery().get(1)
              + " capacity="
              + given.battery().get(2)
              + " age=3");
    }
    page.navigate(job + "/check");
    given.readings().forEach(reading -> take(page, reading));
    assertThat(page.locator(".verdict")).containsText(given.verdict());
    assertThat(page.locator(".check-readings .taken").first()).containsText(given.taken());
  }

  /** An outboard ashore is blocked until its water supply is confirmed; nothing typed is lost. */
  @Test
  void anOutboardIsNotCrankedDry() {
    Page page = page(390, 844, ColorScheme.LIGHT);
    String job = ownJob(page, "outboard", "12");
    page.navigate(job + "/check");
    open(page, "cranking-volts");
    fill(page, "water", "no");
    fill(page, "volts", "9.9");
    page.getByText("Take it down").click();
    assertThat(page.locator("#f-water-error")).containsText("the pump is ruined");
    assertThat(page.locator("[name=volts]")).hasValue("9.9");
    fill(page, "water", "yes");
    page.getByText("Take it down").click();
    assertThat(page.locator(".check-readings .taken").first()).containsText("while cranking");
  }

  /** Who can measure nothing is told where to go; on a phone, all the way. */
  @Test
  void cannotAllTheWay() {
    Page page = page(390, 844, ColorScheme.LIGHT);
    String job = ownJob(page, "petrol-car", "12");
    page.navigate(job + "/check");
    Locator cannot = page.locator("form[action*='/cannot/'] button");
    for (int left = cannot.count(); left > 0; left--) {
      if (!cannot.first().isVisible()) {
        page.locator(".check-readings details:not(.history) summary").first().click();
      }
      cannot.first().click();
      assertThat(cannot).hasCount(left - 1);
    }
    assertThat(page.locator(".check-readings"))
        .containsText("Most parts shops test battery and charging free of charge");
    page.getByText("it can after all").first().click();
    assertThat(cannot).hasCount(1);
  }
}
