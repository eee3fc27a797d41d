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
