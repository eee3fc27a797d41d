package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.permission.Approval;
import org.fermix.core.permission.Checklist;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.permission.Permission;
import org.fermix.core.permission.Property;
import org.fermix.core.rating.CrankingTest;

/**
 * Whether a battery is allowed: by the documents of the machine, and by the battery’s own maker.
 * Documents stand beside each other: one that is met is enough. A list of what was evaluated bars
 * nothing that is not on it.
 */
public final class AllowedGate {
  private AllowedGate() {}

  /** The gate; empty where nobody asks and nobody bars. */
  static Optional<GateResult> of(
      Need need, Label label, Supplier<BatteryCircuit> circuit, Optional<Label> today) {
    List<Finding> bars = bars(need, label);
    if (!bars.isEmpty()) {
      boolean certain = bars.stream().anyMatch(bar -> bar.needed() > 0);
      return Optional.of(new GateResult(Gate.APPROVED, certain ? Mark.FAILS : Mark.UNKNOWN, bars));
    }
    return Stream.of(StopStartKind.of(need, label, today), byDocuments(need, label, circuit))
        .flatMap(Optional::stream)
        .max(Comparator.comparingInt(result -> rank(result.mark())));
  }

  private static Optional<GateResult> byDocuments(
      Need need, Label label, Supplier<BatteryCircuit> circuit) {
    Permission permission = need.permission();
    EngineClass.Traits traits = need.engine().engineClass().traits();
    Optional<GateResult> best = best(need, label, circuit);
    if (best.isPresent()) {
      return best;
    }
    if (traits.needsApproval()) {
      boolean builder =
          permission.basis().filter(Permission.Basis.EXPERIMENTAL::equals).isPresent();
      if (permission.basis().filter(Permission.Basis.CERTIFIED::equals).isPresent()
          && !label.chemistry().isLead()) {
        return Optional.of(
            GateResult.of(Gate.APPROVED, Mark.FAILS, Finding.Code.APPROVAL_MISSING, 0, 0));
      }
      return Optional.of(
          builder
              ? GateResult.of(Gate.APPROVED, Mark.CLOSE, Finding.Code.EXPERIMENTAL_BASIS, 0, 0)
              : GateResult.of(
                  Gate.APPROVED, Mark.UNKNOWN, Finding.Code.APPROVAL_TO_BE_SHOWN, 0, 0));
    }
    return permission.approvals().isEmpty()
        ? Optional.empty()
        : Optional.of(
            GateResult.of(Gate.APPROVED, Mark.CLEARS, Finding.Code.APPROVAL_NOT_ASKED, 0, 0));
  }

  /** Of the documents that speak of it, what the kindest says. */
  private static Optional<GateResult> best(
      Need need, Label label, Supplier<BatteryCircuit> circuit) {
    Optional<GateResult> best = Optional.empty();
    for (Approval each : need.permission().on(label.chemistry().isLead())) {
      GateResult result = by(each, checklist(each, need, label, circuit));
      if (best.isEmpty() || rank(result.mark()) < rank(best.get().mark())) {
        best = Optional.of(result);
      }
    }
    return best;
  }

  /**
   * One document’s list against one label, its amounts doubted where the label’s are.
   *
   * @param circuit of the label
   */
  static Checklist checklist(
      Approval approval, Need need, Label label, Supplier<BatteryCircuit> circuit) {
    return Checklist.of(
        approval, label.dataSheet(), need.permission().asOf(), believed(label, circuit));
  }

  /** One document’s list against one label, as every page shows it. */
  public static Checklist checklist(Approval approval, Need need, Label label) {
    return checklist(approval, need, label, () -> BatteryCircuit.of(label));
  }

  private static Function<Property, Optional<Double>> believed(
      Label label, Supplier<BatteryCircuit> circuit) {
    return property ->
        switch (property) {
          case COLD_CRANKING_AMPS -> Optional.of(amps(CrankingTest.COLD_CRANKING, label, circuit));
          case MARINE_CRANKING_AMPS ->
              Optional.of(amps(CrankingTest.MARINE_CRANKING, label, circuit));
          case CAPACITY_AH ->
              label.capacity().isAssumed()
                  ? Optional.of(label.capacity().value())
                  : Optional.empty();
          default -> Optional.empty();
        };
  }

  private static double amps(CrankingTest test, Label label, Supplier<BatteryCircuit> circuit) {
    return CredibleRating.by(test, label, CredibleRating.of(label, circuit), circuit).amps();
  }

  private static GateResult by(Approval approval, Checklist list) {
    int items = list.items().size();
    return switch (list.overall()) {
      case MEETS ->
          result(
              list.stale() ? Mark.CLOSE : Mark.CLEARS,
              list.stale() ? Finding.Code.APPROVED_LONG_AGO : Finding.Code.APPROVED,
              items,
              items,
              approval.document());
      case FAILS ->
          result(
              approval.exclusive() ? Mark.FAILS : Mark.UNKNOWN,
              approval.exclusive() ? Finding.Code.APPROVAL_FAILS : Finding.Code.NOT_EVALUATED,
              list.answered(Checklist.Answer.FAILS).size(),
              items,
              first(list, Checklist.Answer.FAILS));
      case NOT_STATED ->
          result(
              Mark.UNKNOWN,
              Finding.Code.APPROVAL_NOT_STATED,
              list.open().size(),
              items,
              first(list, Checklist.Answer.NOT_STATED));
      case UNCLEAR ->
          result(
              Mark.UNKNOWN,
              Finding.Code.APPROVAL_UNCLEAR,
              list.open().size(),
              items,
              first(list, Checklist.Answer.UNCLEAR));
    };
  }

  private static String first(Checklist list, Checklist.Answer answer) {
    return list.answered(answer).stream()
        .findFirst()
        .map(item -> item.requirement().words())
        .orElse("");
  }

  private static GateResult result(
      Mark mark, Finding.Code code, int found, int needed, String named) {
    return new GateResult(Gate.APPROVED, mark, List.of(new Finding(code, found, needed, named)));
  }

  private static int rank(Mark mark) {
    return switch (mark) {
      case CLEARS -> 0;
      case CLOSE -> 1;
      case UNKNOWN -> 2;
      case FAILS -> 3;
    };
  }

  /** What the battery’s own maker bars; needed is 1 where that is certain here. */
  private static List<Finding> bars(Need need, Label label) {
    DataSheet sheet = label.sheet().lines();
    EngineClass engine = need.engine().engineClass();
    List<Finding> bars = new ArrayList<>();
    if (isBarred(sheet, engine.traits().allowedBy())) {
      bars.add(new Finding(Finding.Code.BARRED_HERE, 0, 1));
    }
    if (need.engine().turns() && sheet.has(Property.SELF_BUILT).orElse(false)) {
      bars.add(new Finding(Finding.Code.SELF_BUILT, 0, 1));
    }
    if (need.engine().turns() && isBarred(sheet, Property.MADE_FOR_CRANKING)) {
      bars.add(new Finding(Finding.Code.BARRED_FROM_CRANKING, 0, 1));
    }
    if (isBarred(sheet, Property.ALTERNATOR_ALLOWED)) {
      // A stator with its regulator is no alternator; whether it is meant has to be asked.
      bars.add(
          new Finding(
              Finding.Code.BARRED_FROM_ALTERNATOR,
              0,
              need.charging().isStator(engine.traits().hasStator()) ? 0 : 1));
    }
    return bars;
  }

  private static boolean isBarred(DataSheet sheet, Property use) {
    return sheet.has(use).filter(allowed -> !allowed).isPresent();
  }
}
