package gyrotaxis.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import gyrotaxis.testing.Each;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The front end's types are made from web/openapi.json; it must be what the code says. */
@ExtendWith(RunningServer.class)
class ApiDescriptionTest {
    private static final Path KEPT = Path.of("..", "web", "openapi.json");

    @Test
    void theKeptDescriptionIsTheCodes(Api api) throws IOException {
        ObjectNode described = (ObjectNode) api.get("/api/openapi").json();
        // Once it was asked before, where the server is reached stands in it too.
        described.putArray("servers");
        Object document = Api.SORTED.readValue(described.toString(), Object.class);
        String now = Api.SORTED.writeValueAsString(document) + "\n";
        if (Boolean.getBoolean("api.write")) {
            Files.writeString(KEPT, now);
        }
        assertThat(Files.readString(KEPT))
                .as("web/openapi.json; ./gyrotaxis api makes it anew")
                .isEqualTo(now);
    }

    /** The description names a body by its class alone: two of one name, and one would take the place of the other without a word. */
    @Test
    void noTwoBodiesHaveOneName(Api api) {
        Map<String, List<String>> byName = new ClassFileImporter()
                        .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                        .importPackages("gyrotaxis.server")
                        .stream()
                        .filter(c -> c.isRecord()
                                && (c.getSimpleName().endsWith("View")
                                        || c.getSimpleName().endsWith("Body")))
                        .collect(Collectors.groupingBy(
                                JavaClass::getSimpleName, Collectors.mapping(JavaClass::getName, Collectors.toList())));
        JsonNode schemas = api.get("/api/openapi").json().path("components").path("schemas");
        assertThat(schemas.propertyNames()).hasSizeGreaterThan(100);
        Each.of(schemas.propertyNames())
                .allSatisfy(
                        name -> assertThat(byName.getOrDefault(name, List.of())).hasSizeLessThan(2));
    }
}
