package org.fermix.standins;

import java.util.random.RandomGenerator;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Protection;
import org.fermix.core.prove.Handling;
import org.fermix.core.quantity.Check;
import org.fermix.core.rating.CrankingTest;

/**
 * A battery nobody has seen: on the core's circuit, with surface charge on top. Surface charge
 * fades with a time constant of an hour and nearly all of it goes with a few minutes of headlamps;
 * both are the stand-in's own assumptions.
 */
public final class StandInBattery implements Handling {
  private static final double SURFACE_HOURS = 1.0;
  private static final double LEAD_SURFACE_VOLTS = 0.85;
  private static final double LITHIUM_SURFACE_VOLTS = 0.25;
  private static final double LEFT_BY_HEADLAMPS = 0.05;
  private static final double LEFT_BY_LOAD = 0.1;
  private static final double HEADLAMP_A = 9;
  private static final double HEADLAMP_S = 180;
  private static final double CUT_OFF_CHARGE = 0.04;
  private static final double ROOM_C = 20;

  private final BatteryCircuit whenNew;
  private final BatteryCircuit now;
  private final RandomGenerator random;
  private final double noiseVolts;
  private ChargeState state;
  private double surfaceVolts;
  private boolean open;
  private boolean charged;
  private boolean surfaceTakenOff;
  private double restedHours;

  /**
   * What is hidden of it.
   *
   * @param crankingShare share of its rated cold cranking amps left, 0.25 to 1.3
   * @param charge it is found at, 0.01 to 1
   * @param temperatureC −30 to 50 °C
   * @param justCharged with surface charge on it
   * @param noiseVolts standard deviation of every voltage read, 0 to 0.2 V
   */
  public record Condition(
      double crankingShare,
      double charge,
      double temperatureC,
      boolean justCharged,
      double noiseVolts) {
    /** Refuses what the stand-in cannot be. */
    public Condition {
      Check.within("share of its rating", crankingShare, 0.25, 1.3, "");
      Check.within("charge", charge, 0.01, 1, "");
      Check.within("temperature", temperatureC, -30, 50, "°C");
      Check.within("noise", noiseVolts, 0, 0.2, "V");
    }

    /** One drawn at random, of one kind: sound, worn, discharged or both. */
    public static Condition drawn(RandomGenerator random, double noiseVolts) {
      boolean worn = random.nextDouble() < 0.5;
      boolean discharged = random.nextDouble() < 0.5;
      return new Condition(
          worn ? random.nextDouble(0.3, 0.68) : random.nextDouble(0.88, 1.1),
          discharged ? random.nextDouble(0.1, 0.6) : random.nextDouble(0.8, 0.97),
          random.nextDouble(2, 26),
          !discharged && random.nextDouble() < 0.5,
          noiseVolts);
    }
  }

  /** A battery of a label, in a condition. */
  public StandInBattery(BatteryCircuit whenNew, Condition condition, RandomGenerator random) {
    this.whenNew = whenNew;
    this.random = random;
    noiseVolts = condition.noiseVolts();
    now =
        whenNew
            .measured(condition.crankingShare())
            .withCapacityLeft(Math.max(0.4, Math.min(1, 0.4 + 0.6 * condition.crankingShare())));
    state = ChargeState.rested(condition.charge(), condition.temperatureC());
    surfaceVolts = condition.justCharged() ? fullSurfaceVolts() : 0;
    restedHours = condition.justCharged() ? 0 : 12;
    open = !chemistry().isLead() && condition.charge() < CUT_OFF_CHARGE;
  }

  private double fullSurfaceVolts() {
    return whenNew.series() * (chemistry().isLead() ? LEAD_SURFACE_VOLTS : LITHIUM_SURFACE_VOLTS);
  }

  Chemistry chemistry() {
    return whenNew.chemistry();
  }

  /**
   * Charges it fully and takes the charger off; a lithium protection that was open is woken.
   *
   * @throws IllegalStateException for lithium below freezing, which must be warmed first
   */
  @Override
  public void charge() {
    if (!chemistry().isLead() && state.temperatureC() < 0) {
      throw new IllegalStateException("lithium must not be charged below freezing");
    }
    // A badly sulfated battery does not take all of it.
    state = ChargeState.rested(Math.min(0.99, 0.8 + 0.3 * share()), state.temperatureC());
    surfaceVolts = fullSurfaceVolts();
    open = false;
    charged = true;
    surfaceTakenOff = false;
    restedHours = 0;
  }

  /** Leaves it alone for some hours. */
  @Override
  public void rest(double hours) {
    state = now.after(state, 0, hours * 3600);
    surfaceVolts *= Math.exp(-hours / SURFACE_HOURS);
    restedHours += hours;
  }

  /** Headlamps for three minutes, then five of rest. */
  @Override
  public void headlamps() {
    draw(HEADLAMP_A / whenNew.series(), HEADLAMP_S);
    state = now.after(state, 0, 300);
    surfaceVolts *= LEFT_BY_HEADLAMPS / LEFT_BY_LOAD;
  }

  /** Takes it into a warm room until it is as warm. */
  @Override
  public void warm() {
    state = ChargeState.rested(state.charge(), ROOM_C);
    restedHours += 12;
    surfaceVolts *= Math.exp(-12 / SURFACE_HOURS);
  }

  /** Draws a current; the voltage at its end, without noise. */
  double draw(double amps, double seconds) {
    if (open) {
      return 0;
    }
    state = now.after(state, amps, seconds);
    surfaceVolts *= LEFT_BY_LOAD;
    surfaceTakenOff = true;
    double volts = now.volts(state, amps);
    open =
        !chemistry().isLead()
            && (state.charge() < CUT_OFF_CHARGE
                || volts < Protection.usual(now).map(Protection::crankVolts).orElse(0.0));
    return open ? 0 : Math.max(0, volts);
  }

  /** Share of its rated cold cranking amps that is left (1): what is hidden. */
  public double share() {
    return now.ratedAmps(CrankingTest.COLD_CRANKING)
        / whenNew.ratedAmps(CrankingTest.COLD_CRANKING);
  }

  /** Charge (1): hidden too. */
  public double chargeLeft() {
    return state.charge();
  }

  /** Fully charged since it was clamped on. */
  public boolean isCharged() {
    return charged;
  }

  /** Surface charge taken off by a load since it was last charged. */
  public boolean isSurfaceTakenOff() {
    return surfaceTakenOff;
  }

  @Override
  public double restedHours() {
    return restedHours;
  }

  double restVolts() {
    return open ? 1.2 * whenNew.series() : now.restVolts(state) + surfaceVolts;
  }

  double noisy(double volts) {
    return Math.max(0, volts + noiseVolts * random.nextGaussian());
  }

  ChargeState state() {
    return state;
  }

  BatteryCircuit now() {
    return now;
  }

  BatteryCircuit whenNew() {
    return whenNew;
  }

  RandomGenerator random() {
    return random;
  }

  boolean isOpen() {
    return open;
  }
}
