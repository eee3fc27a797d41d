package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Ledger;
import org.fermix.core.machine.Need;
import org.fermix.core.reserve.Discharge;
import org.fermix.core.reserve.Load;

/**
 * One battery run down by everything in the ledger at once: its volts over the hours, when the
 * machine’s alarm warns, and what each thing gets. Hours are those of the bench: the circuit’s own,
 * moved by what the label’s ratings say of such a current.
 *
 * @param points volts over hours until 10.5 V or empty (h, V)
 * @param startsUntil hours after which no start is kept back; as on the bench (h)
 * @param warnsAt when the alarm warns (h); empty without one or where it never does
 * @param things in the ledger’s order
 */
public record LoadRun(
    Candidate candidate,
    List<CandidateCurves.Point> points,
    double startsUntil,
    OptionalDouble warnsAt,
    List<Thing> things) {
  /** Copies the lists. */
  public LoadRun {
    points = List.copyOf(points);
    things = List.copyOf(things);
  }

  /**
   * What one thing gets.
   *
   * @param firstWatts when it is switched on (W)
   * @param lastWatts when its hours are over, or when it stops (W)
   * @param stopsAfter hours after which the volts are too low for it; empty where they are not
   */
  public record Thing(
      Ledger.Item item, double firstWatts, double lastWatts, OptionalDouble stopsAfter) {}

  /** All batteries, in the owner’s own conditions. */
  public static List<LoadRun> of(Need need, Policy policy, List<Candidate> candidates) {
    return candidates.stream().map(each -> of(need, policy, each)).toList();
  }

  private static LoadRun of(Need need, Policy policy, Candidate candidate) {
    Conditions conditions = Conditions.of(need);
    InConditions in = new BenchCandidate(need, policy, candidate).in(conditions);
    double series = need.engine().series();
    Ledger ledger = need.use().habit().ledger();
    Load load =
        ledger.items().isEmpty()
            ? new Load.Current(conditions.engineOffAmps())
            : new Load.Varying(
                volts ->
                    ledger.items().stream()
                        .mapToDouble(item -> item.ampsAt(Math.max(1, volts), series))
                        .sum());
    Discharge run =
        Discharge.of(
            in.circuit(),
            ChargeState.rested(in.chargeReached(), conditions.temperatureC()),
            load,
            0,
            policy.endVolts() * series);
    double factor = in.power().law().factor(Math.max(0.05, load.amps(12 * series)));
    List<CandidateCurves.Point> points =
        run.points().stream()
            .map(point -> new CandidateCurves.Point(point.hours() * factor, point.volts()))
            .toList();
    double startsUntil = conditions.hasEngineOffLoad() ? in.engineOffHours() : 0;
    List<Thing> things = new ArrayList<>();
    for (Ledger.Item item : ledger.items()) {
      things.add(thing(item, points, series));
    }
    return new LoadRun(
        candidate,
        points,
        startsUntil,
        need.use().habit().alarmVolts().isEmpty()
            ? OptionalDouble.empty()
            : below(points, need.use().habit().alarmVolts().get().value()),
        things);
  }

  private static Thing thing(Ledger.Item item, List<CandidateCurves.Point> points, double series) {
    OptionalDouble stops =
        item.leastVolts().isEmpty()
            ? OptionalDouble.empty()
            : below(points, item.leastVolts().get());
    double end = Math.min(item.hours(), stops.orElse(Double.MAX_VALUE));
    CandidateCurves.Point last = points.get(0);
    for (CandidateCurves.Point point : points) {
      if (point.x() <= end) {
        last = point;
      }
    }
    double ends = points.get(points.size() - 1).x();
    return new Thing(
        item,
        item.watts(points.get(0).y(), series),
        item.watts(last.y(), series),
        stops.isPresent() && stops.getAsDouble() < item.hours()
            ? stops
            : ends < item.hours() ? OptionalDouble.of(ends) : OptionalDouble.empty());
  }

  /** When the volts first fall below a limit (h). */
  private static OptionalDouble below(List<CandidateCurves.Point> points, double volts) {
    return points.stream()
        .filter(point -> point.y() < volts)
        .mapToDouble(CandidateCurves.Point::x)
        .findFirst();
  }
}
