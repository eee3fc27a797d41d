package org.fermix.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.NeedCheck;
import org.fermix.core.diagnosis.ServiceAge;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.UsualBattery;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Tested;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.machine.Driving;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.rating.CrankingTest;

/**
 * The battery under suspicion, as far as it is known.
 *
 * @param chemistry as described, else what is usual for the machine
 * @param ampHours for rules that go by size (Ah): as described, else usual for the engine
 * @param today the battery as described in the line-up; empty where it is not
 */
public record Suspect(Chemistry chemistry, double ampHours, Need need, Optional<Candidate> today) {
  /** Share of a battery nobody has described that a start, or a day's drain, takes; estimate. */
  private static final double USUAL_DEPTH = 0.005;

  /** Today's battery of a need, or what is usual. */
  public static Suspect of(Need need, Optional<Candidate> today) {
    if (today.isPresent()) {
      return new Suspect(
          today.get().label().chemistry(), today.get().label().capacity().value(), need, today);
    }
    UsualBattery usual = UsualBattery.of(need.engine());
    return new Suspect(usual.chemistry(), usual.ampHours(), need, today);
  }

  /** 0.5, 1 or 2 for a 6, 12 or 24 V machine. */
  public double series() {
    return need.engine().series();
  }

  /** True where the pump needs water before the engine may be turned. */
  public boolean needsWater() {
    return need.engine().engineClass().traits().needsWaterSupply();
  }

  /** Its circuit when it was new. */
  public Optional<BatteryCircuit> whenNew() {
    return today.map(each -> BatteryCircuit.of(each.label()));
  }

  /** Cold cranking amps it is rated for (A), where it is described. */
  public Optional<Double> ratedAmps() {
    return whenNew().map(circuit -> circuit.ratedAmps(CrankingTest.COLD_CRANKING));
  }

  /** Years it is expected to last in this use and heat (y). */
  public double expectedYears() {
    return today
        .map(each -> Bench.life(need, each))
        .orElseGet(
            () ->
                LifeEstimate.of(
                    chemistry.life(Plates.STANDARD),
                    new LifeEstimate.Year(
                        need.batteryMeanC(),
                        need.use().driving().startsPerDay().value(),
                        USUAL_DEPTH,
                        USUAL_DEPTH,
                        0,
                        0,
                        0,
                        0)))
        .years();
  }

  /**
   * What follows from the machine and the label without a reading.
   *
   * @param failedAtC temperature it failed at, where that is known: whether it is too small is a
   *     question of that temperature, not of the coldest morning
   */
  public List<Evidence> workedOut(Optional<Double> failedAtC) {
    List<Evidence> evidence = new ArrayList<>();
    today
        .filter(each -> each.ageYears() > 0)
        .ifPresent(
            each ->
                evidence.add(
                    new ServiceAge(
                            each.ageYears(), Math.max(ServiceAge.LEAST_EXPECTED, expectedYears()))
                        .evidence()));
    Driving driving = need.use().driving();
    if (!driving.startsPerDay().isAssumed() && !driving.tripMinutes().isAssumed()) {
      evidence.add(Trips.of(this, driving, usualAirC()).evidence());
    }
    failedAtC
        .filter(each -> need.engine().turns())
        .ifPresent(
            temperatureC ->
                whenNew()
                    .ifPresent(
                        circuit ->
                            evidence.add(
                                NeedCheck.of(circuit, need.engine(), temperatureC).evidence())));
    return evidence;
  }

  /** The air it is driven in where nothing else is said: the mean of the year (°C). */
  public double usualAirC() {
    return need.climate().yearMeanC();
  }

  /** The kind of machine it is in. */
  public EngineClass.Traits kind() {
    return need.engine().engineClass().traits();
  }

  /**
   * Chance of a start on the coldest morning, ordinary days after it was driven (1), where it is
   * described and its cranking was measured: what the bench says of it in these conditions.
   */
  public OptionalDouble winterChance(Tested tested) {
    if (today.isEmpty() || tested.crankingShare().isEmpty()) {
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(
        Bench.startChance(
            need, today.get().with(tested), Conditions.of(need).afterDays(need.ordinaryDays())));
  }
}
