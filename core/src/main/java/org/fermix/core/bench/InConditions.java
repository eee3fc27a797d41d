package org.fermix.core.bench;

import java.util.List;
import java.util.Optional;
import org.fermix.core.charging.DailyBalance;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.Protection;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Spread;
import org.fermix.core.reserve.DischargeLaw;
import org.jspecify.annotations.Nullable;

/**
 * One candidate in one set of conditions: what its outcomes and its curves share, worked out once.
 *
 * @param aged how worn it is then
 * @param power circuit, starter and protection
 * @param reached charge in daily use
 * @param cold as it stands before the cold start asked about
 * @param layUp as it stands through the lay-up; the same where that ends in the cold
 * @param starts how surely it starts at the two temperatures that matter
 * @param others beside it; with a house battery nothing runs from this one with the engine off
 * @param wishesMet share of its owner’s wishes that it meets (1)
 * @param lasting how long it goes on doing what is asked, worked out when asked for
 */
record InConditions(
    Need need,
    Policy policy,
    Candidate candidate,
    Conditions conditions,
    Aged aged,
    Power power,
    Reached reached,
    Parked cold,
    Parked layUp,
    Starts starts,
    List<SecondBattery> others,
    double wishesMet,
    Once<Lasting> lasting) {
  /**
   * How worn it is.
   *
   * @param health share of capacity left (1)
   * @param years in service (y)
   * @param life expected in this use
   */
  record Aged(double health, double years, LifeEstimate life) {}

  /**
   * What it starts with.
   *
   * @param takenShare share of its cold cranking amps that the rank takes (1)
   */
  record Power(
      BatteryCircuit circuit,
      Cranking cranking,
      Optional<Protection> protection,
      DischargeLaw law,
      double takenShare) {}

  /**
   * What daily use leaves in it.
   *
   * @param charge in the coldest month (1)
   * @param balance of a day in that month
   * @param batteryC while it is charged then (°C)
   * @param startAmpHours one start takes on an ordinary day (Ah)
   */
  record Reached(double charge, DailyBalance balance, double batteryC, double startAmpHours) {}

  /** How surely it starts, by charge; worked out when first asked for. */
  static final class Starts {
    private final Cranking cranking;
    private final Conditions conditions;
    private final Need need;
    private @Nullable SurenessTable cold;
    private @Nullable SurenessTable afterLayUp;

    Starts(Cranking cranking, Conditions conditions, Need need) {
      this.cranking = cranking;
      this.conditions = conditions;
      this.need = need;
    }

    /** At the temperature of the cold start. */
    SurenessTable cold() {
      if (cold == null) {
        cold = new SurenessTable(cranking, conditions.temperatureC());
      }
      return cold;
    }

    /** At the temperature of the first start after the lay-up. */
    SurenessTable afterLayUp() {
      if (need.layUpEndsInTheCold()) {
        return cold();
      }
      if (afterLayUp == null) {
        afterLayUp = new SurenessTable(cranking, conditions.layUpStartC(need));
      }
      return afterLayUp;
    }
  }

  /** The same with what is known of another's starts, where both are equally worn. */
  InConditions startingLike(InConditions other) {
    return other.health() == health()
        ? new InConditions(
            need,
            policy,
            candidate,
            conditions,
            aged,
            power,
            reached,
            cold,
            layUp,
            other.starts,
            others,
            wishesMet,
            lasting)
        : this;
  }

  /** The battery that carries what runs with the engine off, where it is not this one. */
  Optional<SecondBattery> house() {
    return others.stream().filter(SecondBattery::carriesLoad).findFirst();
  }

  /** What stands beside it costs a year, with the parts it takes. */
  double besideCostPerYear() {
    return others.stream().mapToDouble(SecondBattery::costPerYear).sum()
        + partsPrice() / need.use().yearsKept().value();
  }

  /** Years until the first of all its batteries no longer does what is asked (y). */
  double lastsYears() {
    return Math.min(
        lasting.get().years(),
        others.stream()
            .mapToDouble(other -> other.in().lasting().get().years())
            .min()
            .orElse(Double.MAX_VALUE));
  }

  /** What the parts of an arrangement cost. */
  double partsPrice() {
    return candidate.beside().map(Beside::partsPrice).orElse(0.0);
  }

  /** What it weighs, what stands beside it as well (kg). */
  double massKg() {
    return candidate.massKg();
  }

  /** What it costs a year, what stands beside it as well; 0 where no price is known. */
  double costPerYear() {
    return candidate.isToday() || !candidate.hasPrice()
        ? 0
        : BenchCandidate.ownership(this).perYear() + besideCostPerYear();
  }

  /** All that points are given for, without bands or working. */
  Screening.Headline headline() {
    Screening.Needs shown = needs();
    return new Screening.Headline(
        shown, taken().map(InConditions::needs).orElse(shown), massKg(), costPerYear(), wishesMet);
  }

  private Screening.Needs needs() {
    return new Screening.Needs(
        new StartOutcomes(this).chance(), new ParkedOutcomes(this).days(), engineOffHours());
  }

  /** The same with what the rank takes of its rating; empty where it takes all of it. */
  Optional<InConditions> taken() {
    if (power.takenShare() >= 1) {
      return Optional.empty();
    }
    BatteryCircuit less = circuit().withResistance(1 / power.takenShare());
    Cranking weaker = new Cranking(less, need.engine(), power.protection());
    return Optional.of(
        new InConditions(
            need,
            policy,
            candidate,
            conditions,
            aged,
            new Power(less, weaker, power.protection(), power.law(), 1),
            reached,
            cold,
            layUp,
            new Starts(weaker, conditions, need),
            others,
            wishesMet,
            lasting));
  }

  Label label() {
    return candidate.label();
  }

  BatteryCircuit circuit() {
    return power.circuit();
  }

  Cranking cranking() {
    return power.cranking();
  }

  LifeEstimate life() {
    return aged.life();
  }

  double health() {
    return aged.health();
  }

  double chargeReached() {
    return reached.charge();
  }

  /** True when it is judged older than it is today. */
  boolean isAgedOn() {
    return aged.years() > candidate.ageYears();
  }

  /** Charge expected at the cold start, after the days parked (1). */
  double chargeAtStart() {
    return cold.charge(conditions.daysParked());
  }

  /** Charge at which its own protection cuts the loads off (1); 0 where it has none. */
  double cutCharge() {
    return power.protection().map(Protection::reserveCharge).filter(each -> each > 0).orElse(0.0);
  }

  /** Hours the engine-off load can run with a start kept; as asked for where nothing runs (h). */
  double engineOffHours() {
    if (!conditions.hasEngineOffLoad()) {
      return conditions.engineOffHours();
    }
    return engineOffHours(policy.startSureness());
  }

  /** Hours the engine-off load can run and leave a start as sure as asked, in σ (h). */
  double engineOffHours(double sureness) {
    Optional<SecondBattery> house = house();
    return house.isPresent() ? house.get().hours() : OffLoad.of(this).hours(sureness);
  }

  /** Charge no load may touch: what the school leaves, or what its own reserve keeps (1). */
  double chargeLeftAlone() {
    return Math.max(1 - usableDepth(), Math.min(1, cutCharge()));
  }

  /** Depth planned with, by the school followed (1). */
  double usableDepth() {
    return policy.schools().depth(label().chemistry().family()).depth();
  }

  /** Standard deviation of ln(drain over capacity) (1). */
  double drainSigma() {
    return drainSigma(need, label());
  }

  static double drainSigma(Need need, Label label) {
    return Math.hypot(Spread.drain(need.use().drainMilliamps()).sigma(), label.capacitySigma());
  }
}
