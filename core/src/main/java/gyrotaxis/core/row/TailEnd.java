package gyrotaxis.core.row;

/** How a tail ends. */
public enum TailEnd {
    /** Fed into another row while that is braided: nothing loose, and takedown runs row by row. */
    FED("fed into", "feed", true, true),
    /** Threaded with the hook under neighbouring rows; tends to work loose. */
    THREADED("threaded under", "thread", true, true),
    /** Laid down and braided over by a crosswise row. */
    LAID("laid under", "lay", true, true),
    /** Stitched down with a curved needle and thread. */
    STITCHED("stitched down", "stitch", false, true),
    /** Pinned flat. */
    PINNED("pinned", "pin", false, true),
    /** Banded, split in two, and each half threaded under a row beside. */
    BANDED("banded and split in two, each half threaded away", "band", false, true),
    /** For very short hair: gathered into a low ponytail. */
    PONYTAIL("gathered in a low ponytail", "ponytail", false, true),
    /** Loose, to be secured. */
    LOOSE("loose", "leave", false, false),
    /** Loose, because the own hair is too short to reach another row. */
    TOO_SHORT("loose, too short to reach another row", "leave", false, false);

    private final String words;
    private final String todo;
    private final boolean entersRow;
    private final boolean isSecured;

    TailEnd(String words, String todo, boolean entersRow, boolean isSecured) {
        this.words = words;
        this.todo = todo;
        this.entersRow = entersRow;
        this.isSecured = isSecured;
    }

    /** What a stylist says: "fed into", "stitched down". */
    public String words() {
        return words;
    }

    /** What is done to it, in a word. */
    public String todo() {
        return todo;
    }

    /** Whether another row takes it. */
    public boolean entersRow() {
        return entersRow;
    }

    /** Whether nothing hangs loose. */
    public boolean isSecured() {
        return isSecured;
    }
}
