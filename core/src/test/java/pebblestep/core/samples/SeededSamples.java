package pebblestep.core.samples;

import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.ArgumentsProvider;
import org.junit.jupiter.params.support.ParameterDeclarations;

/** Draws the samples of a law. */
final class SeededSamples implements ArgumentsProvider {
    /** Beyond what a fraction is made of in any step. */
    private static final int LARGE = 100_000;

    @Override
    public Stream<? extends Arguments> provideArguments(ParameterDeclarations parameters, ExtensionContext context) {
        Method law = context.getRequiredTestMethod();
        Object test = made(context.getRequiredTestClass());
        List<Draw<?>> draws = Arrays.stream(law.getParameters())
                .<Draw<?>>map(parameter -> draw(parameter, test))
                .toList();
        int samples = Samples.Share.of(law.getAnnotation(Samples.class).value());
        long first = law.getName().hashCode();
        return IntStream.range(0, samples).mapToObj(sample -> {
            long seed = first + sample;
            Random random = new Random(seed * 0x9E3779B97F4A7C15L);
            Object[] drawn =
                    draws.stream().map(draw -> (Object) draw.from(random)).toArray();
            return Arguments.argumentSet("sample " + sample + " of seed " + seed, drawn);
        });
    }

    private static Object made(Class<?> test) {
        try {
            var constructor = test.getDeclaredConstructor();
            constructor.setAccessible(true);
            return constructor.newInstance();
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Draw<?> draw(Parameter parameter, Object test) {
        Samples.From from = parameter.getAnnotation(Samples.From.class);
        if (from != null) return named(test, from.value());
        Samples.Ints ints = parameter.getAnnotation(Samples.Ints.class);
        if (ints != null) return Draw.ints(ints.min(), ints.max());
        Samples.Doubles doubles = parameter.getAnnotation(Samples.Doubles.class);
        if (doubles != null) return Draw.doubles(doubles.min(), doubles.max());
        Class<?> type = parameter.getType();
        if (type.isEnum()) return Draw.of(List.of(type.getEnumConstants()));
        if (type == int.class) return Draw.ints(-LARGE, LARGE);
        if (type == long.class) return Random::nextLong;
        if (type == String.class) return anyText();
        throw new IllegalArgumentException("Say how " + parameter + " is drawn.");
    }

    /** Texts that a person types, and texts that nobody does. */
    private static Draw<String> anyText() {
        return Draw.oneOf(Draw.text("0123456789/-+. abcdefgABCDEFG#b'|,\t", 24), random -> random.ints(
                        random.nextInt(24), 0, 0xD7FF)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString());
    }

    private static Draw<?> named(Object test, String name) {
        try {
            Method method = test.getClass().getDeclaredMethod(name);
            method.setAccessible(true);
            return (Draw<?>) method.invoke(test);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("There is no draw \"" + name + "\" here.", e);
        }
    }
}
