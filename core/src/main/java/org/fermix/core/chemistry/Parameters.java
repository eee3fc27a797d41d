package org.fermix.core.chemistry;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.quantity.Table;

/** One column of {@code parameters.csv}, turned into the typed groups. */
record Parameters(String chemistry, Map<String, String> cells) {
  String text(String parameter) {
    String text = cells.get(parameter);
    if (text == null) {
      throw new IllegalStateException("parameters.csv has no row " + parameter);
    }
    return text;
  }

  double number(String parameter) {
    try {
      return Double.parseDouble(text(parameter));
    } catch (NumberFormatException e) {
      throw new IllegalStateException(
          "parameters.csv, row " + parameter + ", column " + chemistry + " holds no number", e);
    }
  }

  private boolean isYes(String parameter) {
    String text = text(parameter);
    if (!text.equals("yes") && !text.equals("no")) {
      throw new IllegalStateException(
          "parameters.csv, row " + parameter + ", column " + chemistry + " must say yes or no");
    }
    return text.equals("yes");
  }

  Traits traits() {
    return new Traits(
        isYes("sealed"),
        isYes("may be equalised"),
        isYes("made for starting"),
        isYes("made small"),
        Traits.Overcharge.valueOf(text("overcharge").toUpperCase(Locale.ROOT).replace(' ', '_')),
        Traits.StopsAtLights.valueOf(
            text("stops at lights").toUpperCase(Locale.ROOT).replace(' ', '_')),
        number("least maintainer rate"));
  }

  CircuitParameters circuit() {
    return new CircuitParameters(
        (int) number("cells"),
        number("rest voltage slope") / 1000,
        number("temperature-free resistance share"),
        number("resistance activation energy") * 1000,
        number("charge-transfer activation energy") * 1000,
        number("charge-transfer offset"),
        number("resistance rise when empty"),
        number("surface share of capacity"),
        number("well exchange rate"),
        number("exchange activation energy") * 1000,
        number("cold capacity loss"),
        number("cold loss share while cranking"),
        number("heat capacity"),
        number("resistance growth with wear"),
        number("lowest trusted charge"),
        number("low-rate cold loss"),
        number("double layer"),
        number("density"));
  }

  Optional<ProtectionParameters> protection() {
    if (text("protection opens below").isBlank()) {
      return Optional.empty();
    }
    return Optional.of(
        new ProtectionParameters(
            number("protection opens below"),
            number("protection opens at rest below"),
            number("protection opens at charge"),
            number("protection current"),
            number("protection delay")));
  }

  StorageParameters storage(Plates plates) {
    return new StorageParameters(
        number(plates.row("self-discharge")),
        number("self-discharge doubling"),
        number("own standby draw"));
  }

  ChargingWindow charging() {
    return new ChargingWindow(
        number("charges from"),
        number("full from"),
        number("absorption low"),
        number("absorption high"),
        number("never exceed"));
  }

  AcceptanceParameters acceptance() {
    return new AcceptanceParameters(
        number("float"),
        number("temperature compensation") / 1000,
        number("charges from temperature"),
        number("charges to temperature"),
        number("discharge from"),
        number("charge efficiency"),
        number("recommended charge rate"));
  }

  AcceptanceLaw acceptanceLaw(Table coldCharging) {
    return new AcceptanceLaw(
        number("acceptance time"),
        number("acceptance time quadratic"),
        number("acceptance overvoltage"),
        number("best charging voltage"),
        number("acceptance doubling"),
        number("voltage exponent"),
        number("most charge rate"),
        AcceptanceLaw.Ramp.of(coldCharging, chemistry));
  }

  LifeParameters life(Plates plates) {
    return new LifeParameters(
        number(plates.row("calendar life")),
        number("life halves per"),
        number(plates.row("cycles to empty")),
        number("cycle exponent"),
        number("micro-cycle turnovers"),
        number("life spread"));
  }

  UsualMake usualMake(Plates plates) {
    return new UsualMake(
        number("usual amps against flooded"),
        text("usual cca per ah where sized by amps").isEmpty()
            ? OptionalDouble.empty()
            : OptionalDouble.of(number("usual cca per ah where sized by amps")),
        number(plates.row("ah per kg")),
        new UsualMake.Price(
            number(plates.row("typical price")), number(plates.row("typical price per ah"))));
  }

  TypicalLabel typicalLabel() {
    return new TypicalLabel(
        number("ah per kg"), number("cca per ah"), number("usual peukert exponent"));
  }
}
