package org.fermix.core.prove;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.machine.Engine;
import org.fermix.core.quantity.Unit;

/** What a battery is proved by: the same test of the old one and of the new. */
public enum ProofMeasure {
  /** Volts at rest, charged fully (V): is it full at all? */
  REST(Unit.VOLT, ReadingKind.REST_VOLTS),
  /** Cranking amps a tester shows (A). */
  TESTER(Unit.AMPERE, ReadingKind.TESTER),
  /** Volts while cranking (V). */
  CRANKING(Unit.VOLT, ReadingKind.CRANKING_VOLTS),
  /** Speed while cranking, from the beat of a recorded start (rpm). */
  SPEED(Unit.RPM, ReadingKind.CRANKING_VOLTS),
  /** Volts at the end of the last of some equal loads (V). */
  PULSES(Unit.VOLT, ReadingKind.LOAD_TEST),
  /** Ampere-hours under a known load (Ah). */
  CAPACITY(Unit.AMPERE_HOUR, ReadingKind.CAPACITY),
  /** Volts at rest after a fortnight's standing in the machine (V). */
  PARKED(Unit.VOLT, ReadingKind.REST_VOLTS);

  /** From so long a rest on a reading speaks of standing (d). */
  public static final double STOOD_DAYS = 7;

  /** How long it is left standing (d); common practice. */
  public static final int PARKED_DAYS = 14;

  private final Unit unit;
  private final ReadingKind kind;

  ProofMeasure(Unit unit, ReadingKind kind) {
    this.unit = unit;
    this.kind = kind;
  }

  /** Unit of its value. */
  public Unit unit() {
    return unit;
  }

  /** The reading it is taken as. */
  public ReadingKind kind() {
    return kind;
  }

  /** True where a few kelvin change what it shows. */
  public boolean isOfTemperature() {
    return this == CRANKING || this == SPEED || this == PULSES;
  }

  /**
   * Those that can be taken of a battery in a machine, in the order they are taken.
   *
   * @param ranDown true where the old one's capacity was measured
   */
  public static List<ProofMeasure> of(Engine engine, Chemistry chemistry, boolean ranDown) {
    List<ProofMeasure> all = new ArrayList<>();
    all.add(REST);
    if (ReadingKind.TESTER.appliesTo(chemistry)) {
      all.add(TESTER);
    }
    all.add(PULSES);
    if (ranDown || !engine.turns()) {
      all.add(CAPACITY);
    }
    if (engine.turns()) {
      all.add(CRANKING);
      all.add(SPEED);
    }
    all.add(PARKED);
    return List.copyOf(all);
  }
}
