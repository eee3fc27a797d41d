package org.fermix.web.decide;

import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.plan.ChargerSpec;
import org.fermix.core.plan.Extra;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** Words for what goes with a battery. */
final class ExtraWords {
  private ExtraWords() {}

  /** What it is called where it is bought. */
  static String name(Extra.Kind kind) {
    return switch (kind) {
      case CHARGER -> "Charger";
      case REGULATOR -> "Charging of the machine";
      case SURGE_PROTECTOR -> "Surge protector on the alternator";
      case ADAPTER -> "Terminal adapter";
      case SPACER -> "Spacer";
      case VENT -> "Vent hose to the outside";
      case REGISTRATION -> "Telling the car of it";
      case LABOUR -> "Labour, where a workshop fits it";
      case MECHANIC -> "Fitting and entry by a licensed mechanic";
      case OLD_ONE_BACK -> "Old battery back, its deposit";
    };
  }

  /**
   * The line of a bill.
   *
   * @param owned names of the chargers for this system, in the order they were judged
   */
  static String of(Extra extra, List<String> owned, Display display) {
    return switch (extra.kind()) {
      case CHARGER ->
          extra
              .charger()
              .map(spec -> "Charger: " + charger(spec, display))
              .orElseGet(
                  () ->
                      "Charger: your “"
                          + owned.get((int) extra.value())
                          + "” serves"
                          + fromHalf(extra.hours(), display));
      case REGULATOR ->
          extra.state() == Extra.State.NONE
              ? name(extra.kind()) + ": right as it is"
              : "Charging set right, about "
                  + display.show(extra.value(), Unit.VOLT, 1).text()
                  + " at the battery";
      case SURGE_PROTECTOR ->
          extra.state() == Extra.State.NONE
              ? name(extra.kind())
              : "Surge protector on the alternator, where its protection may open while it charges:"
                  + " ask its maker";
      case SPACER ->
          extra.state() == Extra.State.NONE
              ? name(extra.kind())
              : "Spacer, " + display.show(extra.value(), Unit.MILLIMETRE, 0).text();
      case REGISTRATION ->
          extra.state() == Extra.State.NONE
              ? name(extra.kind())
              : "Telling the car of it, if it watches its battery: ask";
      default -> name(extra.kind());
    };
  }

  /** A charger by what it must do. */
  static String charger(ChargerSpec spec, Display display) {
    return "for "
        + spec.nominalVolts()
        + " V, "
        + display.show(spec.leastAmps(), Unit.AMPERE, 1).text()
        + " to "
        + display.show(spec.mostAmps(), Unit.AMPERE, 0).text()
        + ", "
        + display.number(spec.lowVolts(), 1)
        + " to "
        + display.show(spec.highVolts(), Unit.VOLT, 1).text()
        + (spec.wakes()
            ? ", one that wakes a battery shut off"
            : ", one that starts on "
                + display.show(spec.startsFromVolts(), Unit.VOLT, 1).text()
                + " as well")
        + ", no pulse mode"
        + fromHalf(spec.hours(), display)
        + (spec.eachItsOwn() ? "; what stands beside it wants one of its own" : "");
  }

  private static String fromHalf(OptionalDouble hours, Display display) {
    return hours.isPresent()
        ? "; about " + display.show(hours.getAsDouble(), Unit.HOUR, 0).text() + " from half"
        : "";
  }

  /** The state in a word. */
  static String state(Extra.State state) {
    return switch (state) {
      case NEEDED -> "needed";
      case ASK -> "ask";
      case WORTH_HAVING -> "worth having";
      case OWNED -> "yours";
      case NONE -> "none needed";
    };
  }
}
