package org.fermix.web.lineup;

import java.util.List;
import org.fermix.core.label.Word;
import org.fermix.web.battery.LabelFact;
import org.fermix.web.shared.Field;

/** Words for where figures stand. */
final class SourceWords {
  private SourceWords() {}

  static String of(LabelFact.Source source) {
    return switch (source) {
      case LABEL -> "its label";
      case SHEET -> "its data sheet";
      case SELLER -> "its seller’s page";
      case MAKER -> "its maker";
      case FORUM -> "somebody’s report";
      case MEASURED -> "a measurement";
    };
  }

  /** What its figures are taken within, where the word alone leaves doubt. */
  static String doubt(Word word) {
    return word.sigma() > 0
        ? ", each figure taken within ±" + Math.round(100 * Math.expm1(word.sigma())) + " %"
        : "";
  }

  static List<Field.Choice> choices() {
    return List.of(
            LabelFact.Source.LABEL,
            LabelFact.Source.SHEET,
            LabelFact.Source.SELLER,
            LabelFact.Source.MAKER,
            LabelFact.Source.FORUM)
        .stream()
        .map(each -> new Field.Choice(each.name(), of(each)))
        .toList();
  }
}
