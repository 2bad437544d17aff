package gyrotaxis.server.fuzz;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A request that can be kept in a file and sent again.
 *
 * @param role of whoever sends it: OWNER, STYLIST, LEARNER or NOBODY
 * @param path with its query, escaped
 * @param headers besides the cookie and its token
 * @param body empty for none
 */
public record FuzzRequest(String role, String method, String path, Map<String, String> headers, byte[] body) {
    private static final JsonMapper JSON = new JsonMapper();

    /** Writes it down, with what it was answered. */
    public void keep(Path file, String answer) throws IOException {
        ObjectNode o = JSON.createObjectNode();
        o.put("role", role).put("method", method).put("path", path);
        ObjectNode h = o.putObject("headers");
        headers.forEach(h::put);
        // Each byte is a letter, so that nothing of it is lost and text can be read.
        o.put("body", new String(body, StandardCharsets.ISO_8859_1));
        o.put("answer", answer);
        Files.createDirectories(file.getParent());
        Files.writeString(file, JSON.writerWithDefaultPrettyPrinter().writeValueAsString(o));
    }

    public static FuzzRequest read(Path file) throws IOException {
        JsonNode o = JSON.readTree(Files.readString(file));
        Map<String, String> headers = new TreeMap<>();
        o.get("headers")
                .properties()
                .forEach(h -> headers.put(h.getKey(), h.getValue().asString()));
        return new FuzzRequest(
                o.get("role").asString(),
                o.get("method").asString(),
                o.get("path").asString(),
                headers,
                o.get("body").asString().getBytes(StandardCharsets.ISO_8859_1));
    }

    @Override
    public String toString() {
        return role + " " + method + " " + path;
    }
}
