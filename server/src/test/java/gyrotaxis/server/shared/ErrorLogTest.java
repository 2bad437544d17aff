package gyrotaxis.server.shared;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import tools.jackson.databind.json.JsonMapper;

class ErrorLogTest {
    private static final Logger LOG = (Logger) LoggerFactory.getLogger(ErrorLog.class);
    private final ListAppender<ILoggingEvent> told = new ListAppender<>();
    private final ErrorLog faults = new ErrorLog(JsonMapper.builder().build());

    @BeforeEach
    void listen() {
        told.start();
        LOG.addAppender(told);
        LOG.setAdditive(false);
    }

    @AfterEach
    void stopListening() {
        LOG.detachAppender(told);
        LOG.setAdditive(true);
    }

    private static RuntimeException fault() {
        return new IllegalStateException("F3 has not been laid");
    }

    @Test
    void theSameFaultIsToldOnceWithItsBrief() {
        String name = "";
        for (int rows = 6; rows < 12; rows++) {
            name = faults.tell("POST /api/plan", "{\"brief\":{\"frontRows\":" + rows + "},\"worn\":null}", fault());
        }
        assertThat(told.list).hasSize(1);
        assertThat(told.list.get(0).getFormattedMessage())
                .contains(name, "POST /api/plan", "{\"frontRows\":6}")
                .doesNotContain("worn");
        String other = faults.tell("POST /api/plan", "{}", new IllegalStateException("another place"));
        assertThat(other).isNotEqualTo(name);
        assertThat(told.list).hasSize(2);
    }

    @Test
    void whatIsNoBriefStaysOutOfTheLog() {
        faults.tell("POST /api/clients", "{\"name\":\"Perpetua Slipway\"}", fault());
        faults.tell("POST /api/clients", "not JSON, but Perpetua Slipway", new IllegalStateException());
        assertThat(told.list)
                .hasSize(2)
                .allSatisfy(e ->
                        assertThat(e.getFormattedMessage()).contains("no brief").doesNotContain("Perpetua"));
    }
}
