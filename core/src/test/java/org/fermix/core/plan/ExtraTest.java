package org.fermix.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.Refill;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.decision.ModelPrint;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.BatteryPlace;
import org.fermix.core.machine.Need;
import org.fermix.core.rating.CrankingTest;
import org.junit.jupiter.api.Test;

/** What goes with a battery, and what is looked for at the counter: common practice, no source. */
class ExtraTest {
  private static final Need NEED = Examples.dieselNeed();
  private static final Label AGM = Examples.label("agm", 760, 70, 125, 20.5, 172);
  private static final Label LFP = Examples.label("lfp", 650, 40, 95, 6.4, 420);

  private static Extra extra(Need need, Label label, Extra.Kind kind, ChargeSource... owned) {
    return extra(need, new Candidate("A", label, 0), kind, owned);
  }

  private static Extra extra(Need need, Candidate battery, Extra.Kind kind, ChargeSource... owned) {
    CandidateAnswer answer =
        Bench.of(need, Policy.USUAL, List.of(battery))
            .answer(Conditions.of(need))
            .candidates()
            .get(0);
    return Extra.of(need, answer, List.of(owned), false).stream()
        .filter(each -> each.kind() == kind)
        .findFirst()
        .orElseThrow();
  }

  private static ChargeSource charger(double amps, double volts, boolean desulfates) {
    return new ChargeSource(
        ChargeSource.Kind.CHARGER, amps, volts, OptionalDouble.empty(), desulfates, 0, true);
  }

  @Test
  void anOwnedChargerServesOnlyWhereItFillsWithoutHarm() {
    Need mild = Examples.need(NEED.engine(), -5, 7, 14.2);
    Extra none = extra(mild, AGM, Extra.Kind.CHARGER);
    assertThat(none.state()).isEqualTo(Extra.State.WORTH_HAVING);
    Need longer = Examples.need(NEED.engine(), -20, 300, 14.2);
    assertThat(extra(longer, AGM, Extra.Kind.CHARGER).state()).isEqualTo(Extra.State.NEEDED);
    assertThat(none.charger()).isPresent();
    Extra second =
        extra(NEED, LFP, Extra.Kind.CHARGER, charger(5, 15.8, true), charger(5, 14.4, false));
    assertThat(second.state()).isEqualTo(Extra.State.OWNED);
    assertThat(second.value()).isEqualTo(1);
    assertThat(extra(NEED, LFP, Extra.Kind.CHARGER, charger(5, 13.2, false)).state())
        .isNotEqualTo(Extra.State.OWNED);
  }

  /** Of several that serve the quickest is named, with the hours the bench has for it. */
  @Test
  void theQuickestOfThoseOwnedIsNamed() {
    ChargeSource small = charger(0.8, 13.7, false);
    ChargeSource large = charger(8, 14.6, false);
    Extra named = extra(NEED, AGM, Extra.Kind.CHARGER, small, large);
    assertThat(named.value()).isEqualTo(1);
    assertThat(named.hours()).isEqualTo(Refill.of(NEED, AGM, large).hours());
    assertThat(extra(NEED, AGM, Extra.Kind.CHARGER, small).hours().orElseThrow())
        .isGreaterThan(5 * named.hours().orElseThrow());
    assertThat(extra(NEED, AGM, Extra.Kind.CHARGER).hours()).isEmpty();
  }

