package gyrotaxis.core.foundation;

/** How wide the holes of a mesh are, and so what its lattice takes. */
public enum Mesh {
    /** ASSUMPTION: half a loop every one and a half fingers. */
    FINE("fine holes", 28, 2),
    /** ASSUMPTION: a whole loop every two fingers. */
    WIDE("wide holes", 40, 1);

    private final String words;
    private final double apartMm;
    private final int leastParts;

    Mesh(String words, double apartMm, int leastParts) {
        this.words = words;
        this.apartMm = apartMm;
        this.leastParts = leastParts;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** How far apart shares are usually hooked, along a line and from line to line, mm. */
    public double apartMm() {
        return apartMm;
    }

    /** Into how many parts a loop is split at least, so that a share goes through a hole. */
    public int leastParts() {
        return leastParts;
    }
}
