package gyrotaxis.server.backup;

import java.util.concurrent.CancellationException;

/** How far something that takes long is. One thread works, any other looks or stops it. */
class Progress {
    /** What it is at; the words go on "… 40 %". */
    enum Stage {
        WRITING("Writing"),
        CHECKING("Checking"),
        /** Whether all that belongs to something has it. */
        JOINING("Joining"),
        /** Bringing it to today's form and closing it, however long that takes. */
        CLOSING("Closing");

        private final String words;

        Stage(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    private volatile Stage stage = Stage.WRITING;
    private volatile long done;
    private volatile long of = 1;
    private volatile boolean isStopped;

    /** Somebody wants it to end. It does at its next step. */
    void stop() {
        isStopped = true;
    }

    Stage stage() {
        return stage;
    }

    /** 0 to 1, of this stage. */
    double fraction() {
        return Math.min(1, (double) done / of);
    }

    void begin(Stage next, long steps) {
        stage = next;
        done = 0;
        of = Math.max(1, steps);
        step(0);
    }

    /** @throws CancellationException if it is to stop */
    void step(long more) {
        if (isStopped) {
            throw new CancellationException("Stopped.");
        }
        done += more;
    }
}
