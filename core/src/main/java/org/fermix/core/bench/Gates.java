package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.fermix.core.charging.ChargeTime;
import org.fermix.core.chemistry.ChargingWindow;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.fit.Fit;
import org.fermix.core.label.BelievedRatio;
import org.fermix.core.label.Label;
import org.fermix.core.label.Word;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Tray;
import org.fermix.core.permission.Property;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Spread;
import org.fermix.core.reserve.RatedCapacity;
import org.fermix.core.storage.ThermalLag;

/**
 * The gates of one label against one need; they do not depend on the conditions. The circuit is
 * asked for only where a gate needs it: of a catalogue most fail before.
 */
final class Gates {
  private static final double CLOSE_SHARE = 1.05;
  private static final double BESIDE_MM = 2;

  /** Nearer over its terminals they want a cover; common practice, no source (mm). */
  private static final double COVERED_MM = 12;

  /** Less than this over live terminals is a short circuit in waiting (mm); estimate. */
  private static final double LEAST_CLEARANCE_MM = 3;

  private static final double ORDINARY_CHARGE = 0.9;
  private static final double ORDINARY_C = 15;

  /** Half charged, driven so long in the coldest month, it comes to more or less (h). */
  private static final double LONG_DRIVE_HOURS = 8;

  private static final double HALF = 0.5;
  private static final double WARMED_C = 10;

  /** Comes to less: it gains nothing to speak of (1). */
  private static final double GAINS = 0.6;

  /** Comes to less: it stays below full (1). */
  private static final double FILLS = 0.85;

  /** Lithium iron phosphate's cells are balanced from (V of four; common practice, no source). */
  private static final double BALANCES_V = 14.2;

  private Gates() {}

  static List<GateResult> of(
      Need need, Policy policy, Label label, Supplier<BatteryCircuit> circuit) {
    return of(need, policy, label, circuit, Optional.empty());
  }

  /**
   * The same, beside the battery that is in the machine now.
   *
   * @param today its label: where no tray was measured its case counts as measured
   */
  static List<GateResult> of(
      Need need,
      Policy policy,
      Label label,
      Supplier<BatteryCircuit> circuit,
      Optional<Label> today) {
    List<GateResult> gates = new ArrayList<>();
    gates.add(fits(need, label, today));
    if (need.engine().turns() || !need.minimum().crankingAmps().isAssumed()) {
      gates.add(cranking(need, label, circuit));
    }
    gates.add(reserve(need, label, circuit));
    need.minimum()
        .ampHours()
        .ifPresent(
            asked -> {
              double found = label.capacity().value();
              gates.add(
                  GateResult.of(
                      Gate.MINIMUM_CAPACITY,
                      label.capacity().isAssumed() && found >= asked.value()
                          ? Mark.UNKNOWN
                          : mark(found, asked.value(), label),
                      Finding.Code.CAPACITY,
                      found,
                      asked.value()));
            });
    gates.add(charged(need, label));
    if (label.chemistry().protection().isPresent()) {
      gates.add(protection(label));
      gates.add(limits(need, label, circuit));
    }
    AllowedGate.of(need, label, circuit, today).ifPresent(gates::add);
    gates.addAll(WishGates.of(need, policy, label, List.copyOf(gates)));
    return gates;
  }

  /** Cases of one size differ by no more (mm); common practice, no source. */
  private static final double SAME_CASE_MM = 2;

  /** By the case that goes in now: one no larger goes in as well; of a larger nobody knows. */
  private static GateResult besideTodays(Label label, Optional<Label> today) {
    if (today.isEmpty()) {
      return GateResult.of(Gate.FITS, Mark.UNKNOWN, Finding.Code.TRAY_NOT_MEASURED, 0, 0);
    }
    Label now = today.get();
    double largerMm =
        Math.max(
            label.size().lengthMm() - now.size().lengthMm(),
            Math.max(
                label.size().widthMm() - now.size().widthMm(),
                label.size().heightMm() - now.size().heightMm()));
    if (largerMm > SAME_CASE_MM) {
      return GateResult.of(Gate.FITS, Mark.UNKNOWN, Finding.Code.LARGER_THAN_TODAYS, largerMm, 0);
    }
    return label.positiveSide() == now.positiveSide()
        ? GateResult.of(Gate.FITS, Mark.CLEARS, Finding.Code.AS_TODAYS, 0, 0)
        : GateResult.of(Gate.FITS, Mark.UNKNOWN, Finding.Code.OTHER_SIDE_THAN_TODAYS, 0, 0);
  }

