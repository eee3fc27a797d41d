package org.fermix.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.casing.CaseCode;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.Sheet;
import org.fermix.core.machine.BatteryPlace;
import org.fermix.core.machine.Charging;
import org.fermix.core.machine.Climate;
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
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;

/** Invented questions to measure with. */
final class Questions {
  private Questions() {}

  static List<Candidate> candidates() {
    String[] chemistries = {"flooded", "efb", "agm", "lfp"};
    List<Candidate> candidates = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      String chemistry = chemistries[i % 4];
      double ampHours = chemistry.equals("lfp") ? 36 + i : 60 + 2 * i;
      candidates.add(
          new Candidate(
              String.valueOf((char) ('A' + i)),
              sound(
                  "Example " + i,
                  Chemistry.of(chemistry),
                  CrankingRating.cca(560 + 25 * i),
                  Optional.of(Given.label(ampHours, Unit.AMPERE_HOUR)),
                  Optional.of(Given.label(95 + 4 * i, Unit.MINUTE)),
                  Optional.of(Given.label(15 + i, Unit.KILOGRAM)),
                  new CaseSize(278, 175, 190),
                  TerminalSide.RIGHT,
                  Given.typed(90 + 30 * i, Unit.MONEY)),
              0));
    }
    return candidates;
  }

  /** Lithium says that it is protected, else a gate keeps it out and nothing is measured. */
  private static Label sound(
      String name,
      Chemistry chemistry,
      CrankingRating rating,
      Optional<Given> ampHours,
      Optional<Given> reserve,
      Optional<Given> mass,
      CaseSize size,
      TerminalSide side,
      Given price) {
    Label label = new Label(name, chemistry, rating, ampHours, reserve, mass, size, side, price);
    return chemistry.protection().isPresent()
        ? label.with(new Sheet(20, List.of(), ProtectionClaim.BUILT_IN, false, false))
        : label;
  }

  /** Refuses to measure what was kept out by a gate: an answer about nothing is quick. */
  static Bench asked(Bench bench) {
    Decision decision = Decision.of(bench, Conditions.of(bench.need()), Weights.USUAL);
    if (!decision.refused().isEmpty()) {
      throw new IllegalStateException("kept out by a gate: " + decision.refused());
    }
    return bench;
  }

  static Need need() {
    return new Need(
        Engine.usual(
            EngineClass.find("diesel-car").orElseThrow(),
            Given.typed(1.9, Unit.LITRE),
            4,
            Oil.find("5W-30").orElseThrow()),
        new MakersMinimum(Given.maker(520, Unit.AMPERE), Optional.empty()),
        Optional.of(new Tray(new CaseSize(278, 175, 195), TerminalSide.RIGHT)),
        BatteryPlace.find("bay").orElseThrow(),
        new Climate(
            Given.typed(-16, Unit.CELSIUS),
            Given.typed(-6, Unit.CELSIUS),
            Given.typed(18, Unit.CELSIUS),
            Given.typed(1, Unit.COUNT)),
        new Use(
            new LongestLayUp(
                Given.typed(28, Unit.DAY),
                Given.typed(1, Unit.COUNT),
                LayUpPlace.find("outdoors").orElseThrow(),
                Stand.CONNECTED),
            Given.typed(18, Unit.MILLIAMPERE),
            Given.typed(6, Unit.AMPERE),
            Given.typed(2, Unit.HOUR),
            new Driving(Given.typed(2, Unit.COUNT), Given.typed(20, Unit.MINUTE)),
            Given.typed(8, Unit.YEAR),
            Optional.empty()),
        new Charging(
            Given.typed(14.2, Unit.VOLT),
            Given.typed(50, Unit.AMPERE),
            Given.typed(20, Unit.AMPERE),
            Given.typed(0.2, Unit.SHARE)));
  }

  /**
   * An invented catalogue: every case code in every chemistry, figures scattered within what is
   * usual for them.
   */
  static List<Label> catalogue(int count) {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(17);
    List<Chemistry> chemistries = Chemistry.all();
    List<CaseCode> codes = CaseCode.all();
    List<Label> labels = new ArrayList<>(count);
    for (int i = 0; i < count; i++) {
      Chemistry chemistry = chemistries.get(i % chemistries.size());
      CaseCode code = codes.get(i / chemistries.size() % codes.size());
      double massKg =
          code.size().litres() * (chemistry.isLead() ? 2.0 : 0.9) * random.nextDouble(0.9, 1.1);
      double ampHours =
          Math.max(
              1, massKg * chemistry.typicalLabel().ampHoursPerKg() * random.nextDouble(0.9, 1.1));
      double low = 0.5 * chemistry.typicalLabel().ccaPerAmpHour();
      double high = 1.5 * chemistry.typicalLabel().ccaPerAmpHour();
      double amps = ampHours * random.nextDouble(low + 0.3 * (high - low), high);
      labels.add(
          new Label(
              "Invented " + code.code() + " " + i,
              chemistry,
              CrankingRating.cca(Math.min(3000, amps)),
              Optional.of(Given.label(Math.min(1000, ampHours), Unit.AMPERE_HOUR)),
              Optional.empty(),
              Optional.of(Given.label(Math.min(200, massKg), Unit.KILOGRAM)),
              code.size(),
              code.positiveSide().orElse(TerminalSide.RIGHT),
              Given.typed(40 + 3 * ampHours, Unit.MONEY)));
    }
    return labels;
  }

  /** The same with cases and ratings that all fit the need. */
  static List<Label> allPassing(int count) {
    List<Label> labels = new ArrayList<>(count);
    for (int i = 0; i < count; i++) {
      Chemistry chemistry = Chemistry.of(i % 2 == 0 ? "agm" : "efb");
      labels.add(
          new Label(
              "Passing " + i,
              chemistry,
              CrankingRating.cca(600 + i % 250),
              Optional.of(Given.label(60 + i % 21, Unit.AMPERE_HOUR)),
              Optional.empty(),
              Optional.of(Given.label(17 + i % 7, Unit.KILOGRAM)),
              new CaseSize(270 + i % 8, 175, 190),
              TerminalSide.RIGHT,
              Given.typed(100 + i % 150, Unit.MONEY)));
    }
    return labels;
  }
}
