package gyrotaxis.server.audit;

/** What somebody did that the studio's owner may want to know later. None tells anything of a client but that it was her. */
public enum AuditAction {
    SIGNED_IN("signed in"),
    SWITCHED("switched by four digits"),
    SIGNED_OUT("signed out"),
    MISSED("tried to sign in and missed"),
    LOCKED("missed the four digits too often"),
    CAME_FIRST("became the owner"),
    INVITED("invited somebody"),
    TOOK_INVITATION("took an invitation"),
    CHANGED_MEMBER("changed what somebody may"),
    REMOVED_MEMBER("took somebody out"),
    CHANGED_PASSPHRASE("changed her passphrase"),
    FORGOT_DEVICE("had a device forget her"),
    ENDED_SESSION("ended somebody's session"),
    ADDED_CLIENT("wrote a client down"),
    OPENED_CLIENT("opened a client"),
    CHANGED_CLIENT("changed a client"),
    SIGNED_CONSENT("took a signature"),
    EXPORTED_CLIENT("took a client's file out"),
    ERASED_CLIENT("erased a client"),
    PUT_BOOK_DOWN("had the whole book put down"),
    TOOK_BOOK_OUT("took the whole book out");

    private final String words;

    AuditAction(String words) {
        this.words = words;
    }

    /** How it goes on after her name. */
    public String words() {
        return words;
    }
}
