package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.machine.Stand;

/**
 * What would let a candidate that falls short do all that is asked. Each was asked of the bench: it
 * is enough by itself, or where nothing is, together with those before it.
 *
 * @param value in the unit of the kind
 */
public record Opening(Kind kind, double value) {

  /**
   * What would be enough.
   *
   * @param each enough by itself, or part of what is enough together; empty where nothing is
   * @param together true where it takes them all
   */
  public record Enough(List<Opening> each, boolean together) {
    /** Copies the list. */
    public Enough {
      each = List.copyOf(each);
    }
  }

  private static final double WARMEST_C = 25;
  private static final double LEAST_AMPS = 0.1;
  private static final int HALVINGS = 12;

  /** What would have to change. */
  public enum Kind {
    /** It stands on a maintainer. */
    MAINTAINER,
    /** It stands with the negative lead off. */
    NEGATIVE_OFF,
    /** What runs with the engine off draws no more than the value (A). */
    SMALLER_LOAD,
    /** It stands no longer than the value (d). */
    FEWER_DAYS,
    /** The coldest start is at the value or warmer, as by preheating or a warmer place (°C). */
    WARMER
  }

  /** What one would be enough, each by itself; else the least that is enough together. */
  public static Enough of(Bench bench, Decision decision, String letter) {
    Conditions own = decision.answer().conditions();
    Asked asked = new Asked(bench, decision, letter);
    List<Opening> alone = new ArrayList<>();
    for (Kind kind : Kind.values()) {
      asked.least(kind, own).ifPresent(alone::add);
    }
    if (!alone.isEmpty()) {
      return new Enough(alone, false);
    }
    List<Opening> together = new ArrayList<>();
    Conditions changed = own.left(own.stand().left(Stand.Way.MAINTAINED));
    together.add(new Opening(Kind.MAINTAINER, 0));
    for (Kind kind : List.of(Kind.SMALLER_LOAD, Kind.WARMER)) {
      Optional<Opening> last = asked.least(kind, changed);
      if (last.isPresent()) {
        together.add(last.get());
        return new Enough(together, true);
      }
      if (kind == Kind.SMALLER_LOAD && changed.hasEngineOffLoad()) {
        changed = amps(changed, LEAST_AMPS);
        together.add(new Opening(kind, LEAST_AMPS));
      }
    }
    return new Enough(List.of(), false);
  }

  private static Conditions amps(Conditions from, double amps) {
    return new Conditions(
        from.temperatureC(),
        from.daysParked(),
        amps,
        from.engineOffHours(),
        from.age(),
        from.stand());
  }

  /** One candidate, asked in changed conditions. */
  private record Asked(Bench bench, Decision decision, String letter) {
    Optional<Opening> least(Kind kind, Conditions from) {
      return switch (kind) {
        case MAINTAINER -> way(kind, from, Stand.Way.MAINTAINED);
        case NEGATIVE_OFF -> way(kind, from, Stand.Way.NEGATIVE_OFF);
        case SMALLER_LOAD ->
            from.hasEngineOffLoad()
                ? most(kind, LEAST_AMPS, from.engineOffAmps(), amps -> amps(from, amps))
                : Optional.empty();
        case FEWER_DAYS ->
            from.layUpDays(bench.need()) == from.daysParked() && from.daysParked() > 1
                ? most(kind, 1, from.daysParked(), from::afterDays)
                : Optional.empty();
        case WARMER -> {
          for (double warmer = Math.ceil(from.temperatureC() + 0.5);
              warmer <= WARMEST_C;
              warmer++) {
            if (meets(from.atTemperature(warmer))) {
              yield Optional.of(new Opening(kind, warmer));
            }
          }
          yield Optional.empty();
        }
      };
    }

    private Optional<Opening> way(Kind kind, Conditions from, Stand.Way way) {
      return Optional.of(from)
          .filter(conditions -> conditions.stand().way() != way)
          .map(conditions -> conditions.left(conditions.stand().left(way)))
          .filter(this::meets)
          .map(conditions -> new Opening(kind, 0));
    }

    /** The most of something at which it still does what is asked. */
    private Optional<Opening> most(
        Kind kind, double least, double now, DoubleFunction<Conditions> conditions) {
      if (!meets(conditions.apply(least))) {
        return Optional.empty();
      }
      double enough = least;
      double tooMuch = now;
      for (int i = 0; i < HALVINGS; i++) {
        double middle = 0.5 * (enough + tooMuch);
        if (meets(conditions.apply(middle))) {
          enough = middle;
        } else {
          tooMuch = middle;
        }
      }
      return Optional.of(new Opening(kind, enough));
    }

    private boolean meets(Conditions conditions) {
      return bench
          .headline(letter, conditions)
          .filter(
              headline ->
                  Shortfall.of(headline, conditions, conditions.layUpDays(bench.need())).isEmpty())
          .isPresent();
    }
  }
}
