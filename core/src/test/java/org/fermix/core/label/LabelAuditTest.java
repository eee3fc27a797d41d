package org.fermix.core.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plausibility;
import org.fermix.core.quantity.Band;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Labels that flatter, hour rates and date codes. */
class LabelAuditTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);

  private static List<LabelAudit.Code> codes(
      String chemistry, Plausibility.Kind kind, double cca, double ah, double rc, double kg) {
    return LabelAudit.of(Examples.label(chemistry, cca, ah, rc, kg, 100), kind).findings().stream()
        .map(LabelAudit.Flaw::code)
        .toList();
  }

  @Test
  void honestLabelsPass() {
    assertThat(codes("flooded", Plausibility.Kind.STARTING, 600, 65, 108, 17)).isEmpty();
    assertThat(codes("agm", Plausibility.Kind.STARTING, 760, 70, 125, 20.5)).isEmpty();
    assertThat(codes("lfp", Plausibility.Kind.STARTING, 500, 40, 92, 6)).isEmpty();
  }

  /**
   * Check: 4.5 kg for an honest 14 Ah; 3.7 kg for an advertised 16 is not believable (practice).
   */
  @Test
  void massStandsForActiveMaterial() {
    assertThat(codes("agm", Plausibility.Kind.POWERSPORT, 200, 12, 18, 4.5)).isEmpty();
    assertThat(codes("agm", Plausibility.Kind.POWERSPORT, 230, 16, 24, 3.7))
        .contains(LabelAudit.Code.CAPACITY_FOR_MASS);
  }

  /** Check: lithium labels run from 6 to 33 CCA an Ah; above 25 is not credible cold (practice). */
  @Test
  void lithiumLabels() {
    assertThat(codes("lfp", Plausibility.Kind.STARTING, 330, 10, 23, 1.5))
        .contains(LabelAudit.Code.WARM_PULSE);
    LabelAudit audit =
        LabelAudit.of(Examples.label("lfp", 230, 18, 40, 1.2, 100), Plausibility.Kind.STARTING);
    assertThat(audit.worst()).isEqualTo(LabelAudit.Weight.IMPOSSIBLE);
    LabelAudit.Flaw equivalent =
        audit.findings().stream()
            .filter(each -> each.code() == LabelAudit.Code.LEAD_EQUIVALENT)
            .findFirst()
            .orElseThrow();
    assertThat(equivalent.likely()).isEqualTo(new Band(18 / 4.0, 18 / 2.5));
  }

  /** More reserve than 2.4 min an Ah cannot be: 60/25 is the definition's limit. */
  @Test
  void reserveHasAHardLimit() {
    LabelAudit audit =
        LabelAudit.of(Examples.label("flooded", 600, 60, 150, 16, 90), Plausibility.Kind.STARTING);
    assertThat(audit.findings().get(0).code()).isEqualTo(LabelAudit.Code.RESERVE_FOR_CAPACITY);
    assertThat(audit.findings().get(0).weight()).isEqualTo(LabelAudit.Weight.IMPOSSIBLE);
  }

  /**
   * What a label reads like where it does not say: a small lead battery is judged as a powersport
   * one, so that 190 A on 8.6 Ah of motorcycle AGM is no alarm, the same per ampere-hour on 60 Ah
   * is. Common practice, no source.
   */
  @ParameterizedTest
  @CsvSource({
    "agm, 190, 8.6, 13, 3.4, POWERSPORT, true",
    "agm, 1330, 60, 105, 18, THIN_PLATE, false",
    "agm, 900, 60, 105, 18, THIN_PLATE, true",
    "flooded, 400, 100, 180, 27, DEEP_CYCLE, true",
    "flooded, 600, 65, 108, 17, STARTING, true",
    "gel, 350, 60, 105, 20, DEEP_CYCLE, true"
  })
  void aLabelIsJudgedAsWhatItReadsLike(
      String chemistry,
      double cca,
      double ah,
      double rc,
      double kg,
      Plausibility.Kind kind,
      boolean clean) {
    Label label = Examples.label(chemistry, cca, ah, rc, kg, 100);
    assertThat(LabelAudit.kind(label)).isEqualTo(kind);
    assertThat(LabelAudit.of(label).worst() == LabelAudit.Weight.NOTE).isEqualTo(clean);
  }

  /** Whoever saves lead may have few of everything; only more than any battery has cannot be. */
  @Test
  void fewIsUnusualAndNeverImpossible() {
    LabelAudit few =
        LabelAudit.of(Examples.label("flooded", 150, 70, 100, 40, 90), Plausibility.Kind.STARTING);
    assertThat(few.findings()).isNotEmpty();
    assertThat(few.worst()).isEqualTo(LabelAudit.Weight.UNLIKELY);
    LabelAudit light =
        LabelAudit.of(Examples.label("flooded", 600, 70, 115, 12, 90), Plausibility.Kind.STARTING);
    assertThat(light.worst()).isEqualTo(LabelAudit.Weight.IMPOSSIBLE);
  }

  /** One figure that explains two strange ratios is the one to check; of one ratio, both are. */
  @Test
  void theFigureSuspectedIsNamed() {
    // 12 kg for 70 Ah and 700 A: the mass is too small for both.
    assertThat(audit("flooded", 700, 70, 115, 12).suspect()).contains(LabelAudit.Printed.MASS);
    // 100 Ah on a 60 Ah battery: too many for its mass, too few amps and minutes for them.
    assertThat(audit("flooded", 540, 100, 95, 15).suspect()).contains(LabelAudit.Printed.CAPACITY);
    // 1000 A on 60 Ah and 15 kg: too many for either.
    assertThat(audit("flooded", 1000, 60, 100, 15).suspect()).contains(LabelAudit.Printed.CRANKING);
    assertThat(audit("flooded", 540, 60, 40, 15).suspect()).isEmpty();
  }

  private static LabelAudit audit(String chemistry, double cca, double ah, double rc, double kg) {
    return LabelAudit.of(
        Examples.label(chemistry, cca, ah, rc, kg, 100), Plausibility.Kind.STARTING);
  }

  /** 105 Ah at 100 h are under 80 at 20 h, and are judged as that: 22 kg carry them. */
  @Test
  void ampereHoursAreJudgedAtTwentyHours() {
    Label label =
        Examples.label("flooded", 640, 105, 130, 22, 100)
            .with(new Sheet(100, List.of(), ProtectionClaim.NONE, false, false));
    assertThat(LabelAudit.of(label).findings())
        .extracting(LabelAudit.Flaw::code)
        .containsExactly(LabelAudit.Code.OTHER_HOUR_RATE);
  }

  /** An aeroplane's and a mower's small batteries are no motorcycle's; common practice. */
  @ParameterizedTest
  @CsvSource({"agm, 250, 16, 26, 6.4", "agm, 400, 30, 50, 9.9", "flooded, 230, 24, 38, 7.2"})
  void smallBatteriesOfOtherBuilds(String chemistry, double cca, double ah, double rc, double kg) {
    LabelAudit audit = LabelAudit.of(Examples.label(chemistry, cca, ah, rc, kg, 100));
    assertThat(audit.worst()).as(audit.toString()).isEqualTo(LabelAudit.Weight.NOTE);
  }

  @Test
  void crankingOnADeepCycleCaseIsNoted() {
    assertThat(codes("gel", Plausibility.Kind.DEEP_CYCLE, 350, 60, 105, 20))
        .containsExactly(LabelAudit.Code.CRANKING_ON_DEEP_CYCLE);
  }

  /** Check: 16 Ah at 100 h is 13.7 at 20 h with n = 1.11 and 5.15 at 1 h with 1.48 (practice). */
  @Test
  void hourRates() {
    assertThat(HourRate.exponent(16, 100, 13.7, 20)).isCloseTo(1.11, within(0.005));
    assertThat(HourRate.exponent(13.7, 20, 5.15, 1)).isCloseTo(1.48, within(0.005));
    assertThat(HourRate.restate(16, 100, 20, HourRate.exponent(16, 100, 13.7, 20)))
        .isCloseTo(13.7, within(1e-9));
    Band restated = HourRate.restate(16, 100, 20, new Band(1.05, 1.15));
    assertThat(restated.low()).isLessThan(13.7);
    assertThat(restated.high()).isGreaterThan(14);
    LabelAudit audit =
        LabelAudit.of(
            Examples.label("agm", 230, 16, 24, 6, 100)
                .with(new Sheet(100, List.of(), ProtectionClaim.NONE, false, false)),
            Plausibility.Kind.POWERSPORT);
    assertThat(audit.findings())
        .extracting(LabelAudit.Flaw::code)
        .contains(LabelAudit.Code.OTHER_HOUR_RATE);
  }

  @ParameterizedTest
  @CsvSource({
    "C6, 2026-03, LETTER_YEAR", "K25, 2025-10, LETTER_YEAR", "a4, 2024-01, LETTER_YEAR",
    "08/25, 2025-08, MONTH_YEAR", "11.2026, 2026-11, MONTH_YEAR", "2025-02, 2025-02, YEAR_MONTH",
    "26W14, 2026-03, YEAR_WEEK", "2025-W01, 2024-12, YEAR_WEEK", "20260115, 2026-01, DAY"
  })
  void dateCodes(String code, String made, DateCode.Format format) {
    DateCode.Decoded newest = DateCode.readings(code, TODAY).get(0);
    assertThat(newest.made()).isEqualTo(YearMonth.parse(made));
    assertThat(newest.format()).isEqualTo(format);
  }

  @Test
  void aDigitForTheYearComesRoundEveryTen() {
    assertThat(DateCode.readings("C6", TODAY))
        .extracting(DateCode.Decoded::made)
        .containsExactly(YearMonth.of(2026, 3), YearMonth.of(2016, 3));
    // December 2026 lies ahead, so only 2016 is left; I is no month.
    assertThat(DateCode.readings("M6", TODAY)).hasSize(1);
    assertThat(DateCode.readings("I6", TODAY)).isEmpty();
    assertThat(DateCode.readings("nonsense", TODAY)).isEmpty();
    assertThat(DateCode.readings("13/25", TODAY)).isEmpty();
  }

  /** Check: 18 to 24 months on the shelf is not new any more for lead (practice). */
  @Test
  void shelfAge() {
    assertThat(new DateCode.Decoded(YearMonth.of(2025, 2), DateCode.Format.DAY).monthsOld(TODAY))
        .isEqualTo(21);
    assertThat(DateCode.shelf(true, 21)).isEqualTo(DateCode.Shelf.STALE);
    assertThat(DateCode.shelf(true, 8)).isEqualTo(DateCode.Shelf.CHARGE_FIRST);
    assertThat(DateCode.shelf(false, 21)).isEqualTo(DateCode.Shelf.CHARGE_FIRST);
    assertThat(DateCode.shelf(true, 2)).isEqualTo(DateCode.Shelf.FRESH);
  }

  @Test
  void everyChemistryHasARowForStartingOrDeepCycle() {
    for (Chemistry chemistry : Chemistry.all()) {
      assertThat(
              Optional.of(chemistry)
                  .flatMap(each -> Plausibility.of(each, Plausibility.Kind.STARTING))
                  .or(() -> Plausibility.of(chemistry, Plausibility.Kind.DEEP_CYCLE)))
          .as(chemistry.id())
          .isPresent();
    }
  }
}
