package org.fermix.web.need;

import java.util.Arrays;
import java.util.List;
import org.fermix.core.machine.Stand;
import org.fermix.web.shared.Field;

/** Words for how a machine stands. */
public final class StandWords {
  private StandWords() {}

  /** All ways, to choose from. */
  public static List<Field.Choice> choices() {
    return Arrays.stream(Stand.Way.values())
        .map(way -> new Field.Choice(way.name(), of(way)))
        .toList();
  }

  /** One way, in words. */
  public static String of(Stand.Way way) {
    return switch (way) {
      case CONNECTED -> "left connected";
      case NEGATIVE_OFF -> "negative lead off";
      case MAINTAINED -> "on a maintainer";
      case TOPPED_UP -> "charged every so many weeks";
      case RESERVE_ARMED -> "its start reserve armed";
    };
  }
}
