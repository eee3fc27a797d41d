package org.fermix.standins;

import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Engine;
import org.fermix.core.prove.TestAction;
import org.fermix.core.prove.TestSession;

/**
 * A hidden battery in a hidden machine with the stand-in instruments clamped to it: the same for
 * the same seed, so that it can be brought to where its owner left it by doing again all that was
 * done.
 */
public final class HiddenBattery {
  private static final double USUAL_NOISE_VOLTS = 0.01;

  /** How far engines of a class differ (1, logarithm): the stand-in's own assumption. */
  private static final double DRAG_SIGMA = 0.20;

  private static final double COUNTER_SIGMA = 0.08;

  private final StandInBattery battery;
  private final TestSession session;

  /** What may be chosen of it; the rest is drawn. */
  public enum Setting {
    /** Share of its rated cold cranking amps left, 0.25 to 1.3. */
    SHARE,
    /** Charge it is found at, 0.01 to 1. */
    CHARGE,
    /** Temperature (°C), −30 to 50. */
    TEMPERATURE,
    /** Above 0 just off the charger, 0 rested. */
    SURFACE,
    /** Standard deviation of every voltage read (V), 0 to 0.2. */
    NOISE
  }

  private HiddenBattery(
      BatteryCircuit whenNew, Engine usual, long seed, Map<Setting, Double> settings) {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    Engine real =
        usual.departing(
            new Departure(
                Math.exp(DRAG_SIGMA * random.nextGaussian()),
                1,
                Math.exp(COUNTER_SIGMA * random.nextGaussian()),
                1,
                1));
    battery = new StandInBattery(whenNew, condition(settings, random), random);
    session =
        new TestSession(
            whenNew, new StandInTester(battery), new StandInLogger(battery, real), battery);
  }

  /**
   * Sets one up and does again what was done to it; what makes no sense any more is left out.
   *
   * @param whenNew the battery by its label
   * @param usual the engine by its class
   */
  public static HiddenBattery of(
      BatteryCircuit whenNew,
      Engine usual,
      long seed,
      Map<Setting, Double> settings,
      List<TestAction> done) {
    HiddenBattery hidden = new HiddenBattery(whenNew, usual, seed, settings);
    done.stream().filter(hidden.session::offers).forEach(hidden.session::act);
    return hidden;
  }

  private static StandInBattery.Condition condition(
      Map<Setting, Double> settings, RandomGenerator random) {
    double noise = settings.getOrDefault(Setting.NOISE, USUAL_NOISE_VOLTS);
    StandInBattery.Condition drawn = StandInBattery.Condition.drawn(random, noise);
    return new StandInBattery.Condition(
        settings.getOrDefault(Setting.SHARE, drawn.crankingShare()),
        settings.getOrDefault(Setting.CHARGE, drawn.charge()),
        settings.getOrDefault(Setting.TEMPERATURE, drawn.temperatureC()),
        settings.containsKey(Setting.SURFACE)
            ? settings.getOrDefault(Setting.SURFACE, 0.0) > 0
            : drawn.justCharged(),
        noise);
  }

  /** The instruments on it. */
  public TestSession session() {
    return session;
  }

  /** What is hidden: share of its rated cold cranking amps (1). */
  public double share() {
    return battery.share();
  }

  /** What is hidden: its charge now (1). */
  public double charge() {
    return battery.chargeLeft();
  }
}
