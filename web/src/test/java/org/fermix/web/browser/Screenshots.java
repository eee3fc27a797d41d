package org.fermix.web.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.LoadState;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.fermix.web.OwnerSteps;
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
    proved("fit", 1280);
  }

  /** The work with the new battery measured beside the old one; the figures are made up. */
  private void proved(String name, int width) {
    Page page = page(width, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "decide");
    settle(page);
    String fit = page.url().replaceAll("/decide.*$", "/fit");
    prove(page, fit, "rest", "volts", "12.84", "rested", "14", "charger", "5 A charger");
    prove(page, fit, "tester", "shown", "840", "charged", "yes");
    page.navigate(fit + "/prove/start");
    fill(page, "temperature", "3");
    fill(page, "name", "new, 3 °C");
    page.locator("#f-file")
        .setInputFiles(
            new FilePayload(
                "new.csv", "text/csv", OwnerSteps.start(10.6).getBytes(StandardCharsets.UTF_8)));
    page.getByText("Read it").click();
    page.waitForURL("**/fit*");
    page.navigate(fit);
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.screenshot(
        new Page.ScreenshotOptions()
            .setFullPage(true)
            .setClip(0, 0, width, 1150)
            .setPath(Path.of(System.getProperty("fermix.screenshots", "target"), name + ".png")));
    page.context().close();
  }

  private static void prove(Page page, String fit, String measure, String... fields) {
    page.navigate(fit + "/prove/" + measure);
    for (int i = 0; i < fields.length; i += 2) {
      fill(page, fields[i], fields[i + 1]);
    }
    page.getByText("Take it down").click();
    page.waitForURL("**/fit*");
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
