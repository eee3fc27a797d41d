package org.fermix.web.bench;

import org.fermix.web.chart.Markup;
import org.fermix.web.chart.TagMark;
import org.fermix.web.chart.Ticks;

/** A ruler's drawing, as it stands in the page and in its file. */
final class RulerMarkup {
  private final Ruler ruler;
  private final String axisY;
  private final Markup out = new Markup();

  private RulerMarkup(Ruler ruler) {
    this.ruler = ruler;
    this.axisY = Integer.toString(ruler.axisY());
  }

  static String of(Ruler ruler) {
    RulerMarkup markup = new RulerMarkup(ruler);
    markup.draw();
    return markup.out.toString();
  }

  private void draw() {
    if (ruler.mustClear()) {
      out.mark(
          "rect", "x", "0", "y", "0", "width", ruler.needAt(), "height", axisY, "class", "shade");
    }
    ruler.tags().forEach(this::whisker);
    out.mark("line", "x1", "0", "x2", "100%", "y1", axisY, "y2", axisY, "class", "axis");
    ruler.ticks().forEach(this::tick);
    if (ruler.hasNeed()) {
      String at = ruler.needAt();
      out.mark("line", "x1", at, "x2", at, "y1", "0", "y2", axisY, "class", "need");
    }
    ruler.tags().forEach(this::tag);
  }

  private void whisker(Ruler.Tag tag) {
    out.mark(
        "rect",
        "x",
        tag.whiskerFrom(),
        "y",
        Integer.toString(ruler.axisY() - 4),
        "width",
        tag.whiskerWidth(),
        "height",
        "4",
        "class",
        tag.style().equals("tag-leader") ? "whisker whisker-leader" : "whisker",
        "data-letter",
        tag.letter());
  }

  private void tick(Ticks.Tick tick) {
    String foot = Integer.toString(ruler.axisY() + 4);
    String words = Integer.toString(ruler.axisY() + 16);
    out.open("g", "class", tick.minor() ? "minor" : "");
    out.mark("line", "x1", tick.at(), "x2", tick.at(), "y1", axisY, "y2", foot, "class", "axis");
    out.line(
        "text", tick.label(), "x", tick.at(), "y", words, "class", "tick", "text-anchor", "middle");
    out.close("g");
  }

  private void tag(Ruler.Tag tag) {
    new TagMark(
            tag.letter(), tag.at(), tag.top(), tag.stem(), tag.style(), tag.below(), tag.title())
        .draw(out);
  }
}
