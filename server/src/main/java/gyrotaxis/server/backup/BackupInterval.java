package gyrotaxis.server.backup;

import java.time.Duration;

/** How often the book is put down by itself, while the server runs. */
enum BackupInterval {
    HOUR("every hour", Duration.ofHours(1)),
    HALF_DAY("twice a day", Duration.ofHours(12)),
    DAY("every day", Duration.ofDays(1)),
    WEEK("every week", Duration.ofDays(7)),
    NEVER("only by hand", Duration.ofDays(36_500));

    private final String words;
    private final Duration after;

    BackupInterval(String words, Duration after) {
        this.words = words;
        this.after = after;
    }

    String words() {
        return words;
    }

    /** How long after the last one the next is due. */
    Duration after() {
        return after;
    }
}
