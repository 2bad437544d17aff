package gyrotaxis.server.text;

/**
 * What may stand in anything that somebody wrote: one gate for requests, files and papers.
 *
 * <p>Control characters, halves of characters, what is none (Unicode 23.7) and marks that turn the direction of writing (Unicode 9, UAX 9) cannot be
 * shown, and make one name look like another.
 */
public final class WrittenText {
    /** The last two code points of every plane are no characters. */
    private static final int LAST_OF_PLANE = 0xFFFE;

    private static final String TURNS_DIRECTION =
            "\u061C\u200E\u200F\u202A\u202B\u202C\u202D\u202E\u2066\u2067\u2068\u2069";
    private static final String IN_LINES = "\t\n\r";

    private WrittenText() {}

    /** Whether it may stand on one line. */
    public static boolean isLine(String text) {
        return text.codePoints().noneMatch(WrittenText::isUnfit);
    }

    /** Whether it may stand in writing of several lines. */
    public static boolean isLines(String text) {
        return text.codePoints().noneMatch(c -> isUnfit(c) && IN_LINES.indexOf(c) < 0);
    }

    /** What of it may stand in several lines. */
    public static String fit(String text) {
        if (isLines(text)) {
            return text;
        }
        StringBuilder fit = new StringBuilder();
        text.codePoints().filter(c -> !isUnfit(c) || IN_LINES.indexOf(c) >= 0).forEach(fit::appendCodePoint);
        return fit.toString();
    }

    private static boolean isUnfit(int c) {
        return Character.isISOControl(c)
                || Character.getType(c) == Character.SURROGATE
                || (c & LAST_OF_PLANE) == LAST_OF_PLANE
                || TURNS_DIRECTION.indexOf(c) >= 0;
    }
}
