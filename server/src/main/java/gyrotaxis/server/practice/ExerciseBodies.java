package gyrotaxis.server.practice;

import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.shared.Fields;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** How drills that were made of plans are sent. */
final class ExerciseBodies {
    private static final int MAX_NAME_LENGTH = 80;

    private ExerciseBodies() {}

    /**
     * A drill to be made of a plan.
     *
     * @param name what learners find it by
     */
    record ExerciseBody(
            @Nullable String name,
            @Nullable DrillKind kind,
            @Nullable Integer level,
            @Nullable Integer seed,
            @Nullable BriefBody brief) {
        private static final BriefBody NO_BRIEF = new BriefBody(null, null, null, null, null, null, null, null);

        record Checked(String name, DrillKind kind, int level, int seed, BriefBody brief) {}

        Checked check() {
            Fields f = new Fields();
            String called = f.text("name", "The name", name, MAX_NAME_LENGTH);
            DrillKind of = f.present("kind", "The drill", kind, DrillKind.HOOK_WAY);
            if (!of.isOfHead()) {
                f.problem("kind", "This is not asked about a head; choose another drill.");
            }
            int at = f.whole("level", "The level", level, Drill.LEVELS);
            int from = f.whole("seed", "The seed", seed, AnswerBody.SEEDS);
            BriefBody plan = f.present("brief", "The brief", brief, NO_BRIEF);
            return f.orRefuse(() -> new Checked(called, of, at, from, plan));
        }
    }

    /** A drill that was made of a plan; {@code words} is what its kind is called. */
    record ExerciseView(UUID id, String name, DrillKind kind, String words, int level, int seed, Instant madeAt) {
        static ExerciseView of(Exercise e) {
            return new ExerciseView(e.id(), e.name(), e.kind(), e.kind().words(), e.level(), e.seed(), e.madeAt());
        }
    }
}
