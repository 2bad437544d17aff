package gyrotaxis.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class LargeBodyQueueTest {
    private final List<String> begun = new ArrayList<>();
    private final LargeBodyQueue queue = new LargeBodyQueue(2);

    @Test
    void whatComesFirstBeginsFirstAndTheRestAsOthersLeave() {
        for (String one : List.of("a", "b", "c", "d")) {
            queue.enter(() -> begun.add(one));
        }
        assertThat(begun).containsExactly("a", "b");
        queue.leave();
        assertThat(begun).containsExactly("a", "b", "c");
        queue.leave();
        queue.leave();
        queue.leave();
        queue.enter(() -> begun.add("e"));
        queue.enter(() -> begun.add("f"));
        queue.enter(() -> begun.add("g"));
        assertThat(begun).containsExactly("a", "b", "c", "d", "e", "f");
    }

    @Test
    void whoeverIsGoneWhenItsTurnComesMakesRoomForTheNext() {
        queue.enter(() -> begun.add("a"));
        queue.enter(() -> begun.add("b"));
        for (int i = 0; i < 1_000; i++) {
            queue.enter(queue::leave);
        }
        queue.enter(() -> begun.add("c"));
        queue.leave();
        assertThat(begun).containsExactly("a", "b", "c");
    }

    @Test
    void atLeastOneMayBegin() {
        assertThatIllegalArgumentException().isThrownBy(() -> new LargeBodyQueue(0));
    }
}
