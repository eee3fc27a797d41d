package org.fermix.core.electrical;

import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.CircuitParameters;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Roots;
import org.fermix.core.quantity.Spread;
import org.fermix.core.rating.CrankingTest;

/**
 * Equivalent circuit of one battery: two charge wells (the kinetic model of Manwell and McGowan,
 * 1993), an ohmic resistance that depends on temperature and charge, and a charge-transfer voltage
 * of the Butler–Volmer form. Terminal voltage while giving current I:
 *
 * <p>V = s (OCV(h₁) + k (T − 25)) − I R₂₅ F(T) ρ(x) − s N (2RT/F) asinh(I / 2i₀)
 *
 * <p>docs/model.md, section 1, gives every symbol. R₂₅ is solved from the printed cranking rating,
 * so that the circuit passes its own rating test exactly. Positive current is drawn. Valid from −40
 * to 60 °C and above {@link CircuitParameters#lowestTrustedCharge()}.
 */
public final class BatteryCircuit {
  /** No battery worn further than this is answered for (1). */
  public static final double LEAST_HEALTH = 0.2;

  static final int RATING_STEPS = 30;
  private static final int SOAKING_STEPS = 60;
  private static final double LOWEST_LOG_FACTOR = Math.log(0.2);

  private final Chemistry chemistry;
  private final CircuitParameters p;
  private final double series;
  private final double ratedAmpHours;
  private final double massKg;
  private final double capacityAmpHours;
  private final double surfaceShare;
  private final double resistanceOhm;
  private final double resistanceSigma;

  private BatteryCircuit(
      Chemistry chemistry,
      double series,
      double ratedAmpHours,
      double massKg,
      double capacityAmpHours,
      double surfaceShare,
      double resistanceOhm,
      double resistanceSigma) {
    this.chemistry = chemistry;
    this.p = chemistry.circuit();
    this.series = series;
    this.ratedAmpHours = ratedAmpHours;
    this.massKg = massKg;
    this.capacityAmpHours = capacityAmpHours;
    this.surfaceShare = surfaceShare;
    this.resistanceOhm = resistanceOhm;
    this.resistanceSigma = resistanceSigma;
  }

  private BatteryCircuit with(double capacity, double ohm, double sigma) {
    return new BatteryCircuit(
        chemistry, series, ratedAmpHours, massKg, capacity, surfaceShare, ohm, sigma);
  }

  /** The circuit of a battery, calibrated from its label's rating, as far as that is credible. */
  public static BatteryCircuit of(Label label) {
    return CredibleRating.calibrate(label).circuit();
  }

  static BatteryCircuit calibrated(Label label, CrankingRating rating) {
    return calibrated(
        label.chemistry(),
        label.build().series(),
        label.capacity().value(),
        label.mass().value(),
        rating);
  }

  /** As above; empty when no resistance, however low, lets a battery of this capacity hold it. */
  static Optional<BatteryCircuit> calibratedIfPossible(Label label, CrankingRating rating) {
    return calibratedIfPossible(
        label.chemistry(),
        label.build().series(),
        label.capacity().value(),
        label.mass().value(),
        rating);
  }