  private static GateResult fits(Need need, Label label, Optional<Label> today) {
    int systemVolts = need.engine().nominalVolts();
    if (label.build().nominalVolts() != systemVolts) {
      return GateResult.of(
          Gate.FITS,
          Mark.FAILS,
          Finding.Code.WRONG_VOLTAGE,
          label.build().nominalVolts(),
          systemVolts);
    }
    if (need.tray().isEmpty()) {
      return besideTodays(label, today);
    }
    Fit fit = Fit.of(label, need.tray().get());
    List<Finding> findings = new ArrayList<>();
    tooLarge(findings, Finding.Code.TOO_LONG, fit.spareLengthMm());
    tooLarge(findings, Finding.Code.TOO_WIDE, fit.spareWidthMm());
    tooLarge(findings, Finding.Code.TOO_HIGH, fit.spareHeightMm());
    if (fit.spareHeightMm() >= 0 && fit.spareHeightMm() < LEAST_CLEARANCE_MM) {
      findings.add(new Finding(Finding.Code.NO_CLEARANCE, fit.spareHeightMm(), LEAST_CLEARANCE_MM));
    }
    Optional<Tray.Opening> wayIn = need.tray().get().wayIn();
    wayIn
        .map(opening -> opening.missesByMm(label.size()))
        .filter(missing -> missing > 0)
        .ifPresent(
            missing -> findings.add(new Finding(Finding.Code.WAY_IN_TOO_NARROW, missing, 0)));
    if (!fit.sideMatches()) {
      findings.add(new Finding(Finding.Code.WRONG_SIDE, 0, 0));
    }
    if (fit.terminals().match() == Fit.Terminals.Match.NONE) {
      findings.add(new Finding(Finding.Code.NO_ADAPTER, 0, 0));
    }
    if (!findings.isEmpty()) {
      return new GateResult(Gate.FITS, Mark.FAILS, findings);
    }
    if (wayIn.filter(opening -> !opening.passesUpright(label.size())).isPresent()
        && !label.chemistry().traits().sealed()) {
      return GateResult.of(Gate.FITS, Mark.CLOSE, Finding.Code.ONLY_TILTED, 0, 0);
    }
    if (fit.terminals().match() == Fit.Terminals.Match.WITH_ADAPTER) {
      return GateResult.of(Gate.FITS, Mark.CLOSE, Finding.Code.WANTS_ADAPTER, 0, 0);
    }
    if (fit.orientation() != Fit.Orientation.UPRIGHT) {
      return GateResult.of(Gate.FITS, Mark.CLOSE, turned(fit.orientation()), least(fit), 0);
    }
    if (fit.spareHeightMm() < COVERED_MM) {
      findings.add(new Finding(Finding.Code.COVER_TERMINALS, fit.spareHeightMm(), COVERED_MM));
    }
    if (fit.wantsSpacer()) {
      findings.add(new Finding(Finding.Code.WANTS_SPACER, fit.spareLengthMm(), fit.spareWidthMm()));
    }
    if (!findings.isEmpty()) {
      return new GateResult(
          Gate.FITS, fit.spareHeightMm() < COVERED_MM ? Mark.CLOSE : Mark.CLEARS, findings);
    }
    Mark mark =
        Math.min(fit.spareLengthMm(), fit.spareWidthMm()) < BESIDE_MM ? Mark.CLOSE : Mark.CLEARS;
    return GateResult.of(Gate.FITS, mark, Finding.Code.GOES_IN, least(fit), 0);
  }

