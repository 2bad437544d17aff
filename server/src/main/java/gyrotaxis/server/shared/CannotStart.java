package gyrotaxis.server.shared;

/** Why the server does not start, in one sentence, and what to do about it in another. */
public final class CannotStart extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String remedy;

    /** A start that is refused for a reason which whoever starts it can do something about. */
    public CannotStart(String why, String remedy) {
        super(why);
        this.remedy = remedy;
    }

    /** What to do. */
    public String remedy() {
        return remedy;
    }
}
