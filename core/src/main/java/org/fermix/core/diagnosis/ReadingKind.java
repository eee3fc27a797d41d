package org.fermix.core.diagnosis;

import java.util.Locale;
import org.fermix.core.chemistry.Chemistry;

/** What an owner can observe or measure, and about how long it takes. */
public enum ReadingKind {
  /** What the machine does. */
  SYMPTOM(0),
  /** Rested voltage as it was found. */
  REST_VOLTS(2),
  /** Voltage at the battery's posts while the starter is tried. */
  CRANKING_VOLTS(3),
  /** A look at clamps, leads and earths. */
  LOOK(2),
  /** Voltage lost along leads and joints while cranking. */
  CABLE_DROP(10),
  /** Voltage at the battery with the engine running. */
  CHARGING_VOLTS(5),
  /** Current with everything off, after the modules sleep. */
  DRAIN(45),
  /** An electronic tester's cranking amps, battery charged. */
  TESTER(5),
  /** Volts under a heavy load, battery charged. */
  LOAD_TEST(10),
  /** Whether it holds, charged fully and rested off the machine. */
  AFTER_CHARGE(720),
  /** Specific gravity of each cell. */
  GRAVITY(15),
  /** Age in service against the life usual for it. */
  AGE(1),
  /** Whether something was left on, or it stood for long. */
  LEFT_ON(0),
  /** Whether it cranks well on another battery or pack. */
  BOOST(15),
  /** Whether the rating is enough for this engine, by the model. */
  NEED(0),
  /** Whether a charger that can wake a protection brings it back. */
  WAKE(30),
  /** What the battery does in the minute after a try that failed. */
  AFTER_TRY(3),
  /** What a discharge under a known load gave, fully charged. */
  CAPACITY(300),
  /** What the battery's own fault light shows. */
  FAULT_LIGHT(1),
  /** The same test through its own thin leads and through a bolted joint. */
  TWO_WAYS(15),
  /** How far it is driven. */
  TRIPS(0);

  private final double minutes;

  ReadingKind(double minutes) {
    this.minutes = minutes;
  }

  /** About how long it takes (min); engineering estimate. */
  public double minutes() {
    return minutes;
  }

  /** True when it tells something of a battery of this chemistry. */
  public boolean appliesTo(Chemistry chemistry) {
    return switch (this) {
      case GRAVITY -> !chemistry.traits().sealed();
      case TESTER -> chemistry.isLead();
      case WAKE, FAULT_LIGHT -> chemistry.protection().isPresent();
      default -> true;
    };
  }

  /** Its name in the table of likelihoods. */
  String table(Chemistry chemistry) {
    String id = name().toLowerCase(Locale.ROOT);
    return this == REST_VOLTS ? id + (chemistry.isLead() ? "_lead" : "_lithium") : id;
  }
}
