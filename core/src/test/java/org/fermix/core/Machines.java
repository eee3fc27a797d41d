package org.fermix.core;

import java.util.List;
import java.util.Optional;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.label.Build;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Oil;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Table;
import org.fermix.core.quantity.Unit;

/** The usual machines of {@code reference/machines.csv}, each with its usual battery. */
public final class Machines {
  private Machines() {}

  /** One machine and its battery. */
  public record Machine(Table.Row row, Engine engine, BatteryCircuit battery) {
    /** What it is called. */
    public String id() {
      return row.text("id");
    }

    /** A figure of its row. */
    public double number(String column) {
      return row.number(column);
    }

    /**
     * The same case filled with another chemistry of so many ampere-hours and true amps for each.
     */
    public BatteryCircuit battery(String chemistry, double ampHourShare, double ampsPerAmpHour) {
      double ah = ampHourShare * number("ah");
      Chemistry other = Chemistry.of(chemistry);
      return BatteryCircuit.calibrated(
          other,
          engine.series(),
          ah,
          ah * engine.series() / other.typicalLabel().ampHoursPerKg(),
          CrankingRating.cca(ah * ampsPerAmpHour));
    }

    /** A label for it, mass as usual for the chemistry. */
    public Label label(String chemistry, double ampHours, double cca) {
      Chemistry of = Chemistry.of(chemistry);
      return new Label(
          id() + " " + chemistry,
          of,
          CrankingRating.cca(cca),
          Optional.of(Given.label(ampHours, Unit.AMPERE_HOUR)),
          Optional.empty(),
          Optional.of(
              Given.label(
                  of.isLead()
                      ? number("kg")
                      : ampHours * engine.series() / of.typicalLabel().ampHoursPerKg(),
                  Unit.KILOGRAM)),
          new CaseSize(200, 150, 150),
          TerminalSide.RIGHT,
          Given.typed(100, Unit.MONEY),
          new Build(engine.nominalVolts(), Optional.empty()));
    }

    @Override
    public String toString() {
      return id();
    }
  }

  /** All of them, in file order. */
  public static List<Machine> all() {
    return Table.read(Machines.class, "/reference/machines.csv").rows().stream()
        .map(Machines::of)
        .toList();
  }

  private static Machine of(Table.Row row) {
    Engine engine =
        Engine.usual(
            EngineClass.find(row.text("class")).orElseThrow(),
            Given.typed(row.number("litres"), Unit.LITRE),
            (int) row.number("cylinders"),
            Oil.find(row.text("oil")).orElseThrow(),
            (int) row.number("volts"));
    return new Machine(
        row,
        engine,
        BatteryCircuit.calibrated(
            Chemistry.of(row.text("chemistry")),
            engine.series(),
            row.number("ah"),
            row.number("kg"),
            CrankingRating.cca(row.number("cca"))));
  }
}
