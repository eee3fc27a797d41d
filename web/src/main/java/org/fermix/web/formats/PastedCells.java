package org.fermix.web.formats;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.CsvRecordHandler;
import java.io.BufferedReader;
import java.io.EOFException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

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

  private static final int SEEN_FOR_SEPARATOR = 20_000;

  /** Room for one cell being read: a cell that grows past it is no cell of a table. */
  private static final int LONGEST_FIELD = 65_536;

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
   * Hands over one row after another, the heading first.
   *
   * @throws CsvFault with line and column of the first thing that cannot be taken
   */
  static void each(BufferedReader text, Most most, Consumer<Row> taker) throws IOException {
    text.mark(SEEN_FOR_SEPARATOR);
    char separator = separator(text);
    text.reset();
    int rows = 0;
    try (CsvReader<CsvRecord> parser =
        CsvReader.builder()
            .fieldSeparator(separator)
            .maxBufferSize(LONGEST_FIELD)
            .build(CsvRecordHandler.of(), text)) {
      for (CsvRecord record : parser) {
        long line = record.getStartingLineNumber();
        if (record.getFields().stream().allMatch(String::isBlank)) {
          continue;
        }
        bound(record, line);
        rows++;
        if (rows > most.rows()) {
          throw CsvFault.at(line, 1, "at most " + most.rows() + " rows are read at once.");
        }
        taker.accept(new Row(line, record.getFields()));
      }
    } catch (CsvParseException | UncheckedIOException e) {
      if (e.getCause() instanceof IOException broken && !(broken instanceof EOFException)) {
        throw TableText.explained(broken);
      }
      throw new CsvFault(
          "The text has a quote that is not closed, so its cells cannot be told apart; a cell has at"
              + " most "
              + LONGEST_CELL
              + " characters.");
    }
  }

  /** By the first line; of a longer one, by what is seen of it. */
  private static char separator(BufferedReader text) throws IOException {
    boolean semicolon = false;
    for (int i = 0; i < SEEN_FOR_SEPARATOR; i++) {
      int next = text.read();
      if (next == '\t') {
        return '\t';
      }
      if (next < 0 || next == '\n' || next == '\r') {
        break;
      }
      semicolon |= next == ';';
    }
    return semicolon ? ';' : ',';
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
