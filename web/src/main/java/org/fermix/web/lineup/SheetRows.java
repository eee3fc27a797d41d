package org.fermix.web.lineup;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Outcome;
import org.fermix.core.label.Label;
import org.fermix.core.label.RatedCharge;
import org.fermix.core.permission.CycleClaim;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.permission.Property;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Spread;
import org.fermix.core.quantity.Unit;
import org.fermix.core.reserve.DischargeTable;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;

/** What a label’s data sheet states: features, claims beside the model, and its discharge curve. */
public final class SheetRows {
  private static final int WIDTH = 330;
  private static final int HEIGHT = 86;
  private static final double PERCENT = 100;
  private static final double MINUTES = 60;

  /** The end voltage of capacity tests, a cell of lead (V). */
  private static final double END_VOLTS = 1.75;

  private SheetRows() {}

  /** Features in few words, a plain no as well; empty where the sheet is silent. */
  static String features(Label label) {
    DataSheet sheet = label.sheet().lines();
    List<String> words = new ArrayList<>();
    for (Property property : Property.values()) {
      if (property.kind() == Property.Kind.FEATURE) {
        sheet
            .has(property)
            .ifPresent(yes -> words.add((yes ? "✓ " : "✕ ") + property.words().get(0)));
      }
    }
    range(sheet, Property.LOWEST_DISCHARGE_C, Property.HIGHEST_DISCHARGE_C, "used at")
        .ifPresent(words::add);
    range(sheet, Property.LOWEST_CHARGE_C, Property.HIGHEST_CHARGE_C, "charged at")
        .ifPresent(words::add);
    sheet.number(Property.INGRESS_PROTECTION).ifPresent(code -> words.add("IP" + Math.round(code)));
    int others = sheet.notUnderstood().size();
    if (others > 0) {
      words.add(others + (others == 1 ? " line" : " lines") + " not understood, kept");
    }
    return String.join(", ", words);
  }

  private static Optional<String> range(
      DataSheet sheet, Property lowest, Property highest, String words) {
    Optional<Double> low = sheet.number(lowest);
    Optional<Double> high = sheet.number(highest);
    if (low.isEmpty() && high.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        words
            + " "
            + low.map(SheetRows::whole).orElse("?")
            + " to "
            + high.map(SheetRows::whole).orElse("?")
            + " °C");
  }

  private static String whole(double value) {
    return Long.toString(Math.round(value)).replace('-', '−');
  }

  /**
   * What its seller says of its life, beside the model; it is shown and never used.
   *
   * @param drawn the model’s band, and the claim as a tick; empty where there is nothing to draw
   */
  public record Claim(String words, String drawn) {}

  /** Every claim of how long it lasts, and what is reported of early failures. */
  static List<Claim> claims(
      Label label,
      Optional<CandidateAnswer> answer,
      Optional<CandidateAnswer> today,
      Display display) {
    DataSheet lines = label.sheet().lines();
    List<Claim> claims = new ArrayList<>();
    Optional<Band> life = answer.flatMap(each -> each.find(Outcome.LIFE)).map(Figure::band);
    lines
        .number(Property.LIFE_CLAIMED)
        .ifPresent(
            years ->
                claims.add(
                    beside(
                        "said to last " + display.show(years, Unit.YEAR).text(),
                        years,
                        "the model, in this use, ",
                        life,
                        Unit.YEAR,
                        display)));
    for (DataSheet.Line line : lines.on(Property.CYCLES_CLAIMED)) {
      claims.add(cycles(line, label, display));
    }
    lines
        .number(Property.TIMES_AS_LONG)
        .ifPresent(
            times ->
                claims.add(
                    beside(
                        "said to last "
                            + display.show(times, Unit.COUNT, 1).text()
                            + " times as long as another",
                        times,
                        "the model, against today’s battery in this use, times ",
                        life.flatMap(
                            band ->
                                today
                                    .flatMap(each -> each.find(Outcome.LIFE))
                                    .map(
                                        other ->
                                            new Band(
                                                band.low() / other.value(),
                                                band.high() / other.value()))),
                        Unit.COUNT,
                        display)));
    for (DataSheet.Line line : lines.on(Property.EARLY_FAILURES)) {
      claims.add(
          new Claim(
              "reported to have failed early: "
                  + line.value()
                  + line.asked().map(when -> ", asked " + when).orElse("")
                  + ". Shown, not scored: who writes a report is no sample.",
              ""));
    }
    return claims;
  }

