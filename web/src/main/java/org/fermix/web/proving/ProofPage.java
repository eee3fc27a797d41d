package org.fermix.web.proving;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.prove.Compared;
import org.fermix.core.prove.Proof;
import org.fermix.core.prove.ProofMeasure;
import org.fermix.core.prove.ProofResult;
import org.fermix.core.quantity.Unit;
import org.fermix.web.check.TakenReading;
import org.fermix.web.recordings.Waveforms;
import org.fermix.web.shared.Display;

/**
 * A proof as it is shown.
 *
 * @param conditions in which the two tests are to be the same
 * @param claims true where it is below its rating
 * @param open true while the old one is still said to be in
 * @param missing what would still be measured, in words
 */
public record ProofPage(
    String letter,
    String headline,
    String style,
    List<String> reasons,
    List<Condition> conditions,
    List<Row> rows,
    Optional<Waveforms> starts,
    boolean claims,
    boolean open,
    String since,
    String missing) {
  /** Copies the lists. */
  public ProofPage {
    reasons = List.copyOf(reasons);
    conditions = List.copyOf(conditions);
    rows = List.copyOf(rows);
  }

  /** In one of these the tests are the same, or not quite. */
  public record Condition(String title, String sign, String words) {}

  /**
   * One measure.
   *
   * @param oldPath beneath the job where the old one’s is taken; empty where it cannot
   */
  public record Row(
      String slug,
      String title,
      String how,
      String drawn,
      int height,
      String summary,
      String old,
      String fresh,
      String word,
      String style,
      List<String> working,
      boolean taken,
      String oldPath) {
    /** Copies the list. */
    public Row {
      working = List.copyOf(working);
    }
  }

  static ProofPage of(Proofs.State state, Display display) {
    Proof proof = state.proof();
    boolean handedOver = state.handedOver().isPresent();
    List<Row> rows = new ArrayList<>();
    for (Compared each : proof.compared()) {
      rows.add(row(state, each, display));
    }
    String missing =
        String.join(
            ", ",
            proof.compared().stream()
                .filter(each -> each.fresh().isEmpty())
                .map(each -> ProofWords.title(each.measure()).toLowerCase(java.util.Locale.ROOT))
                .toList());
    return new ProofPage(
        state.coming().letter(),
        ProofWords.headline(proof, handedOver),
        switch (proof.outcome()) {
          case SO_FAR, PROVED -> "is-good";
          case NOTHING_YET -> "is-open";
          default -> "is-bad";
        },
        ProofWords.reasons(proof, display),
        conditions(state, display),
        rows,
        starts(state, display),
        proof.outcome() == Proof.Outcome.BELOW_RATING,
        !handedOver,
        state.handedOver().map(display::moment).orElse(""),
        missing);
  }

  private static Row row(Proofs.State state, Compared compared, Display display) {
    ProofMeasure measure = compared.measure();
    ProofScale scale = ProofScale.of(compared, state.coming().letter(), display);
    String due =
        measure == ProofMeasure.PARKED && compared.fresh().isEmpty()
            ? state
                .handedOver()
                .map(each -> each.plus(Duration.ofDays(ProofMeasure.PARKED_DAYS)))
                .map(each -> "due " + display.moment(each))
                .orElse("")
            : "";
    return new Row(
        measure.name().toLowerCase(java.util.Locale.ROOT),
        ProofWords.title(measure),
        ProofWords.how(compared, display),
        scale.drawn(),
        scale.height(),
        scale.summary(),
        compared.old().map(each -> ProofWords.value(measure, each.value(), display)).orElse("—"),
        compared.fresh().map(each -> ProofWords.value(measure, each.value(), display)).orElse(due),
        ProofWords.word(compared),
        ProofWords.style(compared),
        ProofWords.working(compared, display),
        compared.fresh().isPresent(),
        compared.old().isEmpty() ? oldPath(measure) : "");
  }

  private static String oldPath(ProofMeasure measure) {
    return switch (measure) {
      case REST -> "/check/take/rest-volts";
      case TESTER -> "/check/take/tester";
      case CRANKING -> "/check/take/cranking-volts";
      case SPEED -> "/check/recordings";
      case PULSES -> "/check/take/load-test";
      case CAPACITY -> "/check/take/capacity";
      case PARKED -> "";
    };
  }

  private static Optional<Waveforms> starts(Proofs.State state, Display display) {
    return state.freshStart().map(each -> Waveforms.pair(state.oldStart(), each, display));
  }

  private static List<Condition> conditions(Proofs.State state, Display display) {
    return List.of(charged(state), leads(state), temperature(state, display), instrument(state));
  }

  private static Condition charged(Proofs.State state) {
    Optional<String> old = charger(state.oldReadings().get(ProofMeasure.REST));
    Optional<String> fresh = charger(state.freshReadings().get(ProofMeasure.REST));
    if (old.isEmpty() || fresh.isEmpty()) {
      return new Condition(
          "Charged by",
          "…",
          fresh.map(each -> each + ", the old one not said").orElse("say it with the rest volts"));
    }
    return old.get().equalsIgnoreCase(fresh.get())
        ? new Condition("Charged by", "✓", fresh.get() + ", both")
        : new Condition("Charged by", "△", old.get() + ", then " + fresh.get());
  }

  private static Optional<String> charger(@org.jspecify.annotations.Nullable TakenReading reading) {
    return Optional.ofNullable(reading).flatMap(each -> each.text("charger"));
  }

  private static Condition leads(Proofs.State state) {
    return state.coming().cleaned()
        ? new Condition("Leads, joints", "≈", "cleaned in between")
        : new Condition("Leads, joints", "✓", "as they were, as far as ticked");
  }

  private static Condition temperature(Proofs.State state, Display display) {
    for (ProofMeasure measure : List.of(ProofMeasure.CRANKING, ProofMeasure.PULSES)) {
      Optional<Compared> compared =
          state.proof().compared().stream().filter(each -> each.measure() == measure).findFirst();
      Optional<Double> old = compared.flatMap(Compared::old).flatMap(ProofResult::temperatureC);
      Optional<Double> fresh = compared.flatMap(Compared::fresh).flatMap(ProofResult::temperatureC);
      if (old.isPresent() && fresh.isPresent()) {
        double apart = Math.abs(old.get() - fresh.get());
        return new Condition(
            "Temperature",
            apart <= 3 ? "✓" : apart <= Compared.MOST_KELVIN ? "≈" : "△",
            display.show(old.get(), Unit.CELSIUS, 0).text()
                + ", then "
                + display.show(fresh.get(), Unit.CELSIUS, 0).text());
      }
    }
    return new Condition("Temperature", "…", "note it with load and start");
  }

  private static Condition instrument(Proofs.State state) {
    boolean both =
        state.proof().compared().stream()
            .anyMatch(each -> each.old().isPresent() && each.fresh().isPresent());
    boolean other =
        state.proof().compared().stream()
            .anyMatch(each -> each.differences().contains(Compared.Difference.INSTRUMENT));
    boolean named =
        state.proof().compared().stream()
            .anyMatch(
                each ->
                    each.old().filter(old -> !old.instrument().isBlank()).isPresent()
                        && each.fresh().filter(old -> !old.instrument().isBlank()).isPresent());
    return other
        ? new Condition("Instrument", "△", "not the same")
        : !both || !named
            ? new Condition("Instrument", "…", "name it with each reading")
            : new Condition("Instrument", "✓", "the same");
  }
}
