package org.fermix.web.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Policy;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.junit.jupiter.api.Test;

/** The drawings' geometry as numbers, and the table's cells, without any markup. */
class RulersTest {
  private static final Need NEED = Examples.dieselNeed();
  private static final Display US = new Display(UnitSystem.US, "USD", ZoneOffset.UTC);

  private static BenchAnswer answer(List<Candidate> candidates, Conditions conditions) {
    return Bench.of(NEED, Policy.USUAL, candidates).answer(conditions);
  }

  private static List<Ruler> rulers(Display display) {
    return new Rulers(answer(Examples.lineUp(), Conditions.of(NEED)), display, "C").all();
  }

  private static double percent(String at) {
    return Double.parseDouble(at.replace("%", ""));
  }

  @Test
  void fiveRulersCarryEveryCandidateOnce() {
    for (Ruler ruler : rulers(Display.USUAL)) {
      List<String> letters = ruler.tags().stream().map(Ruler.Tag::letter).sorted().toList();
      assertThat(letters)
          .as(ruler.id())
          .isEqualTo(
              ruler.id().equals("money")
                  ? List.of("A", "B", "C", "D")
                  : List.of("0", "A", "B", "C", "D"));
    }
    assertThat(rulers(Display.USUAL))
        .extracting(Ruler::id)
        .containsExactly("cold", "parked", "engine-off", "mass", "money");
  }

  @Test
  void everythingStandsInsideTheDrawing() {
    for (Display display : List.of(Display.USUAL, US)) {
      for (Ruler ruler : rulers(display)) {
        for (Ruler.Tag tag : ruler.tags()) {
          assertThat(percent(tag.at())).isBetween(0.0, 100.0);
          assertThat(percent(tag.whiskerFrom()) + percent(tag.whiskerWidth()))
              .isLessThanOrEqualTo(100.01);
          assertThat(tag.top()).isGreaterThanOrEqualTo(0);
          assertThat(tag.top() + 18).isLessThanOrEqualTo(ruler.height());
        }
        for (Ticks.Tick tick : ruler.ticks()) {
          assertThat(percent(tick.at())).isBetween(0.0, 100.0);
        }
      }
    }
  }

  @Test
  void tagsOnOneLevelDoNotTouch() {
    for (Ruler ruler : rulers(Display.USUAL)) {
      for (Ruler.Tag one : ruler.tags()) {
        for (Ruler.Tag other : ruler.tags()) {
          if (!one.equals(other) && one.top() == other.top()) {
            assertThat(Math.abs(percent(one.at()) - percent(other.at())))
                .as(ruler.id() + " " + one.letter() + other.letter())
                .isGreaterThanOrEqualTo(4.4 - 0.02);
          }
        }
      }
    }
  }

  @Test
  void colderAndLongerStandFurtherRight() {
    BenchAnswer answer = answer(Examples.lineUp(), Conditions.of(NEED));
    Ruler cold = new Rulers(answer, Display.USUAL, "C").all().get(0);
    double strong =
        percent(
            cold.tags().stream()
                .filter(tag -> tag.letter().equals("C"))
                .findFirst()
                .orElseThrow()
                .at());
    double weak =
        percent(
            cold.tags().stream()
                .filter(tag -> tag.letter().equals("0"))
                .findFirst()
                .orElseThrow()
                .at());
    assertThat(strong).isGreaterThan(weak);
    assertThat(cold.mustClear()).isTrue();
    assertThat(cold.summary()).contains("C −2").contains("0 ");
  }

  @Test
  void aCandidateThatFailsAGateStandsBelowTheLine() {
    List<Candidate> lineUp = new ArrayList<>(Examples.lineUp());
    lineUp.add(new Candidate("E", Examples.label("flooded", 300, 50, 60, 12, 50), 0));
    Ruler cold = new Rulers(answer(lineUp, Conditions.of(NEED)), Display.USUAL, "C").all().get(0);
    assertThat(cold.tags())
        .filteredOn(tag -> tag.letter().equals("E"))
        .singleElement()
        .satisfies(
            tag -> {
              assertThat(tag.below()).isTrue();
              assertThat(tag.style()).isEqualTo("tag-failed");
              assertThat(tag.top()).isGreaterThan(cold.axisY());
            });
    assertThat(cold.summary()).contains("(fails a gate)");
  }

