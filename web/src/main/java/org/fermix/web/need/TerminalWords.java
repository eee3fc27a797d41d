package org.fermix.web.need;

import java.util.Arrays;
import java.util.List;
import org.fermix.core.casing.Terminal;
import org.fermix.web.shared.Field;

/** Words for what leads are fixed to. */
public final class TerminalWords {
  private TerminalWords() {}

  /** All kinds, to choose from. */
  public static List<Field.Choice> choices() {
    return Arrays.stream(Terminal.values())
        .map(each -> new Field.Choice(each.name(), of(each)))
        .toList();
  }

  /** One kind, in words. */
  public static String of(Terminal terminal) {
    return switch (terminal) {
      case POST -> "tapered posts";
      case THIN_POST -> "thin tapered posts";
      case SIDE -> "threads in the side";
      case STUD -> "threaded studs";
      case TAB -> "tabs with a bolt";
      case INSERT -> "threaded inserts on top";
    };
  }
}
