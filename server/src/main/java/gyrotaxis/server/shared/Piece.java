package gyrotaxis.server.shared;

import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A piece of a sentence as it travels: either words, or a figure with what it measures, to be written in the reader's unit.
 *
 * @param text words, with their spaces; null for a figure
 * @param kind what the figure measures; null for words
 * @param value the figure, in the unit that {@code kind} names
 */
public record Piece(
        @Nullable @Schema(nullable = true) String text,
        @Schema(nullable = true) Quantity.@Nullable Kind kind,
        @Nullable @Schema(nullable = true) Double value) {
    private static final double HUNDREDTHS = 100;
    private static final double TEN_THOUSANDTHS = 10_000;

    /** A sentence, piece by piece. */
    public static List<Piece> of(Sentence said) {
        return said.pieces().stream().map(Piece::of).toList();
    }

    private static Piece of(Sentence.Piece p) {
        if (p instanceof Quantity q) {
            double places = q.kind() == Quantity.Kind.PART ? TEN_THOUSANDTHS : HUNDREDTHS;
            return new Piece(null, q.kind(), Math.rint(q.value() * places) / places);
        }
        return new Piece(((Sentence.Words) p).text(), null, null);
    }
}
