package org.fermix.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.fermix.core.Examples;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.rating.CrankingTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Readings that compare, follow or add up, and what is done about what they find. */
class MoreReadingsTest {
  private static Diagnosis diagnosis(String chemistry, String... readings) {
    return Diagnosis.of(
        Chemistry.of(chemistry),
        Arrays.stream(readings)
            .map(
                text ->
                    new Evidence(
                        ReadingKind.valueOf(text.substring(0, text.indexOf(':'))),
                        text.substring(text.indexOf(':') + 1)))
            .toList(),
        Set.of());
  }

  private static Verdict verdict(Diagnosis diagnosis) {
    return Verdict.of(diagnosis, false, OptionalDouble.empty());
  }

  /**
   * Nearly nothing is an open protection, some volts low is flat or weak, back above 12 V has
   * charge; half and double at 6 and 24 V. Common practice, no source.
   */
  @ParameterizedTest
  @CsvSource({
    "lfp, 1, 0.4, 0.6, near_zero",
    "lfp, 1, 12.1, 12.4, stays_low",
    "lfp, 1, 12.6, 13.1, comes_back",
    "flooded, 1, 9.8, 11.2, stays_low",
    "flooded, 1, 11.6, 12.4, comes_back",
    "flooded, 0.5, 5.6, 6.2, comes_back",
    "agm, 2, 21.0, 22.4, stays_low",
    "agm, 2, 0, 3, near_zero"
  })
  void afterAFailedTry(
      String chemistry, double series, double once, double minute, String outcome) {
    AfterTry reading =
        new AfterTry(List.of(new AfterTry.Try(4, 8.1), new AfterTry.Try(3, 6.9)), once, minute);
    assertThat(reading.evidence(Chemistry.of(chemistry), series).outcome()).isEqualTo(outcome);
    assertThat(reading.fallOverTries()).isCloseTo(1.2, within(1e-9));
  }

  /** A battery run down to nothing near-slowly gives its share: 20 Ah of LFP, 1 A for 15 h. */
  @Test
  void aSlowRunIsItsAmpereHours() {
    BatteryCircuit lithium = Examples.circuit("lfp", 20, 2.8, 280);
    CapacityRun run = new CapacityRun(1, 15 * 60, 11.5, 25);
    assertThat(run.ampHours()).isCloseTo(15, within(1e-9));
    assertThat(run.share(lithium)).isCloseTo(0.75, within(0.03));
    assertThat(run.evidence(lithium).orElseThrow().outcome()).isEqualTo("less");
  }

  /**
   * The reserve test itself (SAE J537: 25 A at 27 °C to 10.5 V): a new battery runs its rated
   * minutes within a sixth, half the minutes are about 60 % of its capacity (Peukert), and what is
   * stopped early says only "at least".
   */
  @Test
  void aFastRunIsJudgedUnderItsOwnLoad() {
    BatteryCircuit flooded = Examples.circuit("flooded", 70, 17.2, 640);
    CapacityRun full = new CapacityRun(25, 110, 10.5, 27);
    assertThat(full.share(flooded)).isBetween(0.85, 1.17);
    CapacityRun half = new CapacityRun(25, 55, 10.5, 27);
    assertThat(half.share(flooded)).isBetween(0.42, 0.66);
    assertThat(half.evidence(flooded).orElseThrow().outcome()).isIn("less", "spent");
    CapacityRun early = new CapacityRun(25, 40, 12.1, 27);
    assertThat(early.ranDown(flooded)).isFalse();
    assertThat(early.evidence(flooded)).isEmpty();
  }

