package org.fermix.web.picture;

import java.util.List;
import java.util.stream.Collectors;
import org.fermix.core.bench.HowItFails;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** Words for what gives first, how, with what warning, and what helps then. */
public final class HowItFailsWords {
  private static final double MINUTES = 60;
  private static final double WHOLE_HOURS_FROM = 10;

  private HowItFailsWords() {}

  /** A span of hours, in hours and minutes. */
  static String span(double hours) {
    if (hours >= WHOLE_HOURS_FROM) {
      return Math.round(hours) + " h";
    }
    long minutes = Math.round(hours * MINUTES);
    if (minutes == 0) {
      return "none";
    }
    return minutes < MINUTES
        ? minutes + " min"
        : minutes / (long) MINUTES + " h " + minutes % (long) MINUTES + " min";
  }

  static String warning(HowItFails.Warning warning, Display display) {
    return span(warning.hours())
        + " of warning below "
        + display.show(warning.signVolts(), Unit.VOLT).text()
        + ", off after "
        + display.show(warning.offHours(), Unit.HOUR).text();
  }

  /** What gives first. */
  public static String first(HowItFails failing, boolean turns) {
    String what =
        switch (failing.first()) {
          case COLD_START -> turns ? "the cold start" : "waking in the cold";
          case PARKED -> "the days parked";
          case ENGINE_OFF -> "the load with the engine off";
        };
    return what + (failing.spare() < 0 ? ", not met" : "");
  }

  /** How it goes, with the warning where a load runs. */
  public static String manner(HowItFails failing, boolean turns) {
    String how =
        switch (failing.manner()) {
          case FADES -> turns ? "fades, turns slower" : "fades";
          case CUT_OFF -> "holds, then is cut off";
          case FALLS -> "holds, then falls";
        };
    return how
        + failing
            .warning()
            .map(
                warning ->
                    warning.hours() * MINUTES < 1
                        ? "; no warning"
                        : "; " + span(warning.hours()) + " of warning")
            .orElse("");
  }

  /** What one can still do. */
  public static String helps(List<HowItFails.Help> helps) {
    return helps.stream().map(HowItFailsWords::help).collect(Collectors.joining(", "));
  }

  private static String help(HowItFails.Help help) {
    return switch (help) {
      case RESERVE -> "its reserve, by the button";
      case MORE_TRIES -> "further short tries warm it";
      case BOOST -> "a boost, never where it may be frozen";
      case WAKING_CHARGER -> "a charger that wakes it";
      case BOOST_BY_ITS_TEXT -> "a boost as its maker allows";
    };
  }
}
