package org.fermix.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import org.junit.jupiter.api.Test;

/** web → standins → core and never back; each stop uses only the stops and places before it. */
@AnalyzeClasses(packages = "org.fermix", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  static final List<String> ORDER =
      List.of(
          "shared",
          "problem",
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

  @ArchTest static final ArchRule STOPS_LOOK_BACK_ONLY = downward();

  private static ArchRule downward() {
    var layers = layeredArchitecture().consideringOnlyDependenciesInLayers();
    for (String layer : ORDER) {
      layers = layers.layer(layer).definedBy("org.fermix.web." + layer + "..");
    }
    for (int i = 0; i < ORDER.size(); i++) {
      String[] later = ORDER.subList(i + 1, ORDER.size()).toArray(String[]::new);
      layers =
          later.length == 0
              ? layers.whereLayer(ORDER.get(i)).mayNotBeAccessedByAnyLayer()
              : layers.whereLayer(ORDER.get(i)).mayOnlyBeAccessedByLayers(later);
    }
    return layers;
  }

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
