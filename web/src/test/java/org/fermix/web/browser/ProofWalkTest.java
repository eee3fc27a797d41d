package org.fermix.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.assertj.core.api.Assertions;
import org.fermix.web.OwnerSteps;
import org.junit.jupiter.api.Test;

/** The new battery proved and handed over, in both widths, by keyboard and with nonsense typed. */
class ProofWalkTest extends BrowserTestBase {
  private static Locator row(Page page, String measure) {
    return page.locator("#proof-" + measure);
  }

  @Test
  void theNewOneIsMeasuredComparedAndTakesThePlace() {
    for (int width : new int[] {1280, 390}) {
      Page page = page(width, 844, width < 500 ? ColorScheme.DARK : ColorScheme.LIGHT);
      openDemo(page, "Juniper", "decide");
      settle(page);
      String fit = page.url().replaceAll("/decide.*$", "/fit");
      page.navigate(fit);
      assertThat(page.locator("#proof")).containsText("Nothing of the new one is measured yet");
      assertThat(row(page, "tester")).containsText("not yet");
      row(page, "rest").locator("a").first().focus();
      page.keyboard().press("Enter");
      assertThat(page.locator("h1")).containsText("of the new one ");
      accessible(page);
      fill(page, "volts", "twelve");
      fill(page, "rested", "14");
      page.locator("[name=volts]").press("Enter");
      assertThat(page.locator("[role=alert]")).containsText("Nothing was saved yet");
      assertThat(page.locator("[name=volts]")).hasValue("twelve");
      assertThat(page.locator("[name=rested]")).hasValue("14");
      accessible(page);
      fill(page, "volts", "12.84");
      page.locator("[name=volts]").press("Enter");
      assertThat(row(page, "rest")).containsText("full");
      page.navigate(fit + "/prove/tester");
      // The rating and its test are those of its label.
      int rated = Integer.parseInt(page.locator("[name=set]").inputValue());
      String shown = Integer.toString((int) Math.round(1.16 * rated));
      fill(page, "shown", shown);
      fill(page, "charged", "yes");
      page.getByText("Take it down").click();
      assertThat(row(page, "tester")).containsText("clearly better");
      accessible(page);
      // Back in the browser and sent once more: taken down once.
      page.goBack();
      page.getByText("Take it down").click();
      assertThat(row(page, "tester")).containsText(shown);
      start(page, fit);
      row(page, "cranking").locator("summary").click();
      assertThat(row(page, "cranking")).containsText("eight times in ten");
      assertThat(page.locator(".proof-waves svg path.wave-old")).hasCount(1);
      accessible(page);
      page.locator(".proof-over button").click();
      page.waitForURL("**/machines/**");
      page.navigate(fit);
      assertThat(page.locator("#proof")).containsText("In the machine since");
      page.context().close();
    }
  }

  private static void start(Page page, String fit) {
    page.navigate(fit + "/prove/start");
    page.locator("#f-file").setInputFiles(file("time,volts\n0,12\n"));
    page.getByText("Read it").click();
    assertThat(page.locator("[role=alert]").first()).containsText("Nothing was taken");
    accessible(page);
    fill(page, "temperature", "3");
    page.locator("#f-file").setInputFiles(file(OwnerSteps.start(10.7)));
    page.getByText("Read it").click();
    page.waitForURL("**/fit*");
    page.navigate(fit);
    assertThat(row(page, "speed")).containsText("rpm");
  }

  private static FilePayload file(String content) {
    return new FilePayload("start.csv", "text/csv", content.getBytes(StandardCharsets.UTF_8));
  }

  /** It prints with its words, without what is pressed. */
  @Test
  void thePagePrintsWithoutItsButtons() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "fit");
    page.emulateMedia(
        new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
    assertThat(page.locator("#proof h2")).isVisible();
    assertThat(page.locator(".proof-acts").first()).isHidden();
    assertThat(page.locator(".proof-over").first()).isHidden();
    Assertions.assertThat(complaints).isEmpty();
    Assertions.assertThat(outside).isEmpty();
    page.context().close();
  }
}
