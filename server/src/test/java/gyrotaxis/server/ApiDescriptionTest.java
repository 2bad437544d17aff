package gyrotaxis.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The front end's types are made from web/openapi.json; it must be what the code says. */
@ExtendWith(RunningServer.class)
class ApiDescriptionTest {
    private static final Path KEPT = Path.of("..", "web", "openapi.json");
    private static final JsonMapper SORTED = JsonMapper.builder()
            .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    @Test
    void theKeptDescriptionIsTheCodes(Api api) throws IOException {
        Object document = SORTED.readValue(api.get("/api/openapi").text(), Object.class);
        String now = SORTED.writeValueAsString(document) + "\n";
        if (Boolean.getBoolean("api.write")) {
            Files.writeString(KEPT, now);
        }
        assertThat(Files.readString(KEPT))
                .as("web/openapi.json; ./gyrotaxis api makes it anew")
                .isEqualTo(now);
    }
}
