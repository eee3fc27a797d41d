package org.fermix.core.bench;

import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.StopStart;

/**
 * What an engine that stops at lights is given by its maker: enhanced flooded plates or a mat, and
 * not the lesser of them where the better is fitted. Common practice, no source; the machine's own
 * book decides.
 */
final class StopStartKind {
  /** Kinds of lead by what they stand of small cycles; others stand by their own makers' word. */
  private enum Stands {
    NOT_LONG,
    SOME,
    MANY,
    OTHER
  }

  private StopStartKind() {}

  /** What there is to say against one; empty where nothing is. */
  static Optional<GateResult> of(Need need, Label label, Optional<Label> today) {
    StopStart stops = need.use().driving().stopStart();
    Stands stands = stands(label.chemistry());
    Stands now = today.map(each -> stands(each.chemistry())).orElse(Stands.OTHER);
    if (stops.isSaid() && stands == Stands.NOT_LONG) {
      return result(Mark.FAILS, Finding.Code.STOPS_AT_LIGHTS);
    }
    if (stops.isSaid() && stands == Stands.SOME && now == Stands.MANY) {
      return result(Mark.CLOSE, Finding.Code.LESS_THAN_TODAYS);
    }
    boolean mayBeFor =
        stops.works().isEmpty()
            && need.engine().turns()
            && need.engine().engineClass().traits().watchesBattery();
    return mayBeFor && stands == Stands.NOT_LONG && (now == Stands.SOME || now == Stands.MANY)
        ? result(Mark.UNKNOWN, Finding.Code.STOPS_NOT_SAID)
        : Optional.empty();
  }

  private static Optional<GateResult> result(Mark mark, Finding.Code code) {
    return Optional.of(GateResult.of(Gate.APPROVED, mark, code, 0, 0));
  }

  private static Stands stands(Chemistry chemistry) {
    return switch (chemistry.id()) {
      case "flooded" -> Stands.NOT_LONG;
      case "efb" -> Stands.SOME;
      case "agm" -> Stands.MANY;
      default -> Stands.OTHER;
    };
  }
}
