package pebblestep.app.demo;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import pebblestep.app.assignments.AssignmentViews.AssignmentView;
import pebblestep.app.demo.DemoPlan.Given;
import pebblestep.app.practice.PracticeViews.TakeRequest;
import pebblestep.core.climb.Ascent;
import pebblestep.core.climb.Attempt;
import pebblestep.core.climb.Position;
import pebblestep.core.climb.Standing;
import pebblestep.core.passage.Passage;
import pebblestep.core.passage.PassageNote;
import pebblestep.core.passage.Player;
import pebblestep.core.passage.Station;
import pebblestep.core.passage.Step;
import pebblestep.core.practice.Outcome;
import pebblestep.core.practice.SlipKind;
import pebblestep.core.practice.Slipped;
import pebblestep.core.rhythm.Bpm;
import pebblestep.documents.ClimbDocuments;
import pebblestep.documents.ClimbDocuments.PlayedPart;
import pebblestep.documents.SlippedDocument;

/** How the demo's students practised, as students do; the same seed gives the same practice. */
final class MadeUpPractice {
    /** What slips in the demo, the likeliest first. */
    private static final List<SlipKind> SLIPPING =
            List.of(SlipKind.NOTES, SlipKind.RHYTHM, SlipKind.EVENNESS, SlipKind.TONE, SlipKind.TENSION);

    private final Random random;

    MadeUpPractice(long seed) {
        this.random = new Random(seed);
    }

    /** An id as the practice room makes one. */
    UUID id() {
        return new UUID(random.nextLong(), random.nextLong());
    }

    /** Some time in the afternoon. */
    OffsetDateTime time(LocalDate day) {
        LocalTime afternoon = LocalTime.of(15, 30).plusMinutes(random.nextInt(220));
        return day.atTime(afternoon).atZone(ZoneId.systemDefault()).toOffsetDateTime();
    }

    /** The takes of one piece: most days a handful, cleaner as the days go by, harder on higher rungs. */
    List<TakeRequest> of(
            AssignmentView assignment, Ascent ascent, Given piece, double daysAWeek, Player player, LocalDate today) {
        List<Position> walk = ascent.moves().route();
        List<Attempt> attempts = new ArrayList<>();
        List<TakeRequest> takes = new ArrayList<>();
        LocalDate rested = today.minusDays(1L + piece.restDays());
        LocalDate ends = assignment.endsOn();
        LocalDate last = ends == null || rested.isBefore(ends) ? rested : ends;
        for (LocalDate day = assignment.startsOn(); !day.isAfter(last); day = day.plusDays(1)) {
            if (random.nextDouble() > daysAWeek / 7) continue;
            OffsetDateTime at = time(day);
            int count = 3 + random.nextInt(5);
            for (int i = 0; i < count; i++) {
                Standing standing = Standing.after(attempts, ascent, day);
                if (standing.topPassed() && i > 1) break;
                double practisedDays = ChronoUnit.DAYS.between(assignment.startsOn(), day);
                double climbed = Math.max(0, walk.indexOf(standing.at()));
                double chance = piece.ease() + 0.035 * practisedDays - 1.9 * climbed / walk.size();
                boolean clean = random.nextDouble() < 1 / (1 + Math.exp(-1.6 * chance - 0.4));
                Outcome outcome = clean ? Outcome.CLEAN : random.nextInt(4) == 0 ? Outcome.STOPPED : Outcome.SLIPS;
                Bpm bpm = ascent.bpm(standing.at());
                int seconds = 25 + random.nextInt(60);
                List<PlayedPart> played = ClimbDocuments.played(ascent, standing.at());
                attempts.add(new Attempt(bpm, ClimbDocuments.played(played), clean, day));
                takes.add(new TakeRequest(
                        id(),
                        assignment.id(),
                        bpm.value(),
                        played,
                        outcome,
                        clean || random.nextInt(5) > 0 ? "" : DemoPlan.NOTES.get(random.nextInt(DemoPlan.NOTES.size())),
                        at,
                        clean ? null : slipped(ascent.at(standing.at()), player),
                        seconds,
                        null));
                at = at.plusSeconds(seconds + 10L);
            }
        }
        return takes;
    }

    /** What slipped, as students say it: a kind or two, and now and then an altered note. */
    private SlippedDocument slipped(Step step, Player player) {
        List<SlipKind> kinds = new ArrayList<>();
        kinds.add(SLIPPING.get((int) (SLIPPING.size() * Math.pow(random.nextDouble(), 1.7))));
        if (random.nextInt(4) == 0) kinds.add(SlipKind.TENSION);
        Passage passage = Passage.of(step, player);
        List<PassageNote> altered = passage.notes().stream()
                .filter(note -> note.written().name().alteration() != 0)
                .toList();
        List<Slipped.Note> notes = new ArrayList<>();
        if (kinds.get(0) == SlipKind.NOTES && !altered.isEmpty()) {
            PassageNote note = altered.get((int) (altered.size() * Math.pow(random.nextDouble(), 2)));
            Optional<Integer> station = passage.stationOf(note.index()).map(Station::index);
            notes.add(new Slipped.Note(note.index(), note.written(), Optional.empty(), station));
        }
        return SlippedDocument.of(new Slipped(kinds, notes));
    }
}
