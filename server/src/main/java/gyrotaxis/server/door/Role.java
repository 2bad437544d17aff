package gyrotaxis.server.door;

/** What somebody who signs in may do; each may all that those before her may. */
enum Role {
    /** Plans on made-up heads; nothing of a client. */
    LEARNER("learner"),
    /** Clients, plans, chair, shelf. */
    STYLIST("stylist"),
    /** Everything; also who may come in. */
    OWNER("owner");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }

    /** As Spring Security knows it. */
    String authority() {
        return "ROLE_" + name();
    }
}
