package pebblestep.exchange.musicxml;

import static pebblestep.exchange.musicxml.Elements.integer;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Empty;
import org.audiveris.proxymusic.EmptyPlacement;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.NoteType;
import org.audiveris.proxymusic.Rest;
import org.audiveris.proxymusic.ScorePartwise.Part;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.StemValue;
import org.audiveris.proxymusic.TiedType;
import org.audiveris.proxymusic.Transpose;
import org.audiveris.proxymusic.YesNo;
import org.jspecify.annotations.Nullable;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.notation.Beam;
import pebblestep.core.notation.ChordOver;
import pebblestep.core.notation.Glyph;
import pebblestep.core.notation.Head;
import pebblestep.core.notation.KeyChange;
import pebblestep.core.notation.Layer;
import pebblestep.core.notation.Measure;
import pebblestep.core.notation.Score;
import pebblestep.core.notation.Tuplet;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Swing;

/** Writes the measures of one part of a score: its staves one after the other within each bar. */
final class PartWriter {
    /** Voices are numbered by four to a staff, as most programs do. */
    private static final int VOICES_A_STAFF = 4;

    private final Part part;
    private final Fraction divisions;
    private int number;

    /** @param divisions how many units a quarter note has */
    PartWriter(Part part, long divisions) {
        this.part = part;
        this.divisions = Fraction.of(divisions * 4);
    }

    /** Bars of rest before a sheet, counted on every beat. */
    void countIn(int bars, Sheet sheet, Staff.Slot slot) {
        for (int bar = 0; bar < bars; bar++) {
            Part.Measure measure = measure(false);
            if (bar == 0) opening(measure, sheet, slot);
            for (int staff = 1; staff <= slot.staves().size(); staff++) {
                if (staff > 1) back(measure, sheet.score().meter().bar());
                rest(measure, sheet.score().meter(), staff, slot);
            }
            if (bar == 0) measure.getNoteOrBackupOrForward().add(0, Elements.words("count-in"));
        }
    }

    /** The bars of a sheet. */
    void write(Sheet sheet, Staff.Slot slot, boolean opened) {
        Score first = slot.staves().get(0).score();
        for (int m = 0; m < first.measures().size(); m++) {
            Part.Measure measure = measure(first.measures().get(m).number() == 0);
            if (m == 0 && !opened) opening(measure, sheet, slot);
            else changes(measure, slot, m);
            if (m == 0) beginning(measure, sheet);
            for (int s = 0; s < slot.staves().size(); s++) {
                Staff staff = slot.staves().get(s);
                if (s > 0) back(measure, length(first.measures().get(m)));
                staff(measure, staff, m, slot.staves().size() == 1 ? 0 : s + 1);
            }
            if (m == first.measures().size() - 1) {
                measure.getNoteOrBackupOrForward().add(Elements.ending());
            }
        }
    }

    /** Bars in which the part has nothing, beside a sheet of others; behind so many bars of count-in. */
    void restsFrom(Sheet sheet, Staff.Slot slot, int countIn) {
        List<Fraction> lengths = new ArrayList<>();
        List<Boolean> pickups = new ArrayList<>();
        for (int bar = 0; bar < countIn; bar++) {
            lengths.add(sheet.score().meter().bar());
            pickups.add(false);
        }
        for (Measure written : sheet.score().measures()) {
            lengths.add(length(written));
            pickups.add(written.number() == 0);
        }
        for (int bar = 0; bar < lengths.size(); bar++) {
            Part.Measure measure = measure(pickups.get(bar));
            if (bar == 0) silent(measure, sheet, slot);
            Note note = new Note();
            note.setRest(new Rest());
            if (!pickups.get(bar)) note.getRest().setMeasure(YesNo.YES);
            note.setDuration(units(lengths.get(bar)));
            note.setVoice("1");
            if (slot.staves().size() > 1) note.setStaff(integer(1));
            measure.getNoteOrBackupOrForward().add(note);
        }
    }

    /** The head of a part that rests beside a sheet: its meter alone, and a clef where it has not begun. */
    private void silent(Part.Measure measure, Sheet sheet, Staff.Slot slot) {
        if (part.getMeasure().size() == 1) {
            opening(measure, sheet, slot);
            return;
        }
        Attributes attributes = new Attributes();
        attributes.getTime().add(Elements.time(sheet.score().meter()));
        measure.getNoteOrBackupOrForward().add(attributes);
    }

    private Part.Measure measure(boolean pickup) {
        Part.Measure measure = new Part.Measure();
        number++;
        measure.setNumber(pickup ? "X" + number : String.valueOf(number));
        if (pickup) measure.setImplicit(YesNo.YES);
        part.getMeasure().add(measure);
        return measure;
    }

    private static Fraction length(Measure measure) {
        return measure.glyphs().stream().map(Glyph::length).reduce(Fraction.ZERO, Fraction::plus);
    }

    private BigDecimal units(Fraction length) {
        Fraction units = length.times(divisions);
        return BigDecimal.valueOf(units.numerator()).divide(BigDecimal.valueOf(units.denominator()));
    }

