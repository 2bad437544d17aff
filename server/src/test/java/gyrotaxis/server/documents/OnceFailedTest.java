package gyrotaxis.server.documents;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.findings.Finding;
import gyrotaxis.core.findings.Findings;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WorkSheetWriter;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.server.documents.StoredDocument.Form;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.HairInHand;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/** Briefs within every limit that once came to no plan. */
class OnceFailedTest {
    private static final StoredDocument KEPT =
            new StoredDocument(JsonMapper.builder().build());
    private static final HairLine WAVES = new HairLine(
            "Slack Water", Texture.DEEP_WAVE, 450, false, 20, 1, 3.9, Money.of(780, "EUR"), true, List.of("ink"));
    private static final HairInHand SHELF = id -> Optional.of(new HairInHand.Stocked() {
        @Override
        public HairLine hair() {
            return WAVES;
        }

        @Override
        public int loopsOnShelf() {
            return 0;
        }
    });

    static Stream<Path> briefs() throws IOException {
        try (Stream<Path> all = Files.list(Path.of("src", "test", "resources", "faults"))) {
            return all.sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("briefs")
    void comesToAPlanWhoseRemediesCanBeTaken(Path document) throws IOException {
        BriefBody body = KEPT.read(Form.PLAN, Files.readString(document), StoredPlan.class)
                .brief()
                .completed();
        InstallBrief asked = body.check(SHELF);
        Planner planner = new Planner();
        InstallPlan plan = planner.plan(asked);
        assertThat(plan.stations()).isNotEmpty();
        assertThat(plan.foundation().rows()).extracting(r -> r.id().toString()).doesNotHaveDuplicates();
        assertThat(plan.stations()).extracting(s -> s.id().toString()).doesNotHaveDuplicates();
        assertThat(WorkSheetWriter.of(plan).steps()).isNotEmpty();
        for (Finding f : Findings.of(plan)) {
            for (Finding.Remedy r : f.remedies()) {
                body.changedTo(r.brief()).check(SHELF);
            }
        }
    }
}
