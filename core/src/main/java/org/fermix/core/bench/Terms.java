package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.electrical.CrankPoint;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.StopStart;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Origin;
import org.fermix.core.quantity.Remark;
import org.fermix.core.quantity.Term;
import org.fermix.core.quantity.Unit;

/** Inputs that the workings of several outcomes share. */
record Terms(InConditions in) {
  List<Term> circuit() {
    List<Term> terms = new ArrayList<>();
    Label label = in.label();
    terms.add(
        new Term(
            label.cranking().test().label() + " rating",
            Given.label(label.cranking().amps(), Unit.AMPERE)));
    terms.add(new Term("capacity, 20-hour rate", label.capacity()));
    terms.add(new Term("mass", label.mass()));
    terms.add(strength());
    terms.add(
        Term.derived(
            "R₂₅, solved from the rating, worn",
            1000 * in.circuit().resistanceOhm(),
            Unit.MILLIOHM));
    terms.add(
        Term.derived(
            "spread of that resistance", 100 * in.circuit().resistanceSigma(), Unit.PER_CENT));
    return terms;
  }

  /** What stops at lights take; nothing where nobody has said that it makes them. */
  List<Term> stops() {
    StopStart stops = in.need().use().driving().stopStart();
    return stops.isSaid()
        ? List.of(
            new Term("restarts at lights a day", stops.restartsPerDay()),
            new Term("I while stopped", stops.stoppedAmps()),
            new Term("minutes of one stop", StopStart.STOP_MINUTES),
            new Term("a warm restart, of one start", StopStart.WARM_PER_CENT),
            Term.derived(
                "stops and restarts take, a day",
                stops.ampHoursPerDay(in.reached().startAmpHours()),
                Unit.AMPERE_HOUR))
        : List.of();
  }

  List<Term> engine(double temperatureC) {
    Engine engine = in.need().engine();
    List<Term> terms = new ArrayList<>();
    terms.add(new Term(engine.engineClass().name() + ", displacement", engine.displacement()));
    terms.add(new Term("starter power", engine.starterPower()));
    terms.add(new Term("lead resistance", engine.leadResistance()));
    if (engine.isFitted()) {
      terms.add(fitted("drag against its class", engine.departure().drag()));
      terms.add(
          fitted("starter’s counter-voltage against its class", engine.departure().counterVolts()));
      terms.add(fitted("spread left of its class", engine.departure().spreadLeft()));
    }
    terms.add(
        Term.derived(
            "drag at the speed needed",
            engine.dragAt(temperatureC).torque(engine.fireRpm(temperatureC)),
            Unit.NEWTON_METRE));
    terms.add(Term.derived("n needed", engine.fireRpm(temperatureC), Unit.RPM));
    return terms;
  }

  private static Term fitted(String meaning, double share) {
    return new Term(
        meaning, Given.derived(100 * share, Unit.PER_CENT, "fitted from a recorded start"));
  }

  /** Points on the way to how it cranks. */
  List<Term> crank(CrankPoint crank, Cranking cranking) {
    return List.of(
        Term.derived("I, starter current", crank.currentA(), Unit.AMPERE),
        Term.derived("V at the terminals", crank.volts(), Unit.VOLT),
        Term.derived("V floor", cranking.voltageFloor(), Unit.VOLT),
        Term.derived("n, cranking speed", crank.rpm(), Unit.RPM),
        Term.derived(
            "seconds to fire",
            cranking.secondsToFire(crank, in.conditions().temperatureC()),
            Unit.SECOND));
  }

  Term temperature() {
    return temperature("temperature of battery and engine", in.conditions().temperatureC());
  }

  static Term temperature(String meaning, double celsius) {
    return new Term(
        meaning, new Given(celsius, Unit.CELSIUS, Origin.TYPED, "the bench's condition"));
  }

  /** What its strength for a start rests on: a test, else its capacity. */
  private Term strength() {
    return in.candidate()
        .tested()
        .crankingShare()
        .map(
            share ->
                new Term("share of its rating measured", Given.typed(100 * share, Unit.PER_CENT)))
        .orElseGet(this::health);
  }

  /** The capacity left, and what says so. */
  Term health() {
    double percent = 100 * in.health();
    double years = in.aged().years();
    if (in.candidate().tested().capacityShare().isPresent()) {
      return new Term(
          "share of its capacity measured" + (in.isAgedOn() ? ", aged on" : ""),
          in.isAgedOn()
              ? Given.derived(percent, Unit.PER_CENT, "from the run and the years since")
              : Given.typed(percent, Unit.PER_CENT));
    }
    return years == 0
        ? new Term("health", Given.derived(percent, Unit.PER_CENT, "new"))
        : new Term(
            "health after " + Math.round(10 * years) / 10.0 + " years",
            Given.assumed(percent, Unit.PER_CENT, "from age alone; a measurement would settle it"));
  }

  List<Remark> remarks() {
    List<Remark> remarks = new ArrayList<>();
    CredibleRating believed = CredibleRating.of(in.label());
    if (!believed.asPrinted()) {
      remarks.add(
          Remark.of(Remark.Code.RATING_NOT_BELIEVED, believed.rating().amps(), Unit.AMPERE));
    }
    if (in.conditions().temperatureC() < Cranking.COLDEST_TRUSTED_C) {
      remarks.add(
          Remark.of(Remark.Code.DRAG_EXTRAPOLATED, Cranking.COLDEST_TRUSTED_C, Unit.CELSIUS));
    }
    return remarks;
  }
}
