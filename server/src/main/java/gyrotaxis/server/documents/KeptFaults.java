package gyrotaxis.server.documents;

import gyrotaxis.server.shared.ExceptionTranslator;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;

/** Says of a document that cannot be read why not. */
@Component
final class KeptFaults implements ExceptionTranslator {
    @Override
    public Optional<ProblemDetail> told(Exception e) {
        if (!(e instanceof StoredDocument.Unreadable why)) {
            return Optional.empty();
        }
        ProblemDetail p = ProblemDetail.forStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        p.setTitle("Cannot be opened");
        p.setDetail(why.getMessage());
        return Optional.of(p);
    }
}
