package gyrotaxis.server.fuzz;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests at random for every address of a description of the API: valid, at the edge of what is valid, and broken. Bodies are made from
 * the schemas, and from what the server itself answered where that has the same fields.
 */
public final class RandomRequests {
    private static final JsonMapper JSON = new JsonMapper();
    private static final JsonNodeFactory NEW = JsonNodeFactory.instance;
    private static final int DEEPEST = 9;
    private static final int MAX_ADDRESS_LENGTH = 300;

    /** They take a second or more each, whatever is sent; asked seldom, so that a short run gets round. */
    private static final Set<String> HEAVY = Set.of(
            "POST /api/balance",
            "POST /api/fills",
            "POST /api/stopping",
            "POST /api/compare",
            "POST /api/ways-out",
            "POST /api/findings",
            "POST /api/look",
            "POST /api/plan/solid",
            "POST /api/backups",
            "POST /api/door/sign-in",
            "POST /api/door/take-invitation",
            "GET /api/plans/{id}/cap/sheets.pdf");

    /** What ends the session that asks, or lets nobody else in for a while. */
    private static final Set<String> NOT_ASKED = Set.of("POST /api/door/sign-out", "POST /api/door/first");

    /** The line of events has no end. */
    private static final String ENDLESS = "text/event-stream";

    private static final int HEAVY_PERCENT = 12;

    private record Operation(String method, String path, JsonNode described) {
        String name() {
            return method + " " + path;
        }
    }

    private final JsonNode schemas;
    private final Harvest harvest;
    private final Map<String, byte[]> files;
    private final Map<String, JsonNode> documents;
    private final List<Operation> operations = new ArrayList<>();
    private final String folder;

    /**
     * @param api the description
     * @param harvest what the server answered so far
     * @param files valid files by their media type
     * @param documents valid documents by the end of the address that takes them
     * @param folder where a server may write; the only one that is named to it
     */
    public RandomRequests(
            JsonNode api, Harvest harvest, Map<String, byte[]> files, Map<String, JsonNode> documents, String folder) {
        this.documents = documents;
        this.schemas = api.at("/components/schemas");
        this.harvest = harvest;
        this.files = files;
        this.folder = folder;
        api.get("paths")
                .properties()
                .forEach(p -> p.getValue().properties().forEach(m -> {
                    Operation op = new Operation(m.getKey().toUpperCase(Locale.ROOT), p.getKey(), m.getValue());
                    if (!NOT_ASKED.contains(op.name())
                            && !m.getValue().toString().contains(ENDLESS)) {
                        operations.add(op);
                    }
                }));
    }

    /** How many addresses are asked. */
    public int addresses() {
        return operations.size();
    }

    /** The request of a seed. */
    public FuzzRequest of(long seed) {
        Chance chance = new Chance(seed);
        Operation op = chance.one(operations);
        while (HEAVY.contains(op.name()) && !chance.percent(HEAVY_PERCENT)) {
            op = chance.one(operations);
        }
        String role = chance.percent(70) ? "OWNER" : chance.one(List.of("STYLIST", "LEARNER", "NOBODY"));
        Map<String, String> headers = new TreeMap<>();
        byte[] body = body(op, headers, chance);
        if (chance.percent(3)) {
            headers.put("Accept", chance.one(List.of("image/png", "text/html", "*/*;q=0", "nonsense")));
        }
        if (chance.percent(3)) {
            headers.put("Accept-Language", chance.one(List.of("xx-YY", "*", "en-US,en;q=0.5", "%")));
        }
        return new FuzzRequest(role, op.method(), path(op, chance), headers, body);
    }

    private String path(Operation op, Chance chance) {
        StringBuilder path = new StringBuilder();
        for (String part : op.path().substring(1).split("/")) {
            path.append('/').append(part.startsWith("{") ? inPath(op, part, chance) : part);
        }
        List<String> query = new ArrayList<>();
        for (JsonNode p : op.described().path("parameters")) {
            if (p.path("in").asString().equals("query") && (p.path("required").asBoolean() || chance.percent(60))) {
                JsonNode value = chance.percent(20)
                        ? NEW.stringNode(chance.oddText())
                        : value(p.path("schema"), op.path(), p.path("name").asString(), 0, chance);
                query.add(p.path("name").asString() + "=" + escaped(value.isValueNode() ? value.asString("") : ""));
            }
        }
        return path + (query.isEmpty() ? "" : "?" + String.join("&", query));
    }

    private String inPath(Operation op, String part, Chance chance) {
        List<String> own = harvest.ids(op.path());
        int n = chance.below(100);
        if (n < 75 && !own.isEmpty() && part.equals("{id}")) {
            return chance.one(own);
        }
        if (n < 85) {
            return chance.one(harvest.ids());
        }
        return n < 92 ? chance.id() : escaped(chance.percent(50) ? chance.oddText() : String.valueOf(chance.below(9)));
    }

