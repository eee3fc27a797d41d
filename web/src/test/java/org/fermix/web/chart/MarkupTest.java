package org.fermix.web.chart;

import static org.assertj.core.api.Assertions.assertThat;

import org.fermix.web.Html;
import org.junit.jupiter.api.Test;

class MarkupTest {
  /** Whatever a value holds, it stays a value. */
  @Test
  void everyValueIsEscaped() {
    String nasty = "\"'><script>alert(1)</script>&amp;";
    String written =
        new Markup()
            .open("p", "title", nasty, "class", "")
            .text(nasty)
            .mark("br", "data-x", nasty)
            .line("b", nasty, "id", "y")
            .line("i", "")
            .close("p")
            .toString();
    assertThat(written).doesNotContain("<script", "class=");
    assertThat(Html.all(written, "script, i")).isEmpty();
    assertThat(Html.first(written, "p").attr("title")).isEqualTo(nasty);
    assertThat(Html.first(written, "br").attr("data-x")).isEqualTo(nasty);
    assertThat(Html.text(written, "b")).isEqualTo(nasty);
    assertThat(Html.text(written, "p")).isEqualTo(nasty + " " + nasty);
  }
}
