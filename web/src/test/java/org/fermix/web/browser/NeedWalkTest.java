package org.fermix.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Need and Line-up in a browser, by keyboard where that is another way. */
class NeedWalkTest extends BrowserTestBase {
  @Test
  void aPackFailsAnApprovalOnlyOnWhatIsNotStated() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Pelican", "permission");
    assertThat(page.locator(".permit-total")).containsText("7 of 8 ?");
    accessible(page);
    Locator open = page.locator(".permit").first().locator(".answer summary").first();
    open.focus();
    page.keyboard().press("Enter");
    page.keyboard().press("Tab");
    page.keyboard().type("maybe");
    page.keyboard().press("Enter");
    assertThat(page.locator("[role=alert]")).containsText("This settles nothing");
    Locator value = page.locator(".answer[open] .answer-value");
    assertThat(value).hasValue("maybe");
    value.fill("yes");
    page.keyboard().press("Enter");
    assertThat(page.locator(".permit-total")).containsText("8 of 8 ✓");
    openDemo(page, "Pelican", "bench");
    assertThat(page.locator("#bench-results")).containsText("meets all of Demo Marine bulletin 12");
  }

  @Test
  void drawingAndFormAgreeAfterUndo() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "need");
    Locator space = page.locator("svg.space");
    assertThat(space).hasAttribute("aria-label", Pattern.compile("278.mm long.*"));
    page.getByLabel("Tray length").fill("301");
    assertThat(space).hasAttribute("aria-label", Pattern.compile("301.mm long.*"));
    button(page, "Save the need").click();
    button(page, "Undo what was saved").click();
    assertThat(page.getByLabel("Tray length")).hasValue("278");
    assertThat(space).hasAttribute("aria-label", Pattern.compile("278.mm long.*"));
  }

  @Test
  void theLayUpIsMovedByItsHandles() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "need");
    Locator days = page.getByLabel("Longest lay-up", new Page.GetByLabelOptions().setExact(true));
    assertThat(days).hasValue("28");
    page.locator(".lay-up-handle[data-edge=to]").focus();
    page.keyboard().press("ArrowRight");
    assertThat(days).hasValue("35");
    assertThat(page.locator("#need-asks")).containsText("35");
    page.locator(".lay-up-handle[data-edge=from]").focus();
    page.keyboard().press("ArrowLeft");
    assertThat(page.locator("#f-layUpFrom")).hasValue("12");
    page.waitForTimeout(900);
    var box = page.locator(".lay-up-handle[data-edge=to]").boundingBox();
    page.mouse().move(box.x + 3, box.y + 10);
    page.mouse().down();
    page.mouse().move(box.x + 120, box.y + 10);
    page.mouse().up();
    assertThat(days).not().hasValue("35");
  }

  @Test
  void theCatalogueIsChosenFromByTheArrowKeys() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "lineup");
    assertThat(page.locator("#catalogue-found tr[data-pick]").first()).isVisible();
    page.keyboard().press("/");
    page.keyboard().type("efb");
    assertThat(page.locator("#catalogue-found tr[data-pick]").first()).containsText("EFB");
    page.waitForTimeout(400);
    page.keyboard().press("ArrowDown");
    assertThat(page.locator("tr.is-picked")).hasCount(1);
    page.keyboard().press("Enter");
    assertThat(page.locator(".label-row")).hasCount(6);
  }

  @Test
  void aPasteWithAWrongCellKeepsNothing() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "lineup");
    page.getByText("Paste a table").click();
    page.getByLabel("Cells")
        .fill(
            "[{\"name\":\"Demo J\",\"chemistry\":\"AGM\",\"CCA\":\"many\",\"length\":240,"
                + "\"width\":175,\"height\":190,\"positive\":\"right\"}]");
    button(page, "Look at it").click();
    assertThat(page.locator(".fates")).containsText("Cranking rating");
    assertThat(page.getByText("Keep all")).hasCount(0);
  }

  @Test
  void newPagesFitAPhoneAndAreAccessible() {
    for (String stop : new String[] {"permission", "priorities", "need", "lineup"}) {
      Page page = page(390, 844, ColorScheme.DARK);
      openDemo(page, "Pelican", stop);
      Assertions.assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
          .as(stop)
          .isLessThanOrEqualTo(390);
      accessible(page);
      page.context().close();
    }
  }
}
