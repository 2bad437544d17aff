package gyrotaxis.core.estimate;

/** Who installs. */
public enum Installer {
    STYLIST("a stylist"),
    SELF("the client on herself");

    private final String words;

    Installer(String words) {
        this.words = words;
    }

    /** In a sentence. */
    public String words() {
        return words;
    }
}
