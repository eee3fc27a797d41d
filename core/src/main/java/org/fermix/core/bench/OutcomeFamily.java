package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import org.fermix.core.bench.CandidateCurves.Kind;
import org.fermix.core.bench.CandidateCurves.Point;
import org.fermix.core.quantity.Figure;

/** Outcomes that belong together: figure, working, equation and curve stand in one place. */
interface OutcomeFamily {
  /** Puts its figures in. */
  void figures(Map<Outcome, Figure> into);

  /** Puts those of its curves in that are asked for. */
  default void curves(Set<Kind> asked, Map<Kind, List<Point>> into) {}

  /** Every family of one candidate. */
  static List<OutcomeFamily> all(InConditions in) {
    return List.of(
        new StartOutcomes(in),
        new ParkedOutcomes(in),
        new EngineOffOutcomes(in),
        new ChargingOutcomes(in),
        new MassOutcomes(in),
        new MoneyOutcomes(in));
  }

  /** Every figure of one candidate. */
  static Map<Outcome, Figure> figures(InConditions in) {
    Map<Outcome, Figure> figures = new EnumMap<>(Outcome.class);
    all(in).forEach(family -> family.figures(figures));
    return figures;
  }

  /** The curves of one candidate that are asked for. */
  static CandidateCurves curves(InConditions in, Set<Kind> asked) {
    Map<Kind, List<Point>> curves = new EnumMap<>(Kind.class);
    all(in).forEach(family -> family.curves(asked, curves));
    return new CandidateCurves(in.candidate().letter(), curves);
  }

  /** A curve at evenly spaced places. */
  static List<Point> over(double from, double to, DoubleUnaryOperator value) {
    List<Point> points = new ArrayList<>(CandidateCurves.POINTS);
    for (int i = 0; i < CandidateCurves.POINTS; i++) {
      double x = Math.min(to, from + (to - from) * i / (CandidateCurves.POINTS - 1));
      points.add(new Point(x, value.applyAsDouble(x)));
    }
    return Collections.unmodifiableList(points);
  }
}
