package gyrotaxis.core.ownhair;

/**
 * How much own hair grows on an area, as a stylist judges it by hand.
 *
 * <p>The factor scales the thickness of a braid against one of medium hair. ASSUMPTION: thick hair is taken as twice
 * the hair of fine, and thickness goes with the root of it; weighing cut samples would settle it.
 */
public enum HairDensity {
    FINE("fine", 0.84),
    MEDIUM("medium", 1.0),
    THICK("thick", 1.19);

    private final String words;
    private final double thicknessFactor;

    HairDensity(String words, double thicknessFactor) {
        this.words = words;
        this.thicknessFactor = thicknessFactor;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** Thickness of a braid relative to one of medium hair, no unit. */
    public double thicknessFactor() {
        return thicknessFactor;
    }
}
