package org.fermix.core.prove;

import java.util.Optional;
import org.fermix.core.quantity.Check;
import org.fermix.core.rating.CrankingTest;

/**
 * What a measure came to of one battery, and how it was taken.
 *
 * @param value in the measure's unit
 * @param temperatureC of battery and engine, −40 to 60 °C; empty where it was not read
 * @param instrument in its owner's words; empty where they said none
 * @param setting rating set on a tester, or the current of a load (A); 0 where there is neither
 * @param test of the rating set on a tester
 * @param times a load was repeated; 1 where it was not
 * @param restedHours since it was charged or driven (h); 0 where nobody said
 * @param charged fully before
 * @param recorded read off a recording, not off a meter
 * @param share of what its label stands for that the reading itself speaks of (1); empty where it
 *     speaks of none
 */
public record ProofResult(
    double value,
    Optional<Double> temperatureC,
    String instrument,
    double setting,
    CrankingTest test,
    int times,
    double restedHours,
    boolean charged,
    boolean recorded,
    Optional<Double> share) {
  private static final double HOURS_PER_DAY = 24;
  private static final double MOST = 10_000;

  /** Refuses what cannot be. */
  public ProofResult {
    Check.within("result", value, 0, MOST, "");
    temperatureC.ifPresent(each -> Check.within("temperature", each, -40, 60, "°C"));
    Check.within("setting", setting, 0, MOST, "A");
    Check.within("number of loads", times, 1, 10, "");
  }

  /** A reading of a meter with nothing else said. */
  public static ProofResult of(double value) {
    return new ProofResult(
        value,
        Optional.empty(),
        "",
        0,
        CrankingTest.COLD_CRANKING,
        1,
        0,
        true,
        false,
        Optional.empty());
  }

  /** The same at a temperature (°C). */
  public ProofResult at(double otherC) {
    return new ProofResult(
        value,
        Optional.of(otherC),
        instrument,
        setting,
        test,
        times,
        restedHours,
        charged,
        recorded,
        share);
  }

  /** The same on an instrument. */
  public ProofResult on(String other) {
    return new ProofResult(
        value, temperatureC, other, setting, test, times, restedHours, charged, recorded, share);
  }

  /** The same by a setting (A), with the share it speaks of. */
  public ProofResult set(double amps, double sharesOf) {
    return new ProofResult(
        value,
        temperatureC,
        instrument,
        amps,
        test,
        times,
        restedHours,
        charged,
        recorded,
        Optional.of(sharesOf));
  }

  /** The same after a rest (h). */
  public ProofResult rested(double hours) {
    return new ProofResult(
        value, temperatureC, instrument, setting, test, times, hours, charged, recorded, share);
  }

  /** Days it has stood (d). */
  public double stoodDays() {
    return restedHours / HOURS_PER_DAY;
  }
}
