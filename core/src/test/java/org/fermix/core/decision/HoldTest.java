package org.fermix.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.GateResult;
import org.fermix.core.bench.Mark;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.permission.Permission;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds the advice where it could hurt: unknown is never taken for good. */
class HoldTest {
  private static Need need(String kind) {
    return UsualNeed.of(Engine.usual(EngineClass.find(kind).orElseThrow())).need();
  }

  private static Need allowed(Need need, Optional<Permission.Basis> basis) {
    return need.allowing(new Permission(basis, List.of(), LocalDate.EPOCH));
  }

  private static CandidateAnswer answer(Need need, String chemistry) {
    Candidate typical = new Candidate("A", TypicalBattery.of(need, Chemistry.of(chemistry)), 0);
    return Bench.of(need, Policy.USUAL, List.of(typical))
        .answer(Conditions.of(need))
        .forSale()
        .get(0);
  }

  private static Mark approval(CandidateAnswer answer) {
    return answer.gates().stream()
        .filter(gate -> gate.gate() == Gate.APPROVED)
        .map(GateResult::mark)
        .findFirst()
        .orElseThrow();
  }

  /** S5: on a certified machine lithium without a document fails, whatever its outcomes. */
  @ParameterizedTest
  @ValueSource(strings = {"lfp", "sodium"})
  void aCertifiedAircraftTakesNothingElseWithoutADocument(String chemistry) {
    Need need = allowed(need("aircraft"), Optional.of(Permission.Basis.CERTIFIED));
    CandidateAnswer answer = answer(need, chemistry);
    assertThat(approval(answer)).isEqualTo(Mark.FAILS);
    assertThat(answer.isEligible()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"CERTIFIED, agm", "LIGHT_SPORT, lfp", "LIGHT_SPORT, agm", ", lfp", ", agm"})
  void anApprovalNobodyHasShownHolds(Permission.Basis basis, String chemistry) {
    Need need = allowed(need("aircraft"), Optional.ofNullable(basis));
    assertThat(Hold.of(need, answer(need, chemistry))).contains(Hold.APPROVAL);
  }

  @Test
  void anExperimentalAircraftIsItsBuildersToDecide() {
    Need need = allowed(need("aircraft"), Optional.of(Permission.Basis.EXPERIMENTAL));
    assertThat(Hold.of(need, answer(need, "lfp"))).doesNotContain(Hold.APPROVAL);
  }

  @ParameterizedTest
  @ValueSource(strings = {"petrol-car", "outboard", "motorcycle-single", "aircraft"})
  void aTrayNobodyMeasuredHolds(String kind) {
    Need need = need(kind);
    assertThat(Hold.of(need, answer(need, "agm"))).contains(Hold.TRAY);
  }

  /** Lead forgives any usual regulator: nothing is asked that could not matter. */
  @ParameterizedTest
  @ValueSource(strings = {"petrol-car", "diesel-car", "outboard", "motorcycle-multi"})
  void chargingIsAskedOnlyWhereItCouldFail(String kind) {
    Need need = need(kind);
    assertThat(Hold.of(need, answer(need, "agm"))).isEqualTo(Set.of(Hold.TRAY));
  }
}
