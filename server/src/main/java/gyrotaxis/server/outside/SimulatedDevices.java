package gyrotaxis.server.outside;

import gyrotaxis.server.shared.ExceptionTranslator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;

/** How slow each stand-in is, and what goes wrong with it. Forgotten when the server stops. */
@Component
public class SimulatedDevices implements ExceptionTranslator {
    /** Nobody waits longer for anything. */
    static final int SLOWEST_MS = 10_000;

    private final Map<Outside, Integer> delays = new ConcurrentHashMap<>(new EnumMap<>(Outside.class));
    private final Set<Fault> faults = ConcurrentHashMap.newKeySet();

    /** Whether something goes wrong at present. */
    public boolean has(Fault fault) {
        return faults.contains(fault);
    }

    /** Those that go wrong at present, of one thing. */
    Set<Fault> of(Outside what) {
        Set<Fault> all = EnumSet.noneOf(Fault.class);
        faults.stream().filter(f -> f.of() == what).forEach(all::add);
        return all;
    }

    /** How long it takes to answer, ms. */
    public int delayMs(Outside what) {
        return delays.getOrDefault(what, what.usualMs());
    }

    /** Sets both for one thing. */
    void set(Outside what, int delayMs, Set<Fault> wrong) {
        delays.put(what, delayMs);
        faults.removeIf(f -> f.of() == what);
        wrong.stream().filter(f -> f.of() == what).forEach(faults::add);
    }

    /** Waits as long as it takes. */
    public void pause(Outside what) {
        try {
            Thread.sleep(delayMs(what));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new DoesNotAnswer(what.words() + ": the server is about to stop.");
        }
    }

    @Override
    public Optional<ProblemDetail> told(Exception e) {
        if (!(e instanceof DoesNotAnswer why)) {
            return Optional.empty();
        }
        ProblemDetail p = ProblemDetail.forStatus(HttpStatus.SERVICE_UNAVAILABLE);
        p.setTitle("No answer");
        p.setDetail(why.getMessage());
        return Optional.of(p);
    }
}
