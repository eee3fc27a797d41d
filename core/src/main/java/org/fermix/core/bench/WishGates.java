package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleSupplier;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Wishes;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.permission.Property;

/**
 * The owner’s wishes and schools as gates. A wish that is only liked never refuses a battery; what
 * is not known of it stays unknown.
 */
final class WishGates {
  /** Years on the market after which a type counts as proven; engineering judgement. */
  private static final int PROVEN_YEARS = 5;

  private static final Set<Finding.Code> CHANGES =
      Set.of(
          Finding.Code.WANTS_ADAPTER,
          Finding.Code.WANTS_SPACER,
          Finding.Code.GOES_IN_TURNED,
          Finding.Code.GOES_IN_ACROSS,
          Finding.Code.GOES_IN_LYING,
          Finding.Code.VOLTS_TOO_LOW,
          Finding.Code.VOLTS_PARTLY,
          Finding.Code.VOLTS_TOO_HIGH,
          Finding.Code.LOCKED_IN_COLD);

  private WishGates() {}

  /** Of one label, after its other gates. */
  static List<GateResult> of(Need need, Policy policy, Label label, List<GateResult> others) {
    List<GateResult> gates = new ArrayList<>();
    schools(need, policy.schools(), label).ifPresent(gates::add);
    Wishes wishes = need.wishes();
    wishes
        .of(Wishes.Wish.BUDGET)
        .filter(level -> wishes.budget().isPresent())
        .ifPresent(level -> gates.add(budget(wishes.budget().orElseThrow().value(), level, label)));
    wishes.of(Wishes.Wish.SELF_RESCUE).ifPresent(level -> gates.add(rescue(level, label)));
    wishes
        .of(Wishes.Wish.IN_STOCK)
        .ifPresent(
            level ->
                gates.add(
                    label
                        .dataSheet()
                        .has(Property.IN_STOCK)
                        .map(
                            yes ->
                                wish(
                                    Gate.IN_STOCK,
                                    level,
                                    yes,
                                    yes ? Finding.Code.IN_STOCK : Finding.Code.NOT_IN_STOCK))
                        .orElseGet(() -> unknown(Gate.IN_STOCK, Finding.Code.STOCK_NOT_STATED))));
    wishes
        .of(Wishes.Wish.PROVEN)
        .ifPresent(level -> gates.add(proven(wishes.year(), level, label)));
    wishes.of(Wishes.Wish.NO_CHANGES).ifPresent(level -> gates.add(unchanged(level, others)));
    return gates;
  }

  /** Whether it is expected to last as long as it is wanted to. */
  static Optional<GateResult> lasting(Need need, DoubleSupplier lastsYears) {
    double kept = need.use().yearsKept().value();
    return need.wishes()
        .of(Wishes.Wish.LASTS)
        .map(
            level -> {
              double years = lastsYears.getAsDouble();
              return new GateResult(
                  Gate.LASTS,
                  mark(level, years >= kept),
                  List.of(new Finding(Finding.Code.EXPECTED_LIFE, years, kept)));
            });
  }

  private static GateResult budget(double most, Wishes.Level level, Label label) {
    return label.hasPrice()
        ? budget(most, level, label.price().value())
        : GateResult.of(Gate.BUDGET, Mark.UNKNOWN, Finding.Code.PRICE_NOT_KNOWN, 0, most);
  }

  static GateResult budget(double most, Wishes.Level level, double price) {
    return GateResult.of(
        Gate.BUDGET,
        mark(level, price <= most),
        price <= most ? Finding.Code.WITHIN_BUDGET : Finding.Code.OVER_BUDGET,
        price,
        most);
  }

  /** Lead warns and takes a boost from anything; others need a start kept back of their own. */
  private static GateResult rescue(Wishes.Level level, Label label) {
    if (label.sheet().protection().reservePercent().isPresent()) {
      return wish(Gate.SELF_RESCUE, level, true, Finding.Code.KEEPS_A_START);
    }
    return label.chemistry().isLead()
        ? wish(Gate.SELF_RESCUE, level, true, Finding.Code.TAKES_A_BOOST)
        : wish(Gate.SELF_RESCUE, level, false, Finding.Code.NO_RESCUE);
  }

  private static GateResult proven(int year, Wishes.Level level, Label label) {
    DataSheet sheet = label.sheet().lines();
    Optional<Double> since = sheet.number(Property.SOLD_SINCE);
    if (since.isPresent()) {
      boolean proven = since.get() <= year - PROVEN_YEARS;
      return new GateResult(
          Gate.PROVEN,
          mark(level, proven),
          List.of(new Finding(Finding.Code.SOLD_SINCE, since.get(), (double) year - PROVEN_YEARS)));
    }
    return label.chemistry().isLead()
        ? wish(Gate.PROVEN, level, true, Finding.Code.PROVEN_KIND)
        : unknown(Gate.PROVEN, Finding.Code.SOLD_SINCE_NOT_STATED);
  }

  private static GateResult unchanged(Wishes.Level level, List<GateResult> others) {
    List<Finding> changes =
        others.stream()
            .flatMap(gate -> gate.findings().stream())
            .filter(finding -> CHANGES.contains(finding.code()))
            .toList();
    return changes.isEmpty()
        ? wish(Gate.NO_CHANGES, level, true, Finding.Code.NOTHING_TO_CHANGE)
        : new GateResult(Gate.NO_CHANGES, mark(level, false), changes);
  }

  /** What the owner’s schools refuse; empty where they say nothing of it. */
  private static Optional<GateResult> schools(Need need, Schools schools, Label label) {
    if (label.chemistry().isLead()) {
      return Optional.empty();
    }
    double volts = need.regulatedVolts().value() / need.engine().series();
    if (schools.cranking() == Schools.Cranking.NEVER && need.engine().turns()) {
      return Optional.of(school(Finding.Code.SCHOOL_BARS_CRANKING, 0, 0));
    }
    if (schools.alternator() == Schools.Alternator.BARRED
        && !need.charging().isStator(need.engine().engineClass().traits().hasStator())) {
      return Optional.of(school(Finding.Code.SCHOOL_BARS_ALTERNATOR, 0, 0));
    }
    return schools.leastLithiumVolts() > Schools.CHARGES_FROM && volts < schools.leastLithiumVolts()
        ? Optional.of(
            school(
                Finding.Code.SCHOOL_WANTS_VOLTS,
                need.regulatedVolts().value(),
                schools.leastLithiumVolts() * need.engine().series()))
        : Optional.empty();
  }

  private static GateResult school(Finding.Code code, double found, double needed) {
    return GateResult.of(Gate.SCHOOL, Mark.FAILS, code, found, needed);
  }

  static GateResult wish(Gate gate, Wishes.Level level, boolean met, Finding.Code code) {
    return GateResult.of(gate, mark(level, met), code, 0, 0);
  }

  private static GateResult unknown(Gate gate, Finding.Code code) {
    return GateResult.of(gate, Mark.UNKNOWN, code, 0, 0);
  }

  private static Mark mark(Wishes.Level level, boolean met) {
    if (met) {
      return Mark.CLEARS;
    }
    return level == Wishes.Level.MUST ? Mark.FAILS : Mark.CLOSE;
  }
}
