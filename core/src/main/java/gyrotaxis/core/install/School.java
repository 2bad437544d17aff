package gyrotaxis.core.install;

import gyrotaxis.core.quantity.Sentence;

/** One side of a question on which practitioners differ. */
public interface School {
    /**
     * What a side says for itself.
     *
     * @param words what its followers say they do
     * @param reason why, in one line
     */
    record Side(String words, Sentence reason) {}

    /** What it says for itself. */
    Side side();

    /** What its followers say they do. */
    default String words() {
        return side().words();
    }

    /** Why, in one line. */
    default Sentence reason() {
        return side().reason();
    }
}
