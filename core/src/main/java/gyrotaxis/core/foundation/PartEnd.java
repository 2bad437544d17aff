package gyrotaxis.core.foundation;

/** What the flanking rows do where a wearing part stops. */
public enum PartEnd {
    /** They run on side by side. */
    OPEN("run on"),
    /** Both stop there, and each is fed into the next row outward. */
    HALF_ROWS("half rows"),
    /** They cross there and join, so that no gap opens behind the part. */
    CROSSED("crossed");

    private final String words;

    PartEnd(String words) {
        this.words = words;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }
}
