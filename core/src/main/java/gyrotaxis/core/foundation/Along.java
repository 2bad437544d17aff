package gyrotaxis.core.foundation;

/** Says how far along a row something is, as it is said across a chair. */
public final class Along {
    private static final int PARTS = 8;

    private Along() {}

    /**
     * The words.
     *
     * @param at as a part of the row's length, in [0, 1]
     */
    public static String words(double at) {
        return switch ((int) Math.round(at * PARTS)) {
            case 0 -> "at its start";
            case 1 -> "an eighth along";
            case 2 -> "a quarter along";
            case 3 -> "a third along";
            case 4 -> "half-way along";
            case 5 -> "just past half-way";
            case 6 -> "three quarters along";
            default -> "near its end";
        };
    }
}
