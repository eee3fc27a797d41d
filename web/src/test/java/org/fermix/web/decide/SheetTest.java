package org.fermix.web.decide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.fermix.web.OwnerSteps.label;
import static org.fermix.web.OwnerSteps.needWithTray;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * The sheet for the counter, read back by Debian's poppler: a reader that had no part in making it.
 */
class SheetTest extends WebTestBase {
  private static final double POINTS_PER_MM = 72 / 25.4;
  private static final Pattern BOX =
      Pattern.compile(
          "d=\"M ([0-9.]+) ([0-9.]+) L ([0-9.]+) [0-9.]+ L [0-9.]+ ([0-9.]+) L [^\"]*Z[^\"]*\""
              + " transform=\"matrix\\(([0-9.]+),");

  @LocalServerPort int port;
  @TempDir Path folder;
  private Visit visit;
  private String job;

  @BeforeEach
  void aCarWithTwoInMind() {
    visit = new Visit(port);
    job = visit.ownJob("Zażółć Ψ Щ", "petrol-car");
    visit.describeToday(job, "flooded", "440", "50");
    needWithTray(visit, job, 300, "coldest", "-12", "layUp", "10", "minimumCca", "420");
    add("Mat £ & <b>", "agm", "700", "150", "20");
    add("Plain", "flooded", "600", "90", "15");
  }

  private void add(String name, String chemistry, String cca, String price, String mass) {
    OwnerSteps.add(
        visit,
        job,
        label(
            name,
            chemistry,
            "cranking",
            cca,
            "capacity",
            "68",
            "price",
            price,
            "mass",
            mass,
            "length",
            "278"));
  }

  private Path pdf(String query) throws IOException {
    byte[] pdf = visit.file(job + "/decide/sheet.pdf" + query);
    assertThat(pdf).as("a PDF").startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
    return Files.write(folder.resolve("sheet.pdf"), pdf);
  }

