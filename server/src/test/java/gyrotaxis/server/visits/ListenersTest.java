package gyrotaxis.server.visits;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gyrotaxis.server.shared.CurrentMember;
import gyrotaxis.server.shared.SessionsEnded;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

class ListenersTest {
    private static final UUID VISIT = new UUID(1, 1);
    private static final UUID MEMBER = new UUID(2, 2);

    private static CurrentMember asking(Optional<UUID> member) {
        return new CurrentMember() {
            @Override
            public Optional<UUID> member() {
                return member;
            }

            @Override
            public Optional<UUID> stylist() {
                return Optional.empty();
            }

            @Override
            public boolean isLearner() {
                return false;
            }
        };
    }

    private static void assertOver(SseEmitter line) {
        assertThatThrownBy(() -> line.send("more")).isInstanceOf(IllegalStateException.class);
    }

    private static void assertOpen(SseEmitter line) {
        assertThatCode(() -> line.send("more")).doesNotThrowAnyException();
    }

    @Test
    void theOldestLineOfAVisitGoesWhenThereAreTooMany() {
        Listeners listeners = new Listeners(asking(Optional.empty()));
        List<SseEmitter> lines = new ArrayList<>();
        for (int i = 0; i <= Listeners.MAX_OF_VISIT; i++) {
            lines.add(listeners.listen(VISIT, i));
        }
        assertOver(lines.get(0));
        assertOpen(lines.get(1));
        assertOpen(lines.get(Listeners.MAX_OF_VISIT));
    }

    @Test
    void theOldestLineOfAMemberGoesWhicheverVisitItIsOf() {
        Listeners listeners = new Listeners(asking(Optional.of(MEMBER)));
        List<SseEmitter> lines = new ArrayList<>();
        for (int i = 0; i <= Listeners.MAX_OF_MEMBER; i++) {
            lines.add(listeners.listen(new UUID(3, i), 0));
        }
        assertOver(lines.get(0));
        assertOpen(lines.get(1));
    }

    @Test
    void linesEndWithTheSessionsOfWhoseTheyAreAndWithNobodyElses() {
        Listeners listeners = new Listeners(asking(Optional.of(MEMBER)));
        SseEmitter line = listeners.listen(VISIT, 0);
        listeners.hangUpOn(new SessionsEnded(new UUID(4, 4)));
        assertOpen(line);
        listeners.hangUpOn(new SessionsEnded(MEMBER));
        assertOver(line);
    }
}
