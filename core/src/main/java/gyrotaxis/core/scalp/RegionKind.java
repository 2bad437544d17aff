package gyrotaxis.core.scalp;

/** What is the matter with a region of the scalp, or what it is kept for. */
public enum RegionKind {
    THIN("thin", "thin place", false),
    TENDER("tender", "tender place", false),
    NO_GO("no-go", "no-go", true),
    SCAR("scar", "scar", true),
    COWLICK("cowlick", "cowlick", false),
    /** Left out of the foundation on purpose, for one bun or for two. */
    BUN("left out for a bun", "bun", true),
    /** Left out on purpose, for braids that are shown. */
    SHOWN_BRAIDS("left out for shown braids", "braids", true);

    private final String words;
    private final String name;
    private final boolean keepsRowsOut;

    RegionKind(String words, String name, boolean keepsRowsOut) {
        this.words = words;
        this.name = name;
        this.keepsRowsOut = keepsRowsOut;
    }

    /** What one is called until somebody gives it a name of its own. */
    public String usualName() {
        return name;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** Whether no row may run through it. */
    public boolean keepsRowsOut() {
        return keepsRowsOut;
    }

    /** Whether its hair is left out for a style, so that fibre for it is counted on a line of its own. */
    public boolean isLeftOut() {
        return this == BUN || this == SHOWN_BRAIDS;
    }
}
