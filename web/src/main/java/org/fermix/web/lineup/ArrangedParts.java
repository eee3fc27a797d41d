package org.fermix.web.lineup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.Outcome;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Label;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.need.Judge;
import org.fermix.web.shared.Display;

/** The parts of an arrangement, each in mass and money, and what is to be said of them. */
final class ArrangedParts {
  private static final double PERCENT = 100;

  private ArrangedParts() {}

  static List<LabelCard.Part> of(Entry entry, Display display) {
    if (!entry.isArranged()) {
      return List.of();
    }
    Label starter =
        entry.label().asLabel(entry.offer()).joined(entry.pieces(), entry.systemVolts());
    double most = Math.max(starter.mass().value(), 1);
    List<Beside.Part> beside = new ArrayList<>();
    for (Entry.Other other : entry.others()) {
      Label joined = other.joined(entry.systemVolts());
      beside.add(
          new Beside.Part(
              other.part().words() + ": " + joined.name(),
              Math.min(200, joined.mass().value()),
              joined.hasPrice() ? joined.price().value() : 0));
    }
    beside.addAll(entry.parts());
    for (Beside.Part part : beside) {
      most = Math.max(most, part.massKg());
    }
    List<LabelCard.Part> parts = new ArrayList<>();
    parts.add(
        part(
            "starts: " + starter.name(),
            starter.mass().value(),
            starter.hasPrice() ? starter.price().value() : 0,
            most,
            display));
    for (Beside.Part each : beside) {
      parts.add(part(each.name(), each.massKg(), each.price(), most, display));
    }
    double kg = starter.mass().value();
    double price = starter.hasPrice() ? starter.price().value() : 0;
    for (Beside.Part each : beside) {
      kg += each.massKg();
      price += each.price();
    }
    parts.add(part("together", kg, price, Math.max(most, kg), display));
    return parts;
  }

  private static LabelCard.Part part(
      String name, double kg, double price, double most, Display display) {
    Markup out = new Markup();
    out.mark(
        "rect", "width", Scale.percent(PERCENT * kg / most), "height", "7", "class", "moved-left");
    return new LabelCard.Part(
        name,
        display.show(kg, Unit.KILOGRAM, 1).text(),
        price > 0 ? display.show(price, Unit.MONEY).text() : "—",
        out.toString());
  }

  /** From which load and how many days on it is not enough. */
  static String enough(Entry entry, Optional<Judge.Judged> judged, Display display) {
    if (!entry.isArranged()) {
      return "";
    }
    return judged
        .flatMap(all -> all.of(entry.letter()))
        .map(
            answer -> {
              List<String> words = new ArrayList<>();
              answer
                  .find(Outcome.ENGINE_OFF_HOURS)
                  .ifPresent(
                      hours ->
                          words.add(
                              "runs what you run for "
                                  + display.show(hours).text()
                                  + ", no longer"));
              answer
                  .find(Outcome.PARKED_DAYS)
                  .ifPresent(
                      days ->
                          words.add(
                              "starts after " + display.show(days).text() + ", not after more"));
              answer
                  .find(Outcome.SPARE_START)
                  .ifPresent(
                      chance ->
                          words.add(
                              "another one starts it in need: " + display.show(chance).text()));
              answer
                  .find(Outcome.MOTOR_HOURS)
                  .ifPresent(
                      hours ->
                          words.add(
                              "drives the electric motor for "
                                  + display.show(hours).text()
                                  + ", no longer"));
              return String.join("; ", words);
            })
        .orElse("");
  }

  static List<String> remarks(Entry entry) {
    List<String> remarks = new ArrayList<>();
    boolean parallel =
        entry.pieces() > 1
            && entry.label().asLabel(entry.offer()).build().nominalVolts() == entry.systemVolts();
    if (parallel) {
      remarks.add("In parallel only of the same type and age, replaced whole; no two chemistries.");
    }
    Label own = entry.label().asLabel(entry.offer());
    for (Entry.Other each : entry.others()) {
      Label other = each.joined(entry.systemVolts());
      if (each.part() == PartRole.MOTOR) {
        remarks.add("The motor’s battery is charged ashore, by a charger for its own kind.");
      } else if (own.chemistry().isLead() != other.chemistry().isLead()) {
        remarks.add(
            "Starter and “"
                + each.part().words()
                + "” are of two kinds: the other wants a charging path of its own.");
      } else if (!own.chemistry().equals(other.chemistry())) {
        remarks.add(
            "Starter and “"
                + each.part().words()
                + "” differ: one charger serves both only where the windows of both agree.");
      }
    }
    return remarks;
  }
}
