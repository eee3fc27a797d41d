package org.fermix.core.prove;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What can be done while a battery is tested. */
public enum TestAction {
  /** Take it into a warm room overnight. */
  WARM,
  /** Charge it fully. */
  CHARGE,
  /** Leave it for {@link TestSession#REST_HOURS} hours. */
  REST,
  /** Headlamps for three minutes. */
  HEADLAMPS,
  /** Load it by half its rating. */
  LOAD,
  /** Estimate its cold cranking amps by pulses. */
  ESTIMATE,
  /** Record a start. */
  RECORD;

  /** Its name in addresses and in what is stored. */
  public String slug() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The action of a name. */
  public static Optional<TestAction> find(String slug) {
    return Arrays.stream(values()).filter(action -> action.slug().equals(slug)).findFirst();
  }
}
