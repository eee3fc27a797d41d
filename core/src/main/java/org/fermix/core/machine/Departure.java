package org.fermix.core.machine;

import org.fermix.core.quantity.Check;

/**
 * How one engine and its starter depart from what is usual for their class, as factors on the class
 * figures; 1 each where nothing is known. Found by fitting a recorded start, or drawn at random
 * where many plausible engines are asked about.
 *
 * @param drag on the drag torque, 0.2 to 5
 * @param winding on the starter's resistance, 0.2 to 5
 * @param counterVolts on the starter's counter-voltage and torque per ampere, 0.2 to 5
 * @param leads on the leads' resistance, 0.2 to 5
 * @param fireSpeed on the speed needed to fire, 0.2 to 5
 * @param spreadLeft share that is left of what is uncertain of a class's engines, 0.05 to 1
 */
public record Departure(
    double drag,
    double winding,
    double counterVolts,
    double leads,
    double fireSpeed,
    double spreadLeft) {
  /** A departure beyond which the description is likelier wrong than the engine odd. */
  private static final double ODD = 1.8;

  /** As usual for the class. */
  public static final Departure NONE = new Departure(1, 1, 1, 1, 1);

  /** Factors that leave the engine as uncertain as any of its class. */
  public Departure(
      double drag, double winding, double counterVolts, double leads, double fireSpeed) {
    this(drag, winding, counterVolts, leads, fireSpeed, 1);
  }

  /** Refuses factors no engine of the class departs by. */
  public Departure {
    Check.within("drag factor", drag, 0.2, 5, "");
    Check.within("winding factor", winding, 0.2, 5, "");
    Check.within("counter-voltage factor", counterVolts, 0.2, 5, "");
    Check.within("lead factor", leads, 0.2, 5, "");
    Check.within("firing speed factor", fireSpeed, 0.2, 5, "");
    Check.within("share of the spread left", spreadLeft, 0.05, 1, "");
  }

  /** True when it is so far from its class that something else was probably recorded. */
  public boolean isOdd() {
    return Math.max(drag, 1 / drag) > ODD || Math.max(counterVolts, 1 / counterVolts) > ODD;
  }
}
