package pebblestep.core.passage;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Identified;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.FingeringChoice;
import pebblestep.core.harmony.Company;
import pebblestep.core.line.Line;
import pebblestep.core.line.Turn;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Tempo;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Key;
import pebblestep.core.voice.Voice;
import pebblestep.core.voice.WhichHands;
import pebblestep.core.walk.Change;
import pebblestep.core.walk.Walk;

/**
 * One exercise: material, line, time, target and tempo; and where it has them, further voices, a walk through keys and a
 * harmony beside it.
 *
 * @param title what the teacher calls it
 * @param key the key, in concert or written pitch as {@code named} says
 * @param named whether the key is the sounding or the written one
 * @param line the order of notes
 * @param register written pitch of the lowest note of the range, where the teacher fixed it
 * @param rhythm meter, values and place
 * @param target where it should arrive
 * @param tempo beat value and beats per minute
 * @param articulation how the notes are joined
 * @param metronome count-in, accent and clicks
 * @param voices further voices, in the order in which they are written
 * @param walk the way through several keys, where it does not stay in its own
 * @param company the harmony that sounds beside it
 * @param hands which hands play of what both have
 * @param hand what is asked of the hand that plays the line
 */
public record Step(
        String title,
        Key key,
        Named named,
        Line line,
        Optional<Pitch> register,
        Rhythm rhythm,
        Target target,
        Tempo tempo,
        Articulation articulation,
        Metronome metronome,
        List<Voice> voices,
        Optional<Walk> walk,
        Company company,
        WhichHands hands,
        FingeringChoice hand) {

    /** How the key of a step is named. */
    public enum Named implements Identified {
        CONCERT,
        WRITTEN
    }

    /**
     * Refuses a line that the form cannot be made of, a target or clicking beats that the bar does not have, over four
     * further voices, and voices that a form does not have the notes for.
     */
    public Step {
        voices = List.copyOf(voices);
        if (voices.size() > Voice.MOST) {
            throw Refusal.of("voices", "A line has at most " + Voice.MOST + " further voices.");
        }
        for (Form form : forms(key, walk.orElse(null))) {
            line.requireIn(form);
            for (int i = 0; i < voices.size(); i++) requireIn(form, line, voices.get(i), i);
        }
        if (hands != WhichHands.TOGETHER && !Hands.areTwo(voices)) {
            throw Refusal.of("hands", "There is no voice for another hand that could rest.")
                    .fits("Add one, or let the hands play together.");
        }
        target.in(rhythm.meter());
        metronome.requireIn(rhythm.meter());
    }

    /** A step of one line in one key, with nothing beside it. */
    public Step(
            String title,
            Key key,
            Named named,
            Line line,
            Optional<Pitch> register,
            Rhythm rhythm,
            Target target,
            Tempo tempo,
            Articulation articulation,
            Metronome metronome) {
        this(
                title,
                key,
                named,
                line,
                register,
                rhythm,
                target,
                tempo,
                articulation,
                metronome,
                List.of(),
                Optional.empty(),
                Company.NONE,
                WhichHands.TOGETHER,
                FingeringChoice.NONE);
    }

    /** The forms that are played, each once. */
    private static Set<Form> forms(Key key, @Nullable Walk walk) {
        Set<Form> forms = new LinkedHashSet<>();
        if (walk != null) for (Change change : walk.progression()) forms.add(change.form());
        if (forms.isEmpty()) forms.add(key.form());
        return forms;
    }

    private static void requireIn(Form form, Line line, Voice voice, int index) {
        try {
            if (voice.degree().orElse(1) > form.size()) {
                throw Refusal.of(
                        "degree",
                        "The " + form.name() + " has " + form.size() + " notes; a voice cannot stay on degree "
                                + voice.degree().orElseThrow() + ".");
            }
            voice.extent().ifPresent(extent -> line.withExtent(extent).requireIn(form));
        } catch (Refusal e) {
            throw e.under(Integer.toString(index)).under("voices");
        }
    }

    /** Its meter. */
    public Meter meter() {
        return rhythm.meter();
    }

    /** The figure it begins in. */
    public Figure figure() {
        return rhythm.figure();
    }

    /** Where its first attack stands, from the downbeat of bar 1. */
    public Fraction place() {
        return rhythm.place();
    }

    /**
     * How many attacks its line has: its notes, each struck as often as its rhythm says, in every key of its walk. Where
     * one key's last note is the next one's first, it counts for both.
     */
    public int noteCount() {
        if (solo().filter(Voice::hasOwnTime).isPresent())
            return Timing.of(this).attacks().size();
        if (walk.isEmpty()) return line.noteCount(key.form()) * rhythm.strikes();
        int count = 0;
        for (Walk.Stop stop : walk.get().stops(key))
            count += line.noteCount(stop.key().form()) * rhythm.strikes();
        return count;
    }

    /** This step starting elsewhere. */
    public Step withPlace(Fraction other) {
        return withRhythm(rhythm.withPlace(other));
    }

    /** This step in another time. */
    public Step withRhythm(Rhythm other) {
        return with(title, key, line, other, target, tempo);
    }

    /** This step with its turning note struck once or twice. */
    public Step withTurn(Turn turn) {
        return withLine(line.withTurn(turn));
    }

    /** This step with another line. */
    public Step withLine(Line other) {
        return with(title, key, other, rhythm, target, tempo);
    }

    /** This step at another tempo. */
    public Step withTempo(Tempo other) {
        return with(title, key, line, rhythm, target, other);
    }

    /** This step in another key, named the same way; refuses a form that the line cannot be made of. */
    public Step withKey(Key other) {
        return with(title, other, line, rhythm, target, tempo);
    }

    /** This step in a key that is named as the player reads it, in the register nearest to its own. */
    public Step inWrittenKey(Key other) {
        return new Step(
                title,
                other,
                Named.WRITTEN,
                line,
                register.map(asked -> Register.nearest(other, line, asked)),
                rhythm,
                target,
                tempo,
                articulation,
                metronome,
                voices,
                walk,
                company,
                hands,
                hand);
    }

    /** This step with another target. */
    public Step withTarget(Target other) {
        return with(title, key, line, rhythm, other, tempo);
    }

    /** This step under another title. */
    public Step withTitle(String other) {
        return with(other, key, line, rhythm, target, tempo);
    }

    /** This step with the notes joined another way. */
    public Step withArticulation(Articulation other) {
        return new Step(
                title, key, named, line, register, rhythm, target, tempo, other, metronome, voices, walk, company,
                hands, hand);
    }

    /** This step with another metronome. */
    public Step withMetronome(Metronome other) {
        return new Step(
                title,
                key,
                named,
                line,
                register,
                rhythm,
                target,
                tempo,
                articulation,
                other,
                voices,
                walk,
                company,
                hands,
                hand);
    }

    /** This step wherever it fits the player: in no octave that was asked for. */
    public Step inAnyOctave() {
        return lying(null);
    }

    /** This step with its lowest note at a written pitch. */
    public Step in(Pitch lowest) {
        return lying(lowest);
    }

    private Step lying(@Nullable Pitch lowest) {
        return new Step(
                title,
                key,
                named,
                line,
                Optional.ofNullable(lowest),
                rhythm,
                target,
                tempo,
                articulation,
                metronome,
                voices,
                walk,
                company,
                hands,
                hand);
    }

    /** This step with other further voices, or none. */
    public Step withVoices(List<Voice> others) {
        return with(others, walk.orElse(null), company, Hands.areTwo(others) ? hands : WhichHands.TOGETHER);
    }

    /** This step in its own key alone. */
    public Step withoutWalk() {
        return with(voices, null, company, hands);
    }

    /** This step on a way through keys. */
    public Step withWalk(Walk other) {
        return with(voices, other, company, hands);
    }

    /** This step played by both hands, or by one of them alone; refuses that of a step for one hand. */
    public Step withHands(WhichHands others) {
        return with(voices, walk.orElse(null), company, others);
    }

    /** This step asking that of the hand. */
    public Step withHand(FingeringChoice other) {
        return new Step(
                title,
                key,
                named,
                line,
                register,
                rhythm,
                target,
                tempo,
                articulation,
                metronome,
                voices,
                walk,
                company,
                hands,
                other);
    }

    /** The further voice that one hand plays alone; empty where the line is played. */
    public Optional<Voice> solo() {
        return hands.alone().filter(hand -> hand != Hands.ofLine(voices)).flatMap(hand -> voices.stream()
                .filter(voice -> voice.by() == hand)
                .findFirst());
    }

    /** This step with another harmony beside it. */
    public Step withCompany(Company other) {
        return with(voices, walk.orElse(null), other, hands);
    }

    /** Its line alone: without further voices, in its own key, with nothing beside it. */
    public Step alone() {
        return voices.isEmpty() && walk.isEmpty() ? this : with(List.of(), null, company, WhichHands.TOGETHER);
    }

    private Step with(List<Voice> someVoices, @Nullable Walk aWalk, Company aCompany, WhichHands someHands) {
        return new Step(
                title,
                key,
                named,
                line,
                register,
                rhythm,
                target,
                tempo,
                articulation,
                metronome,
                someVoices,
                Optional.ofNullable(aWalk),
                aCompany,
                someHands,
                hand);
    }

    private Step with(String aTitle, Key aKey, Line aLine, Rhythm aRhythm, Target aTarget, Tempo aTempo) {
        return new Step(
                aTitle,
                aKey,
                named,
                aLine,
                register,
                aRhythm,
                aTarget,
                aTempo,
                articulation,
                metronome,
                voices,
                walk,
                company,
                hands,
                hand);
    }
}
