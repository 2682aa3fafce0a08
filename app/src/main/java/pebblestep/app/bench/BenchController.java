package pebblestep.app.bench;

import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.accounts.SettingsService;
import pebblestep.app.bench.BenchViews.BenchStudent;
import pebblestep.app.bench.BenchViews.BenchView;
import pebblestep.app.platform.Teacher;
import pebblestep.app.students.StudentService;
import pebblestep.documents.PlayerDocument;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.bench.ReadingsAsked.ReaderPart;
import pebblestep.documents.bench.SeenPart;

/** Tells the Bench what it works with. */
@RestController
class BenchController {
    private final StudentService students;
    private final SettingsService settings;
    private final StudioPaces paces;
    private final CleanShares shares;
    private final KeyBefore keys;

    BenchController(
            StudentService students, SettingsService settings, StudioPaces paces, CleanShares shares, KeyBefore keys) {
        this.students = students;
        this.settings = settings;
        this.paces = paces;
        this.shares = shares;
        this.keys = keys;
    }

    @GetMapping("/api/bench")
    BenchView bench(@AuthenticationPrincipal Teacher teacher) {
        long studio = teacher.studioId();
        return new BenchView(
                SpeechDocument.of(settings.of(studio).speech()),
                SeenPart.of(paces.seen(studio)),
                students.everybodysPlayers(studio).stream()
                        .map(one -> new ReaderPart(one.student().id(), PlayerDocument.of(one.player())))
                        .toList());
    }

    @GetMapping("/api/bench/students/{id}")
    BenchStudent student(@AuthenticationPrincipal Teacher teacher, @PathVariable long id) {
        long studio = teacher.studioId();
        students.get(studio, id);
        return new BenchStudent(shares.cleanShare(studio, id).orElse(null), List.copyOf(keys.lastKeys(studio, id)));
    }
}
