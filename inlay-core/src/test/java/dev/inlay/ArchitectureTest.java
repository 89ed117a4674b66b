package dev.inlay;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures;

/** Holds the direction of the imports and what the core must not do. */
@AnalyzeClasses(packages = "dev.inlay", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule importsPointOneWay =
      Architectures.layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("geom")
          .definedBy("dev.inlay.geom")
          .layer("text")
          .definedBy("dev.inlay.text")
          .layer("model")
          .definedBy("dev.inlay.model")
          .layer("page")
          .definedBy("dev.inlay.page")
          .layer("pdf")
          .definedBy("dev.inlay.pdf")
          .layer("evidence")
          .definedBy("dev.inlay.evidence")
          .layer("score")
          .definedBy("dev.inlay.score")
          .layer("propose")
          .definedBy("dev.inlay.propose")
          .layer("choose")
          .definedBy("dev.inlay.choose")
          .layer("document")
          .definedBy("dev.inlay.document")
          .layer("extract")
          .definedBy("dev.inlay.extract")
          .layer("survey")
          .definedBy("dev.inlay.survey")
          .layer("spec")
          .definedBy("dev.inlay.spec")
          .layer("rows")
          .definedBy("dev.inlay.rows")
          .layer("check")
          .definedBy("dev.inlay.check")
          .layer("compare")
          .definedBy("dev.inlay.compare")
          .layer("draft")
          .definedBy("dev.inlay.draft")
          .layer("draw")
          .definedBy("dev.inlay.draw")
          .layer("write")
          .definedBy("dev.inlay.write")
          .layer("batch")
          .definedBy("dev.inlay.batch")
          .whereLayer("model")
          .mayOnlyAccessLayers("geom", "text")
          .whereLayer("page")
          .mayOnlyAccessLayers("geom", "text")
          .whereLayer("pdf")
          .mayOnlyAccessLayers("geom", "page")
          .whereLayer("evidence")
          .mayOnlyAccessLayers("geom", "text", "page")
          .whereLayer("score")
          .mayOnlyAccessLayers("geom", "text", "model", "page", "evidence")
          .whereLayer("propose")
          .mayOnlyAccessLayers("geom", "text", "model", "page", "evidence", "score")
          .whereLayer("choose")
          .mayOnlyAccessLayers("geom", "text", "model", "page", "evidence", "score", "propose")
          .whereLayer("document")
          .mayOnlyAccessLayers(
              "geom", "text", "model", "page", "evidence", "score", "propose", "choose")
          .whereLayer("extract")
          .mayOnlyAccessLayers(
              "geom", "model", "page", "pdf", "evidence", "propose", "choose", "document")
          .whereLayer("write")
          .mayOnlyAccessLayers(
              "geom",
              "text",
              "model",
              "page",
              "document",
              "extract",
              "survey",
              "spec",
              "rows",
              "compare")
          .whereLayer("spec")
          .mayOnlyAccessLayers("geom", "page")
          .whereLayer("rows")
          .mayOnlyAccessLayers("geom", "text", "model", "page", "document", "spec")
          .whereLayer("check")
          .mayOnlyAccessLayers("model", "spec", "rows")
          .whereLayer("compare")
          .mayOnlyAccessLayers("text")
          .whereLayer("draft")
          .mayOnlyAccessLayers("geom", "text", "model", "spec", "rows", "check")
          .whereLayer("survey")
          .mayOnlyAccessLayers("model", "extract")
          .whereLayer("draw")
          .mayOnlyAccessLayers("geom", "model", "page", "evidence", "extract", "choose")
          .whereLayer("batch")
          .mayOnlyAccessLayers(
              "page",
              "model",
              "evidence",
              "choose",
              "extract",
              "spec",
              "rows",
              "check",
              "draft",
              "write")
          .whereLayer("text")
          .mayNotAccessAnyLayer()
          .whereLayer("geom")
          .mayNotAccessAnyLayer();

  @ArchTest
  static final ArchRule thePdfLibraryLivesInOnePackage =
      noClasses()
          .that()
          .resideOutsideOfPackages("dev.inlay.pdf", "dev.inlay.draw")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.apache.pdfbox..", "org.apache.fontbox..");

  @ArchTest static final ArchRule theCorePrintsNothing = NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS;

  @ArchTest
  static final ArchRule theCoreNeverExits =
      noClasses()
          .should()
          .callMethod(System.class, "exit", int.class)
          .orShould()
          .callMethod(Runtime.class, "exit", int.class)
          .orShould()
          .callMethod(Runtime.class, "halt", int.class);

  @ArchTest
  static final ArchRule everyClassHasARoom =
      classes().should().resideOutsideOfPackage("dev.inlay").because("the root package is empty");

  @ArchTest
  static final ArchRule noInterfaceCode =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("picocli..", "dev.inlay.cli..", "dev.inlay.samples..");
}
