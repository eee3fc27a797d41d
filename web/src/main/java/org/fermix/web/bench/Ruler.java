package org.fermix.web.bench;

import java.util.List;
import org.fermix.web.chart.Figures;
import org.fermix.web.chart.Ticks;

/**
 * One ruler as it is drawn: positions across are shares of the width, so that it stretches; heights
 * are pixels.
 *
 * @param mustClear the stretch up to needAt is what a tag must clear
 * @param needAt where the owner's condition stands; empty when there is none
 * @param summary what it shows, for those who do not see it
 * @param figures its numbers
 */
public record Ruler(
    String id,
    String title,
    String caption,
    List<Ticks.Tick> ticks,
    String needAt,
    boolean mustClear,
    String needLabel,
    String needValue,
    List<Tag> tags,
    int height,
    int axisY,
    String summary,
    Figures figures) {

  /**
   * A candidate standing on the scale, or below it when it fails a gate.
   *
   * @param top pixel row of its box
   * @param stem pixel row its stem ends at
   */
  public record Tag(
      String letter,
      String at,
      int top,
      int stem,
      String style,
      boolean below,
      String whiskerFrom,
      String whiskerWidth,
      String title) {}

  /** Its drawing. */
  public String drawn() {
    return RulerMarkup.of(this);
  }

  /** True when there is a need to clear. */
  public boolean hasNeed() {
    return !needAt.isEmpty();
  }
}
