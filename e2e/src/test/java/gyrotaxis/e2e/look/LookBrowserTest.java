package gyrotaxis.e2e.look;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import gyrotaxis.e2e.Studio;
import gyrotaxis.testing.Each;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * One truth: as much skin is seen in the head in the round as the cover says, by zone. Of the made-up plans the usual run has time for
 * one, whose hair covers least; the property {@code look} names another, or all.
 */
@ExtendWith(Studio.class)
class LookBrowserTest {
    /** So far may what is seen and what is computed be apart, in parts of a zone. */
    private static final double APART = 0.05;

    private static final List<String> USUAL = List.of("Cox coils");

    private static final List<String> OTHERS = List.of(
            "Regatta deep wave",
            "Ball curls",
            "Light twist",
            "Shoulder wave",
            "Prize giving silk",
            "Spiral on herself",
            "Big and quick");

    static Stream<String> plans() {
        String asked = System.getProperty("look", "");
        if (asked.equals("all")) {
            return Stream.concat(USUAL.stream(), OTHERS.stream());
        }
        return asked.isEmpty() ? USUAL.stream() : Stream.of(asked);
    }

    @ParameterizedTest
    @MethodSource("plans")
    void skinThatIsSeenIsSkinThatTheCoverTellsOf(String name, Page page) throws IOException {
        page.setViewportSize(1000, 1000);
        page.navigate("/book");
        JsonNode plan = new JsonMapper()
                .readTree(page.request().get("/api/plans").text())
                .valueStream()
                .filter(p -> p.path("name").asString().contains(name))
                .findFirst()
                .orElseThrow();
        List<SkinCount.Told> told = SkinCount.of(page, plan);
        told.forEach(t -> System.out.println(name + " | " + t));
        Each.of(told).allSatisfy(t -> assertThat(t.apart()).isLessThan(APART));
    }
}
