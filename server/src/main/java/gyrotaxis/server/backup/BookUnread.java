package gyrotaxis.server.backup;

/** A file that is no whole book, or none that this version understands. The message says why, in one or two sentences. */
final class BookUnread extends RuntimeException {
    private static final long serialVersionUID = 1L;

    BookUnread(String why) {
        super(why);
    }

    BookUnread(String why, Throwable cause) {
        super(why, cause);
    }
}
