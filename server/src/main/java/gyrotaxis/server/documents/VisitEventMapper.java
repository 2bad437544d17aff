package gyrotaxis.server.documents;

import gyrotaxis.core.chair.VisitEvent;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads what a device tells, and says what of it makes no sense. */
@Component
public class VisitEventMapper {
    /** Only events of the first format have it, and those of them that were made by a page have it always. */
    private static final String ONLY_IN_FORMAT_1 = "otherShares";

    private final JsonMapper json;

    public VisitEventMapper(JsonMapper json) {
        this.json = json.rebuild()
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .build();
    }

    /**
     * The event that is told. A page that was kept on a device since before an update tells it in the first format.
     *
     * @throws IllegalArgumentException with what is missing or cannot be
     */
    public VisitEvent read(JsonNode told) {
        if (!(told instanceof ObjectNode event)) {
            throw new IllegalArgumentException("what is " + told + " but must be an event");
        }
        try {
            return json.treeToValue(
                    event.has(ONLY_IN_FORMAT_1) ? Upgrades.visitEventFrom1(event.deepCopy()) : event, VisitEvent.class);
        } catch (JacksonException e) {
            throw new IllegalArgumentException(why(e, event), e);
        }
    }

    private static String why(JacksonException e, ObjectNode event) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof IllegalArgumentException makesNoSense) {
                return String.valueOf(makesNoSense.getMessage());
            }
        }
        String field = e instanceof InvalidTypeIdException ? "kind" : path(e.getPath());
        JsonNode given = event.at("/" + field.replace('.', '/'));
        return given.isNull() || given.isMissingNode()
                ? field + " is missing"
                : field + " is " + given + ", which cannot be read";
    }

    private static String path(List<JacksonException.Reference> path) {
        return path.stream()
                .map(r -> r.getPropertyName() == null ? String.valueOf(r.getIndex()) : r.getPropertyName())
                .collect(Collectors.joining("."));
    }
}
