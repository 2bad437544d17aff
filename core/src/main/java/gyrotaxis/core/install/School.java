package gyrotaxis.core.install;

import gyrotaxis.core.quantity.Sentence;

/** One side of a question on which practitioners differ. */
public interface School {
    /** What its followers say they do. */
    String words();

    /** Why, in one line. */
    Sentence reason();
}
