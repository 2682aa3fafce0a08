package pebblestep.documents;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instrument;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.instrument.PitchRange;
import pebblestep.core.line.Extent;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.voice.By;
import pebblestep.core.voice.Entry;
import pebblestep.core.voice.Voice;
import pebblestep.documents.PlayerDocument.InstrumentPart;
import pebblestep.documents.StepDocument.VoicePart;

/** The further voices of a step document. */
public final class VoiceFields {
    private VoiceFields() {}

    /** The voices that parts say; refuses the first wrong field of the first wrong one. */
    static List<Voice> read(@Nullable List<VoicePart> parts) {
        List<Voice> voices = new ArrayList<>();
        for (VoicePart part : StepDocuments.or(parts, List.<VoicePart>of())) {
            String index = Integer.toString(voices.size());
            voices.add(Fields.under("voices", () -> Fields.under(index, () -> read(part))));
        }
        return voices;
    }

    /** The voice that a part says. */
    public static Voice read(VoicePart part) {
        return new Voice(
                StepDocuments.or(part.interval(), 1),
                StepDocuments.or(part.mirror(), false),
                entry(part),
                Optional.ofNullable(part.figure()).map(cycle -> figure(cycle)),
                extent(part),
                Optional.ofNullable(part.degree()),
                StepDocuments.or(part.by(), By.COMPANY),
                instrument(part),
                Optional.ofNullable(part.range()).map(text -> Fields.at("range", () -> PitchRange.parse(text))));
    }

    private static Optional<Instrument> instrument(VoicePart part) {
        String id = part.instrument();
        InstrumentPart own = part.ownInstrument();
        if (id != null && own != null) {
            throw Refusal.of(
                            "instrument",
                            "A partner plays one instrument: one that everybody has, or the studio's own.")
                    .fits("Leave one of them out.");
        }
        if (own != null) return Optional.of(Fields.under("ownInstrument", own::read));
        return Optional.ofNullable(id).map(known -> Fields.at("instrument", () -> Instruments.of(known)));
    }

    private static Figure figure(List<String> cycle) {
        try {
            return Figure.ofCycle(cycle);
        } catch (Refusal e) {
            Refusal here = Refusal.of("figure", e.getMessage());
            throw e.fits().map(here::fits).orElse(here);
        }
    }

    private static Entry entry(VoicePart part) {
        if (part.delay() != null && part.delayNotes() != null) {
            throw Refusal.of("delay", "A voice comes in so much later or so many notes later, not both.")
                    .fits("Leave one of them out.");
        }
        if (part.delayNotes() != null) return new Entry.NotesLater(part.delayNotes());
        String delay = part.delay();
        if (delay == null) return Entry.TOGETHER;
        return new Entry.Later(Fields.at("delay", () -> Fraction.parse(delay)));
    }

    private static Optional<Extent> extent(VoicePart part) {
        if (part.octaves() == null && part.span() == null) return Optional.empty();
        return Optional.of(StepDocuments.extent(part.octaves(), part.span()));
    }

    static @Nullable List<VoicePart> write(List<Voice> voices) {
        return voices.isEmpty() ? null : voices.stream().map(VoiceFields::write).toList();
    }

    /** A voice as a part. */
    public static VoicePart write(Voice voice) {
        Entry entry = voice.entry();
        PatternFields.Span span = voice.extent().map(PatternFields::span).orElse(new PatternFields.Span(null, null));
        return new VoicePart(
                voice.interval(),
                voice.mirror() ? true : null,
                entry instanceof Entry.Later later && !entry.isTogether()
                        ? later.by().toString()
                        : null,
                entry instanceof Entry.NotesLater later ? later.notes() : null,
                voice.figure().map(Figure::cycle).orElse(null),
                span.octaves(),
                span.notes(),
                voice.degree().orElse(null),
                voice.by(),
                voice.instrument().map(Instrument::id).filter(Instruments::has).orElse(null),
                voice.instrument()
                        .filter(one -> !Instruments.has(one.id()))
                        .map(InstrumentPart::of)
                        .orElse(null),
                voice.range().map(PitchRange::id).orElse(null));
    }
}
