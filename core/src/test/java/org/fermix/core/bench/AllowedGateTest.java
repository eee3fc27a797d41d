package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.permission.Approval;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.permission.Permission;
import org.fermix.core.permission.Requirement;
import org.junit.jupiter.api.Test;

/** What is allowed, by invented documents; the rules are common practice, no source. */
class AllowedGateTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);
  private static final Label PACK = Examples.label("lfp", 650, 60, 95, 6.4, 420);
  private static final Need NEED =
      Examples.need(Examples.engine("petrol-car", 1.6, 4, "5W-30"), -12, 21, 14.3);

  private static Need allowing(boolean exclusive, Optional<LocalDate> verified, String... items) {
    return NEED.allowing(
        new Permission(
            Optional.empty(),
            List.of(
                new Approval(
                    "Bulletin 7",
                    "family X",
                    "",
                    "",
                    "2",
                    Optional.empty(),
                    verified,
                    Approval.Issuer.ENGINE_MAKER,
                    Approval.Scope.NOT_LEAD,
                    exclusive,
                    List.of(items).stream().map(Requirement::read).toList())),
            TODAY));
  }

  private static Label stating(String... lines) {
    return PACK.with(
        PACK.sheet()
            .stating(
                new DataSheet(
                    List.of(lines).stream()
                        .map(each -> each.indexOf(':') < 0 ? each + ":yes" : each)
                        .map(
                            each ->
                                new DataSheet.Line(
                                    each.substring(0, each.indexOf(':')),
                                    each.substring(each.indexOf(':') + 1)))
                        .toList())));
  }

  private static Optional<GateResult> gate(Need need, Label label) {
    return Bench.gates(need, label).stream()
        .filter(each -> each.gate() == Gate.APPROVED)
        .findFirst();
  }

  @Test
  void nobodyAsksAndNobodyBars() {
    assertThat(gate(NEED, PACK)).isEmpty();
  }

  @Test
  void notStatedIsNeitherYesNorNo() {
    Need need = allowing(true, Optional.of(TODAY), "LiFePO4", "heater");
    GateResult open = gate(need, PACK).orElseThrow();
    assertThat(open.mark()).isEqualTo(Mark.UNKNOWN);
    assertThat(open.findings().get(0).code()).isEqualTo(Finding.Code.APPROVAL_NOT_STATED);
    assertThat(open.findings().get(0).named()).isEqualTo("heater");
    assertThat(gate(need, stating("heater")).orElseThrow().mark()).isEqualTo(Mark.CLEARS);
    assertThat(gate(need, stating("heater:no")).orElseThrow().mark()).isEqualTo(Mark.FAILS);
  }

  @Test
  void leadIsNotAskedByAListOfLithium() {
    GateResult lead =
        gate(
                allowing(true, Optional.of(TODAY), "heater"),
                Examples.label("flooded", 640, 70, 112, 17.0, 96))
            .orElseThrow();
    assertThat(lead.mark()).isEqualTo(Mark.CLEARS);
    assertThat(lead.findings().get(0).code()).isEqualTo(Finding.Code.APPROVAL_NOT_ASKED);
  }

  @Test
  void evaluatedIsNotTheOnlyOne() {
    GateResult result =
        gate(allowing(false, Optional.of(TODAY), "heater"), stating("heater:no")).orElseThrow();
    assertThat(result.mark()).isEqualTo(Mark.UNKNOWN);
    assertThat(result.findings().get(0).code()).isEqualTo(Finding.Code.NOT_EVALUATED);
  }

  @Test
  void anOldDocumentIsToBeLookedUpAgain() {
    assertThat(gate(allowing(true, Optional.empty(), "LiFePO4"), PACK).orElseThrow().mark())
        .isEqualTo(Mark.CLOSE);
  }

  /** A printed rating that is not believed does not pass a list either. */
  @Test
  void aDoubtedRatingSettlesNoItem() {
    Label flattering =
        new Label(
            PACK.name(),
            PACK.chemistry(),
            org.fermix.core.label.CrankingRating.cca(2900),
            PACK.capacityAh(),
            PACK.reserveMinutes(),
            PACK.massKg(),
            PACK.size(),
            PACK.positiveSide(),
            PACK.price(),
            PACK.build(),
            PACK.sheet());
    GateResult result =
        gate(allowing(true, Optional.of(TODAY), "CCA at least 2500"), flattering).orElseThrow();
    assertThat(result.findings().get(0).code()).isEqualTo(Finding.Code.APPROVAL_UNCLEAR);
  }

  @Test
  void itsOwnMakerMayBarIt() {
    assertThat(gate(NEED, stating("use in cars:no")).orElseThrow().mark()).isEqualTo(Mark.FAILS);
    assertThat(gate(NEED, stating("use on boats:no"))).isEmpty();
    assertThat(gate(NEED, stating("engine starting:no")).orElseThrow().findings().get(0).code())
        .isEqualTo(Finding.Code.BARRED_FROM_CRANKING);
    assertThat(gate(NEED, stating("alternator charging:not allowed")).orElseThrow().mark())
        .isEqualTo(Mark.FAILS);
  }

  @Test
  void limitsItsMakerStatesGoBeforeWhatIsUsual() {
    GateResult cold =
        Bench.gates(NEED, stating("operating temperature:0 to 60 °C")).stream()
            .filter(each -> each.gate() == Gate.LIMITS)
            .findFirst()
            .orElseThrow();
    assertThat(cold.mark()).isEqualTo(Mark.FAILS);
    assertThat(cold.findings()).extracting(Finding::code).contains(Finding.Code.BELOW_STATED_COLD);
  }

  /**
   * Some makers allow a stator where they bar an alternator: whether it is meant has to be asked.
   */
  @Test
  void whatChargesDecidesWhetherABarIsCertain() {
    Label barred = stating("alternator charging:not allowed");
    Need byStator =
        NEED.charged(
            new org.fermix.core.machine.Charging(
                NEED.regulatedVolts(),
                NEED.charging().spareAmps(),
                NEED.charging().idleAmps(),
                NEED.charging().idleShare(),
                Optional.of(org.fermix.core.machine.Charging.Source.STATOR)));
    assertThat(gate(NEED, barred).orElseThrow().mark()).isEqualTo(Mark.FAILS);
    assertThat(gate(byStator, barred).orElseThrow().mark()).isEqualTo(Mark.UNKNOWN);
  }
}
