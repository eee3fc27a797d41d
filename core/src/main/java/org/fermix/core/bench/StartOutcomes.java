package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.fermix.core.bench.CandidateCurves.Kind;
import org.fermix.core.bench.CandidateCurves.Point;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.CrankPoint;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.Protection;
import org.fermix.core.electrical.StartLimits;
import org.fermix.core.electrical.StartMargin;
import org.fermix.core.electrical.StartTransient;
import org.fermix.core.electrical.Tries;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Equation;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Normal;
import org.fermix.core.quantity.Reach;
import org.fermix.core.quantity.Remark;
import org.fermix.core.quantity.Term;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.Working;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;

/** Will it start on the coldest morning, how, and how often? */
final class StartOutcomes implements OutcomeFamily {
  private static final Equation START =
      new Equation(
          "start",
          "chance = Φ₂( ln(n / n needed)/σ₁, (V − V floor)/σ₂; ρ ), averaged over seven cases of"
              + " the charge left",
          "Balance of a geared direct-current starter with engine drag; the spreads σ come from the"
              + " model's own slopes over drag, starter, leads, temperature, speed needed and the"
              + " battery's resistance. Law of two normal variables: Drezner and Wesolowsky (1990).",
          "fuel, spark and compression in order; −30 to 40 °C");
  private static final Equation CRANKING =
      new Equation(
          "cranking",
          "0.85·kE·(I − I₀) = drag(n, T), with n = (V − I·(R leads + R winding) − brushes) / kE",
          "Starter in balance with engine drag; drag by class of engine, oil by Walther's equation"
              + " (ASTM D341). Engineering estimates, not measured here.",
          "−30 to 40 °C; colder answers are extrapolated");
  private static final Equation TRIES =
      new Equation(
          "tries",
          "5 s of cranking, 30 s of rest, again: each try warms the battery and takes its charge",
          "Two-well charge model with the battery's own losses as heat.",
          "the engine stays as cold as it was");
  private static final Equation STARTS_LEFT =
      new Equation(
          "starts-left",
          "starts = (z₀ − z₁)·C / (Ah of one start)",
          "arithmetic on the charge left and the lowest that still starts",
          "no charging between; the battery's own warming is left out");

  private static final ChanceSearch.Over TEMPERATURES =
      new ChanceSearch.Over(StartLimits.COLDEST_C, StartLimits.WARMEST_C, 0.12, 0.02, 0.1);

  private static final double NEAR_STALL = 0.5;
  private static final int MOST_TRIES = 6;
  private static final double LOWEST_TRIED_CHARGE = 0.02;
  private static final double COLDEST_CURVE_C = -40;
  private static final double WARMEST_CURVE_C = 30;
  private static final int CURVE_NODES = 15;
  private static final double SUREST = 8;
  private static final double START_SPACING_S = 0.006;

  /** The inrush is over so soon that a third of the points go to it; then every fourth moment. */
  private static final int INRUSH_POINTS = 21;

  private static final int LATER_EVERY = 4;

  private final InConditions in;
  private final Terms terms;
  private final Cranking cranking;
  private final double temperatureC;
  private final double days;
  private final double charge;
  private final Parked.Cases cases;

  StartOutcomes(InConditions in) {
    this.in = in;
    terms = new Terms(in);
    cranking = in.cranking();
    temperatureC = in.conditions().temperatureC();
    days = in.conditions().daysParked();
    charge = in.chargeAtStart();
    cases = in.cold().after(days);
  }

  @Override
  public void figures(Map<Outcome, Figure> into) {
    StartMargin margin = in.starts().cold().soaked().margin(Math.max(LOWEST_TRIED_CHARGE, charge));
    CrankPoint crank = cranking.crank(ChargeState.rested(charge, temperatureC));
    into.put(Outcome.START_FLOOR, floor(crank));
    into.put(Outcome.START_CHANCE, chance(crank));
    into.put(Outcome.START_CHARGE, startCharge());
    if (!in.need().engine().turns()) {
      return;
    }
    into.put(Outcome.FIRST_TRY, firstTry());
    into.put(Outcome.STARTS_LEFT, startsLeft(in.chargeReached()));
    in.power()
        .protection()
        .filter(Protection::hasReserve)
        .ifPresent(each -> into.put(Outcome.RESERVE_STARTS, startsLeft(each.reserveCharge())));
    into.put(Outcome.CRANKING_SPEED, speed(margin, crank));
    into.put(Outcome.CRANKING_VOLTS, volts(margin, crank));
  }

