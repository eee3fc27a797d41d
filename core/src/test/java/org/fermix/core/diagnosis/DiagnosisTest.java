package org.fermix.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.fermix.core.chemistry.Chemistry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** From readings to causes, verdicts and the next reading. */
class DiagnosisTest {
  private static final Chemistry AGM = Chemistry.of("agm");
  private static final Chemistry LITHIUM = Chemistry.of("lfp");

  private static Evidence evidence(String text) {
    int colon = text.indexOf(':');
    return new Evidence(ReadingKind.valueOf(text.substring(0, colon)), text.substring(colon + 1));
  }

  private static Diagnosis diagnosis(Chemistry chemistry, String... readings) {
    return Diagnosis.of(
        chemistry, Arrays.stream(readings).map(DiagnosisTest::evidence).toList(), Set.of());
  }

  private static Verdict.Action action(Diagnosis diagnosis) {
    return Verdict.of(diagnosis, false, OptionalDouble.empty()).action();
  }

  /** Outcomes of every reading add up to one under every hypothesis, and so do the causes. */
  @Test
  void theTablesAreDistributions() {
    for (String reading : Likelihoods.readings()) {
      double[] sums = new double[Likelihoods.COUNT];
      for (double[] outcome : Likelihoods.ofTable(reading).values()) {
        for (int i = 0; i < sums.length; i++) {
          assertThat(outcome[i]).as(reading).isBetween(0.0, 1.0);
          sums[i] += outcome[i];
        }
      }
      for (double sum : sums) {
        assertThat(sum).as(reading).isCloseTo(1, within(0.0015));
      }
    }
    for (Chemistry chemistry : Chemistry.all()) {
      assertThat(Arrays.stream(Likelihoods.before(chemistry)).sum())
          .as(chemistry.id())
          .isCloseTo(1, within(1e-9));
    }
  }

  /** Every kind has a table, and every symptom is in its table. */
  @Test
  void everyReadingIsInTheTables() {
    for (ReadingKind kind : ReadingKind.values()) {
      for (Chemistry chemistry : Chemistry.all()) {
        assertThat(Likelihoods.of(kind, chemistry)).as(kind + " " + chemistry).isNotEmpty();
      }
    }
    for (Symptom symptom : Symptom.values()) {
      assertThat(Likelihoods.of(symptom.evidence(), AGM)).hasSize(Likelihoods.COUNT);
    }
  }

