package org.fermix.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.fermix.core.Examples;
import org.fermix.core.electrical.BatteryCircuit;
import org.junit.jupiter.api.Test;

/** A session knows its instruments by their ports alone: here they are written down by hand. */
class TestSessionTest {
  /** Instruments and hands that answer by the book. */
  private static final class ByTheBook implements BatteryTester, StartLogger, Handling {
    private final List<String> asked = new ArrayList<>();
    private double volts;
    private double temperatureC;

    ByTheBook(double volts, double temperatureC) {
      this.volts = volts;
      this.temperatureC = temperatureC;
    }

    @Override
    public String name() {
      return "by the book";
    }

    @Override
    public double volts() {
      return volts;
    }

    @Override
    public double temperatureC() {
      return temperatureC;
    }

    @Override
    public double loadedVolts(double amps, double seconds) {
      asked.add("load " + Math.round(amps) + " A " + Math.round(seconds) + " s");
      return 9.9;
    }

    @Override
    public double crankingAmps(double ratedAmps) {
      asked.add("estimate " + Math.round(ratedAmps) + " A");
      return 580;
    }

    @Override
    public CrankRecording record() {
      return CrankRecording.ofVolts(
          IntStream.range(0, 30).mapToDouble(i -> i * 0.1).toArray(),
          IntStream.range(0, 30).mapToDouble(i -> 12).toArray());
    }

    @Override
    public void charge() {
      asked.add("charge");
      volts = 13.3;
    }

    @Override
    public void rest(double hours) {
      asked.add("rest " + Math.round(hours) + " h");
      volts = 12.7;
    }

    @Override
    public void headlamps() {
      asked.add("headlamps");
      volts = 12.7;
    }

    @Override
    public void warm() {
      temperatureC = 20;
    }

    @Override
    public double restedHours() {
      return 12;
    }
  }

  private static TestSession clamped(ByTheBook hands, String chemistry) {
    return new TestSession(
        BatteryCircuit.of(Examples.label(chemistry, 600, 60, 100, 17, 100)), hands, hands, hands);
  }

  @Test
  void aFlatLeadBatteryIsChargedRestedAndOnlyThenLoaded() {
    ByTheBook hands = new ByTheBook(12.1, 18);
    TestSession session = clamped(hands, "flooded");
    assertThat(session.step()).isEqualTo(TestStep.CHARGE_FIRST);
    assertThat(session.offers(TestAction.LOAD)).isFalse();
    assertThatExceptionOfType(IllegalStateException.class)
        .isThrownBy(() -> session.act(TestAction.LOAD));
    session.act(TestAction.CHARGE);
    assertThat(session.step()).isEqualTo(TestStep.TAKE_SURFACE_OFF);
    session.act(TestAction.REST);
    assertThat(session.step()).isEqualTo(TestStep.LOAD);
    session.act(TestAction.LOAD);
    session.act(TestAction.ESTIMATE);
    assertThat(session.isComplete()).isTrue();
    assertThat(session.results()).isEqualTo(3);
    assertThat(session.restedVolts()).hasValue(12.7);
    assertThat(session.loadedVolts()).hasValue(9.9);
    assertThat(session.done())
        .extracting(TestSession.Done::action)
        .containsExactly(TestAction.CHARGE, TestAction.REST, TestAction.LOAD, TestAction.ESTIMATE);
    // Half its rating for 15 s (SAE J537 tests by half the rating; common practice).
    assertThat(hands.asked)
        .containsExactly("charge", "rest 4 h", "load 300 A 15 s", "estimate 600 A");
  }

  @Test
  void anotherChargeForgetsWhatWasMeasured() {
    TestSession session = clamped(new ByTheBook(12.7, 18), "flooded");
    session.act(TestAction.LOAD);
    session.act(TestAction.CHARGE);
    assertThat(session.loadedVolts()).isEmpty();
    assertThat(session.results()).isZero();
  }

  @Test
  void coldLithiumIsWarmedBeforeItIsCharged() {
    ByTheBook hands = new ByTheBook(13.2, -5);
    TestSession session = clamped(hands, "lfp");
    assertThat(session.step()).isEqualTo(TestStep.WARM_FIRST);
    assertThat(session.offers(TestAction.CHARGE)).isFalse();
    session.act(TestAction.WARM);
    assertThat(session.offers(TestAction.CHARGE)).isTrue();
    assertThat(session.offers(TestAction.WARM)).isFalse();
  }
}
