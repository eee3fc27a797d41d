package org.fermix.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import org.fermix.core.machine.Ledger.Feed;
import org.fermix.core.machine.Ledger.Item;
import org.junit.jupiter.api.Test;

class LedgerTest {
  /** Textbook P = V I: 48 W and 18 W at 12.2 V for two hours, 12 W for one. */
  @Test
  void wattsAndHoursAddUpToAmpereHours() {
    Ledger ledger =
        new Ledger(
            List.of(
                new Item("heater", 48, Feed.WATTS, 2),
                new Item("radio", 18, Feed.WATTS, 2),
                new Item("lamps", 12, Feed.WATTS, 1)));
    double ampHours = (48 * 2 + 18 * 2 + 12) / 12.2;
    assertThat(ledger.ampHours(1)).isCloseTo(ampHours, within(1e-9));
    assertThat(ledger.hours().orElseThrow().value()).isEqualTo(2);
    assertThat(ledger.amps(1).orElseThrow().value()).isCloseTo(ampHours / 2, within(1e-9));
    assertThat(ledger.amps(2).orElseThrow().value()).isCloseTo(ampHours / 4, within(1e-9));
    assertThat(ledger.amps(1).orElseThrow().isAssumed()).isFalse();
  }

  @Test
  void aConverterTakesMoreThanItGives() {
    double direct = new Item("laptop", 60, Feed.WATTS, 1).amps(1);
    assertThat(new Item("laptop", 60, Feed.CONVERTER, 1).amps(1)).isGreaterThan(1.05 * direct);
    assertThat(new Item("lamp", 3, Feed.AMPS, 1).amps(2)).isEqualTo(3);
  }

  @Test
  void anEmptyLedgerSaysNothing() {
    assertThat(new Ledger(List.of()).amps(1)).isEmpty();
    assertThat(new Ledger(List.of()).hours()).isEmpty();
    assertThatThrownBy(() -> new Ledger(Collections.nCopies(9, new Item("radio", 1, Feed.AMPS, 1))))
        .hasMessageContaining("things in the ledger");
  }

  @Test
  void usualThingsAreFoundByTheirName() {
    assertThat(Ledger.Usual.find(" Auxiliary HEATER ")).isPresent();
    assertThat(Ledger.Usual.find("coffee robot")).isEmpty();
    assertThat(Ledger.Usual.all()).allMatch(usual -> usual.watts() > Ledger.AMOUNT.least());
  }
}
