package org.fermix.core.prove;

import java.util.Optional;
import org.fermix.core.machine.Engine;
import org.hipparchus.stat.descriptive.moment.StandardDeviation;
import org.hipparchus.stat.descriptive.rank.Median;
import org.hipparchus.stat.descriptive.rank.Percentile;

/**
 * What a recorded start shows.
 *
 * @param restVolts before the starter's current (V)
 * @param restAmps drawn then, by ignition and pumps, where current was recorded (A)
 * @param startSeconds when the starter's current began (s)
 * @param lowestVolts of the inrush, mean of the samples within {@link #DIP_S} (V)
 * @param lowestSeconds when (s)
 * @param crankingSeconds from start to the end of cranking (s)
 * @param crankingVolts mean of steady cranking (V)
 * @param crankingAmps mean of steady cranking, where current was recorded (A)
 * @param ripple the beat of the compressions, where it is clear
 * @param stalled it stuck: the beat ended while the starter was still on
 * @param fired the voltage afterwards is that of a running engine
 * @param recoveredVolts a second after cranking (V)
 * @param ohm the battery's ohmic resistance, where current was recorded
 */
public record CrankFeatures(
    double restVolts,
    Optional<Double> restAmps,
    double startSeconds,
    double lowestVolts,
    double lowestSeconds,
    double crankingSeconds,
    double crankingVolts,
    Optional<Double> crankingAmps,
    Optional<Ripple> ripple,
    boolean stalled,
    boolean fired,
    double recoveredVolts,
    Optional<RecordedResistance> ohm) {
  /** Samples this close together are averaged to find the lowest point (s). */
  public static final double DIP_S = 0.004;

  private static final double INRUSH_S = 0.3;
  private static final double LEAST_DROP_VOLTS = 0.35;
  private static final double FIRED_VOLTS = 0.35;
  private static final double CREST_PERCENT = 98;

  /**
   * Finds the first start in a recording.
   *
   * @param series 0.5, 1 or 2 for 6, 12 or 24 V
   * @throws Refused when no start is in it
   */
  public static CrankFeatures of(CrankRecording recording, double series) {
    Span span = Span.find(recording, series);
    int inrushEnd =
        Math.min(span.end, recording.sampleAt(recording.seconds(span.start) + INRUSH_S));
    int lowest = lowest(recording, span.start, Math.max(span.start + 2, inrushEnd));
    double lowestVolts = dip(recording, lowest);
    int steadyFrom = Math.min(inrushEnd, Math.max(span.start, span.end - 8));
    Optional<Ripple> ripple = Ripple.between(recording, steadyFrom, span.end);
    double crankingVolts = recording.meanVolts(steadyFrom, span.end);
    int afterFrom = recording.sampleAt(recording.seconds(span.end - 1) + 1);
    int after = Math.min(afterFrom, recording.size() - 1);
    int afterTo = Math.min(recording.size(), recording.sampleAt(recording.seconds(after) + 0.5));
    double recovered = recording.meanVolts(after, Math.max(after + 1, afterTo));
    return new CrankFeatures(
        span.restVolts,
        recording.hasAmps() && span.start > 3
            ? Optional.of(recording.meanAmps(span.restFrom, span.start))
            : Optional.empty(),
        recording.seconds(span.start),
        lowestVolts,
        recording.seconds(lowest),
        recording.seconds(span.end - 1) - recording.seconds(span.start),
        crankingVolts,
        recording.hasAmps()
            ? Optional.of(recording.meanAmps(steadyFrom, span.end))
            : Optional.empty(),
        ripple,
        stalled(recording, steadyFrom, span.end),
        recovered > span.restVolts + FIRED_VOLTS * series,
        recovered,
        recording.hasAmps()
            ? RecordedResistance.of(recording, span.start, span.restVolts)
            : Optional.empty());
  }

  /** Cranking speed from the beat of the compressions (rpm); empty where it is not clear. */
  public Optional<Double> rpm(Engine engine) {
    return ripple.map(beat -> 60 * beat.hertz() / engine.compression().perRevolution());
  }

  /**
   * Resistance where no current was recorded (Ω): the starter's own path is the yardstick, since at
   * standstill the same current passes both. As sure as that path is known: a fifth to a quarter.
   *
   * @param pathOhm leads and winding at the temperature (Ω)
   * @param brushVolts lost in the brushes (V)
   */
  public double ohmFromPath(double pathOhm, double brushVolts) {
    // The dip comes a little before the current's peak; 0.93 is an estimate.
    return (restVolts - lowestVolts) / (lowestVolts - brushVolts) * pathOhm / 0.93;
  }

  private static int lowest(CrankRecording recording, int from, int to) {
    int lowest = from;
    double least = Double.MAX_VALUE;
    for (int i = from; i < to; i++) {
      // Only a sample lower than the lowest mean so far can be the middle of a lower dip.
      if (recording.volts(i) < least) {
        double mean = dip(recording, i);
        if (mean < least) {
          least = mean;
          lowest = i;
        }
      }
    }
    return lowest;
  }

  private static double dip(CrankRecording recording, int middle) {
    int from = recording.sampleAt(recording.seconds(middle) - DIP_S / 2);
    int to = recording.sampleAt(recording.seconds(middle) + DIP_S / 2);
    return recording.meanVolts(from, Math.max(from + 1, to));
  }

  /** The last third of a second beats ten times weaker than before, with the starter still on. */
  private static boolean stalled(CrankRecording recording, int from, int to) {
    int late = recording.sampleAt(recording.seconds(to - 1) - INRUSH_S);
    if (late - from < 8 || to - late < 8) {
      return false;
    }
    StandardDeviation deviation = new StandardDeviation();
    double before = deviation.evaluate(recording.voltsBetween(from, late));
    double last = deviation.evaluate(recording.voltsBetween(late, to));
    return before > 0.05
        && last < before / 4
        && recording.meanVolts(late, to) < recording.meanVolts(from, late);
  }

  /** Where cranking begins and ends. */
  private record Span(int start, int end, int restFrom, double restVolts) {
    static Span find(CrankRecording recording, double series) {
      int lead = Math.max(5, Math.min(2000, recording.size() / 20));
      double[] first = recording.voltsBetween(0, lead);
      double rest = new Median().evaluate(first);
      double noise = new StandardDeviation().evaluate(first);
      double drop = Math.max(LEAST_DROP_VOLTS * series, 6 * noise);
      int start = firstBelow(recording, rest - drop);
      if (start < 0) {
        throw new Refused(Refused.Code.NO_START, drop, rest);
      }
      // Back to where the fall began.
      while (start > 0 && recording.volts(start - 1) < rest - Math.max(3 * noise, drop / 6)) {
        start--;
      }
      int restFrom = Math.max(0, start - lead);
      double restVolts = start > 3 ? recording.meanVolts(restFrom, start) : rest;
      int end = released(recording, start, end(recording, start, restVolts));
      return new Span(start, end, restFrom, restVolts);
    }

    private static int firstBelow(CrankRecording recording, double limit) {
      int run = 0;
      for (int i = 0; i < recording.size(); i++) {
        run = recording.volts(i) < limit ? run + 1 : 0;
        if (run == 3) {
          return i - 2;
        }
      }
      return -1;
    }

    /** Back from the end to where the voltage left the crests of cranking for good. */
    private static int released(CrankRecording recording, int start, int end) {
      int from = recording.sampleAt(recording.seconds(start) + INRUSH_S);
      int to = recording.sampleAt(recording.seconds(end - 1) - INRUSH_S / 2);
      if (to - from < 8) {
        return end;
      }
      double crest = new Percentile(CREST_PERCENT).evaluate(recording.voltsBetween(from, to));
      int released = end;
      while (released > to && recording.volts(released - 1) > crest) {
        released--;
      }
      return released;
    }

    /** After which the voltage stays above the middle between cranking and rest. */
    private static int end(CrankRecording recording, int start, double restVolts) {
      int from = Math.min(recording.size() - 1, recording.sampleAt(recording.seconds(start) + 0.1));
      int to = Math.min(recording.size(), recording.sampleAt(recording.seconds(start) + 0.6));
      double cranking = recording.meanVolts(Math.min(from, to - 1), to);
      double back = 0.4 * cranking + 0.6 * restVolts;
      int last = start + 1;
      double stayed = 0;
      for (int i = start + 1; i < recording.size(); i++) {
        if (recording.volts(i) < back) {
          last = i;
          stayed = recording.seconds(i);
        } else if (recording.seconds(i) - Math.max(stayed, recording.seconds(start)) > 0.25) {
          break;
        }
      }
      return Math.min(recording.size(), Math.max(start + 3, last + 1));
    }
  }
}
