package pebblestep.exchange;

import org.jspecify.annotations.Nullable;
import pebblestep.core.hands.PlayersHand;
import pebblestep.documents.PlayersHandDocument;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Players' hands as JSON, for a column; nothing stands for the usual one. */
public final class HandJson {
    private static final JsonMapper JSON = IdentifiedNames.JSON;

    private HandJson() {}

    /** The hand of a column; refuses what a hand cannot mean. */
    public static PlayersHand read(@Nullable String json) {
        return json == null
                ? PlayersHand.USUAL
                : PlayersHandDocument.read(JSON.readValue(json, PlayersHandDocument.class));
    }

    /** The same of a node. */
    public static PlayersHand read(JsonNode json) {
        return PlayersHandDocument.read(JSON.treeToValue(json, PlayersHandDocument.class));
    }

    /** A hand for a column; nothing for the usual one. */
    public static @Nullable String write(PlayersHand hand) {
        PlayersHandDocument document = PlayersHandDocument.of(hand);
        return document == null ? null : JSON.writeValueAsString(document);
    }
}