  @Test
  void theTableMarksByWordAndSignAndComparesMassWithTodays() {
    OutcomeTable table = table(Map.of());
    assertThat(table.heads())
        .extracting(OutcomeTable.Head::letter)
        .containsExactly("0", "A", "B", "C", "D");
    OutcomeTable.Row floor = table.groups().get(1).rows().get(0);
    assertThat(floor.need().replace('\u00a0', ' ')).isEqualTo("need −20 °C");
    assertThat(floor.cells().get(0).mark()).isEqualTo("fails");
    assertThat(floor.cells().get(0).sign()).isEqualTo("✕");
    OutcomeTable.Row mass =
        table.groups().stream()
            .flatMap(group -> group.rows().stream())
            .filter(row -> row.label().equals("Mass"))
            .findFirst()
            .orElseThrow();
    assertThat(mass.cells().get(4).difference().replace('\u00a0', ' '))
        .isEqualTo("−10.8 kg to today’s");
    assertThat(table.groups().stream().flatMap(group -> group.rows().stream()))
        .allSatisfy(row -> assertThat(row.cells()).hasSize(5));
  }

  @Test
  void conditionsComeFromTheAddressAndElseFromTheOwner() {
    Conditions own = Conditions.of(NEED);
    Form form = ConditionsForm.read(own, Map.of("temperature", "5"), Display.USUAL);
    assertThat(ConditionsForm.conditions(form))
        .hasValueSatisfying(
            read -> {
              assertThat(read.temperatureC()).isEqualTo(5);
              assertThat(read.daysParked()).isEqualTo(42);
            });
    Form wrong = ConditionsForm.read(own, Map.of("days", "1e9"), Display.USUAL);
    assertThat(ConditionsForm.conditions(wrong)).isEmpty();
    assertThat(ConditionsForm.controls(wrong, NEED, Display.USUAL)).hasSize(4);
    assertThat(ConditionsForm.controls(form, NEED, US).get(0).low()).isEqualTo("-40.0");
    assertThat(ConditionsForm.controls(form, NEED, US).get(0).high()).isEqualTo("86.0");
  }

  private static OutcomeTable table(Map<String, String> view) {
    Bench bench = Bench.of(NEED, Policy.USUAL, Examples.lineUp());
    BenchAnswer answer = bench.answer(Conditions.of(NEED));
    return OutcomeTable.of(
        answer,
        bench.standing(Conditions.of(NEED)),
        bench.failing(answer),
        TableView.of(view, answer, Map.of()),
        Display.USUAL,
        "C");
  }

  @Test
  void theTableIsOrderedComparedAndShortenedAsAsked() {
    OutcomeTable usual = table(Map.of());
    assertThat(usual.groups()).extracting(OutcomeTable.Group::title).contains("How it fails");
    OutcomeTable lightest = table(Map.of("order", "mass", "against", "C", "rows", "different"));
    List<Double> kg =
        lightest.heads().stream()
            .map(
                head ->
                    answer(Examples.lineUp(), Conditions.of(NEED))
                        .find(head.letter())
                        .orElseThrow()
                        .figure(Outcome.MASS)
                        .value())
            .toList();
    assertThat(kg).isSorted();
    assertThat(lightest.heads().get(0).letter()).isEqualTo("D");
    OutcomeTable.Cell mass =
        lightest.groups().stream()
            .flatMap(group -> group.rows().stream())
            .filter(row -> row.label().equals("Mass"))
            .findFirst()
            .orElseThrow()
            .cells()
            .get(0);
    assertThat(mass.difference()).startsWith("−").contains("kg");
    assertThat(rows(lightest)).isLessThan(rows(usual));
    // What nobody has, or nobody knows, changes nothing.
    assertThat(rows(table(Map.of("order", "?", "against", "Z", "rows", "?"))))
        .isEqualTo(rows(usual));
  }

  private static long rows(OutcomeTable table) {
    return table.groups().stream().mapToLong(group -> group.rows().size()).sum();
  }
}
