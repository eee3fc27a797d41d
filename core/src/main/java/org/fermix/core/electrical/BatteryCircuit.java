package org.fermix.core.electrical;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.CircuitParameters;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Roots;
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
  private static final double GAS_CONSTANT = 8.314462618;
  private static final double FARADAY = 96485.33212;
  private static final double KELVIN = 273.15;
  private static final double INVERSE_ROOM = 1 / 298.15;
  private static final int RATING_STEPS = 60;

  private final Chemistry chemistry;
  private final CircuitParameters p;
  private final double series;
  private final double ratedAmpHours;
  private final double massKg;
  private final double capacityAmpHours;
  private final double surfaceShare;
  private final double resistanceOhm;

  private BatteryCircuit(
      Chemistry chemistry,
      double series,
      double ratedAmpHours,
      double massKg,
      double capacityAmpHours,
      double surfaceShare,
      double resistanceOhm) {
    this.chemistry = chemistry;
    this.p = chemistry.circuit();
    this.series = series;
    this.ratedAmpHours = ratedAmpHours;
    this.massKg = massKg;
    this.capacityAmpHours = capacityAmpHours;
    this.surfaceShare = surfaceShare;
    this.resistanceOhm = resistanceOhm;
  }

  /** The circuit of a 12 V battery, calibrated from its label. */
  public static BatteryCircuit of(Label label) {
    return calibrated(
        label.chemistry(),
        1,
        label.capacity().value(),
        label.mass().value(),
        label.credibleCranking());
  }

  /**
   * The circuit that just passes its own rating test when new and full.
   *
   * @param series 0.5, 1 or 2 for 6, 12 or 24 V
   * @param ampHours at the 20-hour rate, 0.5 to 1,000 Ah
   * @param massKg 0.1 to 200 kg
   */
  public static BatteryCircuit calibrated(
      Chemistry chemistry, double series, double ampHours, double massKg, CrankingRating rating) {
    Check.within("capacity", ampHours, 0.5, 1000, "Ah");
    Check.within("mass", massKg, 0.1, 200, "kg");
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
    double surfaceShare = share;
    double wholeCapacity = capacity;
    double guess = Math.log(2.5 * series / rating.amps());
    double logR =
        Roots.crossing(
            log ->
                new BatteryCircuit(
                            chemistry,
                            series,
                            ampHours,
                            massKg,
                            wholeCapacity,
                            surfaceShare,
                            Math.exp(log))
                        .lowestVolts(rating.test(), rating.amps())
                    - rating.test().minimumVolts() * series,
            guess - 5,
            guess + 2,
            1e-6);
    return new BatteryCircuit(
        chemistry, series, ampHours, massKg, wholeCapacity, surfaceShare, Math.exp(logR));
  }

  /**
   * The same battery, worn.
   *
   * @param health share of capacity left, 0.3 to 1
   */
  public BatteryCircuit worn(double health) {
    Check.within("health", health, 0.3, 1, "");
    return new BatteryCircuit(
        chemistry,
        series,
        ratedAmpHours,
        massKg,
        capacityAmpHours * health,
        surfaceShare,
        resistanceOhm * (1 + p.wearGrowth() * (1 - health)));
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
    return series
        * (chemistry.openCircuitVolts(surfaceCharge(state))
            + p.restVoltsPerKelvin() * (state.temperatureC() - 25));
  }

  /**
   * Terminal voltage while a current is drawn (V).
   *
   * @param currentA 0 or more (A)
   */
  public double volts(ChargeState state, double currentA) {
    double kelvin = state.temperatureC() + KELVIN;
    double cold = 1 / kelvin - INVERSE_ROOM;
    double unusable = Math.max(0, p.coldLossPerKelvin() * (25 - state.temperatureC()));
    double usable = Math.max(1e-3, (surfaceCharge(state) - unusable) / (1 - unusable));
    double ohmic =
        resistanceOhm
            * (p.constantShare()
                + (1 - p.constantShare())
                    * Math.exp(p.resistanceEnergyJPerMol() / GAS_CONSTANT * cold))
            * (1 - p.emptyRise() + p.emptyRise() / usable);
    double exchangeA =
        p.transferOffsetVolts()
            * series
            / resistanceOhm
            * Math.exp(-p.transferEnergyJPerMol() / GAS_CONSTANT * cold);
    double transfer =
        series
            * p.cells()
            * 2
            * GAS_CONSTANT
            * kelvin
            / FARADAY
            * arsinh(currentA / (2 * exchangeA));
    return restVolts(state) - currentA * ohmic - transfer;
  }

  /**
   * The state after a constant current at constant temperature; exact for any duration.
   *
   * @param seconds 0 or more (s)
   */
  public ChargeState after(ChargeState state, double currentA, double seconds) {
    double rate = exchangePerSecond(state.temperatureC());
    double fade = Math.exp(-rate * seconds);
    double imbalance =
        state.imbalance() * fade
            + currentA * (1 - fade) / (surfaceShare * capacityAmpHours * 3600 * rate);
    double charge = state.charge() - currentA * seconds / (3600 * capacityAmpHours);
    return new ChargeState(charge, imbalance, state.temperatureC());
  }

  /** As {@link #after}, warmed by its own losses; for short steps, without loss to the air. */
  public ChargeState afterWarming(ChargeState state, double currentA, double seconds) {
    double lossWatts =
        currentA
            * (series * chemistry.openCircuitVolts(surfaceCharge(state)) - volts(state, currentA));
    ChargeState next = after(state, currentA, seconds);
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
    double lowest = volts(state, currentA);
    double step = test.seconds() / RATING_STEPS;
    for (int i = 0; i < RATING_STEPS; i++) {
      state = afterWarming(state, currentA, step);
      lowest = Math.min(lowest, volts(state, currentA));
    }
    return lowest;
  }

  /** The current at which the full battery just passes a rating test (A). */
  public double ratedAmps(CrankingTest test) {
    double limit = test.minimumVolts() * series;
    double most = 2 * (14 * series) / resistanceOhm;
    return Roots.crossing(amps -> lowestVolts(test, amps) - limit, 0.01, most, 1e-3);
  }

  /** The lowest charge at which the circuit is trusted (1). */
  public double lowestTrustedCharge() {
    return p.lowestTrustedCharge();
  }

  /** The voltage below which its protection opens while cranking (V), 0 where it has none. */
  public double protectionVolts() {
    return p.protectionVolts() * series;
  }

  private double exchangePerSecond(double temperatureC) {
    double cold = 1 / (temperatureC + KELVIN) - INVERSE_ROOM;
    return p.exchangePerHour() / 3600 * Math.exp(-p.exchangeEnergyJPerMol() / GAS_CONSTANT * cold);
  }

  private static double arsinh(double x) {
    return Math.log(x + Math.sqrt(x * x + 1));
  }
}
