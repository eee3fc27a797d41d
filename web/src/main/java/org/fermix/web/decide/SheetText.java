package org.fermix.web.decide;

import java.util.ArrayList;
import java.util.List;

/** The sheet as plain text, to be sent as a message. */
final class SheetText {
  private SheetText() {}

  static String of(Sheet sheet) {
    List<String> lines = new ArrayList<>();
    lines.add(sheet.machine() + ", " + sheet.engine());
    lines.add(SheetMarkup.day(sheet.made()));
    lines.add("");
    lines.add(sheet.headline());
    if (sheet.overruled()) {
      lines.add("Because: " + sheet.because());
    }
    Sheet.Choice choice = sheet.choice();
    if (choice.buys()) {
      lines.add("Ask for: " + choice.name() + ": " + choice.specs());
      lines.addAll(sheet.beside());
      if (!choice.limit().isEmpty()) {
        lines.add("Pay at most " + choice.limit() + " (" + choice.limitWhy() + ")");
      }
      if (!choice.price().isEmpty()) {
        lines.add("Seen at " + choice.price());
      }
      sheet
          .also()
          .forEach(other -> lines.add("Also acceptable: " + other.letter() + ", " + other.words()));
    }
    if (!sheet.notBelow().isEmpty()) {
      lines.add("Not below: " + sheet.notBelow());
    }
    part(lines, "Before paying", sheet.checks());
    part(
        lines,
        "What else",
        sheet.bill().stream()
            .filter(line -> !line.state().isEmpty() && !line.state().equals("none needed"))
            .map(
                line ->
                    line.what() + ": " + (line.amount().isEmpty() ? line.state() : line.amount()))
            .toList());
    if (!sheet.total().isEmpty()) {
      lines.add("To pay: " + sheet.total());
      if (!sheet.notPriced().isEmpty()) {
        lines.add(sheet.notPriced());
      }
    }
    part(lines, sheet.question(), choice.buys() ? said(sheet) : sheet.reasons());
    part(lines, "Cautions", sheet.cautions());
    lines.add("");
    lines.add(
        "Not a certificate: an estimate from the figures typed in. The makers’ manuals and local rules"
            + " come first. Models "
            + sheet.model()
            + ".");
    return String.join("\n", lines).replace('\u00a0', ' ').replace('\u202f', ' ') + "\n";
  }

  private static List<String> said(Sheet sheet) {
    return sheet.rulers().stream()
        .map(
            ruler ->
                ruler.title() + ", " + ruler.caption() + ": " + String.join("; ", ruler.said()))
        .toList();
  }

  private static void part(List<String> lines, String title, List<String> items) {
    if (!items.isEmpty()) {
      lines.add("");
      lines.add(title);
      items.forEach(item -> lines.add("- " + item));
    }
  }
}
