package org.fermix.core.prove;

/**
 * What is done to a battery between two measurements: by its owner's hands, or simulated. Each
 * returns when it is done.
 */
public interface Handling {
  /** Charges it fully and takes the charger off; an open lithium protection is woken. */
  void charge();

  /**
   * Leaves it alone.
   *
   * @param hours 0 to 100 h
   */
  void rest(double hours);

  /** Headlamps for three minutes, then five of rest: takes surface charge off. */
  void headlamps();

  /** Takes it into a warm room until it is as warm. */
  void warm();

  /** Hours since it was last charged or driven when it came (h). */
  double restedHours();
}
