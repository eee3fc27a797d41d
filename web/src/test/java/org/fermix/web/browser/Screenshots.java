package org.fermix.web.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Draws docs/screenshots from the demo data; run by {@code ./fermix screenshots}, not by tests. */
class Screenshots extends BrowserTestBase {
  @Test
  void draw() {
    shot("first-page", 1280, ColorScheme.LIGHT, "", "");
    shot("garage", 1280, ColorScheme.LIGHT, "", "garage");
    shot("check", 1280, ColorScheme.LIGHT, "Juniper", "check");
    shot("check-phone", 390, ColorScheme.LIGHT, "Wasp", "check");
    shot("recorded-starts", 1280, ColorScheme.LIGHT, "Juniper", "check/recordings");
    shot("stand-in", 1280, ColorScheme.LIGHT, "Juniper", "check/stand-in");
    shot("reading", 1280, ColorScheme.LIGHT, "Wasp", "check/take/rest-volts");
    shot("need", 1280, ColorScheme.LIGHT, "Juniper", "need");
    shot("need-phone", 390, ColorScheme.LIGHT, "Wasp", "need");
    shot("permission", 1280, ColorScheme.LIGHT, "Pelican", "permission");
    shot("priorities", 1280, ColorScheme.LIGHT, "Juniper", "priorities");
    shot("line-up", 1280, ColorScheme.LIGHT, "Juniper", "lineup");
    shot("bench", 1280, ColorScheme.LIGHT, "Juniper", "bench");
    shot("bench-picture", 1280, ColorScheme.LIGHT, "Juniper", "bench?picture=off#bench-picture");
    shot("bench-dark", 1280, ColorScheme.DARK, "Juniper", "bench");
    shot("bench-phone", 390, ColorScheme.LIGHT, "Juniper", "bench");
    shot("decide", 1280, ColorScheme.LIGHT, "Juniper", "decide");
    shot("counter-sheet", 1280, ColorScheme.LIGHT, "Juniper", "decide/sheet");
    shot("fit", 1280, ColorScheme.LIGHT, "Juniper", "fit");
  }

  private void shot(String name, int width, ColorScheme scheme, String machine, String stop) {
    Page page = page(width, width < 500 ? 844 : 800, scheme);
    if (machine.isEmpty()) {
      page.navigate("/");
      if (!stop.isEmpty()) {
        page.getByText("Open the demo garage").click();
      }
    } else {
      openDemo(page, machine, stop);
    }
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.waitForTimeout(300);
    page.screenshot(
        new Page.ScreenshotOptions()
            .setPath(Path.of(System.getProperty("fermix.screenshots", "target"), name + ".png")));
    page.context().close();
  }
}
