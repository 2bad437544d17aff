package gyrotaxis.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Heads to try things out on: nobody's, and hooked with whatever the studio has. */
@ExtendWith(RunningServer.class)
class PracticeApiTest {
    private static List<JsonNode> heads(Api api) {
        return api.get("/api/practice/heads").json().valueStream().toList();
    }

    @Test
    void everyHeadIsPlannedWithTheStudiosOwnHairAndKeepsItsName(Api api) {
        List<String> known = api.get("/api/hair-lines")
                .json()
                .valueStream()
                .map(l -> l.path("id").asString())
                .toList();
        List<JsonNode> heads = heads(api);
        assertThat(heads).hasSizeGreaterThan(5);
        assertThat(heads).extracting(h -> h.path("id").asString()).doesNotHaveDuplicates();
        assertThat(heads(api)).isEqualTo(heads);
        assertThat(heads)
                .filteredOn(h -> !h.path("brief").isNull())
                .isNotEmpty()
                .allSatisfy(h -> {
                    assertThat(known)
                            .contains(h.path("brief").path("hairLineId").asString());
                    JsonNode plan = api.plan((ObjectNode) h.path("brief")).json();
                    assertThat(plan.path("stations"))
                            .as(h.path("name").asString())
                            .hasSizeGreaterThan(20);
                });
    }

    @Test
    void aHeadIsLeftOutWhoseHairNobodyHas(Api api) {
        List<String> textures = api.get("/api/hair-lines")
                .json()
                .valueStream()
                .map(l -> l.path("texture").asString())
                .toList();
        assertThat(heads(api))
                .allSatisfy(h -> assertThat(h.path("brief").isNull())
                        .isEqualTo(!textures.contains(h.path("texture").asString())));
    }

    /** It is nobody's plan: it can be computed under its id, and is not found by it. */
    @Test
    void whatIsTriedOutIsNoKeptPlan(Api api) {
        JsonNode head = heads(api).stream()
                .filter(h -> !h.path("brief").isNull())
                .findFirst()
                .orElseThrow();
        String id = head.path("id").asString();
        assertThat(UUID.fromString(id)).isNotNull();
        assertThat(api.get("/api/plans/" + id).status()).isEqualTo(404);
        assertThat(api.get("/api/plans")
                        .json()
                        .valueStream()
                        .map(p -> p.path("id").asString()))
                .doesNotContain(id);
    }
}
