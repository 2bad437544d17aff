package gyrotaxis.server.testing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.concurrent.atomic.AtomicReference;

/** A clock that a test stops and turns. As long as nobody does, it shows the machine's time. */
public final class TestClock extends Clock {
    private final AtomicReference<Instant> stoppedAt = new AtomicReference<>();

    /** From now on time passes only when it is turned. */
    public void stop() {
        stoppedAt.set(Instant.now());
    }

    /** Lets time pass at once. */
    public void turn(Duration by) {
        stoppedAt.updateAndGet(at -> at.plus(by));
    }

    /** Shows the machine's time again. */
    public void go() {
        stoppedAt.set(null);
    }

    @Override
    public Instant instant() {
        Instant stopped = stoppedAt.get();
        return stopped == null ? Instant.now() : stopped;
    }

    @Override
    public ZoneId getZone() {
        return ZoneId.systemDefault();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.fixed(instant(), zone);
    }
}
