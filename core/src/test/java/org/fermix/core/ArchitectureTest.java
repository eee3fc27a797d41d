package org.fermix.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The core is pure, has no cycles, and each package uses only those before it. */
@AnalyzeClasses(packages = "org.fermix.core", importOptions = ImportOption.DoNotIncludeTests.class)
public class ArchitectureTest {
  /** Packages of the core; each uses only those before it. */
  public static final List<String> ORDER =
      List.of(
          "quantity",
          "chemistry",
          "rating",
          "casing",
          "permission",
          "label",
          "machine",
          "electrical",
          "reserve",
          "storage",
          "charging",
          "life",
          "cost",
          "fit",
          "diagnosis",
          "bench",
          "check",
          "decision",
          "prove",
          "plan");

  @ArchTest
  static final ArchRule NO_CYCLES =
      slices().matching("org.fermix.core.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule PURE =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..", "jakarta..", "org.hibernate..", "java.sql..", "java.net..");

  @ArchTest
  static final ArchRule NO_CLOCK =
      noClasses()
          .should()
          .dependOnClassesThat()
          .haveNameMatching("java\\.time\\.Clock|java\\.util\\.Random|java\\.lang\\.Thread");

  @ArchTest
  static final ArchRule ONLY_EARLIER_PACKAGES = PackageOrder.downward("org.fermix.core", ORDER);

  @Test
  void everyPackageOfTheCoreIsInTheOrder() {
    var packages =
        new com.tngtech.archunit.core.importer.ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("org.fermix.core")
                .stream()
                .map(type -> type.getPackageName().replace("org.fermix.core.", ""))
                .distinct()
                .toList();
    assertThat(ORDER).containsExactlyInAnyOrderElementsOf(packages);
  }

  /** What an owner reads is worded by the web; the core answers in codes and values. */
  @Test
  void theCoreHoldsNoSentences() throws IOException {
    Pattern sentence = Pattern.compile("\"[^\"\\n]*\\w+ \\w+ \\w+[^\"\\n]*\\.\"");
    List<String> found = new ArrayList<>();
    try (Stream<Path> files = Files.walk(Path.of("src", "main", "java"))) {
      for (Path file : files.filter(each -> each.toString().endsWith(".java")).toList()) {
        String text = Files.readString(file);
        int from = 0;
        for (Matcher match = sentence.matcher(text); match.find(from); from = match.end()) {
          // A source may be a sentence: it stands with its equation.
          String before = text.substring(Math.max(0, match.start() - 900), match.start());
          int equation = before.lastIndexOf("new Equation(");
          if (equation < 0 || before.indexOf(";\n", equation) >= 0) {
            found.add(file.getFileName() + ": " + match.group());
          }
        }
      }
    }
    assertThat(found).isEmpty();
  }
}
