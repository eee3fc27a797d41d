package org.fermix.core.prove;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.LoadTest;
import org.fermix.core.diagnosis.RestVoltage;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Spread;

/**
 * One measure of the old battery beside the new: the old brought to the new one's temperature by
 * the models' own slope, the difference held against what two such tests differ by with nothing
 * changed, and the new held against its forecast.
 *
 * @param old of the old one, as it was taken
 * @param fresh of the new one, as it was taken
 * @param oldBrought what the old one would have shown at the new one's temperature; empty where it
 *     was not taken or cannot be compared
 * @param spread one standard deviation of the difference of two such tests, in the measure's unit
 * @param forecast of the new one, as its test was taken
 * @param differences in which the two tests are not the same
 */
public record Compared(
    ProofMeasure measure,
    Optional<ProofResult> old,
    Optional<ProofResult> fresh,
    Optional<Double> oldBrought,
    double spread,
    Optional<Forecast> forecast,
    Word word,
    Optional<Against> against,
    Set<Difference> differences) {
  /** From so many standard deviations on two tests differ at all; 19 in 20. */
  public static final double DIFFERS = 2;

  /** From so many on the difference is beyond doubt; custom, no source. */
  public static final double CLEARLY = 4;

  /** More apart than this (K) and two starts are not the same test; custom, no source. */
  public static final double MOST_KELVIN = 15;

  /** Settings that differ by no more are one setting (1). */
  private static final double SAME_SETTING = 0.05;

  private static final double SAME_KELVIN = 3;

  /** How far the models' slope with temperature may be off (1); engineering estimate. */
  private static final double SLOPE_SIGMA = 0.4;

  /** What is said of the two. */
  public enum Word {
    NOT_YET,
    /** Full, so that the other measures count. */
    FULL,
    NOT_FULL,
    /** Flat curve: the volts tell no charge. */
    SAYS_LITTLE,
    /** The old one was never measured so: only the forecast is left to compare with. */
    ONLY_NEW,
    /** Not the same test. */
    NOT_ALIKE,
    CLEARLY_BETTER,
    BETTER,
    SAME,
    WORSE
  }

  /** The new one against its forecast. */
  public enum Against {
    AS_FORETOLD,
    MORE,
    LESS
  }

  /** In what two tests were not the same. */
  public enum Difference {
    INSTRUMENT,
    TEMPERATURE,
    TEMPERATURE_NOT_READ,
    SETTING,
    NOT_CHARGED,
    CHEMISTRY,
    /** One was recorded, the other read off a meter. */
    WAY
  }

  /** Copies the set. */
  public Compared {
    differences = Set.copyOf(differences);
  }

  /**
   * Compares.
   *
   * @param oldChemistry of the old one; empty where nobody has described it
   */
  static Compared of(
      ProofMeasure measure,
      Need need,
      Optional<Chemistry> oldChemistry,
      Label label,
      Optional<ProofResult> old,
      Optional<ProofResult> fresh,
      Optional<Forecast> foretold) {
    Optional<Forecast> forecast =
        foretold.isPresent()
            ? foretold
            : Forecast.of(measure, need, label, fresh.or(() -> old).orElse(ProofResult.of(0)));
    if (fresh.isEmpty()) {
      return new Compared(
          measure,
          old,
          fresh,
          Optional.empty(),
          0,
          forecast,
          Word.NOT_YET,
          Optional.empty(),
          Set.of());
    }
    ProofResult taken = fresh.get();
    double series = need.engine().series();
    Set<Difference> differences = EnumSet.noneOf(Difference.class);
    Optional<Double> brought = Optional.empty();
    double spread = 0;
    if (old.isPresent()) {
      differences.addAll(differences(measure, old.get(), taken, label.chemistry(), oldChemistry));
      double kelvin = perKelvin(measure, need, label, taken);
      double apart = apartKelvin(measure, old.get(), taken);
      spread =
          Math.sqrt(
              square(Math.sqrt(2) * oneReading(measure, old.get(), taken, series, differences))
                  + square(kelvin * SLOPE_SIGMA * apart)
                  + square(kelvin) * (unread(old.get()) + unread(taken)));
      if (isAlike(measure, differences, apart)) {
        brought = Optional.of(old.get().value() + kelvin * apart);
      }
    }
    return new Compared(
        measure,
        old,
        fresh,
        brought,
        spread,
        forecast,
        word(measure, taken, label.chemistry(), series, old.isPresent(), brought, spread),
        forecast.map(each -> against(measure, each, taken, series)),
        differences);
  }

  private static Word word(
      ProofMeasure measure,
      ProofResult taken,
      Chemistry chemistry,
      double series,
      boolean hasOld,
      Optional<Double> brought,
      double spread) {
    if (measure == ProofMeasure.REST) {
      return fullness(taken, chemistry, series);
    }
    if (!hasOld) {
      return Word.ONLY_NEW;
    }
    if (brought.isEmpty()) {
      return Word.NOT_ALIKE;
    }
    double apart = (taken.value() - brought.get()) / spread;
    if (apart >= CLEARLY) {
      return Word.CLEARLY_BETTER;
    }
    return apart >= DIFFERS ? Word.BETTER : apart > -DIFFERS ? Word.SAME : Word.WORSE;
  }

  private static Word fullness(ProofResult taken, Chemistry chemistry, double series) {
    RestVoltage.Rested judged =
        new RestVoltage(
                taken.value(),
                taken.restedHours(),
                false,
                taken.temperatureC().orElse(Forecast.ROOM_C))
            .judge(chemistry, series);
    return switch (judged.worth()) {
      case TELLS_CHARGE ->
          judged.charge().high() >= (chemistry.isLead() ? LEAST_FULL : LoadTest.LEAST_CHARGE)
              ? Word.FULL
              : Word.NOT_FULL;
      case SAYS_LITTLE, NOT_RESTED -> Word.SAYS_LITTLE;
      case CELL_SHORT, NEAR_ZERO -> Word.NOT_FULL;
    };
  }

  /** A lead battery that may be this full counts as charged (1); engineering estimate. */
  private static final double LEAST_FULL = 0.9;

  private static Against against(
      ProofMeasure measure, Forecast forecast, ProofResult taken, double series) {
    double sigma =
        Math.hypot(forecast.sigma(), oneReading(measure, taken, taken, series, Set.of()));
    double apart = (taken.value() - forecast.value()) / sigma;
    return apart > Band.SIGMAS
        ? Against.MORE
        : apart < -Band.SIGMAS ? Against.LESS : Against.AS_FORETOLD;
  }

  /** How far the new one is from its forecast, in standard deviations of both. */
  public Optional<Double> missedBy(double series) {
    return forecast.flatMap(
        each ->
            fresh.map(
                taken ->
                    (taken.value() - each.value())
                        / Math.hypot(
                            each.sigma(), oneReading(measure, taken, taken, series, Set.of()))));
  }

  private static Set<Difference> differences(
      ProofMeasure measure,
      ProofResult old,
      ProofResult taken,
      Chemistry chemistry,
      Optional<Chemistry> oldChemistry) {
    Set<Difference> differences = EnumSet.noneOf(Difference.class);
    if (!(old.recorded() && taken.recorded())
        && !old.instrument().isBlank()
        && !taken.instrument().isBlank()
        && !old.instrument().strip().equalsIgnoreCase(taken.instrument().strip())) {
      differences.add(Difference.INSTRUMENT);
    }
    if (measure.isOfTemperature()) {
      if (old.temperatureC().isEmpty() || taken.temperatureC().isEmpty()) {
        differences.add(Difference.TEMPERATURE_NOT_READ);
      } else if (Math.abs(old.temperatureC().get() - taken.temperatureC().get()) > SAME_KELVIN) {
        differences.add(Difference.TEMPERATURE);
      }
    }
    if (measure != ProofMeasure.TESTER
        && Math.abs(old.setting() - taken.setting())
            > SAME_SETTING * Math.max(old.setting(), taken.setting())) {
      differences.add(Difference.SETTING);
    }
    if (!old.charged() || !taken.charged()) {
      differences.add(Difference.NOT_CHARGED);
    }
    if (measure.kind() == ProofMeasure.REST.kind()
        && oldChemistry.filter(each -> !each.equals(chemistry)).isPresent()) {
      differences.add(Difference.CHEMISTRY);
    }
    if (old.recorded() != taken.recorded()) {
      differences.add(Difference.WAY);
    }
    return differences;
  }

  private static boolean isAlike(
      ProofMeasure measure, Set<Difference> differences, double apartKelvin) {
    boolean sameSetting =
        measure == ProofMeasure.TESTER || !differences.contains(Difference.SETTING);
    return sameSetting
        && !differences.contains(Difference.NOT_CHARGED)
        && !differences.contains(Difference.CHEMISTRY)
        && (!measure.isOfTemperature() || Math.abs(apartKelvin) <= MOST_KELVIN);
  }

  /** How much warmer the new one was (K); 0 where either was not read, which the spread allows. */
  private static double apartKelvin(ProofMeasure measure, ProofResult old, ProofResult taken) {
    return measure.isOfTemperature()
            && old.temperatureC().isPresent()
            && taken.temperatureC().isPresent()
        ? taken.temperatureC().get() - old.temperatureC().get()
        : 0;
  }

  /** Square of how far a temperature may be off (K²). */
  private static double unread(ProofResult taken) {
    return square(
        taken.temperatureC().isPresent()
            ? Spread.TEMPERATURE.sigma()
            : Spread.TEMPERATURE_NOT_READ.sigma());
  }

  /** What one kelvin does by the models, in the measure's unit. */
  private static double perKelvin(ProofMeasure measure, Need need, Label label, ProofResult taken) {
    if (!measure.isOfTemperature()) {
      return 0;
    }
    double temperatureC = taken.temperatureC().orElse(Forecast.ROOM_C);
    double warmer = Math.min(60, temperatureC + 1);
    double colder = Math.max(-40, temperatureC - 1);
    Optional<Forecast> up = Forecast.of(measure, need, label, taken.at(warmer));
    Optional<Forecast> down = Forecast.of(measure, need, label, taken.at(colder));
    return up.isEmpty() || down.isEmpty()
        ? 0
        : (up.get().value() - down.get().value()) / (warmer - colder);
  }

  /** One standard deviation of one reading, in the measure's unit. */
  private static double oneReading(
      ProofMeasure measure,
      ProofResult old,
      ProofResult taken,
      double series,
      Set<Difference> differences) {
    boolean twoInstruments = differences.contains(Difference.INSTRUMENT);
    boolean recorded = old.recorded() && taken.recorded();
    return switch (measure) {
      case REST, PARKED ->
          series * (twoInstruments ? Spread.TWO_METERS : Spread.METER_TWICE).sigma();
      case TESTER ->
          Math.max(old.value(), taken.value())
              * (twoInstruments ? Spread.TWO_TESTERS : Spread.TESTER_TWICE).sigma();
      case CRANKING ->
          series
              * (recorded ? Spread.CRANKING_VOLTS_RECORDED : Spread.CRANKING_VOLTS_TWICE).sigma();
      case SPEED -> Math.max(old.value(), taken.value()) * Spread.SPEED_TWICE.sigma();
      case PULSES ->
          series * (twoInstruments ? Spread.TWO_METERS : Spread.LOADED_VOLTS_TWICE).sigma();
      case CAPACITY -> Math.max(old.value(), taken.value()) * Spread.CAPACITY_TWICE.sigma();
    };
  }

  private static double square(double value) {
    return value * value;
  }
}
