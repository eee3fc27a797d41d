package org.fermix.web.decide;

import java.util.List;

/**
 * A decision as a plain record in its owner's units and words: what the sheet for the counter
 * shows, and what is kept, unchanged for good, once it is settled.
 *
 * @param made the day, ISO 8601
 * @param model mark of the models it was made by
 * @param question the conditions in a phrase
 * @param because the owner's reason, where the advice was overruled; else empty
 * @param choice what to ask for; of no letter where nothing is to be bought
 * @param also the acceptable second; none or one
 * @param notBelow what no other may fall short of, whatever its name
 * @param beside further batteries of an arrangement
 */
public record Sheet(
    String machine,
    String engine,
    String made,
    String model,
    String question,
    String headline,
    List<String> reasons,
    String because,
    Choice choice,
    List<Also> also,
    String notBelow,
    List<String> beside,
    List<Case> cases,
    List<String> checks,
    List<Line> bill,
    String total,
    String notPriced,
    String takeAlong,
    List<Ruler> rulers,
    List<Level> levels,
    List<Also> others,
    List<String> cautions,
    List<String> assumed) {

  /** Copies the lists. */
  public Sheet {
    reasons = List.copyOf(reasons);
    also = List.copyOf(also);
    beside = List.copyOf(beside);
    cases = List.copyOf(cases);
    checks = List.copyOf(checks);
    bill = List.copyOf(bill);
    rulers = List.copyOf(rulers);
    levels = List.copyOf(levels);
    others = List.copyOf(others);
    cautions = List.copyOf(cautions);
    assumed = List.copyOf(assumed);
  }

  /**
   * What to ask for.
   *
   * @param specs what must stand on the label
   * @param price seen; empty where nobody has typed one
   * @param limit most to pay; empty where nothing sets one
   * @param limitWhy what sets it
   */
  public record Choice(
      String letter,
      String chemistryId,
      String chemistry,
      String name,
      String specs,
      String price,
      String limit,
      String limitWhy) {
    /** True where something is to be bought. */
    public boolean buys() {
      return !letter.isEmpty();
    }
  }

  /** Another, and what is said of it. */
  public record Also(String letter, String words) {}

  /**
   * The case, to be drawn to a true scale.
   *
   * @param trayLengthMm 0 where the tray is not measured
   * @param measures length, width and height in the owner's units
   */
  public record Case(
      double lengthMm,
      double widthMm,
      double heightMm,
      double trayLengthMm,
      double trayWidthMm,
      boolean positiveRight,
      List<String> measures) {
    /** Copies the list. */
    public Case {
      measures = List.copyOf(measures);
    }
  }

  /**
   * A line of the bill.
   *
   * @param kind which of the extras it is; empty for the battery
   * @param amount in words; empty where nobody has said
   */
  public record Line(String kind, String what, String amount, String state) {}

  /**
   * A ruler with positions in per cent of its length.
   *
   * @param needAt below 0 where nothing is asked
   * @param said what is asked and where the tags stand, in words
   */
  public record Ruler(
      String title,
      String caption,
      List<Mark> ticks,
      double needAt,
      boolean mustClear,
      List<Mark> tags,
      List<String> said) {
    /** Copies the lists. */
    public Ruler {
      ticks = List.copyOf(ticks);
      tags = List.copyOf(tags);
      said = List.copyOf(said);
    }
  }

  /** A mark on a ruler. */
  public record Mark(double at, String text, boolean chosen) {}

  /** Gates, outcomes or points. */
  public record Level(String title, String note, List<Row> rows) {
    /** Copies the list. */
    public Level {
      rows = List.copyOf(rows);
    }
  }

  /**
   * One line of a level.
   *
   * @param working address of its working, beneath the job; empty where it has none
   */
  public record Row(
      String name, String value, String need, String sign, String rest, String working) {}

  /** True where the advice was overruled. */
  public boolean overruled() {
    return !because.isEmpty();
  }
}
