package org.fermix.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.regex.Pattern;
import org.apache.catalina.connector.Connector;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/**
 * The work of fitting on a phone whose server is stopped and started again: the page stays, ticks
 * are kept with their own times, and are sent once, in order; what was done elsewhere is shown.
 */
class AwayWalkTest extends BrowserTestBase {
  @Autowired ServletWebServerApplicationContext context;

  private Connector connector() {
    if (context.getWebServer() instanceof TomcatWebServer server) {
      return server.getTomcat().getConnector();
    }
    throw new IllegalStateException("no server");
  }

  private void stopServer() throws Exception {
    connector().stop();
  }

  private void startServer() throws Exception {
    connector().setPort(port);
    connector().start();
  }

  private Page atWork() {
    Page page = page(390, 844, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "fit");
    kept(page, 1);
    return page;
  }

  /** Waits until the page was kept so many times. */
  private static void kept(Page page, int times) {
    page.locator("html[data-kept='" + times + "']")
        .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
  }

  /**
   * What stands at an address; nothing where nobody answers, the server's refusal where it does.
   */
  private static String answered(Page page, String address) {
    try {
      Response response = page.navigate(address, new Page.NavigateOptions().setTimeout(8000));
      return response == null ? "" : response.text();
    } catch (PlaywrightException nobody) {
      return "";
    }
  }

  private static Locator step(Page page, String step) {
    return page.locator("[data-step=" + step + "]");
  }

  @Test
  void ticksMadeWithTheServerStoppedAreSentOnceInOrderWithTheirOwnTimes() throws Exception {
    Page page = atWork();
    button(page, "Done").click();
    assertThat(page.locator(".fitting-for")).containsText("1 of ");
    kept(page, 2);
    String made;
    stopServer();
    try {
      page.reload();
      assertThat(page.locator("h1")).containsText(Pattern.compile("^Fit [A-L],"));
      assertThat(page.locator("[data-kept-copy]")).containsText("copy kept on this device at");
      // The open step stands large with its own Done, and the next one does after it.
      assertThat(page.locator(".is-next")).hasAttribute("data-step", "WATER_LEVEL");
      button(page, "Done").click();
      assertThat(page.locator(".fitting-for")).containsText("2 of ");
      assertThat(page.locator("[data-away-words]")).containsText("one tick is kept");
      assertThat(step(page, "WATER_LEVEL")).containsText("waiting to be sent");
      // A step that is not in order is asked about here as well.
      step(page, "POSITIVE_OFF").locator(".tick-box").click();
      assertThat(step(page, "POSITIVE_OFF").locator(".error")).containsText("is not ticked");
      step(page, "NOTE_WHAT_FORGETS").getByText("Done").click();
      Locator next = page.locator(".is-next");
      assertThat(next).containsText("Ignition off");
      assertThat(page.locator("[data-away-words]")).containsText("2 ticks are kept");
      assertThat(next.locator(".button-strong")).isVisible();
      assertThat(step(page, "TEST_NEW")).isHidden();
      page.getByText("Show what is done as well").click();
      assertThat(step(page, "TEST_NEW")).isVisible();
      // The page is closed and opened again with nothing there: what was ticked still stands.
      page.reload();
      assertThat(step(page, "NOTE_WHAT_FORGETS")).containsText("waiting to be sent");
      made =
          (String)
              page.evaluate(
                  "JSON.parse(Object.entries(localStorage).find(([k]) =>"
                      + " k.startsWith('fermix.fit'))[1])[0].at");
    } finally {
      startServer();
    }
    page.evaluate("window.dispatchEvent(new Event('online'))");
    assertThat(page.locator(".fitting-for")).containsText("3 of ");
    assertThat(page.locator("[data-away-words]")).isHidden();
    assertThat(step(page, "WATER_LEVEL")).hasAttribute("data-at", made);
    assertThat(step(page, "WATER_LEVEL").getAttribute("data-at"))
        .isLessThan(step(page, "NOTE_WHAT_FORGETS").getAttribute("data-at"));
    assertThat(
            page.evaluate("Object.keys(localStorage).filter(k => k.startsWith('fermix')).length"))
        .isEqualTo(0);
    page.context().close();
  }

  @Test
  void whatWasDoneElsewhereInBetweenIsShownAndTheOwnerChooses() throws Exception {
    Page phone = atWork();
    BrowserContext context = phone.context();
    Page laptop = context.newPage();
    laptop.navigate(phone.url());
    // Nothing the phone sends arrives.
    phone.route("**/fit/**", route -> route.abort("connectionrefused"));
    step(phone, "TEST_NEW").locator("input[name=note]").fill("12.80 V");
    step(phone, "TEST_NEW").getByText("Done").click();
    assertThat(step(phone, "TEST_NEW")).containsText("12.80 V, waiting to be sent");
    // Elsewhere the same step was skipped meanwhile, by a page that knows nothing of the phone's.
    laptop.evaluate(
        "async () => { const form = document.querySelector('[data-step=TEST_NEW] .fitting-form');"
            + " const body = new URLSearchParams(new FormData(form)); body.set('action', 'skip');"
            + " body.set('note', 'the shop did'); await fetch(form.getAttribute('action'), {method: 'POST', body}); }");
    phone.unroute("**/fit/**");
    phone.evaluate("window.dispatchEvent(new Event('online'))");
    Locator asked = step(phone, "TEST_NEW").locator(".fitting-ask");
    assertThat(asked).containsText("Elsewhere it was skipped");
    assertThat(asked).containsText("the shop did");
    assertThat(asked).containsText("12.80 V");
    asked.getByText("Mine counts").click();
    assertThat(step(phone, "TEST_NEW").locator(".fitting-when")).containsText("12.80 V");
    assertThat(step(phone, "TEST_NEW")).not().containsText("waiting");
    phone.reload();
    assertThat(step(phone, "TEST_NEW").locator(".fitting-when")).containsText("12.80 V");
    context.close();
  }

  /** Another garage in the same browser never finds the work of the one before. */
  @Test
  void aKeptPageGoesWithItsGarage() throws Exception {
    Page page = atWork();
    assertThat(page.locator("[data-kept-copy]")).isHidden();
    String work = page.url();
    page.navigate("http://127.0.0.1:" + port + "/");
    page.evaluate(
        "(async () => { const f = document.querySelector('form[action=\"/garage/open-own\"]');"
            + " if (f) { f.submit(); return; } })()");
    page.waitForURL("**/garage");
    page.waitForFunction(
        "async () => (await (await caches.open('fermix-fit-2')).keys())"
            + ".every(each => !each.url.endsWith('/fit'))");
    stopServer();
    try {
      assertThat(answered(page, work)).doesNotContain("Fit C,", "Fit B,");
    } finally {
      startServer();
    }
    page.context().close();
  }

  /** What the server no longer shows to this browser is not kept either. */
  @Test
  void aKeptPageGoesOnceItsGarageIsShut() throws Exception {
    Page page = atWork();
    String work = page.url();
    page.context().clearCookies();
    page.navigate(work);
    assertThat(page.locator("h1").first()).not().containsText("Fit ");
    stopServer();
    try {
      assertThat(answered(page, work)).doesNotContain("Fit C,", "Fit B,");
    } finally {
      startServer();
    }
    page.context().close();
  }
}
