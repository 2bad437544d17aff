package gyrotaxis.server.requests;

import java.util.ArrayDeque;
import java.util.Queue;

/**
 * Lets a few large bodies be worked on at once and the others wait, first come, first served. A body takes many times its size while it is
 * read and checked. A semaphore would hold a thread for each that waits; here none waits.
 */
final class LargeBodyQueue {
    /** Memory for each body that is worked on, bytes. */
    private static final long MEMORY_EACH = 256L * 1024 * 1024;

    private static final long MAX_AT_ONCE = 4;

    private final long atOnce;
    private final Queue<Runnable> waiting = new ArrayDeque<>();
    private int running;

    LargeBodyQueue() {
        this(Math.max(1, Math.min(MAX_AT_ONCE, Runtime.getRuntime().maxMemory() / MEMORY_EACH)));
    }

    /** @param atOnce how many may be worked on, at least one */
    LargeBodyQueue(long atOnce) {
        if (atOnce < 1) {
            throw new IllegalArgumentException("none could ever begin: " + atOnce);
        }
        this.atOnce = atOnce;
    }

    /** Runs this now or once another leaves. Each that was run has to leave once. */
    void enter(Runnable begin) {
        synchronized (this) {
            if (running == atOnce) {
                waiting.add(begin);
                return;
            }
            running++;
        }
        begin.run();
    }

    /** One that was run is done. */
    void leave() {
        Runnable next;
        synchronized (this) {
            next = waiting.poll();
            if (next == null) {
                running--;
                return;
            }
        }
        next.run();
    }
}
