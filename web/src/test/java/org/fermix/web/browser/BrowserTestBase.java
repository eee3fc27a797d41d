package org.fermix.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.net.URI;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
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
    page.setDefaultTimeout(30_000);
    // How fast it is belongs in the bench; a machine that is busy is no fault of the page.
    PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
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

  /** A machine of its own, in a garage of its own; its job's address. */
  static String ownJob(Page page, String machine, String volts) {
    page.navigate("/");
    page.getByText("Start my own garage").click();
    page.waitForURL(Pattern.compile("/garage|/machines"));
    page.navigate("/machines/new");
    fill(page, "name", "Mine");
    fill(page, "type", machine);
    fill(page, "volts", volts);
    page.getByText("Save").first().click();
    page.waitForURL("**/need");
    return page.url().replaceAll("/need$", "");
  }

  /** Fills a field or chooses its value. */
  static void fill(Page page, String name, String value) {
    Locator field = page.locator("[name=" + name + "]");
    if (field.count() > 1) {
      page.locator("[name=" + name + "][value=" + value + "]").check();
    } else if ("SELECT".equals(field.evaluate("element => element.tagName"))) {
      field.selectOption(value);
    } else {
      field.fill(value);
    }
  }

  /** Opens a reading from the check as its page shows it, the less telling ones folded away. */
  static void open(Page page, String slug) {
    Locator link = page.locator("a[href$='/take/" + slug + "']").first();
    if (!link.isVisible()) {
      page.locator(".check-readings details:not(.history) summary").first().click();
    }
    link.click();
    assertThat(page.locator(".reading-fields")).isVisible();
  }

  /** Takes a reading down: “tester shown=330 set=700”. */
  static void take(Page page, String reading) {
    String[] parts = reading.split(" ", -1);
    open(page, parts[0]);
    fillAll(page, Arrays.asList(parts).subList(1, parts.length));
    page.getByText("Take it down").click();
    assertThat(page.locator(".check-readings h1")).hasText("Is it the battery at all?");
  }

  private static void fillAll(Page page, List<String> fields) {
    fields.stream()
        .map(field -> field.split("=", 2))
        .forEach(field -> fill(page, field[0], field[1].replace('+', ' ')));
  }

  /** Types a label that goes into any tray: “name=Mat chemistry=agm cranking=700”. */
  static void label(Page page, String address, String fields) {
    page.navigate(address);
    page.locator(".more-fields summary").click();
    fillAll(page, List.of("test=cca", "length=240", "width=175", "height=190", "side=RIGHT"));
    fillAll(page, Arrays.asList(fields.split(" ", -1)));
    page.getByText("Save").first().click();
    page.waitForURL("**/lineup*");
  }

  /** Types a need. */
  static void need(Page page, String job, String fields) {
    page.navigate(job + "/need");
    fillAll(page, Arrays.asList(fields.split(" ", -1)));
    page.getByText("Save the need").first().click();
    page.waitForURL("**/need?saved");
  }

  /** A button by its name. */
  /** Settles on the one that is advised, whichever that is. */
  static void settle(Page page) {
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Settle on [A-L]$")))
        .first()
        .click();
  }

  static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** No serious complaint of the accessibility checker, and nothing off the right edge. */
  static void accessible(Page page) {
    var serious =
        new AxeBuilder(page)
            .analyze().getViolations().stream()
                .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                .map(
                    rule ->
                        rule.getId()
                            + " "
                            + rule.getNodes().stream()
                                .map(node -> node.getHtml())
                                .limit(3)
                                .toList())
                .toList();
    assertThat(serious).as(page.url()).isEmpty();
    assertThat((Integer) page.evaluate("document.documentElement.scrollWidth - window.innerWidth"))
        .as("no sideways scrolling on " + page.url())
        .isLessThanOrEqualTo(0);
  }
}
