package pebblestep.documents.practice;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import pebblestep.core.climb.Misfit;
import pebblestep.core.minutes.Trim;
import pebblestep.core.passage.Player;
import pebblestep.core.practice.Cautions;
import pebblestep.core.practice.Purpose;
import pebblestep.core.practice.TodayList;
import pebblestep.core.rhythm.Speech;

/**
 * Whose practice room it is, and how it is talked in. The lists of its days are made here, on the server and in the page.
 *
 * @param name by which a device knows it, also when its link is renewed
 * @param minutes what the student has on a day; empty where that was not said
 */
public record Room(String name, String student, Player player, Optional<Duration> minutes, Speech speech) {

    /**
     * The list of a day: what of this work is practised on it, in order and within the student's minutes; behind it what
     * would be, were it not that the student's range does not take it.
     */
    public Today list(LocalDate day, List<Piece> pieces) {
        Map<Long, PieceWorkings> begun = new LinkedHashMap<>();
        List<TodayItem> unplayable = new ArrayList<>();
        for (Piece piece : pieces) {
            if (piece.schedule().from().isAfter(day)) continue;
            PieceWorkings work = new PieceWorkings(piece, player, speech);
            Optional<Misfit> misfit = work.misfit(day);
            if (misfit.isEmpty()) begun.put(piece.id(), work);
            else if (work.isMissed(day)) unplayable.add(work.unplayable(day, misfit.get()));
        }
        TodayList list =
                TodayList.of(begun.values().stream().map(work -> work.due(day)).toList(), minutes.orElse(null), day);
        List<TodayItem> items = new ArrayList<>();
        for (TodayList.Row line : list.lines()) {
            items.add(Objects.requireNonNull(begun.get(line.piece())).item(day, line));
        }
        items.addAll(unplayable);
        return new Today(
                name,
                student,
                player.instrument().name(),
                day,
                items,
                Today.DonePart.of(items),
                items.stream().mapToLong(item -> item.toPlay().minutes()).sum(),
                list.trims().stream().map(Trim::sentence).toList(),
                CautionPart.of(Cautions.of(player)));
    }

    /** Where the student stands with one piece, as a list that has it for learning shows it. */
    public TodayItem item(LocalDate day, Piece piece) {
        PieceWorkings work = new PieceWorkings(piece, player, speech);
        return work.misfit(day)
                .map(misfit -> work.unplayable(day, misfit))
                .orElseGet(() -> work.item(
                        day,
                        new TodayList.Row(
                                piece.id(), Purpose.LEARNING, work.load(day).repetitions(), "")));
    }
}
