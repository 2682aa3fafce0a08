package pebblestep.exchange.musicxml;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.audiveris.proxymusic.BeamValue;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.StartStopContinue;
import pebblestep.core.notation.Beam;
import pebblestep.core.notation.Glyph;
import pebblestep.core.notation.Mark;
import pebblestep.core.notation.Measure;
import pebblestep.core.notation.Ottava;
import pebblestep.core.notation.Score;
import pebblestep.core.passage.Slur;

/** What stands at a note besides its head: words, beams, and octave signs over several. */
final class NoteMarks {
    private NoteMarks() {}

    /** Slurs, articulations, bows and words of a note of the line. */
    static void under(Note note, Glyph glyph, boolean continues, Staff staff) {
        if (glyph.isRest()) return;
        int index = glyph.note().orElseThrow();
        Notations notations = note.getNotations().isEmpty()
                ? new Notations()
                : note.getNotations().get(0);
        for (Slur slur : staff.score().slurs()) {
            if (slur.toNote() == index && !glyph.tied())
                notations.getTiedOrSlurOrTuplet().add(Elements.slur(StartStopContinue.STOP));
        }
        for (Slur slur : staff.score().slurs()) {
            if (slur.fromNote() == index && !continues)
                notations.getTiedOrSlurOrTuplet().add(Elements.slur(StartStopContinue.START));
        }
        org.audiveris.proxymusic.Articulations articulations = new org.audiveris.proxymusic.Articulations();
        org.audiveris.proxymusic.Technical technical = new org.audiveris.proxymusic.Technical();
        for (Mark mark : glyph.marks()) {
            switch (mark) {
                case STACCATO, ACCENT ->
                    articulations.getAccentOrStrongAccentOrStaccato().add(Elements.articulation(mark));
                case DOWN_BOW, UP_BOW -> technical.getUpBowOrDownBowOrHarmonic().add(Elements.bow(mark));
            }
        }
        if (!continues && !staff.hand().isEmpty())
            technical
                    .getUpBowOrDownBowOrHarmonic()
                    .addAll(Elements.fingered(staff.hand().get(index)));
        if (!technical.getUpBowOrDownBowOrHarmonic().isEmpty())
            notations.getTiedOrSlurOrTuplet().add(technical);
        if (!articulations.getAccentOrStrongAccentOrStaccato().isEmpty())
            notations.getTiedOrSlurOrTuplet().add(articulations);
        if (!notations.getTiedOrSlurOrTuplet().isEmpty() && note.getNotations().isEmpty())
            note.getNotations().add(notations);
        if (continues) return;
        for (int line = 0; line < staff.words().size(); line++) {
            note.getLyric().add(Elements.lyric(staff.words().get(line).get(index), line + 1));
        }
    }

    static List<Object> ottavas(Score score, Glyph glyph, boolean begins, int staff) {
        List<Object> shifts = new ArrayList<>();
        if (glyph.isRest()) return shifts;
        int note = glyph.note().orElseThrow();
        for (Ottava ottava : score.ottavas()) {
            if (begins && ottava.fromNote() == note && isFirst(score, glyph))
                shifts.add(Elements.octaveShift(ottava.octaves(), staff));
            if (!begins && ottava.toNote() == note && !glyph.tied()) shifts.add(Elements.octaveShift(0, staff));
        }
        return shifts;
    }

    /** Whether a glyph is the first of its note. */
    private static boolean isFirst(Score score, Glyph glyph) {
        for (Measure measure : score.measures()) {
            for (Glyph other : measure.glyphs()) if (other.note().equals(glyph.note())) return other.equals(glyph);
        }
        return true;
    }

    /** The beams of a note, level by level: an eighth has one, a sixteenth two. */
    static void beams(Note note, PartWriter.Layered layer, int g) {
        for (Beam beam : layer.beams()) {
            if (g < beam.from() || beam.to() < g || layer.glyphs().get(g).isRest()) continue;
            List<Integer> beamed = IntStream.rangeClosed(beam.from(), beam.to())
                    .filter(i -> !layer.glyphs().get(i).isRest())
                    .boxed()
                    .toList();
            int at = beamed.indexOf(g);
            for (int level = 1; level <= levels(layer.glyphs().get(g)); level++) {
                boolean before = at > 0 && levels(layer.glyphs().get(beamed.get(at - 1))) >= level;
                boolean after = at < beamed.size() - 1 && levels(layer.glyphs().get(beamed.get(at + 1))) >= level;
                note.getBeam().add(Elements.beam(value(before, after, at == 0), level));
            }
        }
    }

    private static BeamValue value(boolean before, boolean after, boolean first) {
        if (before && after) return BeamValue.CONTINUE;
        if (before) return BeamValue.END;
        if (after) return BeamValue.BEGIN;
        return first ? BeamValue.FORWARD_HOOK : BeamValue.BACKWARD_HOOK;
    }

    private static int levels(Glyph glyph) {
        return Integer.numberOfTrailingZeros(glyph.base()) - 2;
    }
}
