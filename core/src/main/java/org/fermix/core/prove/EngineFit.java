package org.fermix.core.prove;

import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.Starter;
import org.fermix.core.quantity.Roots;
import org.fermix.core.quantity.Spread;

/**
 * What a recorded start says of this very engine: how its starter's counter-voltage and its drag
 * depart from those of its class. Voltage, current and speed of steady cranking give both in closed
 * form: kE = (V − I R − 1.4 V) / ω, and drag = 0.85 kE (I − I₀). Where no current was recorded, it
 * is the current at which the battery's own circuit shows the recorded voltage. Leads and winding
 * are taken as they were; the answer is no better than they are.
 *
 * @param departure from the class, with what was known of it before
 * @param currentA of the starter: recorded, less what was drawn before it, or worked out from the
 *     battery (A)
 * @param currentRecorded true when it was recorded
 * @param rpm speed recorded (rpm)
 * @param rpmResidual speed the fitted engine turns at with this battery, less that recorded (rpm)
 */
public record EngineFit(
    Departure departure, double currentA, boolean currentRecorded, double rpm, double rpmResidual) {
  /** More than ignition, pumps and lamps draw before the starter does not belong to them (A). */
  private static final double MOST_REST_A = 60;

  private static final double LEAST_RPM = 10;
  private static final double MOST_RPM = 2000;
  private static final double MOST_RESIDUAL_SHARE = 0.1;
  private static final double LOWEST = 0.2;
  private static final double HIGHEST = 5;

  /**
   * Fits.
   *
   * @param before rested state of the battery at the recording's temperature
   * @throws Refused when the recording shows no speed, or an engine no class departs to: then
   *     battery, class or temperature are not what was said
   */
  public static EngineFit of(
      CrankFeatures features, BatteryCircuit battery, Engine engine, ChargeState before) {
    double rpm = features.rpm(engine).orElseThrow(() -> new Refused(Refused.Code.NO_BEAT));
    if (rpm < LEAST_RPM || rpm > MOST_RPM) {
      throw new Refused(Refused.Code.NO_SUCH_SPEED, rpm);
    }
    double temperatureC = before.temperatureC();
    boolean recorded = features.crankingAmps().isPresent();
    double currentA =
        features
            .crankingAmps()
            .map(amps -> amps - Math.max(0, Math.min(MOST_REST_A, features.restAmps().orElse(0.0))))
            .orElseGet(
                () -> current(battery, before, features.crankingVolts(), engine.accessoryA()));
    Starter usual = engine.starter();
    double pathOhm = engine.cableMilliohm() / 1000 + usual.windingOhm(temperatureC);
    double counter =
        (features.crankingVolts() - currentA * pathOhm - usual.brushVolts())
            / (rpm * 2 * Math.PI / 60);
    double counterFactor =
        credible(
            counter / usual.voltSecondsPerRadian(currentA), Refused.Code.COUNTER_VOLTS_FAR_OFF);
    double torque = Starter.GEAR_EFFICIENCY * counter * Math.max(0, currentA - usual.idleA());
    double dragFactor =
        credible(torque / engine.dragAt(temperatureC).torque(rpm), Refused.Code.DRAG_FAR_OFF);
    Departure known = engine.departure();
    Departure departure =
        new Departure(
            known.drag() * dragFactor,
            known.winding(),
            known.counterVolts() * counterFactor,
            known.leads(),
            known.fireSpeed(),
            (recorded ? Spread.FITTED_AMPS_RECORDED.sigma() : Spread.FITTED_AMPS_WORKED_OUT.sigma())
                / Spread.ENGINE_OF_ITS_CLASS.sigma());
    double modelled = new Cranking(battery, engine.departing(departure)).crank(before).rpm();
    return new EngineFit(departure, currentA, recorded, rpm, modelled - rpm);
  }

  /** True when the fitted engine does not turn at the recorded speed within a tenth. */
  public boolean isOff() {
    return isOff(rpm, rpmResidual);
  }

  /** The same of a fit that was kept. */
  public static boolean isOff(double rpm, double rpmResidual) {
    return Math.abs(rpmResidual) > MOST_RESIDUAL_SHARE * rpm;
  }

  private static double credible(double factor, Refused.Code otherwise) {
    if (factor >= LOWEST && factor <= HIGHEST) {
      return factor;
    }
    throw new Refused(otherwise, factor);
  }

  /** The starter's current at which the battery shows a voltage (A). */
  private static double current(
      BatteryCircuit battery, ChargeState before, double volts, double accessoryA) {
    double most = battery.deliverableAmps(before, 1.5, 0.5 * volts);
    if (most <= accessoryA
        || battery.volts(battery.after(before, accessoryA, 1.5), accessoryA) <= volts) {
      throw new Refused(Refused.Code.BATTERY_TOO_WEAK);
    }
    return Roots.crossing(
            amps -> battery.volts(battery.after(before, amps, 1.5), amps) - volts,
            accessoryA,
            most,
            0.01)
        - accessoryA;
  }
}
