package gyrotaxis.core.install;

import gyrotaxis.core.quantity.Sentence;

/** What was asked of the hooking cannot be done; says what and why. */
public final class HookingException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** What it was about. */
    public enum Wish {
        ZONE,
        MIX,
        CUT,
        TUFT
    }

    private final transient Sentence said;
    private final Wish wish;
    private final int index;

    /**
     * A wish that cannot be met.
     *
     * @param index which zone, or which strand of the mix, from 0
     */
    public HookingException(Wish wish, int index, Sentence said) {
        super(said.toString());
        this.said = said;
        this.wish = wish;
        this.index = index;
    }

    /** A refusal without figures. */
    public HookingException(Wish wish, int index, String message) {
        this(wish, index, Sentence.of(message));
    }

    /** Why, and what to do. */
    public Sentence said() {
        return said;
    }

    /** What it was about. */
    public Wish wish() {
        return wish;
    }

    /** Which zone, or which strand of the mix, from 0. */
    public int index() {
        return index;
    }
}
