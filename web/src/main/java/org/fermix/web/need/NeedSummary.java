package org.fermix.web.need;

import org.fermix.core.casing.TerminalSide;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Tray;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Stop;
import org.fermix.web.job.StopSummary;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;

/** The Need stop's line on the rail. */
@Component
class NeedSummary implements StopSummary {
  private final Needs needs;

  NeedSummary(Needs needs) {
    this.needs = needs;
  }

  @Override
  public Stop stop() {
    return Stop.NEED;
  }

  @Override
  public Line line(OpenJob job, Display display) {
    if (!needs.isStarted(job)) {
      return new Line("nothing typed; defaults used", State.OPEN);
    }
    Need need = needs.of(job);
    String line =
        "min "
            + display.show(need.minimum().crankingAmps().value(), Unit.AMPERE).text()
            + (need.minimum().test().equals(CrankingTest.COLD_CRANKING)
                ? ""
                : " " + need.minimum().test().label());
    return new Line(
        need.tray().map(tray -> line + ", " + tray(tray, display)).orElse(line + ", tray unknown"),
        State.DONE);
  }

  private static String tray(Tray tray, Display display) {
    return display.show(tray.space().lengthMm(), Unit.MILLIMETRE).number()
        + " × "
        + display.show(tray.space().widthMm(), Unit.MILLIMETRE).number()
        + " × "
        + display.show(tray.space().heightMm(), Unit.MILLIMETRE).text()
        + (tray.positiveSide() == TerminalSide.RIGHT ? ", + right" : ", + left");
  }
}
