package gyrotaxis.server.outside;

/** What goes wrong with what is outside. */
public enum Fault {
    TAPE_SILENT(Outside.TAPE, "does not answer"),
    TAPE_SLIPS(Outside.TAPE, "the third length slips by 3 cm"),
    TAPE_WILD(Outside.TAPE, "a length comes first that no head can have"),
    TAPE_TWICE(Outside.TAPE, "sends each length twice"),
    TAPE_BREAKS_OFF(Outside.TAPE, "falls silent after the third"),
    SCALE_SILENT(Outside.SCALE, "does not answer"),
    SCALE_RESTLESS(Outside.SCALE, "does not come to rest"),
    SCALE_NOT_ZERO(Outside.SCALE, "shows 7 g when it is empty"),
    SCALE_TOO_MUCH(Outside.SCALE, "too much lies on it"),
    LABELS_SILENT(Outside.LABELS, "does not answer"),
    LABELS_RUN_OUT(Outside.LABELS, "the roll ends after three"),
    SUPPLIERS_SILENT(Outside.SUPPLIERS, "do not answer"),
    SUPPLIERS_SOLD_OUT(Outside.SUPPLIERS, "have none of it"),
    SUPPLIERS_IN_PARTS(Outside.SUPPLIERS, "send half, the rest later"),
    SUPPLIERS_LATE(Outside.SUPPLIERS, "take four days longer than they say"),
    SUPPLIERS_OTHER_COLOUR(Outside.SUPPLIERS, "send another colour"),
    SUPPLIERS_OTHER_LINE(Outside.SUPPLIERS, "send another line instead"),
    SUPPLIERS_AT_ONCE(Outside.SUPPLIERS, "send what is ordered from now on at once"),
    MESSAGES_SILENT(Outside.MESSAGES, "are not taken"),
    MESSAGES_LOST(Outside.MESSAGES, "are taken, but come back undelivered");

    private final Outside of;
    private final String words;

    Fault(Outside of, String words) {
        this.of = of;
        this.words = words;
    }

    /** Whose it is. */
    public Outside of() {
        return of;
    }

    /** What happens, after the name of what it happens to. */
    public String words() {
        return words;
    }
}
