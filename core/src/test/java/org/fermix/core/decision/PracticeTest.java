package org.fermix.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.fermix.core.DocsTable;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.Schools;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Driving;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Oil;
import org.fermix.core.machine.Stand;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Table;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

/** Advice beside what a seasoned practitioner would say; common practice, no source. */
class PracticeTest {
  private static final Table CASES =
      Table.read(PracticeTest.class, "/reference/practice-cases.csv");

  /** None is absurd: each names one that a practitioner would, or none where none would do. */
  @Test
  void noAdviceIsAbsurd() {
    List<String> written = new ArrayList<>();
    List<String> absurd = new ArrayList<>();
    for (Table.Row row : CASES.rows()) {
      Decision decision = decide(row);
      String named =
          decision
              .leader()
              .map(leader -> leader.answer().candidate().label().chemistry().id())
              .orElse("none");
      written.add(
          String.format(
              Locale.ROOT,
              "\"%s\",%s,%s,%s",
              row.text("case"),
              row.text("advice"),
              named,
              figures(decision)));
      if (!List.of(row.text("advice").split(" ", -1)).contains(named)) {
        absurd.add(row.text("case") + ": " + named + " not of " + row.text("advice"));
      }
    }
    DocsTable.write(
        "practice.csv",
        "Thirty cases, what a seasoned practitioner would say (common practice, no source) and what"
            + " is named: chance of a start, days it stands, how long it lasts, cost a year.",
        "case,practitioner,named,size,chance,days,lasts,a year",
        written);
    assertThat(written).hasSize(30);
    assertThat(absurd).isEmpty();
  }

  private static String figures(Decision decision) {
    return decision
        .first()
        .map(
            first ->
                String.format(
                    Locale.ROOT,
                    "%.0f Ah,%.0f %%,%.0f d,%.1f y,%.0f",
                    first.answer().candidate().label().capacity().value(),
                    first.answer().figure(Outcome.START_CHANCE).value(),
                    first.answer().figure(Outcome.PARKED_DAYS).value(),
                    first.answer().figure(Outcome.LASTS).value(),
                    first.answer().headline().costPerYear()))
        .orElse(",,,,");
  }

  private static Decision decide(Table.Row row) {
    EngineClass type = EngineClass.find(row.text("class")).orElseThrow();
    Engine usual = Engine.usual(type);
    double litres = row.number("litres");
    Engine engine =
        Engine.usual(
            type,
            litres > 0 ? Given.typed(litres, Unit.LITRE) : usual.displacement(),
            type.size().defaultCylinders(),
            Oil.find(type.size().defaultOil()).orElseThrow(),
            (int) row.number("volts"));
    Need need = UsualNeed.of(engine).need();
    double coldest = row.number("coldest_c");
    Given winter = UsualNeed.of(engine).winterMeanC(coldest);
    need =
        need.in(
            new org.fermix.core.machine.Climate(
                Given.typed(coldest, Unit.CELSIUS),
                winter,
                UsualNeed.of(engine).summerMeanC(winter.value()),
                need.climate().coldestMonth()));
    LongestLayUp rest = need.use().layUp();
    var use =
        new org.fermix.core.machine.Use(
            new LongestLayUp(
                Given.typed(row.number("days"), Unit.DAY),
                rest.fromMonth(),
                rest.place(),
                new Stand(Stand.Way.valueOf(row.text("stand")), 4)),
            need.use().drainMilliamps(),
            need.use().engineOffAmps(),
            need.use().engineOffHours(),
            need.use().driving(),
            need.use().yearsKept(),
            need.use().history());
    if (!row.text("engine_off").isEmpty()) {
      String[] load = row.text("engine_off").split("x", -1);
      use =
          use.running(
              Given.typed(Double.parseDouble(load[0]), Unit.AMPERE),
              Given.typed(Double.parseDouble(load[1]), Unit.HOUR));
    }
    if (!row.text("starts").isEmpty()) {
      use =
          use.driven(
              new Driving(
                  Given.typed(row.number("starts"), Unit.COUNT),
                  Given.typed(row.number("minutes"), Unit.MINUTE)));
    }
    need = need.used(use);
    List<Candidate> candidates = new ArrayList<>();
    for (Label label : TypicalBattery.of(need)) {
      candidates.add(new Candidate(String.valueOf((char) ('A' + candidates.size())), label, 0));
    }
    return Decision.of(
        Bench.of(need, Policy.USUAL, candidates),
        Conditions.of(need),
        Weights.start(Schools.USUAL.first(), coldest, type));
  }

  /** What every kind of machine is named in its usual use: lead of its usual size. */
  @Test
  void theUsualMachineOfEveryClassIsNamedASaneBattery() {
    List<String> named = new ArrayList<>();
    for (EngineClass type : EngineClass.all()) {
      Need need = UsualNeed.of(Engine.usual(type)).need();
      List<Candidate> candidates = new ArrayList<>();
      for (Label label : TypicalBattery.of(need)) {
        candidates.add(new Candidate(String.valueOf((char) ('A' + candidates.size())), label, 0));
      }
      Decision decision =
          Decision.of(
              Bench.of(need, Policy.USUAL, candidates),
              Conditions.of(need),
              Weights.start(Schools.USUAL.first(), need.climate().coldestMorningC().value(), type));
      Label leader = decision.leader().orElseThrow().answer().candidate().label();
      assertThat(leader.chemistry().isLead()).as(type.id()).isTrue();
      assertThat(decision.first().orElseThrow().answer().figure(Outcome.LASTS).value())
          .as(type.id())
          .isBetween(2.5, 8.0);
      named.add(type.id() + "," + leader.chemistry().id() + "," + figures(decision));
    }
    DocsTable.write(
        "usual-machines.csv",
        "The usual machine of every class with typical batteries at typical prices: what is named, by"
            + " the same question on the first page, on Bench and on Decide.",
        "class,named,size,chance,days,lasts,a year",
        named);
    assertThat(named.stream().map(each -> each.split(",", -1)[1]).collect(Collectors.toSet()))
        .contains("flooded", "agm");
  }
}