    private void back(Part.Measure measure, Fraction length) {
        measure.getNoteOrBackupOrForward().add(Elements.backup(units(length)));
    }

    private void rest(Part.Measure measure, Meter meter, int staff, Staff.Slot slot) {
        Note note = new Note();
        Rest rest = new Rest();
        rest.setMeasure(YesNo.YES);
        note.setRest(rest);
        note.setDuration(units(meter.bar()));
        note.setVoice(String.valueOf((staff - 1) * VOICES_A_STAFF + 1));
        if (slot.staves().size() > 1) note.setStaff(integer(staff));
        measure.getNoteOrBackupOrForward().add(note);
    }

    /** What stands at the head of a sheet: divisions, signature, meter, staves, clefs, transposition. */
    private void opening(Part.Measure measure, Sheet sheet, Staff.Slot slot) {
        Attributes attributes = new Attributes();
        attributes.setDivisions(
                BigDecimal.valueOf(divisions.dividedBy(Fraction.of(4)).numerator()));
        Staff first = slot.staves().get(0);
        attributes
                .getKey()
                .add(Elements.key(
                        first.score().signature().fifths(), null, first.mode().orElse(null)));
        attributes.getTime().add(Elements.time(sheet.score().meter()));
        if (slot.staves().size() > 1) attributes.setStaves(integer(slot.staves().size()));
        for (int s = 0; s < slot.staves().size(); s++) {
            Clef clef = slot.staves().get(s).score().measures().get(0).clef();
            attributes.getClef().add(Elements.clef(clef, slot.staves().size() == 1 ? 0 : s + 1));
        }
        slot.instrument().flatMap(PartWriter::transpose).ifPresent(attributes.getTranspose()::add);
        measure.getNoteOrBackupOrForward().add(0, attributes);
    }

    /** From written to sounding pitch; nothing for an instrument that sounds as it reads. */
    private static Optional<Transpose> transpose(Instrument instrument) {
        int semitones = instrument.toConcert().semitones();
        if (semitones == 0) return Optional.empty();
        int octaves = semitones / 12;
        Transpose transpose = new Transpose();
        transpose.setDiatonic(integer(instrument.toConcert().steps() - 7L * octaves));
        transpose.setChromatic(BigDecimal.valueOf(semitones - 12L * octaves));
        if (octaves != 0) transpose.setOctaveChange(integer(octaves));
        return Optional.of(transpose);
    }

    /** The tempo, and the words over the first note. */
    private static void beginning(Part.Measure measure, Sheet sheet) {
        Swing swing = sheet.passage().step().rhythm().swing();
        boolean sixteenths = sheet.passage().step().rhythm().swung().equals(Fraction.of(1, 16));
        measure.getNoteOrBackupOrForward()
                .add(Elements.metronome(sheet.passage().step().tempo(), swing, sixteenths ? "16th" : "eighth"));
        sheet.score().instruction().ifPresent(words -> measure.getNoteOrBackupOrForward()
                .add(Elements.words(words)));
    }

    /** Signatures and clefs that change at a bar. */
    private static void changes(Part.Measure measure, Staff.Slot slot, int m) {
        Attributes attributes = new Attributes();
        Optional<KeyChange> change =
                slot.staves().get(0).score().measures().get(m).change();
        change.ifPresent(key -> attributes
                .getKey()
                .add(Elements.key(key.to().fifths(), key.from().fifths(), null)));
        for (int s = 0; s < slot.staves().size() && m > 0; s++) {
            List<Measure> measures = slot.staves().get(s).score().measures();
            Clef clef = measures.get(m).clef();
            if (clef == measures.get(m - 1).clef()) continue;
            attributes.getClef().add(Elements.clef(clef, slot.staves().size() == 1 ? 0 : s + 1));
        }
        boolean any = !attributes.getKey().isEmpty() || !attributes.getClef().isEmpty();
        if (any) measure.getNoteOrBackupOrForward().add(attributes);
    }

    private void staff(Part.Measure measure, Staff staff, int m, int staffNumber) {
        Score score = staff.score();
        Measure bar = score.measures().get(m);
        int voice = Math.max(0, staffNumber - 1) * VOICES_A_STAFF + 1;
        Optional<StemValue> stems = bar.second().map(second -> second.above() ? StemValue.DOWN : StemValue.UP);
        Layered line = new Layered(bar.glyphs(), bar.beams(), bar.tuplets(), voice, staffNumber, stems);
        List<Glyph> before = m == 0 ? List.of() : score.measures().get(m - 1).glyphs();
        layer(measure, line, before, staff, bar);
        bar.second().ifPresent(second -> {
            back(measure, length(bar));
            Optional<StemValue> own = Optional.of(second.above() ? StemValue.UP : StemValue.DOWN);
            List<Glyph> earlier = m == 0
                    ? List.of()
                    : score.measures().get(m - 1).second().map(Layer::glyphs).orElse(List.of());
            layer(
                    measure,
                    new Layered(second.glyphs(), second.beams(), second.tuplets(), voice + 1, staffNumber, own),
                    earlier,
                    null,
                    bar);
        });
    }

