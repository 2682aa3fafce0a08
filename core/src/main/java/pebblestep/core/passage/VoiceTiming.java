package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.List;
import pebblestep.core.Refusal;
import pebblestep.core.line.Line;
import pebblestep.core.line.LineNote;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.voice.Entry;
import pebblestep.core.voice.Voice;

/** The attacks of a further voice in one stretch, at positions of the whole and without its later entry. */
final class VoiceTiming {
    private VoiceTiming() {}

    /** The line of a voice: the step's own, over the range of the voice. */
    static Line line(Voice voice, Step alone) {
        return voice.extent().map(alone.line()::withExtent).orElse(alone.line());
    }

    /** The notes of a voice's line before they are moved to the voice; one for a voice that stays where it is. */
    static List<LineNote> notes(Voice voice, Step alone, List<LineNote> line) {
        if (voice.degree().isPresent()) {
            return List.of(LineNote.of(voice.degree().get() - 1, line.get(0).direction()));
        }
        return voice.extent().isPresent() ? line(voice, alone).notes(alone.key().form()) : line;
    }

    static List<Timing.Attack> of(Voice voice, Stretch stretch) {
        if (voice.degree().isPresent()) return staying(voice, stretch);
        if (!voice.hasOwnTime()) return stretch.attacks();
        List<Timing.Attack> attacks = new ArrayList<>();
        Step own = own(voice, stretch.alone());
        for (Timing.Attack attack :
                Timing.attacks(own, own.line().notes(own.key().form()))) {
            if (!stretch.joined() || attack.note() > 0) attacks.add(attack.moved(stretch.index(), stretch.shift()));
        }
        return attacks;
    }

    static Fraction end(Voice voice, Stretch stretch) {
        List<Timing.Attack> attacks = of(voice, stretch);
        return attacks.get(attacks.size() - 1).end();
    }

    /** A line over the voice's range, in its figure where it has one. */
    private static Step own(Voice voice, Step alone) {
        Rhythm rhythm = voice.figure()
                .map(figure -> Rhythm.of(alone.meter(), figure, alone.place()))
                .orElse(alone.rhythm());
        return alone.withLine(line(voice, alone)).withRhythm(rhythm);
    }

    /** One note held from the first attack of the stretch to the end of its last, or struck in its figure until then. */
    private static List<Timing.Attack> staying(Voice voice, Stretch stretch) {
        Fraction from = stretch.attacks().get(0).at();
        Fraction end = stretch.end();
        if (voice.figure().isEmpty()) {
            return List.of(new Timing.Attack(stretch.index(), 0, from, end.minus(from)));
        }
        List<Timing.Attack> attacks = new ArrayList<>();
        Fraction at = from;
        while (at.isLessThan(end)) {
            if (attacks.size() == Timing.MOST_ATTACKS) {
                throw Refusal.of("figure", "This voice has over " + Timing.MOST_ATTACKS + " attacks.")
                        .fits("Choose longer values.");
            }
            Figure.Slot slot = voice.figure().get().slot(attacks.size());
            Fraction value = end.isLessThan(at.plus(slot.value())) ? end.minus(at) : slot.value();
            attacks.add(new Timing.Attack(stretch.index(), 0, at, value));
            at = at.plus(slot.length());
        }
        return attacks;
    }

    /** How much later a voice comes in, in whole notes. */
    static Fraction delay(Entry entry, List<Timing.Attack> line) {
        return switch (entry) {
            case Entry.Later later -> later.by();
            case Entry.NotesLater later -> {
                if (later.notes() >= line.size()) {
                    throw Refusal.of(
                            "delayNotes",
                            "The line has " + line.size() + " notes; a voice cannot come in " + later.notes()
                                    + " notes after it.");
                }
                yield line.get(later.notes()).at().minus(line.get(0).at());
            }
        };
    }
}
