package gyrotaxis.server.shared;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Arrays;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tells the log what nobody foresaw, once, with the brief that caused it, so that it can be asked again.
 *
 * <p>A page asks many times a second while something is dragged; the same fault then comes as often. What else a request
 * carried, such as a client's name, is not written down.
 */
@Component
public class ErrorLog {
    private static final Logger LOG = LoggerFactory.getLogger(ErrorLog.class);
    private static final Duration REMEMBERED = Duration.ofMinutes(10);
    private static final int MAX_REMEMBERED = 200;
    private static final int FRAMES_THAT_TELL = 4;

    private final Cache<String, Boolean> told = Caffeine.newBuilder()
            .expireAfterWrite(REMEMBERED)
            .maximumSize(MAX_REMEMBERED)
            .build();
    private final JsonMapper json;

    ErrorLog(JsonMapper json) {
        this.json = json;
    }

    /**
     * Writes a fault down, unless the same one was within the last minutes.
     *
     * @param where what was asked, such as "POST /api/plan"
     * @param body what it was asked with
     * @return the name under which the log tells of it
     */
    public String tell(String where, String body, Throwable fault) {
        String name = name(fault);
        if (told.asMap().putIfAbsent(name, true) == null) {
            LOG.error(
                    "fault {}: {} failed for a reason that nobody foresaw; asked with {}",
                    name,
                    where,
                    brief(body),
                    fault);
        }
        return name;
    }

    /** The same for faults that came about in the same place. */
    private static String name(Throwable fault) {
        Object[] place = Arrays.stream(fault.getStackTrace())
                .limit(FRAMES_THAT_TELL)
                .map(StackTraceElement::toString)
                .toArray();
        int hash = 31 * fault.getClass().getName().hashCode() + Arrays.hashCode(place);
        return String.format(Locale.ROOT, "%08x", hash);
    }

    private String brief(String body) {
        try {
            JsonNode asked = json.readTree(body);
            for (String property : new String[] {"brief", "briefs"}) {
                if (asked.has(property)) {
                    return asked.get(property).toString();
                }
            }
            // What is asked for with a bare brief.
            return asked.has("foundation") ? asked.toString() : "no brief";
        } catch (JacksonException e) {
            return "no brief";
        }
    }
}
