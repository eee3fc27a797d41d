package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.electrical.Protection;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.Sheet;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

/** What a battery's own protection does to its outcomes. */
class ProtectionOutcomesTest {
  private static final Need NEED =
      Examples.needOf(Examples.engine("motorcycle-multi", 0.9, 2, "10W-40"), 5, 60, 5);

  private static Label lithium(ProtectionClaim claim) {
    return Examples.label("lfp", 150, 10, 20, 1.8, 150)
        .with(new Sheet(20, List.of(), claim, true, true));
  }

  /** What a label states; 0 where it does not. */
  private static ProtectionClaim claim(
      double continuous, double cranking, double moment, double volts, double reserve) {
    return new ProtectionClaim(
        stated(continuous, Unit.AMPERE),
        stated(cranking, Unit.AMPERE),
        stated(moment, Unit.AMPERE),
        stated(volts, Unit.VOLT),
        stated(reserve, Unit.PER_CENT));
  }

  private static Optional<Given> stated(double value, Unit unit) {
    return value == 0 ? Optional.empty() : Optional.of(Given.label(value, unit));
  }

  private static CandidateAnswer answer(Label label, Conditions conditions) {
    return Bench.of(NEED, Policy.USUAL, List.of(new Candidate("A", label, 0)))
        .answer(conditions)
        .candidates()
        .get(0);
  }

  private static final Conditions MILD = new Conditions(5, 10, 3, 1, 0);

  /** A limit below what cranking draws stops the start; one above it changes nothing. */
  @Test
  void currentLimitsCount() {
    double free = chance(ProtectionClaim.NONE);
    assertThat(chance(claim(0, 900.0, 0, 0, 0))).isCloseTo(free, within(0.01));
    assertThat(chance(claim(0, 40.0, 0, 0, 0))).isLessThan(1);
    assertThat(chance(claim(0, 0, 60.0, 0, 0))).isLessThan(1);
    assertThat(chance(claim(0, 0, 0, 11.9, 0))).isLessThan(free);
    CandidateAnswer choked = answer(lithium(claim(2.0, 0, 0, 0, 0)), MILD);
    assertThat(choked.figure(Outcome.ENGINE_OFF_HOURS).value()).isZero();
  }

  private static double chance(ProtectionClaim claim) {
    return answer(lithium(claim), MILD).figure(Outcome.START_CHANCE).value();
  }

  /** A reserve ends the loads sooner and the parking later, whether or not it is armed. */
  @Test
  void aReserveKeepsAStart() {
    Label plain = lithium(ProtectionClaim.NONE);
    Label kept = lithium(claim(0, 0, 0, 0, 30.0));
    assertThat(answer(kept, MILD).figure(Outcome.ENGINE_OFF_HOURS).value())
        .isLessThanOrEqualTo(answer(plain, MILD).figure(Outcome.ENGINE_OFF_HOURS).value());
    assertThat(answer(plain, MILD).find(Outcome.RESERVE_STARTS)).isEmpty();
    assertThat(answer(kept, MILD).figure(Outcome.RESERVE_STARTS).value()).isGreaterThan(5);
    Conditions armed = MILD.left(new Stand(Stand.Way.RESERVE_ARMED, 4));
    Figure connected = answer(kept, MILD).figure(Outcome.PARKED_DAYS);
    assertThat(answer(kept, armed).figure(Outcome.PARKED_DAYS).value())
        .isCloseTo(connected.value(), within(1e-6));
    assertThat(connected.value())
        .isGreaterThan(2 * answer(plain, armed).figure(Outcome.PARKED_DAYS).value());
    assertThat(
            Bench.of(NEED, Policy.USUAL, List.of(new Candidate("A", kept, 0)))
                .standing(MILD)
                .get(0))
        .containsKeys(Stand.Way.RESERVE_ARMED, Stand.Way.NEGATIVE_OFF, Stand.Way.MAINTAINED);
  }

  /** A cold lithium battery that is too weak at first warms by its tries; lead does not. */
  @Test
  void triesAreAnOutcome() {
    Conditions cold = new Conditions(-19, 2, 0, 0, 0);
    double first = answer(lithium(ProtectionClaim.NONE), cold).figure(Outcome.FIRST_TRY).value();
    assertThat(first).isBetween(2.0, 6.0);
    Figure warm = answer(lithium(ProtectionClaim.NONE), MILD).figure(Outcome.FIRST_TRY);
    assertThat(warm.value()).isEqualTo(1);
    assertThat(answer(lithium(ProtectionClaim.NONE), MILD).figure(Outcome.STARTS_LEFT).value())
        .isGreaterThan(20);
  }

  /** What is not stated is assumed and said to be; what is stated is taken. */
  @Test
  void statedLimitsAreTaken() {
    Protection usual = Protection.of(lithium(ProtectionClaim.NONE)).orElseThrow();
    assertThat(usual.assumed()).isTrue();
    Protection stated = Protection.of(lithium(claim(30.0, 200.0, 500.0, 9.5, 25.0))).orElseThrow();
    assertThat(stated.assumed()).isFalse();
    assertThat(stated.continuousA()).isEqualTo(30);
    assertThat(stated.mostA()).isEqualTo(200);
    assertThat(stated.shortA()).isEqualTo(500);
    assertThat(stated.crankVolts()).isEqualTo(9.5);
    assertThat(stated.reserveCharge()).isEqualTo(0.25);
    assertThat(Protection.of(Examples.label("agm", 700, 70, 120, 20, 150))).isEmpty();
  }
}
