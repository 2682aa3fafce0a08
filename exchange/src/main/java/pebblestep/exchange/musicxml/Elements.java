package pebblestep.exchange.musicxml;

import jakarta.xml.bind.JAXBElement;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.audiveris.proxymusic.AboveBelow;
import org.audiveris.proxymusic.Accidental;
import org.audiveris.proxymusic.AccidentalValue;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.BarStyle;
import org.audiveris.proxymusic.BarStyleColor;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Bass;
import org.audiveris.proxymusic.BassStep;
import org.audiveris.proxymusic.Beam;
import org.audiveris.proxymusic.BeamValue;
import org.audiveris.proxymusic.Cancel;
import org.audiveris.proxymusic.Clef;
import org.audiveris.proxymusic.ClefSign;
import org.audiveris.proxymusic.Degree;
import org.audiveris.proxymusic.DegreeAlter;
import org.audiveris.proxymusic.DegreeType;
import org.audiveris.proxymusic.DegreeTypeValue;
import org.audiveris.proxymusic.DegreeValue;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.DirectionType;
import org.audiveris.proxymusic.Empty;
import org.audiveris.proxymusic.EmptyPlacement;
import org.audiveris.proxymusic.Fingering;
import org.audiveris.proxymusic.FormattedTextId;
import org.audiveris.proxymusic.Fret;
import org.audiveris.proxymusic.Harmony;
import org.audiveris.proxymusic.HarmonyAlter;
import org.audiveris.proxymusic.Key;
import org.audiveris.proxymusic.Kind;
import org.audiveris.proxymusic.KindValue;
import org.audiveris.proxymusic.Lyric;
import org.audiveris.proxymusic.Metronome;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.OctaveShift;
import org.audiveris.proxymusic.PerMinute;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.Print;
import org.audiveris.proxymusic.RightLeftMiddle;
import org.audiveris.proxymusic.Root;
import org.audiveris.proxymusic.RootStep;
import org.audiveris.proxymusic.Slur;
import org.audiveris.proxymusic.Sound;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.StartStopContinue;
import org.audiveris.proxymusic.Step;
import org.audiveris.proxymusic.Swing;
import org.audiveris.proxymusic.Syllabic;
import org.audiveris.proxymusic.TextElementData;
import org.audiveris.proxymusic.Tie;
import org.audiveris.proxymusic.Tied;
import org.audiveris.proxymusic.TiedType;
import org.audiveris.proxymusic.Time;
import org.audiveris.proxymusic.TimeModification;
import org.audiveris.proxymusic.Tuplet;
import org.audiveris.proxymusic.UpDownStopContinue;
import org.audiveris.proxymusic.YesNo;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.harmony.ChordSymbol;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Tempo;

/** The elements of the schema, made of what core has. Names of elements and values are those of MusicXML 4.0. */
final class Elements {
    private static final int HIGHEST_OCTAVE = 9;

    static final ObjectFactory MAKE = new ObjectFactory();

    private static final Map<Integer, String> TYPES = Map.of(
            1, "whole", 2, "half", 4, "quarter", 8, "eighth", 16, "16th", 32, "32nd", 64, "64th", 128, "128th", 256,
            "256th");

    private Elements() {}

    static BigInteger integer(long value) {
        return BigInteger.valueOf(value);
    }

    /** How a written value without dots is called: 8 is an eighth. */
    static String type(int base) {
        String type = TYPES.get(base);
        if (type == null) throw new IllegalArgumentException("No note type for 1/" + base);
        return type;
    }

    /** Refuses octaves that the standard does not have. */
    static Pitch pitch(pebblestep.core.pitch.Pitch written) {
        if (written.octave() < 0 || written.octave() > HIGHEST_OCTAVE) {
            throw Refusal.of("line.register", "A MusicXML file has notes from C0 to B9; this line has " + written + ".")
                    .fits("Choose another octave, or for whom it is.");
        }
        Pitch pitch = new Pitch();
        pitch.setStep(step(written.name()));
        if (written.name().alteration() != 0) {
            pitch.setAlter(BigDecimal.valueOf(written.name().alteration()));
        }
        pitch.setOctave(written.octave());
        return pitch;
    }

