package gyrotaxis.server.outside;

/** What was asked is not there, or does not answer. The message says what to do. */
public final class DoesNotAnswer extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** Says which, and what to do: "The scale does not answer. Is it switched on?" */
    public DoesNotAnswer(String message) {
        super(message);
    }
}
