package gyrotaxis.core.terms;

/** What is used besides loops, in the measure in which it is bought and priced. */
public enum Material {
    FIBRE("fibre", "for 100 g"),
    WEFT("weft", "for a metre"),
    CAP("mesh cap", "each"),
    MESH("mesh", "for 100 cm²"),
    BANDS("small elastic bands", "for a hundred"),
    THREAD("thread of another colour", "for a spool");

    private final String words;
    private final String unit;

    Material(String words, String unit) {
        this.words = words;
        this.unit = unit;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** What a price is for: "for a metre". */
    public String unit() {
        return unit;
    }
}
