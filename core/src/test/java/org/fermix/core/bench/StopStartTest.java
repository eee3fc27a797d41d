package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.decision.Hold;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.StopStart;
import org.fermix.core.permission.Approval;
import org.fermix.core.permission.Permission;
import org.fermix.core.permission.Requirement;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Term;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * An engine that stops at lights: what may follow what, and how long each kind lasts of it. Common
 * practice, no source.
 */
class StopStartTest {
  private static final Need CAR =
      Examples.need(Examples.engine("petrol-car", 1.6, 4, "5W-30"), -10, 14, 14.3);

  private static Need stopping(Optional<Boolean> works) {
    return CAR.used(
        CAR.use()
            .driven(
                CAR.use()
                    .driving()
                    .stopping(
                        new StopStart(
                            works, Given.typed(20, Unit.COUNT), Given.typed(20, Unit.AMPERE)))));
  }

  private static CandidateAnswer answer(Need need, String today, String next) {
    List<Candidate> lineUp = new ArrayList<>();
    if (!today.isEmpty()) {
      lineUp.add(new Candidate("0", Examples.label(today, 680, 68, 110, 18, 0), 4));
    }
    lineUp.add(new Candidate("A", Examples.label(next, 680, 68, 110, 18, 150), 0));
    return Bench.of(need, Policy.USUAL, lineUp).answer(Conditions.of(need)).find("A").orElseThrow();
  }

  private static Optional<GateResult> allowed(CandidateAnswer answer) {
    return answer.gates().stream().filter(each -> each.gate() == Gate.APPROVED).findFirst();
  }

  @ParameterizedTest
  @CsvSource(
      nullValues = "-",
      value = {
        // stops, today's, the next, what is said
        "true, -, flooded, FAILS STOPS_AT_LIGHTS",
        "true, flooded, flooded, FAILS STOPS_AT_LIGHTS",
        "true, agm, flooded, FAILS STOPS_AT_LIGHTS",
        "true, agm, efb, CLOSE LESS_THAN_TODAYS",
        "true, efb, efb, -",
        "true, agm, agm, -",
        "true, -, efb, -",
        "true, agm, lfp, -",
        "false, agm, flooded, -",
        "-, agm, flooded, UNKNOWN STOPS_NOT_SAID",
        "-, efb, flooded, UNKNOWN STOPS_NOT_SAID",
        "-, flooded, flooded, -",
        "-, -, flooded, -",
        "-, agm, efb, -"
      })
  void whatMayFollow(Boolean stops, String today, String next, String said) {
    CandidateAnswer answer =
        answer(stopping(Optional.ofNullable(stops)), today == null ? "" : today, next);
    assertThat(allowed(answer).map(each -> each.mark() + " " + each.findings().get(0).code()))
        .isEqualTo(Optional.ofNullable(said));
    assertThat(Hold.of(stopping(Optional.ofNullable(stops)), answer).contains(Hold.STOPS))
        .isEqualTo(said != null && said.startsWith("UNKNOWN"));
  }

  /** What is only to be noted hides nothing that a document leaves open. */
  @Test
  void aDocumentStandsBesideIt() {
    LocalDate day = LocalDate.of(2026, 12, 2);
    Approval list =
        new Approval(
            "Bulletin 7",
            "family X",
            "",
            "",
            "2",
            Optional.empty(),
            Optional.of(day),
            Approval.Issuer.ENGINE_MAKER,
            Approval.Scope.ANY,
            true,
            List.of(Requirement.read("heater")));
    Need need =
        stopping(Optional.of(true)).allowing(new Permission(Optional.empty(), List.of(list), day));
    assertThat(allowed(answer(need, "agm", "efb")).orElseThrow().findings().get(0).code())
        .isEqualTo(Finding.Code.APPROVAL_NOT_STATED);
    assertThat(allowed(answer(need, "agm", "flooded")).orElseThrow().findings().get(0).code())
        .isEqualTo(Finding.Code.STOPS_AT_LIGHTS);
  }

  /** A boat's or a motorcycle's engine is never asked; a mat there says nothing of lights. */
  @Test
  void onlyCarsAreAsked() {
    Need quad = Examples.need(Examples.engine("utility", 0.7, 2, "5W-40"), -10, 14, 14.3);
    assertThat(allowed(answer(quad, "agm", "flooded"))).isEmpty();
  }

  /**
   * Flooded plates wear in a year or two of twenty restarts a day, enhanced ones in two to four, a
   * mat in three to six; without them all last longer, and charge is taken for them.
   */
  @ParameterizedTest
  @CsvSource({"flooded, 1, 2.2", "efb, 2, 4", "agm, 3, 6"})
  void smallCyclesWear(String kind, double least, double most) {
    CandidateAnswer without = answer(stopping(Optional.of(false)), "", kind);
    CandidateAnswer with = answer(stopping(Optional.of(true)), "", kind);
    assertThat(with.figure(Outcome.LIFE).value())
        .isBetween(least, most)
        .isLessThan(0.8 * without.figure(Outcome.LIFE).value());
    assertThat(with.figure(Outcome.CHARGE_REACHED).value())
        .isLessThan(without.figure(Outcome.CHARGE_REACHED).value());
    // Nobody said: nothing is counted.
    assertThat(answer(stopping(Optional.empty()), "", kind).figure(Outcome.LIFE).value())
        .isEqualTo(without.figure(Outcome.LIFE).value());
  }

  /** The working of a life and of a day's balance has every figure the stops rest on, or none. */
  @Test
  void theWorkingNamesWhatTheStopsRestOn() {
    for (Outcome outcome : List.of(Outcome.LIFE, Outcome.CHARGE_REACHED)) {
      assertThat(meanings(stopping(Optional.of(true)), outcome))
          .contains(
              "restarts at lights a day",
              "I while stopped",
              "minutes of one stop",
              "a warm restart, of one start",
              "stops and restarts take, a day");
      assertThat(meanings(stopping(Optional.of(false)), outcome))
          .doesNotContain("restarts at lights a day", "minutes of one stop");
    }
  }

  private static List<String> meanings(Need need, Outcome outcome) {
    return answer(need, "", "efb").figure(outcome).working().terms().stream()
        .map(Term::meaning)
        .toList();
  }
}
