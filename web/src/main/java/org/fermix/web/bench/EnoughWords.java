package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.bench.Enough;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Ranked;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** Words for how much of a rating is enough. */
final class EnoughWords {
  private static final double NOTICED_AMPS = 10;
  private static final double NOTICED_AMP_HOURS = 1;

  private EnoughWords() {}

  /** One candidate. */
  public record Line(String letter, String words) {}

  static List<Line> of(List<Enough> found, Decision decision, Display display) {
    List<Line> lines = new ArrayList<>();
    for (Ranked ranked : decision.ranked()) {
      lines.add(
          new Line(
              ranked.letter(),
              found.stream()
                  .filter(each -> each.letter().equals(ranked.letter()))
                  .findFirst()
                  .map(each -> words(each, display))
                  .orElse("nothing to spare: every amp and ampere-hour counts")));
    }
    return lines;
  }

  private static String words(Enough each, Display display) {
    List<String> parts = new ArrayList<>();
    if (each.spareAmps() >= NOTICED_AMPS) {
      parts.add("the last " + display.show(each.spareAmps(), Unit.AMPERE).text());
    }
    if (each.spareAmpHours() >= NOTICED_AMP_HOURS) {
      parts.add("the last " + display.show(each.spareAmpHours(), Unit.AMPERE_HOUR).text());
    }
    return parts.isEmpty()
        ? "just enough"
        : String.join(" or ", parts) + " change nothing that you ask";
  }
}
