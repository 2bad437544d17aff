package gyrotaxis.server.requests;

import java.io.IOException;

/** A request body that goes on beyond what is read. */
final class BodyTooLarge extends IOException {
    private static final long serialVersionUID = 1L;

    BodyTooLarge(long limitBytes) {
        super(words(limitBytes));
    }

    static String words(long limitBytes) {
        return "The request is larger than " + limitBytes / 1024 + " KiB, more than anything here needs.";
    }
}