  private static Finding.Code turned(Fit.Orientation orientation) {
    return switch (orientation) {
      case UPRIGHT -> Finding.Code.GOES_IN;
      case TURNED_ROUND -> Finding.Code.GOES_IN_TURNED;
      case ACROSS -> Finding.Code.GOES_IN_ACROSS;
      case LYING -> Finding.Code.GOES_IN_LYING;
    };
  }

  private static double least(Fit fit) {
    return Math.min(fit.spareLengthMm(), Math.min(fit.spareWidthMm(), fit.spareHeightMm()));
  }

  private static void tooLarge(List<Finding> findings, Finding.Code code, double spareMm) {
    if (spareMm < 0) {
      findings.add(new Finding(code, -spareMm, 0));
    }
  }

  /**
   * The maker's minimum against what is believed of the label. A label that follows no standard is
   * refused only where it falls short at its most, and passes only where it is enough at its least.
   */
  private static GateResult cranking(Need need, Label label, Supplier<BatteryCircuit> circuit) {
    Given asked = need.minimum().crankingAmps();
    CredibleRating believed = CredibleRating.of(label, circuit);
    double found = CredibleRating.by(need.minimum().test(), label, believed, circuit).amps();
    double needed = asked.value();
    if (asked.isAssumed()) {
      return cranking(
          found < needed ? Mark.CLOSE : Mark.CLEARS,
          Finding.Code.CRANKING_NOT_ASKED,
          found,
          needed);
    }
    if (!BelievedRatio.appliesTo(label.chemistry()) && label.build().word() == Word.PRINTED) {
      return cranking(mark(found, needed), Finding.Code.CRANKING, found, needed);
    }
    Band doubt = Band.ratio(found, believed.sigma());
    double least = believed.takenShare() * doubt.low();
    if (doubt.high() < needed) {
      return cranking(Mark.FAILS, Finding.Code.CRANKING_AT_MOST, doubt.high(), needed);
    }
    return least < needed
        ? cranking(Mark.UNKNOWN, Finding.Code.CRANKING_IN_DOUBT, found, needed)
        : cranking(Mark.CLEARS, Finding.Code.CRANKING, found, needed);
  }

  private static GateResult cranking(Mark mark, Finding.Code code, double found, double needed) {
    return GateResult.of(Gate.MINIMUM_CRANKING, mark, code, found, needed);
  }

  private static GateResult protection(Label label) {
    if (!label.sheet().kindStated()) {
      return protection(Mark.FAILS, Finding.Code.KIND_NOT_STATED);
    }
    if (label.sheet().protection().isStated()) {
      return protection(Mark.CLEARS, Finding.Code.PROTECTED);
    }
    return protection(
        Mark.FAILS,
        label.sheet().protection().builtIn().isPresent()
            ? Finding.Code.NO_PROTECTION
            : Finding.Code.PROTECTION_NOT_STATED);
  }

  private static GateResult protection(Mark mark, Finding.Code code) {
    return GateResult.of(Gate.PROTECTION, mark, code, 0, 0);
  }

