package org.fermix.web.formats;

import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import org.apache.commons.io.ByteOrderMark;
import org.apache.commons.io.input.BOMInputStream;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.JacksonIOException;
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

  /** A text that can be read from its beginning, as often as it takes. */
  @FunctionalInterface
  public interface Source {
    /** Its bytes: UTF-8, or UTF-16 where it says so at its beginning. */
    InputStream open() throws IOException;
  }

  private static CsvFault noText() {
    return new CsvFault(
        "Line 1, column 1: this is no text in UTF-8. Save it as CSV in UTF-8, or as JSON; a workbook"
            + " or an archive cannot be read.");
  }

  /**
   * Reads all of a short text: a heading first, then the rows.
   *
   * @throws CsvFault with line and column of the first thing that cannot be taken
   */
  public static List<PastedCells.Row> read(String text, PastedCells.Most most) {
    if (text.length() > most.characters()) {
      throw most.tooLong();
    }
    List<PastedCells.Row> rows = new ArrayList<>();
    byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
    each(() -> new ByteArrayInputStream(bytes), most, rows::add);
    return rows;
  }

  /**
   * Hands over one row after another, the heading first; no more of the text than a row is held.
   *
   * @throws CsvFault with line and column of the first thing that cannot be taken
   */
  public static void each(Source source, PastedCells.Most most, Consumer<PastedCells.Row> taker) {
    try {
      boolean isJson;
      try (BufferedReader text = text(source)) {
        int first = first(text);
        isJson = first == '[' || first == '{';
      }
      if (isJson) {
        json(source, most, taker);
      } else {
        try (BufferedReader text = text(source)) {
          PastedCells.each(text, most, taker);
        }
      }
    } catch (IOException e) {
      throw explained(e);
    }
  }

  private static int first(Reader text) throws IOException {
    int first = text.read();
    while (first >= 0 && Character.isWhitespace(first)) {
      first = text.read();
    }
    return first;
  }

  /** What a broken text means to whoever brought it; anything else is ours. */
  static RuntimeException explained(@Nullable IOException broken) {
    return broken == null || broken instanceof CharacterCodingException
        ? noText()
        : new UncheckedIOException(broken);
  }

  private static BufferedReader text(Source source) throws IOException {
    BOMInputStream stream =
        BOMInputStream.builder()
            .setInputStream(source.open())
            .setByteOrderMarks(ByteOrderMark.UTF_8, ByteOrderMark.UTF_16LE, ByteOrderMark.UTF_16BE)
            .get();
    ByteOrderMark mark = stream.getBOM();
    Charset charset =
        mark == null ? StandardCharsets.UTF_8 : Charset.forName(mark.getCharsetName());
    BufferedReader text =
        new BufferedReader(new TextOnly(new InputStreamReader(stream, charset.newDecoder())));
    text.mark(ZIP.length());
    for (int i = 0; i < ZIP.length(); i++) {
      if (text.read() != ZIP.charAt(i)) {
        text.reset();
        return text;
      }
    }
    throw noText();
  }

  /** Lets no NUL through: what holds one is no text. */
  private static final class TextOnly extends FilterReader {
    TextOnly(Reader in) {
      super(in);
    }

    @Override
    public int read() throws IOException {
      int next = super.read();
      if (next == 0) {
        throw new MalformedInputException(1);
      }
      return next;
    }

    @Override
    public int read(char[] into, int from, int most) throws IOException {
      int count = super.read(into, from, most);
      for (int i = from; i < from + count; i++) {
        if (into[i] == 0) {
          throw new MalformedInputException(1);
        }
      }
      return count;
    }
  }

  /** Twice through: any object may bring a heading of its own. */
  private static void json(Source source, PastedCells.Most most, Consumer<PastedCells.Row> taker)
      throws IOException {
    Map<String, Integer> headings = new LinkedHashMap<>();
    objects(source, headings, most, (line, object) -> {});
    List<String> names = List.copyOf(headings.keySet());
    taker.accept(new PastedCells.Row(1, names));
    objects(
        source,
        headings,
        most,
        (line, object) ->
            taker.accept(
                new PastedCells.Row(
                    line, names.stream().map(head -> object.getOrDefault(head, "")).toList())));
  }

  private static void objects(
      Source source,
      Map<String, Integer> headings,
      PastedCells.Most most,
      BiConsumer<Integer, Map<String, String>> taker)
      throws IOException {
    try (JsonParser parser = JSON.createParser(ObjectReadContext.empty(), text(source))) {
      objects(parser, headings, most, taker);
    } catch (JacksonIOException e) {
      throw explained(e.getCause());
    }
  }

  private static void objects(
      JsonParser parser,
      Map<String, Integer> headings,
      PastedCells.Most most,
      BiConsumer<Integer, Map<String, String>> taker) {
    int rows = 0;
    try {
      if (parser.nextToken() != JsonToken.START_ARRAY) {
        throw at(parser.currentTokenLocation(), "an array of objects is wanted: [{…}, {…}].");
      }
      while (parser.nextToken() != JsonToken.END_ARRAY) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
          throw at(parser.currentTokenLocation(), "an object is wanted: one battery, {…}.");
        }
        int line = parser.currentTokenLocation().getLineNr();
        Map<String, String> object = object(parser, headings);
        rows++;
        if (rows >= most.rows()) {
          throw at(
              parser.currentTokenLocation(),
              "at most " + (most.rows() - 1) + " rows are read at once.");
        }
        taker.accept(line, object);
      }
      if (parser.nextToken() != null) {
        throw at(parser.currentTokenLocation(), "nothing may follow the array.");
      }
    } catch (JacksonIOException e) {
      throw e;
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