    private static Step step(NoteName name) {
        return Step.valueOf(name.letter().name());
    }

    static Accidental accidental(pebblestep.core.notation.Accidental written) {
        Accidental accidental = new Accidental();
        accidental.setValue(
                switch (written.sign()) {
                    case "bb" -> AccidentalValue.FLAT_FLAT;
                    case "b" -> AccidentalValue.FLAT;
                    case "#" -> AccidentalValue.SHARP;
                    case "##" -> AccidentalValue.DOUBLE_SHARP;
                    default -> AccidentalValue.NATURAL;
                });
        if (written.courtesy()) accidental.setCautionary(YesNo.YES);
        return accidental;
    }

    static Time time(Meter meter) {
        Time time = new Time();
        String beats = meter.isIrregular()
                ? String.join("+", meter.groups().stream().map(String::valueOf).toList())
                : String.valueOf(meter.units());
        time.getTimeSignature().add(MAKE.createTimeBeats(beats));
        time.getTimeSignature().add(MAKE.createTimeBeatType(String.valueOf(meter.unit())));
        return time;
    }

    /** @param cancelled fifths of the signature before, where it changes */
    static Key key(int fifths, @Nullable Integer cancelled, @Nullable String mode) {
        Key key = new Key();
        if (cancelled != null && cancelled != 0) {
            Cancel cancel = new Cancel();
            cancel.setValue(integer(cancelled));
            key.setCancel(cancel);
        }
        key.setFifths(integer(fifths));
        if (mode != null) key.setMode(mode);
        return key;
    }

    /** @param staff from 1; 0 where the part has one staff alone */
    static Clef clef(pebblestep.core.instrument.Clef which, int staff) {
        Clef clef = new Clef();
        clef.setSign(
                switch (which) {
                    case TREBLE, TREBLE_OCTAVE_DOWN, TREBLE_OCTAVE_UP -> ClefSign.G;
                    case BASS, BASS_OCTAVE_DOWN -> ClefSign.F;
                    case ALTO, TENOR -> ClefSign.C;
                });
        clef.setLine(integer(
                switch (which) {
                    case TREBLE, TREBLE_OCTAVE_DOWN, TREBLE_OCTAVE_UP -> 2;
                    case BASS, BASS_OCTAVE_DOWN, TENOR -> 4;
                    case ALTO -> 3;
                }));
        switch (which) {
            case TREBLE_OCTAVE_DOWN, BASS_OCTAVE_DOWN -> clef.setClefOctaveChange(integer(-1));
            case TREBLE_OCTAVE_UP -> clef.setClefOctaveChange(integer(1));
            case TREBLE, BASS, ALTO, TENOR -> {}
        }
        if (staff > 0) clef.setNumber(integer(staff));
        return clef;
    }

