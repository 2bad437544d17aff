package gyrotaxis.core.row;

import java.util.Optional;

/** A kind of row by where it lies; rows of one section are numbered together. In the order in which a map is read. */
public enum Section {
    PERIMETER("perimeter braid", "P", true),
    INDIVIDUAL("single", "I", true),
    FRONT("front row", "F", true),
    OVERLAY("overlay row", "O", false),
    MIDDLE("middle row", "M", true),
    COLLECTOR("collector row", "C", true),
    CROSSED("crossed row", "X", true),
    UPRIGHT("upright row", "U", true),
    TIE("cross-tie row", "T", false),
    BACK("back row", "B", true),
    LEVEL("level row", "L", false),
    SPIRAL("spiral", "S", false),
    CAP("cap line", "N", false),
    PATCH("mesh line", "K", false);

    private final String words;
    private final String letter;
    private final boolean isLateral;

    Section(String words, String letter, boolean isLateral) {
        this.words = words;
        this.letter = letter;
        this.isLateral = isLateral;
    }

    /** What a stylist calls one of its rows. */
    public String words() {
        return words;
    }

    /** One letter, unique. */
    public String letter() {
        return letter;
    }

    /** Whether its rows lie side by side in lanes, so that one can be moved sideways between its neighbours. */
    public boolean isLanes() {
        return this == FRONT || this == MIDDLE || this == BACK || this == LEVEL;
    }

    /** How a tail that is sent into one of its rows by choice goes in; empty for rows too thin to take one. */
    public Optional<TailEnd> takesTail() {
        return switch (this) {
            case INDIVIDUAL, CAP, PATCH -> Optional.empty();
            // A level row lies across the tails that come down to it: they go under it.
            case LEVEL -> Optional.of(TailEnd.THREADED);
            default -> Optional.of(TailEnd.FED);
        };
    }

    /** Whether its rows are numbered from the client's left to her right, so that first and last are twins. */
    public boolean isLateral() {
        return isLateral;
    }
}
