package org.fermix.core.quantity;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table shipped as a resource file: comma-separated, with its source in the leading {@code #}
 * lines. Bad data in our own files stops the start with file and line; no row is skipped.
 */
public final class Table {
  private static final CSVFormat FORMAT =
      CSVFormat.DEFAULT
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .setCommentMarker('#')
          .setIgnoreSurroundingSpaces(true)
          .get();

  private final String name;
  private final List<Row> rows;

  private Table(String name, List<Row> rows) {
    this.name = name;
    this.rows = List.copyOf(rows);
  }

  /**
   * Reads the resource that stands beside the class.
   *
   * @throws IllegalStateException when it is missing or a row has another number of columns
   */
  public static Table read(Class<?> beside, String name) {
    InputStream stream = beside.getResourceAsStream(name);
    if (stream == null) {
      throw new IllegalStateException("table " + name + " is missing beside " + beside.getName());
    }
    try (CSVParser parser =
        CSVParser.builder()
            .setReader(new InputStreamReader(stream, StandardCharsets.UTF_8))
            .setFormat(FORMAT)
            .get()) {
      List<Row> rows = new ArrayList<>();
      for (CSVRecord row : parser) {
        if (!row.isConsistent()) {
          throw new IllegalStateException(
              name + ":" + parser.getCurrentLineNumber() + ": expected " + parser.getHeaderNames());
        }
        rows.add(new Row(name, parser.getCurrentLineNumber(), row.toMap()));
      }
      return new Table(name, rows);
    } catch (IOException e) {
      throw new UncheckedIOException("table " + name + " cannot be read", e);
    }
  }

  /** All rows, in file order. */
  public List<Row> rows() {
    return rows;
  }

  /**
   * The one row whose column holds the text.
   *
   * @throws IllegalStateException when there is none
   */
  public Row row(String column, String text) {
    return rows.stream()
        .filter(row -> row.text(column).equals(text))
        .findFirst()
        .orElseThrow(
            () -> new IllegalStateException(name + ": no row with " + column + " " + text));
  }

  /** One row, read by column name. */
  public record Row(String table, long line, Map<String, String> cells) {
    /**
     * The text of a column.
     *
     * @throws IllegalStateException when the table has no such column
     */
    public String text(String column) {
      String text = cells.get(column);
      if (text == null) {
        throw new IllegalStateException(table + ":" + line + ": no column " + column);
      }
      return text;
    }

    /**
     * The number in a column.
     *
     * @throws IllegalStateException when it is not one
     */
    public double number(String column) {
      String text = text(column);
      try {
        return Double.parseDouble(text);
      } catch (NumberFormatException e) {
        throw new IllegalStateException(
            table + ":" + line + ": column " + column + " holds no number: " + text, e);
      }
    }

    /** True when the column is empty. */
    public boolean isBlank(String column) {
      return text(column).isBlank();
    }
  }
}
