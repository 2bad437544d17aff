package gyrotaxis.server.outside;

/** What is outside the book. */
public enum Outside {
    TAPE("Tape", "A tape that sends each length as it is taken.", 900),
    SCALE("Scale", "A scale that tells what lies on it.", 300),
    LABELS("Label printer", "Prints a label for every bundle that is put ready.", 400),
    SUPPLIERS("Suppliers", "Tell what they have, take orders, and send packs.", 600),
    MESSAGES("Messages", "Carry words to clients. This stand-in keeps them: nothing leaves the machine.", 300);

    private final String words;
    private final String tells;
    private final int usualMs;

    Outside(String words, String tells, int usualMs) {
        this.words = words;
        this.tells = tells;
        this.usualMs = usualMs;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    String tells() {
        return tells;
    }

    /** How long it usually takes to answer, ms. */
    int usualMs() {
        return usualMs;
    }
}
