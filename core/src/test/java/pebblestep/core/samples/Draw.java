package pebblestep.core.samples;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** Draws a value of a kind; the same random numbers give the same value. */
@FunctionalInterface
public interface Draw<T> {
    /** One value. */
    T from(Random random);

    /** What comes of a value. */
    default <R> Draw<R> map(Function<? super T, ? extends R> of) {
        return random -> of.apply(from(random));
    }

    /** Goes on by what was drawn. */
    default <R> Draw<R> flatMap(Function<? super T, Draw<R>> then) {
        return random -> then.apply(from(random)).from(random);
    }

    /** Draws again until a value will do. */
    default Draw<T> filter(Predicate<? super T> allowed) {
        return random -> {
            for (int tries = 0; tries < 10_000; tries++) {
                T drawn = from(random);
                if (allowed.test(drawn)) return drawn;
            }
            throw new IllegalStateException("Nothing that is allowed was drawn.");
        };
    }

    /** Several of them. */
    default Draw<List<T>> list(int least, int most) {
        return random -> {
            List<T> all = new ArrayList<>();
            int size = least + random.nextInt(most - least + 1);
            for (int i = 0; i < size; i++) all.add(from(random));
            return all;
        };
    }

    /** Always the same. */
    static <T> Draw<T> just(T value) {
        return random -> value;
    }

    /** One of these. */
    @SafeVarargs
    static <T> Draw<T> of(T... values) {
        return of(List.of(values));
    }

    /** One of these. */
    static <T> Draw<T> of(List<T> values) {
        return random -> values.get(random.nextInt(values.size()));
    }

    /** One of a closed set. */
    static <E extends Enum<E>> Draw<E> of(Class<E> set) {
        return of(set.getEnumConstants());
    }

    /** By one of these, each as likely. */
    @SafeVarargs
    static <T> Draw<T> oneOf(Draw<? extends T>... draws) {
        return random -> draws[random.nextInt(draws.length)].from(random);
    }

    /** A whole number from one to another, both included; now and then one of the two, where mistakes live. */
    static Draw<Integer> ints(int least, int most) {
        return longs(least, most).map(Math::toIntExact);
    }

    /** The same, for longer numbers. */
    static Draw<Long> longs(long least, long most) {
        return random -> switch (random.nextInt(20)) {
            case 0 -> least;
            case 1 -> most;
            default -> most > least ? random.nextLong(least, most + 1) : least;
        };
    }

    /** A number from one to another, both included. */
    static Draw<Double> doubles(double least, double most) {
        return random -> switch (random.nextInt(20)) {
            case 0 -> least;
            case 1 -> most;
            default -> most > least ? random.nextDouble(least, most) : least;
        };
    }

    /** Text of these letters. */
    static Draw<String> text(String letters, int most) {
        return random -> IntStream.range(0, random.nextInt(most + 1))
                .mapToObj(
                        i -> letters.substring(random.nextInt(letters.length())).substring(0, 1))
                .reduce("", String::concat);
    }

    /** Two that make one. */
    static <A, B, R> Draw<R> both(Draw<A> a, Draw<B> b, Two<A, B, R> made) {
        return random -> made.of(a.from(random), b.from(random));
    }

    /** Makes one of two. */
    @FunctionalInterface
    interface Two<A, B, R> {
        R of(A a, B b);
    }
}
