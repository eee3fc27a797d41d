package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.chemistry.ChargingWindow;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.CrankPoint;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Origin;
import org.fermix.core.quantity.Term;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.Working;
import org.fermix.core.reserve.Peukert;

/** Writes down how each outcome of one candidate was reached. Built only when asked for. */
record Workings(InConditions in) {
  Working startFloor(CrankPoint crank) {
    List<Term> terms = circuitTerms();
    terms.addAll(startTerms());
    terms.add(
        Term.derived("charge after the days parked", 100 * in.chargeAtStart(), Unit.PER_CENT));
    terms.add(Term.derived("speed at the bench's temperature", crank.rpm(), Unit.RPM));
    return new Working(
        Equations.START,
        terms,
        "The value is where four starts in five succeed (the lower edge of likely); the true floor lies"
            + " in the band eight times in ten.",
        remarks());
  }

  Working startChance(CrankPoint crank, Cranking cranking) {
    List<Term> terms = crankTerms(crank, cranking);
    return new Working(
        Equations.START,
        terms,
        "The chance itself carries the uncertainty of drag, starter, leads and rating.",
        remarks());
  }

  Working cranking(CrankPoint crank, Cranking cranking) {
    return new Working(
        Equations.CRANKING,
        crankTerms(crank, cranking),
        "Eight in ten within a factor 1.4 in speed and 0.5 V in voltage (engineering estimate).",
        remarks());
  }

  Working startCharge() {
    List<Term> terms = circuitTerms();
    terms.addAll(startTerms());
    terms.add(temperature());
    return new Working(
        Equations.START,
        terms,
        "The value keeps four starts in five; the true one lies in the band eight times in ten.",
        remarks());
  }

  Working parkedDays(OptionalDouble lowestCharge) {
    List<Term> terms = new ArrayList<>();
    terms.add(Term.derived("z₀, charge when parked", 100 * in.chargeReached(), Unit.PER_CENT));
    terms.add(
        Term.derived(
            "z₁, lowest charge that still starts", 100 * lowestCharge.orElse(1), Unit.PER_CENT));
    terms.add(temperature());
    terms.add(new Term("temperature while parked", in.need().climate().parkedC()));
    terms.add(new Term("I, drain with everything off", in.need().use().drainMilliamps()));
    terms.add(
        Term.table(
            "own draw of its protection",
            label().chemistry().storage().ownDrawMilliamps(),
            Unit.MILLIAMPERE,
            "common practice"));
    terms.add(new Term("C, capacity when new", label().capacity()));
    terms.add(health());
    terms.add(
        Term.table(
            "self-discharge at 25 °C, a month",
            100 * label().chemistry().storage().lossPerMonth(),
            Unit.PER_CENT,
            "common practice"));
    terms.add(
        Term.derived(
            "k, self-discharge where it is parked, a day",
            100 * in.parking().lossPerDay(),
            Unit.PER_CENT));
    terms.add(Term.derived("p, drain, a day", 100 * in.parking().drainPerDay(), Unit.PER_CENT));
    List<String> remarks = new ArrayList<>(remarks());
    if (in.parking().drainOutweighsSelfDischarge()) {
      remarks.add(
          "The machine's drain takes more than self-discharge does: fewer ampere-hours sit shorter,"
              + " whatever the chemistry.");
    }
    if (lowestCharge.isEmpty()) {
      remarks.add("It does not start at this temperature even when full, so no days can be given.");
    }
    return new Working(
        Equations.PARKED,
        terms,
        in.need().use().drainMilliamps().isAssumed()
            ? "Drain within a factor 1.6 (assumed, not measured), self-discharge within 1.4, and the"
                + " lowest charge that starts."
            : "Drain within a factor 1.15, self-discharge within 1.4, and the lowest charge that"
                + " starts.",
        remarks);
  }

  Working engineOff(double keptCharge, double hours) {
    List<Term> terms = new ArrayList<>();
    terms.add(Term.derived("z₀, charge at the beginning", 100 * in.chargeReached(), Unit.PER_CENT));
    terms.add(Term.derived("charge kept for the start", 100 * keptCharge, Unit.PER_CENT));
    terms.add(
        Term.table(
            "usable depth by the school followed",
            100 * label().chemistry().plausibility().usableDepth(),
            Unit.PER_CENT,
            "common practice, disputed"));
    terms.add(new Term("I, load", Given.typed(in.conditions().engineOffAmps(), Unit.AMPERE)));
    terms.add(temperature());
    terms.add(new Term("capacity when new", label().capacity()));
    terms.add(health());
    terms.add(
        Term.derived("Q, both wells together", in.circuit().capacityAmpHours(), Unit.AMPERE_HOUR));
    List<String> remarks = new ArrayList<>(remarks());
    peukertTerms(terms, remarks, keptCharge, hours);
    return new Working(
        Equations.ENGINE_OFF,
        terms,
        "Capacity, load and cold within 20 % (engineering estimate), and the lowest charge that starts.",
        remarks);
  }

  private void peukertTerms(
      List<Term> terms, List<String> remarks, double keptCharge, double hours) {
    if (label().capacityAh().isEmpty()
        || label().reserveMinutes().isEmpty()
        || !label().chemistry().isLead()
        || hours <= 0) {
      return;
    }
    Peukert peukert =
        Peukert.fromLabel(label().capacity().value(), label().reserveMinutes().get().value());
    if (in.conditions().engineOffAmps() < peukert.amps() || in.conditions().engineOffAmps() > 25) {
      remarks.add(
          "The load lies outside the two rated currents, so Peukert's law is not used beside this.");
      return;
    }
    double second =
        peukert.hoursAt(in.conditions().engineOffAmps())
            * Math.max(0, in.chargeReached() - keptCharge)
            * in.health();
    terms.add(
        Term.derived("Peukert exponent from the two ratings", peukert.exponent(), Unit.SHARE));
    terms.add(Term.derived("hours by Peukert's law, warm, for comparison", second, Unit.HOUR));
  }

