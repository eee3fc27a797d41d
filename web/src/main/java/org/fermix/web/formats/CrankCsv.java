package org.fermix.web.formats;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.CsvRecordHandler;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.io.ByteOrderMark;
import org.apache.commons.io.input.BOMInputStream;
import org.fermix.core.prove.CrankRecording;
import org.fermix.core.quantity.PlainWords;
import org.fermix.core.quantity.ShortPattern;

/**
 * Reads a recorded start: time, volts and optional amps, in any order, separated by comma,
 * semicolon or tab, with a decimal comma where the separator is none. Times in seconds, or in
 * milliseconds where the heading says ms. Without a heading the columns are time, volts, amps. Text
 * in UTF-8, or in UTF-16 where the file says so at its beginning.
 */
public final class CrankCsv {
  private static final List<String> TIME =
      List.of("time", "t", "seconds", "second", "s", "milliseconds", "ms", "elapsed");
  private static final List<String> VOLTS = List.of("volts", "volt", "v", "voltage", "u");
  private static final List<String> AMPS =
      List.of("amps", "amp", "ampere", "amperes", "a", "current", "i");
  private static final int HEADER_BYTES = 4096;
  private static final int MOST_COLUMNS = 64;

  /** Characters of the longest cell. */
  private static final int LONGEST_CELL = 200;

  /** Where the parser itself gives up; below it, what is wrong is said with its column. */
  private static final int PARSED_COLUMNS = 1000;

  private static final int PARSED_CHARACTERS = 10_000;

  private static final List<String> MILLISECONDS = List.of("ms", "millisecond", "milliseconds");

  private static final ShortPattern FIGURE =
      ShortPattern.of("[-+]?([0-9]+\\.?[0-9]*|\\.[0-9]+)([eE][-+]?[0-9]+)?", LONGEST_CELL);

  private CrankCsv() {}

  /** Which column holds what; amps is −1 where there is none. */
  private record Columns(int time, int volts, int amps, double secondsPerUnit, boolean header) {}

  /**
   * Reads all of it.
   *
   * @throws CsvFault with line and column of the first thing that cannot be taken
   */
  public static CrankRecording read(InputStream stream) {
    try (BufferedReader reader = text(stream)) {
      reader.mark(HEADER_BYTES * 2);
      String first = firstLine(reader);
      reader.reset();
      char separator = first.indexOf(';') >= 0 ? ';' : first.indexOf('\t') >= 0 ? '\t' : ',';
      try (CsvReader<CsvRecord> parser =
          CsvReader.builder()
              .fieldSeparator(separator)
              .maxBufferSize(PARSED_CHARACTERS * 2)
              .build(
                  CsvRecordHandler.builder()
                      .maxFields(PARSED_COLUMNS)
                      .maxFieldSize(PARSED_CHARACTERS)
                      .maxRecordSize(PARSED_CHARACTERS)
                      .build(),
                  reader)) {
        return rows(parser, separator != ',');
      }
    } catch (UncheckedIOException | IOException e) {
      throw new CsvFault("The file cannot be read as text; a CSV file in UTF-8 is accepted.");
    } catch (CsvParseException e) {
      throw new CsvFault(
          "The file is no CSV that can be read: it has a quote that is not closed, a line of more"
              + " than 10,000 characters, or more than 1,000 columns.");
    }
  }

  /** As text, without the mark some programs put before it to say how it is written. */
  private static BufferedReader text(InputStream stream) throws IOException {
    BOMInputStream marked =
        BOMInputStream.builder()
            .setInputStream(stream)
            .setByteOrderMarks(ByteOrderMark.UTF_8, ByteOrderMark.UTF_16LE, ByteOrderMark.UTF_16BE)
            .get();
    String mark = marked.getBOMCharsetName();
    return new BufferedReader(
        new InputStreamReader(
            marked, mark == null ? StandardCharsets.UTF_8 : Charset.forName(mark)),
        1 << 16);
  }

  private static String firstLine(BufferedReader reader) throws IOException {
    StringBuilder line = new StringBuilder();
    for (int i = 0; i < HEADER_BYTES; i++) {
      int next = reader.read();
      if (next < 0 || (next == '\n' && !line.isEmpty())) {
        break;
      }
      line.append((char) next);
    }
    return line.toString();
  }

  private static CrankRecording rows(CsvReader<CsvRecord> parser, boolean decimalComma) {
    CrankRecording.Rows rows = new CrankRecording.Rows(false);
    Columns columns = null;
    for (CsvRecord row : parser) {
      long line = row.getStartingLineNumber();
      bound(row, line);
      if (columns == null) {
        columns = columns(row, decimalComma);
        rows = new CrankRecording.Rows(columns.amps() >= 0);
        if (columns.header()) {
          continue;
        }
      }
      add(rows, row, columns, line, decimalComma);
    }
    if (rows.size() < CrankRecording.LEAST_SAMPLES) {
      throw new CsvFault(
          "Only " + rows.size() + " rows of figures were found; at least 20 are needed.");
    }
    return rows.recording();
  }

