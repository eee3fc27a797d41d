package org.fermix.web.recordings;

import org.fermix.core.prove.Refused;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** Why a recording does not answer, and what to do about it. */
public final class RefusedWords {
  private RefusedWords() {}

  /** One or two sentences. */
  public static String of(Refused refused, Display display) {
    return switch (refused.code()) {
      case NO_START ->
          "No start was found: the voltage never falls "
              + volts(refused.first(), display)
              + " below the "
              + volts(refused.second(), display)
              + " it begins with. Begin recording before the key is turned.";
      case NO_BEAT -> "The recording shows no clear beat of the compressions to tell the speed by.";
      case NO_SUCH_SPEED ->
          "Its beat would mean "
              + display.show(refused.first(), Unit.RPM, 0).text()
              + ": check the number of cylinders.";
      case BATTERY_TOO_WEAK ->
          "This battery would show less than the recorded voltage before the starter drew anything;"
              + " check its rating, charge and temperature.";
      case COUNTER_VOLTS_FAR_OFF -> far("The starter’s counter-voltage", refused.first(), display);
      case DRAG_FAR_OFF -> far("The engine’s drag", refused.first(), display);
      case TOO_FLAT ->
          "The battery showed "
              + volts(refused.first(), display)
              + " before the key, too little for a start that tells of the engine; type its charge"
              + " if you know better.";
    };
  }

  private static String far(String what, double factor, Display display) {
    return what
        + " would be "
        + display.number(factor, 2)
        + " times that of its class, which no such engine is: check battery, class, temperature and"
        + " leads.";
  }

  private static String volts(double volts, Display display) {
    return display.show(volts, Unit.VOLT, 2).text();
  }
}
