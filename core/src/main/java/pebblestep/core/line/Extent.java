package pebblestep.core.line;

import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import pebblestep.core.Refusal;
import pebblestep.core.Words;

/** How much of a form a line covers: a number of octaves, or a span of scale notes. */
public sealed interface Extent {
    /** Steps of the form from the bottom note of the range to its top note. */
    int steps(int formSize);

    /** In words: {@code two octaves}, {@code 5 notes}. */
    String inWords();

    /** Everything of the same kind that is smaller, widest first: fewer octaves, or fewer notes. */
    List<Extent> smaller();

    private static List<Extent> down(int from, int to, IntFunction<Extent> extent) {
        return IntStream.iterate(from, i -> i >= to, i -> i - 1)
                .mapToObj(extent)
                .toList();
    }

    /** Whole octaves, 1 to 4. */
    static Extent octaves(int count) {
        return new Octaves(count);
    }

    /** A number of scale notes, 2 to 50: five is the first five. */
    static Extent span(int notes) {
        return new Span(notes);
    }

    /** Whole octaves; refuses fewer than 1 and more than 4. */
    record Octaves(int count) implements Extent {
        public Octaves {
            if (count < 1 || count > 4) {
                throw Refusal.of("line.octaves", "A line covers one to four octaves, not " + count + ".");
            }
        }

        @Override
        public int steps(int formSize) {
            return count * formSize;
        }

        @Override
        public String inWords() {
            return Words.spelled(count, "octave");
        }

        @Override
        public List<Extent> smaller() {
            return down(count - 1, 1, Octaves::new);
        }
    }

    /** A number of scale notes; refuses fewer than 2 and more than 50. */
    record Span(int notes) implements Extent {
        public Span {
            if (notes < 2 || notes > 50) {
                throw Refusal.of("line.span", "A span has 2 to 50 notes of the scale, not " + notes + ".");
            }
        }

        @Override
        public int steps(int formSize) {
            return notes - 1;
        }

        @Override
        public String inWords() {
            return notes + " notes";
        }

        @Override
        public List<Extent> smaller() {
            return down(notes - 1, 2, Span::new);
        }
    }
}
