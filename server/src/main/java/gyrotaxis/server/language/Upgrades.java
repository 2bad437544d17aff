package gyrotaxis.server.language;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The small steps by which documents of an older format become documents of the next.
 *
 * <p>A step looks at the document alone, never at the classes of today: those change, what was kept does not. Each has a test of
 * its own, and stays as it is for good.
 */
final class Upgrades {
    /** What could be named in a kept edit by its place in a list, in the order of that day. */
    private static final String[] KNOTS_OF_1 = {"REGULAR", "INVISIBLE", "DOUBLE_ENTRY", "TWIST_FIRST", "BEAD"};

    private static final String[] HOLDS_OF_1 = {"FINGER_TURN", "TIED_SLIVER", "COMBED_DOWN", "CARRIED_BACK"};

    /** Of a single leg a quarter could be kept, though a third was the least that was ever tied. */
    private static final int LEAST_LEG_PERCENT = 33;

    private static final Map<String, String> ROW_FIGURES =
            Map.of("MOVE", "moveMm", "RESIZE", "factor", "END_EARLIER", "endsAt");

    private Upgrades() {}

    /**
     * Plans, 1 to 2: edits say what they do in words instead of a number whose sense depends on the kind; and beside the brief
     * there is room for the hair it names.
     */
    static ObjectNode planFrom1(ObjectNode brief) {
        if (brief.get("foundation") instanceof ObjectNode foundation) {
            patternFrom1(foundation);
        }
        for (JsonNode e : brief.path("hooking").path("edits")) {
            station((ObjectNode) e);
        }
        ObjectNode plan = brief.objectNode();
        plan.set("brief", brief);
        plan.putArray("hairs");
        return plan;
    }

    /** Patterns, 1 to 2: the same for rows. */
    static ObjectNode patternFrom1(ObjectNode foundation) {
        for (JsonNode e : foundation.path("edits")) {
            ObjectNode edit = (ObjectNode) e;
            JsonNode amount = edit.remove("amount");
            String figure = ROW_FIGURES.get(edit.path("kind").asString(""));
            if (figure != null && amount != null) {
                edit.set(figure, amount);
            }
        }
        return foundation;
    }

    /** Heads, 1 to 2: regions were a bare list, which has no room for a format. */
    static ObjectNode headFrom1(ObjectNode wrapped) {
        return wrapped;
    }

    private static void station(ObjectNode edit) {
        double amount = edit.path("amount").asDouble(0);
        edit.remove("amount");
        switch (edit.path("kind").asString("")) {
            case "ADD", "SHARE" -> edit.put("shareParts", (int) amount);
            case "MOVE" -> edit.put("moveMm", amount);
            case "KNOT" -> edit.put("knot", KNOTS_OF_1[(int) amount]);
            case "PASSES" -> edit.put("passes", (int) amount);
            case "HOLD" -> edit.put("hold", HOLDS_OF_1[(int) amount]);
            case "LEG" -> edit.put("legPercent", Math.max(LEAST_LEG_PERCENT, (int) Math.round(amount)));
            default -> {
                // Taken out: nothing more to say.
            }
        }
    }

    /** A list that was kept as such, in a document that can carry a format. */
    static ObjectNode listAs(String name, ArrayNode list) {
        ObjectNode document = list.objectNode();
        document.set(name, list);
        return document;
    }
}
