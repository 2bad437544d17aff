package gyrotaxis.server.messages;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class TemplateTest {
    @Test
    void everyPlaceIsFilledAndWhatIsNotKnownLeavesNoHole() {
        Template t = new Template("Dear {name}, {what} on {day}. {studio}");
        assertThat(t.fault()).isEmpty();
        assertThat(t.filled(Map.of("name", "Wren $1 \\", "what", "install", "day", "Friday")))
                .isEqualTo("Dear Wren $1 \\, install on Friday.");
        assertThat(new Template("See you {day} , {name}").filled(Map.of("name", "Wren")))
                .isEqualTo("See you, Wren");
    }

    /** What a client is called is never taken for a place. */
    @Test
    void whatIsFilledInIsNotFilledAgain() {
        assertThat(new Template("{name}").filled(Map.of("name", "{day}", "day", "Friday")))
                .isEqualTo("{day}");
    }

    @ParameterizedTest
    @ValueSource(strings = {"{nmae}", "{}", "{name", "name}", "{{name}}", "{ name }"})
    void aPlaceThatNothingCanFillIsNamed(String words) {
        assertThat(new Template("Dear " + words).fault()).isPresent();
    }

    @ParameterizedTest
    @EnumSource(MessageTrigger.class)
    void theUsualWordsHaveNoFault(MessageTrigger cue) {
        assertThat(new Template(cue.usual()).fault()).isEmpty();
        assertThat(cue.usual().length()).isLessThan(Template.MAX_LENGTH);
    }
}
