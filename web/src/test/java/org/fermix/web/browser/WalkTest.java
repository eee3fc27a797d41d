package org.fermix.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The whole slice as a new owner walks it, at both widths, in both schemes. */
class WalkTest extends BrowserTestBase {
  @AfterEach
  void nothingFromOutsideAndNoComplaint() {
    assertThat(outside).isEmpty();
    assertThat(complaints).isEmpty();
  }

  private static Locator link(Page page, String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  @ParameterizedTest
  @CsvSource({"1280, 800, LIGHT", "390, 844, LIGHT", "1280, 800, DARK"})
  void aNewOwnerComesFromNothingToARecommendation(int width, int height, ColorScheme scheme) {
    Page page = page(width, height, scheme);
    page.navigate("/");
    accessible(page);
    button(page, "Start my own garage").click();
    assertThat(page.getByText("No machine yet")).isVisible();
    accessible(page);
    link(page, "Add a machine").first().click();
    button(page, "Save").click();
    assertThat(page.getByText("Please fill this in").first()).isVisible();
    accessible(page);
    page.getByLabel("Name").fill("Otter");
    page.getByLabel("Kind of machine").selectOption("diesel-car");
    page.getByLabel("Displacement").fill("1,9");
    button(page, "Save").click();

    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("What Otter requires");
    page.getByLabel("Minimum cranking amps").fill("lots");
    page.locator("#f-coldest").fill("−16");
    button(page, "Save the need").click();
    assertThat(page.locator("#f-minimumCca-error")).containsText("1 to 3,000 A");
    assertThat(page.getByLabel("Minimum cranking amps")).hasValue("lots");
    assertThat(page.locator("#f-coldest")).hasValue("−16");
    page.getByLabel("Minimum cranking amps").fill("520");
    page.getByLabel("Tray length").fill("278");
    page.getByLabel("Tray width").fill("175");
    page.getByLabel("Height free").fill("200");
    page.locator(".leads label").last().click();
    button(page, "Save the need").click();
    assertThat(page.getByText("Saved.")).isVisible();
    accessible(page);

    link(page, "Next: the line-up").click();
    accessible(page);
    candidate(page, "Example 62", "flooded", "560", "97", "62", "15.8", "89");
    candidate(page, "Example 70", "agm", "760", "124", "70", "20.4", "176");
    candidate(page, "Too long", "flooded", "700", "120", "74", "19", "99");
    page.locator(".label-row", new Page.LocatorOptions().setHasText("Too long"))
        .getByText("Edit")
        .click();
    page.getByLabel("Length").fill("315");
    button(page, "Save").click();
    accessible(page);

    link(page, "To the bench").click();
    assertThat(page.locator(".advice h2")).containsText("Take");
    assertThat(page.locator(".refusals")).containsText("37 mm too long");
    accessible(page);
    page.locator("td[data-letter=A] a.figure").first().click();
    assertThat(page.locator("#working-panel h2")).isFocused();
    accessible(page);
    page.keyboard().press("Escape");
    assertThat(page.locator("#working-panel")).isHidden();

    page.keyboard().press("5");
    assertThat(page.getByText("How far it holds")).isVisible();
    accessible(page);
  }

  private static void candidate(
      Page page,
      String name,
      String chemistry,
      String cca,
      String reserve,
      String ah,
      String kg,
      String price) {
    link(page, "Add a candidate").first().click();
    page.getByLabel("Name on the label").fill(name);
    page.getByLabel("Chemistry").selectOption(chemistry);
    page.getByLabel("Cranking rating (needed)").fill(cca);
    page.getByLabel("RC").fill(reserve);
    page.getByLabel("Capacity").fill(ah);
    page.getByLabel("Mass").fill(kg);
    page.getByLabel("Length").fill("278");
    page.getByLabel("Width").fill("175");
    page.getByLabel("Height").fill("190");
    page.getByLabel("Positive terminal").selectOption("RIGHT");
    page.getByLabel("Price").fill(price);
    button(page, "Save").click();
    assertThat(page.locator(".label-row", new Page.LocatorOptions().setHasText(name))).isVisible();
  }

  @Test
  void slidingOneConditionMovesEveryCandidateAndKeepsFocus() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "bench");
    Locator group = page.locator(".group", new Page.LocatorOptions().setHasText("Cold start at"));
    assertThat(group).containsText("−16");
    Locator speed = page.locator("td[data-letter=C] a.figure[href*=cranking_speed] .number");
    String before = speed.textContent();
    Locator slider = page.getByLabel("Temperature at the start, slider");
    slider.focus();
    page.keyboard().press("ArrowLeft");
    assertThat(group).containsText("−17");
    assertThat(slider).isFocused();
    assertThat(speed).not().hasText(before);
    assertThat(page).hasURL(Pattern.compile("temperature="));
    page.keyboard().press("Escape");
    page.locator("body").press("[");
    assertThat(group).containsText("−18");

