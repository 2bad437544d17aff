package gyrotaxis.server.tables;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LinesTest {
    @ParameterizedTest
    @CsvSource({
        "'', 0, 0",
        "BEGIN:A, 1, 1",
        "'BEGIN:A\n', 1, 1",
        "'BEGIN:A\nbegin:b\n', 2, 2",
        "'BEGIN:A\r\nX\r\n', 2, 1",
        "'BEGIN:A\rX\rBegin:c', 3, 2",
        "' BEGIN:A\n\n\n', 3, 0",
        "'X BEGIN:\nBEGIN', 2, 0"
    })
    void lineByLine(String file, long lines, long begin) {
        byte[] bytes = file.getBytes(StandardCharsets.UTF_8);
        assertThat(Lines.of(bytes)).isEqualTo(lines);
        assertThat(Lines.beginning(bytes, "BEGIN:")).isEqualTo(begin);
    }
}
