package gyrotaxis.server.messages;

/** Carries words to a client. */
interface Messenger {
    /** What became of a message. */
    enum Fate {
        TAKEN,
        CAME_BACK
    }

    /**
     * Sends; returns once it was taken.
     *
     * @throws gyrotaxis.server.outside.DoesNotAnswer if it was not
     */
    Fate send(String client, String words);
}
