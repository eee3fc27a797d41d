package org.fermix.web.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.plan.ChargerSpec;
import org.fermix.core.plan.Extra;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.OwnerSteps;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;

/** What goes with a battery, in words: for whom, how much, and nothing that is not so. */
class ExtraWordsTest {
  private static final Display US = new Display(UnitSystem.US, "USD", ZoneId.of("UTC"));

  private static Extra charger(ChargerSpec spec) {
    return new Extra(
        Extra.Kind.CHARGER, Extra.State.NEEDED, 0, OptionalDouble.empty(), Optional.of(spec));
  }

  private static String words(Extra extra, Display display) {
    return OwnerSteps.plain(ExtraWords.of(extra, List.of("Small one", "Large one"), display));
  }

  @Test
  void aChargerIsSpecifiedByAllThatItMustDo() {
    ChargerSpec lead =
        new ChargerSpec(3.5, 17.5, 14.2, 14.8, 10.5, false, 12, OptionalDouble.of(7.6), false);
    assertThat(words(charger(lead), Display.USUAL))
        .isEqualTo(
            "Charger: for 12 V, 3.5 A to 18 A, 14.2 to 14.8 V, one that starts on 10.5 V as well, no"
                + " pulse mode; about 8 h from half");
    ChargerSpec lithium =
        new ChargerSpec(2, 20, 27.6, 29.2, 0, true, 24, OptionalDouble.empty(), false);
    assertThat(words(charger(lithium), US))
        .contains("for 24 V", "27.6 to 29.2 V", "wakes a battery shut off")
        .doesNotContain("starts on", "from half", "one of its own");
    ChargerSpec apart =
        new ChargerSpec(3, 10, 14, 14.4, 10.5, false, 12, OptionalDouble.of(9), true);
    assertThat(words(charger(apart), Display.USUAL))
        .endsWith("; what stands beside it wants one of its own");
  }

  @Test
  void anOwnedOneIsNamedWithItsHours() {
    Extra owned =
        new Extra(
            Extra.Kind.CHARGER, Extra.State.OWNED, 1, OptionalDouble.of(41.4), Optional.empty());
    assertThat(words(owned, Display.USUAL))
        .isEqualTo("Charger: your “Large one” serves; about 41 h from half");
    assertThat(ExtraWords.state(owned.state())).isEqualTo("yours");
  }

  @Test
  void lengthsAndVoltsAreTheReadersAndNothingIsClaimedWhereNoneIsNeeded() {
    Extra spacer =
        new Extra(
            Extra.Kind.SPACER, Extra.State.NEEDED, 25.4, OptionalDouble.empty(), Optional.empty());
    assertThat(words(spacer, Display.USUAL)).isEqualTo("Spacer, 25 mm");
    assertThat(words(spacer, US)).contains("in").doesNotContain("mm");
    Extra regulator =
        new Extra(
            Extra.Kind.REGULATOR,
            Extra.State.NEEDED,
            14.2,
            OptionalDouble.empty(),
            Optional.empty());
    assertThat(words(regulator, Display.USUAL)).contains("about 14.2 V at the battery");
    for (Extra.Kind kind : Extra.Kind.values()) {
      Extra none = new Extra(kind, Extra.State.NONE, 0, OptionalDouble.of(1), Optional.empty());
      assertThat(ExtraWords.name(kind)).isNotBlank();
      if (kind != Extra.Kind.CHARGER) {
        assertThat(words(none, Display.USUAL))
            .startsWith(ExtraWords.name(kind))
            .doesNotContain("0 V", "0 mm", "ask");
      }
    }
    assertThat(ExtraWords.state(Extra.State.NONE)).isEqualTo("none needed");
  }
}
