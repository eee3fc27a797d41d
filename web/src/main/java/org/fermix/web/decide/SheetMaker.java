package org.fermix.web.decide;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Flip;
import org.fermix.core.decision.ModelPrint;
import org.fermix.core.decision.Ranked;
import org.fermix.core.diagnosis.Verdict;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Label;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Tray;
import org.fermix.core.plan.CounterChecks;
import org.fermix.core.plan.Extra;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.web.bench.Assumptions;
import org.fermix.web.bench.Benches;
import org.fermix.web.bench.OutcomeTable;
import org.fermix.web.bench.RankingBars;
import org.fermix.web.bench.Recommendation;
import org.fermix.web.bench.Ruler;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Rails;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;

/** Makes the record of a decision: of the one advised, or of another that its owner takes. */
@Component
class SheetMaker {
  private static final List<Outcome> ASKED =
      List.of(
          Outcome.START_CHANCE,
          Outcome.PARKED_DAYS,
          Outcome.ENGINE_OFF_HOURS,
          Outcome.MASS,
          Outcome.COST_PER_YEAR);
  private static final int MOST_CAUTIONS = 6;

  private final Benches benches;
  private final Bills bills;

  SheetMaker(Benches benches, Bills bills) {
    this.benches = benches;
    this.bills = bills;
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
            benches.sources(job),
            benches.check(job).first().filter(Verdict.Action.MEND_CHARGING::equals).isPresent(),
            display);
    List<Sheet.Line> bill = made.bill(bills.of(job));
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
            .map(
                each ->
                    CounterWords.of(
                        CounterChecks.of(bench.need(), each.candidate().label(), today),
                        each.candidate().label(),
                        bench.need(),
                        display))
            .orElse(List.of()),
        bill,
        made.total(bills.of(job)),
        made.notPriced(bills.of(job)),
        made.takeAlong(),
        benches.rulers(job, display).stream().map(ruler -> made.ruler(ruler)).toList(),
        made.levels(benches.table(job, display)),
        made.others(),
        Cautions.of(decision, taken.or(() -> decision.first().map(Ranked::answer)), display)
            .stream()
            .limit(MOST_CAUTIONS)
            .toList(),
        Assumptions.of(bench.need(), display));
  }

  private record Made(
      Need need,
      Decision decision,
      Optional<CandidateAnswer> taken,
      Recommendation advised,
      List<Flip> flips,
      Map<String, ChargeSource> sources,
      boolean chargingFaulty,
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
          + advised.headline();
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
      String limit =
          byBudget
              ? money(budget.orElseThrow())
              : dearer.map(flip -> money(Math.floor(flip.value()))).orElse("");
      String why =
          byBudget
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

    List<Sheet.Also> also() {
      return decision.meeting().stream()
          .filter(ranked -> !ranked.letter().equals(taken.map(CandidateAnswer::letter).orElse("")))
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
                  role(other.role()) + ": " + other.label().name() + ", " + specs(other.label()))
          .toList();
    }

    private static String role(Beside.Role role) {
      return switch (role) {
        case HOUSE -> "And for the house";
        case RESERVE -> "And in reserve for a start";
        case SECOND_ENGINE -> "And for the second engine";
        case MOTOR -> "And for the electric motor";
      };
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

    private List<Extra> extras() {
      return taken
          .map(each -> Extra.of(need, each, List.copyOf(sources.values()), chargingFaulty))
          .orElse(List.of());
    }

    List<Sheet.Line> bill(Bills.Costs costs) {
      List<Sheet.Line> lines = new ArrayList<>();
      taken.ifPresent(
          each ->
              lines.add(
                  new Sheet.Line(
                      "",
                      each.candidate().label().name()
                          + (each.candidate().beside().isPresent()
                              ? " and what stands beside it"
                              : ""),
                      each.candidate().hasPrice() ? money(each.candidate().price()) : "",
                      "")));
      String letter = taken.map(CandidateAnswer::letter).orElse("");
      for (Extra extra : extras()) {
        Optional<Double> cost = costs.of(letter, extra.kind());
        lines.add(
            new Sheet.Line(
                extra.kind().name(),
                ExtraWords.of(extra, List.copyOf(sources.keySet()), display),
                cost.map(
                        amount ->
                            (extra.kind() == Extra.Kind.OLD_ONE_BACK ? "−" : "") + money(amount))
                    .orElse(""),
                ExtraWords.state(extra.state())));
      }
      return lines;
    }

    /** What is to be paid, as far as it is priced. */
    String total(Bills.Costs costs) {
      if (taken.isEmpty()) {
        return "";
      }
      CandidateAnswer answer = taken.get();
      double sum = answer.candidate().hasPrice() ? answer.candidate().price() : 0;
      for (Extra extra : extras()) {
        sum +=
            (extra.kind() == Extra.Kind.OLD_ONE_BACK ? -1 : 1)
                * costs.of(answer.letter(), extra.kind()).orElse(0.0);
      }
      return money(sum);
    }

    /** What is needed and nobody has priced. */
    String notPriced(Bills.Costs costs) {
      if (taken.isEmpty()) {
        return "";
      }
      List<String> missing = new ArrayList<>();
      if (!taken.get().candidate().hasPrice()) {
        missing.add("the battery");
      }
      for (Extra extra : extras()) {
        if (extra.state() == Extra.State.NEEDED
            && costs.of(taken.get().letter(), extra.kind()).isEmpty()) {
          missing.add(ExtraWords.name(extra.kind()).toLowerCase(Locale.ROOT));
        }
      }
      return missing.isEmpty() ? "" : "Not priced yet: " + String.join(", ", missing) + ".";
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

    List<Sheet.Level> levels(OutcomeTable table) {
      if (taken.isEmpty()) {
        return List.of();
      }
      String letter = taken.get().letter();
      List<Sheet.Row> gates = new ArrayList<>();
      List<Sheet.Row> outcomes = new ArrayList<>();
      for (OutcomeTable.Group group : table.groups()) {
        for (OutcomeTable.Row row : group.rows()) {
          if (row.cells().stream().allMatch(cell -> cell.outcome().isEmpty())
              && group.title().equals(table.groups().get(0).title())) {
            Sheet.Row gate = row(row, letter, true);
            if (!gate.value().equals("—")) {
              gates.add(gate);
            }
          } else if (row.cells().stream()
              .anyMatch(
                  cell -> ASKED.stream().anyMatch(each -> cell.outcome().equals(slug(each))))) {
            outcomes.add(row(row, letter, false));
          }
        }
      }
      List<Sheet.Level> levels = new ArrayList<>();
      levels.add(new Sheet.Level("Gates", "all must pass; no point outweighs one", gates));
      levels.add(new Sheet.Level("Outcomes", "against what you ask", outcomes));
      decision.ranked().stream()
          .filter(ranked -> ranked.letter().equals(letter))
          .findFirst()
          .ifPresent(ranked -> levels.add(points(ranked)));
      return levels;
    }

    private static String slug(Outcome outcome) {
      return outcome.name().toLowerCase(Locale.ROOT);
    }

    private static Sheet.Row row(OutcomeTable.Row row, String letter, boolean gate) {
      String value = "";
      String sign = "";
      String working = "";
      List<String> rest = new ArrayList<>();
      for (OutcomeTable.Cell cell : row.cells()) {
        String said = (cell.number() + " " + cell.unit()).strip();
        if (cell.letter().equals(letter)) {
          value = said;
          sign = cell.sign();
          working =
              cell.outcome().isEmpty() ? "" : "bench/working/" + letter + "/" + cell.outcome();
        } else if (!cell.letter().equals("0")
            && (!gate || cell.mark().equals("fails") || cell.mark().equals("unknown"))) {
          rest.add(cell.letter() + " " + (gate ? cell.sign() : said));
        }
      }
      return new Sheet.Row(row.label(), value, row.need(), sign, String.join(", ", rest), working);
    }

    private Sheet.Level points(Ranked ranked) {
      List<Sheet.Row> rows = new ArrayList<>();
      for (Criterion criterion : Criterion.values()) {
        if (decision.weights().of(criterion) > 0) {
          rows.add(
              new Sheet.Row(
                  RankingBars.word(criterion),
                  display.number(ranked.weighing(criterion).points(), 1),
                  "of " + decision.weights().of(criterion),
                  "",
                  others(ranked, criterion),
                  ""));
        }
      }
      rows.add(
          new Sheet.Row(
              "together",
              display.number(ranked.points(), 1),
              "of 12",
              "",
              decision.ranked().stream()
                  .filter(other -> !other.letter().equals(ranked.letter()))
                  .map(other -> other.letter() + " " + display.number(other.points(), 1))
                  .collect(Collectors.joining(", ")),
              ""));
      return new Sheet.Level("Points", advised.weights(), rows);
    }

    private String others(Ranked ranked, Criterion criterion) {
      return decision.ranked().stream()
          .filter(other -> !other.letter().equals(ranked.letter()))
          .map(
              other -> other.letter() + " " + display.number(other.weighing(criterion).points(), 1))
          .collect(Collectors.joining(", "));
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
