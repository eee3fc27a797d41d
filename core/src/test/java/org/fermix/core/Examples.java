package org.fermix.core;

import java.util.List;
import java.util.Optional;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Oil;
import org.fermix.core.machine.Tray;
import org.fermix.core.machine.Use;
import org.fermix.core.quantity.Given;
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
        Optional.of(new Tray(new CaseSize(278, 175, 190), TerminalSide.RIGHT)),
        new Climate(
            Given.typed(coldestC, Unit.CELSIUS),
            Given.typed(Math.min(25, coldestC + 10), Unit.CELSIUS),
            Given.assumed(22, Unit.CELSIUS, "example")),
        new Use(
            Given.typed(layUpDays, Unit.DAY),
            Given.typed(18, Unit.MILLIAMPERE),
            Given.typed(6, Unit.AMPERE),
            Given.typed(2, Unit.HOUR),
            Given.assumed(2, Unit.COUNT, "example"),
            Given.typed(8, Unit.YEAR)),
        Given.typed(volts, Unit.VOLT));
  }

  /** A label with every figure printed. */
  public static Label label(
      String chemistry, double cca, double ah, double reserveMinutes, double kg, double price) {
    return new Label(
        "Example " + chemistry,
        Chemistry.of(chemistry),
        CrankingRating.cca(cca),
        Optional.of(Given.label(ah, Unit.AMPERE_HOUR)),
        Optional.of(Given.label(reserveMinutes, Unit.MINUTE)),
        Optional.of(Given.label(kg, Unit.KILOGRAM)),
        new CaseSize(278, 175, 190),
        TerminalSide.RIGHT,
        Given.typed(price, Unit.MONEY));
  }

  /** Four candidates of four chemistries and an old battery. */
  public static List<Candidate> lineUp() {
    return List.of(
        new Candidate("0", label("flooded", 640, 70, 110, 17.2, 0), 7),
        new Candidate("A", label("flooded", 640, 70, 112, 17.0, 96), 0),
        new Candidate("B", label("efb", 680, 70, 116, 18.2, 124), 0),
        new Candidate("C", label("agm", 760, 70, 125, 20.5, 172), 0),
        new Candidate("D", label("lfp", 650, 40, 95, 6.4, 420), 0));
  }
}
