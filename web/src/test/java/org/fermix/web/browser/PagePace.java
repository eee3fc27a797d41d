package org.fermix.web.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import org.junit.jupiter.api.Test;

/**
 * How long an owner waits in the browser, from a change to the painted page; run by {@code ./fermix
 * bench}, not by tests.
 */
class PagePace extends BrowserTestBase {
  private static final String CHANGES =
      """
      async (count) => {
        const field = document.querySelector('[name=temperature]');
        const painted = () => new Promise((done) => document.addEventListener('htmx:after:swap',
          () => requestAnimationFrame(() => setTimeout(done)), { once: true }));
        const times = [];
        for (let i = 0; i < count; i++) {
          const swapped = painted();
          const from = performance.now();
          field.value = String(-3 - (i * 7) % 31);
          field.dispatchEvent(new Event('input', { bubbles: true }));
          await swapped;
          times.push(performance.now() - from);
          await new Promise((done) => setTimeout(done, 500));
        }
        times.sort((a, b) => a - b);
        return `half within ${times[Math.floor(count / 2)].toFixed(0)} ms, 95 of 100 within `
          + `${times[Math.floor(count * 0.95)].toFixed(0)} ms, the slowest ${times[count - 1].toFixed(0)} ms`;
      }""";

  @Test
  void measure() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "lineup");
    String lineUp = page.url();
    for (int i = 1; i <= 4; i++) {
      label(
          page,
          lineUp + "/new",
          "name=Eighth+" + i + " chemistry=agm cranking=7" + i + "0 capacity=70 price=1" + i + "0");
    }
    page.navigate(lineUp.replaceAll("/lineup$", "/bench"));
    page.waitForLoadState(LoadState.NETWORKIDLE);
    for (String round : new String[] {"cold", "warm", "warm"}) {
      String said = (String) page.evaluate(CHANGES, 40);
      System.out.println(
          "a change with eight candidates and today's, typed to painted, " + round + ": " + said);
    }
  }
}
