package org.fermix.web.formats;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.io.ByteOrderMark;
import org.apache.commons.io.input.BOMInputStream;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.json.JsonFactory;

/**
 * A table as a text, whichever way it is written: cells set apart by tabs, semicolons or commas, or
 * JSON, an array of flat objects whose names are the headings.
 */
public final class TableText {
  private static final int DEEPEST = 20;
  private static final String ZIP = "PK\u0003\u0004";

  private static final JsonFactory JSON =
      JsonFactory.builder()
          .streamReadConstraints(
              StreamReadConstraints.builder()
                  .maxNestingDepth(DEEPEST)
                  .maxStringLength(PastedCells.LONGEST_CELL)
                  .maxNumberLength(PastedCells.LONGEST_CELL)
                  .maxNameLength(PastedCells.LONGEST_CELL)
                  .build())
          .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
          .build();

  private TableText() {}

  /**
   * The text of a file: UTF-8, or UTF-16 where it says so at its beginning.
   *
   * @throws CsvFault where it is no text
   */
  public static String decoded(byte[] bytes) {
    try (BOMInputStream stream =
        BOMInputStream.builder()
            .setInputStream(new ByteArrayInputStream(bytes))
            .setByteOrderMarks(ByteOrderMark.UTF_8, ByteOrderMark.UTF_16LE, ByteOrderMark.UTF_16BE)
            .get()) {
      ByteOrderMark mark = stream.getBOM();
      Charset charset =
          mark == null ? StandardCharsets.UTF_8 : Charset.forName(mark.getCharsetName());
      byte[] rest = stream.readAllBytes();
      return charset.newDecoder().decode(ByteBuffer.wrap(rest)).toString();
    } catch (CharacterCodingException e) {
      throw noText();
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  private static CsvFault noText() {
    return new CsvFault(
        "Line 1, column 1: this is no text in UTF-8. Save it as CSV in UTF-8, or as JSON; a workbook"
            + " or an archive cannot be read.");
  }

  /**
   * Reads all of it: a heading first, then the rows.
   *
   * @throws CsvFault with line and column of the first thing that cannot be taken
   */
  public static List<PastedCells.Row> read(String text, PastedCells.Most most) {
    String plain = text.startsWith("\ufeff") ? text.substring(1) : text;
    if (plain.startsWith(ZIP) || plain.indexOf('\0') >= 0) {
      throw noText();
    }
    String first = plain.stripLeading();
    return first.startsWith("[") || first.startsWith("{")
        ? json(plain, most)
        : PastedCells.read(plain, most);
  }

  private static List<PastedCells.Row> json(String text, PastedCells.Most most) {
    if (text.length() > most.characters()) {
      throw most.tooLong();
    }
    List<Long> lines = new ArrayList<>();
    List<Map<String, String>> objects = new ArrayList<>();
    Map<String, Integer> headings = new LinkedHashMap<>();
    try (JsonParser parser = JSON.createParser(ObjectReadContext.empty(), text)) {
      objects(parser, lines, objects, headings, most);
    }
    List<PastedCells.Row> rows = new ArrayList<>();
    rows.add(new PastedCells.Row(1, List.copyOf(headings.keySet())));
    for (int i = 0; i < objects.size(); i++) {
      Map<String, String> object = objects.get(i);
      rows.add(
          new PastedCells.Row(
              lines.get(i),
              headings.keySet().stream().map(head -> object.getOrDefault(head, "")).toList()));
    }
    return rows;
  }

  private static void objects(
      JsonParser parser,
      List<Long> lines,
      List<Map<String, String>> objects,
      Map<String, Integer> headings,
      PastedCells.Most most) {
    try {
      if (parser.nextToken() != JsonToken.START_ARRAY) {
        throw at(parser.currentTokenLocation(), "an array of objects is wanted: [{…}, {…}].");
      }
      while (parser.nextToken() != JsonToken.END_ARRAY) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
          throw at(parser.currentTokenLocation(), "an object is wanted: one battery, {…}.");
        }
        lines.add((long) parser.currentTokenLocation().getLineNr());
        objects.add(object(parser, headings));
        if (objects.size() >= most.rows()) {
          throw at(
              parser.currentTokenLocation(),
              "at most " + (most.rows() - 1) + " rows are read at once.");
        }
      }
      if (parser.nextToken() != null) {
        throw at(parser.currentTokenLocation(), "nothing may follow the array.");
      }
    } catch (JacksonException e) {
      TokenStreamLocation known = e.getLocation();
      throw at(
          known == null ? parser.currentLocation() : known, "this is no JSON: " + plainly(e) + ".");
    }
  }

  private static Map<String, String> object(JsonParser parser, Map<String, Integer> headings) {
    Map<String, String> object = new LinkedHashMap<>();
    while (parser.nextToken() != JsonToken.END_OBJECT) {
      String name = parser.currentName();
      JsonToken value = parser.nextToken();
      if (value == JsonToken.START_OBJECT || value == JsonToken.START_ARRAY) {
        throw at(
            parser.currentTokenLocation(),
            "“"
                + shown(name)
                + "” holds more than one value: a text, a number or nothing is taken.");
      }
      String text = value == JsonToken.VALUE_NULL ? "" : parser.getString();
      if (text.length() > PastedCells.LONGEST_CELL) {
        throw at(
            parser.currentTokenLocation(),
            "a value has at most " + PastedCells.LONGEST_CELL + " characters.");
      }
      if (headings.putIfAbsent(name, headings.size()) == null
          && headings.size() > PastedCells.MOST_COLUMNS) {
        throw at(
            parser.currentTokenLocation(),
            "at most " + PastedCells.MOST_COLUMNS + " names are read.");
      }
      object.put(name, text);
    }
    return object;
  }

  private static String shown(String name) {
    return name.length() > 40 ? name.substring(0, 40) + "…" : name;
  }

  private static CsvFault at(TokenStreamLocation location, String what) {
    return CsvFault.at(
        Math.max(1, location.getLineNr()), Math.max(1, location.getColumnNr()), what);
  }

  private static String plainly(JacksonException e) {
    String said = e.getOriginalMessage();
    if (said.contains("epth")) {
      return "it is nested too deep";
    }
    if (said.contains("uplicate")) {
      return "a name stands twice in one object";
    }
    return "a bracket, comma or quote is missing or too many";
  }

  /**
   * A cell of an export: what a spreadsheet would take for a formula is set off by an apostrophe.
   */
  public static String inert(String cell) {
    return !cell.isEmpty() && isFormula(cell.charAt(0)) ? "'" + cell : cell;
  }

  /** A cell as it was before {@link #inert}. */
  static String original(String cell) {
    return cell.length() > 1 && cell.charAt(0) == '\'' && isFormula(cell.charAt(1))
        ? cell.substring(1)
        : cell;
  }

  private static boolean isFormula(char first) {
    return first == '=' || first == '+' || first == '-' || first == '@' || first == '\t';
  }
}
