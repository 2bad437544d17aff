package gyrotaxis.server.requests;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import tools.jackson.databind.json.JsonMapper;

/** Writes a refusal where no controller does: problem details (RFC 9457) with a sentence. */
public final class Refusal {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Refusal() {}

    /** What is said of a refusal of which nothing else is known. */
    static String sentence(HttpStatus status) {
        return switch (status) {
            case BAD_REQUEST -> "This address or request cannot be read.";
            case UNAUTHORIZED -> "Sign in first.";
            case FORBIDDEN -> "You may not do this here.";
            case NOT_FOUND -> "There is nothing here.";
            case METHOD_NOT_ALLOWED -> "This cannot be done here.";
            case NOT_ACCEPTABLE -> "This cannot be answered in the form that is asked for.";
            default ->
                status.is5xxServerError()
                        ? "Something went wrong here. Nothing was kept by this; what was kept before is as it was."
                        : "This cannot be done: " + status.getReasonPhrase().toLowerCase(Locale.ROOT) + ".";
        };
    }

    /** The body of a refusal. */
    public static ProblemDetail of(HttpStatus status, String sentence) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence);
        problem.setTitle("Refused");
        return problem;
    }

    /** Answers with a refusal; nothing may have been answered before. */
    public static void write(HttpServletResponse response, HttpStatus status, String sentence) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        byte[] body = body(status, sentence);
        response.setContentLength(body.length);
        response.getOutputStream().write(body);
    }

    /** As {@link #of}, in JSON. */
    public static byte[] body(HttpStatus status, String sentence) {
        return JSON.writeValueAsBytes(
                Map.of("type", "about:blank", "title", "Refused", "status", status.value(), "detail", sentence));
    }
}
