package org.fermix.core.bench;

import java.util.Optional;
import org.fermix.core.chemistry.Traits.StopsAtLights;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.StopStart;

/**
 * What an engine that stops at lights is given by its maker: enhanced flooded plates or a mat, and
 * not the lesser of them where the better is fitted. Common practice, no source; the machine's own
 * book decides.
 */
final class StopStartKind {
  private StopStartKind() {}

  /** What there is to say against one; empty where nothing is. */
  static Optional<GateResult> of(Need need, Label label, Optional<Label> today) {
    StopStart stops = need.use().driving().stopStart();
    StopsAtLights stands = stands(label);
    StopsAtLights now = today.map(StopStartKind::stands).orElse(StopsAtLights.NOT_SAID);
    if (stops.isSaid() && stands == StopsAtLights.NOT_LONG) {
      return result(Mark.FAILS, Finding.Code.STOPS_AT_LIGHTS);
    }
    if (stops.isSaid() && stands == StopsAtLights.SOME && now == StopsAtLights.MANY) {
      return result(Mark.CLOSE, Finding.Code.LESS_THAN_TODAYS);
    }
    return stops.works().isEmpty()
            && need.mayStopAtLights()
            && stands == StopsAtLights.NOT_LONG
            && (now == StopsAtLights.SOME || now == StopsAtLights.MANY)
        ? result(Mark.UNKNOWN, Finding.Code.STOPS_NOT_SAID)
        : Optional.empty();
  }

  private static Optional<GateResult> result(Mark mark, Finding.Code code) {
    return Optional.of(GateResult.of(Gate.APPROVED, mark, code, 0, 0));
  }

  private static StopsAtLights stands(Label label) {
    return label.chemistry().traits().stopsAtLights();
  }
}
