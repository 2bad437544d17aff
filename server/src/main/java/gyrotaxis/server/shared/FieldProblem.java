package gyrotaxis.server.shared;

import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/**
 * What is wrong with one field of a request.
 *
 * @param field path in the request body, such as {@code head.roundMm}
 * @param message one sentence, in a stylist's words
 * @param min least value allowed, in {@code unit}; null where the problem is no range
 * @param max greatest value allowed
 * @param unit {@code mm}, or empty for a plain number
 */
public record FieldProblem(
        String field,
        String message,
        @Nullable @Schema(nullable = true) Double min,
        @Nullable @Schema(nullable = true) Double max,
        String unit) {}
