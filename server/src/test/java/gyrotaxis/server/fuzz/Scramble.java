package gyrotaxis.server.fuzz;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Breaks a document at a place or a few, and a file at a byte or many. */
final class Scramble {
    private static final JsonMapper JSON = new JsonMapper();
    private static final JsonNodeFactory NEW = JsonNodeFactory.instance;
    private static final int MAX_REPEATS = 70;

    private Scramble() {}

    /** A place in a document: a field of an object or an element of a list. */
    private record Spot(JsonNode within, String field, int index) {
        JsonNode value() {
            return within instanceof ObjectNode o ? o.get(field) : within.get(index);
        }

        void set(JsonNode value) {
            if (within instanceof ObjectNode o) {
                o.set(field, value);
            } else {
                ((ArrayNode) within).set(index, value);
            }
        }

        void remove() {
            if (within instanceof ObjectNode o) {
                o.remove(field);
            } else {
                ((ArrayNode) within).remove(index);
            }
        }
    }

    /** Changes a document at one place. */
    static void atOnePlace(JsonNode document, Chance chance) {
        List<Spot> spots = new ArrayList<>();
        gather(document, spots);
        if (spots.isEmpty()) {
            return;
        }
        Spot spot = chance.one(spots);
        JsonNode value = spot.value();
        switch (chance.below(10)) {
            case 0 -> spot.set(NEW.nullNode());
            case 1 -> spot.remove();
            case 2 -> spot.set(NEW.stringNode(chance.oddText()));
            case 3, 4 ->
                spot.set(value.isNumber() ? near(value.asDouble(), chance) : NEW.numberNode(chance.oddFigure()));
            case 5 -> spot.set(NEW.arrayNode());
            case 6 -> spot.set(NEW.objectNode());
            case 7 -> spot.set(NEW.booleanNode(chance.percent(50)));
            case 8 -> spot.set(chance.one(spots).value().deepCopy());
            default -> repeat(spot, value, chance);
        }
    }

    private static JsonNode near(double figure, Chance chance) {
        return switch (chance.below(5)) {
            case 0 -> NEW.numberNode(-figure);
            case 1 -> NEW.numberNode(figure * chance.between(0, 3));
            case 2 -> NEW.numberNode(Math.round(figure) + 1);
            case 3 -> NEW.numberNode((int) figure);
            default -> NEW.numberNode(chance.oddFigure());
        };
    }

    /** Lists grow, everything else becomes an odd figure. */
    private static void repeat(Spot spot, JsonNode value, Chance chance) {
        if (value instanceof ArrayNode list && !list.isEmpty()) {
            ArrayNode longer = list.deepCopy();
            int more = chance.below(MAX_REPEATS);
            for (int i = 0; i < more; i++) {
                longer.add(list.get(chance.below(list.size())).deepCopy());
            }
            spot.set(longer);
        } else {
            spot.set(NEW.numberNode(chance.oddFigure()));
        }
    }

    private static void gather(JsonNode node, List<Spot> spots) {
        if (node instanceof ObjectNode o) {
            o.propertyNames().forEach(f -> {
                spots.add(new Spot(o, f, 0));
                gather(o.get(f), spots);
            });
        } else if (node instanceof ArrayNode a) {
            for (int i = 0; i < a.size(); i++) {
                spots.add(new Spot(a, "", i));
                gather(a.get(i), spots);
            }
        }
    }

    /** JSON that is none any more. */
    static byte[] unreadable(JsonNode document, Chance chance) {
        return bytes(JSON.writeValueAsString(document).getBytes(StandardCharsets.UTF_8), chance);
    }

    /** A file with a few of its bytes gone, doubled, or others. */
    static byte[] bytes(byte[] file, Chance chance) {
        byte[] now = file;
        int times = 1 + chance.below(4);
        for (int i = 0; i < times && now.length > 1; i++) {
            int from = chance.below(now.length);
            int length = 1 + chance.below(Math.min(now.length - from, 200));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            out.write(now, 0, from);
            switch (chance.below(5)) {
                case 0 -> out.write(now, from + length, now.length - from - length);
                case 1 -> {
                    int doubled = 1 + chance.below(40);
                    for (int n = 0; n < doubled; n++) {
                        out.write(now, from, length);
                    }
                    out.write(now, from, now.length - from);
                }
                case 2 -> {
                    out.writeBytes(chance.oddText().getBytes(StandardCharsets.UTF_8));
                    out.write(now, from, now.length - from);
                }
                case 3 -> {
                    out.write(chance.below(256));
                    out.write(now, from + 1, now.length - from - 1);
                }
                default -> {
                    // Cut off here.
                }
            }
            now = out.toByteArray();
        }
        return now;
    }
}
