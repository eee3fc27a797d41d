package org.fermix.web;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Scanner;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.fermix.core.PackageOrder;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.LayUpPlace;
import org.fermix.core.quantity.ShortPattern;
import org.junit.jupiter.api.Test;

/** web → standins → core and never back; each stop uses only the stops and places before it. */
@AnalyzeClasses(
    packages = "org.fermix",
    importOptions = {ImportOption.DoNotIncludeTests.class, ArchitectureTest.NoTestJar.class})
class ArchitectureTest {
  static final List<String> ORDER =
      List.of(
          "shared",
          "problem",
          "door",
          "chart",
          "formats",
          "account",
          "machine",
          "job",
          "garage",
          "battery",
          "charger",
          "approval",
          "priority",
          "need",
          "lineup",
          "check",
          "recordings",
          "enginefit",
          "instruments",
          "practice",
          "permission",
          "picture",
          "bench",
          "catalogue",
          "decide",
          "fitting",
          "proving",
          "first",
          "demo");

  /** What the core's own tests lend to those of the web is no part of the product either. */
  static final class NoTestJar implements ImportOption {
    @Override
    public boolean includes(Location location) {
      return !location.contains("-tests.jar");
    }
  }

  private static final Set<String> TAKE_EXPRESSIONS =
      Set.of("matches", "replaceAll", "replaceFirst", "split");

  @ArchTest
  static final ArchRule NOTHING_POINTS_BACK =
      noClasses()
          .that()
          .resideInAnyPackage("org.fermix.core..", "org.fermix.standins..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("org.fermix.web..");

  @ArchTest
  static final ArchRule CORE_STANDS_ALONE =
      noClasses()
          .that()
          .resideInAPackage("org.fermix.core..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("org.fermix.standins..");

  @ArchTest
  static final ArchRule STOPS_LOOK_BACK_ONLY = PackageOrder.downward("org.fermix.web", ORDER);

  /** So that none ever looks at text of any length: they may backtrack. */
  @ArchTest
  static final ArchRule REGULAR_EXPRESSIONS_LOOK_AT_SHORT_TEXT_ONLY =
      noClasses()
          .that()
          .doNotHaveFullyQualifiedName(ShortPattern.class.getName())
          .should()
          .callMethodWhere(
              describe(
                  "a method of String that takes a regular expression",
                  (JavaMethodCall call) ->
                      call.getTargetOwner().isEquivalentTo(String.class)
                          && TAKE_EXPRESSIONS.contains(call.getName())))
          .orShould()
          .dependOnClassesThat()
          .belongToAnyOf(Pattern.class, Scanner.class);

  @Test
  void everyPackageOfTheWebIsInTheOrder() {
    var packages =
        new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("org.fermix.web")
                .stream()
                .map(JavaClass::getPackageName)
                .filter(name -> !name.equals("org.fermix.web"))
                .map(name -> name.replace("org.fermix.web.", ""))
                .distinct()
                .toList();
    assertThat(ORDER).containsExactlyInAnyOrderElementsOf(packages);
  }

  /** Code asks about a property, never about which row of a table it has before it. */
  @Test
  void noCodeNamesARowOfATable() throws IOException {
    List<String> ids =
        Stream.of(
                Chemistry.all().stream().map(Chemistry::id),
                EngineClass.all().stream().map(EngineClass::id),
                LayUpPlace.all().stream().map(LayUpPlace::id))
            .flatMap(each -> each)
            .map(id -> '"' + id + '"')
            .toList();
    List<String> named = new ArrayList<>();
    for (String module : List.of("core", "standins", "web")) {
      try (Stream<Path> files = Files.walk(Path.of("..", module, "src", "main", "java"))) {
        for (Path file :
            files
                .filter(each -> each.toString().endsWith(".java"))
                .filter(each -> !each.toString().contains("/demo/"))
                .toList()) {
          String text = Files.readString(file);
          ids.stream()
              .filter(text::contains)
              .forEach(id -> named.add(file.getFileName() + " " + id));
        }
      }
    }
    assertThat(named).isEmpty();
  }
}
