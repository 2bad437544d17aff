package gyrotaxis.core.install;

/** What was asked of the hooking cannot be done; says what and why. */
public final class HookingException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** What it was about. */
    public enum Wish {
        ZONE,
        MIX,
        CUT
    }

    private final Wish wish;
    private final int index;

    /**
     * A wish that cannot be met.
     *
     * @param index which zone, or which strand of the mix, from 0
     */
    public HookingException(Wish wish, int index, String message) {
        super(message);
        this.wish = wish;
        this.index = index;
    }

    public Wish wish() {
        return wish;
    }

    public int index() {
        return index;
    }
}
