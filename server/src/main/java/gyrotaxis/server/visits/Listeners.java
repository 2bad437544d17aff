package gyrotaxis.server.visits;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Pages that want to hear when something happens in a visit.
 *
 * <p>They are told only that something arrived, and up to where; what it was they ask for themselves. So nothing is lost if a
 * message is.
 */
@Component
class Listeners {
    /** A page asks anew by itself when its line is cut. */
    private static final long LINE_MS = 10 * 60 * 1000L;

    private final Map<UUID, List<SseEmitter>> lines = new ConcurrentHashMap<>();

    /** A line on which a page hears of a visit, from where it stands now. */
    SseEmitter listen(UUID visit, long arrived) {
        SseEmitter line = new SseEmitter(LINE_MS);
        List<SseEmitter> all = lines.computeIfAbsent(visit, v -> new CopyOnWriteArrayList<>());
        all.add(line);
        Runnable gone = () -> all.remove(line);
        line.onCompletion(gone);
        line.onTimeout(gone);
        line.onError(e -> gone.run());
        send(all, line, arrived);
        return line;
    }

    /** Tells all who listen up to where something arrived. */
    void tell(UUID visit, long arrived) {
        List<SseEmitter> all = lines.getOrDefault(visit, List.of());
        all.forEach(line -> send(all, line, arrived));
    }

    private static void send(List<SseEmitter> all, SseEmitter line, long arrived) {
        try {
            line.send(SseEmitter.event().name("arrived").data(arrived));
        } catch (IOException | IllegalStateException gone) {
            all.remove(line);
        }
    }

    /** A server that stops waits for its lines otherwise. */
    @EventListener(ContextClosedEvent.class)
    void hangUp() {
        lines.values().forEach(all -> all.forEach(SseEmitter::complete));
    }
}
