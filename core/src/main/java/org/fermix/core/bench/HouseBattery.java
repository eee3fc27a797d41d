package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.fermix.core.label.Beside;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Equation;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Reach;
import org.fermix.core.quantity.Remark;
import org.fermix.core.quantity.Spread;
import org.fermix.core.quantity.Term;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.Working;
import org.fermix.core.reserve.EngineOff;

/**
 * A house battery beside the one that starts: it carries what runs with the engine off, and need
 * keep no start back.
 *
 * @param in the house battery by itself in the conditions
 * @param beside with the parts it takes
 */
record HouseBattery(InConditions in, Beside beside) {
  private static final Equation HOURS =
      new Equation(
          "engine-off",
          "z = z₀ − I·t/Q ≥ 1 − usable depth",
          "Two-well charge model of the house battery alone: the starter battery carries no load, so"
              + " no start is kept back here.",
          "steady load up to about one hour's rate");
  private static final Equation CRANK =
      new Equation(
          "spare-crank",
          "P(crank fires) of the house battery at its charge of daily use",
          "The starter model of the bench, with the house battery in place of the starter's own.",
          "leads as short as the starter battery's; its maker must allow cranking");

  /** Hours it runs the load down to the depth of its school (h). */
  double hours() {
    return in.engineOffHours(0);
  }

  /** What it adds to the cost of a year. */
  double costPerYear() {
    return BenchCandidate.ownership(in).perYear()
        + beside.partsPrice() / in.need().use().yearsKept().value();
  }

  /** Chance that it starts the engine in the starter battery's place (1). */
  double crankChance() {
    return in.starts().cold().chance(in.chargeReached());
  }

  void figures(Map<Outcome, Figure> into) {
    if (in.conditions().hasEngineOffLoad()) {
      double hours = hours();
      into.put(
          Outcome.ENGINE_OFF_HOURS,
          Figure.of(
              hours,
              Unit.HOUR,
              Band.ratio(Math.max(1e-6, hours), Spread.ENGINE_OFF.sigma()),
              hours >= EngineOff.LONGEST_HOURS ? Reach.AT_LEAST : Reach.AT,
              this::hoursWorking));
    }
    if (in.need().engine().turns()) {
      double chance = 100 * crankChance();
      into.put(
          Outcome.SPARE_START,
          Figure.of(
              chance,
              Unit.CHANCE,
              Band.exact(chance),
              () ->
                  new Working(
                      CRANK,
                      List.of(
                          Term.derived(
                              "z₀, charge of daily use", 100 * in.chargeReached(), Unit.PER_CENT),
                          new Term(
                              "temperature",
                              Given.typed(in.conditions().temperatureC(), Unit.CELSIUS))),
                      Remark.of(Remark.Code.CHANCE_BAND),
                      List.of())));
    }
  }

  private Working hoursWorking() {
    List<Term> terms = new ArrayList<>();
    terms.add(Term.derived("z₀, charge of daily use", 100 * in.chargeReached(), Unit.PER_CENT));
    terms.add(Term.derived("usable depth", 100 * in.usableDepth(), Unit.PER_CENT));
    terms.add(new Term("I, load", Given.typed(in.conditions().engineOffAmps(), Unit.AMPERE)));
    terms.add(new Term("capacity of the house battery", in.label().capacity()));
    return new Working(HOURS, terms, Remark.of(Remark.Code.ENGINE_OFF_BAND), List.of());
  }
}
