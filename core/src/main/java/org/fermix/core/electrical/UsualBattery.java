package org.fermix.core.electrical;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.chemistry.UsualMake;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Table;

/**
 * The battery usual in a machine: by its kind and displacement, {@code usual-batteries.csv}, where
 * the origin of the figures stands. Assumed where nobody has described it, and what typical
 * batteries are sized by.
 *
 * @param coldCrankingAmps its rating (A, SAE)
 * @param ampHours at 20 h (Ah)
 * @param massKg (kg)
 */
public record UsualBattery(
    Chemistry chemistry, double series, double coldCrankingAmps, double ampHours, double massKg) {
  private static final double LEAST_CCA = 60;
  private static final double MOST_CCA = 3000;

  /** A 24 V engine's starter draws less (1), and its batteries hold more for each ampere. */
  private static final double AMPS_AT_24_V = 0.65;

  private static final double AMPS_PER_AMP_HOUR_AT_24_V = 5.6;
  private static final double AMPS_PER_AMP_HOUR_AT_6_V = 5.1;

  /** Amps of a small flooded battery against an AGM of as many ampere-hours (1). */
  private static final double SMALL_FLOODED = 0.8;

  private static final Table TABLE = Table.read(UsualBattery.class, "usual-batteries.csv");

  /** Of the chemistry such machines are usually given. */
  public static UsualBattery of(Engine engine) {
    return of(engine, UsualNeed.of(engine).chemistry());
  }

  /** Of any chemistry: as many ampere-hours, or as many amps where it is sold by them. */
  public static UsualBattery of(Engine engine, Chemistry chemistry) {
    Table.Row row =
        TABLE.rows().stream()
            .filter(each -> each.text("engine_class").equals(engine.engineClass().id()))
            .findFirst()
            .orElseThrow();
    double amps =
        row.number("base_a") + row.number("slope_a_per_litre") * engine.displacementLitres();
    double perAmpHour = row.number("amps_per_amp_hour");
    if (engine.nominalVolts() > 12) {
      amps *= AMPS_AT_24_V;
      perAmpHour = AMPS_PER_AMP_HOUR_AT_24_V;
    } else if (engine.nominalVolts() < 12) {
      perAmpHour = AMPS_PER_AMP_HOUR_AT_6_V;
    }
    UsualMake make = chemistry.usualMake(Plates.STANDARD);
    double ampHours = amps / perAmpHour;
    if (make.sizedByAmps().isPresent()) {
      ampHours = amps / make.sizedByAmps().getAsDouble();
    } else {
      amps *=
          !Chemistry.of(row.text("made_as")).traits().sealed()
              ? make.ampsAgainstFlooded()
              : chemistry.id().equals(row.text("made_as"))
                  ? 1
                  : SMALL_FLOODED * make.ampsAgainstFlooded();
    }
    double cca = Math.max(LEAST_CCA, Math.min(MOST_CCA, amps));
    return new UsualBattery(
        chemistry,
        engine.series(),
        cca,
        ampHours * cca / amps,
        massKg(engine, chemistry, ampHours * cca / amps));
  }

  /** Mass of one of some ampere-hours in a machine (kg). */
  public static double massKg(Engine engine, Chemistry chemistry, double ampHours) {
    return ampHours
        * engine.series()
        / chemistry.usualMake(plates(engine, chemistry, ampHours)).ampHoursPerKg();
  }

  /** How the plates of one of some ampere-hours are built in a machine. */
  public static Plates plates(Engine engine, Chemistry chemistry, double ampHours) {
    return Plates.of(
        engine.engineClass().traits().powersport(),
        ampHours / chemistry.usualMake(Plates.POWERSPORT).ampHoursPerKg());
  }

  /** Its circuit, new. */
  public BatteryCircuit circuit() {
    return BatteryCircuit.calibrated(
        chemistry, series, ampHours, massKg, CrankingRating.cca(coldCrankingAmps));
  }
}
