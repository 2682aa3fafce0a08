package pebblestep.core.fingering.wind;

import pebblestep.core.fingering.School;

/**
 * A school of a chart: which of its ways is the usual one, where several are.
 *
 * @param id its name, by which it is asked for
 * @param words what it is called
 * @param kind what that way is called in the chart; empty for the one that stands first
 */
public record ChartSchool(String id, String words, String kind) implements School {
    @Override
    public String name() {
        return id;
    }
}
