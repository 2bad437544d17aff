package gyrotaxis.server.fuzz;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/** What a server's answers hold that a request may name or send back: ids by the place they came from, and objects by their fields. */
public final class Harvest {
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    private static final int MAX_OF_A_KIND = 6;

    /** How much of a form's fields an object has to have to be sent in its place. */
    private static final double ALIKE = 0.6;

    private final Map<String, Set<String>> ids = new LinkedHashMap<>();
    private final Map<Set<String>, List<JsonNode>> objects = new LinkedHashMap<>();
    private final Map<Set<String>, List<JsonNode>> fitting = new ConcurrentHashMap<>();

    /** Takes all there is from an answer. */
    public void take(String path, JsonNode answer) {
        for (JsonNode child : answer) {
            take(path, child);
        }
        if (answer.isString() && ID.matcher(answer.asString()).matches()) {
            ids.computeIfAbsent(place(path), p -> new LinkedHashSet<>()).add(answer.asString());
        }
        if (answer.isObject() && !answer.isEmpty()) {
            List<JsonNode> alike =
                    objects.computeIfAbsent(new LinkedHashSet<>(answer.propertyNames()), f -> new ArrayList<>());
            if (alike.size() < MAX_OF_A_KIND) {
                alike.add(answer);
            }
        }
    }

    /** The first part of an address after "/api", as "clients". */
    private static String place(String path) {
        String[] parts = path.split("[/?]");
        return parts.length > 2 ? parts[2] : "";
    }

    /** Ids that were seen in answers of the same place. */
    public List<String> ids(String path) {
        return List.copyOf(ids.getOrDefault(place(path), Set.of()));
    }

    /** All ids. */
    List<String> ids() {
        return ids.values().stream().flatMap(Set::stream).toList();
    }

    /** Objects that have most of the fields. */
    List<JsonNode> like(Set<String> fields) {
        return fitting.computeIfAbsent(
                fields,
                f -> objects.entrySet().stream()
                        .filter(o -> overlap(o.getKey(), f) >= ALIKE)
                        .flatMap(o -> o.getValue().stream())
                        .toList());
    }

    private static double overlap(Set<String> object, Set<String> fields) {
        return fields.stream().filter(object::contains).count() / (double) fields.size();
    }
}
