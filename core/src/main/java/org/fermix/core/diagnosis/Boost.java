package org.fermix.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.machine.EngineClass;

/**
 * How to get under way with a flat battery, as steps in their order, or why not to try. Common
 * practice, disputed for lithium: the battery maker's own text comes first, and the machine's
 * handbook for where the clamps go.
 *
 * @param refusal why it must not be boosted; {@link Refusal#NONE} when it may
 * @param steps in order; empty when it must not be boosted
 */
public record Boost(Refusal refusal, List<Step> steps) {
  /** Copies the list. */
  public Boost {
    steps = List.copyOf(steps);
  }

  /** What is at hand. */
  public enum Help {
    /** A booster pack of the same nominal voltage. */
    PACK,
    /** Another battery on board, or one brought along, with nothing running on it. */
    OTHER_BATTERY,
    /** Another machine whose engine runs. */
    RUNNING_MACHINE
  }

  /** What the flat battery looks like. */
  public enum Look {
    SOUND,
    /** It may be frozen: flat and colder than its freezing point. */
    FROZEN,
    /** Split, leaking, swollen, hot or smelling. */
    DAMAGED
  }

  /** Why not. */
  public enum Refusal {
    NONE,
    /** A frozen battery can explode; thaw it slowly indoors, then judge it. */
    FROZEN,
    /** Keep away, ventilate, have it taken away. */
    DAMAGED,
    /** Never boost lithium from a machine with its engine running. */
    LITHIUM_RUNNING,
    /** Not the same nominal voltage. */
    VOLTAGE,
    /** No water supply: the pump would run dry. */
    DRY
  }

  /** One thing to do. */
  public enum Step {
    /** Everything off on both, out of gear, brakes on, machines not touching. */
    ALL_OFF,
    /** Goggles, no flame; hydrogen. */
    PROTECT,
    /** A boat: air the bilge and smell for fuel before anything can spark. */
    AIR_BILGE,
    /**
     * Electric or hybrid: what is high voltage, when it is ready, and that it is shut without 12 V.
     */
    HIGH_VOLTAGE,
    /** Lithium may be cut off: try its own button, or its maker's wake procedure, first. */
    WAKE_FIRST,
    /** Red to the flat battery's plus. */
    RED_FLAT,
    /** Red to the good plus. */
    RED_GOOD,
    /** Black to the good minus. */
    BLACK_GOOD,
    /** Last black to bare metal of the engine, away from the battery. */
    BLACK_ENGINE,
    /** Wait some minutes, so that the flat one takes a little charge. */
    WAIT,
    /** Crank five seconds at most, a minute's rest, four tries at most. */
    CRANK,
    /** Take the clamps off in the reverse order. */
    REVERSE,
    /** Do not load the machine hard; a flat battery takes all an alternator gives. */
    DRIVE_GENTLY,
    /** Charge it fully on a proper charger the same day, then check it. */
    CHARGE_TODAY
  }

  /**
   * The plan.
   *
   * @param kind of the flat machine
   * @param sameVoltage the help has the same nominal voltage
   * @param dry an outboard or watercraft without its water supply
   */
  public static Boost of(
      EngineClass.Traits kind,
      Chemistry chemistry,
      Help help,
      Look look,
      boolean sameVoltage,
      boolean dry) {
    if (look == Look.DAMAGED) {
      return new Boost(Refusal.DAMAGED, List.of());
    }
    if (look == Look.FROZEN && chemistry.isLead()) {
      return new Boost(Refusal.FROZEN, List.of());
    }
    if (!sameVoltage) {
      return new Boost(Refusal.VOLTAGE, List.of());
    }
    if (!chemistry.isLead() && help == Help.RUNNING_MACHINE) {
      return new Boost(Refusal.LITHIUM_RUNNING, List.of());
    }
    if (dry) {
      return new Boost(Refusal.DRY, List.of());
    }
    List<Step> steps = new ArrayList<>();
    if (kind.onWater()) {
      steps.add(Step.AIR_BILGE);
    }
    if (!kind.turnsEngine()) {
      steps.add(Step.HIGH_VOLTAGE);
    }
    steps.addAll(List.of(Step.PROTECT, Step.ALL_OFF));
    if (chemistry.protection().isPresent()) {
      steps.add(Step.WAKE_FIRST);
    }
    steps.addAll(List.of(Step.RED_FLAT, Step.RED_GOOD, Step.BLACK_GOOD, Step.BLACK_ENGINE));
    if (chemistry.isLead()) {
      steps.add(Step.WAIT);
    }
    steps.addAll(List.of(Step.CRANK, Step.REVERSE, Step.DRIVE_GENTLY, Step.CHARGE_TODAY));
    return new Boost(Refusal.NONE, steps);
  }
}