  /** What practitioners conclude from such readings; common practice, no source. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          agm     | SYMPTOM:slow REST_VOLTS:full TESTER:bad | WORN | REPLACE_NOW
          flooded | SYMPTOM:rapid_click REST_VOLTS:cell_short AFTER_CHARGE:falls | WORN | REPLACE_NOW
          agm     | SYMPTOM:slow REST_VOLTS:full TESTER:good CABLE_DROP:high | CONNECTION | MEND_CONNECTION
          flooded | SYMPTOM:nothing CRANKING_VOLTS:high LOOK:loose_or_dirty | CONNECTION | MEND_CONNECTION
          agm     | SYMPTOM:slow REST_VOLTS:low CHARGING_VOLTS:high TESTER:good | CHARGING | MEND_CHARGING
          flooded | SYMPTOM:only_with_boost REST_VOLTS:low CHARGING_VOLTS:low | CHARGING | MEND_CHARGING
          agm     | SYMPTOM:dead_after_parking REST_VOLTS:flat DRAIN:high | DRAIN | FIND_DRAIN
          lfp     | SYMPTOM:sudden_loss REST_VOLTS:near_zero | PROTECTION | WAKE_PROTECTION
          agm     | SYMPTOM:slow REST_VOLTS:full TESTER:good CRANKING_VOLTS:low NEED:short | SMALL | TOO_SMALL
          flooded | SYMPTOM:rapid_click REST_VOLTS:flat LEFT_ON:yes AFTER_CHARGE:holds TESTER:good | DISCHARGED | KEEP
          agm     | SYMPTOM:starts_well REST_VOLTS:full TESTER:good | SOUND | KEEP
          flooded | SYMPTOM:slow REST_VOLTS:full TESTER:good CABLE_DROP:fine BOOST:no_better | STARTER | LOOK_AT_STARTER
          """)
  void readingsLeadWherePracticeGoes(
      String chemistry, String readings, Cause cause, Verdict.Action action) {
    Diagnosis diagnosis = diagnosis(Chemistry.of(chemistry), readings.strip().split(" +"));
    assertThat(diagnosis.leading()).as(diagnosis.causes().toString()).isEqualTo(cause);
    assertThat(diagnosis.sureness()).isGreaterThan(0.6);
    assertThat(action(diagnosis)).isEqualTo(action);
  }

  /**
   * Two faults at once are both found and both mended, what would kill the next battery first:
   * common practice, no source.
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          SYMPTOM:slow REST_VOLTS:low TESTER:bad LOAD_TEST:fails AFTER_CHARGE:falls DRAIN:high | DRAIN | FIND_DRAIN
          SYMPTOM:slow REST_VOLTS:low TESTER:bad LOAD_TEST:fails CHARGING_VOLTS:low | CHARGING | MEND_CHARGING
          SYMPTOM:slow REST_VOLTS:low GRAVITY:one_cell_low LOAD_TEST:fails CHARGING_VOLTS:high | CHARGING | MEND_CHARGING
          SYMPTOM:slow REST_VOLTS:full TESTER:bad LOAD_TEST:fails CABLE_DROP:high | CONNECTION | MEND_CONNECTION
          """)
  void twoFaultsAreBothFound(String readings, Cause second, Verdict.Action mend) {
    Diagnosis diagnosis = diagnosis(Chemistry.of("flooded"), readings.strip().split(" +"));
    assertThat(diagnosis.leading()).isEqualTo(Cause.WORN);
    assertThat(diagnosis.of(Cause.WORN)).isGreaterThan(0.9);
    assertThat(diagnosis.of(second)).as(diagnosis.causes().toString()).isGreaterThan(0.35);
    Verdict verdict = Verdict.of(diagnosis, false, OptionalDouble.empty());
    assertThat(verdict.action()).isEqualTo(Verdict.Action.REPLACE_NOW);
    assertThat(verdict.also().get(0)).isEqualTo(mend);
  }

  /** One fault stays one: the second is not found where nothing speaks for it. */
  @Test
  void oneFaultStaysOne() {
    Diagnosis worn = diagnosis(AGM, "SYMPTOM:slow", "REST_VOLTS:full", "TESTER:bad", "DRAIN:fine");
    assertThat(worn.of(Cause.WORN)).isGreaterThan(0.85);
    assertThat(worn.of(Cause.DRAIN)).isLessThan(0.05);
    Diagnosis drain =
        diagnosis(
            AGM, "SYMPTOM:dead_after_parking", "REST_VOLTS:flat", "DRAIN:high", "TESTER:good");
    assertThat(drain.of(Cause.DRAIN)).isGreaterThan(0.9);
    assertThat(drain.of(Cause.WORN)).isLessThan(0.1);
  }

  /** A battery that fails discharged is not condemned: charge and test again. */
  @Test
  void nobodyIsCondemnedUncharged() {
    Diagnosis diagnosis = diagnosis(AGM, "SYMPTOM:rapid_click", "REST_VOLTS:low");
    assertThat(action(diagnosis)).isEqualTo(Verdict.Action.CHARGE_AND_RETEST);
    assertThat(action(diagnosis).saysDoNotBuy()).isTrue();
  }

  @Test
  void aWornOneThatStillStartsGoesBeforeWinter() {
    Diagnosis worn =
        diagnosis(
            AGM,
            "SYMPTOM:starts_well",
            "REST_VOLTS:full",
            "TESTER:bad",
            "LOAD_TEST:fails",
            "AGE:old");
    assertThat(worn.leading()).isEqualTo(Cause.WORN);
    assertThat(Verdict.of(worn, true, OptionalDouble.of(0.3)).action())
        .isEqualTo(Verdict.Action.REPLACE_BEFORE_WINTER);
    Diagnosis sound = diagnosis(AGM, "SYMPTOM:starts_well", "REST_VOLTS:full", "TESTER:good");
    assertThat(Verdict.of(sound, true, OptionalDouble.of(0.3)).action())
        .isEqualTo(Verdict.Action.TOO_SMALL);
    assertThat(Verdict.of(sound, true, OptionalDouble.of(0.95)).action())
        .isEqualTo(Verdict.Action.KEEP);
  }

