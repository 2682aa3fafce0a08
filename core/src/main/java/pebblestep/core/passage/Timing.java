package pebblestep.core.passage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import pebblestep.core.Refusal;
import pebblestep.core.line.LineNote;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Leg;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.scale.Form;
import pebblestep.core.scale.Key;
import pebblestep.core.voice.Voice;
import pebblestep.core.walk.Walk;

/**
 * The attacks of a step in time, without pitch: what landing is computed from.
 *
 * @param attacks in order, never empty
 */
public record Timing(List<Attack> attacks) {
    static final int MOST_ATTACKS = 4000;

    /**
     * One attack.
     *
     * @param station the key of a walk in which it stands, from 0
     * @param note its note of the line in that key, from 0
     * @param at exact position from the downbeat of bar 1
     * @param value exact length
     */
    public record Attack(int station, int note, Fraction at, Fraction value) {
        /** Where it ends. */
        public Fraction end() {
            return at.plus(value);
        }

        /** The same in another station, so much later. */
        Attack moved(int to, Fraction by) {
            return new Attack(to, note, at.plus(by), value);
        }
    }

    public Timing {
        attacks = List.copyOf(attacks);
    }

    /** The attacks of a step; refuses legs that never come, and over 4000 attacks. */
    public static Timing of(Step step) {
        Optional<Voice> solo = soloInItsOwnTime(step);
        if (solo.isPresent()) return ofSolo(step, solo.get());
        if (step.walk().isEmpty())
            return new Timing(attacks(step, step.line().notes(step.key().form())));
        return new Timing(Stretches.of(step).stream()
                .flatMap(stretch -> stretch.attacks().stream())
                .toList());
    }

    private static Timing ofSolo(Step step, Voice voice) {
        List<Stretch> stretches = Stretches.of(step);
        Fraction later = later(voice, stretches);
        return new Timing(stretches.stream()
                .flatMap(stretch -> VoiceTiming.of(voice, stretch).stream())
                .map(attack -> attack.moved(attack.station(), later))
                .toList());
    }

    /** The voice that one hand plays alone, where it is not struck with the line. */
    private static Optional<Voice> soloInItsOwnTime(Step step) {
        return step.solo().filter(voice -> !voice.isStruckTogether());
    }

    private static Fraction later(Voice voice, List<Stretch> stretches) {
        return VoiceTiming.delay(voice.entry(), stretches.getFirst().attacks());
    }

    /** Where a voice that is played alone arrives in each key: with its last note. */
    private static List<StationArrival> soloArrivals(Step step, Voice voice) {
        List<StationArrival> arrivals = new ArrayList<>();
        List<Stretch> stretches = Stretches.of(step);
        Fraction later = later(voice, stretches);
        int before = 0;
        for (Stretch stretch : stretches) {
            List<Attack> attacks = VoiceTiming.of(voice, stretch);
            int last = attacks.size() - 1;
            while (last > 0 && voice.degree().isEmpty() && attacks.get(last - 1).note == attacks.get(last).note) last--;
            Fraction at = attacks.get(last).at().plus(later);
            Arrival inWhole = new Arrival(before + last, at);
            Arrival alone = new Arrival(last, at.minus(stretch.shift()));
            arrivals.add(new StationArrival(stretch.stop().key(), stretch.alone(), alone, inWhole));
            before += attacks.size();
        }
        return arrivals;
    }

    /** The attacks of a line in the key of a step, whether or not that walks. */
    static List<Attack> attacks(Step step, List<LineNote> notes) {
        int count = notes.size() * step.rhythm().strikes();
        if (count > MOST_ATTACKS) {
            throw Refusal.of(
                    "rhythm.strikes",
                    "This step has " + count + " attacks; at most " + MOST_ATTACKS + " can be worked out.");
        }
        return new Placer(step, notes).attacks();
    }

    /** The first attack of the last note. */
    public Attack last() {
        Attack end = attacks.get(attacks.size() - 1);
        return attacks.stream()
                .filter(attack -> attack.station == end.station && attack.note == end.note)
                .findFirst()
                .orElseThrow();
    }

