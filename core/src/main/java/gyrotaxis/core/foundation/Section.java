package gyrotaxis.core.foundation;

/** A part of the scalp that is braided on its own. */
public enum Section {
    FRONT("front", 'F'),
    BACK("back", 'B');

    private final String words;
    private final char letter;

    Section(String words, char letter) {
        this.words = words;
        this.letter = letter;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** One letter, unique. */
    public char letter() {
        return letter;
    }
}
