package org.fermix.web.lineup;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.casing.CaseCode;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.label.BelievedRatio;
import org.fermix.core.label.Build;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.DateCode;
import org.fermix.core.label.Label;
import org.fermix.core.label.LabelAudit;
import org.fermix.core.machine.Tray;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.core.reserve.RatedCapacity;
import org.fermix.web.battery.LabelFact;
import org.fermix.web.battery.LabelFact.Kind;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.need.Judge;
import org.fermix.web.need.SpaceWords;
import org.fermix.web.need.TerminalWords;
import org.fermix.web.shared.Display;

/**
 * A candidate as its label has it: only figures that move get a line of their own, from what is
 * printed to what it becomes on the yardstick; the rest share one line.
 *
 * @param moved from the most telling downwards
 * @param asPrinted what stands as it is printed
 * @param fit how it goes in, in words; empty where the tray is not known
 * @param parts of an arrangement; none of a single battery
 * @param enough for which load and days an arrangement is enough; empty for a single battery
 * @param features what its data sheet states, in few words
 * @param claims of its life, beside the model
 * @param curve of its discharge table
 * @param source where its figures and its price come from
 */
public record LabelCard(
    UUID id,
    String letter,
    boolean today,
    boolean leads,
    boolean demo,
    String name,
    String chemistryId,
    String chemistry,
    String caseCode,
    String mass,
    String price,
    List<Moved> moved,
    String asPrinted,
    String fit,
    List<String> remarks,
    List<Part> parts,
    String enough,
    String features,
    List<SheetRows.Claim> claims,
    Optional<SheetRows.Claim> curve,
    String source) {

  /** One part of an arrangement, in mass and money. */
  public record Part(String name, String mass, String price, String drawn) {}

  /**
   * A figure that is not what it seems.
   *
   * @param drawn the printed figure as an outline, what is left of it solid
   */
  public record Moved(
      String name, String printed, String drawn, String becomes, String change, boolean assumed) {}

  private static final double CLEARLY = 0.02;
  private static final double PERCENT = 100;

  static LabelCard of(
      Entry entry,
      Optional<Judge.Judged> judged,
      Optional<Tray> tray,
      LocalDate today,
      Display display) {
    Candidate candidate = entry.candidate();
    Label label = candidate.label();
    return new LabelCard(
        entry.id(),
        candidate.letter(),
        candidate.isToday(),
        judged.flatMap(Judge.Judged::leader).filter(candidate.letter()::equals).isPresent(),
        entry.label().isDemo(),
        label.name(),
        label.chemistry().id(),
        label.sheet().kindStated() ? label.chemistry().displayName() : "lithium, kind not stated",
        CaseCode.of(label.size(), label.positiveSide()).map(CaseCode::code).orElse(""),
        display.show(candidate.massKg(), Unit.KILOGRAM).text(),
        candidate.hasPrice() && !candidate.isToday()
            ? display.show(candidate.price(), Unit.MONEY, 2).text()
            : "",
        moved(label, display),
        asPrinted(candidate, entry, display),
        tray.flatMap(
                each ->
                    judged
                        .flatMap(all -> all.of(candidate.letter()))
                        .map(answer -> SpaceWords.ofIt(answer, each, display)))
            .orElse(""),
        remarks(label, entry, today, display),
        ArrangedParts.of(entry, display),
        ArrangedParts.enough(entry, judged, display),
        SheetRows.features(label),
        SheetRows.claims(
            label,
            judged.flatMap(all -> all.of(candidate.letter())),
            judged.flatMap(all -> all.of(Candidate.TODAY)),
            display),
        SheetRows.curve(label, display),
        source(entry, display));
  }

  private static String source(Entry entry, Display display) {
    List<String> words = new ArrayList<>();
    entry
        .label()
        .source()
        .ifPresent(
            where ->
                words.add(
                    "from "
                        + SourceWords.of(where)
                        + ", noted "
                        + display.moment(entry.label().changedAt())
                        + SourceWords.doubt(where.word())));
    if (entry
        .label()
        .facts(Kind.MASS)
        .anyMatch(fact -> fact.source() == LabelFact.Source.MEASURED)) {
      words.add("weighed");
    }
    entry
        .offer()
        .ifPresent(
            offer ->
                words.add(
                    "price noted "
                        + display.moment(offer.madeAt())
                        + offer.seller().map(" at "::concat).orElse("")));
    return String.join("; ", words);
  }

  private static List<Moved> moved(Label label, Display display) {
    List<Moved> lines = new ArrayList<>();
    rating(label, display).ifPresent(lines::add);
    capacity(label, display).ifPresent(lines::add);
    if (label.reserveMinutes().isEmpty()) {
      lines.add(
          unprinted(
              "reserve",
              display
                  .show(RatedCapacity.reserveMinutes(BatteryCircuit.of(label)), Unit.MINUTE)
                  .text()));
    }
    if (label.massKg().isEmpty()) {
      lines.add(unprinted("mass", display.show(label.mass().value(), Unit.KILOGRAM).text()));
    }
    return lines;
  }

  private static Optional<Moved> rating(Label label, Display display) {
    CredibleRating believed = CredibleRating.of(label);
    double cca = CredibleRating.by(CrankingTest.COLD_CRANKING, label).amps();
    double printed = label.cranking().amps();
    boolean sameTest = label.cranking().test().equals(CrankingTest.COLD_CRANKING);
    boolean alone = label.sheet().otherRatings().isEmpty();
    if (sameTest && alone && Math.abs(cca / printed - 1) < CLEARLY) {
      return Optional.empty();
    }
    return Optional.of(
        changed(
            "rating",
            display.show(printed, Unit.AMPERE).text()
                + " "
                + (sameTest ? "CCA" : label.cranking().test().label()),
            printed,
            display.show(cca, Unit.AMPERE).text() + " CCA",
            cca,
            !believed.asPrinted(),
            display));
  }

  private static Optional<Moved> capacity(Label label, Display display) {
    Given becomes = label.capacity();
    if (label.capacityAh().isEmpty()) {
      return Optional.of(
          unprinted("capacity", display.show(becomes.value(), becomes.unit(), 1).text()));
    }
    double printed = label.capacityAh().get().value();
    double hours = label.sheet().capacityHours();
    if (hours == Label.CAPACITY_HOURS && Math.abs(becomes.value() / printed - 1) < CLEARLY) {
      return Optional.empty();
    }
    return Optional.of(
        changed(
            "capacity",
            display.show(printed, Unit.AMPERE_HOUR).text()
                + " at "
                + display.number(hours, 0)
                + " h",
            printed,
            display.show(becomes.value(), becomes.unit(), 1).text() + " at 20 h",
            becomes.value(),
            becomes.isAssumed(),
            display));
  }

  private static Moved unprinted(String name, String becomes) {
    return new Moved(name, "not printed", "", becomes, "assumed", true);
  }

  private static Moved changed(
      String name,
      String printed,
      double printedValue,
      String becomes,
      double value,
      boolean assumed,
      Display display) {
    double percent = PERCENT * (value / printedValue - 1);
    String change = (percent > 0 ? "+" : "") + display.number(percent, 0) + "\u202f%";
    return new Moved(name, printed, drawn(printedValue, value), becomes, change, assumed);
  }

  /** The printed figure as an outline, what remains solid, what flatters hatched. */
  private static String drawn(double printed, double becomes) {
    double most = Math.max(printed, becomes);
    String outline = Scale.percent(PERCENT * printed / most);
    String solid = Scale.percent(PERCENT * Math.min(printed, becomes) / most);
    Markup out = new Markup();
    out.mark("rect", "width", outline, "height", "9", "class", "moved-printed");
    out.mark("rect", "width", solid, "height", "9", "class", "moved-left");
    if (becomes > printed) {
      out.mark(
          "rect",
          "x",
          outline,
          "width",
          Scale.percent(PERCENT * (becomes - printed) / most),
          "height",
          "9",
          "class",
          "moved-more");
    }
    return out.toString();
  }

  private static String asPrinted(Candidate candidate, Entry entry, Display display) {
    Label label = candidate.label();
    List<String> words = new ArrayList<>();
    words.add(
        display.show(label.cranking().amps(), Unit.AMPERE).text()
            + " "
            + label.cranking().test().label());
    label
        .sheet()
        .otherRatings()
        .forEach(
            rating ->
                words.add(
                    display.show(rating.amps(), Unit.AMPERE).text() + " " + rating.test().label()));
    label
        .capacityAh()
        .ifPresent(
            given ->
                words.add(
                    display.show(given.value(), given.unit()).text()
                        + " at "
                        + display.number(label.sheet().capacityHours(), 0)
                        + " h"));
    label
        .reserveMinutes()
        .ifPresent(given -> words.add(display.show(given.value(), given.unit()).text()));
    words.add(
        display.show(label.size().lengthMm(), Unit.MILLIMETRE).number()
            + " × "
            + display.show(label.size().widthMm(), Unit.MILLIMETRE).number()
            + " × "
            + display.show(label.size().heightMm(), Unit.MILLIMETRE).text());
    words.add(label.positiveSide() == TerminalSide.RIGHT ? "+ right" : "+ left");
    label.build().terminal().map(TerminalWords::of).ifPresent(words::add);
    label.build().purpose().map(PurposeWords::of).map("for "::concat).ifPresent(words::add);
    if (label.build().nominalVolts() != Build.TWELVE_VOLT.nominalVolts()) {
      words.add(display.show(label.build().nominalVolts(), Unit.VOLT, 0).text());
    }
    entry.label().named(Kind.DATE_CODE).ifPresent(code -> words.add("stamped " + code));
    if (candidate.isToday()) {
      words.add(display.show(candidate.ageYears(), Unit.YEAR).text() + " in service");
    }
    return String.join(", ", words);
  }

  private static List<String> remarks(Label label, Entry entry, LocalDate today, Display display) {
    List<String> remarks = new ArrayList<>();
    CredibleRating believed = CredibleRating.of(label);
    boolean doubted = !believed.asPrinted();
    if (doubted) {
      remarks.add(
          BelievedRatio.appliesTo(label.chemistry())
              ? AuditWords.unstandardised(label, believed, display)
              : AuditWords.flatters(label, believed, display));
    }
    AuditWords.disagreeing(label, display).ifPresent(remarks::add);
    LabelAudit audit = LabelAudit.of(label);
    audit.findings().stream()
        .filter(flaw -> !(doubted && AuditWords.ofRating(flaw.code())))
        .map(flaw -> AuditWords.of(flaw, audit, label, display))
        .forEach(remarks::add);
    if (!label.sheet().kindStated()) {
      remarks.add(
          "Which lithium is not stated: kinds differ in voltage and in how they burn. Ask the seller"
              + " before anything else.");
    } else if (label.chemistry().protection().isPresent()
        && !label.sheet().protection().isStated()) {
      remarks.add("No protection is stated: ask the seller whether one is built in.");
    }
    if (label.reserveMinutes().isEmpty()) {
      remarks.add("No reserve capacity is printed; ask for it.");
    }
    remarks.addAll(ArrangedParts.remarks(entry));
    if (!entry.isToday()) {
      entry.label().named(Kind.DATE_CODE).ifPresent(code -> shelf(remarks, label, code, today));
    }
    return remarks;
  }

  /** What its date code means for one that is still to be bought. */
  private static void shelf(List<String> remarks, Label label, String code, LocalDate today) {
    List<DateCode.Decoded> readings = DateCode.readings(code, today);
    if (readings.isEmpty()) {
      return;
    }
    int months = readings.get(0).monthsOld(today);
    String made = "Made " + months + (months == 1 ? " month" : " months") + " ago by its date code";
    String other =
        readings.size() > 1
            ? "; the code can also be read as " + readings.get(1).made() + ", so ask"
            : "";
    switch (DateCode.shelf(label.chemistry().isLead(), months)) {
      case FRESH -> remarks.add(made + other + ".");
      case CHARGE_FIRST -> remarks.add(made + ": charge it before it is used" + other + ".");
      case STALE ->
          remarks.add(
              made
                  + ": uncharged so long it has been sulfating, so choose a fresher one"
                  + other
                  + ".");
    }
  }
}
