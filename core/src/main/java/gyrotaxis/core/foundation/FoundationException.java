package gyrotaxis.core.foundation;

/** A foundation that cannot be laid on this head; carries which wish is to blame. */
public final class FoundationException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** The kinds of wishes. */
    public enum Wish {
        ROWS,
        PART,
        EAR_LINE,
        BACK,
        OVERLAY,
        LEAVE_OUT,
        PERIMETER,
        INDIVIDUALS,
        REGION,
        TAIL
    }

    private final Wish wish;
    private final int index;

    /**
     * A refusal.
     *
     * @param wish what was asked that cannot be
     * @param index which of its kind, from 0 in the order it was asked for
     * @param message why, and what to do, in a stylist's words
     */
    public FoundationException(Wish wish, int index, String message) {
        super(message);
        this.wish = wish;
        this.index = index;
    }

    /** What was asked that cannot be. */
    public Wish wish() {
        return wish;
    }

    /** Which of its kind, from 0. */
    public int index() {
        return index;
    }
}
