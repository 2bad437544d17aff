package gyrotaxis.core.install;

/** What holds a share to the row. */
public enum Knot {
    /** Both legs go through the loop and are drawn down. */
    REGULAR("regular");

    private final String words;

    Knot(String words) {
        this.words = words;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }
}