  private static Claim cycles(DataSheet.Line line, Label label, Display display) {
    Optional<CycleClaim> read = CycleClaim.read(line.value());
    if (read.isEmpty()) {
      return new Claim("cycles: " + line.value() + ". No number of cycles is read from it.", "");
    }
    CycleClaim claim = read.get();
    String said = "said to give " + display.show(claim.cycles(), Unit.COUNT).text() + " cycles";
    if (claim.depth().isEmpty()) {
      return new Claim(
          said + ", the depth not stated: without it the figure says nothing. Ask.", "");
    }
    double depth = claim.depth().get();
    return beside(
        said + " of " + display.show(PERCENT * depth, Unit.PER_CENT).text(),
        claim.cycles(),
        "the model at that depth, ",
        Optional.of(Band.ratio(label.chemistry().life().cyclesAt(depth), Spread.LIFE.sigma())),
        Unit.COUNT,
        display);
  }

  private static Claim beside(
      String said, double claimed, String model, Optional<Band> band, Unit unit, Display display) {
    if (band.isEmpty()) {
      return new Claim(said + ". Not used.", "");
    }
    double low = band.get().low();
    double high = band.get().high();
    double most = 1.15 * Math.max(claimed, high);
    Markup out = new Markup();
    out.mark(
        "rect",
        "x",
        Scale.percent(PERCENT * low / most),
        "width",
        Scale.percent(PERCENT * (high - low) / most),
        "height",
        "9",
        "class",
        "moved-left");
    String at = Scale.percent(PERCENT * claimed / most);
    out.mark("line", "x1", at, "x2", at, "y1", "0", "y2", "9", "class", "claim");
    int places = high < 10 ? 1 : 0;
    return new Claim(
        said
            + "; "
            + model
            + display.show(low, unit, places).number()
            + " to "
            + display.show(high, unit, places).text()
            + ". Not used.",
        out.toString());
  }

  /**
   * Its discharge table as a curve, amperes over minutes, both logarithmic; empty with fewer than
   * two rows that make a table.
   */
  static Optional<Claim> curve(Label label, Display display) {
    List<RatedCharge> rows = new ArrayList<>(label.sheet().discharges());
    label
        .capacityAh()
        .ifPresent(
            given -> rows.add(RatedCharge.atRate(given.value(), label.sheet().capacityHours())));
    label
        .reserveMinutes()
        .ifPresent(given -> rows.add(new RatedCharge(25, given.value() / MINUTES)));
    DischargeTable table;
    try {
      table = new DischargeTable(rows, END_VOLTS);
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
    if (label.sheet().discharges().isEmpty()) {
      return Optional.empty();
    }
    RatedCharge slow = table.rows().get(0);
    RatedCharge fast = table.rows().get(table.rows().size() - 1);
    Scale across = new Scale(fast.hours() / 1.5, slow.hours() * 1.5, 6, WIDTH - 6, "", true);
    Scale up = new Scale(slow.currentA() / 1.5, fast.currentA() * 1.5, HEIGHT - 16, 8, "", true);
    Markup out = new Markup();
    StringBuilder path = new StringBuilder();
    for (int i = 0; i <= 40; i++) {
      double amps = slow.currentA() * Math.pow(fast.currentA() / slow.currentA(), i / 40.0);
      path.append(i == 0 ? "M" : "L")
          .append(Scale.pixels(across.position(table.at(amps).hours())))
          .append(' ')
          .append(Scale.pixels(up.position(amps)));
    }
    out.mark("path", "d", path.toString(), "class", "run-line");
    for (RatedCharge row : table.rows()) {
      out.mark(
          "circle",
          "cx",
          across.at(row.hours()),
          "cy",
          up.at(row.currentA()),
          "r",
          "3",
          "class",
          "run-start");
      out.line(
          "text",
          display.show(row.currentA(), Unit.AMPERE, 1).text(),
          "x",
          across.at(row.hours()),
          "y",
          Scale.pixels(up.position(row.currentA()) - 6),
          "class",
          "tick",
          "text-anchor",
          "middle");
      out.line(
          "text",
          row.hours() < 2
              ? display.number(MINUTES * row.hours(), 0) + " min"
              : display.number(row.hours(), 0) + " h",
          "x",
          across.at(row.hours()),
          "y",
          Scale.pixels(HEIGHT - 3),
          "class",
          "tick",
          "text-anchor",
          "middle");
    }
    return Optional.of(
        new Claim(
            "Exponent "
                + String.format(Locale.ROOT, "%.2f", table.exponent())
                + " fits all of it"
                + (table.worstMisfit() > 0.1
                    ? " badly, off by up to "
                        + display.show(PERCENT * table.worstMisfit(), Unit.PER_CENT, 0).text()
                        + ": each row counts at its own current."
                    : "."),
            out.toString()));
  }
}
