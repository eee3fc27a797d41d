package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Wishes;

/** The gates of an arrangement: those of its starter battery, and what the rest adds to them. */
final class Arranged {
  private Arranged() {}

  static List<GateResult> gates(
      Need need, Candidate candidate, List<GateResult> starter, List<List<GateResult>> others) {
    Beside beside = candidate.beside().orElseThrow();
    List<GateResult> gates = new ArrayList<>();
    for (GateResult own : starter) {
      gates.add(
          switch (own.gate()) {
            case BUDGET -> budget(need, candidate).orElse(own);
            case NO_CHANGES ->
                beside.parts().isEmpty()
                    ? own
                    : new GateResult(
                        Gate.NO_CHANGES,
                        need.wishes()
                            .of(Wishes.Wish.NO_CHANGES)
                            .filter(Wishes.Level.MUST::equals)
                            .map(must -> Mark.FAILS)
                            .orElse(Mark.CLOSE),
                        List.of(new Finding(Finding.Code.SECOND_BATTERY, 0, 0)));
            default -> worst(own, beside, others);
          });
    }
    for (int i = 0; i < others.size(); i++) {
      for (GateResult other : others.get(i)) {
        if (SecondBattery.gates(beside.others().get(i).role()).contains(other.gate())
            && of(other.gate(), gates).isEmpty()) {
          gates.add(other);
        }
      }
    }
    return List.copyOf(gates);
  }

  private static Optional<GateResult> budget(Need need, Candidate candidate) {
    Wishes wishes = need.wishes();
    return wishes
        .budget()
        .filter(most -> candidate.hasPrice())
        .flatMap(
            most ->
                wishes
                    .of(Wishes.Wish.BUDGET)
                    .map(level -> WishGates.budget(most.value(), level, candidate.price())));
  }

  private static Optional<GateResult> of(Gate gate, List<GateResult> gates) {
    return gates.stream().filter(each -> each.gate() == gate).findFirst();
  }

  private static GateResult worst(GateResult own, Beside beside, List<List<GateResult>> others) {
    GateResult worst = own;
    for (int i = 0; i < others.size(); i++) {
      if (SecondBattery.gates(beside.others().get(i).role()).contains(own.gate())) {
        GateResult before = worst;
        worst =
            of(own.gate(), others.get(i))
                .filter(each -> rank(each.mark()) > rank(before.mark()))
                .orElse(before);
      }
    }
    return worst;
  }

  private static int rank(Mark mark) {
    return switch (mark) {
      case CLEARS -> 0;
      case CLOSE -> 1;
      case UNKNOWN -> 2;
      case FAILS -> 3;
    };
  }
}
