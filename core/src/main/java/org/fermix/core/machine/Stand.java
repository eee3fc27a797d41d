package org.fermix.core.machine;

import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * How a machine stands while nobody uses it.
 *
 * @param weeks between two charges, 1 to 52; read only when {@link Way#TOPPED_UP}
 */
public record Stand(Way way, double weeks) {
  /** Weeks between two charges. */
  public static final Limits WEEKS = new Limits("weeks between charges", 1, 52, Unit.WEEK);

  /** As it is left: everything connected. */
  public static final Stand CONNECTED = new Stand(Way.CONNECTED, 4);

  /** What is done about its battery. */
  public enum Way {
    /** Nothing. */
    CONNECTED,
    /** The negative lead is off. */
    NEGATIVE_OFF,
    /** A maintainer holds it full. */
    MAINTAINED,
    /** It is charged every so many weeks. */
    TOPPED_UP,
    /** Its own start reserve is armed: it disconnects while a start is left. */
    RESERVE_ARMED
  }

  /** Refuses impossible intervals. */
  public Stand {
    WEEKS.check(weeks);
  }

  /** The same machine left otherwise. */
  public Stand left(Way otherWay) {
    return new Stand(otherWay, weeks);
  }

  /** True when the machine's own draw goes on. */
  public boolean isConnected() {
    return way != Way.NEGATIVE_OFF;
  }
}
