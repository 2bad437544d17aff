package gyrotaxis.core.practice;

/** What a drill trains. */
public enum DrillKind {
    HOOK_WAY("Which way the hook goes in", "Aim the barb the way the hook goes in."),
    BRAID_ORDER("What is braided before what", "Put the rows in the order in which they can be braided."),
    HUMP("Where it gets bulky", "Touch the place where most will lie on top of each other."),
    PARTS("Where a part can be worn", "Touch every gap in which it can be worn."),
    PACKS("How many packs", "Say how many packs you would buy."),
    MINUTES("How long it takes", "Say how long it takes in the chair."),
    STOPPING("Full enough, or go on", "Look at the head and decide."),
    KNOTS("Which knot holds", "Choose the one that lasts."),
    CUT("Tail or fibre", "Touch whatever may be cut, in the order in which it is."),
    UNDO("Taking rows out", "Put the rows in the order in which they are undone."),
    HARM("What could do harm", "Choose all that is to be said here."),
    WHAT_NOW("What to do now", "Choose all that is done about it."),
    FAULTS("What is wrong with this plan", "Touch every place where something is wrong."),
    UPDOS("How it can go up", "Choose every way in which this head can be worn up."),
    SINGLES("Chaining singles", "Put the singles in the order in which they are fed on."),
    SPACING("Close in front, wide at the nape", "Set how far apart shares are hooked.");

    private final String words;
    private final String task;

    DrillKind(String words, String task) {
        this.words = words;
        this.task = task;
    }

    /** Whether it is asked of a head, so that it can be asked of anybody's plan. */
    public boolean isOfHead() {
        return this != KNOTS && this != HARM && this != WHAT_NOW;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** What is to be done, in one line. */
    public String task() {
        return task;
    }
}