  /** Of several batteries a charger serves all or is none; what is asked for serves each. */
  @Test
  void aChargerServesEveryBatteryOfAnArrangement() {
    Label wet = Examples.label("flooded", 640, 70, 110, 17, 96);
    Candidate wetAndAgm = new Candidate("A", wet, 0).beside(Beside.house(AGM, List.of()));
    ChargeSource pulses = charger(4, 14.6, true);
    assertThat(extra(NEED, wet, Extra.Kind.CHARGER, pulses).state()).isEqualTo(Extra.State.OWNED);
    // Need, Bench and Decide ask this of the whole candidate.
    assertThat(Refill.of(NEED, new Candidate("A", wet, 0), pulses).way())
        .isEqualTo(Refill.Way.FILLS);
    assertThat(Refill.of(NEED, wetAndAgm, pulses).way()).isEqualTo(Refill.Way.HARMS);
    Extra wanted = extra(NEED, wetAndAgm, Extra.Kind.CHARGER, pulses);
    assertThat(wanted.state()).isNotEqualTo(Extra.State.OWNED);
    ChargerSpec spec = wanted.charger().orElseThrow();
    assertThat(spec.eachItsOwn()).isFalse();
    for (Label each : List.of(wet, AGM)) {
      ChargerSpec own = ChargerSpec.of(NEED, each);
      assertThat(spec.leastAmps()).isGreaterThanOrEqualTo(own.leastAmps());
      assertThat(spec.mostAmps()).isLessThanOrEqualTo(own.mostAmps());
      assertThat(spec.highVolts()).isLessThanOrEqualTo(own.highVolts());
    }
    ChargeSource asked = charger(spec.leastAmps(), spec.highVolts(), false);
    Extra serves = extra(NEED, wetAndAgm, Extra.Kind.CHARGER, asked);
    assertThat(serves.hours())
        .hasValue(
            Math.max(
                Refill.of(NEED, wet, asked).hours().orElseThrow(),
                Refill.of(NEED, AGM, asked).hours().orElseThrow()));
    // Gel wants less than a sodium-ion battery’s least: no one charger serves both.
    Candidate apart =
        new Candidate("A", Examples.label("gel", 500, 60, 110, 20, 200), 0)
            .beside(Beside.house(Examples.label("sodium", 500, 60, 110, 9, 300), List.of()));
    assertThat(extra(NEED, apart, Extra.Kind.CHARGER).charger().orElseThrow().eachItsOwn())
        .isTrue();
  }

  /** The charger that is asked for fills the battery it is asked for, and harms it nowhere. */
  @Test
  void theChargerAskedForServes() {
    for (Label label :
        List.of(
            AGM,
            LFP,
            Examples.label("flooded", 640, 70, 110, 17, 96),
            Examples.label("gel", 500, 60, 110, 20, 200),
            Examples.label("sodium", 500, 60, 110, 9, 300))) {
      ChargerSpec spec = ChargerSpec.of(NEED, label);
      assertThat(spec.leastAmps()).isPositive().isLessThanOrEqualTo(spec.mostAmps());
      assertThat(spec.lowVolts()).isLessThanOrEqualTo(spec.highVolts());
      assertThat(spec.hours()).isPresent();
      for (double amps : new double[] {spec.leastAmps(), spec.mostAmps()}) {
        for (double volts : new double[] {spec.lowVolts(), spec.highVolts()}) {
          assertThat(extra(NEED, label, Extra.Kind.CHARGER, charger(amps, volts, false)).state())
              .as("%s at %s A, %s V", label.name(), amps, volts)
              .isEqualTo(Extra.State.OWNED);
        }
      }
    }
    assertThat(ChargerSpec.of(NEED, LFP).wakes()).isTrue();
    assertThat(ChargerSpec.of(NEED, AGM).wakes()).isFalse();
    // IEC 60095-1 ends a capacity test at 10.5 V: so low a flat battery may be met.
    assertThat(ChargerSpec.of(NEED, AGM).startsFromVolts()).isEqualTo(10.5);
    assertThat(ChargerSpec.of(NEED, LFP).startsFromVolts()).isZero();
  }

  @Test
  void aSurgeIsAskedAboutWhereAProtectionMayOpenOnAnAlternator() {
    assertThat(extra(NEED, LFP, Extra.Kind.SURGE_PROTECTOR).state()).isEqualTo(Extra.State.ASK);
    assertThat(extra(NEED, AGM, Extra.Kind.SURGE_PROTECTOR).state()).isEqualTo(Extra.State.NONE);
    Need stator =
        Examples.need(Examples.engine("motorcycle-single", 0.65, 1, "10W-40"), -5, 20, 14.2);
    assertThat(extra(stator, LFP, Extra.Kind.SURGE_PROTECTOR).state()).isEqualTo(Extra.State.NONE);
  }

