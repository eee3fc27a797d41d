package org.fermix.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Screening;
import org.junit.jupiter.api.Test;

/** Equal means the cheap one; just short is as good as met; money decides among the short. */
class OrderTest {
  private static final double DAYS = 30;
  private static final Conditions ASKED = new Conditions(-10, DAYS, 0, 0, 0);

  private static Screening.Headline doing(double chance, double days, double costPerYear) {
    Screening.Needs needs = new Screening.Needs(chance, days, 0);
    return new Screening.Headline(needs, needs, 15, costPerYear, 1);
  }

  private static List<String> order(Map<String, Screening.Headline> all) {
    Points points = Points.of(all.values(), Weights.USUAL, ASKED, DAYS);
    return Order.of(all.keySet(), name -> name, all::get, points).stream()
        .map(Order::name)
        .toList();
  }

  @Test
  void ofEqualsTheCheapOneIsNamed() {
    assertThat(order(Map.of("A", doing(0.99, 90, 60), "B", doing(0.99, 90, 30)))).startsWith("B");
    // A little surer and twice the price: within what can be told, the cheap one.
    assertThat(order(Map.of("A", doing(1, 95, 42), "B", doing(0.99, 90, 30)))).startsWith("B");
    // Clearly surer is worth its price.
    assertThat(order(Map.of("A", doing(0.99, 90, 40), "B", doing(0.82, 36, 30)))).startsWith("A");
  }

  @Test
  void justShortIsNotShort() {
    Map<String, Screening.Headline> all =
        Map.of("A", doing(0.78, 29, 25), "B", doing(0.60, 12, 20));
    assertThat(order(all)).containsExactly("A", "B");
    Points points = Points.of(all.values(), Weights.USUAL, ASKED, DAYS);
    assertThat(points.score(doing(0.78, 29, 25)).meets()).isTrue();
    assertThat(points.score(doing(0.78, 29, 25)).clears()).isFalse();
    assertThat(points.score(doing(0.74, 29, 25)).meets()).isFalse();
    assertThat(points.score(doing(0.95, 26, 25)).meets()).isFalse();
    // Of a tie none just short where one clears.
    assertThat(order(Map.of("A", doing(0.79, 60, 20), "B", doing(0.86, 60, 24)))).startsWith("B");
  }

  /** One day more of too few must not outrank half the price. */
  @Test
  void amongTheShortMoneyDecides() {
    assertThat(order(Map.of("A", doing(0.7, 21, 80), "B", doing(0.7, 20, 40)))).startsWith("B");
    assertThat(order(Map.of("A", doing(0.7, 24, 80), "B", doing(0.4, 5, 40)))).startsWith("A");
  }

  /** A battery in hand without a price is at most equal, and not named for it. */
  @Test
  void whatHasNoPriceIsNotNamedForIt() {
    assertThat(order(Map.of("A", doing(0.99, 90, 0), "B", doing(0.99, 90, 30)))).startsWith("B");
  }

  /** What decides is said the same of any company: a third changes nothing between two. */
  @Test
  void aThirdChangesNothing() {
    Map<String, Screening.Headline> two =
        Map.of("A", doing(0.95, 60, 33), "B", doing(0.97, 70, 36));
    Map<String, Screening.Headline> three =
        Map.of("A", doing(0.95, 60, 33), "B", doing(0.97, 70, 36), "C", doing(0.5, 5, 5));
    assertThat(order(three).get(0)).isEqualTo(order(two).get(0));
  }
}
