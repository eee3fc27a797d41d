package org.fermix.core.machine;

import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Table;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;

/**
 * What is assumed of a machine where its owner says nothing: a row of {@code usual-needs.csv}.
 * Every value comes out marked as an assumption.
 */
public final class UsualNeed {
  private static final Table TABLE = Table.read(UsualNeed.class, "usual-needs.csv");
  private static final int JANUARY = 1;

  private final Engine engine;
  private final Table.Row row;
  private final double series;
  private final String why;

  private UsualNeed(Engine engine) {
    this.engine = engine;
    this.row = TABLE.row("engine_class", engine.engineClass().id());
    this.series = engine.series();
    this.why = engine.engineClass().whyUsual();
  }

  /** The usual need of an engine of this class and system voltage. */
  public static UsualNeed of(Engine engine) {
    return new UsualNeed(engine);
  }

  /** Coldest start (°C). */
  public Given coldestMorningC() {
    return assumed("coldest_morning_c", Unit.CELSIUS);
  }

  /** Mean of the coldest month, for a coldest start (°C). */
  public Given winterMeanC(double coldestMorningC) {
    double most = row.number("winter_mean_at_most_c");
    double above = coldestMorningC + Climate.MORNING_K;
    return Given.assumed(
        Math.min(most, above), Unit.CELSIUS, above <= most ? "10 K above the coldest start" : why);
  }

  /** Mean of the warmest month, for one of the coldest (°C). */
  public Given summerMeanC(double winterMeanC) {
    return Given.assumed(
        Climate.usualSummerMeanC(winterMeanC), Unit.CELSIUS, "usual with such a winter");
  }

  /** Coldest month: January, as in the north. */
  public Given coldestMonth() {
    return Given.assumed(JANUARY, Unit.COUNT, "as in the north");
  }

  /** Days it stands at the longest (d). */
  public Given layUpDays() {
    return assumed("lay_up_days", Unit.DAY);
  }

  /** Month at whose beginning it is laid up. */
  public Given layUpFromMonth() {
    return assumed("lay_up_from_month", Unit.COUNT);
  }

  /** Where it stands then. */
  public LayUpPlace layUpPlace() {
    return LayUpPlace.find(row.text("lay_up_place")).orElseThrow();
  }

  /** Chemistry of a battery nobody has described. */
  public Chemistry chemistry() {
    return Chemistry.of(row.text("chemistry"));
  }

  /** Where the battery sits. */
  public BatteryPlace batteryPlace() {
    return BatteryPlace.find(row.text("battery_place")).orElseThrow();
  }

  /** Draw with everything off (mA). */
  public Given drainMilliamps() {
    return assumed("drain_ma", Unit.MILLIAMPERE);
  }

  /** Load with the engine off (A). */
  public Given engineOffAmps() {
    return assumed("engine_off_a", Unit.AMPERE);
  }

  /** For how long (h). */
  public Given engineOffHours() {
    return assumed("engine_off_h", Unit.HOUR);
  }

  /** Starts on an ordinary day (1/d). */
  public Given startsPerDay() {
    return assumed("starts_per_day", Unit.COUNT);
  }

  /** Minutes from a start to the next stop (min). */
  public Given tripMinutes() {
    return assumed("trip_minutes", Unit.MINUTE);
  }

  /** Current the charging can spare at speed (A). */
  public Given spareAmps() {
    return assumed("charge_a", Unit.AMPERE);
  }

  /** The same at idle (A). */
  public Given idleAmps() {
    return assumed("charge_idle_a", Unit.AMPERE);
  }

  /** Share of the running time spent at idle (1). */
  public Given idleShare() {
    return assumed("idle_share", Unit.SHARE);
  }

  /** Years it is kept (y). */
  public Given yearsKept() {
    return assumed("years_kept", Unit.YEAR);
  }

  /** Volts at the battery with the engine running (V). */
  public Given regulatedVolts() {
    return Given.assumed(series * row.number("regulated_v"), Unit.VOLT, why);
  }

  /** All of it at once: what a machine of which only the engine is known may ask. */
  public Need need() {
    Given coldest = coldestMorningC();
    Given winter = winterMeanC(coldest.value());
    return new Need(
        engine,
        new MakersMinimum(
            Given.assumed(
                engine.ruleOfThumbCca(),
                Unit.AMPERE,
                "by the displacement rule; the maker’s figure is not typed"),
            CrankingTest.COLD_CRANKING,
            Optional.empty(),
            Optional.empty()),
        Optional.empty(),
        batteryPlace(),
        new Climate(coldest, winter, summerMeanC(winter.value()), coldestMonth()),
        new Use(
            new LongestLayUp(layUpDays(), layUpFromMonth(), layUpPlace(), Stand.CONNECTED),
            drainMilliamps(),
            engineOffAmps(),
            engineOffHours(),
            new Driving(startsPerDay(), tripMinutes()),
            yearsKept(),
            Optional.empty()),
        new Charging(regulatedVolts(), spareAmps(), idleAmps(), idleShare()));
  }

  private Given assumed(String column, Unit unit) {
    return Given.assumed(row.number(column), unit, why);
  }
}
