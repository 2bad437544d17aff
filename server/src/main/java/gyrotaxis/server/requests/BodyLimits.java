package gyrotaxis.server.requests;

import gyrotaxis.server.shared.SignInCheck;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Component;

/** How large the body of a request may be: a file, a form, and less of whoever did not sign in. */
@Component
final class BodyLimits {
    static final long MAX_BODY_BYTES = 256 * 1024;

    /** A name, a passphrase and the name of a device. */
    static final long MAX_STRANGER_BYTES = 16 * 1024;

    private static final String KNOWN = BodyLimits.class.getName();

    private final SignInCheck check;

    BodyLimits(SignInCheck check) {
        this.check = check;
    }

    /** The limit for a request, bytes. A stranger is looked for only where a body may be larger than hers. */
    long of(HttpServletRequest request) {
        if (request.getAttribute(KNOWN) instanceof Long known) {
            return known;
        }
        long most = Upload.of(request).map(Upload::most).orElse(MAX_BODY_BYTES);
        long length = request.getContentLengthLong();
        if (length == 0 || (length > 0 && length <= MAX_STRANGER_BYTES)) {
            return most;
        }
        long limit = check.isSignedIn(request) ? most : MAX_STRANGER_BYTES;
        request.setAttribute(KNOWN, limit);
        return limit;
    }
}
