package gyrotaxis.server.language;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What of a brief becomes otherwise: of every object only the properties that differ, of everything else the whole.
 *
 * <p>So a remedy travels as what it changes, not as a second brief; whoever applies it to another brief than the one it was
 * made for changes nothing else there. A property that is null is set to null.
 */
public final class Change {
    private Change() {}

    /** Writes what turns one brief into others. */
    public static final class Writer {
        private final JsonMapper json;
        private final JsonNode from;

        /** A writer of changes to {@code from}. */
        public Writer(JsonMapper json, BriefBody from) {
            this.json = json;
            this.from = json.valueToTree(from);
        }

        /** What makes {@code to} of the brief this writer was made for; empty if nothing differs. */
        public JsonNode to(BriefBody to) {
            return between(from, json.valueToTree(to));
        }
    }

    /** What makes {@code to} of {@code from}, where both are objects. */
    static ObjectNode between(JsonNode from, JsonNode to) {
        ObjectNode change = ((ObjectNode) to).objectNode();
        to.properties().forEach(p -> {
            JsonNode before = from.path(p.getKey());
            JsonNode after = p.getValue();
            if (before.isObject() && after.isObject()) {
                ObjectNode inner = between(before, after);
                if (!inner.isEmpty()) {
                    change.set(p.getKey(), inner);
                }
            } else if (!isSame(before, after)) {
                change.set(p.getKey(), after);
            }
        });
        return change;
    }

    /** What is not said is as if it were null. */
    private static boolean isSame(JsonNode before, JsonNode after) {
        return before.equals(after) || (isNothing(before) && isNothing(after));
    }

    private static boolean isNothing(JsonNode node) {
        return node.isNull() || node.isMissingNode();
    }
}
