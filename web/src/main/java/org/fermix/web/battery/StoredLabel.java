package org.fermix.web.battery;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.Terminal;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Build;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.Purpose;
import org.fermix.core.label.Sheet;
import org.fermix.core.label.Word;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.battery.LabelFact.Kind;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What a battery's label and its sheet say; what is not among the facts is not said. */
@Entity
@Table(name = "label")
public class StoredLabel {
  private static final String COPY = ", varied";
  private static final int LONGEST_NAME = 80;

  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  @Version private long version;
  private String name = "";
  private String chemistry = "";

  @Enumerated(EnumType.STRING)
  private TerminalSide positiveSide = TerminalSide.RIGHT;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<LabelFact> facts = List.of();

  @JdbcTypeCode(SqlTypes.JSON)
  private @Nullable Before beforeChange;

  private boolean demo;
  private Instant changedAt = Instant.EPOCH;

  /**
   * What it said before its last change.
   *
   * @param ageYears of the battery it stands on, where that was typed with it (y)
   */
  record Before(
      String name,
      String chemistry,
      TerminalSide positiveSide,
      List<LabelFact> facts,
      double ageYears) {}

  protected StoredLabel() {}

  /** A label nothing stands on yet. */
  public StoredLabel(UUID garageId, boolean demo) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.demo = demo;
  }

  /** Writes it anew; its version counts on even where only the offer beside it has changed. */
  public void write(
      String newName,
      String newChemistry,
      TerminalSide newPositiveSide,
      List<LabelFact> newFacts,
      Instant now) {
    name = newName;
    chemistry = newChemistry;
    positiveSide = newPositiveSide;
    facts = List.copyOf(newFacts);
    changedAt = now;
  }

  /**
   * Keeps what it says, so that the change that follows can be undone.
   *
   * @param ageYears of the battery until now (y)
   */
  public void rememberBefore(double ageYears) {
    beforeChange = new Before(name, chemistry, positiveSide, facts, ageYears);
  }

  /** True where its last change can be undone. */
  public boolean canUndo() {
    return beforeChange != null;
  }

  /**
   * Undoes its last change, once.
   *
   * @return the age of the battery before (y); empty where there is nothing to undo
   */
  public Optional<Double> undo(Instant now) {
    if (beforeChange == null) {
      return Optional.empty();
    }
    Before before = beforeChange;
    write(before.name(), before.chemistry(), before.positiveSide(), before.facts(), now);
    beforeChange = null;
    return Optional.of(before.ageYears());
  }

  /** The same facts under a label of their own, which is nobody’s invention any more. */
  public StoredLabel copied(Instant now) {
    StoredLabel copy = new StoredLabel(garageId, false);
    String longer = name + COPY;
    copy.write(
        longer.length() <= LONGEST_NAME ? longer : name, chemistry, positiveSide, facts, now);
    return copy;
  }

  /** The same label once more, by itself. */
  public StoredLabel twin(Instant now) {
    StoredLabel twin = new StoredLabel(garageId, demo);
    twin.write(name, chemistry, positiveSide, facts, now);
    return twin;
  }

  /** Counts its version on, since something beside it has changed: whoever edits it must know. */
  public void touch(Instant now) {
    changedAt = now;
  }

  public UUID id() {
    return id;
  }

  public UUID garageId() {
    return garageId;
  }

  public long version() {
    return version;
  }

  public String name() {
    return name;
  }

  public String chemistry() {
    return chemistry;
  }

  public TerminalSide positiveSide() {
    return positiveSide;
  }

  /** True for invented labels of the demo garage. */
  public boolean isDemo() {
    return demo;
  }

  public Instant changedAt() {
    return changedAt;
  }

  /** All it says, in the order it was given. */
  public List<LabelFact> allFacts() {
    return facts;
  }

  /** Every fact of a kind, in the order they were given. */
  public Stream<LabelFact> facts(Kind kind) {
    return facts.stream().filter(fact -> fact.fact() == kind);
  }

  /** The first number of a kind. */
  public Optional<Double> find(Kind kind) {
    return facts(kind).findFirst().map(LabelFact::value);
  }

  /** What the core makes of it, at what is asked for it. */
  public Label asLabel(Optional<Offer> offer) {
    CrankingRating rating =
        facts(Kind.RATING)
            .findFirst()
            .map(fact -> new CrankingRating(amount(fact), test(fact)))
            .orElseThrow(() -> new IllegalStateException("label " + id + " has no rating"));
    return new Label(
        name,
        Chemistry.of(chemistry),
        rating,
        given(Kind.CAPACITY, Unit.AMPERE_HOUR),
        given(Kind.RESERVE, Unit.MINUTE),
        given(Kind.MASS, Unit.KILOGRAM),
        new CaseSize(number(Kind.LENGTH), number(Kind.WIDTH), number(Kind.HEIGHT)),
        positiveSide,
        offer
            .map(each -> Given.typed(each.price().doubleValue(), Unit.MONEY))
            .orElseGet(() -> Given.assumed(0, Unit.MONEY, "no price typed")),
        new Build(
            find(Kind.VOLTS).map(Double::intValue).orElse(12),
            terminal(),
            named(Kind.PURPOSE).map(Purpose::valueOf),
            source().map(LabelFact.Source::word).orElse(Word.PRINTED)),
        sheet());
  }

  private Sheet sheet() {
    return new Sheet(
        facts(Kind.CAPACITY).findFirst().map(LabelFact::hours).orElse(Label.CAPACITY_HOURS),
        DischargeText.read(discharges()).points(),
        new ProtectionClaim(
            given(Kind.CONTINUOUS, Unit.AMPERE),
            given(Kind.CRANKING_LIMIT, Unit.AMPERE),
            given(Kind.SHORT_LIMIT, Unit.AMPERE),
            given(Kind.OPENS_BELOW, Unit.VOLT),
            given(Kind.START_RESERVE, Unit.PER_CENT),
            says(Kind.PROTECTED)),
        says(Kind.HEATED).orElse(false),
        says(Kind.COLD_TEST).orElse(false),
        !says(Kind.KIND_NOT_STATED).orElse(false),
        facts(Kind.RATING)
            .skip(1)
            .map(fact -> new CrankingRating(amount(fact), test(fact)))
            .toList(),
        dataSheet());
  }

  /** Where its figures stand; empty where that was not said. */
  public Optional<LabelFact.Source> source() {
    return facts(Kind.RATING).findFirst().map(LabelFact::source);
  }

  /** The lines of its data sheet, with what was answered on being asked. */
  public DataSheet dataSheet() {
    return new DataSheet(facts(Kind.LINE).map(StoredLabel::line).toList());
  }

  private static DataSheet.Line line(LabelFact fact) {
    return new DataSheet.Line(
        Objects.requireNonNull(fact.standard()),
        Objects.requireNonNull(fact.text()),
        Optional.ofNullable(fact.dated()).map(LocalDate::parse));
  }

  /** Keeps what was answered, in place of what was answered to the same before. */
  public void answer(DataSheet.Line answer, LabelFact.Source by, Instant now) {
    List<LabelFact> all = new ArrayList<>(facts);
    all.removeIf(
        fact ->
            fact.fact() == Kind.LINE
                && fact.dated() != null
                && answer.words().equals(fact.standard()));
    all.add(LabelFact.line(answer, Optional.of(by)));
    facts = List.copyOf(all);
    changedAt = now;
  }

  /** Takes an answer back. */
  public void unanswer(String words, Instant now) {
    List<LabelFact> all = new ArrayList<>(facts);
    all.removeIf(
        fact -> fact.fact() == Kind.LINE && fact.dated() != null && words.equals(fact.standard()));
    facts = List.copyOf(all);
    changedAt = now;
  }

  /** The ratings beside the first as one text; empty without any. */
  public String otherRatings() {
    return facts(Kind.RATING)
        .skip(1)
        .map(fact -> plain(amount(fact)) + " " + RatingText.name(test(fact)))
        .collect(Collectors.joining("; "));
  }

  private static String plain(double amps) {
    return amps == Math.rint(amps) ? Long.toString(Math.round(amps)) : Double.toString(amps);
  }

  /** The rows of its discharge table as one text; empty without any. */
  public String discharges() {
    return facts(Kind.DISCHARGE).map(LabelFact::text).collect(Collectors.joining("; "));
  }

  /** What the leads are fixed to, where it says so. */
  public Optional<Terminal> terminal() {
    return named(Kind.TERMINAL).flatMap(Terminal::find);
  }

  /** The name a fact has. */
  public Optional<String> named(Kind kind) {
    return facts(kind).findFirst().map(LabelFact::standard);
  }

  /** Yes or no, where it says either. */
  public Optional<Boolean> says(Kind kind) {
    return find(kind).map(value -> value > 0);
  }

  private Optional<Given> given(Kind kind, Unit unit) {
    return find(kind).map(value -> Given.label(value, unit));
  }

  private double number(Kind kind) {
    return find(kind)
        .orElseThrow(() -> new IllegalStateException("label " + id + " has no " + kind));
  }

  private static double amount(LabelFact rating) {
    return Objects.requireNonNull(rating.value());
  }

  private static CrankingTest test(LabelFact rating) {
    return CrankingTest.find(Objects.requireNonNull(rating.standard())).orElseThrow();
  }
}
