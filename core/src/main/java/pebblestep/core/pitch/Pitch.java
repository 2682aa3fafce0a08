package pebblestep.core.pitch;

import pebblestep.core.Refusal;

/**
 * A spelled pitch in scientific pitch notation: a note name and the octave of its letter. C4 is middle C, MIDI 60; A4
 * is MIDI 69. B#3 sounds as C4 does, because the octave belongs to the letter.
 */
public record Pitch(NoteName name, int octave) implements Comparable<Pitch> {
    /** Lowest and highest octave carried; wider than any instrument. */
    private static final int LOWEST_OCTAVE = -1;

    private static final int HIGHEST_OCTAVE = 10;

    /** Refuses octaves outside -1 to 10. */
    public Pitch {
        if (octave < LOWEST_OCTAVE || octave > HIGHEST_OCTAVE) {
            throw Refusal.of("Octaves run from " + LOWEST_OCTAVE + " to " + HIGHEST_OCTAVE + ", not " + octave + ".");
        }
    }

    /** The pitch of that name in that octave. */
    public static Pitch of(NoteName name, int octave) {
        return new Pitch(name, octave);
    }

    /** Reads {@code C4}, {@code Db5}, {@code F##3}; refuses anything else. */
    public static Pitch parse(String text) {
        int digits = text == null ? -1 : firstOctaveCharacter(text);
        if (digits < 1) throw unreadable(text);
        try {
            return new Pitch(NoteName.parse(text.substring(0, digits)), Integer.parseInt(text.substring(digits)));
        } catch (NumberFormatException e) {
            throw unreadable(text);
        }
    }

    /** The pitch of a MIDI note number by the name a single note usually goes by: F#, but Bb. */
    public static Pitch commonlyNamed(int midi) {
        String[] names = {"C", "C#", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B"};
        return new Pitch(NoteName.parse(names[Math.floorMod(midi, 12)]), Math.floorDiv(midi, 12) - 1);
    }

    private static int firstOctaveCharacter(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '-' || c >= '0' && c <= '9') return i;
        }
        return -1;
    }

    private static Refusal unreadable(String text) {
        return Refusal.of("\"" + text + "\" is not a pitch; write a note name and an octave, such as Db4.");
    }

    /** The note number of the MIDI standard; C4 is 60. May lie outside 0 to 127 at the edges. */
    public int midi() {
        return (octave + 1) * 12 + name.letter().semitones() + name.alteration();
    }

    /** Letter steps above C0, whatever the alteration: what decides the line or space on the staff. */
    public int diatonic() {
        return octave * 7 + name.letter().ordinal();
    }

    /** The pitch that lies this interval above; refuses a triple alteration. */
    public Pitch plus(Interval interval) {
        int target = diatonic() + interval.steps();
        Letter letter = Letter.values()[Math.floorMod(target, 7)];
        int targetOctave = Math.floorDiv(target, 7);
        int natural = (targetOctave + 1) * 12 + letter.semitones();
        return new Pitch(new NoteName(letter, midi() + interval.semitones() - natural), targetOctave);
    }

    /**
     * Frequency in hertz in equal temperament, from the frequency of A4. The published reference is 440 Hz (ISO
     * 16:1975); refuses references outside 415 to 466 Hz.
     */
    public double hertz(double a4) {
        if (!(a4 >= 415 && a4 <= 466)) throw Refusal.of("The reference pitch A4 lies between 415 and 466 Hz.");
        return a4 * Math.pow(2, (midi() - 69) / 12.0);
    }

    /** By sound, then by staff position, so that equal order means equal pitch. */
    @Override
    public int compareTo(Pitch other) {
        int bySound = Integer.compare(midi(), other.midi());
        return bySound != 0 ? bySound : Integer.compare(diatonic(), other.diatonic());
    }

    /** As documents write it, in plain characters: {@code Db4}; {@link #parse} reads it. */
    public String id() {
        return name.id() + octave;
    }

    /** As a sentence says it, with the signs of the staff: {@code D♭4}; {@link #parse} reads it too. */
    @Override
    public String toString() {
        return name.toString() + octave;
    }
}
