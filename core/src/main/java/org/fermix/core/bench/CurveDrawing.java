package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.fermix.core.bench.CandidateCurves.Kind;
import org.fermix.core.bench.CandidateCurves.Point;
import org.fermix.core.cost.Ownership;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.StartTransient;
import org.fermix.core.reserve.EngineOff;

/** Works out the curves of one candidate in one set of conditions. */
record CurveDrawing(InConditions in) {
  private static final double COLDEST_C = -40;
  private static final double WARMEST_C = 30;
  private static final double LEAST_DAYS = 30;
  private static final double START_SPACING_S = 0.006;

  /** The inrush is over so soon that a third of the points go to it; then every fourth moment. */
  private static final int INRUSH_POINTS = 21;

  private static final int LATER_EVERY = 4;

  CandidateCurves curves() {
    Map<Kind, List<Point>> curves = new EnumMap<>(Kind.class);
    start(curves);
    double days =
        1.5
            * Math.max(
                LEAST_DAYS,
                Math.max(in.conditions().daysParked(), in.need().use().longestLayUpDays().value()));
    curves.put(
        Kind.PARKED_CHARGE,
        over(0, days, day -> 100 * in.parking().chargeAfter(in.chargeReached(), day)));
    if (in.conditions().engineOffAmps() > 0) {
      curves.put(Kind.ENGINE_OFF_VOLTS, engineOff());
    }
    if (!in.candidate().isToday()) {
      Ownership ownership =
          Ownership.plain(
              in.candidate().label().price().value(),
              in.life().years(),
              in.need().use().yearsKept().value());
      curves.put(Kind.MONEY, over(0, ownership.yearsKept(), ownership::spentBy));
    }
    curves.put(Kind.START_CHANCE, over(COLDEST_C, WARMEST_C, this::startChance));
    return new CandidateCurves(in.candidate().letter(), curves);
  }

  private void start(Map<Kind, List<Point>> curves) {
    double seconds =
        START_SPACING_S
            * (INRUSH_POINTS - 1 + LATER_EVERY * (CandidateCurves.POINTS - INRUSH_POINTS));
    StartTransient start =
        StartTransient.of(
            in.cranking(),
            ChargeState.rested(in.chargeAtStart(), in.conditions().temperatureC()),
            seconds,
            START_SPACING_S);
    List<Point> volts = new ArrayList<>(CandidateCurves.POINTS);
    List<Point> rpm = new ArrayList<>(CandidateCurves.POINTS);
    for (int i = 0; i < CandidateCurves.POINTS; i++) {
      int at = i < INRUSH_POINTS ? i : INRUSH_POINTS - 1 + LATER_EVERY * (i - INRUSH_POINTS + 1);
      StartTransient.Moment moment = start.trace().get(at);
      volts.add(new Point(moment.seconds(), moment.volts()));
      rpm.add(new Point(moment.seconds(), moment.rpm()));
    }
    curves.put(Kind.START_VOLTS, Collections.unmodifiableList(volts));
    curves.put(Kind.START_RPM, Collections.unmodifiableList(rpm));
  }

  private List<Point> engineOff() {
    ChargeState from = ChargeState.rested(in.chargeReached(), in.conditions().temperatureC());
    double amps = in.conditions().engineOffAmps();
    double endVolts = in.policy().endVolts() * in.need().engine().series();
    double hours = EngineOff.hours(in.circuit(), from, amps, 0, endVolts);
    return over(0, hours, hour -> EngineOff.volts(in.circuit(), from, amps, hour));
  }

  private double startChance(double temperatureC) {
    return 100
        * Cranking.chance(
            in.cranking().sureness(ChargeState.rested(in.chargeAtStart(), temperatureC)));
  }

  private static List<Point> over(double from, double to, DoubleUnaryOperator value) {
    List<Point> points = new ArrayList<>(CandidateCurves.POINTS);
    for (int i = 0; i < CandidateCurves.POINTS; i++) {
      double x = Math.min(to, from + (to - from) * i / (CandidateCurves.POINTS - 1));
      points.add(new Point(x, value.applyAsDouble(x)));
    }
    return Collections.unmodifiableList(points);
  }
}
