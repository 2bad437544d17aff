package gyrotaxis.core.ownhair;

/**
 * How thick a single strand of own hair is.
 *
 * <p>The factor scales the thickness of a braid; ASSUMPTION: coarse strands pack a little less tightly.
 */
public enum StrandThickness {
    FINE("fine strands", 0.95),
    MEDIUM("medium strands", 1.0),
    COARSE("coarse strands", 1.06);

    private final String words;
    private final double thicknessFactor;

    StrandThickness(String words, double thicknessFactor) {
        this.words = words;
        this.thicknessFactor = thicknessFactor;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** Thickness of a braid relative to one of medium strands, no unit. */
    public double thicknessFactor() {
        return thicknessFactor;
    }
}
