package org.fermix.core.bench;

import java.util.random.RandomGenerator;

/**
 * What is uncertain of a machine and its year, drawn once for all candidates: standard normal
 * numbers, turned into factors by the spreads below. Spreads are those of docs/model.md, section 7;
 * engineering estimates.
 *
 * @param drag of the engine
 * @param winding of the starter
 * @param counterVolts of the starter
 * @param leads their resistance
 * @param fireSpeed needed to fire
 * @param temperature of the coldest morning
 * @param drain while parked
 * @param load with the engine off
 */
public record Draw(
    double drag,
    double winding,
    double counterVolts,
    double leads,
    double fireSpeed,
    double temperature,
    double drain,
    double load) {
  /** Everything as expected. */
  public static final Draw EXPECTED = new Draw(0, 0, 0, 0, 0, 0, 0, 0);

  static final double DRAG_SIGMA = 0.20;
  static final double WINDING_SIGMA = 0.12;
  static final double COUNTER_SIGMA = 0.08;
  static final double LEADS_SIGMA = 0.30;
  static final double FIRE_SIGMA = 0.15;
  static final double TEMPERATURE_SIGMA_K = 2;
  static final double LOAD_SIGMA = 0.10;

  /** One future of the machine. */
  public static Draw of(RandomGenerator random) {
    return new Draw(
        random.nextGaussian(),
        random.nextGaussian(),
        random.nextGaussian(),
        random.nextGaussian(),
        random.nextGaussian(),
        random.nextGaussian(),
        random.nextGaussian(),
        random.nextGaussian());
  }

  /**
   * What is uncertain of one candidate.
   *
   * @param resistance against its label
   * @param capacity against its label
   * @param selfDischarge of this piece
   * @param life of this piece
   * @param price when it is bought
   */
  public record Own(
      double resistance, double capacity, double selfDischarge, double life, double price) {
    /** Everything as expected. */
    public static final Own EXPECTED = new Own(0, 0, 0, 0, 0);

    static final double LEAD_RESISTANCE_SIGMA = 0.07;
    static final double OTHER_RESISTANCE_SIGMA = 0.40;
    static final double CAPACITY_SIGMA = 0.05;
    static final double ASSUMED_CAPACITY_SIGMA = 0.20;

    /** One future of a candidate. */
    public static Own of(RandomGenerator random) {
      return new Own(
          random.nextGaussian(),
          random.nextGaussian(),
          random.nextGaussian(),
          random.nextGaussian(),
          random.nextGaussian());
    }
  }
}
