package gyrotaxis.server.visits;

import gyrotaxis.server.shared.CurrentMember;
import gyrotaxis.server.shared.SessionsEnded;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.Predicate;
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

    /** Lines of one visit; more than a studio has devices. The oldest goes when one more comes. */
    static final int MAX_OF_VISIT = 100;

    /** Lines of one member; a page has one for the visit that it shows. */
    static final int MAX_OF_MEMBER = 30;

    private final CurrentMember asking;
    private final Queue<Line> lines = new ConcurrentLinkedQueue<>();

    /** A page that listens; {@code member} is empty where nobody signs in. */
    private record Line(UUID visit, Optional<UUID> member, SseEmitter emitter) {
        /** Says something; false if nobody is there any more. */
        boolean send(long arrived) {
            try {
                emitter.send(SseEmitter.event().name("arrived").data(arrived));
                return true;
            } catch (IOException | IllegalStateException gone) {
                return false;
            }
        }
    }

    Listeners(CurrentMember asking) {
        this.asking = asking;
    }

    /** A line on which a page hears of a visit, from where it stands now. */
    SseEmitter listen(UUID visit, long arrived) {
        Line line = new Line(visit, asking.member(), new SseEmitter(LINE_MS));
        Runnable gone = () -> lines.remove(line);
        line.emitter().onCompletion(gone);
        line.emitter().onTimeout(gone);
        line.emitter().onError(e -> gone.run());
        lines.add(line);
        keepTo(MAX_OF_VISIT, l -> l.visit().equals(visit));
        if (line.member().isPresent()) {
            keepTo(MAX_OF_MEMBER, l -> l.member().equals(line.member()));
        }
        if (!line.send(arrived)) {
            lines.remove(line);
        }
        return line.emitter();
    }

    private void keepTo(int most, Predicate<Line> which) {
        List<Line> all = lines.stream().filter(which).toList();
        all.stream().limit(Math.max(0, all.size() - most)).forEach(this::end);
    }

    private void end(Line line) {
        lines.remove(line);
        line.emitter().complete();
    }

    /** Tells all who listen up to where something arrived. */
    void tell(UUID visit, long arrived) {
        lines.removeIf(l -> l.visit().equals(visit) && !l.send(arrived));
    }

    /** Whoever was taken out hears nothing more; a page that may still listen asks anew by itself. */
    @EventListener
    void hangUpOn(SessionsEnded ended) {
        lines.stream()
                .filter(l -> l.member().equals(Optional.of(ended.member())))
                .forEach(this::end);
    }

    /** A server that stops waits for its lines otherwise. */
    @EventListener(ContextClosedEvent.class)
    void hangUp() {
        lines.forEach(this::end);
    }
}
