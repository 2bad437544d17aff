package gyrotaxis.server.shared;

import gyrotaxis.core.quantity.Sentence;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is wrong with one field of a request.
 *
 * @param field path in the request body, such as {@code head.roundMm}
 * @param message one sentence, in a stylist's words
 * @param min least value allowed, in {@code unit}; null where the problem is no range
 * @param max greatest value allowed
 * @param unit {@code mm}, or empty for a plain number
 * @param words the message with its figures apart, to be written in the reader's unit; empty where it has none
 */
public record FieldProblem(
        String field,
        String message,
        @Nullable @Schema(nullable = true) Double min,
        @Nullable @Schema(nullable = true) Double max,
        String unit,
        List<Piece> words) {
    /** A problem that is said in words alone. */
    public static FieldProblem of(String field, String message) {
        return new FieldProblem(field, message, null, null, "", List.of());
    }

    /** A problem with figures in it, which the reader may want in another unit. */
    public static FieldProblem of(String field, Sentence said) {
        return new FieldProblem(field, said.toString(), null, null, "mm", Piece.of(said));
    }
}
