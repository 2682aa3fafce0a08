package pebblestep.core.fingering.wind;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.Cost;
import pebblestep.core.fingering.CostSink;
import pebblestep.core.fingering.CostTable;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.NoteToPlay;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.core.fingering.School;
import pebblestep.core.fingering.Shape;
import pebblestep.core.fingering.Way;
import pebblestep.core.pitch.Pitch;

/** Holes and keys of a wind instrument, as its chart has them. */
public final class Holes implements Hand {
    private static final String LITTLE = "little";
    private static final String THUMB = "left thumb";
    private static final String UNSURE = "written down from memory and not sure: compare it with your own chart";

    /** Costs of fingers on holes and keys; common practice, no source. */
    private static final CostTable COSTS = new CostTable(
            """
            other;   300; not the usual fingering
            beside;   20; not the usual fingering, but taught in a chromatic line
            school;  150; not as the school goes
            trill;  1500; a fingering for trills
            held;     20; a key is kept down
            either;   30; the other little finger
            finger;  100; a finger that moves
            little;  140; a little finger that moves
            against; 150; fingers go down while others come up
            half;    200; the half hole
            with;     80; the thumb moves with the fingers
            slides;  700; a finger slides
            """);

    private final Chart chart;
    private final @Nullable ChartSchool school;
    private final Map<Integer, List<Way>> byMidi = new HashMap<>();

    /** A hand on a chart, as the first of its schools goes. */
    public Holes(Chart chart) {
        this(chart, chart.schools().isEmpty() ? null : chart.schools().getFirst());
    }

    private Holes(Chart chart, @Nullable ChartSchool school) {
        this.chart = chart;
        this.school = school;
        for (int midi : chart.notes()) byMidi.put(midi, ways(midi));
    }

    /** The ways of a note: those that the school takes for the usual ones go first. */
    private List<Way> ways(int midi) {
        List<Chart.Entry> entries = chart.of(midi);
        String kind = school == null ? "" : school.kind();
        boolean otherwise = !kind.isEmpty()
                && entries.stream().anyMatch(entry -> entry.kind().equals(kind));
        if (!otherwise)
            return entries.stream()
                    .map(entry -> way(entry, midi, costs(entry, midi)))
                    .toList();
        List<Way> first = new ArrayList<>();
        List<Way> then = new ArrayList<>();
        for (Chart.Entry entry : entries) {
            if (entry.kind().equals(kind)) first.add(way(entry, midi, List.of()));
            else if (entry.kind().isEmpty()) then.add(way(entry, midi, List.of(COSTS.cost("school"))));
            else then.add(way(entry, midi, costs(entry, midi)));
        }
        first.addAll(then);
        return List.copyOf(first);
    }

    @Override
    public List<School> schools() {
        return List.copyOf(chart.schools());
    }

    @Override
    public Optional<School> school() {
        return Optional.ofNullable(school);
    }

    @Override
    public Hand inSchool(String id) {
        return chart.schools().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .<Hand>map(one -> new Holes(chart, one))
                .orElse(this);
    }

    @Override
    public Hand of(PlayersHand player) {
        return player.school().map(this::inSchool).orElse(this);
    }

    @Override
    public Set<PlayersHand.Trait> traits() {
        return chart.schools().isEmpty() ? Set.of() : EnumSet.of(PlayersHand.Trait.SCHOOL);
    }

    @Override
    public Family family() {
        return Family.HOLES;
    }

    @Override
    public List<Way> ways(Pitch written) {
        return byMidi.getOrDefault(written.midi(), List.of());
    }

    private List<Cost> costs(Chart.Entry entry, int midi) {
        if (chart.isChromatic(midi, entry.kind())) return List.of(COSTS.cost("beside"));
        return switch (entry.kind()) {
            case "" -> List.of();
            case Chart.HELD -> List.of(COSTS.cost("held"));
            case "left", "right" -> List.of(COSTS.cost("either"));
            case "trill" -> List.of(COSTS.cost("trill"));
            default -> List.of(COSTS.cost("other"));
        };
    }

    private Way way(Chart.Entry entry, int midi, List<Cost> costs) {
        String text = entry.kind().equals(Chart.HELD) ? "" : entry.kind();
        String purpose = entry.purpose().isEmpty() && chart.isUnsure(midi) ? UNSURE : entry.purpose();
        return new Way(
                entry.pressed().isEmpty() ? "open" : String.join("-", entry.pressed()),
                text,
                new Shape.Closed(
                        entry.pressed(),
                        chart.holes(entry.pressed()),
                        chart.keys(entry.pressed()),
                        entry.kind(),
                        purpose),
                0,
                costs);
    }

    /** What each finger presses. */
    private Map<String, List<String>> fingers(Way way) {
        Map<String, List<String>> fingers = new LinkedHashMap<>();
        for (String key : ((Shape.Closed) way.shape()).pressed()) {
            fingers.computeIfAbsent(chart.finger(key), any -> new ArrayList<>()).add(key);
        }
        return fingers;
    }

    private static boolean isUnsure(Way way) {
        return ((Shape.Closed) way.shape()).purpose().equals(UNSURE);
    }

    /** Of what is not sure it is not said that it is hard. */
    @Override
    public void move(@Nullable Way before, Way from, Way to, NoteToPlay onset, CostSink sink) {
        if (isUnsure(from) || isUnsure(to)) return;
        Map<String, List<String>> one = fingers(from);
        Map<String, List<String>> other = fingers(to);
        int plain = 0;
        int little = 0;
        boolean down = false;
        boolean up = false;
        for (Map.Entry<String, List<String>> finger : one.entrySet()) {
            List<String> then = other.get(finger.getKey());
            if (Objects.equals(then, finger.getValue())) continue;
            if (then != null && java.util.Collections.disjoint(then, finger.getValue())) {
                if (chart.isHalfOf(then.getFirst(), finger.getValue().getFirst())) {
                    sink.add(COSTS, "half");
                    continue;
                }
                sink.add(
                        COSTS,
                        "slides",
                        1,
                        () -> "the " + finger.getKey() + " slides from "
                                + finger.getValue().getFirst() + " to " + then.getFirst());
                continue;
            }
            if (then == null || then.size() < finger.getValue().size()) up = true;
            else down = true;
            if (finger.getKey().contains(LITTLE)) little++;
            else plain++;
        }
        for (String finger : other.keySet()) {
            if (one.containsKey(finger)) continue;
            down = true;
            if (finger.contains(LITTLE)) little++;
            else plain++;
        }
        int moved = plain;
        int littles = little;
        if (moved > 0) {
            sink.add(COSTS, "finger", moved, () -> moved == 1 ? "a finger moves" : moved + " fingers move");
        }
        if (littles > 0) {
            sink.add(
                    COSTS,
                    "little",
                    littles,
                    () -> littles == 1 ? "a little finger moves" : "both little fingers move");
        }
        if (down && up) sink.add(COSTS, "against");
        if (moved + littles > 1 && !Objects.equals(one.get(THUMB), other.get(THUMB)))
            sink.add(COSTS, "with", 1, chart::withThumb);
    }

    /** Every note of the chart, for what checks it. */
    java.util.Set<Integer> notes() {
        return chart.notes();
    }
}
