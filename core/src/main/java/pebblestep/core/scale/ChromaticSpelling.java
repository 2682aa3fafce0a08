package pebblestep.core.scale;

import java.util.Optional;
import pebblestep.core.pitch.Letter;
import pebblestep.core.pitch.NoteName;

/**
 * Spells the notes of a chromatic scale as a player reads them: the notes of the major key on the tonic stay as they
 * are, and a note between them that would need a double sign, or would name a natural by a sign (Cb for B), is written
 * on the plain letter (common practice, no source).
 */
final class ChromaticSpelling {
    private ChromaticSpelling() {}

    /**
     * The degree that names the same sound above a tonic more simply, or the degree itself; empty where the simpler name
     * would be altered more than twice.
     */
    static Optional<Degree> tryOf(Degree degree, NoteName tonic) {
        int pitchClass = Math.floorMod(tonic.pitchClass() + degree.semitones(), 12);
        Optional<NoteName> own = ownName(degree, tonic);
        boolean diatonic = degree.alteration() == 0;
        if (own.isPresent() && Math.abs(own.get().alteration()) < (diatonic ? 2 : 1)) return Optional.of(degree);
        boolean keepsItsSign = own.isPresent() && Math.abs(own.get().alteration()) == 1;
        Optional<NoteName> simpler =
                natural(pitchClass).or(() -> keepsItsSign ? own : signed(pitchClass, degree.alteration() < 0));
        if (simpler.isEmpty()) return Optional.of(degree);
        return tryDegree(simpler.get(), tonic)
                .map(simple -> simple.semitones() == degree.semitones() ? simple : degree);
    }

    private static Optional<NoteName> ownName(Degree degree, NoteName tonic) {
        Letter letter = tonic.letter().plus(degree.number() - 1);
        return NoteName.spellings(Math.floorMod(tonic.pitchClass() + degree.semitones(), 12)).stream()
                .filter(name -> name.letter() == letter)
                .findFirst();
    }

    private static Optional<NoteName> natural(int pitchClass) {
        return NoteName.spellings(pitchClass).stream()
                .filter(name -> name.alteration() == 0)
                .findFirst();
    }

    private static Optional<NoteName> signed(int pitchClass, boolean flat) {
        return NoteName.spellings(pitchClass).stream()
                .filter(name -> name.alteration() == (flat ? -1 : 1))
                .findFirst();
    }

    private static Optional<Degree> tryDegree(NoteName name, NoteName tonic) {
        int number = Math.floorMod(name.letter().ordinal() - tonic.letter().ordinal(), 7) + 1;
        int semitones = Math.floorMod(name.pitchClass() - tonic.pitchClass() + 6, 12) - 6;
        int natural = new Degree(number, 0).semitones();
        int alteration = Math.floorMod(semitones - natural + 6, 12) - 6;
        return Math.abs(alteration) > 2 ? Optional.empty() : Optional.of(new Degree(number, alteration));
    }
}
