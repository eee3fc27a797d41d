package org.fermix.web.instruments;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.diagnosis.LoadTest;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Engine;
import org.fermix.core.prove.BatteryTester;
import org.fermix.core.prove.CrankRecording;
import org.fermix.core.prove.StartLogger;
import org.fermix.core.prove.TestStep;
import org.fermix.core.rating.CrankingTest;
import org.fermix.standins.StandInBattery;
import org.fermix.standins.StandInLogger;
import org.fermix.standins.StandInTester;

/**
 * The stand-in instruments clamped to one hidden battery, brought to where the owner left them by
 * doing again all that was done. What is measured comes through the ports alone.
 */
final class Session {
  static final String SHARE = "share";
  static final String CHARGE = "charge";
  static final String TEMPERATURE = "temperature";
  static final String SURFACE = "surface";
  static final String NOISE = "noise";

  private static final double USUAL_NOISE_VOLTS = 0.01;
  private static final double DRAG_SIGMA = 0.20;
  private static final double COUNTER_SIGMA = 0.08;

  private final BatteryCircuit whenNew;
  private final StandInBattery battery;
  private final BatteryTester tester;
  private final StartLogger logger;
  private final List<Done> done = new ArrayList<>();
  private double volts;
  private OptionalDouble restedVolts = OptionalDouble.empty();
  private OptionalDouble loadedVolts = OptionalDouble.empty();
  private OptionalDouble shownAmps = OptionalDouble.empty();
  private Optional<CrankRecording> recording = Optional.empty();

  /**
   * Something that was done, and what the instrument showed.
   *
   * @param volts across the posts afterwards (V)
   * @param shown result of a load (V) or an estimate (A)
   */
  record Done(Action action, double volts, OptionalDouble shown) {}

  private Session(BatteryCircuit whenNew, Engine usual, StandIn stored) {
    this.whenNew = whenNew;
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(stored.seed());
    Engine real =
        usual.departing(
            new Departure(
                Math.exp(DRAG_SIGMA * random.nextGaussian()),
                1,
                Math.exp(COUNTER_SIGMA * random.nextGaussian()),
                1,
                1));
    battery = new StandInBattery(whenNew, condition(stored.settings(), random), random);
    tester = new StandInTester(battery);
    logger = new StandInLogger(battery, real);
    measure();
    for (String slug : stored.actions()) {
      Action.find(slug).filter(this::offers).ifPresent(this::again);
    }
  }

  static Session of(BatteryCircuit whenNew, Engine usual, StandIn stored) {
    return new Session(whenNew, usual, stored);
  }

  /** As set up; what was left open is drawn. */
  private static StandInBattery.Condition condition(
      Map<String, Double> settings, RandomGenerator random) {
    double noise = settings.getOrDefault(NOISE, USUAL_NOISE_VOLTS);
    StandInBattery.Condition drawn = StandInBattery.Condition.drawn(random, noise);
    return new StandInBattery.Condition(
        settings.getOrDefault(SHARE, drawn.crankingShare()),
        settings.getOrDefault(CHARGE, drawn.charge()),
        settings.getOrDefault(TEMPERATURE, drawn.temperatureC()),
        settings.containsKey(SURFACE) ? settings.get(SURFACE) > 0 : drawn.justCharged(),
        noise);
  }

  private void measure() {
    volts = tester.volts();
    if (step() == TestStep.LOAD && loadedVolts.isEmpty()) {
      restedVolts = OptionalDouble.of(volts);
    }
  }

  private void again(Action action) {
    OptionalDouble shown = OptionalDouble.empty();
    recording = Optional.empty();
    switch (action) {
      case WARM -> battery.warm();
      case CHARGE -> {
        battery.charge();
        loadedVolts = OptionalDouble.empty();
        shownAmps = OptionalDouble.empty();
        restedVolts = OptionalDouble.empty();
      }
      case REST -> battery.rest(4);
      case HEADLAMPS -> battery.headlamps();
      case LOAD -> {
        loadedVolts = OptionalDouble.of(tester.loadedVolts(loadAmps(), LoadTest.SECONDS));
        shown = loadedVolts;
      }
      case ESTIMATE -> {
        shownAmps = OptionalDouble.of(tester.crankingAmps(ratedAmps()));
        shown = shownAmps;
      }
      case RECORD -> recording = Optional.of(logger.record());
    }
    measure();
    done.add(new Done(action, volts, shown));
  }

  /** What comes next when the battery is tested. */
  TestStep step() {
    return TestStep.next(
        whenNew.chemistry(),
        whenNew.series(),
        volts,
        tester.temperatureC(),
        battery.isCharged(),
        battery.restedHours(),
        battery.isSurfaceTakenOff());
  }

  /** True when an action makes sense now: a tester refuses to load what it cannot judge. */
  boolean offers(Action action) {
    TestStep step = step();
    boolean lithiumCold = !whenNew.chemistry().isLead() && tester.temperatureC() < 0;
    return switch (action) {
      case WARM -> tester.temperatureC() < 10;
      case CHARGE -> !lithiumCold;
      case REST -> true;
      case HEADLAMPS, RECORD -> step != TestStep.WAKE && volts > 6 * whenNew.series();
      case LOAD -> step == TestStep.LOAD;
      case ESTIMATE -> step == TestStep.LOAD && ReadingKind.TESTER.appliesTo(whenNew.chemistry());
    };
  }

  /** True when all that can be measured of it was. */
  boolean isComplete() {
    return loadedVolts.isPresent() && (shownAmps.isPresent() || !offers(Action.ESTIMATE));
  }

  double ratedAmps() {
    return whenNew.ratedAmps(CrankingTest.COLD_CRANKING);
  }

  double loadAmps() {
    return LoadTest.loadAmps(ratedAmps());
  }

  double volts() {
    return volts;
  }

  double temperatureC() {
    return tester.temperatureC();
  }

  double series() {
    return whenNew.series();
  }

  boolean isLead() {
    return whenNew.chemistry().isLead();
  }

  List<Done> done() {
    return done;
  }

  OptionalDouble restedVolts() {
    return restedVolts;
  }

  double restedHours() {
    return battery.restedHours();
  }

  boolean isSurfaceTakenOff() {
    return battery.isSurfaceTakenOff();
  }

  OptionalDouble loadedVolts() {
    return loadedVolts;
  }

  OptionalDouble shownAmps() {
    return shownAmps;
  }

  /** The start recorded last, if nothing was done since. */
  Optional<CrankRecording> recording() {
    return recording;
  }

  String testerName() {
    return tester.name();
  }

  String loggerName() {
    return logger.name();
  }

  /** What was hidden: share of its rated cold cranking amps (1). */
  double hiddenShare() {
    return battery.share();
  }

  /** What was hidden: its charge now (1). */
  double hiddenCharge() {
    return battery.chargeLeft();
  }
}