    /** The glyphs of one voice of a bar. */
    record Layered(
            List<Glyph> glyphs,
            List<Beam> beams,
            List<Tuplet> tuplets,
            int voice,
            int staff,
            Optional<StemValue> stems) {}

    private void layer(Part.Measure measure, Layered layer, List<Glyph> before, @Nullable Staff staff, Measure bar) {
        List<Object> out = measure.getNoteOrBackupOrForward();
        for (int g = 0; g < layer.glyphs().size(); g++) {
            Glyph glyph = layer.glyphs().get(g);
            if (staff != null) {
                for (ChordOver over : bar.chords()) if (over.glyph() == g) out.add(Elements.harmony(over.chord()));
                out.addAll(NoteMarks.ottavas(staff.score(), glyph, true, layer.staff()));
            }
            Glyph previous = g > 0 ? layer.glyphs().get(g - 1) : before.isEmpty() ? null : before.getLast();
            boolean continues =
                    previous != null && previous.tied() && previous.note().equals(glyph.note());
            Note note = note(layer, g, continues);
            if (staff != null) NoteMarks.under(note, glyph, continues, staff);
            if (glyph.isRest() && layer.glyphs().size() == 1 && bar.number() != 0) {
                note.getRest().setMeasure(YesNo.YES);
            }
            out.add(note);
            for (Head head : glyph.more()) out.add(further(head, glyph, note, continues));
            if (staff != null) out.addAll(NoteMarks.ottavas(staff.score(), glyph, false, layer.staff()));
        }
    }

    private Note note(Layered layer, int g, boolean continues) {
        Glyph glyph = layer.glyphs().get(g);
        Note note = new Note();
        if (glyph.isRest()) note.setRest(new Rest());
        else note.setPitch(Elements.pitch(glyph.pitch().orElseThrow()));
        note.setDuration(units(glyph.length()));
        ties(note, glyph, continues);
        note.setVoice(String.valueOf(layer.voice()));
        NoteType type = new NoteType();
        type.setValue(Elements.type(glyph.base()));
        note.setType(type);
        for (int dot = 0; dot < glyph.dots(); dot++) note.getDot().add(new EmptyPlacement());
        glyph.accidental().ifPresent(sign -> note.setAccidental(Elements.accidental(sign)));
        if (!glyph.isRest()) {
            layer.stems().ifPresent(value -> {
                org.audiveris.proxymusic.Stem stem = new org.audiveris.proxymusic.Stem();
                stem.setValue(value);
                note.setStem(stem);
            });
        }
        if (layer.staff() > 0) note.setStaff(integer(layer.staff()));
        Notations notations = new Notations();
        if (continues) notations.getTiedOrSlurOrTuplet().add(Elements.tied(TiedType.STOP));
        if (glyph.tied()) notations.getTiedOrSlurOrTuplet().add(Elements.tied(TiedType.START));
        for (Tuplet tuplet : layer.tuplets()) {
            if (g < tuplet.from() || tuplet.to() < g) continue;
            note.setTimeModification(Elements.timeModification(tuplet.actual(), tuplet.normal()));
            boolean bracketed = Measure.isBracketed(tuplet, layer.beams());
            if (g == tuplet.from()) notations.getTiedOrSlurOrTuplet().add(Elements.tuplet(StartStop.START, bracketed));
            if (g == tuplet.to()) notations.getTiedOrSlurOrTuplet().add(Elements.tuplet(StartStop.STOP, bracketed));
        }
        if (!notations.getTiedOrSlurOrTuplet().isEmpty()) note.getNotations().add(notations);
        NoteMarks.beams(note, layer, g);
        return note;
    }

    private static void ties(Note note, Glyph glyph, boolean continues) {
        if (continues) note.getTie().add(Elements.tie(StartStop.STOP));
        if (glyph.tied()) note.getTie().add(Elements.tie(StartStop.START));
    }

    /** A further head on the stem of a note. */
    private static Note further(Head head, Glyph glyph, Note stem, boolean continues) {
        Note note = new Note();
        note.setChord(new Empty());
        note.setPitch(Elements.pitch(head.pitch()));
        note.setDuration(stem.getDuration());
        ties(note, glyph, continues);
        note.setVoice(stem.getVoice());
        note.setType(stem.getType());
        for (int dot = 0; dot < glyph.dots(); dot++) note.getDot().add(new EmptyPlacement());
        head.accidental().ifPresent(sign -> note.setAccidental(Elements.accidental(sign)));
        note.setTimeModification(stem.getTimeModification());
        note.setStaff(stem.getStaff());
        Notations notations = new Notations();
        if (continues) notations.getTiedOrSlurOrTuplet().add(Elements.tied(TiedType.STOP));
        if (glyph.tied()) notations.getTiedOrSlurOrTuplet().add(Elements.tied(TiedType.START));
        if (!notations.getTiedOrSlurOrTuplet().isEmpty()) note.getNotations().add(notations);
        return note;
    }
}
