package org.fermix.core.label;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plausibility;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.permission.Property;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Given;
import org.fermix.core.rating.CrankingTest;

/**
 * What on a label flatters or cannot be, as findings with their figures; the web words them. Only
 * printed figures are judged, ampere-hours at the 20-hour rate.
 *
 * @param findings in order of weight
 */
public record LabelAudit(List<Flaw> findings) {
  /** True ampere-hours per kilogram above which a lithium label means lead-equivalent ones. */
  private static final double LEAD_EQUIVALENT_FROM = 12;

  private static final double HALF = 0.5;

  /** A claim of so much more than the pack's own figures is that of its cells; estimate. */
  private static final double CELLS_OVER_PACK = 1.2;

  private static final Band LEAD_EQUIVALENT_FACTOR = new Band(2.5, 4);

  /** Lighter lead batteries are of the powersport build (kg, 12 V). */
  private static final double SMALL_KG = 10;

  private static final List<Plausibility.Kind> SMALL_BUILDS =
      List.of(
          Plausibility.Kind.POWERSPORT, Plausibility.Kind.THIN_PLATE, Plausibility.Kind.STARTING);

  /** Copies the list. */
  public LabelAudit {
    findings = List.copyOf(findings);
  }

  /**
   * One finding.
   *
   * @param found what the label implies, in the unit of the code
   * @param likely what is believable, in the same unit
   */
  public record Flaw(Code code, Weight weight, double found, Band likely) {}

  /** How much a finding matters. */
  public enum Weight {
    /** No such battery can be: a slip or a claim. */
    IMPOSSIBLE,
    /** Unusual: ask. */
    UNLIKELY,
    /** To be known. */
    NOTE
  }

  /** What can be found. */
  public enum Code {
    /** Capacity over mass (Ah/kg). */
    CAPACITY_FOR_MASS(Printed.CAPACITY, Printed.MASS),
    /** Cranking amps over mass (A/kg). */
    CRANKING_FOR_MASS(Printed.CRANKING, Printed.MASS),
    /** Cranking amps over capacity (A/Ah). */
    CRANKING_FOR_CAPACITY(Printed.CRANKING, Printed.CAPACITY),
    /** Reserve capacity over capacity (min/Ah). */
    RESERVE_FOR_CAPACITY(Printed.RESERVE, Printed.CAPACITY),
    /** Printed ampere-hours are lead-equivalent; likely is the true capacity (Ah). */
    LEAD_EQUIVALENT,
    /** Lithium cold cranking amps not credible cold (A/Ah). */
    WARM_PULSE,
    /** Capacity is printed at another hour rate; likely is it at 20 h (Ah). */
    OTHER_HOUR_RATE,
    /** Energy for mass as of bare cells (Wh/kg); likely is that of the pack. */
    CELL_ENERGY_FOR_MASS,
    /** Energy for size as of bare cells (Wh/l); likely is that of the pack. */
    CELL_ENERGY_FOR_SIZE,
    /** Sealed flooded called maintenance-free: it cannot be topped up. */
    CANNOT_BE_TOPPED_UP,
    /** A cold cranking figure on a deep-cycle case or on gel (A). */
    CRANKING_ON_DEEP_CYCLE;

    private final Optional<Printed> over;
    private final Optional<Printed> under;

    Code() {
      over = Optional.empty();
      under = Optional.empty();
    }

    Code(Printed over, Printed under) {
      this.over = Optional.of(over);
      this.under = Optional.of(under);
    }

    /** The two figures a ratio stands between; empty for what is no ratio. */
    public Set<Printed> figures() {
      return over.isEmpty() ? Set.of() : EnumSet.of(over.get(), under.orElseThrow());
    }
  }

  /** A figure of a label. */
  public enum Printed {
    CRANKING,
    CAPACITY,
    RESERVE,
    MASS
  }

  /**
   * The one figure that would explain more than one strange ratio by being wrong in one direction;
   * empty where none does, or more than one.
   */
  public Optional<Printed> suspect() {
    Map<Printed, Integer> tooMuch = new EnumMap<>(Printed.class);
    Map<Printed, Integer> tooLittle = new EnumMap<>(Printed.class);
    for (Flaw flaw : findings) {
      boolean much = flaw.found() > flaw.likely().high();
      flaw.code().over.ifPresent(each -> (much ? tooMuch : tooLittle).merge(each, 1, Integer::sum));
      flaw.code()
          .under
          .ifPresent(each -> (much ? tooLittle : tooMuch).merge(each, 1, Integer::sum));
    }
    List<Printed> suspects = new ArrayList<>();
    for (Printed each : Printed.values()) {
      if (Math.max(tooMuch.getOrDefault(each, 0), tooLittle.getOrDefault(each, 0)) > 1) {
        suspects.add(each);
      }
    }
    return suspects.size() == 1 ? Optional.of(suspects.get(0)) : Optional.empty();
  }

