package gyrotaxis.core.foundation;

import gyrotaxis.core.quantity.Sentence;

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

    private final transient Sentence said;
    private final Wish wish;
    private final int index;

    /**
     * A refusal.
     *
     * @param wish what was asked that cannot be
     * @param index which of its kind, from 0 in the order it was asked for
     * @param said why, and what to do, in a stylist's words
     */
    public FoundationException(Wish wish, int index, Sentence said) {
        super(said.toString());
        this.said = said;
        this.wish = wish;
        this.index = index;
    }

    /** A refusal without figures. */
    public FoundationException(Wish wish, int index, String message) {
        this(wish, index, Sentence.of(message));
    }

    /** Why, and what to do. */
    public Sentence said() {
        return said;
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
