package org.fermix.web.lineup;

import java.util.Arrays;
import java.util.List;
import org.fermix.core.label.Purpose;
import org.fermix.web.shared.Field;

/** Words for what a battery is made for. */
final class PurposeWords {
  private PurposeWords() {}

  static String of(Purpose purpose) {
    return switch (purpose) {
      case STARTING -> "starting";
      case THIN_PLATE -> "starting, many thin plates";
      case DUAL -> "starting and cycling";
      case DEEP_CYCLE -> "deep cycles";
      case TRACTION -> "traction";
      case GENERAL -> "general use";
    };
  }

  static List<Field.Choice> choices() {
    return Arrays.stream(Purpose.values())
        .map(each -> new Field.Choice(each.name(), of(each)))
        .toList();
  }
}
