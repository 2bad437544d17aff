package gyrotaxis.server.messages;

/** When something is said to a client. */
enum MessageTrigger {
    APPOINTMENT(
            "before an appointment",
            2,
            "Dear {name}, we see you on {day} at {time} for your {what} with {stylist}. If anything has changed, tell us. {studio}"),
    PREPARE(
            "to prepare for an install",
            4,
            "Dear {name}, before your install on {day}: please come with your hair washed, dry and combed out, without oil. Tell us"
                    + " if your scalp is sore anywhere. {studio}"),
    LOOK_AFTER(
            "when something is looked after",
            0,
            "Dear {name}, on {day} your install is due for this: {what}. When does it suit you to come by? {studio}");

    private final String words;
    private final int daysBefore;
    private final String usual;

    MessageTrigger(String words, int daysBefore, String usual) {
        this.words = words;
        this.daysBefore = daysBefore;
        this.usual = usual;
    }

    String words() {
        return words;
    }

    /** From so many days before it is offered. */
    int daysBefore() {
        return daysBefore;
    }

    /** What is said as long as the studio has no words of its own. */
    String usual() {
        return usual;
    }
}
