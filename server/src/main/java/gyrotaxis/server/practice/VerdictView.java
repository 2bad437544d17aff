package gyrotaxis.server.practice;

import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Verdict;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What an answer was worth, and one that is right; of the last three only what the drill asks for is told.
 *
 * @param scorePercent how near it came
 * @param reason why
 */
record VerdictView(
        boolean isRight,
        int scorePercent,
        List<Piece> reason,
        @Nullable @Schema(nullable = true) Double towardRad,
        @Nullable @Schema(nullable = true) List<String> ids,
        @Nullable @Schema(nullable = true) Double number) {
    private static final double ALL_PERCENT = 100;

    static VerdictView of(Verdict v) {
        Answer right = v.solution();
        return new VerdictView(
                v.isRight(),
                (int) Math.rint(v.score() * ALL_PERCENT),
                Piece.of(v.reason()),
                right instanceof Answer.Aimed a ? a.towardRad() : null,
                right instanceof Answer.Picked p
                        ? List.copyOf(p.ids())
                        : right instanceof Answer.Ordered o ? o.ids() : null,
                right instanceof Answer.Said s ? s.number() : null);
    }
}
