package gyrotaxis.server.shared;

/** What was asked for is not there, or no longer. */
public final class NotFound extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** Says which: "No plan has this number." */
    public NotFound(String message) {
        super(message);
    }
}
