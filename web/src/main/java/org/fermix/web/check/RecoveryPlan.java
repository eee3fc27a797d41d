package org.fermix.web.check;

import java.util.List;
import java.util.Optional;
import org.fermix.core.diagnosis.Found;
import org.fermix.core.diagnosis.Recovery;
import org.fermix.core.diagnosis.Verdict;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;

/**
 * The recovery charge of a lead battery found low or flat, in words and as a strip of hours.
 *
 * @param stretches of the strip, in their order
 * @param caution where the step is
 */
record RecoveryPlan(String headline, List<Stretch> stretches, List<String> steps, String caution) {
  private static final double WIDTH = 600;
  private static final double TEST_HOURS = 1;

  /** Copies the lists. */
  RecoveryPlan {
    stretches = List.copyOf(stretches);
    steps = List.copyOf(steps);
  }

  /** A stretch of the strip. */
  record Stretch(
      String x,
      String width,
      String middle,
      String anchor,
      String label,
      String hours,
      String kind) {}

  /** The plan where the verdict asks for a charge and a test after it. */
  static Optional<RecoveryPlan> of(Checks.State state, Display display) {
    Verdict verdict = state.verdict();
    boolean asked =
        verdict.action() == Verdict.Action.CHARGE_AND_RETEST
            || verdict.action() == Verdict.Action.DRIVE_MORE
            || verdict.measured().contains(Verdict.Action.CHARGE_AND_RETEST);
    if (!state.isStarted() || !asked) {
      return Optional.empty();
    }
    boolean flat =
        state.diagnosis().found().getOrDefault(Found.FLAT, 0.0)
            > state.diagnosis().found().getOrDefault(Found.LOW, 0.0);
    return Recovery.of(
            state.suspect().chemistry(), state.suspect().ampHours(), state.suspect().series(), flat)
        .map(recovery -> plan(recovery, flat, display));
  }

  private static RecoveryPlan plan(Recovery recovery, boolean flat, Display display) {
    double whole = recovery.hours() + recovery.restHours() + TEST_HOURS;
    double charge = WIDTH * recovery.hours() / whole;
    double rest = WIDTH * recovery.restHours() / whole;
    String amps = display.show(recovery.amps(), Unit.AMPERE, 1).text();
    return new RecoveryPlan(
        "Recovery charge, then test again: about a day and a night",
        List.of(
            stretch(0, charge, "charge", hours(recovery.hours()), "is-charge"),
            stretch(charge, rest, "rest", hours(recovery.restHours()), "is-rest"),
            stretch(charge + rest, WIDTH - charge - rest, "test", "", "is-test")),
        List.of(
            "Off the machine if you can. A charger set to this kind of battery, at most "
                + amps
                + " and "
                + display.show(recovery.volts(), Unit.VOLT, 1).text()
                + display.words(" (at 25 °C; about 0.3 V more near freezing).")
                + " One that will not start on so flat a"
                + " battery needs its recovery or supply setting.",
            "It takes about "
                + hours(recovery.hours())
                + ". Stop when the current has not fallen for three hours at full voltage, and in any"
                + " case after "
                + hours(recovery.longestHours())
                + "; at once when it gets hand-hot, gasses hard or smells.",
            "Rest it "
                + hours(recovery.restHours())
                + ", read its voltage, then test it. Of those found "
                + (flat ? "flat about half" : "low about four in five")
                + " are sound again; each time costs some of its capacity."),
        "Goggles, air, no flame: it gives off hydrogen. Never charge a frozen battery: thaw it first."
            + " Its maker’s own figures come first.");
  }

  private static Stretch stretch(double x, double width, String label, String hours, String kind) {
    boolean last = x + width >= WIDTH - 1;
    return new Stretch(
        Scale.pixels(x),
        Scale.pixels(width),
        Scale.pixels(last ? WIDTH : x + width / 2),
        last ? "end" : "middle",
        label,
        hours,
        kind);
  }

  private static String hours(double hours) {
    return Math.round(hours) + " h";
  }
}
