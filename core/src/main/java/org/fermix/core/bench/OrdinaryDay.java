package org.fermix.core.bench;

import java.util.Optional;
import org.fermix.core.charging.DailyBalance;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.Protection;
import org.fermix.core.machine.Driving;
import org.fermix.core.machine.Need;
import org.fermix.core.storage.Parking;
import org.fermix.core.storage.ThermalLag;

/**
 * A battery on an ordinary day in a machine: what the drives put in and what starts, drain and
 * self-discharge take.
 *
 * @param plates how heavy they are
 * @param massKg of the battery (kg)
 * @param heated true when it warms itself before it is charged
 * @param startAmpHours one start takes on an ordinary day (Ah); 0 where another battery starts
 * @param engineOffAmpHours taken by what runs with the engine off (Ah/d); 0 where another battery
 *     carries it, or one that is charged ashore
 */
public record OrdinaryDay(
    Chemistry chemistry,
    Plates plates,
    double massKg,
    boolean heated,
    double startAmpHours,
    double engineOffAmpHours) {
  private static final double ORDINARY_START_C = 15;
  private static final double ORDINARY_CHARGE = 0.9;
  private static final double MINUTES_PER_HOUR = 60;

  /** Of a battery that starts through a protection or none. */
  static double startAmpHours(Need need, BatteryCircuit circuit, Optional<Protection> protection) {
    Cranking cranking = new Cranking(circuit, need.engine(), protection);
    return cranking.ampHoursPerStart(
        cranking.crank(ChargeState.rested(ORDINARY_CHARGE, ORDINARY_START_C)), ORDINARY_START_C);
  }

  /** A lead, lithium or sodium battery of which only the circuit is known. */
  public static OrdinaryDay of(Need need, BatteryCircuit circuit) {
    Chemistry chemistry = circuit.chemistry();
    double massKg =
        circuit.ratedAmpHours() * circuit.series() / chemistry.typicalLabel().ampHoursPerKg();
    return new OrdinaryDay(
        chemistry,
        Plates.of(need.engine().engineClass().traits().powersport(), massKg / circuit.series()),
        massKg,
        false,
        startAmpHours(need, circuit, Optional.empty()),
        engineOffAmpHours(need));
  }

  /** What runs with the engine off takes on an ordinary day of the season (Ah/d). */
  static double engineOffAmpHours(Need need) {
    return need.use().engineOffAmps().value()
        * need.use().engineOffHours().value()
        * need.use().habit().intensity().sessionsPerDay();
  }

  /** Taken by stops at lights and the restarts after them (Ah/d); 0 of one that does not start. */
  double stopsAmpHours(Driving driving) {
    return startAmpHours > 0 ? driving.stopStart().ampHoursPerDay(startAmpHours) : 0;
  }

  /** Mean temperature of the battery over a trip (°C). */
  double batteryC(Need need, Driving driving, double airC) {
    return airC
        + ThermalLag.of(chemistry, massKg, need.place())
            .meanDriveK(driving.tripMinutes().value() / MINUTES_PER_HOUR);
  }

  /**
   * The balance of such a day.
   *
   * @param ampHours capacity now (Ah)
   * @param airC mean of the air (°C)
   */
  public DailyBalance balance(Need need, Driving driving, double ampHours, double airC) {
    var charging = need.charging();
    Parking standing =
        Parking.of(chemistry.storage(plates), airC, need.use().drainMilliamps().value(), ampHours);
    return new DailyBalance(
        new DailyBalance.Day(
            chemistry,
            ampHours,
            charging.regulatedVolts().value() / need.engine().series(),
            batteryC(need, driving, airC),
            heated,
            charging.spareAmps().value(),
            charging.idleAmps().value(),
            charging.idleShare().value(),
            driving.minutesPerDay() / MINUTES_PER_HOUR,
            driving.startsPerDay().value() * startAmpHours + stopsAmpHours(driving),
            standing.drainPerDay() * ampHours,
            engineOffAmpHours,
            standing.lossPerDay()));
  }
}
