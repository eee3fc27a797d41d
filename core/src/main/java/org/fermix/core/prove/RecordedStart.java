package org.fermix.core.prove;

import java.util.OptionalDouble;
import org.fermix.core.diagnosis.RestVoltage;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Engine;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;

/**
 * A recorded start with what it was recorded with.
 *
 * @param battery as it was then
 * @param temperatureC of engine and battery, −40 to 60 °C
 * @param charge of the battery then, 0.05 to 1
 */
public record RecordedStart(
    CrankFeatures features, BatteryCircuit battery, double temperatureC, Given charge) {
  private static final double USUAL_CHARGE = 0.9;
  private static final double MOST_VOLTS = 40;

  /**
   * With the charge typed, else by the voltage before the starter where it tells, else usual. What
   * ignition and pumps drew then is taken off, where it was recorded.
   *
   * @throws Refused when the battery was too flat for a start that tells of the engine
   */
  public static RecordedStart of(
      CrankFeatures features, BatteryCircuit battery, double temperatureC, OptionalDouble typed) {
    return new RecordedStart(
        features,
        battery,
        temperatureC,
        typed.isPresent()
            ? Given.typed(typed.getAsDouble(), Unit.SHARE)
            : charge(features, battery, temperatureC));
  }

  private static Given charge(CrankFeatures features, BatteryCircuit battery, double temperatureC) {
    double restVolts =
        features.restVolts()
            + battery.resistanceOhm() * Math.max(0, features.restAmps().orElse(0.0));
    RestVoltage.Rested judged =
        new RestVoltage(
                Math.max(0, Math.min(MOST_VOLTS, restVolts)),
                RestVoltage.REST_HOURS,
                false,
                temperatureC)
            .judge(battery.chemistry(), battery.series());
    return switch (judged.worth()) {
      case TELLS_CHARGE ->
          Given.derived(
              0.5 * (judged.charge().low() + judged.charge().high()),
              Unit.SHARE,
              "from the voltage before the starter");
      case NOT_RESTED, SAYS_LITTLE ->
          Given.assumed(USUAL_CHARGE, Unit.SHARE, "the voltage before the key does not tell it");
      case CELL_SHORT, NEAR_ZERO -> throw new Refused(Refused.Code.TOO_FLAT, restVolts);
    };
  }

  /**
   * What it says of an engine.
   *
   * @throws Refused where it does not fit
   */
  public EngineFit fit(Engine byClass) {
    return EngineFit.of(
        features, battery, byClass, ChargeState.rested(charge.value(), temperatureC));
  }

  /**
   * What knowing an engine changes for a battery.
   *
   * @param temperatureC of engine and battery (°C)
   * @param byClass chance with the engine of its class (1)
   * @param byFit chance with the fitted one (1)
   * @param rpmByClass cranking speed (rpm)
   * @param rpmByFit cranking speed (rpm)
   */
  public record Change(
      double temperatureC, double byClass, double byFit, double rpmByClass, double rpmByFit) {}

  /** What a departure changes at a temperature, at nine tenths of charge. */
  public static Change change(
      BatteryCircuit battery, Engine byClass, Departure departure, double temperatureC) {
    ChargeState cold = ChargeState.rested(USUAL_CHARGE, temperatureC);
    Cranking usual = new Cranking(battery, byClass);
    Cranking own = new Cranking(battery, byClass.departing(departure));
    return new Change(
        temperatureC,
        Cranking.chance(usual.sureness(cold)),
        Cranking.chance(own.sureness(cold)),
        usual.crank(cold).rpm(),
        own.crank(cold).rpm());
  }
}
