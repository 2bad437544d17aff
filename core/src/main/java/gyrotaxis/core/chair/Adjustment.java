package gyrotaxis.core.chair;

/** What can be done when the hair will not last, or covers already. */
public enum Adjustment {
    WIDER_BEHIND("wider behind", "Leave out the shares behind that hide least."),
    SMALLER_SHARES("smaller shares at the sides", "Split what is left at the sides once more."),
    OTHER_HAIR("another hair where it is hidden", "Hook another hair behind, beneath what falls over it."),
    STOP_HERE("stop here", "It covers already; leave out what is left."),
    FETCH_PACKS("fetch more", "Have another pack fetched.");

    private final String words;
    private final String says;

    Adjustment(String words, String says) {
        this.words = words;
        this.says = says;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** What is done, in a sentence. */
    public String says() {
        return says;
    }
}
