package pebblestep.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

/** What the compiler does not hold and readers rely on. */
@AnalyzeClasses(
        packages = "pebblestep",
        importOptions = {DoNotIncludeTests.class, OwnSources.class})
class ConventionsTest {
    private static final Pattern OF_THE_WIRE = Pattern.compile(".*(Part|View|Document|Form|Item|Card|Line)");

    /** Who reads {@code archive(id, false)} has to guess; two methods, or a value with a name, say it. */
    @ArchTest
    static final ArchRule no_public_method_takes_a_flag = methods()
            .that()
            .arePublic()
            .and()
            .areNotDeclaredIn(Object.class)
            .and()
            .areDeclaredInClassesThat(DescribedPredicate.describe(
                    "are asked by neither the web nor a query",
                    type -> !type.isAnnotatedWith(RestController.class) && !type.isAssignableTo(Repository.class)))
            .should(new ArchCondition<>("take no flag") {
                @Override
                public void check(JavaMethod method, ConditionEvents events) {
                    boolean flag = !method.getName().equals("of")
                            && method.getRawParameterTypes().stream().anyMatch(ConventionsTest::isFlag);
                    if (flag) events.add(SimpleConditionEvent.violated(method, method.getFullName()));
                }
            });

    /** What may be absent is a {@code @Nullable} argument, or another method; a record may hold an {@code Optional}. */
    @ArchTest
    static final ArchRule no_method_takes_an_optional = methods().should(new ArchCondition<>("take no Optional") {
        @Override
        public void check(JavaMethod method, ConditionEvents events) {
            boolean optional = !method.getModifiers().contains(JavaModifier.SYNTHETIC)
                    && method.getRawParameterTypes().stream().anyMatch(type -> type.isEquivalentTo(Optional.class));
            if (optional) events.add(SimpleConditionEvent.violated(method, method.getFullName()));
        }
    });

    /** Where the core is compiled for the page, looking something up in such a map divides by its size. */
    @ArchTest
    static final ArchRule the_core_copies_its_maps_by_copies = noClasses()
            .that()
            .resideInAnyPackage("pebblestep.core..", "pebblestep.documents..")
            .should()
            .callMethod(Map.class, "copyOf", Map.class)
            .because("Copies.map is looked up safely in the page as well");

    private static boolean isFlag(JavaClass type) {
        return type.isEquivalentTo(boolean.class) || type.isEquivalentTo(Boolean.class);
    }

    /** The document of the API knows a record by its simple name: of two alike it silently takes one. */
    @ArchTest
    static void no_two_records_of_the_wire_share_a_name(JavaClasses classes) {
        Map<String, Long> names = classes.stream()
                .filter(JavaClass::isRecord)
                .filter(type -> !type.getPackageName().startsWith("pebblestep.core"))
                .map(JavaClass::getSimpleName)
                .filter(OF_THE_WIRE.asMatchPredicate())
                .collect(groupingBy(name -> name, counting()));
        assertThat(names)
                .isNotEmpty()
                .allSatisfy((name, times) -> assertThat(times).as(name).isOne());
    }
}
