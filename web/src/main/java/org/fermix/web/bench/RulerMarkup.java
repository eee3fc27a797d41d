package org.fermix.web.bench;

import org.fermix.web.chart.Markup;
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
    out.open(
        "svg",
        "x",
        tag.at(),
        "y",
        Integer.toString(tag.top()),
        "class",
        "tag " + tag.style(),
        "data-letter",
        tag.letter(),
        "width",
        "1",
        "height",
        "1",
        "overflow",
        "visible");
    out.line("title", tag.title());
    if (!tag.below()) {
      String stem = Integer.toString(tag.stem() - tag.top());
      out.mark("line", "x1", "0", "x2", "0", "y1", "18", "y2", stem, "class", "stem");
    }
    out.mark("path", "d", "M-9 0H5L9 4V18H-9Z");
    out.line("text", tag.letter(), "x", "0", "y", "13.5", "text-anchor", "middle");
    if (tag.below()) {
      out.mark("line", "x1", "-12", "x2", "12", "y1", "9", "y2", "9", "class", "strike");
    }
    out.close("svg");
  }
}
