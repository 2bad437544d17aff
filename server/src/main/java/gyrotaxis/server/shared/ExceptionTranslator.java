package gyrotaxis.server.shared;

import java.util.Optional;
import org.springframework.http.ProblemDetail;

/** Knows some of the faults that come from below, and what to say of them. */
public interface ExceptionTranslator {
    /** What is to be answered; empty if this is not one of them. */
    Optional<ProblemDetail> told(Exception e);
}
