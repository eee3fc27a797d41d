package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.fermix.core.bench.CandidateCurves.Kind;
import org.fermix.core.bench.CandidateCurves.Point;
import org.fermix.core.charging.DailyBalance;
import org.fermix.core.chemistry.ChargingWindow;
import org.fermix.core.machine.Charging;
import org.fermix.core.machine.Driving;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Equation;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Remark;
import org.fermix.core.quantity.Spread;
import org.fermix.core.quantity.Term;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.Working;

/** Does it get full again in daily use? */
final class ChargingOutcomes implements OutcomeFamily {
  private static final Equation BALANCE =
      new Equation(
          "daily-balance",
          "η · min(I spare, C·(u/τ₁ + u²/τ₂)·s/f) · hours run = 24·I drain + starts·Ah + k·C·z,"
              + " u = 1 − z",
          "Acceptance with the shape of practice, its size fitted to the charge acceptance test of"
              + " IEC 60095-1 and EN 50342-1 (from memory). The battery maker's own sheet comes first.",
          "ordinary days of the coldest month");
  private static final double LOCKED_CHARGE = 0.3;
  private static final double FLAT = 0.04;
  private static final double HALF_FULL = 0.5;
  private static final int WEEK_DAYS = 7;
  private static final double MIDDAY = 0.5;
  private static final double MINUTES_PER_DAY = 1440;

  private final InConditions in;

  ChargingOutcomes(InConditions in) {
    this.in = in;
  }

  @Override
  public void figures(Map<Outcome, Figure> into) {
    double percent = 100 * in.chargeReached();
    double spread = 100 * Band.SIGMAS * Spread.CHARGE_REACHED.sigma();
    into.put(
        Outcome.CHARGE_REACHED,
        Figure.of(
            percent,
            Unit.PER_CENT,
            new Band(Math.max(0, percent - spread), Math.min(100, percent + spread)),
            this::working));
    double flat = in.reached().balance().daysUntilFlat(1, FLAT);
    if (Double.isFinite(flat)) {
      into.put(
          Outcome.FLAT_DAYS,
          Figure.of(flat, Unit.DAY, Band.ratio(flat, in.drainSigma()), this::working));
    }
  }

  @Override
  public void curves(Set<Kind> asked, Map<Kind, List<Point>> into) {
    if (asked.contains(Kind.FILLING)) {
      into.put(Kind.FILLING, week());
    }
  }

  /** A week from half: what each day takes, and what its running puts in at the middle of it. */
  private List<Point> week() {
    DailyBalance balance = in.reached().balance();
    double ampHours = in.label().capacity().value() * in.health();
    double runDays = in.need().use().driving().minutesPerDay() / MINUTES_PER_DAY;
    double charge = HALF_FULL;
    List<Point> points = new ArrayList<>();
    for (int day = 0; day < WEEK_DAYS; day++) {
      points.add(new Point(day, 100 * charge));
      double before = share(charge - 0.5 * balance.useAmpHours(charge) / ampHours);
      points.add(new Point(day + MIDDAY, 100 * before));
      double after = share(before + balance.gainAmpHours(charge) / ampHours);
      points.add(new Point(day + MIDDAY + Math.min(0.5, runDays), 100 * after));
      charge = share(after - 0.5 * balance.useAmpHours(charge) / ampHours);
    }
    points.add(new Point(WEEK_DAYS, 100 * charge));
    return List.copyOf(points);
  }

  private static double share(double charge) {
    return Math.max(0, Math.min(1, charge));
  }

  private Working working() {
    ChargingWindow window = in.label().chemistry().charging();
    Charging charging = in.need().charging();
    Driving driving = in.need().use().driving();
    DailyBalance balance = in.reached().balance();
    double charge = in.chargeReached();
    List<Term> all = new ArrayList<>();
    all.add(new Term("regulated voltage", charging.regulatedVolts()));
    all.add(new Term("current to spare at speed", charging.spareAmps()));
    all.add(new Term("current to spare at idle", charging.idleAmps()));
    all.add(new Term("starts a day", driving.startsPerDay()));
    all.add(new Term("minutes a trip", driving.tripMinutes()));
    all.addAll(new Terms(in).stops());
    all.add(Term.derived("battery while it is charged", in.reached().batteryC(), Unit.CELSIUS));
    all.add(Term.derived("one start takes", in.reached().startAmpHours(), Unit.AMPERE_HOUR));
    all.add(new Term("I drain", in.need().use().drainMilliamps()));
    all.add(Term.derived("put in on such a day", balance.gainAmpHours(charge), Unit.AMPERE_HOUR));
    all.add(Term.derived("taken out", balance.useAmpHours(charge), Unit.AMPERE_HOUR));
    all.add(Term.derived("where it would settle", 100 * balance.settles(), Unit.PER_CENT));
    all.add(Term.table("never above", window.neverExceedVolts(), Unit.VOLT, "common practice"));
    List<Remark> remarks = new ArrayList<>();
    if (!in.label().chemistry().isLead()
        && !in.label().sheet().heated()
        && charge < LOCKED_CHARGE
        && in.reached().batteryC() < in.label().chemistry().acceptance().coldestC()) {
      remarks.add(Remark.of(Remark.Code.TAKES_NO_CHARGE));
    } else if (charge < 0.5) {
      remarks.add(Remark.of(Remark.Code.DRIVES_TOO_SHORT));
    }
    return new Working(BALANCE, all, Remark.of(Remark.Code.CHARGE_REACHED_BAND), remarks);
  }
}
