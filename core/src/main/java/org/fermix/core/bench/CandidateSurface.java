package org.fermix.core.bench;

import org.fermix.core.quantity.Normal;

/**
 * The headline outcomes of one candidate over temperature and days parked, read off between a few
 * temperatures at which they were worked out: for finding where an answer turns without asking the
 * bench anew at every degree.
 */
public final class CandidateSurface {
  private static final double COLDEST_C = -40;
  private static final double STEP_K = 5;
  private static final int NODES = 17;
  private static final double SUREST = 6;

  private final InConditions in;
  private final SurenessTable[] cold = new SurenessTable[NODES];
  private final double[] parkedDays = new double[NODES];
  private final double[] engineOffHours = new double[NODES];
  private final double costPerYear;

  CandidateSurface(BenchCandidate candidate, Conditions conditions) {
    in = candidate.in(conditions);
    costPerYear = in.costPerYear();
    for (int i = 0; i < NODES; i++) {
      InConditions node = candidate.in(conditions.atTemperature(COLDEST_C + STEP_K * i));
      cold[i] = node.starts().cold();
      parkedDays[i] = new ParkedOutcomes(node).days();
      engineOffHours[i] = node.engineOffHours();
    }
  }

  /** Its letter. */
  public String letter() {
    return in.candidate().letter();
  }

  /** Headline outcomes at a temperature, −40 to 40 °C, after some days parked. */
  public Screening.Headline headline(double temperatureC, double daysParked) {
    double place = Math.max(0, Math.min(NODES - 1.0, (temperatureC - COLDEST_C) / STEP_K));
    int below = Math.min(NODES - 2, (int) place);
    double share = place - below;
    Parked.Cases cases = in.cold().after(daysParked);
    double colder = sureness(cases, cold[below]);
    double warmer = sureness(cases, cold[below + 1]);
    return new Screening.Headline(
        Normal.cumulative(colder + share * (warmer - colder)),
        between(parkedDays, below, share),
        between(engineOffHours, below, share),
        in.massKg(),
        costPerYear,
        in.wishesMet());
  }

  private static double sureness(Parked.Cases cases, SurenessTable table) {
    double chance = cases.chance(table::chance, table.lowest());
    return Math.max(-SUREST, Math.min(SUREST, Normal.inverse(chance)));
  }

  private static double between(double[] values, int below, double share) {
    return values[below] + share * (values[below + 1] - values[below]);
  }
}
