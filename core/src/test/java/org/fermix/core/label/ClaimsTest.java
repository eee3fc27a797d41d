package org.fermix.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.chemistry.Plausibility;
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
        new Build(12, Optional.empty(), Optional.of(purpose)),
        label.sheet());
  }
}