  /** The gain of a reading is the mean fall of doubt over its outcomes, worked out the long way. */
  @Test
  void expectedGainIsTheMeanOverOutcomes() {
    Diagnosis before = diagnosis(AGM, "SYMPTOM:slow");
    for (Diagnosis.Next next : before.next()) {
      double left = 0;
      double total = 0;
      for (Map.Entry<String, double[]> outcome : Likelihoods.of(next.kind(), AGM).entrySet()) {
        double chance = chance(next.kind(), outcome.getKey());
        Diagnosis after =
            Diagnosis.of(
                AGM,
                List.of(evidence("SYMPTOM:slow"), new Evidence(next.kind(), outcome.getKey())),
                Set.of());
        left += chance * after.doubtBits();
        total += chance;
      }
      assertThat(total).isCloseTo(1, within(0.003));
      assertThat(next.gainBits())
          .as(next.kind().name())
          .isCloseTo(before.doubtBits() - left, within(0.01));
    }
    assertThat(before.next())
        .isSortedAccordingTo((a, b) -> Double.compare(b.gainBits(), a.gainBits()));
  }

  /** Chance of an outcome after "slow", from the tables alone. */
  private static double chance(ReadingKind kind, String outcome) {
    double[] prior = Likelihoods.before(AGM);
    double[] slow = Likelihoods.of(evidence("SYMPTOM:slow"), AGM);
    double[] likelihood = Likelihoods.of(new Evidence(kind, outcome), AGM);
    double sum = 0;
    double all = 0;
    for (int i = 0; i < prior.length; i++) {
      sum += prior[i] * slow[i] * likelihood[i];
      all += prior[i] * slow[i];
    }
    return sum / all;
  }

  @Test
  void theOrderOfReadingsDoesNotMatterAndCorrectionsReplace() {
    List<Evidence> readings =
        new ArrayList<>(
            List.of(
                evidence("SYMPTOM:slow"),
                evidence("REST_VOLTS:full"),
                evidence("CABLE_DROP:high"),
                evidence("AGE:old")));
    Diagnosis straight = Diagnosis.of(AGM, readings, Set.of());
    Collections.reverse(readings);
    Diagnosis turned = Diagnosis.of(AGM, readings, Set.of());
    for (Cause cause : Cause.values()) {
      assertThat(turned.of(cause)).isCloseTo(straight.of(cause), within(1e-12));
    }
    assertThat(diagnosis(AGM, "TESTER:bad", "TESTER:good").causes())
        .isEqualTo(diagnosis(AGM, "TESTER:good").causes());
  }

  @Test
  void whatCannotBeTakenIsNotAskedFor() {
    Set<ReadingKind> none = EnumSet.allOf(ReadingKind.class);
    Diagnosis blind = Diagnosis.of(AGM, List.of(), none);
    assertThat(blind.next()).isEmpty();
    assertThat(blind.isSettled()).isFalse();
    assertThat(Verdict.of(blind, false, OptionalDouble.empty()).next()).isEmpty();
    assertThat(diagnosis(LITHIUM).next())
        .extracting(Diagnosis.Next::kind)
        .doesNotContain(ReadingKind.GRAVITY, ReadingKind.TESTER)
        .contains(ReadingKind.WAKE);
    assertThat(diagnosis(AGM).of(Cause.PROTECTION)).isZero();
  }

  @Test
  void aReadingThatHardlyFitsIsNamed() {
    Diagnosis odd =
        diagnosis(
            AGM, "SYMPTOM:starts_well", "REST_VOLTS:cell_short", "TESTER:good", "LOAD_TEST:passes");
    assertThat(Verdict.of(odd, true, OptionalDouble.empty()).contradicted()).isNotEmpty();
  }

  @Test
  void anUnknownOutcomeIsRefusedNamingTheKnownOnes() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> diagnosis(AGM, "TESTER:splendid"))
        .withMessageContaining("must come out as one of [good, weak, bad], was splendid");
  }
}
