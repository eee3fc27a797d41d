package org.fermix.core.quantity;

import de.siegmar.fastcsv.reader.CommentStrategy;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.FieldModifiers;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import de.siegmar.fastcsv.reader.NamedCsvRecordHandler;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A table shipped as a resource file: comma-separated, with its source in the leading {@code #}
 * lines. Bad data in our own files stops the start with file and line; no row is skipped.
 */
public final class Table {
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
    try (CsvReader<NamedCsvRecord> reader =
        CsvReader.builder()
            .commentStrategy(CommentStrategy.SKIP)
            .commentCharacter('#')
            .build(
                NamedCsvRecordHandler.of(handler -> handler.fieldModifier(FieldModifiers.TRIM)),
                new InputStreamReader(stream, StandardCharsets.UTF_8))) {
      List<Row> rows = new ArrayList<>();
      for (NamedCsvRecord row : reader) {
        if (row.getFieldCount() != row.getHeader().size()) {
          throw new IllegalStateException(
              name + ":" + row.getStartingLineNumber() + ": expected " + row.getHeader());
        }
        rows.add(new Row(name, row.getStartingLineNumber(), row.getFieldsAsMap()));
      }
      return new Table(name, rows);
    } catch (CsvParseException e) {
      throw new IllegalStateException("table " + name + ": " + e.getMessage(), e);
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

    /**
     * Whether a column says yes.
     *
     * @throws IllegalStateException when it says neither yes nor no
     */
    public boolean isYes(String column) {
      String text = text(column);
      if (!text.equals("yes") && !text.equals("no")) {
        throw new IllegalStateException(
            table + ":" + line + ": column " + column + " must say yes or no, was " + text);
      }
      return text.equals("yes");
    }

    /** True when the column is empty. */
    public boolean isBlank(String column) {
      return text(column).isBlank();
    }
  }
}
