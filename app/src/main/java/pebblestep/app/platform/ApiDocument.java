package pebblestep.app.platform;

import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.converter.ResolvedSchema;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import pebblestep.core.Identified;
import pebblestep.documents.ProblemDocument;
import pebblestep.documents.bench.Catalogue;
import pebblestep.documents.bench.ChoicesAsked;
import pebblestep.documents.bench.ClimbAsked;
import pebblestep.documents.bench.ClimbEditAsked;
import pebblestep.documents.bench.EditAsked;
import pebblestep.documents.bench.FingersAsked;
import pebblestep.documents.bench.FitAnswer;
import pebblestep.documents.bench.FitAsked;
import pebblestep.documents.bench.ForecastAsked;
import pebblestep.documents.bench.GrowthAsked;
import pebblestep.documents.bench.PassageAsked;
import pebblestep.documents.bench.PatternAsked;
import pebblestep.documents.bench.PlanAsked;
import pebblestep.documents.bench.ReadingsAsked;
import pebblestep.documents.bench.SaidAsked;
import pebblestep.documents.bench.StepForecast;
import pebblestep.documents.bench.TourAsked;
import pebblestep.documents.bench.WalkOptionsQuery;
import pebblestep.documents.bench.WithAsked;
import pebblestep.documents.practice.CautionAsked;
import pebblestep.documents.practice.LatencyAsked;
import pebblestep.documents.practice.RanAsked;
import pebblestep.documents.practice.RunAsked;
import pebblestep.documents.practice.RungAsked;
import pebblestep.documents.practice.SoundAsked;
import pebblestep.documents.practice.TakesAsked;
import pebblestep.documents.practice.TapsAsked;
import pebblestep.documents.practice.TodayAsked;

/**
 * The API's OpenAPI document. Records say what is optional by {@code @Nullable}; every other component is required, so
 * that the generated types of the front end need no guessing.
 */
@Configuration
class ApiDocument {

    @Bean
    OpenApiCustomizer info() {
        return api -> {
            api.setInfo(new Info()
                    .title("Pebble Step")
                    .version("1")
                    .description("Scale practice that grows by small steps."));
            for (Class<?> document : OF_THE_PAGE) define(document, api.getComponents());
        };
    }

    /**
     * What the page asks its own copy of the core. These documents are never sent. They are among the schemas so that the page's types are
     * generated from the same records as everything else.
     */
    private static final List<Class<?>> OF_THE_PAGE = List.of(
            PassageAsked.class,
            EditAsked.class,
            EditAsked.EditAnswer.class,
            ChoicesAsked.class,
            ChoicesAsked.ChoicesAnswer.class,
            ReadingsAsked.class,
            ReadingsAsked.ReadingsAnswer.class,
            SaidAsked.class,
            SaidAsked.SaidAnswer.class,
            WithAsked.class,
            FingersAsked.class,
            WithAsked.WithAnswer.class,
            WalkOptionsQuery.class,
            WalkOptionsQuery.WalkOptions.class,
            TourAsked.class,
            TourAsked.TourAnswer.class,
            ClimbAsked.class,
            ClimbEditAsked.class,
            ClimbEditAsked.ClimbEditAnswer.class,
            GrowthAsked.class,
            GrowthAsked.GrowthAnswer.class,
            FitAsked.class,
            FitAnswer.class,
            Catalogue.class,
            PatternAsked.class,
            PatternAsked.PatternAnswer.class,
            PlanAsked.class,
            PlanAsked.PlanAnswer.class,
            ForecastAsked.class,
            StepForecast.class,
            TodayAsked.class,
            RungAsked.class,
            RunAsked.class,
            RunAsked.RunAnswer.class,
            RanAsked.class,
            RanAsked.RanAnswer.class,
            TakesAsked.class,
            TakesAsked.TakesAnswer.class,
            CautionAsked.class,
            CautionAsked.CautionAnswer.class,
            TapsAsked.class,
            TapsAsked.TapsAnswer.class,
            LatencyAsked.class,
            LatencyAsked.LatencyAnswer.class,
            SoundAsked.class,
            SoundAsked.SoundAnswer.class,
            ProblemDocument.class);

    private static void define(Class<?> document, Components components) {
        ResolvedSchema resolved = ModelConverters.getInstance(true)
                .resolveAsResolvedSchema(new AnnotatedType(document).resolveAsRef(true));
        resolved.referencedSchemas.forEach(
                (name, schema) -> components.getSchemas().putIfAbsent(name, schema));
    }

    @Bean
    ModelConverter requiredComponents() {
        return new RequiredComponents();
    }

    @Bean
    ModelConverter identified() {
        return new IdentifiedSets();
    }

    /** A closed set is one schema with the ids of its members, so that the browser gets a union for it. */
    private static final class IdentifiedSets implements ModelConverter {
        @Override
        @SuppressWarnings({"rawtypes", "unchecked"})
        public @Nullable Schema resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            Class<?> raw =
                    TypeFactory.defaultInstance().constructType(type.getType()).getRawClass();
            if (!raw.isEnum() || !Identified.class.isAssignableFrom(raw)) {
                return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            }
            Schema set = new StringSchema();
            for (Object one : raw.getEnumConstants()) set.addEnumItemObject(((Identified) one).id());
            context.defineModel(name(raw), set);
            return new Schema<>().$ref(name(raw));
        }

        /** {@code Travel}, and {@code JudgementKind} for what is named in another. */
        private static String name(Class<?> set) {
            Class<?> outer = set.getDeclaringClass();
            boolean views = outer == null || outer.getSimpleName().endsWith("Views");
            return views ? set.getSimpleName() : outer.getSimpleName() + set.getSimpleName();
        }
    }

    private static final class RequiredComponents implements ModelConverter {
        @Override
        @SuppressWarnings("rawtypes")
        public @Nullable Schema resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            if (!chain.hasNext()) return null;
            Schema<?> schema = chain.next().resolve(type, context, chain);
            Class<?> raw =
                    TypeFactory.defaultInstance().constructType(type.getType()).getRawClass();
            if (schema != null && raw.isRecord()) {
                Schema<?> model = model(schema, context);
                if (model != null && model.getProperties() != null) model.setRequired(required(raw));
            }
            return schema;
        }

        private static @Nullable Schema<?> model(Schema<?> schema, ModelConverterContext context) {
            String ref = schema.get$ref();
            return ref == null ? schema : context.getDefinedModels().get(ref.substring(ref.lastIndexOf('/') + 1));
        }

        private static List<String> required(Class<?> record) {
            return Arrays.stream(record.getRecordComponents())
                    .filter(component -> !component.getAnnotatedType().isAnnotationPresent(Nullable.class))
                    .map(RecordComponent::getName)
                    .toList();
        }
    }
}
