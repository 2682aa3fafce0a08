package pebblestep.core.pitch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;

/**
 * A spelled note without octave: a letter and an alteration from -2 (double flat) to +2 (double sharp).
 *
 * <p>Documents write it as its {@link #id}, the letter followed by {@code b} or {@code #} once or twice: {@code Db},
 * {@code F##}. Sentences write it with the signs of the staff: {@code D♭}, {@code F♯♯}.
 */
public record NoteName(Letter letter, int alteration) {
    /** The letters by fifths, from the one below C. */
    private static final String ROUND_OF_FIFTHS = "FCGDAEB";

    private static final String[] SIGNS = {"bb", "b", "", "#", "##"};
    private static final String[] READ = {"♭♭", "♭", "", "♯", "♯♯"};

    /** Refuses alterations beyond a double sharp or flat. */
    public NoteName {
        if (alteration < -2 || alteration > 2) {
            throw Refusal.of("A note is altered at most twice; " + letter + " would need " + Math.abs(alteration)
                    + (alteration < 0 ? " flats." : " sharps."));
        }
    }

    /** The name so many fifths above C, or below it where negative: 2 is D, -2 is B flat. Refuses what needs three signs. */
    public static NoteName onFifths(int fifths) {
        int place = fifths + 1;
        return new NoteName(
                Letter.of(ROUND_OF_FIFTHS.charAt(Math.floorMod(place, ROUND_OF_FIFTHS.length()))),
                Math.floorDiv(place, ROUND_OF_FIFTHS.length()));
    }

    /** Reads {@code C}, {@code Db}, {@code F##}, also with ♭ and ♯; refuses anything else. */
    public static NoteName parse(String text) {
        if (text == null || text.isEmpty() || text.length() > 3) throw unreadable(text);
        Letter letter = Letter.of(text.charAt(0));
        String sign = text.substring(1);
        for (int i = 0; i < SIGNS.length; i++) {
            if (SIGNS[i].equals(sign) || READ[i].equals(sign)) return new NoteName(letter, i - 2);
        }
        throw unreadable(text);
    }

    private static Refusal unreadable(String text) {
        return Refusal.of("\"" + text + "\" is not a note name; write a letter with b or #, such as Db or F#.");
    }

    /** The pitch class, 0 (C) to 11 (B), in equal temperament. */
    public int pitchClass() {
        return Math.floorMod(letter.semitones() + alteration, 12);
    }

    /** The note on the same letter, altered by that many semitones more; refuses triple alterations. */
    public NoteName altered(int semitones) {
        return new NoteName(letter, alteration + semitones);
    }

    /** The note that lies this interval above; refuses triple alterations. */
    public NoteName plus(Interval interval) {
        return new NoteName(letter.plus(interval.steps()), alterationAt(interval));
    }

    /** The note that lies this interval above; empty where it would need a triple alteration. */
    public Optional<NoteName> tryPlus(Interval interval) {
        return Math.abs(alterationAt(interval)) <= 2 ? Optional.of(plus(interval)) : Optional.empty();
    }

    /** The interval from this note up to the next of that name, less than an octave. */
    public Interval upTo(NoteName other) {
        return Interval.of(
                Math.floorMod(other.letter.ordinal() - letter.ordinal(), 7),
                Math.floorMod(other.pitchClass() - pitchClass(), 12));
    }

    /** The note that lies an interval above, by another name where it would need a double alteration. */
    public NoteName simplyPlus(Interval interval) {
        return tryPlus(interval)
                .filter(name -> Math.abs(name.alteration) < 2)
                .orElseGet(() -> spellings(Math.floorMod(pitchClass() + interval.semitones(), 12)).stream()
                        .min(Comparator.comparingInt(name -> Math.abs(name.alteration)))
                        .orElseThrow());
    }

    /** By how much the letter that an interval leads to is altered. */
    private int alterationAt(Interval interval) {
        int target = letter.ordinal() + interval.steps();
        int natural = Letter.values()[Math.floorMod(target, 7)].semitones() + 12 * Math.floorDiv(target, 7);
        return letter.semitones() + alteration + interval.semitones() - natural;
    }

    /** Every spelling of a pitch class (0 to 11) with at most a double alteration, in letter order. */
    public static List<NoteName> spellings(int pitchClass) {
        List<NoteName> names = new ArrayList<>();
        for (Letter letter : Letter.values()) {
            int alteration = Math.floorMod(pitchClass - letter.semitones() + 6, 12) - 6;
            if (Math.abs(alteration) <= 2) names.add(new NoteName(letter, alteration));
        }
        return List.copyOf(names);
    }

    /** Every other spelling of the same sound with at most a double alteration, in letter order. */
    public List<NoteName> enharmonics() {
        return spellings(pitchClass()).stream()
                .filter(name -> !name.equals(this))
                .toList();
    }

    /** As documents write it, in plain characters: {@code Db}, {@code F##}; {@link #parse} reads it. */
    public String id() {
        return letter + SIGNS[alteration + 2];
    }

    /** As a sentence says it, with the signs of the staff: {@code D♭}, {@code F♯♯}; {@link #parse} reads it too. */
    @Override
    public String toString() {
        return letter + READ[alteration + 2];
    }
}
