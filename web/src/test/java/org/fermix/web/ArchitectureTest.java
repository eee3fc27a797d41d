package org.fermix.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** web → standins → core and never back; each stop uses only the stops and places before it. */
@AnalyzeClasses(packages = "org.fermix", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
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
  static final ArchRule STOPS_LOOK_BACK_ONLY =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("shared")
          .definedBy("org.fermix.web.shared..")
          .layer("formats")
          .definedBy("org.fermix.web.formats..")
          .layer("account")
          .definedBy("org.fermix.web.account..")
          .layer("garage")
          .definedBy("org.fermix.web.garage..")
          .layer("need")
          .definedBy("org.fermix.web.need..")
          .layer("lineup")
          .definedBy("org.fermix.web.lineup..")
          .layer("check")
          .definedBy("org.fermix.web.check..")
          .layer("recordings")
          .definedBy("org.fermix.web.recordings..")
          .layer("instruments")
          .definedBy("org.fermix.web.instruments..")
          .layer("practice")
          .definedBy("org.fermix.web.practice..")
          .layer("bench")
          .definedBy("org.fermix.web.bench..")
          .layer("decide")
          .definedBy("org.fermix.web.decide..")
          .layer("demo")
          .definedBy("org.fermix.web.demo..")
          .whereLayer("formats")
          .mayOnlyBeAccessedByLayers("recordings")
          .whereLayer("account")
          .mayOnlyBeAccessedByLayers(
              "garage",
              "need",
              "lineup",
              "check",
              "recordings",
              "instruments",
              "practice",
              "bench",
              "decide",
              "demo")
          .whereLayer("garage")
          .mayOnlyBeAccessedByLayers(
              "need", "lineup", "check", "recordings", "instruments", "bench", "decide", "demo")
          .whereLayer("need")
          .mayOnlyBeAccessedByLayers("lineup", "check", "recordings", "bench", "decide", "demo")
          .whereLayer("lineup")
          .mayOnlyBeAccessedByLayers(
              "check", "recordings", "instruments", "bench", "decide", "demo")
          .whereLayer("check")
          .mayOnlyBeAccessedByLayers("recordings", "instruments", "practice", "bench", "demo")
          .whereLayer("recordings")
          .mayOnlyBeAccessedByLayers("instruments", "demo")
          .whereLayer("instruments")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("practice")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("bench")
          .mayOnlyBeAccessedByLayers("decide")
          .whereLayer("decide")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("demo")
          .mayNotBeAccessedByAnyLayer();
}
