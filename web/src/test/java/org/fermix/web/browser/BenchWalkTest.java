package org.fermix.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** The bench in a browser: pictures read by the keyboard, points spread, what is said after. */
class BenchWalkTest extends BrowserTestBase {
  @Test
  void aPictureIsReadByTheArrowKeys() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "bench");
    page.locator("[data-picture-tab]", new Page.LocatorOptions().setHasText("engine off")).click();
    assertThat(page.locator(".picture-tabs [aria-current]")).containsText("engine off");
    Locator at = page.locator(".picture-at");
    Locator volts = page.locator(".picture-read tr[data-panel] td[data-letter=C]");
    assertThat(at).containsText("h");
    String before = volts.innerText();
    page.locator(".picture-reader input").focus();
    for (int i = 0; i < 4; i++) {
      page.keyboard().press("Shift+ArrowLeft");
    }
    assertThat(volts).not().hasText(before);
    page.keyboard().press("Home");
    assertThat(at).hasText(Pattern.compile("0\\.0.h"));
    // The picture stays as chosen when a condition changes, and so does the focus.
    Locator typed = page.locator("[data-condition=temperature]");
    typed.fill("-5");
    assertThat(page.locator("#ruler-cold")).containsText("−5");
    assertThat(page.locator(".picture-tabs [aria-current]")).containsText("engine off");
    assertThat(typed).isFocused();
    Assertions.assertThat(page.url()).contains("picture=off", "temperature=-5");
    accessible(page);
  }

  @Test
  void pointsAreSpreadByButtonsAndWhatIsSureFollows() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "bench");
    assertThat(page.locator("#bench-sure")).containsText("10,000 plausible futures");
    page.getByLabel("one point less for cold").click();
    assertThat(page.locator("[data-points-left]")).hasText("1 to give");
    page.getByLabel("one point more for money").click();
    assertThat(page.locator("[data-points-left]")).hasText("12 points spread");
    assertThat(page.locator(".advice")).containsText("Your weights:");
    assertThat(page.locator("#bench-sure")).containsText("How far it holds");
    page.reload();
    assertThat(page.locator("#b-pointsMONEY")).hasValue("4");
    assertThat(page.locator("#b-pointsCOLD")).hasValue("3");
  }

  @Test
  void theTableIsComparedAndOrderedAndOnAPhoneNothingRunsOff() {
    Page page = page(390, 844, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "bench");
    page.locator("[name=order]").selectOption("mass");
    assertThat(page.locator(".outcomes thead th").first()).containsText("D");
    page.locator("[name=against]").selectOption("C");
    assertThat(page.locator(".outcomes")).containsText("degrees");
    Assertions.assertThat(
            page.evaluate(
                "document.documentElement.scrollWidth - document.documentElement.clientWidth"))
        .isEqualTo(0);
    accessible(page);
  }

  /** A drag asks no more often than is answered, and ends where it was let go. */
  @Test
  void aDragIsAnsweredAsFastAsItCanBeAndEndsWhereItEnds() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "bench");
    page.waitForLoadState(LoadState.NETWORKIDLE);
    AtomicInteger open = new AtomicInteger();
    AtomicInteger most = new AtomicInteger();
    AtomicInteger all = new AtomicInteger();
    page.onRequest(
        request -> {
          if (request.url().contains("/bench?")) {
            all.incrementAndGet();
            most.accumulateAndGet(open.incrementAndGet(), Math::max);
          }
        });
    page.onRequestFinished(
        request -> {
          if (request.url().contains("/bench?")) {
            open.decrementAndGet();
          }
        });
    page.evaluate(
        "async () => { const field = document.querySelector('[name=temperature]');"
            + " for (let i = 0; i < 30; i++) { field.value = String(-i);"
            + " field.dispatchEvent(new Event('input', {bubbles: true}));"
            + " await new Promise((done) => setTimeout(done, 8)); } }");
    assertThat(page.locator("#ruler-cold .ruler-need")).containsText("−29");
    assertThat(page.locator(".advice")).containsText("−29");
    Assertions.assertThat(most.get()).isLessThanOrEqualTo(1);
    Assertions.assertThat(all.get()).isBetween(2, 29);
    Assertions.assertThat(page.url()).containsPattern("temperature=(-|%E2%88%92)29");
  }

  /** What is scrolled away is brought up to date as well, and a figure opens in its conditions. */
  @Test
  void theTableBelowFollowsAndItsFiguresOpenInTheConditionsOfThePage() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "bench");
    String own = page.locator(".outcomes td[data-letter=C] a.figure").first().innerText();
    page.locator("[data-condition=temperature]").fill("-31");
    assertThat(page.locator("#ruler-cold .ruler-need")).containsText("−31");
    Locator chance = page.locator(".outcomes td[data-letter=C] a[href*=start_chance]").first();
    Locator ruler = page.locator("#ruler-cold");
    assertThat(ruler).containsText("−31");
    chance.scrollIntoViewIfNeeded();
    String cold = chance.innerText();
    page.locator("[data-condition=temperature]").fill("5");
    assertThat(page.locator("#ruler-cold .ruler-need")).containsText("5");
    assertThat(chance).not().hasText(cold);
    chance.click();
    assertThat(page.locator("#working-panel")).containsText("Chance of a start");
    Assertions.assertThat(chance.getAttribute("href")).contains("temperature=5");
    page.navigate(page.url().replaceAll("/bench.*", "/") + chance.getAttribute("href"));
    assertThat(page.locator(".working")).containsText("5");
    Assertions.assertThat(own).isNotEmpty();
  }

  /** What was unfolded stays so and follows. */
  @Test
  void figuresBehindTheRulersFollowWhileTheyAreFoldedAndOnceUnfolded() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "bench");
    Locator behind = page.locator("details.behind").first();
    page.locator("[data-condition=days]").fill("77");
    assertThat(page.locator("#ruler-parked .ruler-need")).containsText("77");
    behind.locator("summary").click();
    assertThat(behind).containsText("77");
    page.locator("[data-condition=days]").fill("66");
    assertThat(behind).containsText("66");
    assertThat(behind).hasAttribute("open", "");
  }
}
