package org.fermix.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Finding;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.Mark;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Refill;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;

/**
 * Something to buy or to have done with a battery, or said to be none needed. Common practice, no
 * source; what it costs its owner types.
 *
 * @param value millimetres of a spacer, volts of a regulator, number of the owned charger that
 *     serves (from 0); 0 where there is none
 * @param hours the owned charger takes from half to nearly full, of several batteries the one that
 *     takes longest (h); empty where none serves
 * @param charger the one wanted, where one is
 */
public record Extra(
    Kind kind, State state, double value, OptionalDouble hours, Optional<ChargerSpec> charger) {
  /** What it is, in the order of a bill. */
  public enum Kind {
    CHARGER,
    /** The machine's charging, set right. */
    REGULATOR,
    /** Takes up the surge where a protection opens while the alternator charges. */
    SURGE_PROTECTOR,
    ADAPTER,
    SPACER,
    /** A hose that leads gas out of a closed place. */
    VENT,
    /** A car that watches its battery is told of the new one. */
    REGISTRATION,
    /** Labour, where a workshop fits it instead of its owner. */
    LABOUR,
    /** Work that the law leaves to a licensed mechanic. */
    MECHANIC,
    /** The old one taken back; its deposit. */
    OLD_ONE_BACK
  }

  /** Whether it is wanted. */
  public enum State {
    NEEDED,
    /** Depends on what is not known here: ask. */
    ASK,
    /** It does without, and is better off with it. */
    WORTH_HAVING,
    /** Owned already. */
    OWNED,
    NONE
  }

  /**
   * What goes with a candidate.
   *
   * @param owned chargers for this system, in the owner's order
   * @param chargingFaulty true where the check has found the machine's charging at fault
   */
  public static List<Extra> of(
      Need need, CandidateAnswer candidate, List<ChargeSource> owned, boolean chargingFaulty) {
    Label label = candidate.candidate().label();
    List<Extra> extras = new ArrayList<>();
    extras.add(charger(need, candidate, owned));
    extras.add(regulator(need, candidate, label, chargingFaulty));
    extras.add(surge(need, label));
    extras.add(found(candidate, Kind.ADAPTER, Finding.Code.WANTS_ADAPTER));
    extras.add(found(candidate, Kind.SPACER, Finding.Code.WANTS_SPACER));
    boolean gasesInside =
        need.place().enclosed()
            && candidate.candidate().labels().stream().anyMatch(each -> each.chemistry().isLead());
    extras.add(plain(Kind.VENT, gasesInside ? State.NEEDED : State.NONE));
    boolean mechanic = need.engine().engineClass().traits().needsApproval();
    boolean watched = need.engine().engineClass().traits().watchesBattery();
    extras.add(plain(Kind.REGISTRATION, watched ? State.ASK : State.NONE));
    extras.add(plain(Kind.LABOUR, mechanic ? State.NONE : State.ASK));
    extras.add(plain(Kind.MECHANIC, mechanic ? State.NEEDED : State.NONE));
    extras.add(plain(Kind.OLD_ONE_BACK, label.chemistry().isLead() ? State.ASK : State.NONE));
    return List.copyOf(extras);
  }

  private static Extra valued(Kind kind, State state, double value) {
    return new Extra(kind, state, value, OptionalDouble.empty(), Optional.empty());
  }

  private static Extra plain(Kind kind, State state) {
    return valued(kind, state, 0);
  }

  /**
   * One serves where it fills each battery of the candidate and harms none. Needed where it would
   * not stand the lay-up or the engine does not fill it; else worth having.
   */
  private static Extra charger(Need need, CandidateAnswer candidate, List<ChargeSource> owned) {
    int quickest = -1;
    double hours = Double.POSITIVE_INFINITY;
    for (int i = 0; i < owned.size(); i++) {
      double takes =
          Refill.of(need, candidate.candidate(), owned.get(i))
              .hours()
              .orElse(Double.POSITIVE_INFINITY);
      if (takes < hours) {
        quickest = i;
        hours = takes;
      }
    }
    if (quickest >= 0) {
      return new Extra(
          Kind.CHARGER, State.OWNED, quickest, OptionalDouble.of(hours), Optional.empty());
    }
    boolean stands =
        candidate.figure(Outcome.PARKED_DAYS).value() >= need.use().layUp().days().value();
    boolean fills =
        candidate.gates().stream()
            .anyMatch(gate -> gate.gate() == Gate.CHARGED && gate.mark() == Mark.CLEARS);
    return new Extra(
        Kind.CHARGER,
        stands && fills ? State.WORTH_HAVING : State.NEEDED,
        0,
        OptionalDouble.empty(),
        Optional.of(ChargerSpec.of(need, candidate.candidate().labels())));
  }

  /** The engine's charging does not fill it, or harms it. */
  private static Extra regulator(
      Need need, CandidateAnswer candidate, Label label, boolean faulty) {
    boolean right =
        !faulty
            && candidate.gates().stream()
                .filter(gate -> gate.gate() == Gate.CHARGED)
                .flatMap(gate -> gate.findings().stream())
                .noneMatch(
                    finding ->
                        finding.code() == Finding.Code.VOLTS_TOO_HIGH
                            || finding.code() == Finding.Code.VOLTS_TOO_LOW);
    return right
        ? plain(Kind.REGULATOR, State.NONE)
        : valued(
            Kind.REGULATOR,
            State.NEEDED,
            need.engine().series() * label.chemistry().charging().absorptionLowVolts());
  }

  /**
   * Where a protection may open while an alternator charges, its field collapses into the wiring.
   */
  private static Extra surge(Need need, Label label) {
    boolean alternator =
        !need.charging().isStator(need.engine().engineClass().traits().hasStator());
    return plain(
        Kind.SURGE_PROTECTOR,
        label.chemistry().protection().isPresent() && alternator && need.engine().turns()
            ? State.ASK
            : State.NONE);
  }

  private static Extra found(CandidateAnswer candidate, Kind kind, Finding.Code code) {
    return candidate.gates().stream()
        .filter(gate -> gate.gate() == Gate.FITS && gate.mark() != Mark.FAILS)
        .flatMap(gate -> gate.findings().stream())
        .filter(finding -> finding.code() == code)
        .findFirst()
        .map(finding -> valued(kind, State.NEEDED, Math.max(finding.found(), finding.needed())))
        .orElse(plain(kind, State.NONE));
  }
}
