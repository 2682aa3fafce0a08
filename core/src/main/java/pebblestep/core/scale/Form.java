package pebblestep.core.scale;

import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;

/**
 * A kind of scale or chord: its degrees going up and coming down, lowest first in both, and how its signature is found.
 *
 * @param id the name in step documents, in kebab case
 * @param name the name in words, for a sentence
 * @param family what it stands with in a list: "Modes", "Triads"
 * @param description one line on what it is made of
 * @param ascending degrees played going up
 * @param descending degrees played coming down, lowest first, as many as going up
 * @param signatureFifths fifths from the signature of the major key on the same tonic: 0 for major, -3 for minor; empty
 *     for forms that are written without a signature
 * @param chord places in the form (from 0) of the chord built on its tonic: root, third, fifth and, where there is one,
 *     seventh; empty for a form that has no chord of its own
 * @param confusedWith id of the form it is mistaken for, where that is not its neighbour on the circle of fifths
 */
public record Form(
        String id,
        String name,
        String family,
        String description,
        List<Degree> ascending,
        List<Degree> descending,
        Optional<Integer> signatureFifths,
        List<Integer> chord,
        Optional<String> confusedWith) {
    private static final int CHROMATIC = 12;
    private static final int LARGEST_CHORD = 4;
    private static final int MAJOR_THIRD = 4;
    private static final int THIRD = 3;

    /** Refuses forms without notes, and forms whose two directions differ in size. */
    public Form {
        ascending = List.copyOf(ascending);
        descending = List.copyOf(descending);
        chord = List.copyOf(chord);
        if (ascending.isEmpty() || ascending.size() != descending.size()) {
            throw Refusal.of("A form has the same number of notes going up and coming down, and at least one.");
        }
    }

    /** Number of notes in an octave. */
    public int size() {
        return ascending.size();
    }

    /** The degrees in that direction, lowest first. */
    public List<Degree> degrees(Direction direction) {
        return direction == Direction.UP ? ascending : descending;
    }

    /** Whether the notes coming down are those going up. */
    public boolean sameBothWays() {
        return ascending.equals(descending);
    }

    /** Whether it is itself a chord. */
    public boolean isChord() {
        return chord.size() == size() && size() <= LARGEST_CHORD;
    }

    /** Whether every semitone is in it. */
    public boolean isChromatic() {
        return size() == CHROMATIC;
    }

    /** Whether its third is the major one: what decides which key is relative, and which parallel. */
    public boolean isMajorSide() {
        return ascending.stream().anyMatch(degree -> degree.number() == THIRD && degree.semitones() == MAJOR_THIRD);
    }

    /** Whether it has a minor third and no major one: what makes a musician call its key a minor one. */
    public boolean isMinorSide() {
        return !isMajorSide()
                && ascending.stream()
                        .anyMatch(degree -> degree.number() == THIRD && degree.semitones() == MAJOR_THIRD - 1);
    }

    /** The id. */
    @Override
    public String toString() {
        return id;
    }
}
