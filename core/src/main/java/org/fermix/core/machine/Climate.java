package org.fermix.core.machine;

import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;

/**
 * Where it lives.
 *
 * @param coldestMorningC battery and engine at the coldest start (°C)
 * @param parkedC mean temperature while parked (°C)
 * @param batteryMeanC mean battery temperature over the year, in its place (°C)
 */
public record Climate(Given coldestMorningC, Given parkedC, Given batteryMeanC) {
  /** Refuses climates outside what the models cover. */
  public Climate {
    Check.within("coldest morning", coldestMorningC.value(), -40, 40, "°C");
    Check.within("temperature while parked", parkedC.value(), -40, 60, "°C");
    Check.within("mean battery temperature", batteryMeanC.value(), -20, 60, "°C");
  }
}