  @Test
  void leadInAClosedPlaceWantsAHoseOutside() {
    Need cabin =
        new Need(
            NEED.engine(),
            NEED.minimum(),
            NEED.tray(),
            BatteryPlace.find("cabin").orElseThrow(),
            NEED.climate(),
            NEED.use(),
            NEED.charging());
    assertThat(extra(cabin, AGM, Extra.Kind.VENT).state()).isEqualTo(Extra.State.NEEDED);
    assertThat(extra(cabin, LFP, Extra.Kind.VENT).state()).isEqualTo(Extra.State.NONE);
    Candidate withLead = new Candidate("A", LFP, 0).beside(Beside.house(AGM, List.of()));
    assertThat(extra(cabin, withLead, Extra.Kind.VENT).state()).isEqualTo(Extra.State.NEEDED);
    assertThat(extra(NEED, AGM, Extra.Kind.VENT).state()).isEqualTo(Extra.State.NONE);
  }

  @Test
  void anAircraftIsLeftToItsMechanicAndTheOldLeadGoesBack() {
    Need aircraft = Examples.need(Examples.engine("aircraft", 3.8, 4, "15W-50"), -5, 20, 14.0);
    assertThat(extra(aircraft, AGM, Extra.Kind.MECHANIC).state()).isEqualTo(Extra.State.NEEDED);
    assertThat(extra(NEED, AGM, Extra.Kind.MECHANIC).state()).isEqualTo(Extra.State.NONE);
    assertThat(extra(NEED, AGM, Extra.Kind.OLD_ONE_BACK).state()).isEqualTo(Extra.State.ASK);
  }

  /** A charging fault that was found is on the bill even where the volts typed suit the battery. */
  @Test
  void aFaultThatWasFoundIsOnTheBill() {
    CandidateAnswer answer =
        Bench.of(NEED, Policy.USUAL, List.of(new Candidate("A", AGM, 0)))
            .answer(Conditions.of(NEED))
            .candidates()
            .get(0);
    assertThat(Extra.of(NEED, answer, List.of(), true))
        .filteredOn(each -> each.kind() == Extra.Kind.REGULATOR)
        .singleElement()
        .extracting(Extra::state)
        .isEqualTo(Extra.State.NEEDED);
  }

  @Test
  void tooFewVoltsWantTheRegulator() {
    Need low = Examples.need(NEED.engine(), -20, 42, 12.9);
    assertThat(extra(low, AGM, Extra.Kind.REGULATOR).state()).isEqualTo(Extra.State.NEEDED);
    assertThat(extra(NEED, AGM, Extra.Kind.REGULATOR).state()).isEqualTo(Extra.State.NONE);
  }

  /** The other test's figure is within the trade's own range, and the volts order as they must. */
  @Test
  void theLabelIsLookedAtBeforePaying() {
    CounterChecks agm = CounterChecks.of(AGM, LocalDate.of(2026, 11, 27));
    assertThat(agm.madeAfter()).isEqualTo(LocalDate.of(2026, 5, 1));
    CrankingTest en = CrankingTest.find("en").orElseThrow();
    assertThat(agm.otherwise().test()).isEqualTo(en);
    assertThat(agm.otherwise().amps()).isBetween(760 * en.trade().low(), 760 * en.trade().high());
    assertThat(agm.leastMassKg().orElseThrow()).isCloseTo(18.45, within(0.01));
    assertThat(agm.goodVolts()).isBetween(12.5, 12.9).isGreaterThan(agm.refuseVolts());
    CounterChecks lfp = CounterChecks.of(LFP, LocalDate.of(2026, 11, 27));
    assertThat(lfp.goodVolts()).isGreaterThan(lfp.refuseVolts()).isBetween(12.8, 13.4);
    assertThat(lfp.madeAfter()).isEqualTo(LocalDate.of(2025, 11, 1));
  }

  @Test
  void theModelsHaveAMarkThatStays() {
    assertThat(ModelPrint.own()).matches("[0-9a-f]{6}").isEqualTo(ModelPrint.own());
  }
}