  /** The audit, as the kind of battery the figures read like. */
  public static LabelAudit of(Label label) {
    return of(label, kind(label));
  }

  /** The audit of a battery whose kind is known. */
  public static LabelAudit of(Label label, Plausibility.Kind kind) {
    List<Flaw> findings = new ArrayList<>();
    Plausibility.of(label.chemistry(), kind)
        .ifPresent(
            usual -> {
              ratios(findings, label, usual);
              hourRate(findings, label, usual);
            });
    lithium(findings, label);
    claims(findings, label);
    if (kind == Plausibility.Kind.DEEP_CYCLE || !label.chemistry().traits().madeForStarting()) {
      findings.add(
          new Flaw(
              Code.CRANKING_ON_DEEP_CYCLE,
              Weight.NOTE,
              label.cranking().amps(),
              new Band(0, label.cranking().amps())));
    }
    findings.sort(Comparator.comparing(Flaw::weight));
    return new LabelAudit(findings);
  }

  /**
   * What a label reads like where it does not say what it is for: small ones are of the powersport
   * build unless another build fits and that does not (an aeroplane’s, a mower’s); many amps an
   * ampere-hour mean thin plates, few a deep-cycle battery.
   */
  static Plausibility.Kind kind(Label label) {
    Chemistry chemistry = label.chemistry();
    // What it says it is for is judged as that, where the chemistry is built so.
    Optional<Plausibility.Kind> stated =
        label
            .build()
            .purpose()
            .flatMap(Purpose::kind)
            .filter(kind -> Plausibility.of(chemistry, kind).isPresent());
    if (stated.isPresent()) {
      return stated.get();
    }
    double ampHours = label.capacity().value();
    double perAmpHour = label.cranking().amps() / ampHours;
    if (chemistry.isLead()
        && label.mass().value() / label.build().series() < SMALL_KG
        && Plausibility.of(chemistry, Plausibility.Kind.POWERSPORT).isPresent()) {
      return SMALL_BUILDS.stream()
          .filter(
              each ->
                  Plausibility.of(chemistry, each).filter(usual -> fits(label, usual)).isPresent())
          .findFirst()
          .orElse(Plausibility.Kind.POWERSPORT);
    }
    Optional<Plausibility> starting = Plausibility.of(chemistry, Plausibility.Kind.STARTING);
    Optional<Plausibility> deep = Plausibility.of(chemistry, Plausibility.Kind.DEEP_CYCLE);
    if (starting.isEmpty()
        || (chemistry.isLead()
            && perAmpHour < starting.get().ccaPerAmpHour().low()
            && deep.filter(each -> each.ccaPerAmpHour().isLikely(perAmpHour)).isPresent())) {
      return Plausibility.Kind.DEEP_CYCLE;
    }
    return perAmpHour > starting.get().ccaPerAmpHour().high()
            && Plausibility.of(chemistry, Plausibility.Kind.THIN_PLATE).isPresent()
        ? Plausibility.Kind.THIN_PLATE
        : Plausibility.Kind.STARTING;
  }

  /** True where none of its ratios is strange. */
  private static boolean fits(Label label, Plausibility usual) {
    List<Flaw> strange = new ArrayList<>();
    ratios(strange, label, usual);
    return strange.isEmpty();
  }

  private static void ratios(List<Flaw> findings, Label label, Plausibility usual) {
    Optional<Double> kg = label.massKg().map(mass -> mass.value() / label.build().series());
    Optional<Double> ampHours = label.printedAtTwentyHours().map(Given::value);
    Optional<Double> amps =
        label.printedRatings().stream()
            .filter(each -> each.test().equals(CrankingTest.COLD_CRANKING))
            .findFirst()
            .map(CrankingRating::amps);
    Optional<Double> minutes = label.reserveMinutes().map(Given::value);
    judge(findings, Code.CAPACITY_FOR_MASS, ampHours, kg, usual.ampHoursPerKg());
    judge(findings, Code.CRANKING_FOR_MASS, amps, kg, usual.ccaPerKg());
    judge(findings, Code.CRANKING_FOR_CAPACITY, amps, ampHours, usual.ccaPerAmpHour());
    judge(findings, Code.RESERVE_FOR_CAPACITY, minutes, ampHours, usual.reservePerAmpHour());
  }