  @Override
  public void curves(Set<Kind> asked, Map<Kind, List<Point>> into) {
    if (asked.contains(Kind.START_CHANCE)) {
      into.put(Kind.START_CHANCE, chanceCurve());
    }
    if (!in.need().engine().turns()) {
      return;
    }
    ChargeState rested = ChargeState.rested(charge, temperatureC);
    if (asked.contains(Kind.START_VOLTS)) {
      trace(rested, into, Kind.START_VOLTS, Kind.START_AMPS, Kind.START_RPM);
    }
    if (asked.contains(Kind.THIRD_VOLTS)) {
      Tries tries = Tries.of(cranking, rested, in.power().protection(), 3);
      if (tries.tries().size() == 3) {
        ChargeState before = tries.tries().get(2).before();
        trace(before, into, Kind.THIRD_VOLTS, Kind.THIRD_AMPS, Kind.THIRD_RPM);
      }
    }
  }

  private void trace(
      ChargeState from, Map<Kind, List<Point>> into, Kind voltsKind, Kind ampsKind, Kind rpmKind) {
    double seconds =
        START_SPACING_S
            * (INRUSH_POINTS - 1 + LATER_EVERY * (CandidateCurves.POINTS - INRUSH_POINTS));
    StartTransient start = StartTransient.of(cranking, from, seconds, START_SPACING_S);
    List<Point> volts = new ArrayList<>(CandidateCurves.POINTS);
    List<Point> amps = new ArrayList<>(CandidateCurves.POINTS);
    List<Point> rpm = new ArrayList<>(CandidateCurves.POINTS);
    for (int i = 0; i < CandidateCurves.POINTS; i++) {
      int at = i < INRUSH_POINTS ? i : INRUSH_POINTS - 1 + LATER_EVERY * (i - INRUSH_POINTS + 1);
      StartTransient.Moment moment = start.trace().get(at);
      volts.add(new Point(moment.seconds(), moment.volts()));
      amps.add(new Point(moment.seconds(), moment.currentA()));
      rpm.add(new Point(moment.seconds(), moment.rpm()));
    }
    into.put(voltsKind, Collections.unmodifiableList(volts));
    into.put(ampsKind, Collections.unmodifiableList(amps));
    into.put(rpmKind, Collections.unmodifiableList(rpm));
  }

  /** Worked out every few kelvin; between them as a smooth line through the sureness. */
  private List<Point> chanceCurve() {
    double[] celsius = new double[CURVE_NODES];
    double[] sureness = new double[CURVE_NODES];
    for (int i = 0; i < CURVE_NODES; i++) {
      celsius[i] = COLDEST_CURVE_C + (WARMEST_CURVE_C - COLDEST_CURVE_C) * i / (CURVE_NODES - 1.0);
      sureness[i] = Math.max(-SUREST, Math.min(SUREST, Normal.inverse(chanceAt(celsius[i]))));
    }
    UnivariateFunction line = new AkimaSplineInterpolator().interpolate(celsius, sureness);
    return OutcomeFamily.over(
        COLDEST_CURVE_C, WARMEST_CURVE_C, each -> 100 * Normal.cumulative(line.value(each)));
  }

  /** Chance of a start at a temperature, after the days parked (1). */
  double chanceAt(double celsius) {
    return cases.chanceSmooth(
        cranking.soakedAt(celsius)::sureness, in.circuit().lowestTrustedCharge());
  }

  /** Chance of a start in the conditions (1). */
  double chance() {
    return cases.chance(in.starts().cold()::chance, in.starts().cold().lowest());
  }

  private Figure floor(CrankPoint crank) {
    ChanceSearch search = new ChanceSearch(this::chanceAt, TEMPERATURES);
    double asked = Normal.cumulative(in.policy().startSureness());
    OptionalDouble floor =
        cases.most(in.circuit().lowestTrustedCharge()) < asked
            ? OptionalDouble.empty()
            : search.least(asked, temperatureC);
    if (floor.isEmpty()) {
      return Figure.of(
          StartLimits.WARMEST_C,
          Unit.CELSIUS,
          Band.exact(StartLimits.WARMEST_C),
          Reach.NEVER,
          () -> floorWorking(crank));
    }
    double cautious =
        search
            .least(Normal.cumulative(Band.SIGMAS), floor.getAsDouble())
            .orElse(StartLimits.WARMEST_C);
    double hopeful =
        search
            .least(Normal.cumulative(-Band.SIGMAS), floor.getAsDouble())
            .orElse(StartLimits.WARMEST_C);
    return Figure.of(
        floor.getAsDouble(),
        Unit.CELSIUS,
        new Band(hopeful, cautious),
        floor.getAsDouble() <= StartLimits.COLDEST_C ? Reach.AT_MOST : Reach.AT,
        () -> floorWorking(crank));
  }

