package org.fermix.web.formats;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.fermix.core.prove.CrankRecording;

/**
 * Reads a recorded start: time, volts and optional amps, in any order, separated by comma,
 * semicolon or tab, with a decimal comma where the separator is none. Times in seconds, or in
 * milliseconds where the heading says ms. Without a heading the columns are time, volts, amps.
 */
public final class CrankCsv {
  private static final List<String> TIME =
      List.of("time", "t", "seconds", "second", "s", "milliseconds", "ms", "elapsed");
  private static final List<String> VOLTS = List.of("volts", "volt", "v", "voltage", "u");
  private static final List<String> AMPS =
      List.of("amps", "amp", "ampere", "amperes", "a", "current", "i");
  private static final int HEADER_BYTES = 4096;

  private CrankCsv() {}

  /** Which column holds what; amps is −1 where there is none. */
  private record Columns(int time, int volts, int amps, double secondsPerUnit, boolean header) {}

  /**
   * Reads all of it.
   *
   * @throws CsvFault with line and column of the first thing that cannot be taken
   */
  public static CrankRecording read(InputStream stream) {
    try (BufferedReader reader =
        new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8), 1 << 16)) {
      reader.mark(HEADER_BYTES * 2);
      String first = firstLine(reader);
      reader.reset();
      char separator = first.indexOf(';') >= 0 ? ';' : first.indexOf('\t') >= 0 ? '\t' : ',';
      try (CsvReader<CsvRecord> parser =
          CsvReader.builder().fieldSeparator(separator).ofCsvRecord(reader)) {
        return rows(parser, separator != ',');
      }
    } catch (UncheckedIOException | IOException e) {
      throw new CsvFault("The file cannot be read as text; a CSV file in UTF-8 is accepted.");
    } catch (CsvParseException e) {
      throw new CsvFault("The file is no CSV: it has a field without end.");
    }
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
      figures &= plain.matches("[-+]?[0-9]*\\.?[0-9]+([eE][-+]?[0-9]+)?");
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
    String heading = first.getField(time).toLowerCase(Locale.ROOT);
    boolean milliseconds = heading.matches(".*\\b(ms|milliseconds?)\\b.*|.*_ms$");
    return new Columns(time, volts, find(first, AMPS), milliseconds ? 1e-3 : 1, true);
  }

  /** The column whose heading begins with, or is, one of the words. */
  private static int find(CsvRecord heading, List<String> words) {
    for (int i = 0; i < heading.getFieldCount(); i++) {
      String[] parts = heading.getField(i).toLowerCase(Locale.ROOT).split("[^a-z]+", -1);
      String first =
          parts.length == 0 ? "" : parts[0].isEmpty() && parts.length > 1 ? parts[1] : parts[0];
      if (words.contains(first)) {
        return i;
      }
    }
    return -1;
  }
}
