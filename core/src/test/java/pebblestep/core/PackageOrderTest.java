package pebblestep.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Lower packages know nothing of higher ones, and the core knows nothing but the JDK. */
@AnalyzeClasses(packages = "pebblestep.core", importOptions = DoNotIncludeTests.class)
class PackageOrderTest {

    @ArchTest
    static final ArchRule the_pipeline_flows_one_way = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("pitch")
            .definedBy("pebblestep.core.pitch")
            .layer("instrument")
            .definedBy("pebblestep.core.instrument")
            .layer("fingering")
            .definedBy("pebblestep.core.fingering..")
            .layer("scale")
            .definedBy("pebblestep.core.scale")
            .layer("line")
            .definedBy("pebblestep.core.line")
            .layer("rhythm")
            .definedBy("pebblestep.core.rhythm")
            .layer("harmony")
            .definedBy("pebblestep.core.harmony")
            .layer("walk")
            .definedBy("pebblestep.core.walk")
            .layer("voice")
            .definedBy("pebblestep.core.voice")
            .layer("passage")
            .definedBy("pebblestep.core.passage..")
            .layer("notation")
            .definedBy("pebblestep.core.notation")
            .layer("metronome")
            .definedBy("pebblestep.core.metronome")
            .layer("tempo")
            .definedBy("pebblestep.core.tempo")
            .layer("minutes")
            .definedBy("pebblestep.core.minutes")
            .layer("climb")
            .definedBy("pebblestep.core.climb")
            .layer("forecast")
            .definedBy("pebblestep.core.forecast")
            .layer("keyplan")
            .definedBy("pebblestep.core.keyplan")
            .layer("quiz")
            .definedBy("pebblestep.core.quiz")
            .layer("practice")
            .definedBy("pebblestep.core.practice")
            .layer("melody")
            .definedBy("pebblestep.core.melody")
            .layer("sound")
            .definedBy("pebblestep.core.sound")
            .whereLayer("instrument")
            .mayOnlyBeAccessedByLayers("fingering", "quiz", "voice", "passage", "notation")
            .whereLayer("fingering")
            .mayOnlyBeAccessedByLayers("passage", "climb", "keyplan", "quiz", "practice")
            .whereLayer("harmony")
            .mayOnlyBeAccessedByLayers("walk", "passage", "keyplan", "notation", "metronome", "climb")
            .whereLayer("walk")
            .mayOnlyBeAccessedByLayers("passage", "keyplan", "notation", "metronome", "climb", "practice")
            .whereLayer("voice")
            .mayOnlyBeAccessedByLayers("passage", "notation", "climb", "practice")
            .whereLayer("scale")
            .mayOnlyBeAccessedByLayers(
                    "fingering",
                    "line",
                    "harmony",
                    "walk",
                    "passage",
                    "notation",
                    "metronome",
                    "climb",
                    "keyplan",
                    "quiz",
                    "practice",
                    "melody")
            .whereLayer("line")
            .mayOnlyBeAccessedByLayers("voice", "passage", "climb", "keyplan", "practice", "melody")
            .whereLayer("passage")
            .mayOnlyBeAccessedByLayers(
                    "climb", "keyplan", "notation", "metronome", "minutes", "practice", "melody", "sound")
            .whereLayer("melody")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("sound")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("notation")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("metronome")
            .mayOnlyBeAccessedByLayers("minutes", "sound")
            .whereLayer("tempo")
            .mayOnlyBeAccessedByLayers("climb", "practice")
            .whereLayer("minutes")
            .mayOnlyBeAccessedByLayers("climb", "forecast", "practice")
            .whereLayer("climb")
            .mayOnlyBeAccessedByLayers("forecast", "keyplan", "practice", "sound")
            .whereLayer("forecast")
            .mayOnlyBeAccessedByLayers("practice")
            .whereLayer("keyplan")
            .mayOnlyBeAccessedByLayers("practice")
            .whereLayer("quiz")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("practice")
            .mayNotBeAccessedByAnyLayer();

    @ArchTest
    static final ArchRule no_two_packages_know_each_other =
            slices().matching("pebblestep.core.(*)..").should().beFreeOfCycles();

    /** Families of instruments know the model and the search, not each other; only what chooses among them knows them. */
    @ArchTest
    static final ArchRule a_family_knows_no_other = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("model")
            .definedBy("pebblestep.core.fingering")
            .layer("search")
            .definedBy("pebblestep.core.fingering.search")
            .layer("bowed")
            .definedBy("pebblestep.core.fingering.bowed")
            .layer("frets")
            .definedBy("pebblestep.core.fingering.frets")
            .layer("brass")
            .definedBy("pebblestep.core.fingering.brass")
            .layer("wind")
            .definedBy("pebblestep.core.fingering.wind")
            .layer("keyboard")
            .definedBy("pebblestep.core.fingering.keyboard")
            .layer("mallets")
            .definedBy("pebblestep.core.fingering.mallets")
            .layer("harp")
            .definedBy("pebblestep.core.fingering.harp")
            .layer("words")
            .definedBy("pebblestep.core.fingering.words")
            .layer("instruments")
            .definedBy("pebblestep.core.fingering.instruments")
            .whereLayer("search")
            .mayOnlyBeAccessedByLayers("bowed", "frets", "keyboard", "words", "instruments")
            .whereLayer("bowed")
            .mayOnlyBeAccessedByLayers("instruments")
            .whereLayer("frets")
            .mayOnlyBeAccessedByLayers("instruments")
            .whereLayer("brass")
            .mayOnlyBeAccessedByLayers("instruments")
            .whereLayer("wind")
            .mayOnlyBeAccessedByLayers("instruments")
            .whereLayer("keyboard")
            .mayOnlyBeAccessedByLayers("instruments")
            .whereLayer("mallets")
            .mayOnlyBeAccessedByLayers("instruments")
            .whereLayer("harp")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("words")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("instruments")
            .mayNotBeAccessedByAnyLayer();

    @ArchTest
    static final ArchRule the_rooms_of_fingering_are_free_of_cycles =
            slices().matching("pebblestep.core.fingering.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule only_the_jdk_is_known = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "pebblestep.core..",
                    "java.lang..",
                    "java.util..",
                    "java.math..",
                    "java.time..",
                    // What says whether something may be null; it is gone when the rules run.
                    "org.jspecify.annotations..");

    @ArchTest
    static final ArchRule there_is_no_clock_here = com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses()
            .should()
            .dependOnClassesThat()
            .areAssignableTo(java.time.Clock.class)
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now");

    /** Halves below zero are not rounded alike wherever the rules run. */
    @ArchTest
    static final ArchRule rounding_is_our_own = com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses()
            .should()
            .callMethod(Math.class, "round", double.class)
            .orShould()
            .callMethod(Math.class, "round", float.class);
}
