package gyrotaxis.server.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WrittenTextTest {
    @ParameterizedTest
    @ValueSource(strings = {"", "Øyvor Ó Maoil-Bhríde", "字 وداد 😀", "a\u00ADb", "نور‌ال"})
    void whatPeopleAreCalledIsFit(String name) {
        assertThat(WrittenText.isLine(name)).isTrue();
        assertThat(WrittenText.fit(name)).isSameAs(name);
    }

    @ParameterizedTest
    @ValueSource(strings = {"\0", "\u0007", "\u007F", "\u0085", "\u202E", "\u2066", "\u200F", "\uFFFE", "\uD800"})
    void whatCannotBeShownIsTakenOut(String unfit) {
        String name = "Wen" + unfit + " Ashdown";
        assertThat(WrittenText.isLine(name)).isFalse();
        assertThat(WrittenText.isLines(name)).isFalse();
        assertThat(WrittenText.fit(name)).isEqualTo("Wen Ashdown");
        assertThat(WrittenText.isLines(WrittenText.fit(name))).isTrue();
    }

    @Test
    void linesMayEndButNotInAName() {
        assertThat(WrittenText.isLines("one\n\ttwo\r\n")).isTrue();
        assertThat(WrittenText.isLine("one\ntwo")).isFalse();
    }
}
