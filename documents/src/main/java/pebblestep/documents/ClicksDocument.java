package pebblestep.documents;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.harmony.Company;
import pebblestep.core.metronome.Click;
import pebblestep.core.metronome.ClickPlan;
import pebblestep.core.metronome.CompanyPlan;
import pebblestep.core.metronome.DroneTones;
import pebblestep.core.metronome.FootCue;
import pebblestep.core.metronome.GroovePlan;
import pebblestep.core.metronome.LineBars;
import pebblestep.core.passage.Metronome;
import pebblestep.core.passage.Passage;
import pebblestep.core.pitch.Pitch;
import pebblestep.core.pitch.ReferencePitch;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Groove;

/**
 * What sounds with a passage, as JSON. Milliseconds count from the first attack of the passage, so the count-in is
 * negative; {@code endMs} is where the next repetition would start its bar. All bars, those of the count-in first, are
 * {@code barMs} long. Clicks and drums are those of bars that sound; {@code rounds} says which bars of
 * the line do, lap by lap until it comes round to the first again, true for a bar that sounds. Drums are there where the step asks for them; foot and drone always are, because a student may ask
 * for them too. {@code voiceHz} is the frequency of each note for a voice that plays the line.
 */
public record ClicksDocument(
        double startMs,
        double endMs,
        double barMs,
        int bars,
        int countInBars,
        List<List<Boolean>> rounds,
        List<ClickPart> clicks,
        List<DrumPart> drums,
        FootPart foot,
        DronePart drone,
        List<Double> voiceHz,
        @Nullable List<OtherVoicePart> voices,
        @Nullable CompanySoundPart company) {

    /**
     * One click: exact position, the beat it counts, and when it sounds; {@code x} is its position as a number. A silent one
     * is in a bar that has its turn to be silent when the line is played the first time.
     */
    public record ClickPart(
            String at,
            double x,
            double ms,
            int beat,
            boolean accent,
            boolean countIn,
            boolean between,
            boolean silent) {}

    /** One stroke of a drum: low, soft or high. */
    public record DrumPart(double ms, Groove.Drum drum, boolean strong) {}

    /** When the foot taps, and whether the step asks for it. */
    public record FootPart(boolean asked, List<Double> ms) {}

    /**
     * The notes of a drone in hertz, and which of them the step asks for: tonic, tonic-and-fifth, or null.
     *
     * @param along on a walk, each key's from where it begins
     */
    public record DronePart(
            Metronome.@Nullable Drone asked, double tonicHz, double fifthHz, @Nullable List<DroneFromPart> along) {}

    /** The notes of a drone from a time on. */
    public record DroneFromPart(double ms, double tonicHz, double fifthHz) {}

    private static DronePart drone(Passage passage, ReferencePitch reference) {
        DroneTones first = DroneTones.of(passage, reference);
        List<DroneFromPart> along = DroneTones.along(passage, reference).stream()
                .map(from -> new DroneFromPart(
                        Rounded.of(passage.millisAt(from.at())),
                        Rounded.of(from.tones().tonic()),
                        Rounded.of(from.tones().fifth())))
                .toList();
        return new DronePart(
                passage.step().metronome().drone().orElse(null),
                Rounded.of(first.tonic()),
                Rounded.of(first.fifth()),
                along.isEmpty() ? null : along);
    }

    /** A note that sounds beside the line: when, how long, and its frequency. */
    public record TonePart(double ms, double durationMs, double hz) {}

    /** A further voice as it sounds. */
    public record OtherVoicePart(List<TonePart> notes) {}

    /** The chords and the bass that may sound, and which of them the step asks for. */
    public record CompanySoundPart(
            boolean chordsAsked, boolean bassAsked, List<TonePart> chords, List<TonePart> bass) {}

    private static @Nullable List<OtherVoicePart> voices(Passage passage, ReferencePitch reference) {
        if (passage.parts().isEmpty()) return null;
        return passage.parts().stream()
                .map(part -> new OtherVoicePart(part.notes().stream()
                        .map(note -> tone(passage, note.at(), note.value(), reference.hertz(note.concert())))
                        .toList()))
                .toList();
    }

    private static TonePart tone(Passage passage, Fraction at, Fraction value, double hertz) {
        double ms = passage.millisAt(at);
        return new TonePart(Rounded.of(ms), Rounded.of(passage.millisAt(at.plus(value)) - ms), Rounded.of(hertz));
    }

    private static @Nullable CompanySoundPart company(Passage passage, ReferencePitch reference) {
        CompanyPlan plan = CompanyPlan.of(passage);
        if (plan.bass().isEmpty()) return null;
        Company wish = passage.step().company();
        return new CompanySoundPart(
                wish.chords().isPresent(),
                wish.bass(),
                tones(passage, plan.chords(), reference),
                tones(passage, plan.bass(), reference));
    }

    private static List<TonePart> tones(Passage passage, List<CompanyPlan.Tone> tones, ReferencePitch reference) {
        return tones.stream()
                .map(tone -> tone(passage, tone.at(), tone.value(), reference.hertz(Pitch.commonlyNamed(tone.midi()))))
                .toList();
    }

    /** What sounds with a passage at its tempo, tuned to a reference pitch. */
    public static ClicksDocument of(Passage passage, ReferencePitch reference) {
        ClickPlan plan = ClickPlan.ofEveryBar(passage);
        Metronome wish = passage.step().metronome();
        Set<Click> first = Set.copyOf(ClickPlan.of(passage).clicks());
        return new ClicksDocument(
                Rounded.of(passage.millisAt(plan.start())),
                Rounded.of(passage.millisAt(plan.end())),
                Rounded.fine(
                        passage.step().tempo().millis(passage.step().meter().bar())),
                Math.toIntExact(plan.end()
                        .minus(plan.start())
                        .dividedBy(passage.step().meter().bar())
                        .floor()),
                wish.countInBars(),
                LineBars.rounds(passage),
                plan.clicks().stream()
                        .map(click -> new ClickPart(
                                click.at().toString(),
                                click.at().toDouble(),
                                Rounded.of(passage.millisAt(click.at())),
                                click.beat(),
                                click.accent(),
                                click.countIn(),
                                click.between(),
                                !first.contains(click)))
                        .toList(),
                GroovePlan.ofEveryBar(passage).hits().stream()
                        .map(hit -> new DrumPart(Rounded.of(passage.millisAt(hit.at())), hit.drum(), hit.strong()))
                        .toList(),
                new FootPart(
                        !wish.foot().isEmpty(),
                        FootCue.of(passage).taps().stream()
                                .map(at -> Rounded.of(passage.millisAt(at)))
                                .toList()),
                drone(passage, reference),
                passage.notes().stream()
                        .map(note -> Rounded.of(reference.hertz(note.concert())))
                        .toList(),
                voices(passage, reference),
                company(passage, reference));
    }
}
