package pebblestep.core.rhythm;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;

/**
 * The note values a line is played in: a cycle of values and rests. A rest belongs to the note before it, takes time and
 * has no note of its own.
 */
public final class Figure {
    private static final Fraction SHORTEST = Fraction.of(1, 64);
    private static final Fraction LONGEST = Fraction.of(4);
    /** A melody has a value for each of its notes, and a rest behind it. */
    private static final int MOST = 1_000;

    private static final List<Fraction> EVEN = List.of(
            Fraction.ONE,
            Fraction.of(1, 2),
            Fraction.of(1, 4),
            Fraction.of(1, 8),
            Fraction.of(1, 12),
            Fraction.of(1, 16),
            Fraction.of(1, 20),
            Fraction.of(1, 24),
            Fraction.of(1, 32));

    /** Parts of a whole note that a click can be at the finest; beyond it nothing could be reckoned exactly. */
    private static final long FINEST = 1_000_000;

    private final List<Slot> slots;

    /** One note of the cycle with the rest that follows it, which may be none. */
    public record Slot(Fraction value, Fraction rest) {
        /** From this attack to the next. */
        public Fraction length() {
            return value.plus(rest);
        }
    }

    private Figure(List<Slot> slots) {
        this.slots = List.copyOf(slots);
    }

    /** An even figure; refuses values shorter than 1/64 and longer than four whole notes. */
    public static Figure even(Fraction value) {
        return new Figure(List.of(new Slot(checked(value), Fraction.ZERO)));
    }

    /** The figure of a cycle such as 1/2 r1/2; refuses cycles that are empty, too long, or begin with a rest. */
    public static Figure ofCycle(List<String> cycle) {
        if (cycle.isEmpty() || cycle.size() > MOST) {
            throw Refusal.of("rhythm.figure", "A figure has 1 to " + MOST + " values.");
        }
        List<Slot> slots = new ArrayList<>();
        Fraction click = Fraction.ZERO;
        for (String text : cycle) {
            boolean rest = text.startsWith("r");
            Fraction value = checked(read(rest ? text.substring(1) : text));
            click = click.commonMeasure(value);
            if (click.denominator() > FINEST) {
                throw Refusal.of("rhythm.figure", "These values have no common click that could be counted.")
                        .fits("Choose values that divide the same beat.");
            }
            if (!rest) {
                slots.add(new Slot(value, Fraction.ZERO));
                continue;
            }
            if (slots.isEmpty()) {
                throw Refusal.of("rhythm.figure", "A figure begins with a note; a rest belongs to the note before it.")
                        .fits("Put the rest at the end of the cycle, or move the place.");
            }
            Slot last = slots.remove(slots.size() - 1);
            slots.add(new Slot(last.value, last.rest.plus(value)));
        }
        return new Figure(slots);
    }

    private static Fraction read(String text) {
        try {
            return Fraction.parse(text);
        } catch (Refusal e) {
            throw e.at("rhythm.figure");
        }
    }

    private static Fraction checked(Fraction value) {
        if (value.isLessThan(SHORTEST) || LONGEST.isLessThan(value)) {
            throw Refusal.of(
                    "rhythm.figure", "A value lies between " + SHORTEST + " and " + LONGEST + ", not " + value + ".");
        }
        return value;
    }

    /** The even values that are offered, longest first. */
    public static List<Fraction> values() {
        return EVEN;
    }

    /** The cycle in order. */
    public List<Slot> slots() {
        return slots;
    }

    /** The slot of an attack, counted from 0 through the cycle again and again. */
    public Slot slot(int attack) {
        return slots.get(attack % slots.size());
    }

    /** Length of one cycle. */
    public Fraction length() {
        return slots.stream().map(Slot::length).reduce(Fraction.ZERO, Fraction::plus);
    }

    /** Its one value, where all notes are alike and without rests. */
    public Optional<Fraction> even() {
        Slot first = slots.get(0);
        boolean even = first.rest.isZero() && slots.stream().allMatch(first::equals);
        return even ? Optional.of(first.value) : Optional.empty();
    }

    /** Its own click: the longest length of which every value and rest is a multiple. */
    public Fraction click() {
        Fraction click = Fraction.ZERO;
        for (Slot slot : slots) click = click.commonMeasure(slot.value).commonMeasure(slot.rest);
        return click;
    }

    /** The shortest time from one attack to the next, in whole notes. */
    public Fraction quickest() {
        return slots.stream().map(Slot::length).min(Fraction::compareTo).orElseThrow();
    }

    /** The cycle in the form that {@link #ofCycle} reads. */
    public List<String> cycle() {
        List<String> cycle = new ArrayList<>();
        for (Slot slot : slots) {
            cycle.add(slot.value.toString());
            if (!slot.rest.isZero()) cycle.add("r" + slot.rest);
        }
        return cycle;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Figure figure && figure.slots.equals(slots);
    }

    @Override
    public int hashCode() {
        return slots.hashCode();
    }

    /** The cycle with spaces between: {@code 3/16 1/16}. */
    @Override
    public String toString() {
        return String.join(" ", cycle());
    }
}
