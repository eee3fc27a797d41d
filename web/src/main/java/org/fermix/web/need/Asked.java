package org.fermix.web.need;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.CrankingDemand;
import org.fermix.core.bench.Finding;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.Mark;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.chart.TagMark;
import org.fermix.web.shared.Display;

/** What is asked of the ratings, drawn and in words. */
final class Asked {
  private final Need need;
  private final Judge.Judged judged;
  private final Display display;
  private final double perCca;

  Asked(Need need, Judge.Judged judged, Display display) {
    this.need = need;
    this.judged = judged;
    this.display = display;
    CrankingTest test = need.minimum().test();
    this.perCca =
        test.equals(CrankingTest.COLD_CRANKING)
            ? 1
            : Math.sqrt(test.trade().low() * test.trade().high());
  }

  /** Cold cranking amps: the rule, the model and the maker, with what each candidate is read as. */
  AskedScale cranking() {
    Given minimum = need.minimum().crankingAmps();
    boolean typed = !minimum.isAssumed();
    double rule = perCca * need.engine().ruleOfThumbCca();
    List<AskedScale.Asker> askers = new ArrayList<>();
    askers.add(
        new AskedScale.Asker(
            perCca == 1 ? "displacement rule" : "displacement rule, about",
            amps(rule),
            rule,
            "mark-rule",
            Optional.empty()));
    judged
        .demand()
        .ifPresent(
            demand ->
                askers.add(
                    new AskedScale.Asker(
                        "starter model",
                        amps(perCca * demand.likelyA()),
                        perCca * demand.likelyA(),
                        "mark-model",
                        Optional.of(
                            new Band(
                                perCca * demand.band().low(), perCca * demand.band().high())))));
    return AskedScale.of(
        need.minimum().test().label(),
        "A",
        typed ? Optional.of(minimum.value()) : Optional.empty(),
        minimum.value(),
        askers,
        standing(Gate.MINIMUM_CRANKING, Unit.AMPERE),
        value -> display.number(value, 0));
  }

  /** Reserve capacity. */
  AskedScale reserve() {
    Optional<Double> asked = need.minimum().reserveMinutes().map(Given::value);
    List<AskedScale.Standing> standing = new ArrayList<>();
    for (CandidateAnswer each : judged.answer().candidates()) {
      each.candidate()
          .label()
          .reserveMinutes()
          .ifPresent(
              minutes ->
                  standing.add(standing(each, minutes.value(), Unit.MINUTE, Gate.MINIMUM_RESERVE)));
    }
    return AskedScale.of(
        "Reserve capacity",
        "min",
        asked,
        asked.orElse(0.0),
        List.of(),
        standing,
        value -> display.number(value, 0));
  }

  private List<AskedScale.Standing> standing(Gate gate, Unit unit) {
    List<AskedScale.Standing> standing = new ArrayList<>();
    for (CandidateAnswer each : judged.answer().candidates()) {
      each.gates().stream()
          .filter(result -> result.gate() == gate)
          .flatMap(result -> result.findings().stream())
          .findFirst()
          .map(Finding::found)
          .ifPresent(found -> standing.add(standing(each, found, unit, gate)));
    }
    return standing;
  }

  private AskedScale.Standing standing(CandidateAnswer answer, double value, Unit unit, Gate gate) {
    boolean fails =
        answer.gates().stream().anyMatch(each -> each.gate() == gate && each.mark() == Mark.FAILS);
    return new AskedScale.Standing(
        answer.letter(),
        value,
        TagMark.style(
            answer.candidate().isToday(),
            judged.leader().filter(answer.letter()::equals).isPresent(),
            fails),
        answer.candidate().label().name() + ", " + display.show(value, unit).text());
  }

  /** Whether maker, model and rule agree. */
  String agreement() {
    Optional<CrankingDemand> demand = judged.demand();
    if (demand.isEmpty()) {
      return "By the starter model no battery starts this engine surely on its coldest morning: "
          + "look at engine, oil and temperature again.";
    }
    double likely = perCca * demand.get().likelyA();
    double low = perCca * demand.get().band().low();
    double high = perCca * demand.get().band().high();
    String model =
        "by the starter model four such engines in five start with "
            + amps(likely)
            + " (nine with "
            + amps(high)
            + ", one with "
            + amps(low)
            + ", of ten)";
    Given minimum = need.minimum().crankingAmps();
    if (minimum.isAssumed()) {
      return "The maker’s minimum is not typed, so none is asked; "
          + model
          + ". The handbook or the old label names it.";
    }
    double asked = minimum.value();
    if (asked < low) {
      return "\u2715 The maker asks less than the model thinks enough: "
          + model
          + ". Is the figure right, and by which test?";
    }
    return asked < likely
        ? "\u2248 The maker asks for less than the cold does: " + model + "."
        : "\u2713 The maker asks for enough on this morning: " + model + ".";
  }

  private String amps(double value) {
    return display.show(value, Unit.AMPERE).text();
  }
}
