package org.fermix.core.label;

import java.util.Optional;
import org.fermix.core.chemistry.Plausibility;

/** What a battery is made for, as its label says; thin plates crank, thick ones cycle. */
public enum Purpose {
  STARTING(Plausibility.Kind.STARTING),
  /** AGM of many thin plates: most amps for its size. */
  THIN_PLATE(Plausibility.Kind.THIN_PLATE),
  /** Starting and cycling: its figures fall between. */
  DUAL(null),
  DEEP_CYCLE(Plausibility.Kind.DEEP_CYCLE),
  TRACTION(Plausibility.Kind.DEEP_CYCLE),
  /** General or standby use. */
  GENERAL(Plausibility.Kind.DEEP_CYCLE);

  private final Plausibility.@org.jspecify.annotations.Nullable Kind kind;

  Purpose(Plausibility.@org.jspecify.annotations.Nullable Kind kind) {
    this.kind = kind;
  }

  /** The kind its figures are judged as; empty where they may read like either. */
  public Optional<Plausibility.Kind> kind() {
    return Optional.ofNullable(kind);
  }

  /** True where cranking is not what it is made for. */
  public boolean isForCycles() {
    return kind == Plausibility.Kind.DEEP_CYCLE;
  }
}
