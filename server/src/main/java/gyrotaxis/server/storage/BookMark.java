package gyrotaxis.server.storage;

import java.util.UUID;

/** Tells one book from all others, and stays the same wherever the book is copied or restored. */
public record BookMark(UUID id) {
    /** The schema version from which on books have one. */
    public static final int SINCE = 22;

    /** That of all books of earlier versions. */
    static final BookMark NONE = new BookMark(new UUID(0, 0));

    private static final int BRIEF = 8;

    /** Enough of it for the name of a file: 8 hexadecimal digits. */
    String brief() {
        return id.toString().substring(0, BRIEF);
    }
}