  private static void judge(
      List<Flaw> findings,
      Code code,
      Optional<Double> over,
      Optional<Double> under,
      Plausibility.Range range) {
    if (over.isEmpty() || under.isEmpty()) {
      return;
    }
    double found = over.get() / under.get();
    if (!range.isLikely(found)) {
      findings.add(
          new Flaw(
              code,
              range.isPossible(found) ? Weight.UNLIKELY : Weight.IMPOSSIBLE,
              found,
              new Band(range.low(), range.high())));
    }
  }

  private static void hourRate(List<Flaw> findings, Label label, Plausibility usual) {
    double hours = label.sheet().capacityHours();
    if (hours == Label.CAPACITY_HOURS || label.capacityAh().isEmpty()) {
      return;
    }
    double printed = label.capacityAh().get().value();
    findings.add(
        new Flaw(
            Code.OTHER_HOUR_RATE,
            Weight.NOTE,
            printed,
            HourRate.restate(printed, hours, Label.CAPACITY_HOURS, usual.peukert())));
  }

  private static void lithium(List<Flaw> findings, Label label) {
    if (label.chemistry().family() == Chemistry.Family.LEAD || label.capacityAh().isEmpty()) {
      return;
    }
    double printed = label.printedAtTwentyHours().orElseThrow().value();
    label
        .massKg()
        .ifPresent(
            mass -> {
              double perKg = printed / (mass.value() / label.build().series());
              if (perKg > LEAD_EQUIVALENT_FROM) {
                findings.add(
                    new Flaw(
                        Code.LEAD_EQUIVALENT,
                        Weight.IMPOSSIBLE,
                        printed,
                        new Band(
                            printed / LEAD_EQUIVALENT_FACTOR.high(),
                            printed / LEAD_EQUIVALENT_FACTOR.low())));
              }
            });
    double perAmpHour = label.cranking().amps() / printed;
    if (label.cranking().test().equals(CrankingTest.COLD_CRANKING)
        && label.chemistry().family() == Chemistry.Family.LITHIUM
        && perAmpHour > label.chemistry().mostCcaPerAmpHour()) {
      findings.add(
          new Flaw(
              Code.WARM_PULSE,
              Weight.UNLIKELY,
              perAmpHour,
              new Band(0, label.chemistry().mostCcaPerAmpHour())));
    }
  }

  /** What is claimed beyond the figures: energy of bare cells for a pack, no upkeep. */
  private static void claims(List<Flaw> findings, Label label) {
    DataSheet sheet = label.sheet().lines();
    if (sheet.lines().isEmpty()) {
      return;
    }
    double wattHours =
        label.capacity().value()
            * label.chemistry().openCircuitVolts(HALF)
            * label.build().series();
    energy(
        findings,
        Code.CELL_ENERGY_FOR_MASS,
        sheet.number(Property.ENERGY_PER_KG),
        wattHours / label.mass().value());
    energy(
        findings,
        Code.CELL_ENERGY_FOR_SIZE,
        sheet.number(Property.ENERGY_PER_LITRE),
        wattHours / label.size().litres());
    if (label.chemistry().isLead()
        && !label.chemistry().traits().sealed()
        && sheet.has(Property.MAINTENANCE_FREE).orElse(false)) {
      findings.add(new Flaw(Code.CANNOT_BE_TOPPED_UP, Weight.NOTE, 0, new Band(0, 0)));
    }
  }

  private static void energy(
      List<Flaw> findings, Code code, Optional<Double> claimed, double ofPack) {
    claimed
        .filter(said -> said > CELLS_OVER_PACK * ofPack)
        .ifPresent(
            said ->
                findings.add(
                    new Flaw(code, Weight.NOTE, said, new Band(0.9 * ofPack, 1.1 * ofPack))));
  }

  /** The heaviest weight found; {@link Weight#NOTE} when nothing is wrong. */
  public Weight worst() {
    return findings.isEmpty() ? Weight.NOTE : findings.get(0).weight();
  }
}
