package gyrotaxis.core.foundation;

/** A part that cannot be laid on this head; carries which, counted as it was asked for. */
public final class PartException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final int index;

    /**
     * A refusal.
     *
     * @param index which part, from 0
     * @param message why, in a stylist's words
     */
    public PartException(int index, String message) {
        super(message);
        this.index = index;
    }

    /** Which part, from 0 in the order it was asked for. */
    public int index() {
        return index;
    }
}