  private static String run(String... command) throws IOException {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    try {
      assertThat(process.waitFor()).as(said).isZero();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    return said;
  }

  /** The text of a PDF, ligatures and lines undone. */
  private static String said(String pdf) throws IOException {
    return Normalizer.normalize(run("pdftotext", pdf, "-"), Normalizer.Form.NFKC)
        .replaceAll("\\s+", " ");
  }

  @Test
  void isOnePageOfItsPaperTaggedWithItsFaces() throws IOException {
    for (String paper : List.of("", "?paper=letter")) {
      String pdf = pdf(paper).toString();
      assertThat(run("pdfinfo", pdf))
          .containsPattern("Pages: +1\\R")
          .containsPattern("Tagged: +yes")
          .containsPattern("Subject: +What to ask for, for ")
          .contains(paper.isEmpty() ? "A4" : "612 x 792");
      assertThat(run("pdffonts", pdf).lines().skip(2))
          .isNotEmpty()
          .allSatisfy(
              font ->
                  assertThat(font)
                      .containsPattern("Overpass|DejaVu")
                      .containsPattern(" yes +yes +yes "));
      assertThat(run("pdfinfo", "-struct", pdf)).contains("Table", "H1", "Figure");
    }
  }

  @Test
  void saysTheSameAsItsPageAndItsText() throws IOException {
    String pdf = said(pdf("").toString());
    String text = OwnerSteps.plain(visit.get(job + "/decide/sheet.txt").body());
    String page = OwnerSteps.text(visit, job + "/decide/sheet");
    for (String said :
        List.of("Zażółć Ψ Щ", "Not a certificate", "420 A CCA", "Mat £ & <b>", "positive right")) {
      assertThat(page).contains(said);
      assertThat(text).contains(said);
      assertThat(pdf).contains(said);
    }
    assertThat(text).doesNotContain("null", "Optional", "&amp;");
  }

  /**
   * The case in the vector is 278 by 175 mm at the scale the sheet names, within half a millimetre.
   */
  @Test
  void drawsTheCaseToItsScale() throws IOException {
    String pdf = pdf("").toString();
    Matcher scale = Pattern.compile("The case, 1 : (\\d+)").matcher(run("pdftotext", pdf, "-"));
    assertThat(scale.find()).isTrue();
    double by = Double.parseDouble(scale.group(1));
    Path svg = folder.resolve("sheet.svg");
    run("pdftocairo", "-svg", pdf, svg.toString());
    Matcher box = BOX.matcher(Files.readString(svg));
    List<double[]> boxes = new ArrayList<>();
    while (box.find()) {
      double points = Double.parseDouble(box.group(5));
      boxes.add(
          new double[] {
            points * Math.abs(number(box, 3) - number(box, 1)) / POINTS_PER_MM,
            points * Math.abs(number(box, 4) - number(box, 2)) / POINTS_PER_MM
          });
    }
    assertThat(boxes)
        .anySatisfy(
            each -> {
              assertThat(each[0]).isCloseTo(278 / by, within(0.5));
              assertThat(each[1]).isCloseTo(175 / by, within(0.5));
            });
  }

  private static double number(Matcher matcher, int group) {
    return Double.parseDouble(matcher.group(group));
  }

  @Test
  void isThereInTheUnitsOfItsOwner() {
    visit.submit("/garage", "/units", Map.of("system", "us", "back", "/garage"));
    assertThat(OwnerSteps.plain(visit.get(job + "/decide/sheet.txt").body()))
        .contains("in ×", "lb", "°F")
        .doesNotContain("°C");
  }

  /** However much there is to say, it is one page, and what must never be left out is on it. */
  @Test
  void staysOnePageWithEverythingOnIt() throws IOException {
    String long80 =
        "A name as long as one may be, which takes two lines of the sheet or more, eighty";
    add(long80.substring(0, 78) + "!", "agm", "720", "151", "21");
    for (int i = 0; i < 8; i++) {
      add("Filler " + i, "agm", Integer.toString(600 + 10 * i), "300", "20");
    }
    String pdf = pdf("?paper=letter").toString();
    assertThat(run("pdfinfo", pdf)).containsPattern("Pages: +1\\R");
    assertThat(said(pdf)).contains("Not below", "positive right", "Assumed:", "Not a certificate");
  }

  @Test
  void ofAnArrangementEachCaseIsDrawnAndThePapersAreNamed() throws IOException {
    assertThat(OwnerSteps.plain(visit.get(job + "/decide/sheet.txt").body()))
        .contains("Ask for the maker’s sheet of “", "Labour, where a workshop fits it");
    String page = job + "/lineup/arrange";
    visit.submit(
        page,
        page,
        Map.of(
            "start",
            "A",
            "house",
            "B",
            "parts",
            "Isolator and cables; 6; 120",
            "number",
            Html.value(visit.get(page).body(), "number")));
    visit.submit(
        job + "/decide",
        job + "/decide/settle",
        Map.of(
            "letter",
            "C",
            "because",
            "a fridge",
            "sure",
            "C",
            "number",
            Html.value(visit.get(job + "/decide").body(), "number")));
    String body = visit.get(job + "/decide/sheet").body();
    assertThat(Html.all(body, ".counter-case")).hasSize(2);
    assertThat(OwnerSteps.plain(Html.text(body, "#content")))
        .contains("The case in the tray, 1 : 10", "The case of “", "And for the house")
        .contains("Isolator and cables €120", "” for the house: made after ")
        // Each is asked for by its own name.
        .doesNotContainPattern("sheet of “[^”]+ \\+ ");
    // What stands beside it is set in, fused and charged as well.
    assertThat(OwnerSteps.text(visit, job + "/fit"))
        .contains("” for the house, ", "Fit what joins them: Isolator and cables")
        .contains("A fuse in each positive lead", "Charge each of the others full by itself");
    assertThat(run("pdfinfo", pdf("").toString())).containsPattern("Pages: +1\\R");
  }
}
