package gyrotaxis.core.install;

/** One side of a question on which practitioners differ. */
public interface School {
    /** What its followers say they do. */
    String words();

    /** Why, in one line. */
    String reason();
}
