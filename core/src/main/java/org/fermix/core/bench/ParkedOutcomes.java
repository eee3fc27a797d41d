package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.fermix.core.bench.CandidateCurves.Kind;
import org.fermix.core.bench.CandidateCurves.Point;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.Stand;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Equation;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Normal;
import org.fermix.core.quantity.Reach;
import org.fermix.core.quantity.Remark;
import org.fermix.core.quantity.Spread;
import org.fermix.core.quantity.Term;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.Working;
import org.fermix.core.storage.Parking;
import org.fermix.core.storage.Storage;

/** How long can it sit through the months of its owner's year? */
final class ParkedOutcomes implements OutcomeFamily {
  private static final Equation PARKED =
      new Equation(
          "parked",
          "dz/dt = −k·z − p month by month,  p = 24·I / C;  days until Φ(start) · Φ(not frozen),"
              + " averaged over seven cases of the losses, falls to four in five",
          "First-order self-discharge k, doubling every 10 K (13 K lithium), plus a steady drain."
              + " Rates: common practice. Freezing: handbook table.",
          "the monthly means of the place where it stands");

  private static final double HALF = 0.5;
  private static final double YEAR = 365;
  private static final double A_MOMENT = 1e-3;

  private final InConditions in;
  private final Parked parked;
  private final SurenessTable starts;
  private final ChanceSearch search;
  private final Terms terms;

  ParkedOutcomes(InConditions in) {
    this.in = in;
    parked = in.layUp();
    starts = in.starts().afterLayUp();
    // Over the logarithm of the days it is nearly straight; fewer days are surer. A maintainer
    // needs
    // a moment to count.
    search =
        new ChanceSearch(
            less -> parked.chance(Math.max(A_MOMENT, Math.exp(-less) - 1), starts),
            new ChanceSearch.Over(-Math.log(1 + parked.latest()), 0, 2, 0.1, 0.002));
    terms = new Terms(in);
  }

  @Override
  public void figures(Map<Outcome, Figure> into) {
    into.put(Outcome.PARKED_DAYS, parkedDays());
    into.put(Outcome.LAY_UP_CHANCE, layUpChance());
    into.put(Outcome.HALF_DAYS, days(parked.daysTo(HALF)));
    Storage storage = parked.storage();
    if (storage.chemistry().isLead()) {
      into.put(Outcome.DAMAGE_DAYS, days(parked.daysTo(Storage.SULFATION_CHARGE)));
    } else {
      in.power()
          .protection()
          .ifPresent(
              each -> into.put(Outcome.PROTECTION_DAYS, days(parked.daysTo(storage.cutCharge()))));
    }
    into.put(Outcome.LOST_DAYS, days(lostDays()));
  }

  private double lostDays() {
    return parked.lostAfter();
  }

  @Override
  public void curves(Set<Kind> asked, Map<Kind, List<Point>> into) {
    if (asked.contains(Kind.PARKED_CHARGE)) {
      into.put(Kind.PARKED_CHARGE, OutcomeFamily.over(0, YEAR, day -> 100 * parked.charge(day)));
    }
  }

  /** Days until it no longer starts (d); 0 where it does not at once. */
  double days() {
    return daysTo(in.policy().startSureness());
  }

  /**
   * Days after which it starts no surer than asked, in standard deviations (d): never more than are
   * told, nor than its life has left.
   */
  private double daysTo(double sureness) {
    return Math.min(daysByCharge(sureness), end());
  }

  private double end() {
    double left = in.life().years() - in.aged().years();
    return Math.min(Parking.LONGEST_TOLD_DAYS, Math.max(YEAR / 12, YEAR * left));
  }

  private double daysByCharge(double sureness) {
    OptionalDouble charge = starts.lowestCharge(sureness);
    double expected = charge.isEmpty() ? 0 : parked.daysTo(charge.getAsDouble());
    double guess = Math.max(-Math.log(1 + expected), -Math.log(1 + parked.latest()));
    OptionalDouble found = search.least(Normal.cumulative(sureness), guess);
    if (found.isEmpty()) {
      return 0;
    }
    boolean holds = found.getAsDouble() <= -Math.log(1 + parked.latest());
    return holds ? Parking.LONGEST_DAYS : Math.exp(-found.getAsDouble()) - 1;
  }

  Figure parkedDays() {
    double days = days();
    Band band = new Band(daysTo(Band.SIGMAS), daysTo(-Band.SIGMAS));
    return Figure.of(days, Unit.DAY, band, reach(days), () -> working(days));
  }

  /** The days without their band, where they stand beside others. */
  Figure daysOnly() {
    double days = days();
    return Figure.of(days, Unit.DAY, Band.exact(days), reach(days), () -> working(days));
  }

