package org.fermix.web;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * Draws which package uses which, as it is in the code: docs/packages.svg. Run by {@code ./fermix
 * docs}, not with the tests.
 */
class PackagePicture {
  private static final List<String> CORE = org.fermix.core.ArchitectureTest.ORDER;

  private static final int ROW = 26;
  private static final int TOP = 60;
  private static final int HALF = 470;

  /** One use, by the places in the order. */
  private record Use(int from, int to) {}

  @Test
  void draw() throws IOException {
    StringBuilder svg = new StringBuilder();
    int height = TOP + ROW * Math.max(CORE.size(), ArchitectureTest.ORDER.size()) + 20;
    svg.append(
        String.format(
            Locale.ROOT,
            "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" font-family=\"sans-serif\""
                + " font-size=\"13\">%n<title>Packages in their order; an arc leads from one to"
                + " another it uses</title>%n<rect width=\"100%%\" height=\"100%%\" fill=\"#fff\"/>%n",
            2 * HALF,
            height));
    half(svg, 0, "core", "org.fermix.core", CORE);
    half(svg, HALF, "web", "org.fermix.web", ArchitectureTest.ORDER);
    svg.append("</svg>\n");
    String folder = System.getProperty("fermix.docs", "");
    if (!folder.isEmpty()) {
      Files.writeString(Path.of(folder, "packages.svg"), svg);
    }
  }

  private static void half(
      StringBuilder svg, int left, String title, String root, List<String> order) {
    svg.append(
        String.format(
            Locale.ROOT,
            "<text x=\"%d\" y=\"30\" font-size=\"17\" font-weight=\"700\">%s</text>%n",
            left + 20,
            title));
    for (Use use : uses(root, order)) {
      int from = TOP + ROW * use.from();
      int to = TOP + ROW * use.to();
      svg.append(
          String.format(
              Locale.ROOT,
              "<path d=\"M%d %dA%d %d 0 0 0 %d %d\" fill=\"none\" stroke=\"#11564a\""
                  + " stroke-opacity=\".45\"/>%n",
              left + 130,
              from,
              (from - to) / 2,
              (from - to) / 2,
              left + 130,
              to));
    }
    for (int i = 0; i < order.size(); i++) {
      svg.append(
          String.format(
              Locale.ROOT,
              "<circle cx=\"%d\" cy=\"%d\" r=\"3\" fill=\"#11564a\"/><text x=\"%d\" y=\"%d\""
                  + " text-anchor=\"end\">%s</text>%n",
              left + 130,
              TOP + ROW * i,
              left + 120,
              TOP + ROW * i + 4,
              order.get(i)));
    }
  }

  private static Set<Use> uses(String root, List<String> order) {
    Set<Use> uses = new TreeSet<>(Comparator.comparingInt(Use::from).thenComparingInt(Use::to));
    for (JavaClass type :
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages(root)) {
      int from = order.indexOf(name(type, root));
      type.getDirectDependenciesFromSelf().stream()
          .map(use -> order.indexOf(name(use.getTargetClass(), root)))
          .filter(to -> to >= 0 && from >= 0 && to < from)
          .forEach(to -> uses.add(new Use(from, to)));
    }
    return uses;
  }

  private static String name(JavaClass type, String root) {
    String name = type.getPackageName();
    return name.startsWith(root + ".") ? name.substring(root.length() + 1) : "";
  }
}
