package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.fermix.core.bench.CandidateCurves.Kind;
import org.fermix.core.bench.CandidateCurves.Point;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.cost.Ownership;
import org.fermix.core.cost.Renewals;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Equation;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Reach;
import org.fermix.core.quantity.Remark;
import org.fermix.core.quantity.Spread;
import org.fermix.core.quantity.Term;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.Working;

/** How long does it last, and what does that cost? */
final class MoneyOutcomes implements OutcomeFamily {
  private static final Equation LIFE =
      new Equation(
          "life",
          "1/L = 1/L(T) + Σ nᵢ/N(Dᵢ) + (capacity lost to sulfation)/0.4;  L(T) = L₂₅·2^((25 − T)/d);"
              + "  N(D) = N₁·D^−p",
          "Arrhenius' rule of thumb for heat, Miner's sum for cycles; figures: common practice"
              + " and estimate.",
          "rough: not abused");
  private static final Equation LASTS =
      new Equation(
          "lasts",
          "R(t) = mean over lives ℓ > t of Φ(z(t/ℓ)),  z(x) = z₀ − (z₀ − z₁)·x^1.7;  R = one half",
          "its lives as a logarithmic normal law, its margin worn as its health; estimate.",
          "what is asked stays what it is");
  private static final Equation COST =
      new Equation(
          "cost",
          "cost per year = price · N(H) / H,  N = 1 + expected renewals within H years",
          "renewal theory: the first life by Weibull's law, sums of lives as normal; undiscounted",
          "the last battery goes with the machine, long- and short-lived alike");
  private static final Equation PER_AMP_HOUR =
      new Equation(
          "cost-per-ampere-hour",
          "price / (C · depth · cycles at that depth)",
          "arithmetic on the cycle life",
          "used up by cycling alone");

  /** No life is drawn shorter (y). */
  private static final double LEAST_LIFE = 0.25;

  private final InConditions in;

  MoneyOutcomes(InConditions in) {
    this.in = in;
  }

  @Override
  public void figures(Map<Outcome, Figure> into) {
    into.put(Outcome.LASTS, lasts());
    into.put(
        Outcome.LIFE, Figure.of(in.life().years(), Unit.YEAR, in.life().band(), this::lifeWorking));
    if (in.candidate().isToday() || !in.candidate().hasPrice()) {
      return;
    }
    into.put(Outcome.COST_PER_YEAR, costPerYear());
    if (in.conditions().hasEngineOffLoad()) {
      into.put(Outcome.COST_PER_AMP_HOUR, costPerAmpHour());
    }
  }

  @Override
  public void curves(Set<Kind> asked, Map<Kind, List<Point>> into) {
    if (in.candidate().isToday() || !in.candidate().hasPrice()) {
      return;
    }
    if (asked.contains(Kind.MONEY_STEPS)) {
      into.put(Kind.MONEY_STEPS, steps());
    }
    if (asked.contains(Kind.MONEY)) {
      Ownership ownership = BenchCandidate.ownership(in);
      into.put(
          Kind.MONEY,
          OutcomeFamily.over(
              0, ownership.yearsKept(), year -> ownership.spentBy(year) + beside(year)));
    }
  }

  /** Each battery bought again at its likely life: corners of the steps. */
  private List<Point> steps() {
    double kept = in.need().use().yearsKept().value();
    List<InConditions> all = new ArrayList<>();
    all.add(in);
    in.others().forEach(other -> all.add(other.in()));
    TreeMap<Double, Double> bought = new TreeMap<>();
    bought.put(0.0, in.partsPrice());
    for (InConditions each : all) {
      double life = Math.max(LEAST_LIFE, renewedAfter(each));
      for (double year = 0; year < kept; year += life) {
        bought.merge(year, each.label().price().value(), Double::sum);
      }
    }
    List<Point> corners = new ArrayList<>();
    double spent = 0;
    for (var purchase : bought.entrySet()) {
      if (!corners.isEmpty()) {
        corners.add(new Point(purchase.getKey(), spent));
      }
      spent += purchase.getValue();
      corners.add(new Point(purchase.getKey(), spent));
    }
    corners.add(new Point(kept, spent));
    return List.copyOf(corners);
  }

  /** What stands beside it and its parts have cost by a year. */
  private double beside(double year) {
    return in.partsPrice()
        + in.others().stream()
            .mapToDouble(each -> BenchCandidate.ownership(each.in()).spentBy(year))
            .sum();
  }

  private Figure costPerYear() {
    Ownership ownership = BenchCandidate.ownership(in);
    double price = Math.exp(Band.SIGMAS * Spread.PRICE.sigma());
    Lasting lasting = in.lasting().get();
    Band lasts = lasting.band();
    Band band =
        new Band(
            lasting(ownership, lasting.renewedAfter(lasts.high())).perYear() / price,
            lasting(ownership, lasting.renewedAfter(lasts.low())).perYear() * price);
    double beside = in.besideCostPerYear();
    return Figure.of(
        ownership.perYear() + beside,
        Unit.MONEY_PER_YEAR,
        new Band(band.low() + beside / price, band.high() + beside * price),
        () -> costWorking(ownership, beside));
  }