    Locator typed = page.locator("[data-condition=temperature]");
    typed.fill("-400");
    assertThat(page.locator("#f-temperature-error")).containsText("−40 to 40");
    assertThat(typed).hasValue("-400");
    typed.fill("-10");
    assertThat(page.locator("#f-temperature-error")).isEmpty();
    assertThat(group).containsText("−10");
    page.reload();
    assertThat(group).containsText("−10");
  }

  @Test
  void keysLeadRoundTheJob() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "need");
    page.keyboard().press("4");
    assertThat(page).hasURL(Pattern.compile("/bench$"));
    page.keyboard().press("Shift+A");
    assertThat(page.locator(".outcomes th[data-letter=C]")).hasClass(Pattern.compile("is-dim"));
    page.keyboard().press("Shift+A");
    assertThat(page.locator(".outcomes th[data-letter=C]"))
        .not()
        .hasClass(Pattern.compile("is-dim"));
    page.keyboard().press("w");
    assertThat(page.locator("#working-panel h2")).hasText("Start floor");
    page.keyboard().press("Escape");
    page.keyboard().press("?");
    assertThat(page.locator("#keys-help")).isVisible();
    page.keyboard().press("Escape");
    page.keyboard().press("7");
    assertThat(page.getByText("This stop is not built yet")).isVisible();
    page.keyboard().press("1");
    assertThat(page).hasURL(Pattern.compile("/check$"));
    page.keyboard().press("g");
    assertThat(page).hasURL(Pattern.compile("/garage$"));
  }

  @Test
  void aTrayIsTypedOnItsDrawingByKeyboardAlone() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Pelican", "need");
    Locator space = page.locator("svg.space");
    assertThat(space).hasAttribute("aria-label", "The tray is not measured yet");
    page.getByLabel("Tray length").focus();
    page.keyboard().type("278");
    page.keyboard().press("Tab");
    page.keyboard().type("175");
    page.keyboard().press("Tab");
    page.keyboard().press("Space");
    page.keyboard().press("ArrowRight");
    page.keyboard().press("Tab");
    page.keyboard().type("wide");
    assertThat(page.locator("#f-trayHeight-error")).containsText("20 to 1,000");
    assertThat(space).hasAttribute("aria-label", "The tray is not measured yet");
    page.keyboard().press("Control+A");
    page.keyboard().type("205");
    assertThat(space).hasAttribute("aria-label", Pattern.compile("278.mm long.*on the right"));
    assertThat(page.locator("#need-asks")).containsText("Drawn, not saved yet");
    page.locator("[name=laid]").first().focus();
    page.keyboard().press("ArrowRight");
    assertThat(page.locator(".need-fit")).containsText("B goes in");
    page.getByLabel("Height free").focus();
    page.keyboard().press("Enter");
    assertThat(page.getByText("Saved.")).isVisible();
    assertThat(page.getByLabel("Tray width")).hasValue("175");
    assertThat(page.locator("svg.space"))
        .hasAttribute("aria-label", Pattern.compile("205.mm high"));
    assertThat(page.locator("#need-rests li").first()).isVisible();
    accessible(page);
  }

  @Test
  void theCatalogueAnswersWhileOneTypes() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "lineup");
    assertThat(page.locator(".found tbody tr").first()).isVisible();
    page.keyboard().press("/");
    page.keyboard().type("agm under 30 kg");
    assertThat(page.locator(".found:not(.misses) tbody tr").first()).containsText("AGM");
    accessible(page);
    page.keyboard().press("Control+A");
    page.keyboard().type("unobtainable");
    assertThat(page.locator("#catalogue-found")).containsText("leave one out");
    page.keyboard().press("Control+A");
    page.keyboard().type("efb");
    Locator add = page.locator(".add").first();
    assertThat(page.locator(".found:not(.misses) tbody tr").first()).containsText("EFB");
    add.focus();
    page.keyboard().press("Enter");
    assertThat(page.locator(".label-row")).hasCount(6);
    assertThat(page.locator(".label-row").last()).containsText("EFB");
  }

  @Test
  void unitsSwitchAnywhereAndBack() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Juniper", "need");
    button(page, "US").click();
    assertThat(page.getByLabel("Tray length")).hasValue("10.9449");
    button(page, "Save the need").click();
    button(page, "metric").click();
    assertThat(page.getByLabel("Tray length")).hasValue("278");
  }

  @Test
  void oneLineTellsOfAStopThatIsNotBuilt() {
    Page page = page(390, 844, ColorScheme.LIGHT);
    openDemo(page, "Lark", "keep");
    assertThat(page.getByText("This stop is not built yet. It will hold:")).isVisible();
    accessible(page);
  }

  /** From a symptom to a verdict at both widths, by keyboard and label, with nothing broken. */
  @Test
  void aCheckLeadsToAVerdict() {
    for (int width : new int[] {1280, 390}) {
      Page page = page(width, 800, ColorScheme.LIGHT);
      openDemo(page, "Wasp", "check");
      accessible(page);
      link(page, "Electronic tester").click();
      page.getByLabel("Cranking amps shown").fill("lots");
      button(page, "Take it down").click();
      assertThat(page.locator("#f-shown-error")).isVisible();
      assertThat(page.getByLabel("Cranking amps shown")).hasValue("lots");
      accessible(page);
      page.getByLabel("Cranking amps shown").fill("185");
      page.getByLabel("Rating set on it").fill("190");
      page.getByLabel("Fully charged before").selectOption("yes");
      button(page, "Take it down").click();
      assertThat(page.locator(".verdict")).containsText("charging, 7");
      page.getByText("withdraw Electronic tester").click();
      assertThat(page.locator(".verdict")).containsText("Do not buy yet");
    }
  }

  /**
   * A recorded start laid in as a file, found, drawn and counted as a reading; a bad file refused.
   */
  @Test
  void aRecordingIsReadAndDrawn() throws IOException {
    Path good = Files.createTempFile("start", ".csv");
    StringBuilder text = new StringBuilder("Time (ms);Volts\n");
    for (int i = 0; i < 2000; i++) {
      double volts = i < 300 ? 12.6 : i < 1300 ? 10.2 + 0.3 * Math.sin(i * 0.04) : 12.4;
      text.append(i).append(';').append(String.format(Locale.GERMANY, "%.3f", volts)).append('\n');
    }
    Files.writeString(good, text);
    Path bad = Files.createTempFile("bad", ".csv");
    Files.writeString(bad, text + "2000;twelve\n");
    for (int width : new int[] {1280, 390}) {
      Page page = page(width, 800, ColorScheme.LIGHT);
      openDemo(page, "Drift", "check");
      link(page, "Recorded starts").click();
      page.getByLabel("CSV file").setInputFiles(bad);
      page.getByLabel("Name").fill("first try");
      button(page, "Read it").click();
      assertThat(page.locator("[role=alert]").first()).containsText("Line 2002, column 2");
      assertThat(page.getByLabel("Name")).hasValue("first try");
      page.getByLabel("CSV file").setInputFiles(good);
      button(page, "Read it").click();
      assertThat(page.locator(".waves .wave")).hasCount(1);
      accessible(page);
      link(page, "back to the check").click();
      assertThat(page.locator(".taken").first()).containsText("while cranking");
      link(page, "Recorded starts").click();
      page.getByText("remove first try").click();
      assertThat(page.locator(".waves .wave")).hasCount(0);
    }
    Files.delete(good);
    Files.delete(bad);
  }

  /** The path moves while typing and after taking down, without the page being loaded anew. */
  @Test
  void theCheckIsLive() {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    openDemo(page, "Pelican", "check");
    page.evaluate("window.stillHere = true");
    page.locator("summary").first().click();
    link(page, "Rest voltage").click();
    page.getByLabel("Voltage at the posts").fill("11.4");
    page.getByLabel("Rested for").fill("20");
    page.getByLabel("Surface charge taken off").selectOption("no");
    assertThat(page.locator(".draft")).containsText("not taken down yet");
    assertThat(page.locator("#check-result")).containsText("flat");
    assertThat(page.getByLabel("Voltage at the posts")).hasValue("11.4");
    accessible(page);
    button(page, "Take it down").click();
    assertThat(page.locator(".taken").first()).containsText("11.4");
    page.getByText("withdraw Rest voltage").click();
    assertThat(page.locator("h2", new Page.LocatorOptions().setHasText("Begin with"))).isVisible();
    org.assertj.core.api.Assertions.assertThat(page.evaluate("window.stillHere")).isEqualTo(true);
  }

  /** The stand-in tester by its buttons at both widths, then a round of practice. */
  @Test
  void theStandInTesterAndPracticeWork() {
    for (int width : new int[] {1280, 390}) {
      Page page = page(width, 800, ColorScheme.LIGHT);
      openDemo(page, "Badger", "check");
      link(page, "Stand-in tester").click();
      page.getByText("Set up another battery").click();
      page.getByLabel("Cranking amps left of its rating").fill("50");
      page.getByLabel("Charge it is found at").fill("30");
      page.getByLabel("Temperature").fill("15");
      page.getByLabel("Surface charge").selectOption("no");
      button(page, "Set it up").click();
      assertThat(page.locator(".instrument-asks")).containsText("Charge it fully");
      accessible(page);
      button(page, "Charge it fully").click();
      assertThat(page.locator(".instrument-asks")).containsText("Surface charge");
      button(page, "Headlamps for three minutes").click();
      assertThat(page.locator(".instrument-asks")).containsText("Ready");
      page.locator("button", new Page.LocatorOptions().setHasText("Load it")).click();
      assertThat(page.locator("tbody")).containsText("under load");
      link(page, "Practise finding hidden faults").click();
      button(page, "A hidden fault, please").click();
      page.locator("button", new Page.LocatorOptions().setHasText("Left on, or stood")).click();
      assertThat(page.locator(".taken li")).hasCount(1);
      accessible(page);
      page.getByLabel("battery worn").check();
      button(page, "That is it").click();
      assertThat(page.locator(".practice-result")).isVisible();
      accessible(page);
    }
  }
}