    static Direction metronome(Tempo tempo, pebblestep.core.rhythm.Swing swing, String swings) {
        BigDecimal quarters = tempo.bpm()
                .value()
                .multiply(BigDecimal.valueOf(4 * tempo.beat().numerator()))
                .divide(BigDecimal.valueOf(tempo.beat().denominator()), 6, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros();
        // A beat that no sign stands for, such as a third of a whole note, is marked in quarters.
        boolean hasSign = isOneNote(tempo.beat());
        Fraction beat = hasSign ? tempo.beat() : Fraction.of(1, 4);
        BigDecimal perMinute = hasSign
                ? tempo.bpm().value()
                : quarters.setScale(1, java.math.RoundingMode.HALF_UP).stripTrailingZeros();
        Metronome metronome = new Metronome();
        boolean dotted = beat.numerator() == 3;
        metronome.setBeatUnit(type((int) (dotted ? beat.denominator() / 2 : beat.denominator())));
        if (dotted) metronome.getBeatUnitDot().add(new Empty());
        PerMinute said = new PerMinute();
        said.setValue(perMinute.toPlainString());
        metronome.setPerMinute(said);
        DirectionType type = new DirectionType();
        type.setMetronome(metronome);
        Sound sound = new Sound();
        sound.setTempo(quarters);
        if (!swing.isStraight()) {
            Swing played = new Swing();
            played.setFirst(integer(swing.first()));
            played.setSecond(integer(swing.second()));
            played.setSwingType(swings);
            sound.setSwing(played);
        }
        Direction direction = direction(type);
        direction.setSound(sound);
        return direction;
    }

    /** Whether one note stands for a value, plain or with a dot. */
    private static boolean isOneNote(Fraction value) {
        return Long.bitCount(value.denominator()) == 1 && (value.numerator() == 1 || value.numerator() == 3);
    }

    static Direction words(String text) {
        FormattedTextId words = new FormattedTextId();
        words.setValue(text);
        DirectionType type = new DirectionType();
        type.getWordsOrSymbol().add(words);
        return direction(type);
    }

    static Direction rehearsal(String text) {
        FormattedTextId title = new FormattedTextId();
        title.setValue(text);
        DirectionType type = new DirectionType();
        type.getRehearsal().add(title);
        return direction(type);
    }

    /** @param octaves 1 or 2 up, or down where negative; 0 where the shift ends */
    static Direction octaveShift(int octaves, int staff) {
        OctaveShift shift = new OctaveShift();
        // The shift is named by where the written notes lie from the ones that sound: 8va brings them down.
        shift.setType(
                octaves == 0 ? UpDownStopContinue.STOP : octaves > 0 ? UpDownStopContinue.DOWN : UpDownStopContinue.UP);
        if (octaves != 0) shift.setSize(integer(1 + 7L * Math.abs(octaves)));
        DirectionType type = new DirectionType();
        type.setOctaveShift(shift);
        Direction direction = direction(type);
        if (staff > 0) direction.setStaff(integer(staff));
        return direction;
    }

    private static Direction direction(DirectionType type) {
        Direction direction = new Direction();
        direction.setPlacement(AboveBelow.ABOVE);
        direction.getDirectionType().add(type);
        return direction;
    }

    /** A chord over the notes, with its symbol as the text to print. */
    static Harmony harmony(ChordSymbol chord) {
        Harmony harmony = new Harmony();
        Root root = new Root();
        RootStep rootStep = new RootStep();
        rootStep.setValue(step(chord.root()));
        root.setRootStep(rootStep);
        if (chord.root().alteration() != 0) root.setRootAlter(alter(chord.root()));
        harmony.getHarmonyChord().add(root);
        Kinds.Entry kind = Kinds.of(chord.quality().symbol());
        Kind element = new Kind();
        element.setValue(KindValue.fromValue(kind.kind()));
        element.setText(chord.quality().symbol());
        harmony.getHarmonyChord().add(element);
        chord.bass().ifPresent(name -> {
            Bass bass = new Bass();
            BassStep bassStep = new BassStep();
            bassStep.setValue(step(name));
            bass.setBassStep(bassStep);
            if (name.alteration() != 0) bass.setBassAlter(alter(name));
            harmony.getHarmonyChord().add(bass);
        });
        kind.added().ifPresent(added -> harmony.getHarmonyChord().add(degree(added)));
        return harmony;
    }

    private static HarmonyAlter alter(NoteName name) {
        HarmonyAlter alter = new HarmonyAlter();
        alter.setValue(BigDecimal.valueOf(name.alteration()));
        return alter;
    }

    private static Degree degree(Kinds.Added added) {
        Degree degree = new Degree();
        DegreeValue value = new DegreeValue();
        value.setValue(integer(added.degree()));
        degree.setDegreeValue(value);
        DegreeAlter alter = new DegreeAlter();
        alter.setValue(BigDecimal.valueOf(added.alter()));
        degree.setDegreeAlter(alter);
        DegreeType type = new DegreeType();
        type.setValue(DegreeTypeValue.ADD);
        degree.setDegreeType(type);
        degree.setPrintObject(YesNo.NO);
        return degree;
    }

    static Tie tie(StartStop which) {
        Tie tie = new Tie();
        tie.setType(which);
        return tie;
    }

    static Tied tied(TiedType which) {
        Tied tied = new Tied();
        tied.setType(which);
        return tied;
    }

    static Slur slur(StartStopContinue which) {
        Slur slur = new Slur();
        slur.setType(which);
        slur.setNumber(1);
        return slur;
    }

    static Tuplet tuplet(StartStop which, boolean bracketed) {
        Tuplet tuplet = new Tuplet();
        tuplet.setType(which);
        if (which == StartStop.START) tuplet.setBracket(bracketed ? YesNo.YES : YesNo.NO);
        return tuplet;
    }

    static TimeModification timeModification(int actual, int normal) {
        TimeModification modification = new TimeModification();
        modification.setActualNotes(integer(actual));
        modification.setNormalNotes(integer(normal));
        return modification;
    }

    static Beam beam(BeamValue value, int level) {
        Beam beam = new Beam();
        beam.setNumber(level);
        beam.setValue(value);
        return beam;
    }

    /** @param line which line of words it stands in, from 1 */
    static Lyric lyric(String word, int line) {
        Lyric lyric = new Lyric();
        lyric.setNumber(String.valueOf(line));
        lyric.getElisionAndSyllabicAndText().add(Syllabic.SINGLE);
        TextElementData text = new TextElementData();
        text.setValue(word);
        lyric.getElisionAndSyllabicAndText().add(text);
        return lyric;
    }

    static JAXBElement<EmptyPlacement> articulation(pebblestep.core.notation.Mark mark) {
        EmptyPlacement plain = new EmptyPlacement();
        return mark == pebblestep.core.notation.Mark.ACCENT
                ? MAKE.createArticulationsAccent(plain)
                : MAKE.createArticulationsStaccato(plain);
    }

    static JAXBElement<EmptyPlacement> bow(pebblestep.core.notation.Mark mark) {
        EmptyPlacement plain = new EmptyPlacement();
        return mark == pebblestep.core.notation.Mark.DOWN_BOW
                ? MAKE.createTechnicalDownBow(plain)
                : MAKE.createTechnicalUpBow(plain);
    }

    /** A finger, and the string and the fret where there are some; valves, positions and hands stand as fingers do. */
    static List<JAXBElement<?>> fingered(Way way) {
        List<JAXBElement<?>> fingered = new ArrayList<>();
        String text = way.text();
        switch (way.shape()) {
            case Shape.Fretted fretted -> {
                fingered.add(string(fretted.string()));
                fingered.add(fret(fretted.fret()));
                text = Integer.toString(fretted.finger());
            }
            case Shape.Bowed bowed -> fingered.add(string(bowed.string()));
            default -> {}
        }
        if (text.isEmpty()) return fingered;
        Fingering fingering = new Fingering();
        fingering.setValue(text);
        fingered.add(0, MAKE.createTechnicalFingering(fingering));
        return fingered;
    }

    private static JAXBElement<org.audiveris.proxymusic.String> string(int number) {
        org.audiveris.proxymusic.String string = new org.audiveris.proxymusic.String();
        string.setValue(BigInteger.valueOf(number));
        return MAKE.createTechnicalString(string);
    }

    private static JAXBElement<Fret> fret(int number) {
        Fret fret = new Fret();
        fret.setValue(BigInteger.valueOf(number));
        return MAKE.createTechnicalFret(fret);
    }

    static Backup backup(BigDecimal duration) {
        Backup backup = new Backup();
        backup.setDuration(duration);
        return backup;
    }

    static Barline ending() {
        Barline barline = new Barline();
        barline.setLocation(RightLeftMiddle.RIGHT);
        BarStyleColor style = new BarStyleColor();
        style.setValue(BarStyle.LIGHT_HEAVY);
        barline.setBarStyle(style);
        return barline;
    }

    static Print newSystem() {
        Print print = new Print();
        print.setNewSystem(YesNo.YES);
        return print;
    }
}
