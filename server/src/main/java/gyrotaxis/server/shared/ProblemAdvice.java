package gyrotaxis.server.shared;

import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns every refusal into a problem detail (RFC 9457) that names the field and what it may be. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ProblemDetail fields(FieldProblems e) {
        ProblemDetail p = problem(HttpStatus.UNPROCESSABLE_CONTENT, "Some entries cannot be used");
        p.setDetail(e.problems().stream().map(FieldProblem::message).collect(Collectors.joining(" ")));
        p.setProperty("errors", e.problems());
        return p;
    }

    @ExceptionHandler
    ProblemDetail notFound(NotFound e) {
        ProblemDetail p = problem(HttpStatus.NOT_FOUND, "Not there");
        p.setDetail(e.getMessage());
        return p;
    }

    @ExceptionHandler
    ProblemDetail stale(Stale e) {
        ProblemDetail p = problem(HttpStatus.CONFLICT, "Changed elsewhere");
        p.setDetail(e.getMessage());
        p.setProperty("current", e.current());
        return p;
    }

    @ExceptionHandler
    ProblemDetail unforeseen(Exception e) {
        LOG.error("a request failed for a reason that nobody foresaw", e);
        ProblemDetail p = problem(HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong here");
        p.setDetail("Your work is kept. Try again; if it happens again, the server's log says why.");
        return p;
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (e.getRootCause() instanceof BodyTooLarge tooLarge) {
            ProblemDetail p = problem(HttpStatus.CONTENT_TOO_LARGE, "Too large");
            p.setDetail(tooLarge.getMessage());
            return ResponseEntity.status(p.getStatus()).body(p);
        }
        ProblemDetail p = problem(HttpStatus.BAD_REQUEST, "Not readable");
        if (e.getCause() instanceof DatabindException bad && !bad.getPath().isEmpty()) {
            String field = path(bad);
            String why = bad instanceof UnrecognizedPropertyException
                    ? "is not known here."
                    : "cannot be read; a number or one of the known words is needed.";
            p.setDetail("\"" + field + "\" " + why);
            p.setProperty("errors", List.of(FieldProblem.of(field, "This " + why)));
        } else {
            p.setDetail("The request is not JSON that can be read.");
        }
        return ResponseEntity.status(p.getStatus()).body(p);
    }

    /** Who asked may be gone by now, as a page is that asks anew while something is dragged: then nobody is left to be told. */
    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotWritable(
            HttpMessageNotWritableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return e.contains(AsyncRequestNotUsableException.class)
                ? null
                : super.handleHttpMessageNotWritable(e, headers, status, request);
    }

    private static String path(DatabindException bad) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference r : bad.getPath()) {
            if (r.getPropertyName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(r.getPropertyName());
            } else {
                path.append('[').append(r.getIndex()).append(']');
            }
        }
        return path.toString();
    }

    private static ProblemDetail problem(HttpStatus status, String title) {
        ProblemDetail p = ProblemDetail.forStatus(status);
        p.setTitle(title);
        return p;
    }
}
