package pebblestep.app.bench;

import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.documents.SpeechDocument;
import pebblestep.documents.StepDocument;
import pebblestep.documents.bench.ReadingsAsked.ReaderPart;
import pebblestep.documents.bench.SeenPart;

/** What the Bench has to know of a studio, to work everything else out by itself. */
public final class BenchViews {
    private BenchViews() {}

    /**
     * The studio.
     *
     * @param speech how it talks
     * @param pace how everybody in it climbs
     * @param players what each student plays, by name
     */
    public record BenchView(SpeechDocument speech, SeenPart pace, List<ReaderPart> players) {}

    /**
     * A student.
     *
     * @param cleanShare the share of their takes that was clean; absent where there are too few to tell
     * @param keys the last keys they were given, the last first: two at most, each another
     */
    public record BenchStudent(@Nullable Double cleanShare, List<StepDocument.KeyPart> keys) {}
}