  private static void bound(CsvRecord row, long line) {
    if (row.getFieldCount() > MOST_COLUMNS) {
      throw CsvFault.at(
          line,
          MOST_COLUMNS + 1,
          "too many columns, " + row.getFieldCount() + "; at most 64 are accepted.");
    }
    for (int i = 0; i < row.getFieldCount(); i++) {
      String cell = row.getField(i);
      if (cell.length() > LONGEST_CELL) {
        throw CsvFault.at(
            line, i + 1, "a cell of " + cell.length() + " characters; at most 200 are accepted.");
      }
      if (cell.indexOf('\0') >= 0) {
        throw CsvFault.at(
            line,
            i + 1,
            "a sign that is no text. The file may be UTF-16 without a mark, or no text at all;"
                + " save it as CSV in UTF-8.");
      }
    }
  }

  private static void add(
      CrankRecording.Rows rows, CsvRecord row, Columns columns, long line, boolean decimalComma) {
    if (rows.size() == CrankRecording.MOST_SAMPLES) {
      throw new CsvFault(
          "Line " + line + ": too long; at most 2,000,000 rows are accepted. Cut it to the start.");
    }
    double seconds =
        number(row, columns.time(), "time", line, decimalComma) * columns.secondsPerUnit();
    double volts = number(row, columns.volts(), "volts", line, decimalComma);
    double amps = columns.amps() < 0 ? 0 : number(row, columns.amps(), "amps", line, decimalComma);
    if (volts < -5 || volts > 60) {
      throw CsvFault.at(line, columns.volts() + 1, volts + " V; −5 to 60 V is accepted.");
    }
    if (Math.abs(amps) > 5000) {
      throw CsvFault.at(line, columns.amps() + 1, "more than 5,000 A.");
    }
    if (Math.abs(seconds) > 1e9) {
      throw CsvFault.at(line, columns.time() + 1, "a time beyond 1,000,000,000 s.");
    }
    if (seconds <= rows.lastSeconds()) {
      throw CsvFault.at(
          line,
          columns.time() + 1,
          "the time does not rise; each row must be later than the last.");
    }
    rows.add(seconds, volts, amps);
  }

  private static double number(
      CsvRecord row, int column, String name, long line, boolean decimalComma) {
    if (column >= row.getFieldCount()) {
      throw CsvFault.at(line, column + 1, "the " + name + " are missing.");
    }
    String text = row.getField(column);
    try {
      double value = Double.parseDouble(decimalComma ? text.replace(',', '.') : text);
      if (Double.isFinite(value)) {
        return value;
      }
    } catch (NumberFormatException e) {
      // Said below, in words.
    }
    String shown = text.length() > 20 ? text.substring(0, 20) + "…" : text;
    throw CsvFault.at(
        line, column + 1, "“" + shown + "” is no number for " + name + "; write it as 12.4.");
  }

  private static Columns columns(CsvRecord first, boolean decimalComma) {
    boolean figures = true;
    for (String cell : first.getFields()) {
      String plain = decimalComma ? cell.replace(',', '.') : cell;
      figures &= FIGURE.matches(plain.strip());
    }
    if (figures) {
      if (first.getFieldCount() < 2) {
        throw CsvFault.at(1, 1, "two columns are needed, time and volts; amps may follow.");
      }
      return new Columns(0, 1, first.getFieldCount() > 2 ? 2 : -1, 1, false);
    }
    int time = find(first, TIME);
    int volts = find(first, VOLTS);
    if (time < 0 || volts < 0) {
      throw new CsvFault(
          "Line 1: no column for "
              + (time < 0 ? "time" : "volts")
              + " was found; headings such as “time, volts, amps” are accepted.");
    }
    boolean milliseconds =
        PlainWords.of(first.getField(time)).stream().anyMatch(MILLISECONDS::contains);
    return new Columns(time, volts, find(first, AMPS), milliseconds ? 1e-3 : 1, true);
  }

  /** The column whose heading begins with, or is, one of the words. */
  private static int find(CsvRecord heading, List<String> words) {
    for (int i = 0; i < heading.getFieldCount(); i++) {
      List<String> said = PlainWords.of(heading.getField(i));
      if (!said.isEmpty() && words.contains(withoutDigits(said.get(0)))) {
        return i;
      }
    }
    return -1;
  }

  private static String withoutDigits(String word) {
    int end = word.length();
    while (end > 0 && Character.isDigit(word.charAt(end - 1))) {
      end--;
    }
    return word.substring(0, end);
  }
}
