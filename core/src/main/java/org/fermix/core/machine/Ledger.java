package org.fermix.core.machine;

import java.util.List;
import java.util.Optional;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.PlainWords;
import org.fermix.core.quantity.Table;
import org.fermix.core.quantity.Unit;

/**
 * What runs with the engine off, thing by thing, and what it comes to: the ampere-hours of all over
 * the hours of the longest.
 *
 * @param items at most {@link #MOST}
 */
public record Ledger(List<Item> items) {
  /** So many things are added up. */
  public static final int MOST = 8;

  /** Of one thing, watts or amps. */
  public static final Limits AMOUNT = new Limits("load", 0.01, 12_000, Unit.COUNT);

  /** Volts of a 12 V battery while small loads run (V); what lead shows half used. */
  private static final double RUNNING_VOLTS = 12.2;

  /** Volts a heater’s or lamp’s watts are stated at (V). */
  private static final double RATED_VOLTS = 12;

  /** Volts below which a thing stops. */
  public static final Limits LEAST_VOLTS = new Limits("least voltage", 1, 40, Unit.VOLT);

  /** Share of its input that a converter gives; estimate. */
  private static final double CONVERTED = 0.9;

  /** Refuses more than a page has room for. */
  public Ledger {
    Check.within("things in the ledger", items.size(), 0, MOST, "");
    items = List.copyOf(items);
  }

  /** How an amount is meant. */
  public enum Feed {
    AMPS,
    WATTS,
    /** Watts behind a converter. */
    CONVERTER,
    /** Watts of a heater or lamp at 12 V: they grow and fall with the square of the volts. */
    RESISTIVE
  }

  /**
   * One thing.
   *
   * @param amount amps or watts, as {@code feed} says
   * @param hours it runs between two starts (h)
   * @param leastVolts at which it still works, where that is known (V)
   */
  public record Item(
      String name, double amount, Feed feed, double hours, Optional<Double> leastVolts) {
    /** One that is not said to need any volts. */
    public Item(String name, double amount, Feed feed, double hours) {
      this(name, amount, feed, hours, Optional.empty());
    }

    /** Refuses what is no load. */
    public Item {
      AMOUNT.check(amount);
      Use.ENGINE_OFF_HOURS.check(hours);
      leastVolts.ifPresent(LEAST_VOLTS::check);
    }

    /** What it draws (A), P / V; a converter’s loss counts. */
    public double amps(double series) {
      return switch (feed) {
        case AMPS -> amount;
        case WATTS, RESISTIVE -> amount / (RUNNING_VOLTS * series);
        case CONVERTER -> amount / (CONVERTED * RUNNING_VOLTS * series);
      };
    }

    /** What it delivers at some volts (W). */
    public double watts(double volts, double series) {
      return switch (feed) {
        case AMPS -> amount * volts;
        case WATTS, CONVERTER -> amount;
        case RESISTIVE -> amount * Math.pow(volts / (RATED_VOLTS * series), 2);
      };
    }

    /** What it draws at some volts (A). */
    public double ampsAt(double volts, double series) {
      return switch (feed) {
        case AMPS -> amount;
        case WATTS, RESISTIVE -> watts(volts, series) / volts;
        case CONVERTER -> amount / CONVERTED / volts;
      };
    }

    /** What it takes (Ah). */
    public double ampHours(double series) {
      return amps(series) * hours;
    }
  }

  /** All together (Ah). */
  public double ampHours(double series) {
    return items.stream().mapToDouble(each -> each.ampHours(series)).sum();
  }

  /** Until the longest has run (h); nothing where nothing is in it. */
  public Optional<Given> hours() {
    return items.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Given.derived(
                items.stream().mapToDouble(Item::hours).max().orElseThrow(),
                Unit.HOUR,
                "the longest of the ledger"));
  }

  /** The steady current that takes as much in that time (A). */
  public Optional<Given> amps(double series) {
    return hours()
        .map(
            hours ->
                Given.derived(
                    hours.value() > 0
                        ? Math.min(Use.ENGINE_OFF_LOAD.most(), ampHours(series) / hours.value())
                        : 0,
                    Unit.AMPERE,
                    "the ledger’s ampere-hours over its longest hours"));
  }

  /** A thing that usually runs so, by its name. */
  public record Usual(String name, double watts, Feed feed) {
    private static final List<Usual> ALL =
        Table.read(Ledger.class, "usual-loads.csv").rows().stream()
            .map(
                row ->
                    new Usual(
                        row.text("name"),
                        row.number("watts"),
                        switch (row.text("feed")) {
                          case "converter" -> Feed.CONVERTER;
                          case "resistive" -> Feed.RESISTIVE;
                          default -> Feed.WATTS;
                        }))
            .toList();

    /** Every one, in table order. */
    public static List<Usual> all() {
      return ALL;
    }

    /** The one of a name, however it is written. */
    public static Optional<Usual> find(String name) {
      List<String> words = PlainWords.of(name);
      return ALL.stream().filter(each -> PlainWords.of(each.name()).equals(words)).findFirst();
    }
  }
}