    /** Walks through the notes once, with a hand on the figure, the legs and the clock. */
    private static final class Placer {
        private final Rhythm rhythm;
        private final Meter meter;
        private final Form form;
        private final List<LineNote> notes;
        private final OptionalInt turn;
        private final List<Attack> attacks = new ArrayList<>();
        private Figure figure;
        private int inCycle;
        private int nextLeg;
        private Fraction at;

        Placer(Step step, List<LineNote> notes) {
            this.rhythm = step.rhythm();
            this.meter = rhythm.meter();
            this.form = step.key().form();
            this.notes = notes;
            this.turn = step.line().turnAt(form);
            this.figure = rhythm.figure();
            this.at = rhythm.place();
        }

        List<Attack> attacks() {
            for (int note = 0; note < notes.size(); note++) {
                while (nextLeg < rhythm.legs().size() && begins(rhythm.legs().get(nextLeg), note)) {
                    enter(rhythm.legs().get(nextLeg++));
                }
                for (int strike = 0; strike < rhythm.strikes(); strike++) strike(note);
            }
            if (nextLeg < rhythm.legs().size()) {
                throw Refusal.of("rhythm.legs", "Leg " + (nextLeg + 1) + " never begins: the line is over before it.")
                        .fits("Let it begin earlier, or leave it out.");
            }
            return attacks;
        }

        private boolean begins(Leg leg, int note) {
            if (note == 0) return false;
            return switch (leg.start()) {
                case Leg.AtNote start -> note >= start.note() - 1;
                case Leg.AtBar start -> meter.barOf(at) >= start.bar();
                case Leg.AtTurn start -> turn.isPresent() && note > turn.getAsInt();
            };
        }

        private void enter(Leg leg) {
            figure = leg.figure().orElse(figure);
            inCycle = 0;
            if (leg.place().isEmpty()) return;
            int last = attacks.size() - 1;
            Attack before = attacks.get(last);
            Fraction beat = meter.nextBeat(before.at);
            at = beat.plus(leg.place().get());
            // The note before gives way at the beat, so that the new place can be heard and written.
            Fraction most = beat.minus(before.at);
            if (most.isLessThan(before.value)) attacks.set(last, new Attack(0, before.note, before.at, most));
        }

        private void strike(int note) {
            Figure.Slot slot = figure.slot(inCycle++);
            boolean isLast = note == notes.size() - 1;
            Fraction value = slot.value();
            if (rhythm.tonicValue().isPresent() && notes.get(note).isTonic(form)) {
                value = rhythm.tonicValue().get();
            }
            if (isLast && rhythm.last().isPresent())
                value = lastValue(rhythm.last().get());
            if (rhythm.hold().isPresent() && isHeld(rhythm.hold().get(), note)) {
                value = value.plus(rhythm.hold().get().by());
            }
            attacks.add(new Attack(0, note, at, value));
            at = at.plus(value);
            if (!slot.rest().isZero()) at = at.plus(slot.rest());
        }

        private Fraction lastValue(Rhythm.Last last) {
            return switch (last) {
                case Rhythm.Value value -> value.value();
                case Rhythm.Fill fill -> meter.downbeat(meter.barOf(at) + 1).minus(at);
            };
        }

        private boolean isHeld(Rhythm.Hold hold, int note) {
            boolean lastStrike = attacks.size() % rhythm.strikes() == rhythm.strikes() - 1;
            if (!lastStrike) return false;
            return switch (hold.note()) {
                case FIRST -> note == 0;
                case TURN -> turn.isPresent() && note == turn.getAsInt();
            };
        }
    }

    /** The note of the line that a target means, from 0. */
    static int arriving(Target.Arriving note, List<LineNote> notes, Step step) {
        Form form = step.key().form();
        return switch (note) {
            case LAST -> notes.size() - 1;
            case TOP -> highest(notes, form, false);
            case TOP_TONIC -> highest(notes, form, true);
            case TURN ->
                step.line().turnAt(form).orElseThrow(() -> Refusal.of("landing.note", "This line has no turning note.")
                        .fits("Use last or top."));
        };
    }

