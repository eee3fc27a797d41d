package org.fermix.web.chart;

import java.util.List;

/**
 * The numbers behind a drawing, as a table.
 *
 * @param heads of the columns, that of the rows’ names first
 */
public record Figures(List<String> heads, List<Row> rows) {
  /** Copies the lists. */
  public Figures {
    heads = List.copyOf(heads);
    rows = List.copyOf(rows);
  }

  /** Head and rows as they stand in a table. */
  public String drawn() {
    Markup out = new Markup();
    out.open("thead").open("tr");
    heads.forEach(head -> out.open("th", "scope", "col").text(head).close("th"));
    out.close("tr").close("thead").open("tbody");
    for (Row row : rows) {
      out.open("tr").open("th", "scope", "row").text(row.name()).close("th");
      row.cells().forEach(cell -> out.open("td", "class", "number").text(cell).close("td"));
      out.close("tr");
    }
    return out.close("tbody").toString();
  }

  /** One row. */
  public record Row(String name, List<String> cells) {
    /** Copies the list. */
    public Row {
      cells = List.copyOf(cells);
    }

    /** Of a name and its cells. */
    public static Row of(String name, String... cells) {
      return new Row(name, List.of(cells));
    }
  }
}
