package org.fermix.web.battery;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.RatedCharge;
import org.fermix.core.quantity.Given;
import org.fermix.web.battery.LabelFact.Kind;

/** A core label as the facts that are stored of it. */
public final class LabelFacts {
  private static final double MINUTES_PER_HOUR = 60;

  private LabelFacts() {}

  /** Writes all that a label says. */
  public static void write(Label label, StoredLabel stored, Instant now) {
    List<LabelFact> facts = new ArrayList<>();
    facts.add(rating(label.cranking()));
    label.sheet().otherRatings().forEach(each -> facts.add(rating(each)));
    add(facts, Kind.RESERVE, label.reserveMinutes());
    label
        .capacityAh()
        .ifPresent(
            given ->
                facts.add(
                    new LabelFact(
                        Kind.CAPACITY,
                        null,
                        given.value(),
                        label.sheet().capacityHours(),
                        null,
                        null,
                        null)));
    for (RatedCharge point : label.sheet().discharges()) {
      facts.add(LabelFact.discharge(text(point)));
    }
    add(facts, Kind.MASS, label.massKg());
    facts.add(LabelFact.of(Kind.LENGTH, label.size().lengthMm()));
    facts.add(LabelFact.of(Kind.WIDTH, label.size().widthMm()));
    facts.add(LabelFact.of(Kind.HEIGHT, label.size().heightMm()));
    facts.add(LabelFact.of(Kind.VOLTS, label.build().nominalVolts()));
    label
        .build()
        .terminal()
        .ifPresent(terminal -> facts.add(LabelFact.named(Kind.TERMINAL, terminal.name())));
    label
        .build()
        .purpose()
        .ifPresent(purpose -> facts.add(LabelFact.named(Kind.PURPOSE, purpose.name())));
    ProtectionClaim protection = label.sheet().protection();
    add(facts, Kind.CONTINUOUS, protection.continuousAmps());
    add(facts, Kind.CRANKING_LIMIT, protection.crankingAmps());
    add(facts, Kind.SHORT_LIMIT, protection.shortAmps());
    add(facts, Kind.OPENS_BELOW, protection.opensBelowVolts());
    add(facts, Kind.START_RESERVE, protection.reservePercent());
    protection.builtIn().ifPresent(there -> facts.add(says(Kind.PROTECTED, there)));
    label
        .sheet()
        .lines()
        .lines()
        .forEach(line -> facts.add(LabelFact.line(line, Optional.empty())));
    if (label.sheet().heated()) {
      facts.add(says(Kind.HEATED, true));
    }
    if (label.sheet().coldTestStated()) {
      facts.add(says(Kind.COLD_TEST, true));
    }
    if (!label.sheet().kindStated()) {
      facts.add(says(Kind.KIND_NOT_STATED, true));
    }
    stored.write(label.name(), label.chemistry().id(), label.positiveSide(), facts, now);
  }

  private static String text(RatedCharge point) {
    return point.currentA() + " A " + point.hours() * MINUTES_PER_HOUR + " min";
  }

  private static LabelFact rating(CrankingRating rating) {
    return LabelFact.rating(rating.test().id(), rating.amps());
  }

  private static LabelFact says(Kind kind, boolean yes) {
    return LabelFact.of(kind, yes ? 1 : 0);
  }

  private static void add(List<LabelFact> facts, Kind kind, Optional<Given> given) {
    given.ifPresent(value -> facts.add(LabelFact.of(kind, value.value())));
  }
}
