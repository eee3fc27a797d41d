package org.fermix.core.check;

import org.fermix.core.bench.OrdinaryDay;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.diagnosis.ReadingLimits;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.UsualBattery;
import org.fermix.core.machine.Driving;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;

/**
 * Whether the trips that are driven fill the battery: where its charge settles, by the same daily
 * balance as on the bench, of a sound battery of its size.
 *
 * @param driving on an ordinary day
 * @param airC it was driven in (°C)
 * @param settles charge it comes to and stays at (1)
 */
public record Trips(Driving driving, double airC, double settles) {
  /** Driven so that it settles lower than this it is driven too little (1); estimate. */
  public static final double ENOUGH = 0.80;

  /** No longer trip is looked for (min). */
  public static final double LONGEST_TRIP = 240;

  /** Where the charge of a suspect settles. */
  public static Trips of(Suspect suspect, Driving driving, double airC) {
    ReadingLimits.AIR.check(airC);
    BatteryCircuit circuit =
        suspect.whenNew().orElseGet(() -> UsualBattery.of(suspect.need().engine()).circuit());
    return new Trips(driving, airC, settles(suspect, circuit, driving, airC));
  }

  private static double settles(
      Suspect suspect, BatteryCircuit circuit, Driving driving, double airC) {
    return OrdinaryDay.of(suspect.need(), circuit)
        .balance(suspect.need(), driving, suspect.ampHours(), airC)
        .settles();
  }

  /** Minutes of each trip that would be enough, at as many trips (min); 240 where none is. */
  public double enoughMinutes(Suspect suspect) {
    double minutes = driving.tripMinutes().value();
    while (minutes < LONGEST_TRIP && of(suspect, lasting(minutes), airC).settles() < ENOUGH) {
      minutes = Math.min(LONGEST_TRIP, minutes + Math.max(1, 0.1 * minutes));
    }
    return minutes;
  }

  private Driving lasting(double minutes) {
    return driving.lasting(Given.typed(minutes, Unit.MINUTE));
  }

  /** As evidence. */
  public Evidence evidence() {
    return new Evidence(ReadingKind.TRIPS, settles < ENOUGH ? "short" : "long");
  }
}
