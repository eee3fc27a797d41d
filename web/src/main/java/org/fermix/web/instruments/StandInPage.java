package org.fermix.web.instruments;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.fermix.core.prove.TestAction;
import org.fermix.core.prove.TestSession;
import org.fermix.core.prove.TestStep;
import org.fermix.core.quantity.Unit;
import org.fermix.standins.HiddenBattery;
import org.fermix.web.shared.Display;

/**
 * The stand-in instruments as they are shown.
 *
 * @param face what the tester's display reads
 * @param asks what the tester asks for, in words
 * @param actions what can be done, the one it asks for first
 * @param refuses why it will not load yet; empty when it will
 */
record StandInPage(
    String face,
    String faceUnit,
    String temperature,
    String asks,
    List<Step> steps,
    List<Offer> actions,
    String refuses,
    List<Line> log,
    int results,
    List<String> hidden) {
  /** One step of the procedure. */
  record Step(String words, String state) {}

  /** An action. */
  record Offer(String slug, String words, boolean asked) {}

  /** Something that was done. */
  record Line(String words, String shown, String volts) {}

  static StandInPage of(HiddenBattery battery, boolean reveal, Display display) {
    TestSession session = battery.session();
    TestStep step = session.step();
    Display.Shown volts = display.show(session.volts(), Unit.VOLT, 2);
    List<Offer> offers =
        Arrays.stream(TestAction.values())
            .filter(session::offers)
            .map(
                action ->
                    new Offer(
                        action.slug(),
                        words(action, session, display),
                        asked(action, step, session)))
            .sorted((a, b) -> Boolean.compare(b.asked(), a.asked()))
            .toList();
    return new StandInPage(
        volts.number(),
        volts.unit(),
        display.show(session.temperatureC(), Unit.CELSIUS, 0).text(),
        asks(step, session),
        steps(step, session),
        offers,
        step == TestStep.LOAD ? "" : "It loads nothing before that: a result would mean nothing.",
        session.done().stream().map(done -> line(done, display)).toList(),
        session.results(),
        reveal ? hidden(battery) : List.of());
  }

  private static String words(TestAction action, TestSession session, Display display) {
    return switch (action) {
      case LOAD ->
          "Load it: " + display.show(session.loadAmps(), Unit.AMPERE, 0).text() + " for 15 s";
      case ESTIMATE ->
          "Estimate its cranking amps, "
              + display.show(session.ratedAmps(), Unit.AMPERE, 0).text()
              + " set";
      default -> ActionWords.of(action);
    };
  }

  private static boolean asked(TestAction action, TestStep step, TestSession session) {
    return switch (step) {
      case WARM_FIRST -> action == TestAction.WARM;
      case WAKE, CHARGE_FIRST -> action == TestAction.CHARGE;
      case TAKE_SURFACE_OFF -> action == TestAction.REST || action == TestAction.HEADLAMPS;
      case STOP -> false;
      case LOAD ->
          (action == TestAction.LOAD && session.loadedVolts().isEmpty())
              || (action == TestAction.ESTIMATE && session.shownAmps().isEmpty());
    };
  }

  private static String asks(TestStep step, TestSession session) {
    return switch (step) {
      case WARM_FIRST -> "Too cold: lithium takes no charge below freezing. Warm it first.";
      case WAKE -> "Nearly nothing: its protection is open. Wake it with a charger that can.";
      case CHARGE_FIRST ->
          session.isLead()
              ? "Not charged. Charge it fully before it is judged."
              : "Its voltage does not tell its charge. Charge it fully before it is judged.";
      case TAKE_SURFACE_OFF -> "Surface charge. Let it rest four hours, or run the headlamps.";
      case STOP -> "It stays low although it was charged: a cell is gone. Do not load it.";
      case LOAD -> session.isComplete() ? "Done. Take the results down." : "Ready. Load it.";
    };
  }

  private static List<Step> steps(TestStep step, TestSession session) {
    boolean ready = step == TestStep.LOAD;
    boolean loaded = session.loadedVolts().isPresent() || session.shownAmps().isPresent();
    boolean charged = ready || step == TestStep.TAKE_SURFACE_OFF;
    List<Step> steps = new ArrayList<>();
    steps.add(new Step("Clamp on", "is-done"));
    steps.add(new Step("Charge", charged ? "is-done" : "is-now"));
    steps.add(new Step("Rest", ready ? "is-done" : charged ? "is-now" : "is-later"));
    steps.add(new Step("Load", loaded ? "is-done" : ready ? "is-now" : "is-later"));
    return steps;
  }

  private static Line line(TestSession.Done done, Display display) {
    String shown =
        done.shown().isEmpty()
            ? ""
            : done.action() == TestAction.LOAD
                ? display.show(done.shown().getAsDouble(), Unit.VOLT, 2).text() + " under load"
                : display.show(done.shown().getAsDouble(), Unit.AMPERE, 0).text() + " shown";
    return new Line(
        ActionWords.of(done.action()), shown, display.show(done.volts(), Unit.VOLT, 2).text());
  }

  private static List<String> hidden(HiddenBattery battery) {
    return List.of(
        Math.round(100 * battery.share()) + " % of its rated cold cranking amps is left.",
        Math.round(100 * battery.charge()) + " % charged now.");
  }
}
