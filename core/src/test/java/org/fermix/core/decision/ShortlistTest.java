package org.fermix.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.Screening;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.QuickCalibration;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Tray;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.junit.jupiter.api.Test;

/** A whole catalogue against one need. */
class ShortlistTest {
  private static final Need NEED = Examples.dieselNeed();
  private static final QuickCalibration QUICK = new QuickCalibration();
  private static final Conditions CONDITIONS = Conditions.of(NEED);

  private static List<Label> catalogue(int count, long seed) {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    List<Label> labels = new ArrayList<>();
    List<Chemistry> chemistries = Chemistry.all();
    for (int i = 0; i < count; i++) {
      Chemistry chemistry = chemistries.get(random.nextInt(chemistries.size()));
      double ampHours = random.nextDouble(5, 90);
      double perAmpHour =
          random.nextDouble(
              0.5 * chemistry.typicalLabel().ccaPerAmpHour(),
              1.5 * chemistry.typicalLabel().ccaPerAmpHour());
      List<CrankingTest> tests = CrankingTest.all();
      CrankingTest test =
          chemistry.isLead() ? tests.get(random.nextInt(tests.size())) : CrankingTest.COLD_CRANKING;
      labels.add(
          new Label(
              "Invented " + i,
              chemistry,
              new CrankingRating(ampHours * perAmpHour, test),
              Optional.of(Given.label(ampHours, Unit.AMPERE_HOUR)),
              Optional.of(Given.label(ampHours * 1.7, Unit.MINUTE)),
              Optional.of(
                  Given.label(ampHours / chemistry.typicalLabel().ampHoursPerKg(), Unit.KILOGRAM)),
              new CaseSize(
                  random.nextDouble(150, 320),
                  random.nextDouble(90, 180),
                  random.nextDouble(120, 200)),
              random.nextBoolean() ? TerminalSide.LEFT : TerminalSide.RIGHT,
              Given.typed(ampHours * 3, Unit.MONEY)));
    }
    return labels;
  }

  /**
   * The grid stands for the calibration within half a per cent of resistance, and two for the old
   * one-minute test, over all that labels say.
   */
  @Test
  void quickCalibrationIsTheExactOne() {
    for (Label label : catalogue(400, 5)) {
      double exact = BatteryCircuit.of(label).resistanceOhm();
      assertThat(QUICK.of(label).resistanceOhm())
          .as(label.chemistry() + " " + label.cranking())
          .isCloseTo(
              exact, within((label.cranking().test().seconds() > 30 ? 0.02 : 0.005) * exact));
    }
  }

  /** Headline outcomes are the bench's own, to the calibration's accuracy. */
  @Test
  void headlinesAreTheBenchsFigures() {
    Screening screening = new Screening(NEED, Policy.USUAL, CONDITIONS, QUICK);
    for (Candidate candidate : Examples.lineUp().subList(1, 5)) {
      Screening.Headline headline = screening.judge(candidate.label()).headline().orElseThrow();
      var answer =
          Bench.of(NEED, Policy.USUAL, List.of(candidate)).answer(CONDITIONS).candidates().get(0);
      assertThat(100 * headline.shown().startChance())
          .isCloseTo(answer.figure(Outcome.START_CHANCE).value(), within(0.3));
      assertThat(headline.shown().parkedDays())
          .isCloseTo(answer.figure(Outcome.PARKED_DAYS).value(), within(1.0));
      assertThat(headline.shown().engineOffHours())
          .isCloseTo(answer.figure(Outcome.ENGINE_OFF_HOURS).value(), within(0.05));
      assertThat(headline.costPerYear())
          .isCloseTo(answer.figure(Outcome.COST_PER_YEAR).value(), within(0.3));
    }
  }