  private static Reach reach(double days) {
    return days <= 0 ? Reach.NEVER : days >= Parking.LONGEST_TOLD_DAYS ? Reach.AT_LEAST : Reach.AT;
  }

  private Figure layUpChance() {
    double days = in.conditions().layUpDays(in.need());
    double percent = 100 * parked.chance(days, starts);
    return Figure.of(percent, Unit.CHANCE, Band.exact(percent), () -> working(days));
  }

  private Figure days(double days) {
    return Figure.of(
        days,
        Unit.DAY,
        days >= Parking.LONGEST_DAYS ? Band.exact(days) : around(days),
        days >= Parking.LONGEST_DAYS ? Reach.AT_LEAST : Reach.AT,
        () -> working(days));
  }

  /** Losses within their spread. */
  private Band around(double days) {
    double drained = parked.storage().drawnShare();
    return Band.ratio(
        days, Math.hypot(drained * in.drainSigma(), (1 - drained) * Spread.SELF_DISCHARGE.sigma()));
  }

  private Working working(double days) {
    LongestLayUp rest = in.need().use().layUp();
    Parking first = parked.storage().first();
    OptionalDouble lowest = starts.lowestCharge(in.policy().startSureness());
    List<Term> all = new ArrayList<>();
    all.add(Term.derived("z₀, charge when parked", 100 * parked.fromCharge(), Unit.PER_CENT));
    all.add(Term.derived("lowest charge that still starts", 100 * lowest.orElse(1), Unit.PER_CENT));
    all.add(Terms.temperature("temperature of the start", in.conditions().layUpStartC(in.need())));
    all.add(new Term("month in which it is parked", rest.fromMonth()));
    all.add(
        Term.derived(
            "temperature there in that month",
            parked.storage().seasons().atDay(parked.storage().fromDay()),
            Unit.CELSIUS));
    all.add(new Term("mean of the coldest month", in.need().climate().winterMeanC()));
    all.add(new Term("mean of the warmest month", in.need().climate().summerMeanC()));
    all.add(new Term("I, drain with everything off", in.need().use().drainMilliamps()));
    all.add(
        Term.table(
            "own draw of its protection",
            in.label().chemistry().storage().ownDrawMilliamps(),
            Unit.MILLIAMPERE,
            "common practice"));
    all.add(new Term("C, capacity when new", in.label().capacity()));
    all.add(terms.health());
    all.add(
        Term.table(
            "self-discharge at 25 °C, a month",
            100 * in.label().chemistry().storage(parked.storage().plates()).lossPerMonth(),
            Unit.PER_CENT,
            "common practice"));
    all.add(
        Term.derived(
            "k, self-discharge there at the beginning, a day",
            100 * first.lossPerDay(),
            Unit.PER_CENT));
    all.add(Term.derived("p, drain, a day", 100 * first.drainPerDay(), Unit.PER_CENT));
    all.add(
        Term.derived("charge expected after these days", 100 * parked.charge(days), Unit.PER_CENT));
    return new Working(
        PARKED,
        all,
        Remark.of(
            in.need().use().drainMilliamps().isAssumed()
                ? Remark.Code.PARKED_BAND_DRAIN_ASSUMED
                : Remark.Code.PARKED_BAND),
        remarks(days, first, lowest));
  }

  private List<Remark> remarks(double days, Parking first, OptionalDouble lowest) {
    List<Remark> remarks = new ArrayList<>(terms.remarks());
    remarks.add(
        switch (in.conditions().stand().way()) {
          case CONNECTED ->
              Remark.at(Remark.Code.STANDS_CONNECTED, in.need().use().layUp().place().name());
          case NEGATIVE_OFF -> Remark.of(Remark.Code.STANDS_NEGATIVE_OFF);
          case MAINTAINED -> Remark.of(Remark.Code.STANDS_MAINTAINED);
          case TOPPED_UP ->
              Remark.of(Remark.Code.STANDS_TOPPED_UP, in.conditions().stand().weeks(), Unit.WEEK);
          case RESERVE_ARMED ->
              Remark.of(
                  in.cutCharge() > 0
                      ? Remark.Code.STANDS_RESERVE_ARMED
                      : Remark.Code.NO_RESERVE_TO_ARM);
        });
    if (parked.freezesFirst(days)) {
      remarks.add(Remark.of(Remark.Code.FROST_FIRST));
    }
    if (first.drainOutweighsSelfDischarge()
        && in.conditions().stand().way() != Stand.Way.MAINTAINED) {
      remarks.add(Remark.of(Remark.Code.DRAIN_OUTWEIGHS));
    }
    if (lowest.isEmpty()) {
      remarks.add(Remark.of(Remark.Code.NOT_EVEN_FULL));
    }
    return remarks;
  }
}
