package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.fermix.core.bench.CandidateCurves.Kind;
import org.fermix.core.bench.CandidateCurves.Point;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Equation;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Reach;
import org.fermix.core.quantity.Remark;
import org.fermix.core.quantity.Term;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.Working;
import org.fermix.core.reserve.DischargeLaw;
import org.fermix.core.reserve.EngineOff;

/** How long can things run with the engine off, and still start? */
final class EngineOffOutcomes implements OutcomeFamily {
  private static final Equation ENGINE_OFF =
      new Equation(
          "engine-off",
          "z = z₀ − I·t/Q;  Φ(start at z) ≥ four in five;  h₁ = z − (1 − c)·d(t) ≥ what nothing may"
              + " touch;  hours × what its ratings say of this current",
          "Two-well charge model: the surface lags behind the depth under load; the start is asked"
              + " of it rested. Reserve capacity, hour rates and discharge table correct it at their"
              + " own currents (Peukert's law piece by piece).",
          "steady load up to about one hour's rate");

  private final InConditions in;
  private final Terms terms;
  private final double amps;

  EngineOffOutcomes(InConditions in) {
    this.in = in;
    terms = new Terms(in);
    amps = in.conditions().engineOffAmps();
  }

  @Override
  public void figures(Map<Outcome, Figure> into) {
    if (amps > 0 && in.house().isEmpty()) {
      into.put(Outcome.ENGINE_OFF_HOURS, hours());
    }
    in.others().forEach(each -> each.figures(into));
  }

  @Override
  public void curves(Set<Kind> asked, Map<Kind, List<Point>> into) {
    if (in.house().isPresent()) {
      new EngineOffOutcomes(in.house().get().in()).curves(asked, into);
      return;
    }
    if (amps <= 0 || !asked.contains(Kind.ENGINE_OFF_VOLTS)) {
      return;
    }
    ChargeState from = ChargeState.rested(in.chargeReached(), in.conditions().temperatureC());
    double endVolts = in.policy().endVolts() * in.need().engine().series();
    double hours = EngineOff.hours(in.circuit(), from, amps, 0, endVolts);
    double factor = in.power().law().factor(amps);
    into.put(
        Kind.ENGINE_OFF_VOLTS,
        OutcomeFamily.over(
            0,
            hours * factor,
            hour -> EngineOff.volts(in.circuit(), from, amps, Math.min(hours, hour / factor))));
  }

  private Figure hours() {
    OffLoad load = OffLoad.of(in);
    double hours = in.engineOffHours(in.policy().startSureness());
    if (hours <= 0) {
      return Figure.of(
          0, Unit.HOUR, new Band(0, load.hours(-Band.SIGMAS)), Reach.NEVER, () -> working(load, 0));
    }
    return Figure.of(
        hours,
        Unit.HOUR,
        load.band(),
        hours >= EngineOff.LONGEST_HOURS ? Reach.AT_LEAST : Reach.AT,
        () -> working(load, hours));
  }

  private Working working(OffLoad load, double hours) {
    List<Term> all = new ArrayList<>();
    all.add(Term.derived("z₀, charge at the beginning", 100 * in.chargeReached(), Unit.PER_CENT));
    all.add(Term.derived("z, charge left then", 100 * load.chargeAfter(hours), Unit.PER_CENT));
    all.add(Term.derived("chance of a start from it", 100 * load.chanceAfter(hours), Unit.CHANCE));
    all.add(Term.derived("charge nothing may touch", 100 * in.chargeLeftAlone(), Unit.PER_CENT));
    all.add(
        Term.table(
            "usable depth by the school followed",
            100 * in.usableDepth(),
            Unit.PER_CENT,
            "common practice, disputed"));
    all.add(new Term("I, load", Given.typed(amps, Unit.AMPERE)));
    all.add(terms.temperature());
    all.add(new Term("capacity when new, 20-hour rate", in.label().capacity()));
    all.add(terms.health());
    all.add(
        Term.derived("Q, both wells together", in.circuit().capacityAmpHours(), Unit.AMPERE_HOUR));
    DischargeLaw law = in.power().law();
    for (DischargeLaw.Point point : law.points()) {
      all.add(
          new Term(
              switch (point.what()) {
                    case CAPACITY -> "printed capacity, at ";
                    case RESERVE -> "reserve capacity, at ";
                    case FURTHER -> "further rating, at ";
                  }
                  + Math.round(100 * point.rated().currentA()) / 100.0
                  + " A",
              Given.label(point.rated().ampHours(), Unit.AMPERE_HOUR)));
    }
    all.add(
        Term.derived(
            "hours against the circuit alone, at this load",
            100 * law.factor(amps),
            Unit.PER_CENT));
    List<Remark> remarks = new ArrayList<>(terms.remarks());
    if (!law.isBetween(amps)) {
      remarks.add(Remark.of(Remark.Code.OUTSIDE_RATINGS));
    }
    in.power()
        .protection()
        .ifPresent(
            each -> {
              if (amps > each.continuousA()) {
                remarks.add(Remark.of(Remark.Code.LOAD_ABOVE_PROTECTION));
              }
              if (each.hasReserve()) {
                remarks.add(Remark.of(Remark.Code.RESERVE_DISCONNECTS));
              }
            });
    return new Working(ENGINE_OFF, all, Remark.of(Remark.Code.ENGINE_OFF_BAND), remarks);
  }
}
