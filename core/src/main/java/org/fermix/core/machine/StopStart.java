package org.fermix.core.machine;

import java.util.Optional;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * An engine that stops at lights and starts again by itself: many small cycles, which ordinary
 * flooded plates do not stand for long. Common practice, no source.
 *
 * @param works whether it does; empty where nobody has said
 * @param restartsPerDay on an ordinary day, 0 to 500 (1/d)
 * @param stoppedAmps drawn while it stands so, 0 to 200 A
 */
public record StopStart(Optional<Boolean> works, Given restartsPerDay, Given stoppedAmps) {
  /** On an ordinary day. */
  public static final Limits RESTARTS_A_DAY = new Limits("restarts a day", 0, 500, Unit.COUNT);

  /** While the engine stands at a light. */
  public static final Limits STOPPED = new Limits("draw while stopped", 0, 200, Unit.AMPERE);

  /** Nobody has said. */
  public static final StopStart UNSAID =
      new StopStart(
          Optional.empty(),
          Given.assumed(20, Unit.COUNT, "usual in mixed traffic; estimate"),
          Given.assumed(20, Unit.AMPERE, "usual with lamps and blower; estimate"));

  /** One stop. */
  public static final Given STOP_MINUTES = Given.assumed(0.5, Unit.MINUTE, "usual; estimate");

  /** A warm engine takes less of a start than a cold one. */
  public static final Given WARM_PER_CENT = Given.assumed(30, Unit.PER_CENT, "estimate");

  /** Refuses what no machine does. */
  public StopStart {
    RESTARTS_A_DAY.check(restartsPerDay.value());
    STOPPED.check(stoppedAmps.value());
  }

  /** True where it is said to. */
  public boolean isSaid() {
    return works.orElse(false);
  }

  /**
   * What all its stops and restarts take on an ordinary day (Ah/d); 0 where none is said to be.
   *
   * @param startAmpHours of an ordinary start (Ah)
   */
  public double ampHoursPerDay(double startAmpHours) {
    return isSaid()
        ? restartsPerDay.value()
            * (stoppedAmps.value() * STOP_MINUTES.value() / 60
                + WARM_PER_CENT.value() / 100 * startAmpHours)
        : 0;
  }
}
