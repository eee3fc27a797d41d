package org.fermix.core.bench;

import java.util.List;
import java.util.Optional;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.QuickCalibration;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;

/**
 * Judges a whole catalogue against one need: gates for every battery and the headline outcomes of
 * those that fail none, by the bench's own models with a quick calibration. The calibration is
 * handed in, so that many screenings may share what it has worked out.
 */
public final class Screening {
  private final Need need;
  private final Policy policy;
  private final Conditions conditions;
  private final QuickCalibration calibration;

  /** Ready to judge. */
  public Screening(Need need, Policy policy, Conditions conditions, QuickCalibration calibration) {
    this.need = need;
    this.policy = policy;
    this.conditions = conditions;
    this.calibration = calibration;
  }

  /**
   * The judgement on one battery.
   *
   * @param headline empty when a gate fails
   */
  public record Screened(Label label, List<GateResult> gates, Optional<Headline> headline) {
    /** Copies the gates. */
    public Screened {
      gates = List.copyOf(gates);
    }
  }

  /**
   * What is asked of every battery in some conditions.
   *
   * @param startChance of the start (1)
   * @param parkedDays until it no longer starts; 0 when it does not start full (d)
   * @param engineOffHours with a start kept; as asked for when nothing runs (h)
   */
  public record Needs(double startChance, double parkedDays, double engineOffHours) {}

  /**
   * Headline outcomes in some conditions: all that points are given for.
   *
   * @param shown as every page shows them
   * @param taken the same with what rank and gates take of a rating that follows no standard
   * @param costPerYear in the currency of the price; 0 where no price is known
   * @param wishesMet share of the owner’s wishes that it meets (1)
   */
  public record Headline(
      Needs shown, Needs taken, double massKg, double costPerYear, double wishesMet) {
    /** The same at another cost a year. */
    public Headline costing(double otherPerYear) {
      return new Headline(shown, taken, massKg, otherPerYear, wishesMet);
    }
  }

  /** Judges one battery. */
  public Screened judge(Label label) {
    Once<BatteryCircuit> circuit = new Once<>(() -> calibration.of(label));
    List<GateResult> gates = Gates.of(need, policy, label, circuit);
    for (GateResult gate : gates) {
      if (gate.mark() == Mark.FAILS) {
        return new Screened(label, gates, Optional.empty());
      }
    }
    BenchCandidate candidate =
        new BenchCandidate(need, policy, new Candidate("A", label, 0), circuit.get(), gates);
    return candidate.mayBeBought()
        ? new Screened(label, candidate.gates(), Optional.of(candidate.headline(conditions)))
        : new Screened(label, candidate.gates(), Optional.empty());
  }
}