    /** An address with an empty part is another address; one of many kilobytes is cut off by any server. */
    private static String escaped(String text) {
        String some = text.isEmpty() ? "0" : text.substring(0, Math.min(text.length(), MAX_ADDRESS_LENGTH));
        return URLEncoder.encode(some, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private byte[] body(Operation op, Map<String, String> headers, Chance chance) {
        JsonNode content = op.described().at("/requestBody/content");
        if (content.isMissingNode()) {
            if (!op.method().equals("GET")) {
                headers.put("Content-Type", "application/json");
            }
            return new byte[0];
        }
        List<String> types = List.copyOf(content.propertyNames());
        String type = chance.one(types);
        headers.put("Content-Type", chance.percent(2) ? "text/plain" : type);
        byte[] file = files.get(type);
        if (file != null) {
            return chance.percent(20) ? file : Scramble.bytes(file, chance);
        }
        JsonNode value = documents.entrySet().stream()
                .filter(d -> op.path().endsWith(d.getKey()))
                .findFirst()
                .map(d -> d.getValue().deepCopy())
                .orElseGet(() -> value(content.get(type).path("schema"), op.path(), "", 0, chance));
        int changes = chance.percent(35) ? 0 : 1 + chance.below(4);
        for (int i = 0; i < changes; i++) {
            Scramble.atOnePlace(value, chance);
        }
        return chance.percent(3)
                ? Scramble.unreadable(value, chance)
                : JSON.writeValueAsString(value).getBytes(StandardCharsets.UTF_8);
    }

    /** Something that a schema allows, more or less. */
    private JsonNode value(JsonNode schema, String path, String name, int depth, Chance chance) {
        JsonNode resolved = resolved(schema, chance);
        if (resolved.has("enum")) {
            return resolved.get("enum").get(chance.below(resolved.get("enum").size()));
        }
        String type = type(resolved, chance);
        return switch (type) {
            case "object" -> object(resolved, path, depth, chance);
            case "array" -> {
                ArrayNode list = NEW.arrayNode();
                int n = depth > DEEPEST ? 0 : chance.below(4);
                for (int i = 0; i < n; i++) {
                    list.add(value(resolved.path("items"), path, name, depth + 1, chance));
                }
                yield list;
            }
            case "string" -> NEW.stringNode(text(resolved, path, name, chance));
            case "number" -> NEW.numberNode(figure(resolved, chance));
            case "integer" -> NEW.numberNode((long) Math.rint(figure(resolved, chance)));
            case "boolean" -> NEW.booleanNode(chance.percent(50));
            default -> NEW.nullNode();
        };
    }

    private JsonNode resolved(JsonNode schema, Chance chance) {
        JsonNode now = schema;
        while (now.has("$ref") || now.has("anyOf") || now.has("oneOf")) {
            if (now.has("$ref")) {
                now = schemas.get(now.get("$ref").asString().replaceAll(".*/", ""));
            } else {
                JsonNode choices = now.has("anyOf") ? now.get("anyOf") : now.get("oneOf");
                now = choices.get(chance.below(choices.size()));
            }
        }
        return now;
    }

    private static String type(JsonNode schema, Chance chance) {
        JsonNode type = schema.path("type");
        if (type.isArray()) {
            // Null is among them; mostly what is not.
            return chance.percent(15) ? "null" : type.get(0).asString();
        }
        return type.asString(schema.has("properties") ? "object" : "null");
    }

    private JsonNode object(JsonNode schema, String path, int depth, Chance chance) {
        Set<String> fields = new LinkedHashSet<>(schema.path("properties").propertyNames());
        List<JsonNode> seen = fields.isEmpty() ? List.of() : harvest.like(fields);
        if (!seen.isEmpty() && chance.percent(75)) {
            ObjectNode copy = (ObjectNode) chance.one(seen).deepCopy();
            copy.retain(fields);
            return copy;
        }
        ObjectNode o = NEW.objectNode();
        if (depth > DEEPEST) {
            return o;
        }
        schema.path("properties").properties().forEach(p -> {
            if (chance.percent(85)) {
                o.set(p.getKey(), value(p.getValue(), path, p.getKey(), depth + 1, chance));
            }
        });
        return o;
    }

    private String text(JsonNode schema, String path, String name, Chance chance) {
        if (name.equals("folder")) {
            return chance.percent(70) ? folder : chance.one(List.of("", "nowhere", "\u0000", folder + "/../x"));
        }
        String format = schema.path("format").asString("");
        boolean isId = format.equals("uuid") || name.endsWith("Id") || name.equals("id");
        if (isId && chance.percent(85)) {
            List<String> own = harvest.ids(path);
            return chance.one(chance.percent(50) && !own.isEmpty() ? own : harvest.ids());
        }
        return switch (format) {
            case "uuid" -> chance.id();
            case "date" -> day(chance);
            case "date-time" -> day(chance) + "T" + (10 + chance.below(14)) + ":00:00Z";
            default ->
                chance.percent(40)
                        ? chance.oddText()
                        : chance.one(List.of(
                                "Ottilie Spar", "F1", "L2", "D1.3", "SPIRAL", day(chance), "12:30", "ml", "Jet"));
        };
    }

    private static String day(Chance chance) {
        return "20" + (26 + chance.below(3)) + "-0" + (1 + chance.below(9)) + "-" + (10 + chance.below(22));
    }

    private static double figure(JsonNode schema, Chance chance) {
        if (schema.has("minimum") && schema.has("maximum") && chance.percent(70)) {
            double low = schema.get("minimum").asDouble();
            double high = schema.get("maximum").asDouble();
            return chance.percent(20) ? (chance.percent(50) ? low : high) : chance.between(low, high);
        }
        return chance.percent(50) ? chance.below(20) : chance.oddFigure();
    }
}
