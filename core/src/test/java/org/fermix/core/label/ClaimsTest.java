package org.fermix.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.Mark;
import org.fermix.core.chemistry.Plausibility;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.machine.Need;
import org.fermix.core.permission.CycleClaim;
import org.fermix.core.permission.DataSheet;
import org.junit.jupiter.api.Test;

/** What a label claims beyond its figures; common practice, no source. */
class ClaimsTest {
  private static Label stating(Label label, String words, String value) {
    return label.with(
        label.sheet().stating(new DataSheet(List.of(new DataSheet.Line(words, value)))));
  }

  private static boolean has(Label label, LabelAudit.Code code) {
    return LabelAudit.of(label).findings().stream().anyMatch(flaw -> flaw.code() == code);
  }

  /** 60 Ah of about 13 V in 8 kg are some 99 Wh/kg; 165 is what its cells have. */
  @Test
  void cellFiguresQuotedForPacksAreRemarked() {
    Label pack = Examples.label("lfp", 600, 60, 100, 8, 500);
    assertThat(
            has(stating(pack, "Energy density", "165 Wh/kg"), LabelAudit.Code.CELL_ENERGY_FOR_MASS))
        .isTrue();
    assertThat(
            has(stating(pack, "Energy density", "100 Wh/kg"), LabelAudit.Code.CELL_ENERGY_FOR_MASS))
        .isFalse();
    // 9.24 litres: some 86 Wh/l.
    assertThat(has(stating(pack, "Wh/l", "300"), LabelAudit.Code.CELL_ENERGY_FOR_SIZE)).isTrue();
  }

  @Test
  void sealedFloodedCannotBeToppedUp() {
    Label wet = Examples.label("flooded", 640, 70, 112, 17, 96);
    assertThat(has(stating(wet, "Maintenance-free", "yes"), LabelAudit.Code.CANNOT_BE_TOPPED_UP))
        .isTrue();
    assertThat(
            has(
                stating(Examples.label("agm", 760, 70, 124, 20, 170), "Maintenance-free", "yes"),
                LabelAudit.Code.CANNOT_BE_TOPPED_UP))
        .isFalse();
  }

  /** A starting battery's figures on one that says it is made for cycles are asked about. */
  @Test
  void theAuditFollowsWhatALabelSaysItIsFor() {
    Label wet = Examples.label("flooded", 640, 70, 112, 17, 96);
    Label deep = purposed(wet, Purpose.DEEP_CYCLE);
    assertThat(LabelAudit.kind(wet)).isEqualTo(Plausibility.Kind.STARTING);
    assertThat(LabelAudit.kind(deep)).isEqualTo(Plausibility.Kind.DEEP_CYCLE);
    assertThat(has(deep, LabelAudit.Code.CRANKING_ON_DEEP_CYCLE)).isTrue();
    assertThat(has(purposed(wet, Purpose.DUAL), LabelAudit.Code.CRANKING_ON_DEEP_CYCLE)).isFalse();
  }

  private static Label purposed(Label label, Purpose purpose) {
    return built(label, new Build(12, Optional.empty(), Optional.of(purpose), Word.PRINTED));
  }

  /** As data sheets write them; with the thousands set apart in any of the usual ways. */
  @Test
  void cyclesAreReadWithTheirDepth() {
    for (String value :
        List.of(
            "2000 at 80 % depth", "2,000 cycles @ 80% DoD", "2.000 at 80%", "2 000+ (80 % DOD)")) {
      CycleClaim claim = CycleClaim.read(value).orElseThrow(() -> new AssertionError(value));
      assertThat(claim.cycles()).as(value).isEqualTo(2000);
      assertThat(claim.depth()).as(value).contains(0.8);
    }
    assertThat(CycleClaim.read("up to 5000").orElseThrow().depth()).isEmpty();
    assertThat(CycleClaim.read("many")).isEmpty();
    assertThat(CycleClaim.read("0 at 80 %")).isEmpty();
    assertThat(CycleClaim.read("2000 at 180 %")).isEmpty();
    assertThat(CycleClaim.read("9".repeat(90))).isEmpty();
  }

  /**
   * The same figures by another's word: the same middle, more doubt, and a close one not settled.
   */
  @Test
  void aReportedFigureIsDoubtedMoreThanAPrintedOne() {
    Label printed = Examples.label("agm", 545, 70, 95, 20, 170);
    Label reported = said(printed, Word.REPORT);
    Label copied = said(printed, Word.SELLER);
    assertThat(CredibleRating.of(reported).rating()).isEqualTo(CredibleRating.of(printed).rating());
    assertThat(CredibleRating.of(reported).sigma())
        .isGreaterThan(CredibleRating.of(copied).sigma())
        .isGreaterThan(2 * CredibleRating.of(printed).sigma());
    assertThat(reported.capacitySigma()).isGreaterThan(printed.capacitySigma());
    Need need = Examples.dieselNeed();
    double asked = need.minimum().crankingAmps().value();
    Label near = Examples.label("agm", Math.rint(1.03 * asked), 70, 200, 20, 170);
    assertThat(cranking(need, near)).isIn(Mark.CLEARS, Mark.CLOSE);
    assertThat(cranking(need, said(near, Word.REPORT))).isEqualTo(Mark.UNKNOWN);
    Label far = Examples.label("agm", Math.rint(1.4 * asked), 70, 200, 20, 170);
    assertThat(cranking(need, said(far, Word.REPORT))).isEqualTo(Mark.CLEARS);
    Label small = Examples.label("agm", Math.rint(0.6 * asked), 70, 200, 20, 170);
    assertThat(cranking(need, said(small, Word.REPORT))).isEqualTo(Mark.FAILS);
  }

  private static Mark cranking(Need need, Label label) {
    return Bench.gates(need, label).stream()
        .filter(each -> each.gate() == Gate.MINIMUM_CRANKING)
        .findFirst()
        .orElseThrow()
        .mark();
  }

  private static Label said(Label label, Word word) {
    return built(label, new Build(12, Optional.empty(), Optional.empty(), word));
  }

  private static Label built(Label label, Build build) {
    return new Label(
        label.name(),
        label.chemistry(),
        label.cranking(),
        label.capacityAh(),
        label.reserveMinutes(),
        label.massKg(),
        label.size(),
        label.positiveSide(),
        label.price(),
        build,
        label.sheet());
  }
}
