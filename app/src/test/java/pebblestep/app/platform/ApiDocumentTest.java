package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The front end's types are generated from {@code web/openapi.json} in its build. This holds the file to the running
 * application, so that stale types fail the build. {@code ./pebble api} writes the file anew.
 */
@ExtendWith(RunningApp.class)
class ApiDocumentTest {
    private static final Path KEPT = Path.of("../web/openapi.json");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @Test
    void the_front_ends_api_document_is_the_one_the_application_gives(Client client) throws IOException {
        JsonNode live = contract(client.signUp().get("/v3/api-docs").text());
        if (Boolean.getBoolean("pebble.writeApi")) {
            Files.writeString(KEPT, JSON.writerWithDefaultPrettyPrinter().writeValueAsString(live) + "\n");
        }
        JsonNode kept = contract(Files.readString(KEPT));
        boolean stale = !kept.equals(live);
        assertThat(stale)
                .as("web/openapi.json is stale: run ./pebble api and commit it")
                .isFalse();
    }

    /** The document without the address it happened to be fetched from. */
    private static JsonNode contract(String document) {
        ObjectNode contract = (ObjectNode) JSON.readTree(document);
        contract.remove("servers");
        return contract;
    }
}
