package org.fermix.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * From Check to Decide in a browser, on a desk and on a phone: what one stop found the next ones
 * say too, also after a reload. Machines and labels are invented.
 */
class AdviceWalkTest extends BrowserTestBase {
  /**
   * A case.
   *
   * @param need fields of the need; empty for the usual
   * @param today today's label; empty where it is not described
   * @param says what Check, then Bench and Decide must say
   * @param never what neither Bench nor Decide may say
   */
  record Case(
      String name,
      String machine,
      String volts,
      String need,
      String today,
      List<String> readings,
      List<String> labels,
      List<String> says,
      List<String> never) {
    @Override
    public String toString() {
      return name;
    }
  }

  private static final String SOUND = "name=Old chemistry=agm cranking=700 capacity=68 age=3";

  static Stream<Case> cases() {
    return Stream.of(
        new Case(
            "a worn battery reaches Decide",
            "petrol-car",
            "12",
            "",
            SOUND,
            List.of(
                "symptom outcome=slow",
                "rest-volts volts=12.84 rested=14",
                "tester shown=330 set=700 charged=yes"),
            List.of("name=Mat chemistry=agm cranking=700 capacity=70 price=150"),
            List.of("Replace it now.", "The check is settled: battery worn", "Before you buy"),
            List.of("nothing need be bought", "Keep today")),
        new Case(
            "a charging fault holds the purchase back",
            "petrol-car",
            "12",
            "",
            SOUND,
            List.of("symptom outcome=only_with_boost", "charging-volts fast=12.1"),
            List.of("name=Mat chemistry=agm cranking=700 capacity=70 price=150"),
            List.of("mend the charging", "mend the charging", "suffers the same"),
            List.of()),
        new Case(
            "made for stops at lights, and nobody said whether it does",
            "petrol-car",
            "12",
            "",
            SOUND,
            List.of("rest-volts volts=12.2 rested=14"),
            List.of("name=Plain chemistry=flooded cranking=700 capacity=70 price=90"),
            List.of("battery", "know that the engine does not stop at lights"),
            List.of("Take A.")),
        new Case(
            "an engine that stops at lights",
            "petrol-car",
            "12",
            "stops=yes",
            SOUND,
            List.of("rest-volts volts=12.2 rested=14"),
            List.of("name=Plain chemistry=flooded cranking=700 capacity=70 price=90"),
            List.of("battery", "the engine stops at lights: EFB or AGM"),
            List.of("Take A")),
        new Case(
            "driven too little",
            "petrol-car",
            "12",
            "coldest=-5",
            "name=Old chemistry=flooded cranking=480 capacity=50 age=2",
            List.of(
                "symptom outcome=slow",
                "rest-volts volts=12.25 rested=10",
                "trips starts=2 minutes=6 air=5",
                "tester shown=540 set=480 charged=yes",
                "left-on outcome=no",
                "charging-volts fast=14.3",
                "drain milliamps=10 asleep=40",
                "boost outcome=cranks_well",
                "cable-drop positive=0.2 negative=0.1"),
            List.of("name=Mat chemistry=agm cranking=500 capacity=52 price=110"),
            List.of("driven too little to fill it", "drive it longer, or charge it once a week"),
            List.of()),
        new Case(
            "none meets the need",
            "diesel-car",
            "12",
            "coldest=-28",
            "",
            List.of(),
            List.of(
                "name=Small chemistry=flooded cranking=360 capacity=45 price=60",
                "name=Smaller chemistry=flooded cranking=330 capacity=40 price=55",
                "name=Smallest chemistry=flooded cranking=300 capacity=36 price=50"),
            List.of("Nothing is known yet", "None of these does all you ask", "It falls short"),
            List.of("Take A", "Take B", "Take C")),
        new Case(
            "an unknown lithium",
            "petrol-car",
            "12",
            "",
            "",
            List.of(),
            List.of("name=Mystery chemistry=lithium cranking=700 capacity=50 price=200"),
            List.of("Nothing is known yet", "None of these can be taken yet.", "exact chemistry"),
            List.of("Take A")),
        new Case(
            "an electric car",
            "electric-car",
            "12",
            "drain=30 layUp=21",
            "name=Old chemistry=agm cranking=400 capacity=45 age=3",
            List.of("symptom outcome=dead_after_parking"),
            List.of("name=Airport chemistry=agm cranking=420 capacity=45 price=150"),
            List.of("dead after being parked", "still wakes"),
            List.of("starts down to", "Cranking speed", "rule of thumb")),
        new Case(
            "five ratings that disagree",
            "petrol-car",
            "12",
            "",
            "",
            List.of(),
            List.of(
                "name=Many chemistry=agm cranking=600 capacity=60 price=150"
                    + " ratings=1100+MCA;420+EN;700+HCA;500+DIN"),
            List.of("Nothing is known yet", "Many"),
            List.of()),
        new Case(
            "a 6 V classic",
            "classic",
            "6",
            "coldest=0 drain=0",
            "",
            List.of("rest-volts volts=6.35 rested=20", "charging-volts fast=7.2"),
            List.of("name=Six chemistry=flooded volts=6 cranking=400 capacity=75 price=90"),
            List.of("Right.", "Six"),
            List.of("12 V battery")),
        new Case(
            "a 24 V lorry with one weak battery",
            "diesel-car",
            "24",
            "",
            "",
            List.of("rest-volts volts=24.8 each1=12.7 each2=12.1 rested=12"),
            List.of("name=Pair chemistry=flooded volts=24 cranking=700 capacity=100 price=300"),
            List.of("The second is weaker", "Pair"),
            List.of("12 V battery")));
  }

  @ParameterizedTest
  @MethodSource("cases")
  void whatWasFoundIsSaidEverywhere(Case given) {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    String job = ownJob(page, given.machine(), given.volts());
    if (!given.need().isEmpty()) {
      need(page, job, given.need());
    }
    if (!given.today().isEmpty()) {
      label(page, job + "/lineup/today", given.today());
    }
    page.navigate(job + "/check");
    given.readings().forEach(reading -> take(page, reading));
    assertThat(page.locator("#content")).containsText(given.says().get(0));
    given.labels().forEach(label -> label(page, job + "/lineup/new", label));
    for (String stop : List.of("/bench", "/decide")) {
      page.navigate(job + stop);
      said(page, given);
      page.setViewportSize(390, 844);
      page.reload();
      said(page, given);
      page.setViewportSize(1280, 800);
    }
    org.assertj.core.api.Assertions.assertThat(complaints).isEmpty();
    org.assertj.core.api.Assertions.assertThat(outside).isEmpty();
  }

  private static void said(Page page, Case given) {
    given
        .says()
        .subList(1, given.says().size())
        .forEach(words -> assertThat(page.locator("#content")).containsText(words));
    given.never().forEach(words -> assertThat(page.locator("#content")).not().containsText(words));
  }
}
