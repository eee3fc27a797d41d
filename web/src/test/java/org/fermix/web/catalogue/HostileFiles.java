package org.fermix.web.catalogue;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.fermix.web.formats.CsvFault;
import org.fermix.web.formats.PastedCells;
import org.fermix.web.formats.TableText;
import org.fermix.web.lineup.PastedTable;
import org.fermix.web.shared.Display;

/** Files of 8 MB that are made to cost; each is read in a process whose memory is bounded. */
public final class HostileFiles {
  private static final int MOST = 7_990_000;
  private static final String HEAD = "name,type,CCA,Ah,kg,length,width,height,positive,price\n";

  private HostileFiles() {}

  /** By what is wrong with it. */
  static String of(String kind) {
    return switch (kind) {
      case "all rows wrong" ->
          HEAD
              + IntStream.range(0, 10_000)
                  .mapToObj(
                      i ->
                          "x".repeat(640)
                              + i
                              + ",coal,many,lots,-1,?,?,?,up,free"
                              + "y".repeat(50)
                              + "\n")
                  .collect(Collectors.joining());
      case "all rows right" ->
          HEAD
              + IntStream.range(0, 10_000)
                  .mapToObj(i -> "Demo " + i + ",agm,640,60,17.5,242,175,190,right,140\n")
                  .collect(Collectors.joining());
      case "every cell wrong" ->
          HEAD
              + IntStream.range(0, 10_000)
                  .mapToObj(i -> ("\u202e".repeat(8) + i + "z".repeat(30) + ",").repeat(10) + "\n")
                  .collect(Collectors.joining());
      case "one cell" -> HEAD + "\"" + "a".repeat(MOST) + "\"\n";
      case "one line of commas" -> HEAD + ",".repeat(MOST);
      case "empty lines" -> HEAD + "\n".repeat(MOST);
      case "quotes" -> HEAD + "\"".repeat(MOST);
      case "rows without end" -> HEAD + "a,b\n".repeat(MOST / 4);
      case "a heading of 8 MB" -> "a".repeat(MOST);
      case "as many names as objects" ->
          IntStream.range(0, 400_000)
              .mapToObj(i -> "{\"name" + i + "\":" + i + "}")
              .collect(Collectors.joining(",", "[", "]"));
      case "all objects wrong" ->
          IntStream.range(0, 9_999)
              .mapToObj(i -> "{\"name\":\"" + "n".repeat(700) + i + "\",\"CCA\":\"many\"}")
              .collect(Collectors.joining(",", "[", "]"));
      case "one name" -> "[{\"" + "n".repeat(MOST) + "\":1}]";
      case "nested" -> "[".repeat(MOST);
      default -> throw new IllegalArgumentException(kind);
    };
  }

  /** Reads them one after another; prints seconds, rows and faults of each. */
  public static void main(String[] kinds) {
    for (String kind : kinds) {
      byte[] bytes = of(kind).getBytes(StandardCharsets.UTF_8);
      long begun = System.nanoTime();
      FileVerdict.Judge judge = new FileVerdict.Judge();
      Map<String, String> otherwise = new LinkedHashMap<>();
      PastedTable.RowByRow rows =
          new PastedTable.RowByRow(Map.of(), otherwise, Display.USUAL, judge::take);
      String fault = "";
      try {
        TableText.each(() -> new ByteArrayInputStream(bytes), PastedCells.Most.FILE, rows);
      } catch (CsvFault wrong) {
        fault = String.valueOf(wrong.getMessage());
      }
      FileVerdict found =
          judge.verdict(rows.columns(), new FileVerdict.Otherwise("", ""), "EUR", fault);
      System.out.printf(
          Locale.ROOT,
          "%s|%.2f|%d|%d|%d|%s%n",
          kind,
          (System.nanoTime() - begun) / 1e9,
          found.rows(),
          found.wrongRows(),
          found.wrong().size(),
          fault);
    }
  }
}