  /** What it stands: a stated current bars it; usual temperatures of its kind are to be asked. */
  private static GateResult limits(Need need, Label label, Supplier<BatteryCircuit> circuit) {
    List<Finding> findings = new ArrayList<>();
    Mark mark = Mark.CLEARS;
    double hotC = need.hotDayC();
    double hottestC = label.chemistry().acceptance().hottestC();
    Optional<Double> statedHotC = label.sheet().lines().number(Property.HIGHEST_DISCHARGE_C);
    Optional<Double> statedColdC = label.sheet().lines().number(Property.LOWEST_DISCHARGE_C);
    if (hotC > hottestC && statedHotC.isEmpty()) {
      mark = Mark.CLOSE;
      findings.add(new Finding(Finding.Code.TOO_HOT_TO_CHARGE, hotC, hottestC));
    }
    double coldC = need.climate().coldestMorningC().value();
    double coldestC = label.chemistry().acceptance().dischargedFromC();
    if (coldC < coldestC && statedColdC.isEmpty()) {
      mark = Mark.UNKNOWN;
      findings.add(0, new Finding(Finding.Code.TOO_COLD_TO_DISCHARGE, coldC, coldestC));
    }
    // What its own maker states goes before what is usual of its kind.
    if (statedHotC.isPresent() && hotC > statedHotC.get()) {
      mark = Mark.FAILS;
      findings.add(0, new Finding(Finding.Code.ABOVE_STATED_HEAT, hotC, statedHotC.get()));
    }
    if (statedColdC.isPresent() && coldC < statedColdC.get()) {
      mark = Mark.FAILS;
      findings.add(0, new Finding(Finding.Code.BELOW_STATED_COLD, coldC, statedColdC.get()));
    }
    Optional<Double> passes = label.sheet().protection().crankingAmps().map(Given::value);
    if (passes.isPresent() && need.engine().turns()) {
      double wantsA =
          new Cranking(circuit.get(), need.engine(), Optional.empty())
              .crank(ChargeState.rested(ORDINARY_CHARGE, ORDINARY_C))
              .currentA();
      if (passes.get() < wantsA) {
        mark = Mark.FAILS;
        findings.add(0, new Finding(Finding.Code.STARTER_ABOVE_PROTECTION, passes.get(), wantsA));
      }
    }
    if (findings.isEmpty()) {
      findings.add(new Finding(Finding.Code.WITHIN_LIMITS, 0, 0));
    }
    return new GateResult(Gate.LIMITS, mark, findings);
  }

  private static GateResult reserve(Need need, Label label, Supplier<BatteryCircuit> circuit) {
    Optional<Given> asked = need.minimum().reserveMinutes();
    if (asked.isEmpty()) {
      return GateResult.of(Gate.MINIMUM_RESERVE, Mark.CLEARS, Finding.Code.RESERVE_NOT_ASKED, 0, 0);
    }
    double needed = asked.get().value();
    if (label.reserveMinutes().isEmpty()) {
      return GateResult.of(
          Gate.MINIMUM_RESERVE,
          Mark.UNKNOWN,
          Finding.Code.RESERVE_NOT_STATED,
          RatedCapacity.reserveMinutes(circuit.get()),
          needed);
    }
    double found = label.reserveMinutes().get().value();
    return GateResult.of(
        Gate.MINIMUM_RESERVE, mark(found, needed, label), Finding.Code.RESERVE, found, needed);
  }

  /** By another's word a figure near the minimum settles nothing. */
  private static Mark mark(double found, double needed, Label label) {
    double sigma = Band.SIGMAS * label.build().word().sigma();
    return Math.abs(Math.log(found / needed)) < sigma ? Mark.UNKNOWN : mark(found, needed);
  }

  private static Mark mark(double found, double needed) {
    if (found < needed) {
      return Mark.FAILS;
    }
    return found < needed * CLOSE_SHARE ? Mark.CLOSE : Mark.CLEARS;
  }

  /**
   * Lead is judged by the charge a winter's drive brings it to, since what it accepts follows its
   * temperature; what has a fixed window is judged by that window as well, the same one that is
   * drawn: it charges from one voltage and fills from another.
   */
  private static GateResult charged(Need need, Label label) {
    double volts = need.regulatedVolts().value();
    GateResult usual = charged(need, label, volts);
    if (!need.regulatedVolts().isAssumed() || usual.mark() == Mark.FAILS) {
      return usual;
    }
    // Nobody has measured it: what could fail within the usual is not settled.
    double doubt = need.engine().series() * Band.SIGMAS * Spread.REGULATED_VOLTS_ASSUMED.sigma();
    return List.of(volts - doubt, volts + doubt).stream()
        .map(each -> charged(need, label, each))
        .filter(each -> each.mark() == Mark.FAILS)
        .findFirst()
        .map(
            each ->
                charged(
                    Mark.UNKNOWN,
                    Finding.Code.VOLTS_NOT_MEASURED,
                    volts,
                    each.findings().get(0).needed()))
        .orElse(usual);
  }

