package pebblestep.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.io.Serial;
import java.util.Optional;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/** Reads and writes everything that is {@link Identified} by its id. Every mapper of documents has it. */
public final class IdentifiedNames extends SimpleModule {
    @Serial
    private static final long serialVersionUID = 1L;

    /**
     * Values, names and brackets of a document at most. A routine of sixty steps has a tenth of it; a tree of so many takes some 40 MB.
     */
    private static final long MOST_TOKENS = 500_000;

    /** The mapper that documents are read and written with: what is absent is not written, and what has no end is not read. */
    public static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxTokenCount(MOST_TOKENS)
                            .build())
                    .build())
            .addModule(new IdentifiedNames())
            .addModule(new ValueLimits())
            .changeDefaultPropertyInclusion(value -> value.withValueInclusion(JsonInclude.Include.NON_NULL))
            .build();

    /** Why a text is none of a closed set; empty for a type that is no closed set. */
    @SuppressWarnings({"rawtypes", "unchecked"})
    public static Optional<Refusal> refusal(Class<?> set, String id) {
        if (!set.isEnum() || !Identified.class.isAssignableFrom(set)) return Optional.empty();
        try {
            Identified.of((Class) set, id);
            return Optional.empty();
        } catch (Refusal e) {
            return Optional.of(e);
        }
    }

    @Override
    public void setupModule(SetupContext context) {
        super.setupModule(context);
        context.insertAnnotationIntrospector(new Introspector());
    }

    private static final class Introspector extends NopAnnotationIntrospector {
        @Serial
        private static final long serialVersionUID = 1L;

        @Override
        public String[] findEnumValues(MapperConfig<?> config, AnnotatedClass type, Enum<?>[] values, String[] names) {
            for (int i = 0; i < values.length; i++) {
                if (names[i] == null && values[i] instanceof Identified one) names[i] = one.id();
            }
            return names;
        }
    }
}
