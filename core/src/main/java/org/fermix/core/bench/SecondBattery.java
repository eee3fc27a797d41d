package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.fermix.core.charging.ChargeTime;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.label.Beside;
import org.fermix.core.machine.Need;
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
 * A battery beside the one that starts: what it carries, and whether it starts the engine in need.
 *
 * @param second with the part it plays
 * @param in it by itself in the conditions
 * @param mayCrank false where its maker, its build or the owner's school bars it from cranking
 */
record SecondBattery(Beside.Second second, InConditions in, boolean mayCrank) {
  private static final Equation HOURS =
      new Equation(
          "engine-off",
          "z = z₀ − I·t/Q ≥ 1 − usable depth",
          "Two-well charge model of that battery alone: the starter battery carries no load, so"
              + " no start is kept back here.",
          "steady load up to about one hour's rate");
  private static final Equation CRANK =
      new Equation(
          "spare-crank",
          "P(crank fires) of the other battery at its charge of daily use, after the days parked",
          "The starter model of the bench, with the other battery in place of the starter's own.",
          "leads as short as the starter battery's; its maker must allow cranking");

  /** What the machine asks of a battery with this part to play. */
  static Need need(Need need, Beside.Second second) {
    Given none = Given.typed(0, Unit.AMPERE);
    return switch (second.role()) {
      case HOUSE -> need;
      case RESERVE, SECOND_ENGINE ->
          need.used(
              need.use()
                  .drained(Given.typed(0, Unit.MILLIAMPERE))
                  .running(none, Given.typed(0, Unit.HOUR)));
      case MOTOR ->
          need.used(
              need.use()
                  .drained(Given.typed(0, Unit.MILLIAMPERE))
                  .running(
                      second.run().map(run -> Given.typed(run.amps(), Unit.AMPERE)).orElse(none),
                      Given.typed(second.run().map(Beside.Run::hours).orElse(0.0), Unit.HOUR)));
    };
  }

  /** The conditions a battery with this part to play is in. */
  static Conditions conditions(Conditions conditions, Beside.Second second) {
    return switch (second.role()) {
      case HOUSE -> conditions;
      case RESERVE, SECOND_ENGINE -> conditions.running(0, 0);
      case MOTOR ->
          conditions.running(
              second.run().map(Beside.Run::amps).orElse(0.0),
              second.run().map(Beside.Run::hours).orElse(0.0));
    };
  }

  /** Gates of its own that count for the arrangement. */
  static Set<Gate> gates(Beside.Role role) {
    return switch (role) {
      case HOUSE -> EnumSet.of(Gate.CHARGED, Gate.PROTECTION);
      case RESERVE, SECOND_ENGINE ->
          EnumSet.of(
              Gate.CHARGED,
              Gate.PROTECTION,
              Gate.LIMITS,
              Gate.MINIMUM_CRANKING,
              Gate.APPROVED,
              Gate.SCHOOL);
      case MOTOR -> EnumSet.of(Gate.PROTECTION);
    };
  }

  /** False where one of its gates bars it from cranking. */
  static boolean mayCrank(List<GateResult> gates) {
    return gates.stream()
        .flatMap(gate -> gate.findings().stream())
        .map(Finding::code)
        .noneMatch(
            code ->
                code == Finding.Code.BARRED_FROM_CRANKING
                    || code == Finding.Code.SCHOOL_BARS_CRANKING
                    || code == Finding.Code.SELF_BUILT);
  }

  /** True where its part is to start an engine, if only in need. */
  static boolean starts(Beside.Role role) {
    return role == Beside.Role.RESERVE || role == Beside.Role.SECOND_ENGINE;
  }

  boolean carriesLoad() {
    return second.role() == Beside.Role.HOUSE;
  }

  /** Hours it runs its load down to the depth of its school (h). */
  double hours() {
    return OffLoad.of(in).floorHours();
  }

  /** Hours it drives its motor, filled ashore before (h). */
  double motorHours() {
    double amps = in.conditions().engineOffAmps();
    if (in.power().protection().filter(each -> amps > each.continuousA()).isPresent()) {
      return 0;
    }
    return Math.min(
        EngineOff.LONGEST_HOURS,
        in.power().law().factor(amps)
            * EngineOff.hours(
                in.circuit(),
                ChargeState.rested(ChargeTime.FULLEST, in.conditions().temperatureC()),
                amps,
                in.chargeLeftAlone(),
                in.policy().endVolts() * in.need().engine().series()));
  }

  /** What it costs a year, without the parts it takes. */
  double costPerYear() {
    return BenchCandidate.ownership(in).perYear();
  }

  /** True where it may start the engine in the starter battery’s place. */
  boolean startsInNeed() {
    return second.role() != Beside.Role.MOTOR && mayCrank && in.need().engine().turns();
  }

  /** Chance that it starts the engine in the starter battery’s place (1). */
  double crankChance() {
    return in.starts().cold().chance(chargeInNeed());
  }

  /** A house battery is used meanwhile; one kept for need has stood as long as the other (1). */
  private double chargeInNeed() {
    return carriesLoad() ? in.chargeReached() : in.chargeAtStart();
  }

  void figures(Map<Outcome, Figure> into) {
    if (carriesLoad() && in.conditions().hasEngineOffLoad()) {
      into.put(Outcome.ENGINE_OFF_HOURS, hours(hours(), in.chargeReached()));
    }
    if (second.role() == Beside.Role.MOTOR && in.conditions().hasEngineOffLoad()) {
      into.put(Outcome.MOTOR_HOURS, hours(motorHours(), ChargeTime.FULLEST));
    }
    if (startsInNeed()) {
      double chance = 100 * crankChance();
      Figure before = into.get(Outcome.SPARE_START);
      if (before == null || before.value() < chance) {
        into.put(Outcome.SPARE_START, inNeed(chance));
      }
    }
  }

  private Figure hours(double hours, double fromCharge) {
    return Figure.of(
        hours,
        Unit.HOUR,
        Band.ratio(Math.max(1e-6, hours), Spread.ENGINE_OFF.sigma()),
        hours >= EngineOff.LONGEST_HOURS ? Reach.AT_LEAST : Reach.AT,
        () -> hoursWorking(fromCharge));
  }

  private Figure inNeed(double chance) {
    return Figure.of(
        chance,
        Unit.CHANCE,
        Band.exact(chance),
        () ->
            new Working(
                CRANK,
                List.of(
                    Term.derived("z₀, its charge then", 100 * chargeInNeed(), Unit.PER_CENT),
                    new Term(
                        "temperature", Given.typed(in.conditions().temperatureC(), Unit.CELSIUS))),
                Remark.of(Remark.Code.CHANCE_BAND),
                List.of()));
  }

  private Working hoursWorking(double fromCharge) {
    List<Term> terms = new ArrayList<>();
    terms.add(Term.derived("z₀, charge at the beginning", 100 * fromCharge, Unit.PER_CENT));
    terms.add(Term.derived("usable depth", 100 * in.usableDepth(), Unit.PER_CENT));
    terms.add(new Term("I, load", Given.typed(in.conditions().engineOffAmps(), Unit.AMPERE)));
    terms.add(new Term("its capacity", in.label().capacity()));
    return new Working(HOURS, terms, Remark.of(Remark.Code.ENGINE_OFF_BAND), List.of());
  }
}