  private Figure chance(CrankPoint crank) {
    double percent = 100 * chance();
    return Figure.of(percent, Unit.CHANCE, Band.exact(percent), () -> chanceWorking(crank));
  }

  private Figure firstTry() {
    Tries tries =
        Tries.untilItStarts(
            cranking,
            ChargeState.rested(charge, temperatureC),
            in.power().protection(),
            MOST_TRIES);
    var first = tries.firstThatStarts();
    double value = first.isPresent() ? first.get() : MOST_TRIES;
    return Figure.of(
        value,
        Unit.COUNT,
        Band.exact(value),
        first.isPresent() ? Reach.AT : Reach.NEVER,
        () -> triesWorking(tries));
  }

  private Figure startsLeft(double fromCharge) {
    double capacity = in.circuit().capacityAmpHours();
    OptionalDouble lowest = in.starts().cold().lowestCharge(in.policy().startSureness());
    double middle = 0.5 * (fromCharge + lowest.orElse(fromCharge));
    double perStart =
        cranking.ampHoursPerStart(
            cranking.crank(ChargeState.rested(middle, temperatureC)), temperatureC);
    double starts = starts(fromCharge, lowest, perStart, capacity);
    Band band =
        new Band(
            starts(fromCharge, in.starts().cold().lowestCharge(Band.SIGMAS), perStart, capacity),
            starts(fromCharge, in.starts().cold().lowestCharge(-Band.SIGMAS), perStart, capacity));
    return Figure.of(
        starts,
        Unit.COUNT,
        band,
        lowest.isEmpty() ? Reach.NEVER : Reach.AT,
        () ->
            new Working(
                STARTS_LEFT,
                List.of(
                    Term.derived("z₀, charge to begin with", 100 * fromCharge, Unit.PER_CENT),
                    Term.derived(
                        "z₁, lowest charge that starts", 100 * lowest.orElse(1), Unit.PER_CENT),
                    Term.derived("C, capacity now", capacity, Unit.AMPERE_HOUR),
                    Term.derived("one start takes", perStart, Unit.AMPERE_HOUR),
                    terms.temperature()),
                Remark.of(Remark.Code.STARTS_LEFT_BAND),
                terms.remarks()));
  }

  private static double starts(
      double fromCharge, OptionalDouble lowest, double perStart, double capacity) {
    return lowest.isEmpty()
        ? 0
        : Math.floor(
            Math.max(0, fromCharge - lowest.getAsDouble()) * capacity / Math.max(1e-4, perStart));
  }

  private Figure speed(StartMargin margin, CrankPoint crank) {
    double parked = 0.5 * Math.abs(rpmAt(1) - rpmAt(-1));
    double sigma = Math.hypot(margin.rpmSigma(), parked);
    // Near a stall the spread is no longer a share of the speed.
    Band band =
        sigma < NEAR_STALL * crank.rpm()
            ? Band.ratio(crank.rpm(), sigma / crank.rpm())
            : new Band(
                Math.max(0, crank.rpm() - Band.SIGMAS * sigma), crank.rpm() + Band.SIGMAS * sigma);
    return Figure.of(crank.rpm(), Unit.RPM, band, () -> crankWorking(crank));
  }

  private Figure volts(StartMargin margin, CrankPoint crank) {
    double parked = 0.5 * Math.abs(voltsAt(1) - voltsAt(-1));
    double spread = Band.SIGMAS * Math.hypot(margin.voltsSigma(), parked);
    return Figure.of(
        crank.volts(),
        Unit.VOLT,
        new Band(Math.max(0, crank.volts() - spread), crank.volts() + spread),
        () -> crankWorking(crank));
  }

  private double rpmAt(double sigmas) {
    return pointAt(sigmas).rpm();
  }

  private double voltsAt(double sigmas) {
    return pointAt(sigmas).volts();
  }

  private CrankPoint pointAt(double sigmas) {
    double other = charge + sigmas * in.cold().chargeSigma(days);
    return cranking.crank(
        ChargeState.rested(Math.max(LOWEST_TRIED_CHARGE, Math.min(1, other)), temperatureC));
  }

  private Figure startCharge() {
    SurenessTable table = in.starts().cold();
    OptionalDouble lowest = table.lowestCharge(in.policy().startSureness());
    Reach reach =
        lowest.isEmpty()
            ? Reach.NEVER
            : lowest.getAsDouble() <= in.circuit().lowestTrustedCharge() ? Reach.AT_MOST : Reach.AT;
    return Figure.of(
        100 * lowest.orElse(1),
        Unit.PER_CENT,
        new Band(
            100 * table.lowestCharge(-Band.SIGMAS).orElse(1),
            100 * table.lowestCharge(Band.SIGMAS).orElse(1)),
        reach,
        this::startChargeWorking);
  }

