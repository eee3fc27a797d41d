package org.fermix.web.decide;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/**
 * The sheet for the counter as well-formed markup: the same stands on the page, is printed, and is
 * set as a PDF. It is one page: what matters least is left out where it would run over.
 */
@Component
class SheetMarkup {
  /** How much can be left out. */
  static final int MOST_CUT = 7;

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
  private static final int RULERS = 5;
  private static final int CAUTIONS = 4;

  /** Height that a page of A4 has for it (mm). */
  private static final double ROOM_MM = 274;

  private static final double LINE_MM = 4.5;

  private final SpringTemplateEngine templates = new SpringTemplateEngine();

  SheetMarkup() {
    ClassLoaderTemplateResolver resolver = new ClassLoaderTemplateResolver();
    resolver.setPrefix("templates/");
    resolver.setSuffix(".xml");
    resolver.setTemplateMode(TemplateMode.XML);
    resolver.setCharacterEncoding("UTF-8");
    templates.setTemplateResolver(resolver);
  }

  /** A ruler with its drawing. */
  public record Drawn(Sheet.Ruler ruler, String drawing) {}

  /** A case with its scale and its drawing. */
  public record DrawnCase(String title, String drawing) {}

  /**
   * The markup, as short as it is reckoned to need for one page.
   *
   * @param settled when it was settled, in words; empty while it is not
   */
  String of(Sheet sheet, String settled) {
    return of(sheet, settled, cut(sheet));
  }

  /** The same as part of a page, which has a heading of its own. */
  String within(Sheet sheet, String settled) {
    return of(sheet, settled)
        .replace("<h1>", "<h2 class=\"counter-title\">")
        .replace("</h1>", "</h2>");
  }

  /** The least that must be left out, reckoned from the number of lines. */
  static int cut(Sheet sheet) {
    int cut = 0;
    while (cut < MOST_CUT && heightMm(sheet, cut) > ROOM_MM) {
      cut++;
    }
    return cut;
  }

  private static int rulers(int cut) {
    return cut >= 6 ? 0 : RULERS - Math.min(3, cut);
  }

  /** Those beside the one in the tray go last: they are asked for as well. */
  private static int cases(int cut) {
    return cut >= 7 ? 1 : 3;
  }

  private static int cautions(int cut) {
    return cut >= 5 ? 2 : CAUTIONS;
  }

  private static double heightMm(Sheet sheet, int cut) {
    double height = 40 + LINE_MM * (sheet.beside().size() * 2 + sheet.also().size());
    height += sheet.overruled() ? LINE_MM * lines(sheet.because(), 110) + 3 : 0;
    for (Sheet.Case body : sheet.cases().stream().limit(cases(cut)).toList()) {
      height += new CaseDrawing(body, sheet.cases().size() < 2).heightMm() + 7;
    }
    double checks = sheet.checks().stream().mapToInt(line -> lines(line, 52)).sum();
    double bill =
        sheet.bill().stream()
            .filter(line -> !line.state().equals("none needed"))
            .mapToInt(line -> lines(line.what(), 46))
            .sum();
    height += 6 + LINE_MM * Math.max(checks, bill + (cut >= 4 ? 2 : 7));
    for (Sheet.Ruler ruler : sheet.rulers().stream().limit(rulers(cut)).toList()) {
      height += RulerStrip.heightMm(ruler) + 0.6;
    }
    height += rulers(cut) > 0 && !sheet.rulers().isEmpty() ? 11 : 0;
    height +=
        8
            + LINE_MM
                * sheet.cautions().stream()
                    .limit(cautions(cut))
                    .mapToInt(line -> lines(line, 118))
                    .sum();
    return height + 3 + 2.9 * lines(String.join("; ", sheet.assumed()), 125);
  }

  private static int lines(String text, int width) {
    return 1 + text.length() / width;
  }

  /**
   * The markup.
   *
   * @param cut how much is left out, 0 to {@link #MOST_CUT}: money, mass and engine-off rulers,
   *     what to take along, cautions, every ruler, other cases
   */
  String of(Sheet sheet, String settled, int cut) {
    Context context = new Context(Locale.ENGLISH);
    context.setVariable("s", sheet);
    context.setVariable("settled", settled);
    context.setVariable("day", day(sheet.made()));
    context.setVariable("along", cut < 4);
    context.setVariable(
        "bill", sheet.bill().stream().filter(line -> !line.state().equals("none needed")).toList());
    context.setVariable(
        "unneeded",
        sheet.bill().stream()
            .filter(line -> cut < 4 && line.state().equals("none needed"))
            .map(Sheet.Line::what)
            .toList());
    context.setVariable(
        "rulers",
        sheet.rulers().stream()
            .limit(rulers(cut))
            .map(ruler -> new Drawn(ruler, RulerStrip.of(ruler)))
            .toList());
    context.setVariable("cautions", sheet.cautions().stream().limit(cautions(cut)).toList());
    context.setVariable(
        "cases",
        IntStream.range(0, Math.min(cases(cut), sheet.cases().size()))
            .mapToObj(i -> drawn(sheet, i))
            .toList());
    return templates.process("decide/sheet", context).strip();
  }

  private static DrawnCase drawn(Sheet sheet, int place) {
    Sheet.Case body = sheet.cases().get(place);
    CaseDrawing drawing = new CaseDrawing(body, sheet.cases().size() < 2);
    String title = "The case" + of(sheet, place) + ", " + drawing.scale();
    return new DrawnCase(
        title + " on paper", drawing.drawn(title + ": " + String.join(" by ", body.measures())));
  }

  /** Whose case it is, where there are several. */
  private static String of(Sheet sheet, int place) {
    if (sheet.cases().size() < 2) {
      return "";
    }
    if (place == 0) {
      return " in the tray";
    }
    String line = sheet.beside().get(place - 1);
    int from = line.indexOf(": ") + 2;
    int to = line.indexOf(',', from);
    return " of “" + line.substring(from, to < 0 ? line.length() : to) + "”";
  }

  /** A day as it is read. */
  static String day(String made) {
    return DAY.format(LocalDate.parse(made));
  }
}