  /** What is left is found again from a run of a battery of known share, warm and cold. */
  @ParameterizedTest
  @CsvSource({"flooded, 0.7, 20", "agm, 0.5, 0", "efb, 0.9, -10", "lfp, 0.6, 10"})
  void aKnownShareIsFoundAgain(String chemistry, double share, double temperatureC) {
    BatteryCircuit whenNew = Examples.circuit(chemistry, 60, 16, 560);
    double amps = 5;
    double end = 11.0;
    double hours =
        org.fermix.core.reserve.Discharge.of(
                whenNew.withCapacityLeft(share),
                org.fermix.core.electrical.ChargeState.rested(1, temperatureC),
                new org.fermix.core.reserve.Load.Current(amps),
                0,
                end)
            .hours();
    assertThat(new CapacityRun(amps, 60 * hours, end, temperatureC).share(whenNew))
        .isCloseTo(share, within(0.01));
  }

  @Test
  void goodThroughTheBoltAndBadThroughThinLeadsIsTheLeads() {
    assertThat(new TwoWays(210, 480).evidence().outcome()).isEqualTo("leads_lose");
    assertThat(new TwoWays(450, 480).evidence().outcome()).isEqualTo("alike");
    assertThat(new TwoWays(0, 0).evidence().outcome()).isEqualTo("alike");
    Diagnosis found = diagnosis("agm", "SYMPTOM:slow", "REST_VOLTS:full", "TWO_WAYS:leads_lose");
    assertThat(found.leading()).isEqualTo(Cause.CONNECTION);
    assertThat(verdict(found).measured()).contains(Verdict.Action.MEND_CONNECTION);
  }

  /** The tester's own bias is off, and the share is of the label's rating, not of what was set. */
  @Test
  void aTesterIsBelievedAsFarAsItDeserves() {
    TesterReading right = new TesterReading(580, 500, CrankingTest.COLD_CRANKING, 1);
    assertThat(right.trueShare(Optional.empty())).isCloseTo(1.0, within(0.001));
    BatteryCircuit label = Examples.circuit("agm", 70, 20.5, 760);
    assertThat(right.trueShare(Optional.of(label))).isCloseTo(500.0 / 760, within(0.01));
    assertThat(
            new TesterReading(580, 500, CrankingTest.find("mca").orElseThrow(), 1)
                .trueShare(Optional.of(label)))
        .as("set in another standard")
        .isLessThan(0.6);
  }

  /** A rest too short says how long is left. */
  @Test
  void restStillToWait() {
    assertThat(new RestVoltage(12.7, 1.5, false, 20).hoursToWait()).isCloseTo(2.5, within(1e-9));
    assertThat(new RestVoltage(12.7, 1.5, true, 20).hoursToWait()).isZero();
    assertThat(new RestVoltage(12.7, 9, false, 20).hoursToWait()).isZero();
  }

  /** A lithium battery that passes a load test has no open protection; one that collapses has. */
  @Test
  void whatPassesALoadIsNotCutOff() {
    Diagnosis passes = diagnosis("lfp", "SYMPTOM:sudden_loss", "LOAD_TEST:passes");
    assertThat(passes.of(Cause.PROTECTION)).isLessThan(0.4);
    Diagnosis collapses = diagnosis("lfp", "SYMPTOM:sudden_loss", "LOAD_TEST:collapses");
    assertThat(collapses.leading()).isEqualTo(Cause.PROTECTION);
    BatteryCircuit lithium = Examples.circuit("lfp", 10, 1.6, 140);
    assertThat(
            new PulseTest(70, 15, 60, List.of(0.4), 13.3, 13.3, 0.9, 20)
                .evidence(lithium)
                .outcome())
        .isEqualTo("collapses");
  }

  /** Two short trips a day and a low battery: driven too little comes before worn. */
  @Test
  void shortTripsComeBeforeWear() {
    Diagnosis found =
        diagnosis(
            "flooded",
            "SYMPTOM:slow",
            "REST_VOLTS:low",
            "TRIPS:short",
            "CHARGING_VOLTS:right",
            "DRAIN:fine",
            "LEFT_ON:no");
    assertThat(found.leading()).as(found.causes().toString()).isEqualTo(Cause.LITTLE);
    assertThat(found.of(Cause.LITTLE)).isGreaterThan(found.of(Cause.WORN));
    assertThat(verdict(found).action()).isEqualTo(Verdict.Action.DRIVE_MORE);
    assertThat(verdict(found).action().saysDoNotBuy()).isTrue();
  }

