package pebblestep.app.practice;

import java.util.List;
import org.springframework.stereotype.Service;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.platform.PracticeVisitor;
import pebblestep.app.practice.PracticeViews.LatencyRequest;
import pebblestep.app.practice.PracticeViews.LatencyView;
import pebblestep.app.practice.PracticeViews.SimulatedRequest;
import pebblestep.app.practice.PracticeViews.TapView;
import pebblestep.app.practice.PracticeViews.TapsRequest;
import pebblestep.app.practice.PracticeViews.TapsView;
import pebblestep.core.passage.Passage;
import pebblestep.core.practice.Latency;
import pebblestep.core.practice.TapCheck;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.CountSchool;
import pebblestep.documents.Fields;
import pebblestep.documents.Rounded;

/** What taps say: about the notes they were meant for, or about the headphones. Nothing is kept. */
@Service
class TapService {
    private final RoomService room;
    private final SettingsService settings;

    TapService(RoomService room, SettingsService settings) {
        this.room = room;
        this.settings = settings;
    }

    /** Holds taps against the notes of a rung. */
    TapsView taps(PracticeVisitor visitor, long assignmentId, TapsRequest form) {
        Bpm bpm = Fields.at("bpm", () -> Bpm.of(form.bpm()));
        return view(visitor, TapCheck.of(room.tapped(visitor, assignmentId, form.at(), bpm), form.taps()));
    }

    /** What a made-up player's taps say, whose fault is known beforehand; in the demo only. */
    TapsView simulated(PracticeVisitor visitor, long assignmentId, SimulatedRequest form) {
        room.requireSimulated();
        Bpm bpm = Fields.at("bpm", () -> Bpm.of(form.bpm()));
        Passage passage = room.tapped(visitor, assignmentId, form.at(), bpm);
        return view(visitor, TapCheck.of(passage, form.player().of(passage).taps(passage)));
    }

    /** How late sounds are heard. */
    LatencyView latency(LatencyRequest form) {
        Latency latency = Latency.of(form.taps());
        return new LatencyView(Rounded.of(latency.millis()), Rounded.of(latency.spreadMillis()), latency.sentence());
    }

    private TapsView view(PracticeVisitor visitor, TapCheck check) {
        CountSchool school = settings.of(visitor.studioId()).speech().school();
        List<TapView> taps = check.taps().stream()
                .map(tap -> new TapView(tap.note(), Rounded.of(tap.offset())))
                .toList();
        return new TapsView(
                check.sentence(school),
                check.notes(),
                check.extra(),
                Rounded.of(check.meanMillis()),
                Rounded.of(check.spreadMillis()),
                Rounded.of(check.bpm()),
                check.worst().note(),
                taps,
                check.elsewhere().map(other -> other.place().inWords(school)).orElse(null));
    }
}
