package pebblestep.core.sound;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import pebblestep.core.Refusal;
import pebblestep.core.Rounding;
import pebblestep.core.metronome.Click;
import pebblestep.core.metronome.ClickPlan;
import pebblestep.core.metronome.CompanyPlan;
import pebblestep.core.metronome.DroneTones;
import pebblestep.core.metronome.GroovePlan;
import pebblestep.core.metronome.LineBars;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Part;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Tempo;

/**
 * A passage played so many times without a break, counted in once. What is planned for one repetition sounds again in each; bars
 * that are to be silent take their turns on through all of them.
 *
 * @param tempo how fast
 * @param meter its meter; the run begins with a bar
 * @param length from the first click to where a next repetition would begin its bar, in whole notes
 * @param sounds in order
 */
public record Run(Tempo tempo, Meter meter, Fraction length, List<Sound> sounds) {
    /** Repetitions at most. */
    public static final int MOST_TIMES = 100;

    private static final int LOWEST_DRONE = 48;

    public Run {
        sounds = List.copyOf(sounds);
    }

    /**
     * The run of a passage; refuses fewer than one and more than a hundred repetitions, and what lasts longer than any programme
     * may, before all of it is laid out.
     */
    public static Run of(Passage passage, int times, Set<Track> heard, ReferencePitch reference) {
        if (times < 1 || times > MOST_TIMES) {
            throw Refusal.of("times", "A line is played 1 to " + MOST_TIMES + " times, not " + times + ".");
        }
        Writer writer = new Writer(passage, times, heard, reference);
        Programme.requireShort(passage.step().tempo().millis(writer.length()) / 1000);
        return writer.run();
    }

    /** How long it is, in seconds. */
    public double seconds() {
        return secondsAt(length);
    }

    /** When a position of it sounds, in seconds from its first click. */
    public double secondsAt(Fraction at) {
        return tempo.millis(at) / 1000;
    }

    /** Lays out one run. */
    private static final class Writer {
        private final Passage passage;
        private final int times;
        private final Set<Track> heard;
        private final ReferencePitch reference;
        private final ClickPlan clicks;
        private final Meter meter;
        private final Fraction lap;
        private final List<Sound> sounds = new ArrayList<>();

        Writer(Passage passage, int times, Set<Track> heard, ReferencePitch reference) {
            this.passage = passage;
            this.times = times;
            this.heard = heard;
            this.reference = reference;
            this.clicks = ClickPlan.ofEveryBar(passage);
            this.meter = passage.step().meter();
            this.lap = meter.bar().times(LineBars.count(passage));
        }

        /** From the first click to where a next repetition would begin. */
        Fraction length() {
            Fraction countIn = meter.bar().times(passage.step().metronome().countInBars());
            return countIn.plus(lap.times(times));
        }

        Run run() {
            Metronome wish = passage.step().metronome();
            for (Click click : clicks.clicks()) {
                if (click.countIn() && heard.contains(Track.CLICK)) sounds.add(clicked(click, Fraction.ZERO));
            }
            for (int time = 0; time < times; time++) lap(time);
            if (heard.contains(Track.DRONE)) drone(wish.drone().orElse(Metronome.Drone.TONIC_AND_FIFTH));
            sounds.sort(Comparator.comparing(Sound::at));
            return new Run(passage.step().tempo(), meter, length(), sounds);
        }

        private void lap(int time) {
            Fraction later = lap.times(time);
            List<Boolean> bars = LineBars.sounding(passage, time * LineBars.count(passage));
            if (heard.contains(Track.CLICK)) {
                for (Click click : clicks.clicks()) {
                    if (!click.countIn() && bars.get(bar(click.at()))) sounds.add(clicked(click, later));
                }
            }
            if (heard.contains(Track.DRUMS)) {
                for (GroovePlan.Hit hit : GroovePlan.ofEveryBar(passage).hits()) {
                    if (bars.get(bar(hit.at())))
                        sounds.add(new Sound.Drummed(played(hit.at()).plus(later), hit.drum(), hit.strong()));
                }
            }
            if (heard.contains(Track.LINE)) notes(passage.notes(), Track.LINE, 0, later);
            if (heard.contains(Track.VOICES)) {
                for (int i = 0; i < passage.parts().size(); i++) {
                    Part part = passage.parts().get(i);
                    notes(part.notes(), Track.VOICES, i, later);
                }
            }
            if (!heard.contains(Track.CHORDS) && !heard.contains(Track.BASS)) return;
            CompanyPlan company = CompanyPlan.of(passage);
            if (heard.contains(Track.CHORDS)) company.chords().forEach(tone -> tone(tone, Track.CHORDS, later));
            if (heard.contains(Track.BASS)) company.bass().forEach(tone -> tone(tone, Track.BASS, later));
        }

        /** Which bar of the line a position stands in, from 0. */
        private int bar(Fraction at) {
            return meter.barOf(at) - passage.firstBar();
        }

        private Sound clicked(Click click, Fraction later) {
            return new Sound.Clicked(played(click.at()).plus(later), click.accent(), click.between());
        }

        private void notes(List<PassageNote> notes, Track track, int voice, Fraction later) {
            for (PassageNote note : notes) {
                toned(note.at(), note.value(), track, voice, note.concert().midi(), later);
            }
        }

        private void tone(CompanyPlan.Tone tone, Track track, Fraction later) {
            toned(tone.at(), tone.value(), track, 0, tone.midi(), later);
        }

        private void toned(Fraction from, Fraction value, Track track, int voice, int midi, Fraction later) {
            Fraction at = played(from);
            Fraction end = played(from.plus(value));
            sounds.add(new Sound.Toned(at.plus(later), end.minus(at), track, voice, midi));
        }

        /** The drone begins with the first click, and goes along with the keys of a walk. */
        private void drone(Metronome.Drone which) {
            boolean fifth = which == Metronome.Drone.TONIC_AND_FIFTH;
            List<DroneTones.From> along = DroneTones.along(passage, reference);
            Fraction end = played(clicks.end()).plus(lap.times(times - 1));
            if (along.isEmpty()) {
                sounds.add(droned(Fraction.ZERO, end, DroneTones.of(passage, reference), fifth));
                return;
            }
            List<Fraction> begins = new ArrayList<>();
            List<DroneTones> tones = new ArrayList<>();
            for (int time = 0; time < times; time++) {
                for (DroneTones.From from : along) {
                    boolean first = begins.isEmpty();
                    begins.add(first ? Fraction.ZERO : played(from.at()).plus(lap.times(time)));
                    tones.add(from.tones());
                }
            }
            for (int i = 0; i < begins.size(); i++) {
                Fraction to = i + 1 < begins.size() ? begins.get(i + 1) : end;
                // A line that is over before its first downbeat has none of its last key.
                if (begins.get(i).isLessThan(to)) sounds.add(droned(begins.get(i), to, tones.get(i), fifth));
            }
        }

        private Sound droned(Fraction from, Fraction to, DroneTones tones, boolean fifth) {
            int midi = LOWEST_DRONE + (int) Rounding.whole(12 * Math.log(tones.tonic() / lowest()) / Math.log(2));
            return new Sound.Droned(from, to.minus(from), midi, tones, fifth);
        }

        private double lowest() {
            return reference.a4() * Math.pow(2, (LOWEST_DRONE - 69) / 12.0);
        }

        /** When a written position is played, from the first click. */
        private Fraction played(Fraction written) {
            return passage.asPlayed(written).minus(passage.asPlayed(clicks.start()));
        }
    }
}