  private Working floorWorking(CrankPoint crank) {
    List<Term> all = terms.circuit();
    all.addAll(terms.engine(temperatureC));
    all.add(Term.derived("charge after the days parked", 100 * charge, Unit.PER_CENT));
    all.add(Term.derived("speed at the bench's temperature", crank.rpm(), Unit.RPM));
    return new Working(START, all, Remark.of(Remark.Code.FLOOR_BAND), terms.remarks());
  }

  private Working chanceWorking(CrankPoint crank) {
    List<Term> all = crankTerms(crank);
    StartMargin margin = in.starts().cold().soaked().margin(Math.max(LOWEST_TRIED_CHARGE, charge));
    all.add(
        Term.derived("σ₁, spread of the speed margin", 100 * margin.speedSigma(), Unit.PER_CENT));
    all.add(Term.derived("σ₂, spread of the voltage", margin.voltsSigma(), Unit.VOLT));
    all.add(Term.derived("ρ, their correlation", margin.correlation(), Unit.SHARE));
    List<Remark> remarks = new ArrayList<>(terms.remarks());
    remarks.add(
        switch (margin.limit()) {
          case SPEED -> Remark.of(Remark.Code.SPEED_DECIDES);
          case VOLTS -> Remark.of(Remark.Code.VOLTS_DECIDE);
          case CURRENT -> Remark.of(Remark.Code.CURRENT_DECIDES);
        });
    if (in.cold().freezesFirst(days)) {
      remarks.add(Remark.of(Remark.Code.MAY_HAVE_FROZEN));
    }
    StartTransient start = StartTransient.of(cranking, ChargeState.rested(charge, temperatureC), 2);
    if (start.hesitates()) {
      remarks.add(Remark.of(Remark.Code.HESITATES, start.firstTurnS().orElse(0), Unit.SECOND));
    }
    return new Working(START, all, Remark.of(Remark.Code.CHANCE_BAND), remarks);
  }

  private Working crankWorking(CrankPoint crank) {
    return new Working(
        CRANKING, crankTerms(crank), Remark.of(Remark.Code.CRANK_BAND), terms.remarks());
  }

  private List<Term> crankTerms(CrankPoint crank) {
    List<Term> all = terms.circuit();
    all.addAll(terms.engine(temperatureC));
    all.add(terms.temperature());
    all.add(Term.derived("charge", 100 * charge, Unit.PER_CENT));
    all.add(
        Term.derived(
            "rested voltage",
            in.circuit().restVolts(ChargeState.rested(charge, temperatureC)),
            Unit.VOLT));
    all.addAll(terms.crank(crank, cranking));
    return all;
  }

  private Working startChargeWorking() {
    List<Term> all = terms.circuit();
    all.addAll(terms.engine(temperatureC));
    all.add(terms.temperature());
    return new Working(START, all, Remark.of(Remark.Code.START_CHARGE_BAND), terms.remarks());
  }

  private Working triesWorking(Tries tries) {
    List<Term> all = new ArrayList<>();
    all.add(terms.temperature());
    all.add(Term.derived("charge before the first", 100 * charge, Unit.PER_CENT));
    all.add(Term.derived("n needed", in.need().engine().fireRpm(temperatureC), Unit.RPM));
    for (int i = 0; i < tries.tries().size(); i++) {
      Tries.Try each = tries.tries().get(i);
      all.add(Term.derived("speed at try " + (i + 1), each.point().rpm(), Unit.RPM));
      all.add(
          Term.derived(
              "battery before try " + (i + 1), each.before().temperatureC(), Unit.CELSIUS));
    }
    all.add(Term.derived("until then", tries.minutesToStart(), Unit.MINUTE));
    List<Remark> remarks = new ArrayList<>(terms.remarks());
    tries.tries().stream()
        .map(each -> opens(each.opens()))
        .flatMap(Optional::stream)
        .findFirst()
        .ifPresent(remarks::add);
    return new Working(TRIES, all, Remark.of(Remark.Code.TRIES_BAND), remarks);
  }

  private static Optional<Remark> opens(Protection.Cause cause) {
    return switch (cause) {
      case LOW_VOLTS -> Optional.of(Remark.of(Remark.Code.OPENS_LOW_VOLTS));
      case LOW_CHARGE -> Optional.of(Remark.of(Remark.Code.OPENS_LOW_CHARGE));
      case HIGH_CURRENT -> Optional.of(Remark.of(Remark.Code.OPENS_HIGH_CURRENT));
      case NONE -> Optional.empty();
    };
  }
}
