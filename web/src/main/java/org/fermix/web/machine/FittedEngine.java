package org.fermix.web.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Engine;
import org.fermix.core.prove.EngineFit;
import org.fermix.core.quantity.Origin;

/**
 * What a recorded start says of a machine's own engine.
 *
 * @param drag factor on the drag of its class, 0.2 to 5
 * @param counterVolts factor on the starter's counter-voltage, 0.2 to 5
 * @param spreadLeft share that is left of what is uncertain of its class, 0.05 to 1
 * @param rpm speed recorded (rpm)
 * @param rpmResidual speed the fitted engine turns at there, less that recorded (rpm)
 * @param currentA starter current, recorded or worked out (A)
 * @param temperatureC of engine and battery at the recording (°C)
 * @param charge of the battery at the recording (1)
 * @param batteryName the battery it was recorded with
 * @param recordingName the recording
 * @param engineClass of the engine as it was described then
 * @param displacementL as described then (l)
 * @param cylinders as described then
 */
@Embeddable
public record FittedEngine(
    double drag,
    double counterVolts,
    double spreadLeft,
    double rpm,
    double rpmResidual,
    @Column(name = "current_a") double currentA,
    boolean currentRecorded,
    @Column(name = "temperature_c") double temperatureC,
    double charge,
    @Enumerated(EnumType.STRING) Origin chargeOrigin,
    String batteryName,
    String recordingName,
    String engineClass,
    @Column(name = "displacement_l") double displacementL,
    int cylinders) {

  /** True when it is so far from its class that something else was probably recorded. */
  public boolean isOdd() {
    return departure().isOdd();
  }

  /** True when the fitted engine does not turn at the recorded speed within a tenth. */
  public boolean isOff() {
    return EngineFit.isOff(rpm, rpmResidual);
  }

  /** How the engine departs from its class. */
  public Departure departure() {
    return new Departure(drag, 1, counterVolts, 1, 1, spreadLeft);
  }

  /** True when it was made for an engine described as this one is: the oil may differ. */
  public boolean isOf(Engine engine) {
    return engineClass.equals(engine.engineClass().id())
        && displacementL == engine.displacementLitres()
        && cylinders == engine.cylinders();
  }
}
