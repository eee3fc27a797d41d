package org.fermix.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.TesterReading;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.prove.Compared.Against;
import org.fermix.core.prove.Compared.Difference;
import org.fermix.core.prove.Compared.Word;
import org.junit.jupiter.api.Test;

/** The old battery against the new one, the forecast and the label. */
class ProofTest {
  private static final Need NEED = Examples.dieselNeed();
  private static final Chemistry AGM = Chemistry.of("agm");
  private static final Label NEW =
      Examples.lineUp().stream()
          .filter(each -> each.label().chemistry().equals(AGM))
          .findFirst()
          .orElseThrow()
          .label();

  private final Map<ProofMeasure, ProofResult> old = new EnumMap<>(ProofMeasure.class);
  private final Map<ProofMeasure, ProofResult> fresh = new EnumMap<>(ProofMeasure.class);

  private Proof proof() {
    return Proof.of(NEED, Optional.of(Chemistry.of("flooded")), NEW, old, fresh, Map.of());
  }

  private Compared of(ProofMeasure measure) {
    return proof().compared().stream()
        .filter(each -> each.measure() == measure)
        .findFirst()
        .orElseThrow();
  }

  private static ProofResult shown(double amps) {
    double share =
        amps / TesterReading.SHOWS_MORE / BatteryCircuit.of(NEW).ratedAmps(NEW.cranking().test());
    return ProofResult.of(amps).set(NEW.cranking().amps(), share);
  }

  private static double foretoldVolts(double temperatureC) {
    return new Cranking(BatteryCircuit.of(NEW), NEED.engine())
        .crank(ChargeState.rested(Forecast.FULL, temperatureC))
        .volts();
  }

