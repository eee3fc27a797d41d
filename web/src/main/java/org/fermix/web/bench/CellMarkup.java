package org.fermix.web.bench;

import java.util.UUID;
import org.fermix.web.chart.Markup;

/** The rows of the table of outcomes as they stand in the page. */
final class CellMarkup {
  private final OutcomeTable table;
  private final String workings;
  private final String query;
  private final Markup out = new Markup();

  private CellMarkup(OutcomeTable table, String workings, String query) {
    this.table = table;
    this.workings = workings;
    this.query = query;
  }

  /**
   * The rows.
   *
   * @param query the conditions, which the address of each working carries on
   */
  static String of(OutcomeTable table, UUID jobId, String query) {
    CellMarkup markup = new CellMarkup(table, "/jobs/" + jobId + "/bench/working/", query);
    table.groups().forEach(markup::group);
    return markup.out.toString();
  }

  /**
   * The rows where they are laid into a page of the bench that is there already: addresses hold
   * neither page nor conditions, which its script adds when one is followed, so that most of an
   * answer is the same as the one before and little is sent.
   */
  static String part(OutcomeTable table) {
    CellMarkup markup = new CellMarkup(table, "bench/working/", "");
    table.groups().forEach(markup::group);
    return markup.out.toString();
  }

  private void group(OutcomeTable.Group group) {
    out.open("tbody").open("tr", "class", "group");
    String columns = Integer.toString(table.heads().size() + 1);
    out.line("th", group.title(), "scope", "rowgroup", "colspan", columns).close("tr");
    group.rows().forEach(this::row);
    out.close("tbody");
  }

  private void row(OutcomeTable.Row row) {
    out.open("tr").open("th", "scope", "row").line("span", row.label());
    out.line("span", row.need(), "class", "row-need").close("th");
    row.cells().forEach(this::cell);
    out.close("tr");
  }

  private void cell(OutcomeTable.Cell cell) {
    out.open("td", "class", cell.mark(), "data-letter", cell.letter());
    out.open("span", "class", "cell");
    if (cell.outcome().isEmpty()) {
      out.line("span", cell.number(), "class", "words");
    } else {
      figure(cell);
    }
    out.line("span", cell.sign(), "class", "sign", "aria-hidden", "true");
    out.line("span", cell.mark(), "class", "visually-hidden").close("span");
    if (!cell.bar().isEmpty()) {
      bar(cell);
    }
    out.line("span", cell.difference(), "class", "difference").close("td");
  }

  private void figure(OutcomeTable.Cell cell) {
    String title = cell.band().isEmpty() ? "" : cell.band() + ", eight times in ten. ";
    out.open(
        "a",
        "class",
        "figure",
        "href",
        workings + cell.letter() + "/" + cell.outcome() + query,
        "title",
        title + "Open the working");
    out.line("span", cell.number(), "class", "number").text(" ");
    out.line("span", cell.unit(), "class", "unit").close("a");
  }

  private void bar(OutcomeTable.Cell cell) {
    out.open("svg", "class", "bar", "width", "100%", "height", "5", "aria-hidden", "true");
    out.mark("rect", "width", "100%", "height", "5", "class", "bar-ground");
    out.mark("rect", "width", cell.bar(), "height", "5", "class", "bar-fill");
    out.mark(
        "line",
        "x1",
        cell.needAt(),
        "x2",
        cell.needAt(),
        "y1",
        "0",
        "y2",
        "5",
        "class",
        "bar-need");
    out.close("svg");
  }
}
