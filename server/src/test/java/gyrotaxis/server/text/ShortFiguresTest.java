package gyrotaxis.server.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/** Figures come back as the figures they were, however they are written. */
class ShortFiguresTest {
    private static final JsonMapper JSON = JsonMapper.builder()
            .addModule(new SimpleModule()
                    .addSerializer(Double.class, new ShortFigures())
                    .addSerializer(Double.TYPE, new ShortFigures()))
            .build();

    /** A figure in a record, plain and boxed. */
    record Both(double plain, Double boxed) {}

    @ParameterizedTest
    @CsvSource({"0,0.0", "5,0.05", "10,0.1", "-5,-0.05", "-1230,-12.3", "123456,1234.56", "100,1.0"})
    void hundredthsAreWrittenWithAsFewPlacesAsTheyHave(long hundredths, String text) {
        assertThat(ShortFigures.decimal(hundredths)).isEqualTo(text);
    }

    @Test
    void everyTenthAndHundredthComesBackTheSame() {
        for (int i = -50_000; i <= 50_000; i++) {
            double v = i / 100.0;
            assertThat(Double.parseDouble(JSON.writeValueAsString(v))).isEqualTo(v);
        }
    }

    @Test
    void anyOtherFigureComesBackTheSame() {
        Random random = new Random(7);
        for (int i = 0; i < 20_000; i++) {
            double v = Double.longBitsToDouble(random.nextLong());
            if (Double.isFinite(v)) {
                assertThat(Double.parseDouble(JSON.writeValueAsString(v))).isEqualTo(v);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {1e13, -3.3e20, 1.0e-7, 0.123456789, Double.MAX_VALUE, Double.MIN_VALUE})
    void theLargeAndTheFineAreWrittenAsUsual(double v) {
        assertThat(JSON.readValue(JSON.writeValueAsString(new Both(v, v)), Both.class))
                .isEqualTo(new Both(v, v));
    }

    @Test
    void listsAndRecordsAreWrittenAlike() {
        assertThat(JSON.writeValueAsString(new Both(12.5, -0.25))).isEqualTo("{\"plain\":12.5,\"boxed\":-0.25}");
        assertThat(JSON.writeValueAsString(List.of(1.0, 2.05, 1.0 / 3))).isEqualTo("[1.0,2.05,0.3333333333333333]");
    }
}
