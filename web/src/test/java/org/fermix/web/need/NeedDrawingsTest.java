package org.fermix.web.need;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.CrankingDemand;
import org.fermix.core.bench.Policy;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Ranked;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Tray;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;

class NeedDrawingsTest {
  private static final Need NEED = Examples.dieselNeed();
  private static final Display US = new Display(UnitSystem.US, "USD", ZoneOffset.UTC);
  private static final Candidate FIRST =
      Examples.lineUp().stream().filter(each -> !each.isToday()).findFirst().orElseThrow();

  private static String plain(String text) {
    return text.replace('\u00a0', ' ').replace('\u202f', ' ');
  }

  private static Judge.Judged judged(Need need) {
    Bench bench = Bench.of(need, Policy.USUAL, Examples.lineUp());
    Decision decision = Decision.of(bench, Conditions.of(need), Weights.USUAL);
    return new Judge.Judged(
        decision.answer(),
        decision.leader().map(Ranked::letter),
        false,
        List.of(),
        CrankingDemand.of(need));
  }

  @Test
  void planAndElevationStandToOneScale() {
    SpaceDrawing drawing = SpaceDrawing.of(NEED.tray(), Optional.empty(), Display.USUAL);
    CaseSize space = NEED.tray().orElseThrow().space();
    assertThat(drawing.planWidth() / drawing.elevationHeight())
        .isEqualTo(space.lengthMm() / space.heightMm());
    assertThat(drawing.planWidth() / drawing.planHeight())
        .isEqualTo(space.lengthMm() / space.widthMm());
    assertThat(plain(drawing.summary()))
        .isEqualTo("Tray 278 mm long, 175 mm wide, 200 mm high; positive terminal on the right");
    assertThat(SpaceDrawing.of(NEED.tray(), Optional.empty(), US).measures()).contains("10.94");
  }

  @Test
  void aTrayNobodyMeasuredIsDrawnInOutlineWithoutSizes() {
    SpaceDrawing drawing = SpaceDrawing.of(Optional.empty(), Optional.of(FIRST), Display.USUAL);
    assertThat(drawing.measured()).isFalse();
    assertThat(drawing.measures()).isEmpty();
    assertThat(drawing.drawn()).contains("tray-unknown").doesNotContain("tray-excess");
  }

  @Test
  void whatIsTooLargeIsDrawnPastTheWallAndSaidInMillimetres() {
    CaseSize size = FIRST.label().size();
    Tray small =
        new Tray(
            new CaseSize(size.lengthMm() - 31, size.widthMm(), size.heightMm() + 20),
            FIRST.label().positiveSide());
    SpaceDrawing drawing = SpaceDrawing.of(Optional.of(small), Optional.of(FIRST), Display.USUAL);
    assertThat(drawing.drawn()).contains("tray-excess");
    CandidateAnswer laid = judged(NEED.in(Optional.of(small))).of(FIRST.letter()).orElseThrow();
    assertThat(plain(SpaceWords.of(laid, small, Display.USUAL)))
        .isEqualTo("\u2715 " + FIRST.letter() + " does not go in: 31 mm too long.");
  }

  /** EN 50342-2 sizes (from memory): L3 is 278 mm long, L2 242, L4 315. */
  @Test
  void standardCasesAreComparedByLength() {
    Tray tray = new Tray(new CaseSize(284, 178, 196), TerminalSide.RIGHT);
    assertThat(plain(SpaceWords.standard(tray, Display.USUAL)))
        .isEqualTo(
            "Largest standard case: LN3 (EN). The shorter LN2 has 13 % less room, so about so much"
                + " less capacity. The longer LN4 misses by 31 mm.");
  }

  @Test
  void ruleModelMakerAndCandidatesStandOnOneScale() {
    Asked asked = new Asked(NEED, judged(NEED), Display.USUAL);
    AskedScale scale = asked.cranking();
    assertThat(scale.figures().rows())
        .extracting(row -> row.name())
        .startsWith("Asked", "displacement rule", "starter model");
    assertThat(scale.drawn()).contains("mark-need", "mark-rule", "mark-model", "shade");
    Need silent =
        NEED.asking(
            new MakersMinimum(
                Given.assumed(NEED.engine().ruleOfThumbCca(), Unit.AMPERE, "rule"),
                Optional.empty()));
    AskedScale unasked = new Asked(silent, judged(silent), Display.USUAL).cranking();
    assertThat(unasked.drawn()).doesNotContain("mark-need", "shade");
  }

  @Test
  void itIsSaidWhetherMakerAndModelAgree() {
    double low = CrankingDemand.of(NEED).orElseThrow().band().low();
    Need little =
        NEED.asking(new MakersMinimum(Given.maker(0.8 * low, Unit.AMPERE), Optional.empty()));
    Need much = NEED.asking(new MakersMinimum(Given.maker(3 * low, Unit.AMPERE), Optional.empty()));
    assertThat(new Asked(little, judged(little), Display.USUAL).agreement())
        .startsWith("\u2715 The maker asks less");
    assertThat(new Asked(much, judged(much), Display.USUAL).agreement())
        .startsWith("\u2713 The maker asks for enough");
  }

  @Test
  void theColdestMonthStandsInTheMiddleOfTheYear() {
    ClimateDrawing year = ClimateDrawing.of(NEED, Display.USUAL);
    assertThat(year.winterAt()).isEqualTo("54.17%");
    assertThat(year.figures().rows()).hasSize(12);
    assertThat(plain(year.figures().rows().get(6).name())).isEqualTo("January");
  }
}
