package org.fermix.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.fermix.core.casing.CaseSize;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlaceAndDrainTest {
  /**
   * USDA Plant Hardiness Zone Map, average annual extreme minimum temperature in °F and its own
   * rounding in °C (from memory).
   */
  @ParameterizedTest
  @CsvSource({
    "3a, -40, -35, -40.0, -37.2",
    "5b, -15, -10, -26.1, -23.3",
    "7a, 0, 5, -17.8, -15.0",
    "8b, 15, 20, -9.4, -6.7",
    "10a, 30, 35, -1.1, 1.7",
    "13b, 65, 70, 18.3, 21.1"
  })
  void zonesAreFiveDegreesFahrenheitWide(
      String code, double lowF, double highF, double lowC, double highC) {
    HardinessZone zone = HardinessZone.find(code).orElseThrow();
    assertThat(zone.lowC())
        .isCloseTo(lowC, within(0.06))
        .isCloseTo((lowF - 32) / 1.8, within(1e-9));
    assertThat(zone.highC())
        .isCloseTo(highC, within(0.06))
        .isCloseTo((highF - 32) / 1.8, within(1e-9));
  }

  @Test
  void zonesFollowEachOtherWithoutAGap() {
    List<HardinessZone> zones = HardinessZone.all();
    for (int i = 1; i < zones.size(); i++) {
      assertThat(zones.get(i).lowC()).isEqualTo(zones.get(i - 1).highC());
      Climate.COLDEST_MORNING.check(zones.get(i).coldestMorningC());
    }
    assertThat(HardinessZone.find("2b")).isEmpty();
    assertThat(HardinessZone.find(" 7B ").orElseThrow().code()).isEqualTo("7b");
  }

  /** 50 mA is 1.2 Ah a day; what wakes a few times counts with what a waking takes. */
  @Test
  void whatDrawsIsAddedUp() {
    assertThat(new StandingDrain(List.of(), 0).milliamps()).isEmpty();
    double parked =
        new StandingDrain(List.of("alarm", "tracker"), 0).milliamps().orElseThrow().value();
    double used =
        new StandingDrain(List.of("alarm", "tracker"), 8).milliamps().orElseThrow().value();
    assertThat(used).isGreaterThan(parked);
    assertThat((used - parked) * 24 / 8).isCloseTo(250, within(1e-9));
    assertThatIllegalArgumentException().isThrownBy(() -> new StandingDrain(List.of(), 201));
    assertThat(StandingDrain.usual()).extracting(StandingDrain.Usual::id).doesNotContain("wakes");
  }

  @ParameterizedTest
  @CsvSource({
    // A box of 175 by 190 passes end on; the long side never has to.
    "175, 190, 0, true",
    "190, 175, 0, false",
    "174, 190, 1, false",
    "100, 400, 75, false",
    "300, 100, 75, false"
  })
  void aWayInIsPassedWhicheverWayIsBest(
      double widthMm, double heightMm, double missesMm, boolean upright) {
    Tray.Opening opening = new Tray.Opening(widthMm, heightMm);
    CaseSize size = new CaseSize(278, 175, 190);
    assertThat(opening.missesByMm(size)).isEqualTo(missesMm);
    assertThat(opening.passesUpright(size)).isEqualTo(upright);
  }

  /** A lamp of 60 W at 12 V gives 60·(11/12)² at 11 V; behind a converter it gives what it did. */
  @Test
  void whatAThingGetsFollowsItsLaw() {
    Ledger.Item lamp = new Ledger.Item("lamp", 60, Ledger.Feed.RESISTIVE, 2);
    assertThat(lamp.watts(11, 1)).isCloseTo(60 * 121 / 144.0, within(1e-9));
    assertThat(lamp.ampsAt(11, 1)).isCloseTo(60 * 11 / 144.0, within(1e-9));
    Ledger.Item laptop = new Ledger.Item("laptop", 60, Ledger.Feed.CONVERTER, 2);
    assertThat(laptop.watts(11, 1)).isEqualTo(60);
    assertThat(laptop.ampsAt(11, 1)).isGreaterThan(laptop.ampsAt(12, 1));
  }
}
