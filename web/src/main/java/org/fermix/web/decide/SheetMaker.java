package org.fermix.web.decide;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Flip;
import org.fermix.core.decision.Hold;
import org.fermix.core.decision.ModelPrint;
import org.fermix.core.decision.Ranked;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Tray;
import org.fermix.core.plan.CounterChecks;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.web.bench.Assumptions;
import org.fermix.web.bench.Benches;
import org.fermix.web.bench.HoldWords;
import org.fermix.web.bench.LossWords;
import org.fermix.web.bench.Recommendation;
import org.fermix.web.bench.Ruler;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.lineup.BesideWords;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.lineup.Piece;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;

/** Makes the record of a decision: of the one advised, or of another that its owner takes. */
@Component
class SheetMaker {
  private static final int MOST_CAUTIONS = 6;

  private final Benches benches;
  private final Bills bills;
  private final LineUp lineUp;

  SheetMaker(Benches benches, Bills bills, LineUp lineUp) {
    this.benches = benches;
    this.bills = bills;
    this.lineUp = lineUp;
  }

  /**
   * The record.
   *
   * @param letter of the one that is taken; {@code 0} where today's is kept; empty for the one
   *     advised
   * @param because why it is taken against the advice; else empty
   */
  Sheet of(OpenJob job, String letter, String because, LocalDate today, Display display) {
    Bench bench = benches.of(job);
    Decision decision = benches.ownDecision(job);
    Recommendation advised = benches.advice(job, display);
    Optional<CandidateAnswer> taken =
        letter.isEmpty()
            ? decision.leader().map(Ranked::answer)
            : decision.answer().forSale().stream()
                .filter(each -> each.letter().equals(letter))
                .findFirst();
    Made made =
        new Made(
            bench.need(),
            decision,
            taken,
            advised,
            benches.flips(job, decision.answer().conditions()),
            display);
    SheetBill bill =
        new SheetBill(
            taken,
            taken.map(each -> benches.extras(job, each)).orElse(List.of()),
            List.copyOf(benches.sources(job).keySet()),
            bills.of(job),
            display);
    return new Sheet(
        job.machineName(),
        Rails.engine(job, display),
        today.toString(),
        ModelPrint.own(),
        made.question(),
        made.headline(letter, because),
        because.isEmpty() ? advised.reasons() : List.of(),
        because,
        made.choice(),
        made.also(),
        made.notBelow(),
        made.beside(),
        made.cases(),
        taken
            .map(each -> checks(job, each.candidate(), bench.need(), today, display))
            .orElse(List.of()),
        bill.lines(),
        bill.total(),
        bill.notPriced(),
        made.takeAlong(),
        benches.rulers(job, display).stream().map(ruler -> made.ruler(ruler)).toList(),
        taken
            .map(
                each ->
                    new SheetLevels(decision, each, advised.weights(), display)
                        .of(benches.table(job, display)))
            .orElse(List.of()),
        made.others(),
        Cautions.of(decision, taken.or(() -> decision.first().map(Ranked::answer)), display)
            .stream()
            .limit(MOST_CAUTIONS)
            .toList(),
        assumed(bench.need(), taken, display));
  }

  /** What it rests on, what nobody knows of it first. */
  private static List<String> assumed(Need need, Optional<CandidateAnswer> taken, Display display) {
    List<String> lines = new ArrayList<>();
    taken.stream()
        .flatMap(each -> Hold.of(need, each).stream())
        .map(HoldWords::of)
        .forEach(held -> lines.add("Not known: " + held.what()));
    lines.addAll(Assumptions.of(need, display));
    return lines;
  }

  private List<String> checks(
      OpenJob job, Candidate battery, Need need, LocalDate today, Display display) {
    List<Piece> pieces = lineUp.singles(job, battery.letter());
    if (pieces.isEmpty()) {
      pieces = List.of(new Piece(battery.own(), 1, Optional.empty()));
    }
    List<String> lines = new ArrayList<>();
    for (Piece piece : pieces) {
      CounterChecks found = CounterChecks.of(piece.label(), today);
      piece
          .role()
          .ifPresentOrElse(
              role -> lines.add(CounterWords.beside(piece, role, found, need, display)),
              () -> lines.addAll(CounterWords.of(piece, found, need, display)));
    }
    return lines;
  }

