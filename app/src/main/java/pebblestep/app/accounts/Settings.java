package pebblestep.app.accounts;

import jakarta.validation.constraints.NotNull;

/**
 * What teachers do differently: said once for the studio.
 *
 * @param sixAccidentals how a key of six accidentals is spelled: by-interval, flats or sharps
 */
public record Settings(@NotNull(message = "Choose a spelling.") String sixAccidentals) {
    /** What a studio has that has chosen nothing. */
    public static final Settings USUAL = new Settings("by-interval");
}
