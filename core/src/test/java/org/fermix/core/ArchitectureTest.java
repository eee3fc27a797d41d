package org.fermix.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
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
          "label",
          "machine",
          "electrical",
          "reserve",
          "storage",
          "charging",
          "life",
          "cost",
          "fit",
          "permission",
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
}
