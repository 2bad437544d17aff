package gyrotaxis.core.chair;

/** What a stylist would do otherwise next time. */
public enum Verdict {
    LESS_HAIR("less hair"),
    MORE_HAIR("more hair"),
    OTHER_HAIR("other hair"),
    MORE_PASSES("one pass more"),
    FEWER_PASSES("one pass less"),
    LOOSER_ROWS("rows looser"),
    RINSED_FIRST("hair rinsed first"),
    OTHER_ROWS("other rows"),
    SOONER_DOWN("taken down sooner"),
    LONGER_WORN("worn longer");

    private final String words;

    Verdict(String words) {
        this.words = words;
    }

    /** What she says. */
    public String words() {
        return words;
    }
}