  /** Every battery is judged and accounted for, and the order of the catalogue does not matter. */
  @Test
  void theWholeCatalogueIsAccountedFor() {
    List<Label> labels = catalogue(2000, 9);
    Shortlist shortlist =
        Shortlist.of(NEED, Policy.USUAL, CONDITIONS, Weights.USUAL, QUICK, labels);
    assertThat(shortlist.judged()).isEqualTo(2000);
    assertThat(shortlist.ranked()).isNotEmpty().hasSizeLessThan(2000);
    assertThat(shortlist.failing().values().stream().mapToInt(Integer::intValue).sum())
        .isGreaterThanOrEqualTo(2000 - shortlist.ranked().size());
    List<Label> shuffled = new ArrayList<>(labels);
    Collections.shuffle(shuffled, new java.util.Random(1));
    assertThat(
            Shortlist.of(NEED, Policy.USUAL, CONDITIONS, Weights.USUAL, QUICK, shuffled).ranked())
        .extracting(entry -> entry.label().name())
        .containsExactlyElementsOf(
            shortlist.ranked().stream().map(entry -> entry.label().name()).toList());
  }

  /** The decision ranks a small line-up as the shortlist does. */
  @Test
  void theShortlistAndTheDecisionAgree() {
    List<Candidate> lineUp = Examples.lineUp();
    List<String> decided =
        Decision.of(Bench.of(NEED, Policy.USUAL, lineUp), CONDITIONS, Weights.USUAL)
            .ranked()
            .stream()
            .map(verdict -> verdict.answer().candidate().label().name())
            .toList();
    assertThat(
            Shortlist.of(
                    NEED,
                    Policy.USUAL,
                    CONDITIONS,
                    Weights.USUAL,
                    QUICK,
                    lineUp.stream().skip(1).map(Candidate::label).toList())
                .ranked())
        .extracting(entry -> entry.label().name())
        .containsExactlyElementsOf(decided);
  }

  /** A bigger tray, a lower minimum: never fewer that pass. */
  @Test
  void askingLessNeverPassesFewer() {
    List<Label> labels = catalogue(1500, 21);
    int before = 0;
    for (int step = 0; step < 6; step++) {
      Need need =
          new Need(
              NEED.engine(),
              new MakersMinimum(Given.maker(600 - 60 * step, Unit.AMPERE), Optional.empty()),
              Optional.of(
                  new Tray(
                      new CaseSize(220 + 20 * step, 150 + 6 * step, 170 + 6 * step),
                      TerminalSide.RIGHT)),
              NEED.place(),
              NEED.climate(),
              NEED.use(),
              NEED.charging());
      Shortlist shortlist =
          Shortlist.of(need, Policy.USUAL, CONDITIONS, Weights.USUAL, QUICK, labels);
      assertThat(shortlist.ranked().size()).isGreaterThanOrEqualTo(before);
      assertThat(shortlist.failing()).doesNotContainKey(Gate.APPROVED);
      before = shortlist.ranked().size();
    }
    assertThat(before).isPositive();
  }

  @Test
  void missesAreNamedNearestFirstEachWithTheGatesItFails() {
    Shortlist found =
        Shortlist.of(NEED, Policy.USUAL, CONDITIONS, Weights.USUAL, QUICK, catalogue(400, 7));
    assertThat(found.nearest()).hasSize(Shortlist.MOST_NEAREST);
    assertThat(found.nearest())
        .isSortedAccordingTo((a, b) -> Double.compare(a.distance(), b.distance()))
        .allMatch(miss -> !miss.failed().isEmpty() && miss.distance() > 0);
    Label almost = sized(NEED.tray().orElseThrow().space(), 4);
    Label far = sized(NEED.tray().orElseThrow().space(), 60);
    Shortlist two =
        Shortlist.of(NEED, Policy.USUAL, CONDITIONS, Weights.USUAL, QUICK, List.of(far, almost));
    assertThat(two.nearest()).extracting(Shortlist.Miss::label).containsExactly(almost, far);
    assertThat(two.nearest().get(0).distance()).isCloseTo(0.04, within(1e-9));
  }

  private static Label sized(CaseSize space, double tooLongMm) {
    return new Label(
        "Too long by " + tooLongMm,
        Chemistry.of("agm"),
        CrankingRating.cca(760),
        Optional.of(Given.label(70, Unit.AMPERE_HOUR)),
        Optional.of(Given.label(124, Unit.MINUTE)),
        Optional.of(Given.label(20.4, Unit.KILOGRAM)),
        new CaseSize(space.lengthMm() + tooLongMm, space.widthMm(), space.heightMm() - 10),
        NEED.tray().orElseThrow().positiveSide(),
        Given.typed(100, Unit.MONEY));
  }
}
