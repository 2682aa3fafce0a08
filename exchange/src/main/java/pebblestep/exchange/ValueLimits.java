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
 * Refuses values outside the limits where JSON is read: numbers that take all memory when they are written out, days of other
 * ages, texts that cannot be kept. Every mapper of documents has it.
 */
public final class ValueLimits extends SimpleModule {
    @Serial
    private static final long serialVersionUID = 1L;

    static final String NUMBER = "This number does not fit here.";
    static final String TEXT = "This text holds a character that cannot be kept; type it again.";

    private static final Set<Class<?>> LOOKED_AT =
            Set.of(BigDecimal.class, Double.class, double.class, String.class, LocalDate.class, OffsetDateTime.class);

    /** Looks at what the platform's own deserializers of these types have read. */
    public ValueLimits() {
        setDeserializerModifier(new Modifier());
    }

    /** A value outside the limits; its message is a sentence for the user. */
    public static final class OutOfLimits extends InvalidFormatException {
        @Serial
        private static final long serialVersionUID = 1L;

        OutOfLimits(JsonParser parser, String sentence, Object value) {
            super(parser, sentence, value, value.getClass());
        }
    }

    /** Why a value is outside the limits; empty for one that is inside. */
    private static Optional<String> wrong(@Nullable Object value) {
        return switch (value) {
            case BigDecimal number when !Numbers.isWithinLimits(number) -> Optional.of(NUMBER);
            case Double number when !Double.isFinite(number) -> Optional.of(NUMBER);
            case LocalDate day when !Days.isWithinLimits(day) -> Optional.of(Days.LIMITS);
            case OffsetDateTime time when !Days.isWithinLimits(time.toLocalDate()) -> Optional.of(Days.LIMITS);
            case String text when !isStorable(text) -> Optional.of(TEXT);
            case null, default -> Optional.empty();
        };
    }

    /** Whether a text has no NUL and no half of a character. */
    public static boolean isStorable(String text) {
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
            if (wrong.isPresent()) throw new OutOfLimits(parser, wrong.get(), value);
            return value;
        }
    }
}
