package org.fermix.web.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.ColorScheme;
import java.net.URI;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.fermix.web.WebTestBase;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Debian's Chromium, started once, with a fresh context for each test. */
abstract class BrowserTestBase extends WebTestBase {
  private static @Nullable Browser shared;

  @LocalServerPort int port;

  /** What pages asked for or complained of, gathered over a test. */
  final List<String> outside = new ArrayList<>();

  final List<String> complaints = new ArrayList<>();

  private static synchronized Browser browser() {
    Browser running = shared;
    if (running == null) {
      Playwright playwright =
          Playwright.create(
              new Playwright.CreateOptions()
                  .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
      Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
      running =
          playwright
              .chromium()
              .launch(
                  new BrowserType.LaunchOptions()
                      .setExecutablePath(Path.of("/usr/bin/chromium"))
                      .setHeadless(true)
                      .setArgs(
                          List.of(
                              "--no-sandbox",
                              "--disable-gpu",
                              "--disable-quic",
                              "--no-first-run",
                              "--disable-background-networking",
                              "--disable-component-update",
                              "--disable-sync")));
      shared = running;
    }
    return running;
  }

  Page page(int width, int height, ColorScheme scheme) {
    BrowserContext context =
        browser()
            .newContext(
                new Browser.NewContextOptions()
                    .setViewportSize(width, height)
                    .setColorScheme(scheme)
                    .setLocale("en-GB")
                    .setBaseURL("http://127.0.0.1:" + port));
    Page page = context.newPage();
    page.setDefaultTimeout(10_000);
    page.onRequest(
        request -> {
          URI uri = URI.create(request.url());
          if (!"data".equals(uri.getScheme()) && !"127.0.0.1".equals(uri.getHost())) {
            outside.add(request.url());
          }
        });
    page.onConsoleMessage(
        message -> {
          // A refused form is answered with 4xx, which Chromium logs for the htmx request.
          boolean expected = message.text().contains("status of 4");
          if (List.of("error", "warning").contains(message.type()) && !expected) {
            complaints.add(message.text());
          }
        });
    page.onPageError(complaints::add);
    return page;
  }

  /** Opens the demo garage and a stop of one of its machines. */
  void openDemo(Page page, String machine, String stop) {
    page.navigate("/");
    page.getByText("Open the demo garage").click();
    String link =
        page.locator(".garage-row", new Page.LocatorOptions().setHasText(machine))
            .locator(".garage-stops a")
            .first()
            .getAttribute("href");
    page.navigate(link.replaceAll("/[a-z]+$", "/" + stop));
  }
}
