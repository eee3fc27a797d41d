package org.fermix.core.bench;

import java.util.random.RandomGenerator;

/**
 * What is uncertain of a machine and its year, drawn once for all candidates: standard normal
 * numbers, turned into factors by the spreads of {@link org.fermix.core.quantity.Spread}.
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
   * @param charge reached in daily use
   * @param freezing point of its electrolyte
   */
  public record Own(
      double resistance,
      double capacity,
      double selfDischarge,
      double life,
      double price,
      double charge,
      double freezing) {
    /** Everything as expected. */
    public static final Own EXPECTED = new Own(0, 0, 0, 0, 0, 0, 0);

    /** One future of a candidate. */
    public static Own of(RandomGenerator random) {
      return new Own(
          random.nextGaussian(),
          random.nextGaussian(),
          random.nextGaussian(),
          random.nextGaussian(),
          random.nextGaussian(),
          random.nextGaussian(),
          random.nextGaussian());
    }
  }
}
