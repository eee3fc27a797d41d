package org.fermix.core.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.permission.Property;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Spread;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;

/**
 * What one battery's label says. Silence is kept as silence; {@link #capacity} and {@link #mass}
 * fill it with a stated assumption.
 *
 * @param name as printed
 * @param cranking the printed cranking rating and its test
 * @param capacityAh printed ampere-hours, at the hour rate of the sheet (Ah)
 * @param reserveMinutes printed reserve capacity (min)
 * @param massKg printed mass (kg)
 * @param size outer size
 * @param price in the owner's currency
 * @param build voltage and terminals
 * @param sheet what is said beyond that
 */
public record Label(
    String name,
    Chemistry chemistry,
    CrankingRating cranking,
    Optional<Given> capacityAh,
    Optional<Given> reserveMinutes,
    Optional<Given> massKg,
    CaseSize size,
    TerminalSide positiveSide,
    Given price,
    Build build,
    Sheet sheet) {
  /** Printed, at any hour rate. */
  public static final Limits CAPACITY = new Limits("capacity", 0.5, 1000, Unit.AMPERE_HOUR);

  /** Printed. */
  public static final Limits RESERVE = new Limits("reserve capacity", 1, 2000, Unit.MINUTE);

  /** Of the whole battery. */
  public static final Limits MASS = new Limits("mass", 0.1, 200, Unit.KILOGRAM);

  /** The hour rate every battery is compared at (h). */
  public static final double CAPACITY_HOURS = 20;

  /**
   * Capacity at the 20-hour rate over what a 25 A discharge delivers, lead; trade range 1.3–1.6.
   */
  private static final double TWENTY_HOUR_OVER_RESERVE = 1.45;

  private static final double LITHIUM_OVER_RESERVE = 1.03;

  /** A chance of lead-equivalent ampere-hours below this is left out of account (1). */
  private static final double SURE = 0.02;

  /** One exponent holds over no wider a span of hour rates than this round 20 h (ln). */
  private static final double NEARBY = Math.log(10);

  /** A 12 V label that does not name its terminals. */
  public Label(
      String name,
      Chemistry chemistry,
      CrankingRating cranking,
      Optional<Given> capacityAh,
      Optional<Given> reserveMinutes,
      Optional<Given> massKg,
      CaseSize size,
      TerminalSide positiveSide,
      Given price) {
    this(
        name,
        chemistry,
        cranking,
        capacityAh,
        reserveMinutes,
        massKg,
        size,
        positiveSide,
        price,
        Build.TWELVE_VOLT);
  }

  /** A label without a sheet. */
  public Label(
      String name,
      Chemistry chemistry,
      CrankingRating cranking,
      Optional<Given> capacityAh,
      Optional<Given> reserveMinutes,
      Optional<Given> massKg,
      CaseSize size,
      TerminalSide positiveSide,
      Given price,
      Build build) {
    this(
        name,
        chemistry,
        cranking,
        capacityAh,
        reserveMinutes,
        massKg,
        size,
        positiveSide,
        price,
        build,
        Sheet.SILENT);
  }

  /** False where nobody has named a price: then nothing is said of money. */
  public boolean hasPrice() {
    return price.value() > 0;
  }

  /** The same label with a sheet beside it. */
  public Label with(Sheet otherSheet) {
    return new Label(
        name,
        chemistry,
        cranking,
        capacityAh,
        reserveMinutes,
        massKg,
        size,
        positiveSide,
        price,
        build,
        otherSheet);
  }

  /**
   * All it states, in the words of data sheets: the label’s own figures as printed, then the lines
   * of its sheet. Whatever is silent here is not stated.
   */
  public DataSheet dataSheet() {
    List<DataSheet.Line> said = new ArrayList<>();
    if (sheet.kindStated()) {
      said.add(new DataSheet.Line("chemistry", chemistry.shortName()));
    }
    for (CrankingRating each : printedRatings()) {
      if (each.test().equals(CrankingTest.COLD_CRANKING)) {
        said.add(new DataSheet.Line("CCA", plain(each.amps()) + " A"));
      } else if (each.test().equals(CrankingTest.MARINE_CRANKING)) {
        said.add(new DataSheet.Line("MCA", plain(each.amps()) + " A"));
      }
    }
    capacityAh.ifPresent(
        given -> said.add(new DataSheet.Line("capacity", plain(given.value()) + " Ah")));
    if (sheet.heated() && sheet.lines().on(Property.HEATER).isEmpty()) {
      said.add(new DataSheet.Line("heater", "yes"));
    }
    return new DataSheet(said).and(sheet.lines().lines());
  }

  private static String plain(double value) {
    return value == Math.rint(value) ? Long.toString(Math.round(value)) : Double.toString(value);
  }

  /** The same label under another name. */
  public Label named(String other) {
    return new Label(
        other,
        chemistry,
        cranking,
        capacityAh,
        reserveMinutes,
        massKg,
        size,
        positiveSide,
        price,
        build,
        sheet);
  }

  /** The same label at another price. */
  public Label at(Given otherPrice) {
    return new Label(
        name,
        chemistry,
        cranking,
        capacityAh,
        reserveMinutes,
        massKg,
        size,
        positiveSide,
        otherPrice,
        build,
        sheet);
  }

  /**
   * Several of the same, joined into one: in series where that makes the voltage of the system, as
   * two of 6 V do, else in parallel. In parallel each carries its share, so that reserve grows by
   * more than the pieces (Peukert). Same type and age are meant; others are no pair.
   *
   * @param pieces 1 to 8
   * @param systemVolts 6, 12 or 24 (V)
   */
  public Label joined(int pieces, int systemVolts) {
    Check.within("pieces", pieces, 1, 8, "");
    if (pieces == 1) {
      return this;
    }
    boolean series = build.nominalVolts() * pieces == systemVolts;
    double along = series ? 1 : pieces;
    double exponent = chemistry.typicalLabel().peukertExponent();
    CaseSize both =
        new CaseSize(size.lengthMm(), Math.min(1000, pieces * size.widthMm()), size.heightMm());
    return new Label(
        pieces + " × " + name,
        chemistry,
        new CrankingRating(Math.min(3000, along * cranking.amps()), cranking.test()),
        capacityAh.map(given -> along(given, along)),
        reserveMinutes.map(given -> along(given, series ? 1 : Math.pow(pieces, exponent))),
        massKg.map(given -> along(given, pieces)),
        both,
        positiveSide,
        hasPrice() ? Given.derived(pieces * price.value(), Unit.MONEY, "pieces together") : price,
        series ? new Build(systemVolts, build.terminal(), build.purpose(), build.word()) : build,
        sheet);
  }

  /** How far its ampere-hours may be off, whoever says so (1). */
  public double capacitySigma() {
    return Math.hypot(Spread.capacity(capacity()).sigma(), build.word().sigma());
  }

  private static Given along(Given one, double factor) {
    return Given.derived(one.value() * factor, one.unit(), "pieces together");
  }

  /** Refuses what no label says. */
  public Label {
    Check.filled("name", name);
    capacityAh.ifPresent(given -> CAPACITY.check(given.value()));
    reserveMinutes.ifPresent(given -> RESERVE.check(given.value()));
    massKg.ifPresent(given -> MASS.check(given.value()));
    Check.within("price", price.value(), 0, 100000, "");
  }

  /**
   * Capacity at the 20-hour rate (Ah): printed, or restated from the rate it is printed at, else
   * from reserve capacity, mass or cranking.
   */
  public Given capacity() {
    return printedAtTwentyHours()
        .map(this::believed)
        .or(
            () ->
                reserveMinutes.map(
                    minutes ->
                        Given.assumed(
                            minutes.value()
                                * 25
                                / 60
                                * (chemistry.isLead()
                                    ? TWENTY_HOUR_OVER_RESERVE
                                    : LITHIUM_OVER_RESERVE),
                            Unit.AMPERE_HOUR,
                            "from the reserve capacity; the label states no Ah")))
        .or(
            () ->
                massKg.map(
                    mass ->
                        Given.assumed(
                            mass.value()
                                * chemistry.typicalLabel().ampHoursPerKg()
                                / build.series(),
                            Unit.AMPERE_HOUR,
                            "from the mass; the label states no Ah")))
        .orElseGet(
            () ->
                Given.assumed(
                    cranking.amps() / chemistry.typicalLabel().ccaPerAmpHour(),
                    Unit.AMPERE_HOUR,
                    "from the cranking rating; the label states neither Ah, RC nor mass"));
  }

  /** The printed ampere-hours at the 20-hour rate, before they are doubted (Ah). */
  Optional<Given> printedAtTwentyHours() {
    return capacityAh.map(this::atTwentyHours);
  }

  /** Every cranking rating that is printed, the first one first. */
  public List<CrankingRating> printedRatings() {
    List<CrankingRating> all = new ArrayList<>(sheet.otherRatings());
    all.add(0, cranking);
    return all;
  }

  /** Mass (kg): printed, else from the capacity usual for the chemistry. */
  public Given mass() {
    return massKg.orElseGet(
        () ->
            Given.assumed(
                capacity().value() * build.series() / chemistry.typicalLabel().ampHoursPerKg(),
                Unit.KILOGRAM,
                "from capacity and chemistry; the label states no mass"));
  }

  /** Lithium and sodium ampere-hours as far as the mass lets them be believed. */
  private Given believed(Given printed) {
    if (chemistry.isLead() || massKg.isEmpty()) {
      return printed;
    }
    BelievedCapacity believed =
        BelievedCapacity.of(chemistry, printed.value(), massKg.get().value() / build.series());
    return believed.leadEquivalent() < SURE
        ? printed
        : Given.assumed(
            believed.ampHours(),
            Unit.AMPERE_HOUR,
            "the printed figure is more than its mass is likely to hold");
  }

  private Given atTwentyHours(Given printed) {
    if (sheet.capacityHours() == CAPACITY_HOURS) {
      return printed;
    }
    return sheet
        .twentyHourAmpHours()
        .map(ampHours -> Given.label(ampHours, Unit.AMPERE_HOUR))
        .orElseGet(
            () ->
                Given.derived(
                    HourRate.restate(
                        printed.value(),
                        sheet.capacityHours(),
                        CAPACITY_HOURS,
                        peukertExponent(printed.value())),
                    Unit.AMPERE_HOUR,
                    "restated from its own hour rate"));
  }

  /** From a second printed point where there is one, else as usual for the chemistry (1). */
  private double peukertExponent(double printedAh) {
    return sheet.discharges().stream()
        .filter(point -> point.hours() != sheet.capacityHours())
        .filter(point -> Math.abs(Math.log(point.hours() / CAPACITY_HOURS)) <= NEARBY)
        .map(
            point ->
                HourRate.exponent(
                    printedAh, sheet.capacityHours(), point.ampHours(), point.hours()))
        .filter(exponent -> exponent >= 1 && exponent <= 2)
        .findFirst()
        .orElse(chemistry.typicalLabel().peukertExponent());
  }
}
