package org.fermix.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;

/**
 * From the first page by keyboard, to a decision settled, its sheet, and the first steps of the
 * work.
 */
class FirstToFitWalkTest extends BrowserTestBase {
  @Test
  void theFirstPageAnswersWhileItIsTypedAndKeepsWhatWasSaid() {
    for (int width : new int[] {1280, 390}) {
      Page page = page(width, 844, width < 500 ? ColorScheme.DARK : ColorScheme.LIGHT);
      page.navigate("/");
      assertThat(page.locator("#first-answer h2").first()).containsText("Worked example");
      accessible(page);
      page.locator(".first-kinds input[value=CAR]").focus();
      page.keyboard().press("ArrowRight");
      assertThat(page.locator("#first-answer h2").first()).containsText("Your motorcycle");
      assertThat(page.locator(".first-kinds input[value=MOTORCYCLE]")).isFocused();
      page.getByLabel("Coldest morning").fill("abc");
      assertThat(page.locator(".first-errors")).containsText("“abc” is not a number");
      assertThat(page.getByLabel("Coldest morning")).hasValue("abc");
      page.getByLabel("Coldest morning").fill("-4");
      assertThat(page.locator("#ruler-cold .ruler-need")).containsText("−4");
      page.getByText("Is it the battery at all?").click();
      page.getByLabel("What does it do?").selectOption("SLOW");
      assertThat(page.locator(".first-check")).containsText("So far:");
      assertThat(page.getByLabel("What does it do?")).isVisible();
      accessible(page);
      page.getByText("Exchange them for real labels").click();
      page.waitForURL("**/lineup");
      page.context().close();
    }
  }

  @Test
  void aDecisionIsSettledTakenAlongAndFitted() {
    for (int width : new int[] {1280, 390}) {
      Page page = page(width, 844, ColorScheme.LIGHT);
      openDemo(page, "Juniper", "decide");
      String decide = page.url();
      settle(page);
      assertThat(page.locator(".decide-settled")).containsText("Take ");
      accessible(page);
      page.navigate(decide + "/sheet");
      assertThat(page.locator(".counter .counter-title")).containsText("Demo");
      accessible(page);
      page.navigate(decide.replaceAll("/decide$", "/fit"));
      accessible(page);
      button(page, "Done").click();
      assertThat(page.locator(".fitting-for")).containsText("1 of ");
      assertThat(page.locator("#next")).isVisible();
      page.locator("#next button[value=skip]").click();
      assertThat(page.locator(".error[role=alert]")).containsText("why it is skipped");
      page.reload();
      assertThat(page.locator(".fitting-for")).containsText("1 of ");
      page.context().close();
    }
  }
}