  private static GateResult charged(Need need, Label label, double volts) {
    double series = need.engine().series();
    ChargingWindow window = label.chemistry().charging();
    if (volts > series * window.neverExceedVolts()) {
      return charged(
          Mark.FAILS, Finding.Code.VOLTS_TOO_HIGH, volts, series * window.neverExceedVolts());
    }
    double reached = reachedInWinter(need, label, volts / series);
    boolean byWindow = !label.chemistry().isLead();
    if (reached < GAINS || (byWindow && volts < series * window.chargesFromVolts())) {
      return charged(
          Mark.FAILS, Finding.Code.VOLTS_TOO_LOW, volts, series * window.chargesFromVolts());
    }
    if (reached < FILLS || (byWindow && volts < series * window.fullFromVolts())) {
      return charged(Mark.CLOSE, Finding.Code.VOLTS_PARTLY, volts, series * window.fullFromVolts());
    }
    if (volts > series * window.absorptionHighVolts()) {
      return charged(
          Mark.CLOSE,
          Finding.Code.VOLTS_ABOVE_WINDOW,
          volts,
          series * window.absorptionHighVolts());
    }
    return lockedInCold(need, label)
        ? charged(
            Mark.CLOSE,
            Finding.Code.LOCKED_IN_COLD,
            need.climate().winterMeanC().value(),
            label.chemistry().acceptance().coldestC())
        : filled(label, volts, series);
  }

  /** What a fixed window fills from may be too low to balance its cells. */
  private static GateResult filled(Label label, double volts, double series) {
    double balances = series * BALANCES_V;
    return label.chemistry().family() == Chemistry.Family.LITHIUM && volts < balances
        ? charged(Mark.CLEARS, Finding.Code.VOLTS_FULL_UNBALANCED, volts, balances)
        : charged(
            Mark.CLEARS,
            Finding.Code.VOLTS_FULL,
            volts,
            series * label.chemistry().charging().fullFromVolts());
  }

  /**
   * Charge that a long drive in the coldest month brings from half, at the battery's temperature
   * then (1): smooth in volts and degrees. What is locked by the cold is judged as warmed.
   */
  private static double reachedInWinter(Need need, Label label, double twelveVolts) {
    double aboutKg = Math.max(1, Math.rint(label.mass().value() / SAME_KG)) * SAME_KG;
    double batteryC =
        need.climate().winterMeanC().value()
            + ThermalLag.of(label.chemistry(), aboutKg, need.place()).meanDriveK(LONG_DRIVE_HOURS);
    if (IN_WINTER.size() > MOST_WINTERS) {
      IN_WINTER.clear();
    }
    return IN_WINTER.computeIfAbsent(
        new Winter(
            label.chemistry(),
            twelveVolts,
            label.chemistry().isLead() ? batteryC : Math.max(WARMED_C, batteryC)),
        winter ->
            ChargeTime.reached(
                winter.chemistry(), HALF, LONG_DRIVE_HOURS, winter.volts(), winter.batteryC()));
  }

  private record Winter(Chemistry chemistry, double volts, double batteryC) {}

  /** A long drive is the same to all of a chemistry and about a mass: dear, and asked of each. */
  private static final Map<Winter, Double> IN_WINTER = new ConcurrentHashMap<>();

  private static final int MOST_WINTERS = 4096;

  /** Masses so close warm alike (kg). */
  private static final double SAME_KG = 0.25;

  /** True where an unheated battery takes no charge in the coldest month it is used in. */
  private static boolean lockedInCold(Need need, Label label) {
    return !label.chemistry().isLead()
        && !label.sheet().heated()
        && need.climate().winterMeanC().value() < label.chemistry().acceptance().coldestC();
  }

  private static GateResult charged(Mark mark, Finding.Code code, double volts, double needed) {
    return GateResult.of(Gate.CHARGED, mark, code, volts, needed);
  }
}
