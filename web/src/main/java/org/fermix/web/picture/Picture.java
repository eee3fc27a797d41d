package org.fermix.web.picture;

import java.util.List;
import org.fermix.web.chart.Figures;

/**
 * One picture of the bench.
 *
 * @param kind which one
 * @param drawn its marks; across in shares of the width
 * @param height in pixels
 * @param caption what it shows, in a sentence
 * @param summary the same for those who do not see it, with what it comes to
 * @param reader the line one reads at; its {@code to} is its {@code from} where there is none
 * @param reads rows of what is read there, one for each panel
 * @param facts rows that do not move with it
 * @param heads letters of its columns
 * @param figures all of it as numbers
 */
public record Picture(
    Kind kind,
    String drawn,
    int height,
    String caption,
    String summary,
    Reader reader,
    List<Read> reads,
    List<Fact> facts,
    List<Head> heads,
    Figures figures) {
  /** Copies the lists. */
  public Picture {
    reads = List.copyOf(reads);
    facts = List.copyOf(facts);
    heads = List.copyOf(heads);
  }

  /** The pictures there are. */
  public enum Kind {
    START("start", "start", "volts, amps, speed"),
    COLD("cold", "cold", "chance of a start"),
    PARKED("stood", "parked", "charge over a year"),
    ENGINE_OFF("off", "engine off", "volts over hours"),
    FILLING("filling", "filling", "a week from half"),
    MONEY("spent", "money", "spent over the years"),
    MASS("weight", "mass", "against today’s");

    private final String id;
    private final String word;
    private final String sub;

    Kind(String id, String word, String sub) {
      this.id = id;
      this.word = word;
      this.sub = sub;
    }

    /** Its name in an address. */
    public String id() {
      return id;
    }

    /** What it is called. */
    public String word() {
      return word;
    }

    /** What it draws. */
    public String sub() {
      return sub;
    }
  }

  /**
   * The line one reads at, in the units figures are worked out in; what is shown is {@code factor ·
   * x + offset}.
   */
  public record Reader(
      double from,
      double to,
      double at,
      double step,
      double factor,
      double offset,
      int decimals,
      String unit) {
    /** True where one can read along it. */
    public boolean reads() {
      return from != to;
    }
  }

  /** A row that follows the line. */
  public record Read(
      String name,
      int panel,
      double factor,
      double offset,
      int decimals,
      String unit,
      List<String> cells) {
    /** Copies the list. */
    public Read {
      cells = List.copyOf(cells);
    }
  }

  /** A row that stands. */
  public record Fact(String name, List<String> cells) {
    /** Copies the list. */
    public Fact {
      cells = List.copyOf(cells);
    }
  }

  /** A column. */
  public record Head(String letter, String chemistryId, String chemistry, boolean leads) {}
}
