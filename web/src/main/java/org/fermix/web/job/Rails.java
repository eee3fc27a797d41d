package org.fermix.web.job;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Service;

/** Puts together a job's rail: seven stops, each with its own line. */
@Service
public class Rails {
  private final Map<Stop, StopSummary> summaries = new EnumMap<>(Stop.class);

  Rails(List<StopSummary> all) {
    all.forEach(summary -> summaries.put(summary.stop(), summary));
  }

  /**
   * A job's rail, with the stop the reader is at.
   *
   * @param engine one line about the engine, in the reader's units
   */
  public record Rail(OpenJob job, String engine, List<RailStop> stops) {
    /** The first stop that works and wants something of the owner. */
    public Optional<RailStop> next() {
      return stops.stream()
          .filter(stop -> stop.stop().isBuilt())
          .filter(stop -> stop.line().state() != StopSummary.State.DONE)
          .findFirst();
    }
  }

  /** One stop on the rail. */
  public record RailStop(Stop stop, StopSummary.Line line, String path, boolean current) {
    /** The state as a style. */
    public String style() {
      return switch (line.state()) {
        case OPEN -> "is-open";
        case DONE -> "is-done";
        case ATTENTION -> "is-attention";
        case PLANNED -> "is-planned";
      };
    }
  }

  /** The rail of a job seen from one of its stops. */
  public Rail of(OpenJob job, Stop current, Display display) {
    return new Rail(
        job,
        engine(job, display),
        Arrays.stream(Stop.values())
            .map(
                stop ->
                    new RailStop(stop, line(job, stop, display), job.path(stop), stop == current))
            .toList());
  }

  /** One line about a job's engine. */
  public static String engine(OpenJob job, Display display) {
    if (!job.engine().turns()) {
      return job.description();
    }
    return display
            .show(
                job.engine().displacementLitres(),
                Unit.LITRE,
                display.isUs() ? 0 : job.engine().displacementLitres() < 1 ? 2 : 1)
            .text()
        + " "
        + job.description();
  }

  private StopSummary.Line line(OpenJob job, Stop stop, Display display) {
    StopSummary summary = summaries.get(stop);
    return summary == null
        ? new StopSummary.Line("not built yet", StopSummary.State.PLANNED)
        : summary.line(job, display);
  }
}
