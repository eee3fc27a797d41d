package org.fermix.web.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.CandidateCurves.Kind;
import org.fermix.core.bench.CandidateCurves.Point;
import org.fermix.web.chart.TagMark;

/** The curves of one kind, each with its letter and the way it is drawn. */
record Lines(BenchAnswer answer, List<CandidateCurves> curves, String leader) {
  private static final int WAYS = 4;

  Lines {
    curves = List.copyOf(curves);
  }

  /** One candidate’s curve. */
  record Curve(CandidateAnswer candidate, List<Point> points) {
    Curve {
      points = List.copyOf(points);
    }

    String letter() {
      return candidate.letter();
    }

    /** Where it stands at a place along the axis; empty beyond its ends. */
    OptionalDouble at(double x) {
      for (int i = 1; i < points.size(); i++) {
        Point before = points.get(i - 1);
        Point here = points.get(i);
        if (x >= before.x() && x <= here.x()) {
          double share = here.x() == before.x() ? 1 : (x - before.x()) / (here.x() - before.x());
          return OptionalDouble.of(before.y() + share * (here.y() - before.y()));
        }
      }
      return OptionalDouble.empty();
    }

    Point last() {
      return points.get(points.size() - 1);
    }
  }

  List<Curve> of(Kind kind) {
    List<Curve> found = new ArrayList<>();
    for (CandidateCurves each : curves) {
      Optional<List<Point>> points = each.find(kind);
      Optional<CandidateAnswer> candidate = answer.find(each.letter());
      if (points.isPresent() && candidate.isPresent() && points.get().size() > 1) {
        found.add(new Curve(candidate.get(), points.get()));
      }
    }
    return found;
  }

  List<Plot.Line> drawn(Kind kind) {
    return of(kind).stream()
        .map(curve -> new Plot.Line(curve.letter(), style(curve.letter()), curve.points()))
        .toList();
  }

  /** Leader, today’s, and the rest told apart by their dashes. */
  String style(String letter) {
    if (letter.equals(leader)) {
      return "plot-leader";
    }
    return letter.equals("0")
        ? "plot-today"
        : "plot-" + Math.floorMod(letter.charAt(0) - 'A', WAYS);
  }

  String tag(CandidateAnswer candidate) {
    return TagMark.style(
        candidate.candidate().isToday(),
        candidate.letter().equals(leader),
        !candidate.isEligible() && !candidate.candidate().isToday());
  }
}