  private static Ownership lasting(Ownership ownership, double years) {
    return new Ownership(
        ownership.price(),
        ownership.extras(),
        new Renewals(years, ownership.lives().shape(), 0),
        ownership.yearsKept(),
        ownership.discountPerYear(),
        ownership.rest());
  }

  private static double renewedAfter(InConditions each) {
    return each.lasting().get().renewedAfter(each.lasting().get().years());
  }

  /** The first of its batteries that no longer does what is asked ends it. */
  private Figure lasts() {
    Lasting own = in.lasting().get();
    Lasting first =
        in.others().stream()
            .map(other -> other.in().lasting().get())
            .reduce(own, (a, b) -> b.years() < a.years() ? b : a);
    double years = first.years();
    return Figure.of(
        years,
        Unit.YEAR,
        first.band(),
        years <= 0 ? Reach.NEVER : Reach.AT,
        () ->
            new Working(
                LASTS,
                List.of(
                    Term.derived("z₀, how surely it does when new", first.whenNew(), Unit.COUNT),
                    Term.derived("z₁, at the end of its life", first.atEnd(), Unit.COUNT),
                    Term.derived("L, expected life", first.lifeYears(), Unit.YEAR),
                    Term.derived("in service by now", first.ageYears(), Unit.YEAR),
                    Term.derived(
                        "chance that it does so today", 100 * first.chanceAfter(0), Unit.CHANCE),
                    Term.derived("in a year’s time", 100 * first.chanceAfter(1), Unit.CHANCE)),
                Remark.of(Remark.Code.LIFE_BAND),
                List.of()));
  }

  private Figure costPerAmpHour() {
    double depth = depth();
    double cycles = Cycling.of(in.label(), Plates.STANDARD).cyclesAt(depth);
    double capacity = in.label().capacity().value();
    double cost = Ownership.perAmpHourCycled(in.label().price().value(), capacity, depth, cycles);
    return Figure.of(
        cost,
        Unit.MONEY_PER_AMP_HOUR,
        Band.ratio(cost, Spread.LIFE.sigma()),
        () ->
            new Working(
                PER_AMP_HOUR,
                List.of(
                    new Term("price", in.label().price()),
                    new Term("C, capacity", in.label().capacity()),
                    Term.derived("depth of each use", 100 * depth, Unit.PER_CENT),
                    Term.derived("cycles at that depth", cycles, Unit.COUNT)),
                Remark.of(Remark.Code.CYCLE_LIFE_BAND),
                List.of()));
  }

  private double depth() {
    double used = in.conditions().engineOffAmps() * in.conditions().engineOffHours();
    double usable = in.usableDepth();
    return Math.max(0.01, Math.min(usable, used / in.label().capacity().value()));
  }

  private Working lifeWorking() {
    return new Working(
        LIFE,
        lifeTerms(),
        Remark.of(Remark.Code.LIFE_BAND),
        List.of(Remark.of(Remark.Code.WARRANTY_UNUSED)));
  }

  private Working costWorking(Ownership ownership, double beside) {
    List<Term> terms = new ArrayList<>();
    terms.add(new Term("price", in.label().price()));
    terms.add(new Term("H, years the machine is kept", in.need().use().yearsKept()));
    terms.add(Term.derived("how long it lasts", in.lasting().get().years(), Unit.YEAR));
    terms.add(Term.derived("N, batteries bought on average", ownership.purchases(), Unit.SHARE));
    if (beside > 0) {
      terms.add(Term.derived("house battery and parts, a year", beside, Unit.MONEY_PER_YEAR));
    }
    terms.addAll(lifeTerms());
    return new Working(
        COST,
        terms,
        Remark.of(Remark.Code.COST_BAND),
        List.of(Remark.of(Remark.Code.EXTRAS_NOT_COUNTED)));
  }

  private List<Term> lifeTerms() {
    List<Term> terms = new ArrayList<>();
    LifeEstimate life = in.life();
    terms.add(
        Term.derived(
            "mean battery temperature over the year", in.need().batteryMeanC(), Unit.CELSIUS));
    terms.add(new Term("starts a day", in.need().use().driving().startsPerDay()));
    terms.add(
        Term.derived(
            "depth of one start",
            100 * in.reached().startAmpHours() / in.label().capacity().value(),
            Unit.PER_CENT));
    List<Term> stops = new Terms(in).stops();
    terms.addAll(stops);
    if (!stops.isEmpty()) {
      terms.add(
          Term.table(
              "times its capacity that such small cycles take in a life",
              in.label().chemistry().life().microTurnovers(),
              Unit.SHARE,
              "common practice: EFB twice, AGM three times flooded"));
    }
    terms.add(Term.derived("calendar life L(T)", life.calendarYears(), Unit.YEAR));
    terms.add(
        Term.derived(
            "share of life used by cycles, a year", 100 * life.cyclingPerYear(), Unit.PER_CENT));
    terms.add(
        Term.derived(
            "share used by standing and driving undercharged, a year",
            100 * life.sulfationPerYear(),
            Unit.PER_CENT));
    in.need()
        .use()
        .history()
        .ifPresent(
            seen -> {
              terms.add(Term.derived("years each lasted here", seen.yearsEach(), Unit.YEAR));
              terms.add(
                  Term.derived("what that makes of it", 100 * life.historyFactor(), Unit.PER_CENT));
            });
    return terms;
  }
}
