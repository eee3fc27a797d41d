package org.fermix.web.bench;

import org.fermix.core.quantity.Remark;
import org.fermix.web.shared.Display;

/** What the core remarks of a figure, in sentences. */
final class RemarkWords {
  private RemarkWords() {}

  static String of(Remark remark, Display display) {
    String figure =
        remark.figure().map(given -> display.show(given.value(), given.unit()).text()).orElse("");
    return switch (remark.code()) {
      case AS_PRINTED -> "As printed.";
      case WITHIN_A_QUARTER -> "Within a quarter either way.";
      case CHARGE_REACHED_BAND ->
          "Within five points; the tail of the acceptance within 30 % (engineering estimate).";
      case ENGINE_OFF_BAND ->
          "Capacity, load and cold within 20 % (engineering estimate), and the lowest charge that"
              + " starts.";
      case CYCLE_LIFE_BAND -> "The cycle life within a factor 1.6.";
      case LIFE_BAND ->
          "Eight in ten within a factor 1.6; for lithium and sodium an extrapolation.";
      case COST_BAND -> "From the life band and 5 % in price.";
      case PARKED_BAND_DRAIN_ASSUMED -> parked("1.8 (assumed, not measured)");
      case PARKED_BAND -> parked("1.2");
      case STARTS_LEFT_BAND -> "From the band of the lowest charge that starts.";
      case FLOOR_BAND ->
          "The value is where four starts in five succeed (the lower edge of likely); the band runs"
              + " from one start in ten to nine in ten, so the true floor lies in it eight times in"
              + " ten.";
      case CHANCE_BAND ->
          "The chance itself carries what is uncertain of drag, starter, leads, temperature, speed"
              + " needed, rating, drain and charge.";
      case CRANK_BAND -> "Eight in ten, from the model’s own slopes over what is uncertain.";
      case START_CHARGE_BAND ->
          "The value keeps four starts in five; the true one lies in the band eight times in ten.";
      case TRIES_BAND -> "As expected; a try more or less is within the band of the speed.";
      case TAKES_NO_CHARGE ->
          "This cold it takes no charge: it only empties unless it is heated or stands in a warmed"
              + " place, or the drives are long enough to warm it.";
      case DRIVES_TOO_SHORT ->
          "These drives do not put back what is taken: longer ones, or a charger, would.";
      case OUTSIDE_RATINGS ->
          "The load lies outside the currents its ratings speak of: the nearest of them is taken,"
              + " and the band is wider.";
      case LOAD_ABOVE_PROTECTION -> "The load is more than its protection passes for long.";
      case RESERVE_DISCONNECTS -> "Its own reserve disconnects the load while a start is left.";
      case WARRANTY_UNUSED ->
          "Warranty length is not used: it is a price policy, not a life expectancy.";
      case EXTRAS_NOT_COUNTED -> "Charger, fitting and deposit are not yet counted.";
      case STANDS_CONNECTED -> "It stands connected, at " + remark.name() + ".";
      case STANDS_NEGATIVE_OFF -> "It stands with the negative lead off.";
      case STANDS_MAINTAINED -> "A maintainer holds it full.";
      case STANDS_TOPPED_UP ->
          "It is charged every " + figure + "; the days are judged at the end of such a stretch.";
      case STANDS_RESERVE_ARMED ->
          "Its reserve is armed: it disconnects the machine while a start is left.";
      case NO_RESERVE_TO_ARM -> "It has no reserve to arm: it stands connected.";
      case FROST_FIRST -> "What ends it first is frost: it must stay fuller than a start needs.";
      case DRAIN_OUTWEIGHS ->
          "The machine’s drain takes more than self-discharge does: fewer ampere-hours sit shorter,"
              + " whatever the chemistry.";
      case NOT_EVEN_FULL -> "It is not likely to start at this temperature even when full.";
      case SPEED_DECIDES -> "What decides here is the speed.";
      case VOLTS_DECIDE -> "What decides here is the voltage while cranking.";
      case CURRENT_DECIDES -> "What decides here is the current its own protection lets pass.";
      case MAY_HAVE_FROZEN -> "It may have frozen by then, which counts as not starting.";
      case HESITATES ->
          "It hesitates at the first compression for about " + figure + " and then spins.";
      case OPENS_LOW_VOLTS -> "Its own protection would open: the voltage falls too low.";
      case OPENS_LOW_CHARGE -> "Its own protection would open: the charge is too low.";
      case OPENS_HIGH_CURRENT -> "Its own protection would open: the current is too high.";
      case RATING_NOT_BELIEVED ->
          "The label’s cranking amps are not believed in full for its true ampere-hours; it was"
              + " computed with "
              + figure
              + " by SAE J537.";
      case DRAG_EXTRAPOLATED -> "Colder than " + figure + " the engine’s drag is extrapolated.";
    };
  }

  private static String parked(String drainFactor) {
    return "Drain within a factor "
        + drainFactor
        + ", self-discharge within 1.5, the freezing point within 4 K, and what is uncertain of the"
        + " start.";
  }
}
