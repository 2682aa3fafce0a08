package pebblestep.core.samples;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ArgumentsSource;

/**
 * A law that holds for whatever is drawn: a test that is run with so many seeded samples. Parameters say how they are
 * drawn by {@link Ints}, {@link Doubles} or {@link From}; a closed set, a number of any size and any text need nothing
 * said. The seed is that of the law's own name, so that every run draws the same; seed and sample are in the test's name.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@ParameterizedTest(name = "{argumentSetName}")
@ArgumentsSource(SeededSamples.class)
public @interface Samples {
    /** How many. */
    int value() default 1000;

    /** How many of the samples are drawn: all, or the percentage that {@code -Dpebble.samples} says, such as 20 or 500. */
    final class Share {
        private static final int PERCENT = Integer.getInteger("pebble.samples", 100);
        private static final int LEAST = 5;

        private Share() {}

        /** So many of that many, but no fewer than five. */
        public static int of(int all) {
            return Math.max(Math.min(all, LEAST), Math.toIntExact((long) all * PERCENT / 100));
        }
    }

    /** A whole number between two, both included. */
    @Target(ElementType.PARAMETER)
    @Retention(RetentionPolicy.RUNTIME)
    @interface Ints {
        int min() default 0;

        int max() default Integer.MAX_VALUE;
    }

    /** A number between two. */
    @Target(ElementType.PARAMETER)
    @Retention(RetentionPolicy.RUNTIME)
    @interface Doubles {
        double min();

        double max();
    }

    /** Drawn by what this method of the test gives: a {@link Draw}. */
    @Target(ElementType.PARAMETER)
    @Retention(RetentionPolicy.RUNTIME)
    @interface From {
        String value();
    }
}