    private static int highest(List<LineNote> notes, Form form, boolean tonic) {
        int best = -1;
        for (int i = 0; i < notes.size(); i++) {
            if (tonic && !notes.get(i).isTonic(form)) continue;
            if (best < 0 || notes.get(i).sound(form) > notes.get(best).sound(form)) best = i;
        }
        if (best < 0)
            throw Refusal.of("landing.note", "This line has no tonic.").fits("Use last or top.");
        return best;
    }

    /**
     * The note that arrives.
     *
     * @param attack its first attack, from 0
     * @param at where that begins, from the downbeat of bar 1
     */
    public record Arrival(int attack, Fraction at) {}

    /**
     * Where the arriving note begins in each key of a step's walk; in a step that does not walk once.
     *
     * @param stops the keys on the way, where they are known already
     */
    public static List<StationArrival> arrivals(Step step, List<Walk.Stop> stops) {
        Optional<Voice> solo = soloInItsOwnTime(step);
        if (solo.isPresent()) return soloArrivals(step, solo.get());
        if (step.walk().isEmpty()) {
            Arrival arrival = arrival(step);
            return List.of(new StationArrival(step.key(), step, arrival, arrival));
        }
        List<StationArrival> arrivals = new ArrayList<>();
        Map<Step, Arrival> alike = new HashMap<>();
        int before = 0;
        for (Stretch stretch : Stretches.of(step, step.walk().get(), stops)) {
            Step alone = stretch.alone();
            Step timed = alone.withKey(stops.getFirst().key());
            boolean sameForm = alone.key().form().equals(timed.key().form());
            Arrival arrival = sameForm ? alike.computeIfAbsent(timed, Timing::arrival) : arrival(alone);
            int dropped = stretch.joined() ? step.rhythm().strikes() : 0;
            arrivals.add(new StationArrival(
                    stretch.stop().key(),
                    alone,
                    arrival,
                    new Arrival(
                            before + arrival.attack() - dropped, arrival.at().plus(stretch.shift()))));
            before += stretch.attacks().size();
        }
        return arrivals;
    }

    /**
     * The arrival in one key of a walk.
     *
     * @param key the key, named as the step's is
     * @param alone its line alone, from the place on which it starts there
     * @param arrival in the line alone
     * @param inWhole in the whole
     */
    public record StationArrival(Key key, Step alone, Arrival arrival, Arrival inWhole) {}

    /**
     * Where the arriving note of a line in the step's own key begins. A plain even line is worked out in one sum, because landing asks for many
     * changes of it; anything else is walked through.
     */
    public static Arrival arrival(Step step) {
        Rhythm rhythm = step.rhythm();
        if (!rhythm.isEven() || step.target().note() != Target.Arriving.LAST) return walked(step);
        int last = step.line().noteCount(step.key().form()) - 1;
        int attack = last * rhythm.strikes();
        Fraction onset =
                rhythm.place().plus(rhythm.figure().even().orElseThrow().times((long) attack));
        if (rhythm.hold().isEmpty()) return new Arrival(attack, onset);
        OptionalInt held =
                switch (rhythm.hold().get().note()) {
                    case FIRST -> OptionalInt.of(0);
                    case TURN -> step.line().turnAt(step.key().form());
                };
        boolean before = held.isPresent() && held.getAsInt() < last;
        return new Arrival(attack, before ? onset.plus(rhythm.hold().get().by()) : onset);
    }

    private static Arrival walked(Step step) {
        List<LineNote> notes = step.line().notes(step.key().form());
        int note = arriving(step.target().note(), notes, step);
        List<Attack> attacks = attacks(step, notes);
        int first = note * step.rhythm().strikes();
        return new Arrival(first, attacks.get(first).at());
    }
}
