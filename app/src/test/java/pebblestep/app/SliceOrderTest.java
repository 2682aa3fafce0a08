package pebblestep.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.data.jpa.repository.Query;

/** The application is cut by what people do; the slices know each other one way only, and the core knows none of it. */
@AnalyzeClasses(
        packages = "pebblestep",
        importOptions = {DoNotIncludeTests.class, OwnSources.class})
class SliceOrderTest {
    /** Slices, lower ones first. */
    private static final List<String> UPWARDS = List.of(
            "configuration",
            "storage",
            "platform",
            "post",
            "accounts",
            "students",
            "bench",
            "assignments",
            "practice",
            "keyplans",
            "progress",
            "goals",
            "quiz",
            "calendar",
            "takeaway",
            "lessons",
            "letters",
            "archive",
            "deletion",
            "demo");

    /** All slices above one. */
    private static String[] above(String slice) {
        return UPWARDS.subList(UPWARDS.indexOf(slice) + 1, UPWARDS.size()).toArray(String[]::new);
    }

    /** A slice and all above it. */
    private static String[] from(String slice) {
        return UPWARDS.subList(UPWARDS.indexOf(slice), UPWARDS.size()).toArray(String[]::new);
    }

    /** Every package of the application has its place in the order. */
    @ArchTest
    static void every_slice_is_named(JavaClasses classes) {
        assertThat(classes.stream()
                        .map(JavaClass::getPackageName)
                        .filter(name -> name.startsWith("pebblestep.app."))
                        .map(name -> name.substring("pebblestep.app.".length()))
                        .distinct())
                .containsExactlyInAnyOrderElementsOf(UPWARDS);
    }

    @ArchTest
    static final ArchRule no_two_slices_know_each_other =
            slices().matching("pebblestep.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule the_slices_stand_on_each_other = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("configuration")
            .definedBy("pebblestep.app.configuration")
            .layer("storage")
            .definedBy("pebblestep.app.storage")
            .layer("platform")
            .definedBy("pebblestep.app.platform")
            .layer("post")
            .definedBy("pebblestep.app.post")
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
            .layer("calendar")
            .definedBy("pebblestep.app.calendar")
            .layer("takeaway")
            .definedBy("pebblestep.app.takeaway")
            .layer("letters")
            .definedBy("pebblestep.app.letters")
            .layer("archive")
            .definedBy("pebblestep.app.archive")
            .layer("lessons")
            .definedBy("pebblestep.app.lessons")
            .layer("deletion")
            .definedBy("pebblestep.app.deletion")
            .layer("demo")
            .definedBy("pebblestep.app.demo")
            .whereLayer("storage")
            .mayOnlyBeAccessedByLayers(from("platform"))
            .whereLayer("platform")
            .mayOnlyBeAccessedByLayers(from("post"))
            .whereLayer("post")
            .mayOnlyBeAccessedByLayers(from("accounts"))
            .whereLayer("demo")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("deletion")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("takeaway")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("letters")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("archive")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("calendar")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("lessons")
            .mayOnlyBeAccessedByLayers("letters", "demo")
            .whereLayer("quiz")
            .mayOnlyBeAccessedByLayers("demo")
            .whereLayer("goals")
            .mayOnlyBeAccessedByLayers("lessons", "deletion", "archive", "demo")
            .whereLayer("progress")
            .mayOnlyBeAccessedByLayers("lessons", "deletion", "demo")
            .whereLayer("keyplans")
            .mayOnlyBeAccessedByLayers(above("keyplans"))
            .whereLayer("practice")
            .mayOnlyBeAccessedByLayers(above("practice"))
            .whereLayer("assignments")
            .mayOnlyBeAccessedByLayers(above("assignments"))
            .whereLayer("bench")
            .mayOnlyBeAccessedByLayers(above("bench"))
            .whereLayer("students")
            .mayOnlyBeAccessedByLayers(above("students"))
            .whereLayer("accounts")
            .mayOnlyBeAccessedByLayers(above("accounts"));

    private static final Pattern ENTITY = Pattern.compile("\\b[A-Z]\\w*Entity\\b");

    /** The compiler does not see what a query joins. */
    @ArchTest
    static void queries_reach_only_downwards(JavaClasses classes) {
        Map<String, Integer> height = new HashMap<>();
        for (JavaClass one : classes) {
            if (one.getSimpleName().endsWith("Entity")) height.put(one.getSimpleName(), heightOf(one));
        }
        List<String> upwards = new ArrayList<>();
        int queries = 0;
        for (JavaClass one : classes) {
            for (JavaMethod method : one.getMethods()) {
                if (!method.isAnnotatedWith(Query.class)) continue;
                queries++;
                Matcher named =
                        ENTITY.matcher(method.getAnnotationOfType(Query.class).value());
                while (named.find()) {
                    if (height.getOrDefault(named.group(), Integer.MAX_VALUE) > heightOf(one)) {
                        upwards.add(method.getFullName() + " joins " + named.group());
                    }
                }
            }
        }
        assertThat(queries).isGreaterThan(10);
        assertThat(upwards).isEmpty();
    }

    private static int heightOf(JavaClass one) {
        return UPWARDS.indexOf(one.getPackageName().substring("pebblestep.app.".length()));
    }

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
