package gyrotaxis.server.door;

import gyrotaxis.server.shared.ExceptionTranslator;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;

/** Somebody was not let in. */
final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final long seconds;

    private Refused(HttpStatus status, String why, long seconds) {
        super(why);
        this.status = status;
        this.seconds = seconds;
    }

    /** A name and a passphrase that do not belong together; not told which of them is wrong. */
    static Refused missed() {
        return new Refused(HttpStatus.UNAUTHORIZED, "Nobody here is called so with that passphrase.", 0);
    }

    static Refused because(String why) {
        return new Refused(HttpStatus.UNAUTHORIZED, why, 0);
    }

    /** Too many missed; after so long it may be tried again. */
    static Refused tooSoon(Duration left) {
        long seconds = Math.max(1, (left.toMillis() + 999) / 1000);
        String wait =
                seconds < 90 ? seconds + (seconds == 1 ? " second" : " seconds") : (seconds + 59) / 60 + " minutes";
        return new Refused(
                HttpStatus.TOO_MANY_REQUESTS, "That was missed too often. Try again in " + wait + ".", seconds);
    }

    /** Tells the page. */
    @Component
    static class Told implements ExceptionTranslator {
        @Override
        public Optional<ProblemDetail> told(Exception e) {
            if (e instanceof Refused r) {
                ProblemDetail p = ProblemDetail.forStatusAndDetail(r.status, String.valueOf(r.getMessage()));
                p.setTitle("Not let in");
                if (r.seconds > 0) {
                    p.setProperty("seconds", r.seconds);
                }
                return Optional.of(p);
            }
            return Optional.empty();
        }
    }
}