  /**
   * A failed test that does not settle it is repeated after a full charge, and nothing replaced.
   */
  @Test
  void aFailedTestThatIsContradictedIsRepeated() {
    Diagnosis found =
        diagnosis("agm", "SYMPTOM:slow", "REST_VOLTS:low", "TESTER:good", "LOAD_TEST:fails");
    Verdict verdict = verdict(found);
    assertThat(found.of(Cause.WORN)).isLessThan(0.8);
    assertThat(verdict.settled()).isFalse();
    assertThat(verdict.measured()).contains(Verdict.Action.CHARGE_AND_RETEST);
  }

  /**
   * Recovery of lead: a tenth of its ampere-hours, some 8 to 16 hours from flat, rest overnight;
   * never for lithium or sodium (common practice, no source).
   */
  @Test
  void recoveryIsForLeadOnly() {
    for (String kind : List.of("flooded", "efb", "agm", "gel")) {
      Recovery flat = Recovery.of(Chemistry.of(kind), 60, 1, true).orElseThrow();
      Recovery low = Recovery.of(Chemistry.of(kind), 60, 1, false).orElseThrow();
      assertThat(flat.amps()).isCloseTo(6, within(1e-9));
      assertThat(flat.hours()).as(kind).isBetween(9.0, 20.0).isGreaterThan(low.hours());
      assertThat(flat.volts()).isBetween(14.0, 14.9);
      assertThat(flat.comesBack()).isLessThan(low.comesBack());
    }
    assertThat(Recovery.of(Chemistry.of("agm"), 60, 0.5, true).orElseThrow().volts())
        .isBetween(7.0, 7.5);
    assertThat(Recovery.of(Chemistry.of("lfp"), 20, 1, true)).isEmpty();
    assertThat(Recovery.of(Chemistry.of("sodium"), 20, 1, true)).isEmpty();
  }

  /** What was found stands first, what was ruled out last. */
  @Test
  void whyALithiumBatteryFailedEarly() {
    List<EarlyFailure> reasons =
        EarlyFailure.of(
            diagnosis("lfp", "SYMPTOM:slow", "CHARGING_VOLTS:high", "FAULT_LIGHT:none"));
    assertThat(reasons).hasSize(EarlyFailure.Reason.values().length);
    assertThat(reasons.get(0))
        .isEqualTo(new EarlyFailure(EarlyFailure.Reason.OVERCHARGED, Optional.of(true)));
    assertThat(reasons.get(5).reason()).isEqualTo(EarlyFailure.Reason.DEFECT);
    // Right volts alone do not rule out that it was driven too little.
    assertThat(reasons)
        .contains(new EarlyFailure(EarlyFailure.Reason.NEVER_FULL, Optional.empty()));
    assertThat(EarlyFailure.of(diagnosis("lfp", "CHARGING_VOLTS:right", "TRIPS:long")))
        .contains(new EarlyFailure(EarlyFailure.Reason.NEVER_FULL, Optional.of(false)));
    assertThat(
            EarlyFailure.of(diagnosis("lfp", "SYMPTOM:slow", "TRIPS:short", "CHARGING_VOLTS:right"))
                .get(0)
                .reason())
        .isEqualTo(EarlyFailure.Reason.NEVER_FULL);
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatIllegalArgumentException().isThrownBy(() -> new CapacityRun(0, 60, 10.5, 20));
    assertThatIllegalArgumentException().isThrownBy(() -> new AfterTry(List.of(), 50, 12));
    assertThatIllegalArgumentException().isThrownBy(() -> new AfterTry.Try(0, 12));
  }
}
