package org.fermix.core.electrical;

/**
 * A battery's circuit held at one temperature, with all that depends on temperature alone worked
 * out once: for the many questions asked at one temperature. See {@link BatteryCircuit} for the
 * equations.
 */
final class BatteryAt {
  private static final double KELVIN = 273.15;
  private static final double INVERSE_ROOM = 1 / 298.15;
  private static final double GAS_CONSTANT = 8.314462618;
  private static final double FARADAY = 96485.33212;

  /** Share of the usable charge below which the resistance rises no further (1). */
  private static final double LEAST_USABLE = 1e-3;

  private final BatteryCircuit battery;
  private final double temperatureC;
  private final double fullOhm;
  private final double twiceExchangeA;
  private final double transferVolts;
  private final double unusable;
  private final double ratePerSecond;
  private final double restShiftVolts;
  private final double emptyRise;

  /**
   * The circuit at a temperature.
   *
   * @param coldLossShare how much of the capacity that is lost in the cold counts: all of it in a
   *     slow discharge, less while cranking (1)
   */
  BatteryAt(BatteryCircuit battery, double temperatureC, double coldLossShare) {
    var p = battery.chemistry().circuit();
    double kelvin = temperatureC + KELVIN;
    double cold = (1 / kelvin - INVERSE_ROOM) / GAS_CONSTANT;
    this.battery = battery;
    this.temperatureC = temperatureC;
    fullOhm =
        battery.resistanceOhm()
            * (p.constantShare()
                + (1 - p.constantShare()) * Math.exp(p.resistanceEnergyJPerMol() * cold));
    twiceExchangeA =
        2
            * p.transferOffsetVolts()
            * battery.series()
            / battery.resistanceOhm()
            * Math.exp(-p.transferEnergyJPerMol() * cold);
    transferVolts = battery.series() * p.cells() * 2 * GAS_CONSTANT * kelvin / FARADAY;
    unusable = Math.max(0, coldLossShare * p.coldLossPerKelvin() * (25 - temperatureC));
    ratePerSecond = p.exchangePerHour() / 3600 * Math.exp(-p.exchangeEnergyJPerMol() * cold);
    emptyRise = p.emptyRise();
    restShiftVolts = battery.series() * p.restVoltsPerKelvin() * (temperatureC - 25);
  }

  /** The ohmic part of the voltage lost for a current at a surface charge (V). */
  double ohmicVolts(double surfaceCharge, double currentA) {
    double usable = Math.max(LEAST_USABLE, (surfaceCharge - unusable) / (1 - unusable));
    return currentA * fullOhm * (1 - emptyRise + emptyRise / usable);
  }

  /** Current through the charge transfer at its voltage: the inverse of the steady law (A). */
  double transferAmps(double transferVolts) {
    double rise = Math.exp(transferVolts / this.transferVolts);
    return twiceExchangeA * 0.5 * (rise - 1 / rise);
  }

  /** Slope of {@link #transferAmps} (S). */
  double transferSiemens(double transferVolts) {
    double rise = Math.exp(transferVolts / this.transferVolts);
    return twiceExchangeA * 0.5 * (rise + 1 / rise) / this.transferVolts;
  }

  /** How fast the wells level out (1/s). */
  double ratePerSecond() {
    return ratePerSecond;
  }

  double surfaceCharge(ChargeState state) {
    return state.charge() - (1 - battery.surfaceShare()) * state.imbalance();
  }

  double restVolts(ChargeState state) {
    return openVolts(surfaceCharge(state));
  }

  double openVolts(double surfaceCharge) {
    return battery.series() * battery.chemistry().openCircuitVolts(surfaceCharge) + restShiftVolts;
  }

  double volts(ChargeState state, double currentA) {
    return volts(surfaceCharge(state), currentA);
  }

  private double volts(double surfaceCharge, double currentA) {
    return openVolts(surfaceCharge)
        - ohmicVolts(surfaceCharge, currentA)
        - transferVolts * arsinh(currentA / twiceExchangeA);
  }

  /** By how much the voltage falls for one ampere more, the charge at the surface as it is (Ω). */
  private double ohm(double surfaceCharge, double currentA) {
    double x = currentA / twiceExchangeA;
    return ohmicVolts(surfaceCharge, 1) + transferVolts / (twiceExchangeA * Math.sqrt(x * x + 1));
  }

  /** By how much the voltage falls as the charge at the surface does, at a current (V). */
  private double voltsPerCharge(double surfaceCharge, double currentA) {
    double usable = (surfaceCharge - unusable) / (1 - unusable);
    double rise = usable <= LEAST_USABLE ? 0 : emptyRise / (usable * usable * (1 - unusable));
    return battery.series() * battery.chemistry().openCircuitSlope(surfaceCharge)
        + currentA * fullOhm * rise;
  }

  /**
   * By how much the voltage falls for a resistance greater by one part in e (V): the exchange
   * current goes with it.
   */
  private double voltsPerResistance(double surfaceCharge, double currentA) {
    double x = currentA / twiceExchangeA;
    return ohmicVolts(surfaceCharge, currentA) + transferVolts * x / Math.sqrt(x * x + 1);
  }

  ChargeState after(ChargeState state, double currentA, double seconds) {
    double fade = Math.exp(-ratePerSecond * seconds);
    double coulombs = battery.capacityAmpHours() * 3600;
    double imbalance =
        state.imbalance() * fade
            + currentA * (1 - fade) / (battery.surfaceShare() * coulombs * ratePerSecond);
    return new ChargeState(state.charge() - currentA * seconds / coulombs, imbalance, temperatureC);
  }

  /**
   * The terminal voltage at the end of a pulse of given length, as a function of its current alone:
   * the surface charge falls in proportion to the current, so the rest is worked out once.
   */
  Pulse pulse(ChargeState state, double seconds) {
    return pulses(seconds).from(state);
  }

  /** Pulses of one length, for many states: what depends on the length alone is worked out once. */
  Pulses pulses(double seconds) {
    double coulombs = battery.capacityAmpHours() * 3600;
    double share = battery.surfaceShare();
    double fade = Math.exp(-ratePerSecond * seconds);
    return new Pulses(
        this,
        (1 - share) * fade,
        seconds / coulombs + (1 - share) * (1 - fade) / (share * coulombs * ratePerSecond));
  }

  /**
   * See {@link #pulses}.
   *
   * @param lag of the surface behind the charge, over the imbalance before (1)
   * @param perAmp charge the surface loses for every ampere (1/A)
   */
  record Pulses(BatteryAt battery, double lag, double perAmp) {
    Pulse from(ChargeState state) {
      return new Pulse(battery, state.charge() - lag * state.imbalance(), perAmp);
    }
  }

  /** See {@link #pulse}. */
  record Pulse(BatteryAt battery, double surfaceIdle, double surfacePerAmp) {
    double volts(double currentA) {
      return battery.volts(surfaceIdle - surfacePerAmp * currentA, currentA);
    }

    /** By how much the voltage falls for one ampere more (Ω). */
    double ohm(double currentA) {
      double surface = surfaceIdle - surfacePerAmp * currentA;
      return battery.ohm(surface, currentA)
          + surfacePerAmp * battery.voltsPerCharge(surface, currentA);
    }

    /**
     * By how much the voltage falls where the natural logarithm of the resistance rises by 1 (V).
     */
    double voltsPerResistance(double currentA) {
      return battery.voltsPerResistance(surfaceIdle - surfacePerAmp * currentA, currentA);
    }
  }

  private static double arsinh(double x) {
    return Math.log(x + Math.sqrt(x * x + 1));
  }
}
