package org.fermix.web.formats;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.CsvRecordHandler;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Cells pasted from a spreadsheet or a CSV: separated by tabs, semicolons or commas, whichever the
 * first line has.
 */
public final class PastedCells {
  /** Longest text that is read. */
  public static final int LONGEST = 20_000;

  /** Most rows, the heading included. */
  public static final int MOST_ROWS = 60;

  /** Most columns. */
  public static final int MOST_COLUMNS = 30;

  static final int LONGEST_CELL = 4000;

  private PastedCells() {}

  /**
   * How much is read at once.
   *
   * @param rows the heading included
   */
  public record Most(int characters, int rows) {
    /** What is pasted into a form. */
    public static final Most PASTED = new Most(LONGEST, MOST_ROWS);

    /** A file with a whole catalogue. */
    public static final Most FILE = new Most(8_000_000, 10_001);

    CsvFault tooLong() {
      return new CsvFault(
          String.format(
              Locale.ROOT,
              "The text is too long: at most %,d characters are read at once.",
              characters));
    }
  }

  /** One row with the line it begins on. */
  public record Row(long line, List<String> cells) {
    /** Copies the list. */
    public Row {
      cells = List.copyOf(cells);
    }

    /** A cell; empty where the row is short. */
    public String cell(int column) {
      return column < cells.size() ? TableText.original(cells.get(column).strip()) : "";
    }
  }

  /**
   * Reads all of it.
   *
   * @throws CsvFault with line and column of the first thing that cannot be taken
   */
  static List<Row> read(String plain, Most most) {
    if (plain.length() > most.characters()) {
      throw most.tooLong();
    }
    String first = plain.lines().findFirst().orElse("");
    char separator = first.indexOf('\t') >= 0 ? '\t' : first.indexOf(';') >= 0 ? ';' : ',';
    List<Row> rows = new ArrayList<>();
    try (CsvReader<CsvRecord> parser =
        CsvReader.builder()
            .fieldSeparator(separator)
            .build(CsvRecordHandler.of(), new StringReader(plain))) {
      for (CsvRecord record : parser) {
        long line = record.getStartingLineNumber();
        if (record.getFields().stream().allMatch(String::isBlank)) {
          continue;
        }
        bound(record, line);
        rows.add(new Row(line, record.getFields()));
        if (rows.size() > most.rows()) {
          throw CsvFault.at(line, 1, "at most " + most.rows() + " rows are read at once.");
        }
      }
    } catch (CsvParseException | UncheckedIOException | IOException e) {
      throw new CsvFault(
          "The text has a quote that is not closed, so its cells cannot be told apart.");
    }
    return rows;
  }

  private static void bound(CsvRecord record, long line) {
    if (record.getFieldCount() > MOST_COLUMNS) {
      throw CsvFault.at(line, MOST_COLUMNS + 1, "at most " + MOST_COLUMNS + " columns are read.");
    }
    for (int i = 0; i < record.getFieldCount(); i++) {
      if (record.getField(i).length() > LONGEST_CELL) {
        throw CsvFault.at(line, i + 1, "a cell has at most " + LONGEST_CELL + " characters.");
      }
    }
  }
}
