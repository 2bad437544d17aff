package gyrotaxis.server.visits.followup;

import gyrotaxis.core.care.FollowUp;
import gyrotaxis.core.care.FollowUp.Outcome;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What is asked and answered about what is looked after. */
public final class AfterViews {
    private AfterViews() {}

    /** One of them; {@code choices} is what can be told of it. */
    public record FollowUpView(
            UUID id,
            UUID clientId,
            String clientName,
            UUID visitId,
            FollowUp what,
            String words,
            LocalDate due,
            @Nullable @Schema(nullable = true) Outcome outcome,
            String outcomeWords,
            boolean isTrouble,
            @Nullable @Schema(nullable = true) LocalDate toldOn,
            String note,
            List<OutcomeChoice> choices) {
        static FollowUpView of(FollowUpRepository.Kept k, String clientName) {
            return new FollowUpView(
                    k.id(),
                    k.client(),
                    clientName,
                    k.visit(),
                    k.what(),
                    k.what().words(),
                    k.due(),
                    k.outcome().orElse(null),
                    k.outcome().map(Outcome::words).orElse(""),
                    k.outcome().map(Outcome::isTrouble).orElse(false),
                    k.toldOn().orElse(null),
                    k.words(),
                    Stream.concat(k.what().outcomes().stream(), Stream.of(Outcome.MISSED))
                            .map(o -> new OutcomeChoice(o, o.words()))
                            .toList());
        }
    }

    /** What can be told. */
    public record OutcomeChoice(Outcome value, String words) {}

    /** What was told; without an outcome it counts as not told. {@code on} is the day, today if it is left out. */
    public record OutcomeBody(
            @Nullable @Schema(nullable = true) Outcome outcome,
            @Nullable @Schema(nullable = true) LocalDate on,
            @Nullable @Schema(nullable = true) String words) {}
}
