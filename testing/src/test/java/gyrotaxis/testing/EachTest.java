package gyrotaxis.testing;

import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import org.junit.jupiter.api.Test;

class EachTest {
    @Test
    void refusesToAskNothing() {
        assertThatExceptionOfType(AssertionError.class)
                .isThrownBy(() -> Each.of(List.<Integer>of()).allMatch(n -> n > 0));
    }

    @Test
    void asksEveryElement() {
        Each.of(List.of(1, 2)).allMatch(n -> n > 0);
        assertThatExceptionOfType(AssertionError.class)
                .isThrownBy(() -> Each.of(List.of(1, -2)).allMatch(n -> n > 0));
    }
}
