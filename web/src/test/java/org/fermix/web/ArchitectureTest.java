package org.fermix.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import org.fermix.core.PackageOrder;
import org.junit.jupiter.api.Test;

/** web → standins → core and never back; each stop uses only the stops and places before it. */
@AnalyzeClasses(packages = "org.fermix", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  static final List<String> ORDER =
      List.of(
          "shared",
          "problem",
          "chart",
          "formats",
          "account",
          "machine",
          "job",
          "garage",
          "battery",
          "need",
          "lineup",
          "check",
          "recordings",
          "enginefit",
          "instruments",
          "practice",
          "bench",
          "decide",
          "demo");

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
}
