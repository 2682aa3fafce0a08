package pebblestep.documents;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Refusal;
import pebblestep.core.rhythm.Figure;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.rhythm.Leg;
import pebblestep.core.rhythm.Meter;
import pebblestep.core.rhythm.Rhythm;
import pebblestep.core.rhythm.Swing;

/** The rhythm part of a step document. */
public final class RhythmFields {
    private RhythmFields() {}

    /** The rhythm that a part says; refuses its first wrong field. */
    public static Rhythm read(StepDocument.RhythmPart part) {
        return new Rhythm(
                Meter.parse(StepDocuments.or(part.meter(), "4/4")),
                Figure.ofCycle(part.figure()),
                StepDocuments.or(part.strikes(), 1),
                fraction("rhythm.place", StepDocuments.or(part.place(), "0")),
                Optional.ofNullable(part.tonicValue()).map(text -> fraction("rhythm.tonicValue", text)),
                Optional.ofNullable(part.lastValue()).map(RhythmFields::last),
                Optional.ofNullable(part.hold()).map(RhythmFields::hold),
                StepDocuments.or(part.legs(), List.<StepDocument.LegPart>of()).stream()
                        .map(RhythmFields::leg)
                        .toList(),
                Swing.parse(StepDocuments.or(part.swing(), "1:1")));
    }

    private static Fraction fraction(String field, String text) {
        return Fields.at(field, () -> Fraction.parse(text));
    }

    private static Rhythm.Last last(String text) {
        return text.equals("fill") ? new Rhythm.Fill() : new Rhythm.Value(fraction("rhythm.lastValue", text));
    }

    private static Rhythm.Hold hold(StepDocument.HoldPart part) {
        return new Rhythm.Hold(part.note(), fraction("rhythm.hold.by", part.by()));
    }

    private static Leg leg(StepDocument.LegPart part) {
        return new Leg(
                start(part),
                Optional.ofNullable(part.figure()).map(Figure::ofCycle),
                Optional.ofNullable(part.place()).map(text -> fraction("rhythm.legs", text)));
    }

    private static Leg.Start start(StepDocument.LegPart part) {
        List<Leg.Start> said = new ArrayList<>();
        if (Boolean.TRUE.equals(part.turn())) said.add(new Leg.AtTurn());
        if (part.bar() != null) said.add(new Leg.AtBar(part.bar()));
        if (part.note() != null) said.add(new Leg.AtNote(part.note()));
        if (said.size() != 1) {
            throw Refusal.of("rhythm.legs", "A leg begins at the turn, in a bar or with a note: give exactly one.")
                    .fits("For instance \"turn\": true.");
        }
        return said.getFirst();
    }

    static StepDocument.RhythmPart write(Rhythm rhythm) {
        return new StepDocument.RhythmPart(
                rhythm.meter().toString(),
                rhythm.figure().cycle(),
                rhythm.strikes(),
                rhythm.place().toString(),
                rhythm.tonicValue().map(Fraction::toString).orElse(null),
                rhythm.last().map(RhythmFields::text).orElse(null),
                rhythm.hold()
                        .map(hold ->
                                new StepDocument.HoldPart(hold.note(), hold.by().toString()))
                        .orElse(null),
                rhythm.legs().isEmpty()
                        ? null
                        : rhythm.legs().stream().map(RhythmFields::part).toList(),
                rhythm.swing().isStraight() ? null : rhythm.swing().toString());
    }

    private static String text(Rhythm.Last last) {
        return switch (last) {
            case Rhythm.Value value -> value.value().toString();
            case Rhythm.Fill fill -> "fill";
        };
    }

    private static StepDocument.LegPart part(Leg leg) {
        List<String> figure = leg.figure().map(Figure::cycle).orElse(null);
        String place = leg.place().map(Fraction::toString).orElse(null);
        return switch (leg.start()) {
            case Leg.AtTurn turn -> new StepDocument.LegPart(true, null, null, figure, place);
            case Leg.AtBar start -> new StepDocument.LegPart(null, start.bar(), null, figure, place);
            case Leg.AtNote start -> new StepDocument.LegPart(null, null, start.note(), figure, place);
        };
    }
}
