package org.fermix.web.decide;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.label.Label;
import org.fermix.core.plan.Extra;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/**
 * What is to be paid for the battery that is taken and for what goes with it.
 *
 * @param taken empty where nothing is bought
 * @param chargers names of the owner's own for this system, in the order they were judged
 */
record SheetBill(
    Optional<CandidateAnswer> taken,
    List<Extra> extras,
    List<String> chargers,
    Bills.Costs costs,
    Display display) {
  List<Sheet.Line> lines() {
    List<Sheet.Line> lines = new ArrayList<>();
    taken
        .map(CandidateAnswer::candidate)
        .ifPresent(
            each -> {
              for (Label label : each.labels()) {
                String price = label.hasPrice() ? money(label.price().value()) : "";
                lines.add(new Sheet.Line("", label.name(), price, ""));
              }
              each.beside().stream()
                  .flatMap(beside -> beside.parts().stream())
                  .forEach(
                      part ->
                          lines.add(
                              new Sheet.Line("", part.name(), money(part.price()), "needed")));
            });
    String letter = taken.map(CandidateAnswer::letter).orElse("");
    for (Extra extra : extras) {
      Optional<Double> cost = costs.of(letter, extra.kind());
      lines.add(
          new Sheet.Line(
              extra.kind().name(),
              ExtraWords.of(extra, chargers, display),
              cost.map(
                      amount ->
                          (extra.kind() == Extra.Kind.OLD_ONE_BACK ? "−" : "") + money(amount))
                  .orElse(""),
              ExtraWords.state(extra.state())));
    }
    return lines;
  }

  /** What is to be paid, as far as it is priced. */
  String total() {
    if (taken.isEmpty()) {
      return "";
    }
    CandidateAnswer answer = taken.get();
    double sum = answer.candidate().hasPrice() ? answer.candidate().price() : 0;
    for (Extra extra : extras) {
      sum +=
          (extra.kind() == Extra.Kind.OLD_ONE_BACK ? -1 : 1)
              * costs.of(answer.letter(), extra.kind()).orElse(0.0);
    }
    return money(sum);
  }

  /** What is needed and nobody has priced. */
  String notPriced() {
    if (taken.isEmpty()) {
      return "";
    }
    List<String> missing = new ArrayList<>();
    if (!taken.get().candidate().hasPrice()) {
      missing.add("the battery");
    }
    for (Extra extra : extras) {
      if (extra.state() == Extra.State.NEEDED
          && costs.of(taken.get().letter(), extra.kind()).isEmpty()) {
        missing.add(ExtraWords.name(extra.kind()).toLowerCase(Locale.ROOT));
      }
    }
    return missing.isEmpty() ? "" : "Not priced yet: " + String.join(", ", missing) + ".";
  }

  private String money(double amount) {
    return display.show(amount, Unit.MONEY, 0).text();
  }
}
