package gyrotaxis.server.shared;

/** Somebody saved a newer version in the meantime; carries it, so that nothing is lost on either side. */
public final class Stale extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Object current;

    /** A refusal that shows the newer version. */
    public Stale(String message, Object current) {
        super(message);
        this.current = current;
    }

    /** The newer version, as the API would answer it. */
    public Object current() {
        return current;
    }
}
