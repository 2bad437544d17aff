package gyrotaxis.server.requests;

import gyrotaxis.server.shared.ErrorLog;
import gyrotaxis.server.shared.ExceptionTranslator;
import gyrotaxis.server.shared.FieldProblem;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Stale;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import org.springframework.web.util.DisconnectedClientHelper;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns every refusal into a problem detail (RFC 9457) that names the field and what it may be. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    private final List<ExceptionTranslator> known;
    private final ErrorLog faults;

    ProblemAdvice(List<ExceptionTranslator> known, ErrorLog faults) {
        this.known = known;
        this.faults = faults;
    }

    @ExceptionHandler
    ProblemDetail fields(FieldProblems e) {
        ProblemDetail p = problem(HttpStatus.UNPROCESSABLE_CONTENT, "Some entries cannot be used");
        p.setDetail(e.words());
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

    /** What something belongs to was removed, or somebody else has it in hand, while it was being kept. */
    @ExceptionHandler
    ProblemDetail overtaken(ConcurrencyFailureException e) {
        return overtaken();
    }

    @ExceptionHandler
    ProblemDetail orphaned(DataIntegrityViolationException e) {
        return overtaken();
    }

    private static ProblemDetail overtaken() {
        ProblemDetail p = problem(HttpStatus.CONFLICT, "Overtaken");
        p.setDetail(
                "What this belongs to was changed or removed in the same moment. Nothing was kept by it; look again.");
        return p;
    }

    /** All that a request keeps it keeps in one transaction, so what fails has kept nothing. */
    @ExceptionHandler
    @Nullable
    ProblemDetail fromBelow(Exception e, HttpServletRequest request) {
        if (DisconnectedClientHelper.isClientDisconnectedException(e)) {
            // Nobody is left to be told, and nothing went wrong here.
            return null;
        }
        return known.stream().flatMap(k -> k.told(e).stream()).findFirst().orElseGet(() -> unforeseen(e, request));
    }

    private ProblemDetail unforeseen(Exception e, HttpServletRequest request) {
        String fault =
                faults.tell(request.getMethod() + " " + request.getRequestURI(), RequestGuard.bodyOf(request), e);
        ProblemDetail p = problem(HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong here");
        p.setDetail(
                "Nothing was kept by this; what was kept before is as it was. If it happens again, undo what you did last."
                        + " The server's log tells of it under " + fault + ".");
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
        if (e.getCause() instanceof JacksonException bad && !bad.getPath().isEmpty()) {
            String field = path(bad);
            String why = why(bad);
            p.setDetail("\"" + field + "\" " + why);
            p.setProperty("errors", List.of(FieldProblem.of(field, "This " + why)));
        } else {
            p.setDetail("The request is not JSON that can be read.");
        }
        return ResponseEntity.status(p.getStatus()).body(p);
    }

    /** Whoever takes no JSON is told in it all the same: an empty answer would tell nothing. */
    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMediaTypeNotAcceptable(
            HttpMediaTypeNotAcceptableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        HttpServletResponse response = ((ServletWebRequest) request).getResponse();
        if (response != null) {
            try {
                Refusal.write(
                        response,
                        HttpStatus.NOT_ACCEPTABLE,
                        "This cannot be answered in the form that is asked for; it can in "
                                + MediaType.toString(e.getSupportedMediaTypes()) + ".");
            } catch (IOException gone) {
                // Nobody is there to be told.
            }
        }
        return null;
    }

    @Override
    protected ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.status(status)
                .body(Refusal.of(HttpStatus.NOT_FOUND, Refusal.sentence(HttpStatus.NOT_FOUND)));
    }

    /** What cannot be a name of anything names nothing. */
    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (e.getRequiredType() != UUID.class) {
            ProblemDetail unread = problem(HttpStatus.BAD_REQUEST, "Not readable");
            String name = e instanceof MethodArgumentTypeMismatchException m ? m.getName() : "A part of the address";
            unread.setDetail("\"" + name + "\" cannot be read as it stands in the address.");
            return ResponseEntity.badRequest().body(unread);
        }
        ProblemDetail p = problem(HttpStatus.NOT_FOUND, "Not there");
        p.setDetail("Nothing is kept under this address. It may have been mistyped, or cut off where it was copied.");
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

    private static String why(JacksonException bad) {
        if (bad instanceof UnrecognizedPropertyException) {
            return "is not known here.";
        }
        if (bad instanceof InvalidNullException) {
            return "is empty; leave it out, or say what it is to be.";
        }
        return bad instanceof InputCoercionException
                ? "is a number far beyond anything that is possible."
                : "cannot be read; a number or one of the known words is needed.";
    }

    private static String path(JacksonException bad) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference r : bad.getPath()) {
            if (r.getPropertyName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(r.getPropertyName());
            } else {
                path.append('[').append(r.getIndex()).append(']');
            }
        }
        // A field of a brief has one name, whether the brief lies in a question or stands alone.
        return path.toString().replaceFirst("^brief\\.", "");
    }

    private static ProblemDetail problem(HttpStatus status, String title) {
        ProblemDetail p = ProblemDetail.forStatus(status);
        p.setTitle(title);
        return p;
    }
}
