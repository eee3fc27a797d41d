package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Futures;
import org.fermix.core.decision.Hold;
import org.fermix.core.decision.Opening;
import org.fermix.core.decision.Ranked;
import org.fermix.core.diagnosis.Verdict;
import org.fermix.core.label.Beside;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Unit;
import org.fermix.web.check.CheckFinding;
import org.fermix.web.check.VerdictWords;
import org.fermix.web.need.HouseWords;
import org.fermix.web.shared.Display;

/**
 * A decision in sentences.
 *
 * @param headline which one to take
 * @param reasons why
 * @param ranking letters in order with their points
 * @param refusals those that fail a gate, with why and what would open it
 * @param weights what the points rest on
 * @param level who is too close to tell apart; empty where the order is clear
 * @param heads the names over the bars of the ranking
 * @param held what has to be known before the leader is taken; it is not advised to buy until then
 * @param others why not each of those that pass the gates, a sentence each
 */
public record Recommendation(
    String headline,
    String leader,
    List<String> reasons,
    List<Placed> ranking,
    List<Refused> refusals,
    String weights,
    String level,
    String heads,
    List<Other> others,
    List<HoldWords.Held> held,
    boolean buysNow) {
  /** A lead below this, of twelve points, is called close. */
  static final double CLOSE_POINTS = Futures.LEVEL_POINTS;

  private static final double NOTICEABLE = 0.05;

  /**
   * One place in the ranking.
   *
   * @param bar where its points come from
   * @param misses what it falls short in; empty when it does all that is asked
   * @param dominated against whom nothing speaks for it
   */
  public record Placed(
      String letter, String name, String points, String bar, String misses, String dominated) {}

  /** Why not another. */
  public record Other(String letter, String sentence) {}

  /** One candidate that fails a gate. */
  public record Refused(String letter, String name, String reason) {}

  /** True where somebody in the ranking falls short: those stand last, by how near they come. */
  public boolean someFallShort() {
    return ranking.stream().anyMatch(placed -> !placed.misses().isEmpty());
  }

  /** Puts a decision into words, together with what the check has found. */
  public static Recommendation of(
      Bench bench, Decision decision, CheckFinding check, Display display) {
    return new Words(bench, decision, check, display).write();
  }

  private record Words(Bench bench, Decision decision, CheckFinding check, Display display) {
    Recommendation write() {
      List<String> reasons = new ArrayList<>();
      String headline;
      if (decision.ranked().isEmpty()) {
        headline =
            decision.refused().isEmpty()
                ? "Nothing to compare yet."
                : "None of these can be taken yet.";
        if (decision.refused().isEmpty()) {
          reasons.add("Add candidates to the line-up first.");
        } else {
          reasons.add("Every candidate fails a gate; see what would open each.");
        }
      } else {
        Ranked leader = decision.ranked().get(0);
        headline = headline(leader);
        if (!leader.meets()) {
          reasons.addAll(shortOf(leader));
        } else if (!decision.shortfalls(leader.answer()).isEmpty()) {
          reasons.add(justShort(leader));
        }
        reasons.add(cold(leader.answer()));
        reasons.add(sits(leader.answer()));
        decision.second().ifPresent(second -> reasons.add(against(leader, second)));
      }
      decision.answer().today().ifPresent(today -> reasons.add(today(today)));
      if (decision.first().map(Ranked::answer).filter(Words::hasHouse).isEmpty()) {
        HouseWords.of(decision.answer().need(), display).ifPresent(reasons::add);
      }
      checked().ifPresent(words -> reasons.add(0, words));
      return new Recommendation(
          headline,
          decision.first().map(Ranked::letter).orElse(""),
          reasons,
          ranking(),
          refusals(),
          weights(),
          RankingBars.level(decision.ranked(), display),
          RankingBars.heads(decision.weights()),
          decision.ranked().stream()
              .skip(1)
              .map(other -> new Other(other.letter(), against(decision.ranked().get(0), other)))
              .toList(),
          holds().stream().map(HoldWords::of).toList(),
          headline.startsWith("Take ") && holds().isEmpty());
    }

    /** The weights, the heaviest first. */
    private String weights() {
      return (decision.weights().assumed() ? "Weights assumed: " : "Your weights: ")
          + Arrays.stream(Criterion.values())
              .filter(criterion -> decision.weights().of(criterion) > 0)
              .sorted(Comparator.comparingInt(criterion -> -decision.weights().of(criterion)))
              .map(
                  criterion -> RankingBars.word(criterion) + " " + decision.weights().of(criterion))
              .collect(Collectors.joining(", "))
          + ".";
    }

    private Set<Hold> holds() {
      return decision
          .leader()
          .map(leader -> Hold.of(decision.answer().need(), leader.answer()))
          .orElse(Set.of());
    }

    private String headline(Ranked leader) {
      String advice = unheld(leader);
      String held =
          holds().isEmpty() || !leader.meets()
              ? advice
              : advice.substring(0, advice.length() - 1) + " once " + HoldWords.once(holds()) + ".";
      return LossWords.of(
              decision.answer().need(), decision.answer().conditions().stand(), leader.answer())
          .map(lost -> held + " " + lost)
          .orElse(held);
    }

    private String unheld(Ranked leader) {
      if (!leader.meets()) {
        return "None of these does all you ask; " + named(leader.answer()) + ", comes nearest.";
      }
      Optional<CandidateAnswer.Advice> age = byAge();
      boolean stillDoes =
          !check.doubtsTheBattery() && age.filter(CandidateAnswer.Advice.KEEP::equals).isPresent();
      if (check.first().isPresent() && check.first().get() != Verdict.Action.KEEP) {
        return (stillDoes ? "Do not buy: " : "Do not buy yet: ")
            + VerdictWords.first(check.first().get())
            + (stillDoes ? ". When you buy, take " : ". Then take ")
            + named(leader.answer())
            + ".";
      }
      if (check.verdict().isPresent() && check.settled().isEmpty()) {
        return "Finish the check before you buy. Then, if one is needed, take "
            + named(leader.answer())
            + ".";
      }
      if (check.first().isEmpty()
          && !check.doubtsTheBattery()
          && age.filter(CandidateAnswer.Advice.TEST::equals).isPresent()) {
        return "Test today’s battery before winter. If it fails, take "
            + named(leader.answer())
            + ".";
      }
      boolean keeps = check.first().isPresent() || stillDoes;
      return (keeps ? "Keep today’s battery; when you buy, take " : "Take ")
          + named(leader.answer())
          + ".";
    }

    /** Within what the figures can tell, and said. */
    private String justShort(Ranked leader) {
      return OpeningWords.just(
          decision.shortfalls(leader.answer()),
          floor(leader.answer()),
          decision.answer().conditions(),
          display);
    }

    /** What the nearest misses, what would be enough, and who would do it but for a gate. */
    private List<String> shortOf(Ranked nearest) {
      List<String> words = new ArrayList<>();
      words.add(
          OpeningWords.misses(
              decision.shortfalls(nearest.answer()),
              floor(nearest.answer()),
              decision.answer().conditions(),
              display));
      words.add(OpeningWords.enough(Opening.of(bench, decision, nearest.letter()), display));
      List<CandidateAnswer> gated = decision.refusedThoughMeeting();
      if (!gated.isEmpty()) {
        words.add(
            gated.stream().map(CandidateAnswer::letter).collect(Collectors.joining(" and "))
                + " would do it but for a gate; see below what would open it.");
      }
      return words;
    }

    /** What the check adds, where it has found anything. */
    private Optional<String> checked() {
      if (check.verdict().isEmpty()) {
        return Optional.empty();
      }
      Verdict verdict = check.verdict().get();
      if (check.first().filter(Verdict.Action::killsTheNext).isPresent()) {
        return Optional.of(
            "The check found it: "
                + VerdictWords.first(check.first().get())
                + " first, or the new battery suffers the same.");
      }
      String cause =
          VerdictWords.cause(verdict.cause())
              + ", "
              + display.chance(100 * verdict.sureness()).text();
      if (check.settled().isEmpty()) {
        return Optional.of("The check is not settled (likeliest: " + cause + ").");
      }
      return Optional.of(
          "The check is settled: " + cause + " likely." + VerdictWords.guard(verdict));
    }

    private static boolean hasHouse(CandidateAnswer candidate) {
      return candidate.candidate().beside().stream()
          .flatMap(beside -> beside.others().stream())
          .anyMatch(other -> other.role() == Beside.Role.HOUSE);
    }

    private static String named(CandidateAnswer candidate) {
      return candidate.letter()
          + ", the "
          + candidate.candidate().label().chemistry().shortName()
          + " “"
          + candidate.candidate().label().name()
          + "”";
    }

    private Optional<Figure> floor(CandidateAnswer candidate) {
      return turns() ? candidate.find(Outcome.START_FLOOR) : Optional.empty();
    }

    private boolean turns() {
      return decision.answer().need().engine().turns();
    }

    private String waking(CandidateAnswer candidate) {
      return candidate.letter()
          + " still wakes the car after "
          + display.show(decision.answer().conditions().daysParked(), Unit.DAY).text()
          + " parked with a chance of "
          + display.show(candidate.figure(Outcome.START_CHANCE)).text()
          + ". No engine is cranked: cold cranking amps decide nothing here.";
    }

    private String cold(CandidateAnswer candidate) {
      if (!turns()) {
        return waking(candidate);
      }
      Conditions conditions = decision.answer().conditions();
      Figure floor = candidate.figure(Outcome.START_FLOOR);
      String parked =
          conditions.daysParked() > 0
              ? " after " + display.show(conditions.daysParked(), Unit.DAY).text() + " parked"
              : "";
      String chance =
          " The chance of a start there is "
              + display.show(candidate.figure(Outcome.START_CHANCE)).text()
              + ".";
      if (floor.isNever()) {
        return candidate.letter()
            + " is not likely to start this engine at any temperature"
            + parked
            + "."
            + chance;
      }
      double spare = conditions.temperatureC() - floor.value();
      String morning = display.show(conditions.temperatureC(), Unit.CELSIUS).text();
      String starts =
          candidate.letter()
              + " is likely to start down to "
              + display.show(floor).text()
              + parked
              + ", ";
      if (Math.abs(spare) < 0.5) {
        return starts + "just at your " + morning + " morning." + chance;
      }
      return starts
          + display.kelvins(Math.abs(spare)).text()
          + (spare > 0 ? " below your " : " short of your ")
          + morning
          + " morning."
          + chance;
    }

    private String sits(CandidateAnswer candidate) {
      Conditions conditions = decision.answer().conditions();
      Figure days = candidate.figure(Outcome.PARKED_DAYS);
      String sits =
          days.isNever()
              ? "Parked, it would not be likely to "
                  + (turns() ? "start" : "wake the car")
                  + " at that temperature at all"
              : "It sits "
                  + display.show(days).text()
                  + (turns()
                      ? " before it no longer starts there"
                      : " before it no longer wakes the car")
                  + (days.value() < conditions.layUpDays(decision.answer().need())
                      ? ", short of what you ask"
                      : "");
      return sits
          + candidate
              .find(Outcome.ENGINE_OFF_HOURS)
              .filter(hours -> !hours.isNever())
              .map(
                  hours ->
                      ", and runs "
                          + display.show(conditions.engineOffAmps(), Unit.AMPERE, 1).text()
                          + " for "
                          + display.show(hours).text()
                          + " with a start kept")
              .orElse("")
          + ".";
    }

    private String against(Ranked leader, Ranked second) {
      boolean close = leader.points() - second.points() < CLOSE_POINTS;
      String name =
          (close ? "It is close. " : "")
              + second.letter()
              + ", the "
              + shortName(second.answer())
              + ", ";
      if (leader.meets() && !second.meets()) {
        return second.letter()
            + ", the "
            + shortName(second.answer())
            + (second.equals(decision.ranked().get(1))
                ? ", comes next but falls short"
                : ", falls short")
            + OpeningWords.after(
                decision.shortfalls(second.answer()),
                floor(second.answer()),
                decision.answer().conditions(),
                display);
      }
      List<Criterion> better = differing(second, leader);
      List<Criterion> worse = differing(leader, second);
      if (better.isEmpty() && worse.isEmpty()) {
        return name + "comes so close that the difference is too small to notice.";
      }
      String worseWords =
          worse.isEmpty() ? "" : than(worse.get(0), second.answer(), leader.answer());
      if (close && better.isEmpty() && worse.equals(List.of(Criterion.MONEY))) {
        return second.letter()
            + ", the "
            + shortName(second.answer())
            + ", is level with it in what it does and "
            + worseWords
            + ": "
            + leader.letter()
            + " is named for its price.";
      }
      if (better.isEmpty()) {
        return name + worseWords + ", and is not noticeably ahead in anything you weigh.";
      }
      String betterWords = than(better.get(0), second.answer(), leader.answer());
      return name + betterWords + (worse.isEmpty() ? "." : ", but " + worseWords + ".");
    }

    private static String shortName(CandidateAnswer candidate) {
      return candidate.candidate().label().chemistry().shortName();
    }

    /** Criteria on which the first earns noticeably more than the second, most first. */
    private static List<Criterion> differing(Ranked first, Ranked second) {
      List<Criterion> criteria = new ArrayList<>(List.of(Criterion.values()));
      criteria.removeIf(criterion -> gain(first, second, criterion) < NOTICEABLE);
      criteria.sort(
          Comparator.comparingDouble((Criterion criterion) -> -gain(first, second, criterion)));
      return criteria;
    }

    private static double gain(Ranked first, Ranked second, Criterion criterion) {
      return first.weighing(criterion).points() - second.weighing(criterion).points();
    }

    private String than(Criterion criterion, CandidateAnswer one, CandidateAnswer other) {
      return switch (criterion) {
        case COLD ->
            turns()
                ? "starts down to " + shown(one, Outcome.START_FLOOR)
                : "wakes it with a chance of " + shown(one, Outcome.START_CHANCE);
        case PARKED ->
            one.find(Outcome.PARKED_DAYS).filter(Figure::isNever).isPresent()
                ? "does not start there however short it stands"
                : "sits " + shown(one, Outcome.PARKED_DAYS);
        case ENGINE_OFF -> "runs " + shown(one, Outcome.ENGINE_OFF_HOURS) + " with the engine off";
        case MASS -> {
          double by = one.figure(Outcome.MASS).value() - other.figure(Outcome.MASS).value();
          yield "is "
              + display.show(Math.abs(by), Unit.KILOGRAM).text()
              + (by < 0 ? " lighter" : " heavier");
        }
        case EASE -> "meets more of what you wish";
        case MONEY -> {
          if (!one.candidate().hasPrice() || !other.candidate().hasPrice()) {
            yield "has a price that is unknown beside it";
          }
          double by =
              one.figure(Outcome.COST_PER_YEAR).value()
                  - other.figure(Outcome.COST_PER_YEAR).value();
          yield "costs "
              + display.show(Math.abs(by), Unit.MONEY, 0).text()
              + " a year "
              + (by < 0 ? "less" : "more");
        }
      };
    }

    private String shown(CandidateAnswer candidate, Outcome outcome) {
      return candidate.find(outcome).map(figure -> display.show(figure).text()).orElse("—");
    }

    private Optional<CandidateAnswer.Advice> byAge() {
      return decision.answer().today().map(CandidateAnswer::advice);
    }

    /** One chance: that it lives another year and still does all that is asked. */
    private String today(CandidateAnswer today) {
      String chance =
          "Today’s battery does all you ask for another year with a chance of "
              + display.chance(100 * today.chanceInAYear()).text();
      if (check.saysReplace()) {
        return chance + " by its label and age; what the check found counts for more.";
      }
      if (check.doubtsTheBattery()) {
        return chance + " by its label and age; the check doubts it.";
      }
      return chance
          + switch (today.advice()) {
            case KEEP -> ": nothing need be bought.";
            case TEST ->
                ". A load or cranking test would tell; the custom is each autumn from the"
                    + " fourth year.";
            case REPLACE -> ".";
          };
    }

    private List<Placed> ranking() {
      return decision.ranked().stream()
          .map(
              verdict ->
                  new Placed(
                      verdict.letter(),
                      verdict.answer().candidate().label().name(),
                      display.number(verdict.points(), 1),
                      RankingBars.bar(verdict, display),
                      OpeningWords.inShort(decision.shortfalls(verdict.answer()), turns()),
                      RankingBars.dominated(verdict, decision.ranked())))
          .toList();
    }

    private List<Refused> refusals() {
      return decision.refused().stream()
          .map(
              candidate ->
                  new Refused(
                      candidate.letter(),
                      candidate.candidate().label().name(),
                      candidate.failedGates().stream()
                          .map(
                              gate ->
                                  GateWords.of(gate, display)
                                      + ": "
                                      + GateWords.opens(gate, display))
                          .collect(Collectors.joining("; "))))
          .toList();
    }
  }
}
