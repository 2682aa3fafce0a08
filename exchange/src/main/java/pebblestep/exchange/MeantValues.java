package pebblestep.exchange;

import java.io.Serial;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Days;
import pebblestep.core.Numbers;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.deser.std.DelegatingDeserializer;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.module.SimpleModule;

/**
 * Refuses values that nobody means where JSON is read: numbers that take all memory when they are written out, days of other
 * ages, texts that cannot be kept. Every mapper of documents has it.
 */
public final class MeantValues extends SimpleModule {
    @Serial
    private static final long serialVersionUID = 1L;

    static final String NUMBER = "This number does not fit here.";
    static final String TEXT = "This text holds a character that cannot be kept; type it again.";

    private static final Set<Class<?>> LOOKED_AT =
            Set.of(BigDecimal.class, Double.class, double.class, String.class, LocalDate.class, OffsetDateTime.class);

    /** Looks at what the platform's own deserializers of these types have read. */
    public MeantValues() {
        setDeserializerModifier(new Modifier());
    }

    /** A value that nobody means; its message is a sentence for whoever sent it. */
    public static final class Meaningless extends InvalidFormatException {
        @Serial
        private static final long serialVersionUID = 1L;

        Meaningless(JsonParser parser, String sentence, Object value) {
            super(parser, sentence, value, value.getClass());
        }
    }

    /** Why nobody means a value; empty for one that somebody may. */
    private static Optional<String> wrong(@Nullable Object value) {
        return switch (value) {
            case BigDecimal number when !Numbers.isMeant(number) -> Optional.of(NUMBER);
            case Double number when !Double.isFinite(number) -> Optional.of(NUMBER);
            case LocalDate day when !Days.isMeant(day) -> Optional.of(Days.MEANT);
            case OffsetDateTime time when !Days.isMeant(time.toLocalDate()) -> Optional.of(Days.MEANT);
            case String text when !canBeKept(text) -> Optional.of(TEXT);
            case null, default -> Optional.empty();
        };
    }

    /** Whether a text has no NUL and no half of a character. */
    public static boolean canBeKept(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == 0) return false;
            if (!Character.isSurrogate(c)) continue;
            boolean pair = Character.isHighSurrogate(c)
                    && i + 1 < text.length()
                    && Character.isLowSurrogate(text.charAt(i + 1));
            if (!pair) return false;
            i++;
        }
        return true;
    }

    private static final class Modifier extends ValueDeserializerModifier {
        @Serial
        private static final long serialVersionUID = 1L;

        @Override
        public ValueDeserializer<?> modifyDeserializer(
                DeserializationConfig config, BeanDescription.Supplier of, ValueDeserializer<?> deserializer) {
            return LOOKED_AT.contains(of.getBeanClass()) ? new Looking(deserializer) : deserializer;
        }
    }

    private static final class Looking extends DelegatingDeserializer {
        Looking(ValueDeserializer<?> of) {
            super(of);
        }

        @Override
        protected ValueDeserializer<?> newDelegatingInstance(ValueDeserializer<?> of) {
            return new Looking(of);
        }

        @Override
        public @Nullable Object deserialize(JsonParser parser, DeserializationContext context) {
            Object value = super.deserialize(parser, context);
            Optional<String> wrong = wrong(value);
            if (wrong.isPresent()) throw new Meaningless(parser, wrong.get(), value);
            return value;
        }
    }
}
