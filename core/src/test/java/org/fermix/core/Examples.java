package org.fermix.core;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.Sheet;
import org.fermix.core.machine.BatteryPlace;
import org.fermix.core.machine.Charging;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Driving;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.LayUpPlace;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Oil;
import org.fermix.core.machine.Stand;
import org.fermix.core.machine.Tray;
import org.fermix.core.machine.Use;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Spread;
import org.fermix.core.quantity.Unit;

/** Invented batteries and machines that several tests share. */
public final class Examples {
  private Examples() {}

  /** A circuit by its label figures. */
  public static BatteryCircuit circuit(String chemistry, double ah, double kg, double cca) {
    return BatteryCircuit.calibrated(Chemistry.of(chemistry), 1, ah, kg, CrankingRating.cca(cca));
  }

  /** An engine usual for its class. */
  public static Engine engine(String type, double litres, int cylinders, String oil) {
    return Engine.usual(
        EngineClass.find(type).orElseThrow(),
        Given.typed(litres, Unit.LITRE),
        cylinders,
        Oil.find(oil).orElseThrow());
  }

  /** A 1.9 l diesel in a cold place. */
  public static Need dieselNeed() {
    return need(engine("diesel-car", 1.9, 4, "5W-30"), -20, 42, 14.2);
  }

  /** A need in the same tray and use, of another engine, cold, lay-up and voltage. */
  public static Need need(Engine engine, double coldestC, double layUpDays, double volts) {
    return new Need(
        engine,
        new MakersMinimum(Given.maker(520, Unit.AMPERE), Optional.of(Given.maker(90, Unit.MINUTE))),
        Optional.of(new Tray(new CaseSize(278, 175, 200), TerminalSide.RIGHT)),
        BatteryPlace.find("bay").orElseThrow(),
        climate(coldestC),
        new Use(
            layUp(layUpDays, 1, "outdoors"),
            Given.typed(18, Unit.MILLIAMPERE),
            Given.typed(6, Unit.AMPERE),
            Given.typed(2, Unit.HOUR),
            new Driving(
                Given.assumed(2, Unit.COUNT, "example"), Given.assumed(30, Unit.MINUTE, "example")),
            Given.typed(8, Unit.YEAR),
            Optional.empty()),
        charging(volts));
  }

  /**
   * A need of any engine, in its own usual use and place, laid up in January outdoors.
   *
   * @param drainMilliamps measured
   */
  public static Need needOf(
      Engine engine, double coldestC, double layUpDays, double drainMilliamps) {
    UsualNeed usual = UsualNeed.of(engine);
    return new Need(
        engine,
        new MakersMinimum(Given.maker(1, Unit.AMPERE), Optional.empty()),
        Optional.empty(),
        usual.batteryPlace(),
        climate(coldestC),
        new Use(
            layUp(layUpDays, 1, "outdoors"),
            Given.typed(drainMilliamps, Unit.MILLIAMPERE),
            usual.engineOffAmps(),
            usual.engineOffHours(),
            new Driving(usual.startsPerDay(), usual.tripMinutes()),
            usual.yearsKept(),
            Optional.empty()),
        new Charging(
            usual.regulatedVolts(), usual.spareAmps(), usual.idleAmps(), usual.idleShare()));
  }

  /** The usual climate round a coldest start, January its coldest month. */
  public static Climate climate(double coldestC) {
    double winterC = Math.min(40, coldestC + Climate.MORNING_K);
    return new Climate(
        Given.typed(coldestC, Unit.CELSIUS),
        Given.typed(winterC, Unit.CELSIUS),
        Given.typed(Math.min(50, Climate.usualSummerMeanC(winterC)), Unit.CELSIUS),
        Given.assumed(1, Unit.COUNT, "example"));
  }

  /** A lay-up from a month on, left connected. */
  public static LongestLayUp layUp(double days, int fromMonth, String place) {
    return new LongestLayUp(
        Given.typed(days, Unit.DAY),
        Given.typed(fromMonth, Unit.COUNT),
        LayUpPlace.find(place).orElseThrow(),
        Stand.CONNECTED);
  }

  /** A car's alternator at a regulated voltage. */
  public static Charging charging(double volts) {
    return new Charging(
        Given.typed(volts, Unit.VOLT),
        Given.typed(40, Unit.AMPERE),
        Given.typed(15, Unit.AMPERE),
        Given.typed(0.2, Unit.SHARE));
  }

  /** A label with every figure printed. */
  public static Label label(
      String chemistry, double cca, double ah, double reserveMinutes, double kg, double price) {
    Label label =
        new Label(
            "Example " + chemistry,
            Chemistry.of(chemistry),
            CrankingRating.cca(cca),
            Optional.of(Given.label(ah, Unit.AMPERE_HOUR)),
            Optional.of(Given.label(reserveMinutes, Unit.MINUTE)),
            Optional.of(Given.label(kg, Unit.KILOGRAM)),
            new CaseSize(278, 175, 190),
            TerminalSide.RIGHT,
            Given.typed(price, Unit.MONEY));
    return label.chemistry().isLead()
        ? label
        : label.with(new Sheet(20, List.of(), ProtectionClaim.BUILT_IN, false, false));
  }

  /** The same battery, warming itself before it is charged. */
  public static Label heated(Label label) {
    Sheet said = label.sheet();
    return label.with(
        new Sheet(
            said.capacityHours(),
            said.discharges(),
            said.protection(),
            true,
            said.coldTestStated()));
  }

  /** The same battery, its sheet stating the cold test of its rating. */
  public static Label coldTested(Label label) {
    Sheet said = label.sheet();
    return label.with(
        new Sheet(said.capacityHours(), said.discharges(), said.protection(), said.heated(), true));
  }

  /** Four candidates of four chemistries and an old battery. */
  public static List<Candidate> lineUp() {
    return List.of(
        new Candidate("0", label("flooded", 640, 70, 110, 17.2, 0), 7),
        new Candidate("A", label("flooded", 640, 70, 112, 17.0, 96), 0),
        new Candidate("B", label("efb", 680, 70, 116, 18.2, 124), 0),
        new Candidate("C", label("agm", 760, 70, 125, 20.5, 172), 0),
        new Candidate("D", heated(label("lfp", 650, 40, 95, 6.4, 420)), 0));
  }

  /** An engine of its class drawn within what is uncertain of drag, starter, leads and speed. */
  public static Departure drawnDeparture(RandomGenerator random) {
    return new Departure(
        Math.exp(Spread.DRAG.sigma() * random.nextGaussian()),
        Math.exp(Spread.WINDING.sigma() * random.nextGaussian()),
        Math.exp(Spread.COUNTER_VOLTS.sigma() * random.nextGaussian()),
        Math.exp(Spread.LEADS.sigma() * random.nextGaussian()),
        Math.exp(Spread.FIRE_SPEED.sigma() * random.nextGaussian()));
  }
}
