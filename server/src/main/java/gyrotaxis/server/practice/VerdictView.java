package gyrotaxis.server.practice;

import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Verdict;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What an answer was worth, and one that is right; of the middle four only what the drill asks for is told.
 *
 * @param scorePercent how near it came
 * @param reason why
 * @param lies how the hair lies if it is hooked as is right, and as was answered; empty where that is not asked about
 */
record VerdictView(
        boolean isRight,
        int scorePercent,
        List<Piece> reason,
        @Nullable @Schema(nullable = true) Double towardRad,
        @Nullable @Schema(nullable = true) List<String> ids,
        @Nullable @Schema(nullable = true) Double number,
        @Nullable @Schema(nullable = true) List<Double> numbers,
        List<LieView> lies) {
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
                right instanceof Answer.Said s ? s.number() : null,
                right instanceof Answer.SaidOfEach s ? s.numbers() : null,
                v.lies().stream().map(LieView::of).toList());
    }

    /** How a share lies: its line on the map as x and y in turn, and where its knot lies, mm. */
    record LieView(List<Double> line, double knotX, double knotY) {
        static LieView of(Verdict.Lie lie) {
            return new LieView(
                    lie.line().stream().flatMap(p -> Stream.of(p.x(), p.y())).toList(),
                    lie.knot().x(),
                    lie.knot().y());
        }
    }
}
