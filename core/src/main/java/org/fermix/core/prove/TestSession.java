package org.fermix.core.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.LoadTest;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.rating.CrankingTest;

/**
 * One battery with a tester and a logger clamped to it: what is done to it, in which order it may
 * be done, and what was measured. It knows the instruments by their ports alone, so that real ones
 * can stand in the place of simulated ones.
 */
public final class TestSession {
  /** How long a rest lasts (h). */
  public static final double REST_HOURS = 4;

  /** Overnight (h). */
  private static final double NIGHT_HOURS = 12;

  /** Below this a warm room helps (°C). */
  private static final double COOL_C = 10;

  /** Too little to turn headlamps or a starter on, for a 12 V battery (V). */
  private static final double LEAST_VOLTS = 6;

  private final BatteryCircuit whenNew;
  private final BatteryTester tester;
  private final StartLogger logger;
  private final Handling handling;
  private final List<Done> done = new ArrayList<>();
  private double volts;
  private boolean charged;
  private boolean surfaceTakenOff;
  private double restedHours;
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
  public record Done(TestAction action, double volts, OptionalDouble shown) {}

  /**
   * Clamps the instruments on.
   *
   * @param whenNew the battery by its label
   */
  public TestSession(
      BatteryCircuit whenNew, BatteryTester tester, StartLogger logger, Handling handling) {
    this.whenNew = whenNew;
    this.tester = tester;
    this.logger = logger;
    this.handling = handling;
    restedHours = handling.restedHours();
    measure();
  }

  private void measure() {
    volts = tester.volts();
    if (step() == TestStep.LOAD && loadedVolts.isEmpty()) {
      restedVolts = OptionalDouble.of(volts);
    }
  }

  /**
   * Does it.
   *
   * @throws IllegalStateException where it makes no sense now, see {@link #offers}
   */
  public void act(TestAction action) {
    if (!offers(action)) {
      throw new IllegalStateException("not now: " + action);
    }
    OptionalDouble shown = OptionalDouble.empty();
    recording = Optional.empty();
    switch (action) {
      case WARM -> {
        handling.warm();
        restedHours += NIGHT_HOURS;
      }
      case CHARGE -> {
        handling.charge();
        charged = true;
        surfaceTakenOff = false;
        restedHours = 0;
        loadedVolts = OptionalDouble.empty();
        shownAmps = OptionalDouble.empty();
        restedVolts = OptionalDouble.empty();
      }
      case REST -> {
        handling.rest(REST_HOURS);
        restedHours += REST_HOURS;
      }
      case HEADLAMPS -> {
        handling.headlamps();
        surfaceTakenOff = true;
      }
      case LOAD -> {
        loadedVolts = OptionalDouble.of(tester.loadedVolts(loadAmps(), LoadTest.SECONDS));
        surfaceTakenOff = true;
        shown = loadedVolts;
      }
      case ESTIMATE -> {
        shownAmps = OptionalDouble.of(tester.crankingAmps(ratedAmps()));
        shown = shownAmps;
      }
      case RECORD -> {
        recording = Optional.of(logger.record());
        surfaceTakenOff = true;
      }
    }
    measure();
    done.add(new Done(action, volts, shown));
  }

  /** What comes next when the battery is tested. */
  public TestStep step() {
    return TestStep.next(
        chemistry(), series(), volts, tester.temperatureC(), charged, restedHours, surfaceTakenOff);
  }

  /** True when an action makes sense now: a tester refuses to load what it cannot judge. */
  public boolean offers(TestAction action) {
    TestStep step = step();
    boolean lithiumCold = !isLead() && tester.temperatureC() < TestStep.FREEZING_C;
    return switch (action) {
      case WARM -> tester.temperatureC() < COOL_C;
      case CHARGE -> !lithiumCold;
      case REST -> true;
      case HEADLAMPS, RECORD -> step != TestStep.WAKE && volts > LEAST_VOLTS * series();
      case LOAD -> step == TestStep.LOAD;
      case ESTIMATE -> step == TestStep.LOAD && ReadingKind.TESTER.appliesTo(chemistry());
    };
  }

  /** True when all that can be measured of it was. */
  public boolean isComplete() {
    return loadedVolts.isPresent() && (shownAmps.isPresent() || !offers(TestAction.ESTIMATE));
  }

  private Chemistry chemistry() {
    return whenNew.chemistry();
  }

  /** Cold cranking amps set on the tester (A). */
  public double ratedAmps() {
    return whenNew.ratedAmps(CrankingTest.COLD_CRANKING);
  }

  /** Current of the load test (A). */
  public double loadAmps() {
    return LoadTest.loadAmps(ratedAmps());
  }

  /** Across the posts now (V). */
  public double volts() {
    return volts;
  }

  /** Temperature of the case (°C). */
  public double temperatureC() {
    return tester.temperatureC();
  }

  /** 0.5, 1 or 2 for 6, 12 or 24 V. */
  public double series() {
    return whenNew.series();
  }

  /** True for lead-acid of any build. */
  public boolean isLead() {
    return chemistry().isLead();
  }

  /** What was done, in order. */
  public List<Done> done() {
    return List.copyOf(done);
  }

  /** Rested voltage before any load, once the step was reached (V). */
  public OptionalDouble restedVolts() {
    return restedVolts;
  }

  /** Hours since it was last charged (h). */
  public double restedHours() {
    return restedHours;
  }

  /** Surface charge taken off by a load since it was last charged. */
  public boolean isSurfaceTakenOff() {
    return surfaceTakenOff;
  }

  /** End voltage of the load test (V). */
  public OptionalDouble loadedVolts() {
    return loadedVolts;
  }

  /** Estimate of its cold cranking amps (A). */
  public OptionalDouble shownAmps() {
    return shownAmps;
  }

  /** How many results can be taken down. */
  public int results() {
    return (restedVolts.isPresent() ? 1 : 0)
        + (loadedVolts.isPresent() ? 1 : 0)
        + (shownAmps.isPresent() ? 1 : 0);
  }

  /** The start recorded last, if nothing was done since. */
  public Optional<CrankRecording> recording() {
    return recording;
  }

  /** What the tester is called in the log. */
  public String testerName() {
    return tester.name();
  }

  /** What the logger is called in the log. */
  public String loggerName() {
    return logger.name();
  }
}
