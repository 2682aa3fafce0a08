package pebblestep.app.students;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.platform.Problems;
import pebblestep.app.students.InstrumentViews.HandOffer;
import pebblestep.app.students.InstrumentViews.InstrumentRequest;
import pebblestep.app.students.InstrumentViews.InstrumentView;
import pebblestep.app.students.InstrumentViews.OfferedSchool;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.instruments.InstrumentHands;
import pebblestep.core.instrument.Clef;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.documents.Fields;
import pebblestep.documents.PlayerDocument.InstrumentPart;

/** Keeps the instruments that a studio adds to those that everybody has. */
@Service
public class InstrumentService {
    private static final int MOST = 100;
    private static final String OWN = "own-";

    private final StudioInstrumentRepository own;
    private final StudentRepository students;
    private final ApplicationEventPublisher events;

    InstrumentService(StudioInstrumentRepository own, StudentRepository students, ApplicationEventPublisher events) {
        this.own = own;
        this.students = students;
        this.events = events;
    }

    /** The instruments of a studio by their ids, those put away included: students keep them. */
    @Transactional(readOnly = true)
    public InstrumentBook book(long studioId) {
        return new InstrumentBook(own.findByStudioIdOrderByName(studioId, Limit.of(MOST)).stream()
                .map(InstrumentService::instrument)
                .toList());
    }

    /** What can be chosen: the studio's own first, then those that everybody has. */
    @Transactional(readOnly = true)
    public List<InstrumentView> list(long studioId) {
        return Stream.concat(
                        own.findByStudioIdOrderByName(studioId, Limit.of(MOST)).stream()
                                .map(InstrumentService::view),
                        Instruments.all().stream().map(instrument -> view(instrument, null, false)))
                .toList();
    }

    /** Adds an instrument; refuses ranges that do not lie within each other, and more than a hundred. */
    @Transactional
    public InstrumentView add(long studioId, InstrumentRequest form) {
        if (own.countByStudioId(studioId) >= MOST) {
            throw Refusal.of("name", "A studio adds at most " + MOST + " instruments.");
        }
        StudioInstrumentEntity entity = new StudioInstrumentEntity();
        entity.studioId = studioId;
        fill(entity, form);
        own.save(entity);
        return view(entity);
    }

    @Transactional
    public InstrumentView change(long studioId, long id, InstrumentRequest form) {
        StudioInstrumentEntity entity = find(studioId, id);
        fill(entity, form);
        own.flush();
        events.publishEvent(new PlayersChanged(studioId, students.playing(studioId, OWN + id)));
        return view(entity);
    }

    /** Puts an instrument away, or takes it back. */
    @Transactional
    public InstrumentView archive(long studioId, long id) {
        StudioInstrumentEntity entity = find(studioId, id);
        entity.archived = true;
        return view(entity);
    }

    /** Brings an archived instrument back. */
    @Transactional
    public InstrumentView restore(long studioId, long id) {
        StudioInstrumentEntity entity = find(studioId, id);
        entity.archived = false;
        return view(entity);
    }

    private StudioInstrumentEntity find(long studioId, long id) {
        return own.findByIdAndStudioId(id, studioId).orElseThrow(() -> Problems.notFound("instrument"));
    }

    private static void fill(StudioInstrumentEntity entity, InstrumentRequest form) {
        boolean known = Instruments.all().stream()
                .anyMatch(instrument -> instrument.family().equals(form.family()));
        if (!known) throw Refusal.of("family", "There is no family \"" + form.family() + "\" here.");
        entity.name = form.name().strip();
        entity.family = form.family();
        entity.sounds = form.sounds().strip();
        entity.clefs = String.join(" ", form.clefs());
        entity.firstOctave = form.firstOctave().replace(" ", "");
        entity.comfortable = form.comfortable().replace(" ", "");
        entity.fullRange = form.full().replace(" ", "");
        String like = form.fingeredLike();
        entity.fingeredLike = like == null || like.isBlank() ? null : like;
        instrument(entity);
    }

    private static HandOffer offer(Hand hand) {
        return new HandOffer(
                hand.family(),
                hand.traits().stream().sorted().toList(),
                hand.positions(),
                hand.schools().stream()
                        .map(school -> new OfferedSchool(school.id(), school.words()))
                        .toList());
    }

    /** The instrument of a row; refuses what its columns cannot mean, by the field of the form. */
    private static Instrument instrument(StudioInstrumentEntity entity) {
        return new InstrumentPart(
                        OWN + entity.id,
                        entity.name,
                        entity.family,
                        entity.sounds,
                        Stream.of(entity.clefs.split(" "))
                                .map(id -> Fields.at("clefs", () -> Clef.of(id)))
                                .toList(),
                        entity.firstOctave,
                        entity.comfortable,
                        entity.fullRange,
                        entity.fingeredLike)
                .read();
    }

    private static InstrumentView view(StudioInstrumentEntity entity) {
        return view(instrument(entity), entity.id, entity.archived);
    }

    private static InstrumentView view(Instrument instrument, @Nullable Long ownId, boolean archived) {
        InstrumentPart part = InstrumentPart.of(instrument);
        return new InstrumentView(
                part.id(),
                part.name(),
                part.family(),
                part.sounds(),
                part.clefs().stream().map(Clef::id).toList(),
                part.firstOctave(),
                part.comfortable(),
                part.full(),
                part.fingeredLike(),
                InstrumentHands.of(instrument).map(InstrumentService::offer).orElse(null),
                ownId,
                archived);
    }
}
