package gyrotaxis.server.outside;

import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Measure;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Stands in for a tape: somebody takes the measures of a made-up head with it, one after the other. */
@Component
class SimulatedTape implements Tape {
    private static final double SLIP_MM = 30;

    /** No head is as long round. */
    private static final double WILD_MM = 1234;

    /** A key that bounces does so within this. */
    private static final long BOUNCE_MS = 60;

    private final SimulatedDevices standIns;
    private final Clock clock;

    /** What was sent in measurings that are over, and what is sent in this one as time goes by. */
    private final List<Sent> before = new ArrayList<>();

    private List<Sent> now = List.of();

    SimulatedTape(SimulatedDevices standIns, Clock clock) {
        this.standIns = standIns;
        this.clock = clock;
    }

    /** Somebody begins to measure a head, in the order of the measures. */
    synchronized void measure(HeadMeasures head) {
        before.addAll(arrived());
        List<Sent> coming = new ArrayList<>();
        int number = before.size();
        long at = clock.millis();
        int count = 0;
        for (Measure m : Measure.values()) {
            if (head.get(m).isEmpty()) {
                continue;
            }
            count++;
            at += standIns.delayMs(Outside.TAPE);
            if (standIns.has(Fault.TAPE_BREAKS_OFF) && count > 3) {
                break;
            }
            double mm = head.get(m).getAsDouble();
            if (standIns.has(Fault.TAPE_SLIPS) && count == 3) {
                mm -= SLIP_MM;
            }
            if (standIns.has(Fault.TAPE_WILD) && count == 2) {
                // Whoever measures sees it, and lays the tape on once more.
                coming.add(new Sent(++number, at, WILD_MM));
                at += standIns.delayMs(Outside.TAPE);
            }
            coming.add(new Sent(++number, at, mm));
            if (standIns.has(Fault.TAPE_TWICE)) {
                coming.add(new Sent(++number, at + BOUNCE_MS, mm));
            }
        }
        now = List.copyOf(coming);
    }

    private List<Sent> arrived() {
        return now.stream().filter(s -> s.atMs() <= clock.millis()).toList();
    }

    @Override
    public synchronized List<Sent> sent() {
        if (standIns.has(Fault.TAPE_SILENT)) {
            throw new DoesNotAnswer("The tape does not answer. Is it switched on, and near enough?");
        }
        List<Sent> all = new ArrayList<>(before);
        all.addAll(arrived());
        return all;
    }
}
