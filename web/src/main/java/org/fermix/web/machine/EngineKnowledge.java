package org.fermix.web.machine;

import java.time.Instant;
import java.util.Optional;
import org.fermix.core.machine.Engine;

/**
 * What is known of a machine's engine beyond its class.
 *
 * @param fitted from a recorded start, if there is one
 * @param use whether it counts
 * @param madeAt when it was fitted
 */
public record EngineKnowledge(Optional<FittedEngine> fitted, Use use, Instant madeAt) {
  /** Raised when the figures of the classes change: a fit holds factors on them. */
  static final int CLASS_FIGURES = 2;

  /** Whether a fitted engine counts. */
  public enum Use {
    /** It does. */
    ON,
    /** The owner has switched it off. */
    OFF,
    /**
     * It was made for an engine that is described otherwise now, or for other figures of its class.
     */
    OTHER_ENGINE,
    /** There is none. */
    NONE
  }

  /** Nothing beyond its class. */
  public static EngineKnowledge byClass() {
    return new EngineKnowledge(Optional.empty(), Use.NONE, Instant.EPOCH);
  }

  /** The engine to reckon with. */
  public Engine applied(Engine asDescribed) {
    return use == Use.ON
        ? fitted.map(fit -> asDescribed.departing(fit.departure())).orElse(asDescribed)
        : asDescribed;
  }
}
