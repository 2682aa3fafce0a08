package pebblestep.app.practice;

import com.fasterxml.jackson.annotation.JsonProperty;
import pebblestep.core.practice.Outcome;

/** How a take went, as the API says it. */
public enum TakeOutcome {
    @JsonProperty("clean")
    CLEAN(Outcome.CLEAN),
    @JsonProperty("slips")
    SLIPS(Outcome.SLIPS),
    @JsonProperty("stopped")
    STOPPED(Outcome.STOPPED);

    private final Outcome core;

    TakeOutcome(Outcome core) {
        this.core = core;
    }

    /** The same, as the rules have it. */
    public Outcome core() {
        return core;
    }

    /** The API's name of an outcome. */
    public static TakeOutcome of(Outcome outcome) {
        return valueOf(outcome.name());
    }
}
