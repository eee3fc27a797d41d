package org.fermix.web.proving;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.prove.Compared;
import org.fermix.core.prove.Proof;
import org.fermix.core.prove.ProofMeasure;
import org.fermix.core.prove.ProofResult;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;

/** The sentences of a proof: each names its figures, and none says more than they carry. */
class ProofWordsTest {
  private static final Display METRIC = Display.USUAL;

  private static Need need(String kind) {
    return UsualNeed.of(
            Engine.usual(
                EngineClass.all().stream()
                    .filter(each -> each.id().equals(kind))
                    .findFirst()
                    .orElseThrow()))
        .need();
  }

  private final Map<ProofMeasure, ProofResult> old = new EnumMap<>(ProofMeasure.class);
  private final Map<ProofMeasure, ProofResult> fresh = new EnumMap<>(ProofMeasure.class);

  private Proof proof(Chemistry chemistry) {
    Need need = need("petrol-car");
    Label label = TypicalBattery.of(need, chemistry);
    return Proof.of(need, Optional.of(Chemistry.all().get(0)), label, old, fresh, Map.of());
  }

  private Proof lead() {
    return proof(Chemistry.all().get(0));
  }

  private static Compared of(Proof proof, ProofMeasure measure) {
    return proof.compared().stream()
        .filter(each -> each.measure() == measure)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void everyMeasureAndEveryWordIsNamed() {
    for (ProofMeasure measure : ProofMeasure.values()) {
      assertThat(ProofWords.title(measure)).isNotBlank();
      for (Compared.Difference difference : Compared.Difference.values()) {
        assertThat(ProofWords.difference(difference, measure)).endsWith(".");
      }
    }
    for (Compared each : lead().compared()) {
      assertThat(ProofWords.how(each, METRIC)).isNotBlank();
      assertThat(ProofWords.word(each)).isEqualTo("not yet");
      assertThat(ProofWords.style(each)).isEqualTo("is-open");
    }
  }

  @Test
  void beforeAnythingIsMeasuredOnlyTheForecastIsSaid() {
    Proof proof = lead();
    assertThat(ProofWords.headline(proof, false)).contains("Nothing of the new one");
    assertThat(ProofWords.reasons(proof, METRIC)).hasSize(1);
    List<String> working = ProofWords.working(of(proof, ProofMeasure.CRANKING), METRIC);
    assertThat(working.get(0)).startsWith("Foretold: ").contains("eight times in ten");
    assertThat(working.get(0)).contains("it would not start");
  }

  @Test
  void aDifferenceIsShownAsItIsReckoned() {
    old.put(ProofMeasure.CRANKING, ProofResult.of(8.2).at(8));
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(10.0).at(2));
    Compared compared = of(lead(), ProofMeasure.CRANKING);
    String working = plain(String.join(" ", ProofWords.working(compared, METRIC)));
    assertThat(working)
        .contains("Old: 8.20 V, brought to the new one’s temperature")
        .contains("10.00 V − ")
        .contains("two such tests of one battery differ by ±")
        .contains("different from 2 on, clearly from 4 on")
        .contains("Not the same temperature");
    assertThat(plain(ProofWords.how(compared, METRIC))).isEqualTo("at 2 °C");
  }

  /** In US units degrees are Fahrenheit; volts stay volts. */
  @Test
  void figuresStandInTheUnitsOfTheirOwner() {
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(10.0).at(0));
    Display us = METRIC.in(UnitSystem.US);
    assertThat(plain(ProofWords.how(of(lead(), ProofMeasure.CRANKING), us))).isEqualTo("at 32 °F");
    assertThat(plain(ProofWords.reasons(lead(), us).toString())).contains("at 32 °F", "10.00 V");
  }

  @Test
  void aStandIsToldInDaysAndARestInHours() {
    fresh.put(ProofMeasure.REST, ProofResult.of(12.7).rested(14));
    fresh.put(ProofMeasure.PARKED, ProofResult.of(12.6).rested(336));
    assertThat(plain(ProofWords.how(of(lead(), ProofMeasure.REST), METRIC)))
        .isEqualTo("14 h at rest");
    assertThat(ProofWords.how(of(lead(), ProofMeasure.PARKED), METRIC))
        .isEqualTo("14 days without driving");
  }

  @Test
  void oneBelowItsRatingIsSentBackAndOneThatIsFlatIsCharged() {
    fresh.put(ProofMeasure.TESTER, ProofResult.of(300).set(600, 0.45));
    Proof below = lead();
    assertThat(ProofWords.headline(below, false)).contains("below its rating");
    assertThat(ProofWords.reasons(below, METRIC).get(0)).contains("of what its label prints");
    fresh.put(ProofMeasure.REST, ProofResult.of(12.2).rested(12));
    assertThat(ProofWords.headline(lead(), false)).contains("Charge it first");
  }

  @Test
  void lithiumIsNotHeldToATesterNorItsVoltsToACharge() {
    Chemistry lithium =
        Chemistry.all().stream().filter(each -> !each.isLead()).findFirst().orElseThrow();
    fresh.put(ProofMeasure.REST, ProofResult.of(13.3).rested(12));
    old.put(ProofMeasure.REST, ProofResult.of(12.6).rested(12));
    Proof proof = proof(lithium);
    assertThat(proof.compared()).noneMatch(each -> each.measure() == ProofMeasure.TESTER);
    Compared rest = of(proof, ProofMeasure.REST);
    assertThat(ProofWords.word(rest)).isEqualTo("says little");
    assertThat(ProofWords.working(rest, METRIC).toString()).contains("Two chemistries rest");
  }

  /** A machine that cranks no engine is nowhere told of starts. */
  @Test
  void whatCranksNothingIsMeasuredWithoutCranking() {
    for (EngineClass type : EngineClass.all()) {
      Engine engine = Engine.usual(type);
      List<ProofMeasure> measures = ProofMeasure.of(engine, Chemistry.all().get(0), false);
      assertThat(measures.contains(ProofMeasure.CRANKING)).isEqualTo(engine.turns());
      assertThat(measures.contains(ProofMeasure.CAPACITY)).isEqualTo(!engine.turns());
    }
  }

  @Test
  void theScaleHoldsBothTagsAndWhatWasForetold() {
    old.put(ProofMeasure.CRANKING, ProofResult.of(8.2).at(4));
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(10.0).at(4));
    ProofScale apart = ProofScale.of(of(lead(), ProofMeasure.CRANKING), "C", METRIC);
    assertThat(apart.drawn()).contains("data-letter=\"0\"", "data-letter=\"C\"", "whisker");
    assertThat(plain(apart.summary())).contains("old: 8.20 V", "new, C: 10.00 V", "foretold: ");
    fresh.put(ProofMeasure.CRANKING, ProofResult.of(8.25).at(4));
    ProofScale close = ProofScale.of(of(lead(), ProofMeasure.CRANKING), "C", METRIC);
    assertThat(close.height()).as("one above the other").isGreaterThan(apart.height());
    ProofScale none = ProofScale.of(of(lead(), ProofMeasure.PULSES), "C", METRIC);
    assertThat(none.drawn()).isEmpty();
    assertThat(none.height()).isZero();
  }

  private static String plain(String text) {
    return text.replace('\u00a0', ' ').replace('\u202f', ' ');
  }
}
