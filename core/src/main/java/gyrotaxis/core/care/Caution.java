package gyrotaxis.core.care;

/** Something that could do harm, said in one line where it matters. */
public enum Caution {
    /** Broken skin, infection: no install. */
    DO_NOT_INSTALL("Broken skin or infection: do not install. Refer to a doctor or a licensed professional first."),
    /** Thin edges: no pull. */
    SPARE_THE_EDGES(
            "Thin edges: keep the first stations back and light. Pain, bumps or white dots at the hairline mean too tight; loosen or take out."),
    /** Tender spots. */
    BRAID_LOOSELY("Tender spots: braid loosely there and ask as you go. Pain that stays means take it out."),
    /** A thin crown shows the rows. */
    CROWN_SHOWS("Thin crown: rows can show as stripes there, and dense stations pull. Keep them light."),
    /** A coating that irritates. */
    RINSE_FIRST("This hair is coated and her scalp reacts: rinse it, dry it, patch-test. Stop at itch or rash."),
    /** A coating on a scalp that is not known to react. */
    COATED("This hair is coated: rinse it if she itches.");

    private final String words;

    Caution(String words) {
        this.words = words;
    }

    /** The line to show. */
    public String words() {
        return words;
    }
}