  Working chargeReached() {
    ChargingWindow window = label().chemistry().charging();
    return new Working(
        Equations.CHARGE,
        List.of(
            new Term("regulated voltage", in.need().regulatedVolts()),
            Term.table("charges from", window.chargesFromVolts(), Unit.VOLT, "common practice"),
            Term.table("full from", window.fullFromVolts(), Unit.VOLT, "common practice"),
            Term.table("never above", window.neverExceedVolts(), Unit.VOLT, "common practice")),
        "Below the full voltage the charge reached is an estimate, within 10 points.",
        List.of("Short trips may leave it lower than this."));
  }

  Working mass() {
    return new Working(
        Equations.LABEL,
        List.of(new Term("mass", label().mass())),
        label().mass().isAssumed() ? "Within a quarter either way." : "As printed.",
        List.of());
  }

  Working life() {
    return new Working(
        Equations.LIFE,
        lifeTerms(),
        "Eight in ten within a factor 1.6; for lithium and sodium an extrapolation.",
        List.of("Warranty length is not used: it is a price policy, not a life expectancy."));
  }

  Working costPerYear() {
    List<Term> terms = new ArrayList<>();
    terms.add(new Term("price", label().price()));
    terms.add(new Term("years the machine is kept", in.need().use().yearsKept()));
    terms.add(Term.derived("expected life", in.life().years(), Unit.YEAR));
    terms.addAll(lifeTerms());
    return new Working(
        Equations.COST,
        terms,
        "From the life band and 5 % in price.",
        List.of("Charger, fitting and deposit are not yet counted."));
  }

  private List<Term> lifeTerms() {
    return List.of(
        new Term("mean battery temperature", in.need().climate().batteryMeanC()),
        new Term("starts a day", in.need().use().startsPerDay()),
        Term.derived("calendar life L(T)", in.life().calendarYears(), Unit.YEAR),
        Term.derived(
            "share of life used by cycles, a year",
            100 * in.life().cyclingPerYear(),
            Unit.PER_CENT));
  }

  private List<Term> circuitTerms() {
    List<Term> terms = new ArrayList<>();
    Label label = label();
    terms.add(
        new Term(
            label.cranking().test().label() + " rating",
            Given.label(label.cranking().amps(), Unit.AMPERE)));
    terms.add(new Term("capacity, 20-hour rate", label.capacity()));
    terms.add(new Term("mass", label.mass()));
    terms.add(health());
    terms.add(
        Term.derived(
            "R₂₅, solved from the rating, worn",
            1000 * in.circuit().resistanceOhm(),
            Unit.MILLIOHM));
    return terms;
  }

  private List<Term> startTerms() {
    Engine engine = in.need().engine();
    double temperatureC = in.conditions().temperatureC();
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

  private List<Term> crankTerms(CrankPoint crank, Cranking cranking) {
    List<Term> terms = circuitTerms();
    terms.addAll(startTerms());
    terms.add(temperature());
    terms.add(Term.derived("charge", 100 * in.chargeAtStart(), Unit.PER_CENT));
    terms.add(
        Term.derived(
            "rested voltage",
            in.circuit()
                .restVolts(ChargeState.rested(in.chargeAtStart(), in.conditions().temperatureC())),
            Unit.VOLT));
    terms.add(Term.derived("I, starter current", crank.currentA(), Unit.AMPERE));
    terms.add(Term.derived("V at the terminals", crank.volts(), Unit.VOLT));
    terms.add(Term.derived("V floor", cranking.voltageFloor(), Unit.VOLT));
    terms.add(Term.derived("n, cranking speed", crank.rpm(), Unit.RPM));
    terms.add(
        Term.derived(
            "seconds to fire",
            cranking.secondsToFire(crank, in.conditions().temperatureC()),
            Unit.SECOND));
    return terms;
  }

  private Term temperature() {
    return new Term(
        "temperature of battery and engine",
        new Given(
            in.conditions().temperatureC(), Unit.CELSIUS, Origin.TYPED, "the bench's condition"));
  }

  private Term health() {
    double percent = 100 * in.health();
    if (in.candidate().measuredShare().isPresent()) {
      return new Term(
          "share of its rating measured",
          Given.typed(100 * in.candidate().measuredShare().get(), Unit.PER_CENT));
    }
    return in.ageYears() == 0
        ? new Term("health", Given.derived(percent, Unit.PER_CENT, "new"))
        : new Term(
            "health after " + Math.round(10 * in.ageYears()) / 10.0 + " years",
            Given.assumed(percent, Unit.PER_CENT, "from age alone; a measurement would settle it"));
  }

  private List<String> remarks() {
    List<String> remarks = new ArrayList<>();
    CredibleRating believed = CredibleRating.of(label());
    if (!believed.asPrinted()) {
      remarks.add(
          "The label's cranking amps are not credible for its true ampere-hours; it was computed"
              + " with "
              + Math.round(believed.rating().amps())
              + " A by SAE J537.");
    }
    if (in.conditions().temperatureC() < Cranking.COLDEST_TRUSTED_C) {
      remarks.add("Colder than −30 °C the engine's drag is extrapolated, and the band is wider.");
    }
    return remarks;
  }

  private Label label() {
    return in.candidate().label();
  }
}
