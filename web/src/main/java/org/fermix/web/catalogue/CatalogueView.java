package org.fermix.web.catalogue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.Screening;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.decision.Shortlist;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;

/**
 * What the catalogue answers.
 *
 * @param all how many were asked for
 * @param pass how many pass every gate
 * @param meet how many of them do all that is asked
 * @param cut how many that may fit were not judged
 * @param parts of all, as one bar
 * @param approval true where an approval has to cover the battery
 */
public record CatalogueView(
    String typed,
    long all,
    int pass,
    long meet,
    long cut,
    List<Part> parts,
    List<Kind> kinds,
    String askedParked,
    String askedOff,
    List<Row> rows,
    int more,
    List<Miss> misses,
    String advice,
    boolean approval) {
  /** So many of those that pass are shown at first. */
  static final int FIRST = 12;

  private static final int MOST_ROWS = 60;
  private static final double LIKELY_PERCENT = 80;
  private static final double PERCENT = 100;

  /** So near to what is asked that it is said to be close. */
  private static final double CLOSE = 0.95;

  /** One share of all. */
  public record Part(String words, String at, String width, String style) {}

  /** A chemistry that can be asked for alone. */
  public record Kind(String id, String name, long count, boolean chosen) {}

  /** One that passes. */
  public record Row(
      UUID id,
      boolean taken,
      String chemistryId,
      String chemistry,
      String name,
      String caseCode,
      String mass,
      String price,
      Bar cold,
      Bar parked,
      Bar off,
      boolean demo,
      String source) {}

  /** An outcome against what is asked. */
  public record Bar(String value, String drawn, String mark, String sign) {}

  /** One that fails. */
  public record Miss(
      String chemistryId,
      String chemistry,
      String name,
      String caseCode,
      String mass,
      String reason) {}

  static CatalogueView of(
      Asked asked,
      Optional<Chemistry> chosen,
      Catalogue.Counts counts,
      List<Entry> entries,
      Shortlist found,
      Need need,
      Set<String> taken,
      boolean whole,
      Display display) {
    Conditions conditions = Conditions.of(need);
    double layUp = conditions.layUpDays(need);
    IdentityHashMap<Label, Entry> byLabel = new IdentityHashMap<>();
    entries.forEach(entry -> byLabel.put(entry.label(), entry));
    long all =
        chosen.map(kind -> counts.byChemistry().getOrDefault(kind.id(), 0L)).orElse(counts.all());
    int limit = whole ? MOST_ROWS : FIRST;
    List<Row> rows = new ArrayList<>();
    for (Shortlist.Entry entry :
        found.ranked().subList(0, Math.min(limit, found.ranked().size()))) {
      Entry stored = byLabel.get(entry.label());
      if (stored != null) {
        rows.add(row(stored, entry.headline(), need, conditions, layUp, taken, display));
      }
    }
    List<Miss> misses = new ArrayList<>();
    for (Shortlist.Miss miss : found.nearest().subList(0, Math.min(8, found.nearest().size()))) {
      Entry stored = byLabel.get(miss.label());
      if (stored != null) {
        misses.add(
            new Miss(
                miss.label().chemistry().id(),
                miss.label().chemistry().shortName(),
                miss.label().name(),
                stored.caseCode(),
                mass(miss.label(), display),
                MissWords.of(miss.failed().get(0), display)
                    + (miss.failed().size() > 1
                        ? ", and " + (miss.failed().size() - 1) + " more"
                        : "")));
      }
    }
    return new CatalogueView(
        asked.typed(),
        all,
        found.ranked().size(),
        found.ranked().stream().filter(Shortlist.Entry::meets).count(),
        Math.max(0, Math.min(all, counts.mayFit()) - found.judged()),
        parts(found, all),
        kinds(counts, chosen),
        display.show(layUp, Unit.DAY).text(),
        display.show(conditions.engineOffHours(), Unit.HOUR).text(),
        rows,
        Math.min(MOST_ROWS, found.ranked().size()) - rows.size(),
        misses,
        (asked.cut() ? "Only the first " + Asked.LONGEST + " characters were read. " : "")
            + advice(found, misses, all),
        need.engine().engineClass().traits().needsApproval());
  }

  private static List<Kind> kinds(Catalogue.Counts counts, Optional<Chemistry> chosen) {
    return Chemistry.all().stream()
        .map(
            kind ->
                new Kind(
                    kind.id(),
                    kind.shortName(),
                    counts.byChemistry().getOrDefault(kind.id(), 0L),
                    chosen.filter(kind::equals).isPresent()))
        .toList();
  }

  private static List<Part> parts(Shortlist found, long all) {
    if (all == 0) {
      return List.of();
    }
    List<Part> parts = new ArrayList<>();
    double pass = PERCENT * found.ranked().size() / all;
    parts.add(
        new Part(
            found.ranked().size() + " pass every gate",
            Scale.percent(0),
            Scale.percent(pass),
            "part-pass"));
    parts.add(
        new Part(
            (all - found.ranked().size()) + " do not",
            Scale.percent(pass),
            Scale.percent(PERCENT - pass),
            "part-fail"));
    return parts;
  }

  private static String advice(Shortlist found, List<Miss> misses, long all) {
    if (all == 0) {
      return "Nothing in the catalogue has all of these words and limits: leave one out.";
    }
    if (!found.ranked().isEmpty()) {
      return "";
    }
    Map<Gate, Integer> failing = new EnumMap<>(Gate.class);
    failing.putAll(found.failing());
    String most =
        failing.entrySet().stream()
            .max(Map.Entry.comparingByValue())
            .map(entry -> " Most of those judged fail " + words(entry.getKey()) + ".")
            .orElse("");
    return "None passes every gate."
        + most
        + (misses.isEmpty()
            ? ""
            : " The nearest is "
                + misses.get(0).name()
                + ": "
                + misses.get(0).reason()
                + ". Look at the tray and the minimum again.");
  }

  private static String words(Gate gate) {
    return switch (gate) {
      case FITS -> "the space";
      case MINIMUM_CRANKING -> "the minimum of cranking amps";
      case MINIMUM_RESERVE -> "the minimum of reserve capacity";
      case MINIMUM_CAPACITY -> "the minimum of ampere-hours";
      case CHARGED -> "the charging voltage";
      case PROTECTION -> "for want of a stated protection";
      case LIMITS -> "what their protection passes";
      case APPROVED -> "what is allowed";
      case SCHOOL -> "your school";
      case BUDGET, SELF_RESCUE, IN_STOCK, PROVEN, NO_CHANGES, LASTS -> "one of your musts";
    };
  }

  private static Row row(
      Entry entry,
      Screening.Headline headline,
      Need need,
      Conditions conditions,
      double layUp,
      Set<String> taken,
      Display display) {
    Label label = entry.label();
    double chance = PERCENT * headline.shown().startChance();
    return new Row(
        entry.id(),
        taken.contains(label.name()),
        label.chemistry().id(),
        label.chemistry().shortName(),
        label.name(),
        entry.caseCode(),
        mass(label, display),
        price(entry, display),
        need.engine().turns()
            ? bar(display.chance(chance).text(), chance / PERCENT, LIKELY_PERCENT / PERCENT)
            : new Bar("", "", "", ""),
        bar(
            display.standing(headline.shown().parkedDays()).text(),
            layUp > 0 ? headline.shown().parkedDays() / (2 * layUp) : 1,
            0.5),
        conditions.hasEngineOffLoad()
            ? bar(
                display.show(headline.shown().engineOffHours(), Unit.HOUR).text(),
                headline.shown().engineOffHours() / (2 * conditions.engineOffHours()),
                0.5)
            : new Bar("", "", "", ""),
        entry.demo(),
        entry.source());
  }

  private static String mass(Label label, Display display) {
    return label.massKg().map(mass -> display.show(mass.value(), Unit.KILOGRAM).text()).orElse("");
  }

  private static String price(Entry entry, Display display) {
    return entry.label().hasPrice()
        ? display.in(entry.currency()).show(entry.label().price().value(), Unit.MONEY, 0).text()
        : "";
  }

  /** A bar with what is asked as a stroke across it. */
  private static Bar bar(String value, double share, double askedShare) {
    double filled = Math.max(0, Math.min(1, share));
    String mark = share >= askedShare ? "clears" : share >= CLOSE * askedShare ? "close" : "fails";
    Markup out = new Markup();
    out.mark("rect", "width", "100%", "height", "6", "class", "bar-ground");
    out.mark("rect", "width", Scale.percent(PERCENT * filled), "height", "6", "class", "bar-fill");
    String at = Scale.percent(PERCENT * askedShare);
    out.mark("line", "x1", at, "x2", at, "y1", "-2", "y2", "8", "class", "bar-need");
    return new Bar(
        value,
        out.toString(),
        mark,
        switch (mark) {
          case "clears" -> "\u2713";
          case "close" -> "\u2248";
          default -> "\u2715";
        });
  }
}
