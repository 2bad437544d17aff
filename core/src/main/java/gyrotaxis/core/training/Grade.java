package gyrotaxis.core.training;

/** How well something was known, from the worst to the best: the four grades of the scheme that {@link Memory} follows. */
public enum Grade {
    MISSED,
    /** Right, but not as near as it could be. */
    NEARLY,
    RIGHT,
    EASILY;

    /** From here on an answer that was right counts as exactly right. */
    private static final double EXACT = 0.999;

    /**
     * What an answer was worth.
     *
     * @param score how near it came, in [0, 1]
     * @param isQuick whether it took less than half of what such a question usually takes her
     */
    public static Grade of(boolean isRight, double score, boolean isQuick) {
        if (!isRight) {
            return MISSED;
        }
        return score < EXACT ? NEARLY : isQuick ? EASILY : RIGHT;
    }

    /** From 1, as the scheme counts. */
    int number() {
        return ordinal() + 1;
    }
}