  /**
   * The circuit that just passes its own rating test when new and full.
   *
   * @param series 0.5, 1 or 2 for 6, 12 or 24 V
   * @param ampHours at the 20-hour rate, 0.05 to 5,000 Ah
   * @param massKg 0.01 to 2,000 kg
   * @throws IllegalArgumentException also when no battery of this capacity can hold the rating
   */
  public static BatteryCircuit calibrated(
      Chemistry chemistry, double series, double ampHours, double massKg, CrankingRating rating) {
    return calibratedIfPossible(chemistry, series, ampHours, massKg, rating)
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    String.format(
                        Locale.ROOT,
                        "%s of %.0f A is more than a %s battery of %.1f Ah can give",
                        rating.test().label(),
                        rating.amps(),
                        chemistry.displayName(),
                        ampHours)));
  }

  static Optional<BatteryCircuit> calibratedIfPossible(
      Chemistry chemistry, double series, double ampHours, double massKg, CrankingRating rating) {
    DoubleUnaryOperator surplus =
        ohm ->
            withKnownResistance(chemistry, series, ampHours, massKg, rating, ohm)
                    .lowestVolts(rating.test(), rating.amps())
                - rating.test().minimumVolts() * series;
    // Resistance times rated current is near 2.5 V for every chemistry; look wide round it.
    double guess = 2.5 * series / rating.amps();
    double least = guess * Math.exp(-4);
    double atLeast = surplus.applyAsDouble(least);
    if (atLeast <= 0) {
      return Optional.empty();
    }
    double atGuess = surplus.applyAsDouble(guess);
    double most = guess * Math.exp(2);
    double ohm =
        atGuess < 0
            ? Roots.nearlyStraight(surplus, least, atLeast, guess, atGuess, 1e-5 * guess)
            : Roots.nearlyStraight(
                surplus, most, surplus.applyAsDouble(most), guess, atGuess, 1e-5 * guess);
    return Optional.of(withKnownResistance(chemistry, series, ampHours, massKg, rating, ohm));
  }

  /** The circuit of a battery whose resistance at 25 °C is known already (Ω). */
  static BatteryCircuit withKnownResistance(
      Chemistry chemistry,
      double series,
      double ampHours,
      double massKg,
      CrankingRating rating,
      double ohm) {
    Check.within("capacity", ampHours, 0.05, 5000, "Ah");
    Check.within("mass", massKg, 0.01, 2000, "kg");
    CircuitParameters p = chemistry.circuit();
    double share = p.surfaceShare();
    double capacity = ampHours;
    if (chemistry.isLead()) {
      // Thin plates keep more of their charge at the surface.
      double thinness = Math.pow(Math.max(1, rating.amps() / ampHours / 10), 0.4);
      share = Math.min(0.45, share * thinness);
      // The 20-hour test of the two wells then yields exactly the rated ampere-hours.
      capacity = ampHours * (1 + (1 - share) / (20 * share * p.exchangePerHour()));
    }
    return new BatteryCircuit(
        chemistry,
        series,
        ampHours,
        massKg,
        capacity,
        share,
        ohm,
        (chemistry.isLead() ? Spread.RESISTANCE : Spread.RESISTANCE_UNRATED).sigma());
  }

  /**
   * The same battery, worn.
   *
   * @param health share of capacity left, {@link #LEAST_HEALTH} to 1
   */
  public BatteryCircuit worn(double health) {
    return withCapacityLeft(health).withResistance(1 + p.wearGrowth() * (1 - health));
  }

  /**
   * The same battery with a measured share of its rated cranking current left: the resistance is
   * raised until its own rating test gives that share. A share that no battery of this capacity
   * could hold for the test's 30 s is read as a fifth of the resistance.
   *
   * @param crankingShare measured over rated cold cranking amps, 0.2 to 1.5
   */
  public BatteryCircuit measured(double crankingShare) {
    Check.within("measured share of cranking amps", crankingShare, 0.2, 1.5, "");
    double target = crankingShare * ratedAmps(CrankingTest.COLD_CRANKING);
    DoubleUnaryOperator surplus =
        log ->
            withResistance(Math.exp(log)).lowestVolts(CrankingTest.COLD_CRANKING, target)
                - CrankingTest.COLD_CRANKING.minimumVolts() * series;
    double logFactor =
        surplus.applyAsDouble(LOWEST_LOG_FACTOR) <= 0
            ? LOWEST_LOG_FACTOR
            : Roots.crossing(
                surplus, LOWEST_LOG_FACTOR, -Math.log(crankingShare), Math.log(12), 1e-4);
    return withResistance(Math.exp(logFactor)).knownWithin(Spread.RESISTANCE_MEASURED.sigma());
  }

  /**
   * The same battery with a share of its capacity left, its resistance as it is.
   *
   * @param health share of capacity left, {@link #LEAST_HEALTH} to 1
   */
  public BatteryCircuit withCapacityLeft(double health) {
    Check.within("health", health, LEAST_HEALTH, 1, "");
    return with(capacityAmpHours * health, resistanceOhm, resistanceSigma);
  }

  /**
   * The same battery with its resistance multiplied.
   *
   * @param factor 0.05 to 50
   */
  public BatteryCircuit withResistance(double factor) {
    Check.within("resistance factor", factor, 0.05, 50, "");
    return with(capacityAmpHours, resistanceOhm * factor, resistanceSigma);
  }

  /**
   * The same battery, its resistance known within a spread.
   *
   * @param sigma standard deviation of ln(resistance), 0 to 2
   */
  public BatteryCircuit knownWithin(double sigma) {
    Check.within("spread of the resistance", sigma, 0, 2, "");
    return with(capacityAmpHours, resistanceOhm, sigma);
  }

  /** Standard deviation of ln(resistance): how far its label or its test is believed (1). */
  public double resistanceSigma() {
    return resistanceSigma;
  }

  /** Its chemistry. */
  public Chemistry chemistry() {
    return chemistry;
  }

  /** Ohmic resistance at 25 °C and full charge (Ω). */
  public double resistanceOhm() {
    return resistanceOhm;
  }

  /** Charge of both wells together (Ah); slightly above the 20-hour capacity for lead. */
  public double capacityAmpHours() {
    return capacityAmpHours;
  }

  /** Charge at the surface, which sets the voltage (1). */
  public double surfaceCharge(ChargeState state) {
    return state.charge() - (1 - surfaceShare) * state.imbalance();
  }

  /** Rested terminal voltage (V). */
  public double restVolts(ChargeState state) {
    return at(state.temperatureC()).restVolts(state);
  }

  /**
   * Terminal voltage in the seconds of a start, a rating test or a pulse (V); not below 0, where an
   * empty battery no longer gives the current.
   *
   * @param currentA 0 or more (A)
   */
  public double volts(ChargeState state, double currentA) {
    return Math.max(0, at(state.temperatureC()).volts(state, currentA));
  }

  /**
   * Terminal voltage in a discharge that goes on for hours (V), not below 0: in the cold more of
   * the charge is out of reach than in the seconds of a start.
   *
   * @param currentA 0 or more (A)
   */
  public double slowVolts(ChargeState state, double currentA) {
    return Math.max(0, new BatteryAt(this, state.temperatureC(), 1).volts(state, currentA));
  }

  /**
   * The state after a constant current at constant temperature; exact for any duration.
   *
   * @param seconds 0 or more (s)
   */
  public ChargeState after(ChargeState state, double currentA, double seconds) {
    return at(state.temperatureC()).after(state, currentA, seconds);
  }

  /** As {@link #after}, warmed by its own losses; for short steps, without loss to the air. */
  public ChargeState afterWarming(ChargeState state, double currentA, double seconds) {
    BatteryAt now = at(state.temperatureC());
    return afterWarming(now, state, currentA, now.volts(state, currentA), seconds);
  }

  /** As above, at a temperature and a voltage already worked out. */
  ChargeState afterWarming(
      BatteryAt now, ChargeState state, double currentA, double volts, double seconds) {
    double lossWatts =
        currentA * (series * chemistry.openCircuitVolts(surfaceCharge(state)) - volts);
    ChargeState next = now.after(state, currentA, seconds);
    return new ChargeState(
        next.charge(),
        next.imbalance(),
        state.temperatureC() + lossWatts * seconds / (massKg * p.heatCapacityJPerKgK()));
  }

  /**
   * Lowest voltage of the full battery in a rating test at a current (V), self-heating on. The
   * lowest, not the last: lithium warms and recovers during the test.
   */
  public double lowestVolts(CrankingTest test, double currentA) {
    ChargeState state = ChargeState.rested(1, test.temperatureC());
    BatteryAt now = at(state.temperatureC());
    double volts = now.volts(state, currentA);
    double lowest = volts;
    double step = test.seconds() / RATING_STEPS;
    for (int i = 0; i < RATING_STEPS; i++) {
      state = afterWarming(now, state, currentA, volts, step);
      now = at(state.temperatureC());
      volts = now.volts(state, currentA);
      lowest = Math.min(lowest, volts);
    }
    return lowest;
  }

  /** The current at which the full battery just passes a rating test (A). */
  public double ratedAmps(CrankingTest test) {
    double limit = test.minimumVolts() * series;
    double guess = 2.5 * series / resistanceOhm;
    return Roots.crossing(
        amps -> lowestVolts(test, amps) - limit, guess * 1e-6, guess, guess * 20, guess * 1e-5);
  }

  /**
   * As {@link #afterWarming}, over minutes: in steps, and losing heat to the air round it by 8
   * W/(m²·K) over its outside (engineering estimate).
   *
   * @param ambientC of the air round it (°C)
   */
  public ChargeState afterSoaking(
      ChargeState from, double currentA, double seconds, double ambientC) {
    return afterSoaking(from, currentA, seconds, ambientC, SOAKING_STEPS);
  }

  /** As above, in so many steps. */
  ChargeState afterSoaking(
      ChargeState from, double currentA, double seconds, double ambientC, int steps) {
    double massHeat = massKg * p.heatCapacityJPerKgK();
    double areaM2 = 6.6 * Math.pow(massKg / p.densityKgPerM3(), 2.0 / 3);
    double fade = Math.exp(-8 * areaM2 / massHeat * seconds / steps);
    ChargeState state = from;
    for (int i = 0; i < steps; i++) {
      ChargeState warm = afterWarming(state, currentA, seconds / steps);
      state =
          new ChargeState(
              warm.charge(), warm.imbalance(), ambientC + (warm.temperatureC() - ambientC) * fade);
    }
    return state;
  }

  /**
   * The largest current the battery gives for some seconds without falling below a voltage (A); 0
   * when it is below already.
   *
   * @param seconds above 0 (s)
   * @param minimumVolts at its terminals (V)
   */
  public double deliverableAmps(ChargeState state, double seconds, double minimumVolts) {
    BatteryAt now = at(state.temperatureC());
    BatteryAt.Pulse pulse = now.pulse(state, seconds);
    if (pulse.volts(0) <= minimumVolts) {
      return 0;
    }
    double most = pulse.volts(0) / resistanceOhm;
    return Roots.crossing(amps -> pulse.volts(amps) - minimumVolts, 0, most / 3, most, 1e-3);
  }

  /** Capacitance that the charge-transfer voltage builds up across (F). */
  double doubleLayerFarads() {
    return p.doubleLayerFarads() * ratedAmpHours / series;
  }

  /** The capacity its label gives at the 20-hour rate, when new (Ah). */
  public double ratedAmpHours() {
    return ratedAmpHours;
  }

  /** The lowest charge at which the circuit is trusted (1). */
  public double lowestTrustedCharge() {
    return p.lowestTrustedCharge();
  }

  /** The circuit at one temperature, under the current of a start, a rating test or a pulse. */
  BatteryAt at(double temperatureC) {
    return new BatteryAt(this, temperatureC, p.coldLossWhileCranking());
  }

  /** 0.5, 1 or 2 for a 6, 12 or 24 V battery. */
  public double series() {
    return series;
  }

  /** Share of the charge that is at hand at once (1). */
  double surfaceShare() {
    return surfaceShare;
  }
}
