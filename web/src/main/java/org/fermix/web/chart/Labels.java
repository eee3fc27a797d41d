package org.fermix.web.chart;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** Places labels so that no two stand in each other’s way. */
public final class Labels {
  private Labels() {}

  /**
   * The row each label of one width must go to, the first being 0: along a line, each takes the
   * first row that is free where it stands.
   *
   * @param positions of their middles, in any order
   */
  public static int[] rows(double[] positions, double width) {
    int[] rows = new int[positions.length];
    List<Double> lastAt = new ArrayList<>();
    for (int i : inOrder(positions)) {
      int row = 0;
      while (row < lastAt.size() && positions[i] - lastAt.get(row) < width) {
        row++;
      }
      if (row == lastAt.size()) {
        lastAt.add(positions[i]);
      } else {
        lastAt.set(row, positions[i]);
      }
      rows[i] = row;
    }
    return rows;
  }

  /**
   * Positions moved on until each stands so far from the one before.
   *
   * @param positions wished for, in any order
   */
  public static double[] apart(double[] positions, double gap) {
    double[] moved = new double[positions.length];
    double last = Double.NEGATIVE_INFINITY;
    for (int i : inOrder(positions)) {
      last = Math.max(last + gap, positions[i]);
      moved[i] = last;
    }
    return moved;
  }

  private static int[] inOrder(double[] positions) {
    return IntStream.range(0, positions.length)
        .boxed()
        .sorted(Comparator.comparingDouble(i -> positions[i]))
        .mapToInt(i -> i)
        .toArray();
  }
}
