package pebblestep.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The application is cut by what people do; the slices know each other one way only, and the core knows none of it. */
@AnalyzeClasses(packages = "pebblestep", importOptions = DoNotIncludeTests.class)
class SliceOrderTest {

    @ArchTest
    static final ArchRule the_slices_stand_on_each_other = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("platform")
            .definedBy("pebblestep.app.platform")
            .layer("accounts")
            .definedBy("pebblestep.app.accounts")
            .layer("students")
            .definedBy("pebblestep.app.students")
            .layer("bench")
            .definedBy("pebblestep.app.bench")
            .layer("assignments")
            .definedBy("pebblestep.app.assignments")
            .layer("practice")
            .definedBy("pebblestep.app.practice")
            .layer("keyplans")
            .definedBy("pebblestep.app.keyplans")
            .layer("progress")
            .definedBy("pebblestep.app.progress")
            .layer("goals")
            .definedBy("pebblestep.app.goals")
            .layer("quiz")
            .definedBy("pebblestep.app.quiz")
            .layer("lessons")
            .definedBy("pebblestep.app.lessons")
            .layer("demo")
            .definedBy("pebblestep.app.demo")
            .whereLayer("demo")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("lessons")
            .mayOnlyBeAccessedByLayers("demo")
            .whereLayer("quiz")
            .mayOnlyBeAccessedByLayers("demo")
            .whereLayer("goals")
            .mayOnlyBeAccessedByLayers("lessons", "demo")
            .whereLayer("progress")
            .mayOnlyBeAccessedByLayers("lessons", "demo")
            .whereLayer("keyplans")
            .mayOnlyBeAccessedByLayers("progress", "goals", "quiz", "lessons", "demo")
            .whereLayer("practice")
            .mayOnlyBeAccessedByLayers("keyplans", "progress", "goals", "quiz", "lessons", "demo")
            .whereLayer("assignments")
            .mayOnlyBeAccessedByLayers("practice", "keyplans", "progress", "goals", "quiz", "lessons", "demo")
            .whereLayer("bench")
            .mayOnlyBeAccessedByLayers(
                    "assignments", "practice", "keyplans", "progress", "goals", "quiz", "lessons", "demo")
            .whereLayer("students")
            .mayOnlyBeAccessedByLayers(
                    "bench", "assignments", "practice", "keyplans", "progress", "goals", "quiz", "lessons", "demo")
            .whereLayer("accounts")
            .mayOnlyBeAccessedByLayers(
                    "students",
                    "bench",
                    "assignments",
                    "practice",
                    "keyplans",
                    "progress",
                    "goals",
                    "quiz",
                    "lessons",
                    "demo");

    @ArchTest
    static final ArchRule the_modules_stand_on_each_other = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("core")
            .definedBy("pebblestep.core..")
            .layer("exchange")
            .definedBy("pebblestep.exchange..")
            .layer("app")
            .definedBy("pebblestep.app..")
            .whereLayer("app")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("exchange")
            .mayOnlyBeAccessedByLayers("app")
            .whereLayer("core")
            .mayOnlyBeAccessedByLayers("exchange", "app");

    @ArchTest
    static final ArchRule music_is_worked_out_in_the_core_not_in_controllers = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("pebblestep.core.notation", "pebblestep.core.climb", "pebblestep.core.line");
}
