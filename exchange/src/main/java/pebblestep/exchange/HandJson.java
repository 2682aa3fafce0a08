package pebblestep.exchange;

import org.jspecify.annotations.Nullable;
import pebblestep.core.Refusal;
import pebblestep.core.fingering.PlayersHand;
import pebblestep.documents.PlayersHandDocument;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Players' hands as JSON, for a column; nothing stands for the usual one. */
public final class HandJson {
    private static final JsonMapper JSON = IdentifiedNames.JSON;

    private HandJson() {}

    /** The hand of a column; refuses what a hand cannot mean. */
    public static PlayersHand read(@Nullable String json) {
        if (json == null) return PlayersHand.USUAL;
        try {
            return PlayersHandDocument.read(JSON.readValue(json, PlayersHandDocument.class));
        } catch (JacksonException e) {
            throw Refusal.of("hand", "This is no hand: " + json);
        }
    }

    /** A hand for a column; nothing for the usual one. */
    public static @Nullable String write(PlayersHand hand) {
        PlayersHandDocument document = PlayersHandDocument.of(hand);
        return document == null ? null : JSON.writeValueAsString(document);
    }
}
