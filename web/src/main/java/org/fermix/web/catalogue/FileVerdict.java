package org.fermix.web.catalogue;

import java.util.ArrayList;
import java.util.List;
import org.fermix.web.lineup.PastedTable;

/**
 * What was found in a file of batteries: enough to show it and to say whether it can be kept, and
 * no more of it, however much was wrong.
 *
 * @param otherwise chemistry and side where the table says nothing, as chosen
 * @param fault what stopped the reading; empty where all of it was read
 * @param rows below the heading
 * @param wrongRows how many cannot be kept
 * @param wrong the first of them
 * @param shown the first of the others
 */
public record FileVerdict(
    List<PastedTable.Column> columns,
    Otherwise otherwise,
    String currency,
    String fault,
    int rows,
    int wrongRows,
    List<Line> wrong,
    List<Line> shown) {
  private static final int MOST_WRONG = 40;
  private static final int MOST_SHOWN = 12;
  private static final int MOST_COMPLAINTS = 8;
  private static final int LONGEST = 200;

  /** Copies the lists. */
  public FileVerdict {
    columns = List.copyOf(columns);
    wrong = List.copyOf(wrong);
    shown = List.copyOf(shown);
  }

  /** What holds where the table says nothing; empty for nothing. */
  public record Otherwise(String chemistry, String side) {}

  /** One row of it. */
  public record Line(long line, String name, List<String> wrong) {
    /** Copies the list. */
    public Line {
      wrong = List.copyOf(wrong);
    }
  }

  /** True when there are rows and none is wrong. */
  public boolean isSound() {
    return fault.isEmpty() && rows > 0 && wrongRows == 0;
  }

  /** How many can be kept. */
  public int soundRows() {
    return rows - wrongRows;
  }

  /** Looks at one row after another. */
  static final class Judge {
    private int rows;
    private int wrongRows;
    private final List<Line> wrong = new ArrayList<>();
    private final List<Line> shown = new ArrayList<>();

    void take(PastedTable.Row row) {
      rows++;
      if (!row.isSound()) {
        wrongRows++;
      }
      List<Line> into = row.isSound() ? shown : wrong;
      if (into.size() < (row.isSound() ? MOST_SHOWN : MOST_WRONG)) {
        into.add(
            new Line(
                row.line(),
                shortened(row.name()),
                row.wrong().stream().limit(MOST_COMPLAINTS).map(Judge::shortened).toList()));
      }
    }

    FileVerdict verdict(
        List<PastedTable.Column> columns, Otherwise otherwise, String currency, String fault) {
      List<PastedTable.Column> named =
          columns.stream()
              .map(
                  each ->
                      new PastedTable.Column(
                          each.index(), shortened(each.head()), each.target(), each.unit()))
              .toList();
      return new FileVerdict(named, otherwise, currency, fault, rows, wrongRows, wrong, shown);
    }

    private static String shortened(String text) {
      return text.length() <= LONGEST ? text : text.substring(0, LONGEST) + "…";
    }
  }
}