  @Test
  void nothingIsSaidBeforeAnythingIsMeasured() {
    old.put(ProofMeasure.TESTER, ProofResult.of(362));
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.NOTHING_YET);
    assertThat(proof().compared()).allMatch(each -> each.word() == Word.NOT_YET);
    assertThat(proof().next()).contains(ProofMeasure.REST);
  }

  /**
   * Two single results of one laboratory differ by more than 2.8 of its repeatability standard
   * deviations once in twenty times where nothing differs: ISO 5725-6, 4.1.1 (from memory).
   */
  @Test
  void differenceIsSeenFromTheRepeatabilityLimitOn() {
    double oneReading = 0.03;
    old.put(ProofMeasure.TESTER, ProofResult.of(600).on("hand tester"));
    fresh.put(ProofMeasure.TESTER, shown(600 * 1.08).on("hand tester"));
    Compared compared = of(ProofMeasure.TESTER);
    double limit = 2.8 * oneReading * compared.fresh().orElseThrow().value();
    assertThat(Compared.DIFFERS * compared.spread()).isCloseTo(limit, within(0.02 * limit));
    assertThat(compared.word()).isEqualTo(Word.SAME);
    fresh.put(ProofMeasure.TESTER, shown(680).on("hand tester"));
    assertThat(of(ProofMeasure.TESTER).word()).isEqualTo(Word.BETTER);
    fresh.put(ProofMeasure.TESTER, shown(792).on("hand tester"));
    assertThat(of(ProofMeasure.TESTER).word()).isEqualTo(Word.CLEARLY_BETTER);
    fresh.put(ProofMeasure.TESTER, shown(520).on("hand tester"));
    assertThat(of(ProofMeasure.TESTER).word()).isEqualTo(Word.WORSE);
  }

  @Test
  void anotherTesterTellsLess() {
    old.put(ProofMeasure.TESTER, ProofResult.of(600).on("hand tester"));
    fresh.put(ProofMeasure.TESTER, shown(680).on("Hand tester "));
    double same = of(ProofMeasure.TESTER).spread();
    fresh.put(ProofMeasure.TESTER, shown(680).on("the shop’s"));
    Compared other = of(ProofMeasure.TESTER);
    assertThat(other.differences()).containsExactly(Difference.INSTRUMENT);
    assertThat(other.spread()).isGreaterThan(3 * same);
    assertThat(other.word()).isEqualTo(Word.SAME);
  }

  @Test
  void oldOneIsBroughtToTheTemperatureOfTheNewOne() {
    old.put(ProofMeasure.CRANKING, ProofResult.of(9.6).at(8));
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(9.6).at(-4));
    Compared compared = of(ProofMeasure.CRANKING);
    double slope = (foretoldVolts(-3) - foretoldVolts(-5)) / 2;
    assertThat(compared.oldBrought().orElseThrow()).isCloseTo(9.6 - 12 * slope, within(0.03));
    assertThat(compared.oldBrought().orElseThrow()).isLessThan(9.6);
    assertThat(compared.differences()).containsExactly(Difference.TEMPERATURE);
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(9.6).at(-9));
    assertThat(of(ProofMeasure.CRANKING).word()).isEqualTo(Word.NOT_ALIKE);
  }

  @Test
  void temperatureNobodyReadWidensWhatCanBeSaid() {
    old.put(ProofMeasure.CRANKING, ProofResult.of(9.6).at(4));
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(10.1).at(4));
    Compared read = of(ProofMeasure.CRANKING);
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(10.1));
    Compared unread = of(ProofMeasure.CRANKING);
    assertThat(unread.spread()).isGreaterThan(read.spread());
    assertThat(unread.forecast().orElseThrow().sigma())
        .isGreaterThan(read.forecast().orElseThrow().sigma());
    assertThat(unread.differences()).containsExactly(Difference.TEMPERATURE_NOT_READ);
  }

  @Test
  void forecastIsTheBenchsOwnStart() {
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(foretoldVolts(3)).at(3));
    Compared compared = of(ProofMeasure.CRANKING);
    assertThat(compared.forecast().orElseThrow().value()).isCloseTo(foretoldVolts(3), within(0.01));
    assertThat(compared.against()).contains(Against.AS_FORETOLD);
    assertThat(compared.word()).isEqualTo(Word.ONLY_NEW);
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.SO_FAR);
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(foretoldVolts(3) - 2).at(3));
    assertThat(of(ProofMeasure.CRANKING).against()).contains(Against.LESS);
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.LESS_THAN_FORETOLD);
  }

  @Test
  void forecastKeptWhenItWasTakenCountsNotTheModelsOfToday() {
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(10).at(3));
    Proof kept =
        Proof.of(
            NEED,
            Optional.empty(),
            NEW,
            old,
            fresh,
            Map.of(ProofMeasure.CRANKING, new Forecast(11.5, 0.1, 7)));
    Compared compared =
        kept.compared().stream()
            .filter(each -> each.measure() == ProofMeasure.CRANKING)
            .findFirst()
            .orElseThrow();
    assertThat(compared.against()).contains(Against.LESS);
    assertThat(compared.forecast().orElseThrow().value()).isEqualTo(11.5);
    assertThat(compared.missedBy(1).orElseThrow()).isLessThan(-5);
  }

  /**
   * A charged new battery shows its rating or more: testers' manuals, common practice, no source.
   */
  @Test
  void belowItsRatingOnlyWhereTheTesterLeavesNoRoom() {
    double rating = NEW.cranking().amps();
    fresh.put(ProofMeasure.TESTER, shown(1.16 * rating));
    assertThat(proof().ofRating().orElseThrow().share()).isCloseTo(1, within(0.01));
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.SO_FAR);
    fresh.put(ProofMeasure.TESTER, shown(1.05 * rating));
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.SO_FAR);
    fresh.put(ProofMeasure.TESTER, shown(0.9 * rating));
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.BELOW_RATING);
    assertThat(proof().ofRating().orElseThrow().band().high()).isLessThan(1);
  }

  @Test
  void nothingElseIsJudgedBeforeItIsFull() {
    fresh.put(ProofMeasure.REST, ProofResult.of(12.3).rested(12));
    fresh.put(ProofMeasure.TESTER, shown(0.6 * NEW.cranking().amps()));
    assertThat(of(ProofMeasure.REST).word()).isEqualTo(Word.NOT_FULL);
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.CHARGE_FIRST);
    fresh.put(ProofMeasure.REST, ProofResult.of(12.84).rested(12));
    assertThat(of(ProofMeasure.REST).word()).isEqualTo(Word.FULL);
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.BELOW_RATING);
    fresh.put(ProofMeasure.REST, ProofResult.of(13.1).rested(1));
    assertThat(of(ProofMeasure.REST).word()).isEqualTo(Word.SAYS_LITTLE);
  }

  @Test
  void testsThatContradictEachOtherAreTakenAgain() {
    fresh.put(ProofMeasure.TESTER, shown(1.2 * NEW.cranking().amps()));
    fresh.put(ProofMeasure.PULSES, ProofResult.of(9.2).at(20).set(390, 0.6));
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.TESTS_CONTRADICT);
    fresh.put(ProofMeasure.PULSES, ProofResult.of(10.6).at(20).set(390, 0.97));
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.SO_FAR);
    double both = proof().ofRating().orElseThrow().sigma();
    fresh.remove(ProofMeasure.PULSES);
    assertThat(both).isLessThan(proof().ofRating().orElseThrow().sigma());
  }

  @Test
  void noBetterThanTheOldOneSaysThatItWasNotTheBatteryAlone() {
    old.put(ProofMeasure.CRANKING, ProofResult.of(foretoldVolts(4)).at(4));
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(foretoldVolts(4) + 0.05).at(4));
    assertThat(of(ProofMeasure.CRANKING).word()).isEqualTo(Word.SAME);
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.NO_BETTER);
  }

  @Test
  void loadsOfAnotherCurrentAreNotTheSameTest() {
    old.put(ProofMeasure.PULSES, ProofResult.of(9.9).at(18).set(250, 0.7));
    fresh.put(ProofMeasure.PULSES, ProofResult.of(10.4).at(18).set(390, 1));
    assertThat(of(ProofMeasure.PULSES).word()).isEqualTo(Word.NOT_ALIKE);
    fresh.put(ProofMeasure.PULSES, ProofResult.of(10.9).at(18).set(252, 1));
    assertThat(of(ProofMeasure.PULSES).word()).isEqualTo(Word.CLEARLY_BETTER);
  }

  /** A fortnight costs an AGM little: about 4 % in two weeks off the machine, handbook, loosely. */
  @Test
  void twoWeeksParkedAreForetoldWithTheMachinesDrain() {
    Compared compared = of(ProofMeasure.PARKED);
    Forecast forecast = compared.forecast().orElseThrow();
    double full =
        Forecast.of(ProofMeasure.REST, NEED, NEW, ProofResult.of(0)).orElseThrow().value();
    assertThat(forecast.value()).isLessThan(full).isGreaterThan(full - 0.25);
    fresh.put(ProofMeasure.PARKED, ProofResult.of(12.1).rested(336));
    assertThat(of(ProofMeasure.PARKED).against()).contains(Against.LESS);
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.LESS_THAN_FORETOLD);
  }

  @Test
  void provedOnceEverythingThatDecidesIsMeasured() {
    fresh.put(ProofMeasure.REST, ProofResult.of(12.84).rested(12));
    fresh.put(ProofMeasure.TESTER, shown(1.16 * NEW.cranking().amps()));
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(foretoldVolts(3)).at(3));
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.SO_FAR);
    double parked = of(ProofMeasure.PARKED).forecast().orElseThrow().value();
    fresh.put(ProofMeasure.PARKED, ProofResult.of(parked).rested(336));
    assertThat(proof().outcome()).isEqualTo(Proof.Outcome.PROVED);
  }

  @Test
  void lithiumHasNoTesterAndItsVoltsSayLittle() {
    assertThat(ProofMeasure.of(NEED.engine(), Chemistry.of("lfp"), false))
        .doesNotContain(ProofMeasure.TESTER)
        .contains(ProofMeasure.PULSES, ProofMeasure.CRANKING);
    assertThat(ProofMeasure.of(NEED.engine(), AGM, true)).contains(ProofMeasure.CAPACITY);
  }
}
