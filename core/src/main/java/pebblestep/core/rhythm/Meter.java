package pebblestep.core.rhythm;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pebblestep.core.Parts;
import pebblestep.core.Refusal;

/**
 * A meter: how many units of which value make a bar, and how they group into beats. In simple meters every unit is a
 * beat, in compound meters three units are, and in irregular ones two or three, as the grouping says.
 *
 * @param units units in a bar
 * @param unit which value a unit is: 4 for a quarter, 8 for an eighth
 * @param groups units in each beat
 */
public record Meter(int units, int unit, List<Integer> groups) {
    private static final List<String> SIMPLE = List.of("2/4", "3/4", "4/4", "5/4");
    private static final List<String> COMPOUND = List.of("6/8", "9/8", "12/8");
    private static final List<String> IRREGULAR = List.of("7/8(2+2+3)", "7/8(2+3+2)", "7/8(3+2+2)");
    private static final List<Meter> OFFERED = Stream.of(SIMPLE, COMPOUND, IRREGULAR)
            .flatMap(List::stream)
            .map(Meter::parse)
            .toList();

    public Meter {
        groups = List.copyOf(groups);
    }

    /** Reads {@code 4/4}, {@code 6/8} and {@code 7/8(2+2+3)}; refuses what is no meter, and meters not carried. */
    public static Meter parse(String text) {
        int open = text.indexOf('(');
        if (open > 0 && text.endsWith(")")) return grouped(text, text.substring(0, open), open);
        if (SIMPLE.contains(text)) return even(text, 1);
        if (COMPOUND.contains(text)) return even(text, 3);
        throw refused(text);
    }

    private static Meter even(String text, int unitsOfBeat) {
        int slash = text.indexOf('/');
        int units = Integer.parseInt(text.substring(0, slash));
        return new Meter(
                units,
                Integer.parseInt(text.substring(slash + 1)),
                Collections.nCopies(units / unitsOfBeat, unitsOfBeat));
    }

    /** Eighths in twos and threes, at most sixteen of them. */
    private static Meter grouped(String text, String head, int open) {
        List<Integer> groups = new ArrayList<>();
        for (String group : Parts.of(text.substring(open + 1, text.length() - 1), "+")) {
            if (!group.equals("2") && !group.equals("3")) throw refused(text);
            groups.add(Integer.valueOf(group));
        }
        int units = groups.stream().mapToInt(Integer::intValue).sum();
        if (!head.endsWith("/8") || units > 16) throw refused(text);
        if (!head.equals(units + "/8")) {
            throw Refusal.of("rhythm.meter", "The groups of \"" + text + "\" make " + units + " eighths.")
                    .fits("Write groups that make the bar, such as 7/8(2+2+3).");
        }
        boolean compound = groups.stream().allMatch(group -> group == 3);
        if (compound) return parse(head);
        return new Meter(units, 8, groups);
    }

    private static Refusal refused(String text) {
        return Refusal.of("rhythm.meter", "There is no meter \"" + text + "\" here.")
                .fits("One of: " + String.join(", ", SIMPLE) + ", " + String.join(", ", COMPOUND)
                        + ", or eighths in stated groups of 2 and 3, such as 7/8(2+2+3).");
    }

    /** The meters that are offered, in order; other groupings of eighths can be given too. */
    public static List<Meter> all() {
        return OFFERED;
    }

    /** Whether the beats divide in three by nature, all of them. */
    public boolean isCompound() {
        return groups.stream().allMatch(group -> group == 3);
    }

    /** Whether its beats differ in length. */
    public boolean isIrregular() {
        return groups.stream().distinct().count() > 1;
    }

    /** Whether a beat, from 1, divides in three by nature. */
    public boolean isTernary(int beat) {
        return groups.get(beat - 1) == 3;
    }

    /** As it is printed at the head of a line: {@code 4/4}; where beats differ with its groups, {@code 2+2+3/8}. */
    public String signature() {
        if (!isIrregular()) return units + "/" + unit;
        return groups.stream().map(String::valueOf).collect(Collectors.joining("+")) + "/" + unit;
    }

    /** Length of a bar. */
    public Fraction bar() {
        return Fraction.of(units, unit);
    }

    /** The value that usually gets the beat in a tempo: the beat itself, or the unit where beats differ. */
    public Fraction pulse() {
        return isIrregular() ? Fraction.of(1, unit) : lengthOf(1);
    }

    /** Beats in a bar. */
    public int beats() {
        return groups.size();
    }

    /** Length of a beat, counted from 1. */
    public Fraction lengthOf(int beat) {
        return Fraction.of(groups.get(beat - 1), unit);
    }

    /** Position in the bar of a beat counted from 1; refuses beats the bar does not have. */
    public Fraction positionOf(int beat) {
        if (beat < 1 || beat > beats()) {
            throw Refusal.of("landing.beat", "A bar of " + this + " has beats 1 to " + beats() + ", not " + beat + ".");
        }
        int before = 0;
        for (int i = 0; i < beat - 1; i++) before += groups.get(i);
        return Fraction.of(before, unit);
    }

    /** The bar in which a position stands, from 1; positions before the first downbeat stand in bar 0 and below. */
    public int barOf(Fraction position) {
        return Math.toIntExact(Math.floorDiv(unitOf(position), units)) + 1;
    }

    /** The unit in which a position stands, counted from the downbeat of bar 1. In whole numbers: this is asked often. */
    private long unitOf(Fraction position) {
        return Math.floorDiv(Math.multiplyExact(position.numerator(), (long) unit), position.denominator());
    }

    /** The downbeat of a bar counted from 1. */
    public Fraction downbeat(int bar) {
        return bar().times(bar - 1L);
    }

    /** The beat of its bar in which a position stands, from 1. */
    public int beatOf(Fraction position) {
        long inBar = Math.floorMod(unitOf(position), (long) units);
        int beat = 0;
        for (int before = 0; before + groups.get(beat) <= inBar; beat++) before += groups.get(beat);
        return beat + 1;
    }

    /** Where the beat of a position begins. */
    public Fraction beatStart(Fraction position) {
        long unitsBefore = Math.floorDiv(unitOf(position), (long) units) * units;
        for (int beat = 0; beat < beatOf(position) - 1; beat++) unitsBefore += groups.get(beat);
        return Fraction.of(unitsBefore, unit);
    }

    /** Where the beat after that of a position begins. */
    public Fraction nextBeat(Fraction position) {
        return beatStart(position).plus(lengthOf(beatOf(position)));
    }

    /** The text form that {@link #parse} reads. */
    @Override
    public String toString() {
        String head = units + "/" + unit;
        if (!isIrregular() && !(groups.get(0) == 2)) return head;
        return head + groups.stream().map(String::valueOf).collect(Collectors.joining("+", "(", ")"));
    }
}