  private record Made(
      Need need,
      Decision decision,
      Optional<CandidateAnswer> taken,
      Recommendation advised,
      List<Flip> flips,
      Display display) {

    String question() {
      Conditions asked = decision.answer().conditions();
      StringBuilder words = new StringBuilder("For ");
      words.append(display.show(asked.temperatureC(), Unit.CELSIUS).text());
      if (asked.daysParked() > 0) {
        words.append(" after ").append(display.show(asked.daysParked(), Unit.DAY).text());
        words.append(" parked");
      }
      if (!need.layUpEndsInTheCold()) {
        words.append(", and for ");
        words.append(display.show(asked.layUpDays(need), Unit.DAY).text());
        words.append(" laid up in its own months");
      }
      if (asked.hasEngineOffLoad()) {
        words.append(", with ").append(display.show(asked.engineOffAmps(), Unit.AMPERE, 1).text());
        words.append(" for ").append(display.show(asked.engineOffHours(), Unit.HOUR).text());
        words.append(" with the engine off");
      }
      words
          .append(", kept ")
          .append(display.show(need.use().yearsKept().value(), Unit.YEAR).text());
      return words.toString();
    }

    String headline(String letter, String because) {
      if (letter.equals("0")) {
        return "Buy nothing: keep today’s battery.";
      }
      if (because.isEmpty()) {
        return advised.headline();
      }
      return "Take "
          + taken.map(each -> named(each)).orElse(letter)
          + ", against the advice, which is: "
          + advised.headline()
          + taken
              .flatMap(each -> LossWords.of(need, decision.answer().conditions().stand(), each))
              .map(lost -> " " + lost)
              .orElse("");
    }

    private static String named(CandidateAnswer candidate) {
      Label label = candidate.candidate().label();
      return candidate.letter()
          + ", the "
          + label.chemistry().shortName()
          + " “"
          + label.name()
          + "”";
    }

    private boolean leads() {
      return taken.isPresent()
          && decision.leader().map(Ranked::letter).equals(taken.map(CandidateAnswer::letter));
    }

    Sheet.Choice choice() {
      if (taken.isEmpty()) {
        return new Sheet.Choice("", "", "", "", "", "", "", "");
      }
      CandidateAnswer answer = taken.get();
      Label label = answer.candidate().label();
      Optional<Flip> dearer =
          leads()
              ? flips.stream().filter(flip -> flip.varied() == Flip.Varied.LEADER_PRICE).findFirst()
              : Optional.empty();
      Optional<Double> budget = need.wishes().budget().map(Given::value);
      boolean byBudget =
          budget.isPresent() && dearer.map(flip -> budget.get() < flip.value()).orElse(true);
      boolean held = !Hold.of(need, answer).isEmpty();
      String limit =
          held
              ? ""
              : byBudget
                  ? money(budget.orElseThrow())
                  : dearer.map(flip -> money(Math.floor(flip.value()))).orElse("");
      String why =
          held
              ? ""
              : byBudget
                  ? "your budget"
                  : dearer
                      .flatMap(Flip::letter)
                      .map(other -> "above it take " + other)
                      .orElse(
                          !leads()
                              ? ""
                              : decision.meeting().size() > 1
                                  ? "no price within reason puts another first"
                                  : "no other of these does what you ask, so none sets a limit");
      return new Sheet.Choice(
          answer.letter(),
          label.chemistry().id(),
          label.chemistry().shortName(),
          label.name(),
          specs(label),
          answer.candidate().hasPrice() ? money(answer.candidate().price()) : "",
          limit,
          why);
    }

    private String money(double amount) {
      return display.show(amount, Unit.MONEY, 0).text();
    }

    private String specs(Label label) {
      return need.engine().nominalVolts()
          + " V, "
          + label.chemistry().shortName()
          + label
              .capacityAh()
              .map(
                  capacity ->
                      ", "
                          + display.show(capacity.value(), Unit.AMPERE_HOUR).text()
                          + " at "
                          + display.number(label.sheet().capacityHours(), 0)
                          + " h")
              .orElse("")
          + ", at least "
          + display.show(label.cranking().amps(), Unit.AMPERE).text()
          + " "
          + label.cranking().test().label()
          + ", "
          + String.join(" × ", measures(label))
          + ", positive "
          + (label.positiveSide() == TerminalSide.LEFT ? "left" : "right")
          + ", posts towards you";
    }

    private List<String> measures(Label label) {
      return List.of(
          display.show(label.size().lengthMm(), Unit.MILLIMETRE).text(),
          display.show(label.size().widthMm(), Unit.MILLIMETRE).text(),
          display.show(label.size().heightMm(), Unit.MILLIMETRE).text());
    }

    /** Who would do as well: none of which something is unknown that is known of the one taken. */
    List<Sheet.Also> also() {
      Set<Hold> unknown = taken.map(each -> Hold.of(need, each)).orElse(Set.of());
      return decision.meeting().stream()
          .filter(ranked -> !ranked.letter().equals(taken.map(CandidateAnswer::letter).orElse("")))
          .filter(ranked -> unknown.containsAll(Hold.of(need, ranked.answer())))
          .limit(taken.isPresent() ? 1 : 0)
          .map(
              ranked -> {
                Label label = ranked.answer().candidate().label();
                return new Sheet.Also(
                    ranked.letter(),
                    label.name()
                        + ", "
                        + label.chemistry().shortName()
                        + ", "
                        + display.show(label.cranking().amps(), Unit.AMPERE).text()
                        + " "
                        + label.cranking().test().label()
                        + (ranked.answer().candidate().hasPrice()
                            ? ", " + money(ranked.answer().candidate().price())
                            : ""));
              })
          .toList();
    }

    String notBelow() {
      MakersMinimum minimum = need.minimum();
      List<String> floors = new ArrayList<>();
      if (need.engine().turns()) {
        floors.add(
            display.show(minimum.crankingAmps().value(), Unit.AMPERE).text()
                + " "
                + minimum.test().label());
      }
      minimum
          .reserveMinutes()
          .ifPresent(asked -> floors.add(display.show(asked.value(), Unit.MINUTE).text() + " RC"));
      minimum
          .ampHours()
          .ifPresent(asked -> floors.add(display.show(asked.value(), Unit.AMPERE_HOUR).text()));
      if (floors.isEmpty()) {
        return "";
      }
      return String.join(", ", floors)
          + (minimum.crankingAmps().isAssumed()
              ? ", by rule of thumb: the machine maker’s minimum is not typed"
              : ", the machine maker’s minimum");
    }

    List<String> beside() {
      return taken.flatMap(each -> each.candidate().beside()).stream()
          .flatMap(beside -> beside.others().stream())
          .map(
              other ->
                  "And "
                      + BesideWords.purpose(other.role())
                      + ": "
                      + other.label().name()
                      + ", "
                      + specs(other.label()))
          .toList();
    }

    /** The one in the tray first, then those beside it, whose places are not measured. */
    List<Sheet.Case> cases() {
      List<Sheet.Case> all = new ArrayList<>();
      taken.ifPresent(
          each -> {
            Optional<CaseSize> space = need.tray().map(Tray::space);
            all.add(
                drawn(
                    each.candidate().label(),
                    space.map(CaseSize::lengthMm).orElse(0.0),
                    space.map(CaseSize::widthMm).orElse(0.0)));
            each.candidate().beside().stream()
                .flatMap(beside -> beside.others().stream())
                .forEach(other -> all.add(drawn(other.label(), 0, 0)));
          });
      return all;
    }

    private Sheet.Case drawn(Label label, double trayLengthMm, double trayWidthMm) {
      return new Sheet.Case(
          label.size().lengthMm(),
          label.size().widthMm(),
          label.size().heightMm(),
          trayLengthMm,
          trayWidthMm,
          label.positiveSide() == TerminalSide.RIGHT,
          measures(label));
    }

    String takeAlong() {
      if (taken.isEmpty()) {
        return "";
      }
      Label label = taken.get().candidate().label();
      double mass = label.mass().value();
      return "The old battery, this sheet, a meter. A strap: it weighs "
          + display.show(mass, Unit.KILOGRAM).text()
          + decision
              .answer()
              .today()
              .map(today -> today.candidate().label().mass().value())
              .filter(old -> Math.abs(old - mass) >= 0.1)
              .map(
                  old ->
                      ", "
                          + display.show(Math.abs(mass - old), Unit.KILOGRAM).text()
                          + (mass > old ? " more" : " less")
                          + " than today’s")
              .orElse("")
          + ".";
    }

    Sheet.Ruler ruler(Ruler ruler) {
      String chosen = taken.map(CandidateAnswer::letter).orElse("");
      List<String> said = new ArrayList<>();
      if (ruler.hasNeed()) {
        said.add(ruler.needLabel() + " " + ruler.needValue());
      }
      said.add(
          ruler.tags().stream()
              .filter(tag -> tag.letter().equals(chosen) || second().equals(tag.letter()))
              .sorted(Comparator.comparing((Ruler.Tag tag) -> !tag.letter().equals(chosen)))
              .map(tag -> tag.title().replace(":", ""))
              .collect(Collectors.joining(", ")));
      return new Sheet.Ruler(
          ruler.title(),
          ruler.caption(),
          ruler.ticks().stream()
              .map(tick -> new Sheet.Mark(percent(tick.at()), tick.label(), !tick.minor()))
              .toList(),
          ruler.hasNeed() ? percent(ruler.needAt()) : -1,
          ruler.mustClear(),
          ruler.tags().stream()
              .filter(tag -> !tag.below())
              .map(
                  tag ->
                      new Sheet.Mark(percent(tag.at()), tag.letter(), tag.letter().equals(chosen)))
              .toList(),
          said);
    }

    private String second() {
      return also().isEmpty() ? "" : also().get(0).letter();
    }

    private static double percent(String at) {
      return Double.parseDouble(at.replace("%", ""));
    }

    List<Sheet.Also> others() {
      List<Sheet.Also> all = new ArrayList<>();
      advised.others().forEach(each -> all.add(new Sheet.Also(each.letter(), each.sentence())));
      advised
          .refusals()
          .forEach(
              each ->
                  all.add(
                      new Sheet.Also(
                          each.letter(), each.letter() + " is out: " + each.reason() + ".")));
      return all;
    }
  }
}
