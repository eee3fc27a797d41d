package org.fermix.core.bench;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
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
  private final double costPerYear;
  private final Nodes shown;
  private final Optional<Nodes> taken;

  CandidateSurface(BenchCandidate candidate, Conditions conditions) {
    in = candidate.in(conditions);
    costPerYear = in.costPerYear();
    List<InConditions> nodes =
        IntStream.range(0, NODES)
            .mapToObj(i -> candidate.in(conditions.atTemperature(COLDEST_C + STEP_K * i)))
            .toList();
    shown = new Nodes(nodes);
    taken =
        in.taken().isPresent()
            ? Optional.of(new Nodes(nodes.stream().flatMap(node -> node.taken().stream()).toList()))
            : Optional.empty();
  }

  /** What was worked out at each temperature. */
  private static final class Nodes {
    private final SurenessTable[] cold = new SurenessTable[NODES];
    private final double[] parkedDays = new double[NODES];
    private final double[] engineOffHours = new double[NODES];

    Nodes(List<InConditions> nodes) {
      for (int i = 0; i < NODES; i++) {
        InConditions node = nodes.get(i);
        cold[i] = node.starts().cold();
        parkedDays[i] = new ParkedOutcomes(node).days();
        engineOffHours[i] = node.engineOffHours();
      }
    }

    Screening.Needs between(Parked.Cases cases, int below, double share) {
      double colder = sureness(cases, cold[below]);
      double warmer = sureness(cases, cold[below + 1]);
      return new Screening.Needs(
          Normal.cumulative(colder + share * (warmer - colder)),
          between(parkedDays, below, share),
          between(engineOffHours, below, share));
    }

    private static double sureness(Parked.Cases cases, SurenessTable table) {
      double chance = cases.chance(table::chance, table.lowest());
      return Math.max(-SUREST, Math.min(SUREST, Normal.inverse(chance)));
    }

    private static double between(double[] values, int below, double share) {
      return values[below] + share * (values[below + 1] - values[below]);
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
    Screening.Needs needs = shown.between(cases, below, share);
    return new Screening.Headline(
        needs,
        taken.map(each -> each.between(cases, below, share)).orElse(needs),
        in.massKg(),
        costPerYear,
        in.wishesMet());
  }
}
