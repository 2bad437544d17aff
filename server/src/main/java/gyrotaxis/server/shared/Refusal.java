package gyrotaxis.server.shared;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import tools.jackson.databind.json.JsonMapper;

/** Writes a refusal where no controller does: problem details (RFC 9457) with a sentence. */
public final class Refusal {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Refusal() {}

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
