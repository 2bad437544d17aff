package gyrotaxis.server.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import gyrotaxis.server.documents.StoredDocument;
import gyrotaxis.server.documents.StoredDocument.Form;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is kept, as JSON for another book: what it is, what it is called, and the document in the form in which it is kept, so that a file
 * of an older form goes the same way as an old book. The newest form of each is described by its schema.
 */
@Component
class KeptFile {
    private static final String KIND = "gyrotaxis";
    private static final String NAME = "name";
    private static final String FORMAT = "format";

    /** What can be in a file. */
    enum Kind {
        PLAN("plan", "plan", Form.PLAN, ""),
        PATTERN("pattern", "pattern", Form.PATTERN, "foundation"),
        METHOD("method", "method", Form.METHOD, "method"),
        WORKSHEET("worksheet", "worksheet", Form.WORK_SHEET, "sheet");

        private final String id;
        private final String words;
        private final Form form;

        /** Under which the document stands; empty where it is the file itself. */
        private final String property;

        Kind(String id, String words, Form form, String property) {
            this.id = id;
            this.words = words;
            this.form = form;
            this.property = property;
        }

        String id() {
            return id;
        }

        String property() {
            return property;
        }

        /** Where its schema lies among the resources. */
        String schema() {
            return "schemas/" + id + ".schema.json";
        }

        /** What is said of a file that holds nothing of it. */
        String refusal() {
            return "This is no " + words + ". Choose a file that was saved as a " + words + ".";
        }
    }

    /** What is wrong at a place in the file; the place is empty if all of it is wrong. */
    record FileFault(String place, String reason) {}

    private final StoredDocument kept;
    private final JsonMapper json;
    private final Map<Kind, Schema> schemas = new EnumMap<>(Kind.class);

    KeptFile(StoredDocument kept, JsonMapper json) {
        this.kept = kept;
        this.json = json;
        SchemaRegistry registry = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12);
        for (Kind kind : Kind.values()) {
            schemas.put(kind, registry.getSchema(text(kind.schema()), InputFormat.JSON));
        }
    }

    private static String text(String resource) {
        try (InputStream in = KeptFile.class.getClassLoader().getResourceAsStream(resource)) {
            return new String(Objects.requireNonNull(in, resource).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A file of it. */
    ObjectNode document(Kind kind, String name, Object body) {
        ObjectNode file = json.createObjectNode().put(KIND, kind.id).put(NAME, name);
        ObjectNode document = (ObjectNode) json.readTree(kept.write(kind.form, body));
        if (kind.property.isEmpty()) {
            document.properties().forEach(p -> file.set(p.getKey(), p.getValue()));
        } else {
            file.set(FORMAT, document.remove(FORMAT));
            file.set(kind.property, document);
        }
        return file;
    }

    byte[] written(ObjectNode document) {
        return json.writerWithDefaultPrettyPrinter()
                .writeValueAsString(document)
                .getBytes(StandardCharsets.UTF_8);
    }

    /** What is wrong with a file; whether it makes anything is another matter. */
    List<FileFault> faults(Kind kind, JsonNode file) {
        boolean isIts = file.isObject()
                && file.path(KIND).asString("").equals(kind.id)
                && (kind.property.isEmpty() || file.path(kind.property).isObject());
        if (!isIts) {
            return List.of(new FileFault("", kind.refusal()));
        }
        if (file.path(FORMAT).asInt(1) != kind.form.newest()) {
            // Older ones are brought up to date step by step as they are read, newer ones are refused there.
            return List.of();
        }
        return Objects.requireNonNull(schemas.get(kind)).validate(file).stream()
                .sorted(Comparator.comparing(e -> e.getInstanceLocation().toString()))
                .map(KeptFile::fault)
                .toList();
    }

    private static FileFault fault(Error e) {
        String place = e.getInstanceLocation().toString();
        String said = e.getMessage();
        return new FileFault(place, said.startsWith(place + ": ") ? said.substring(place.length() + 2) : said);
    }

    /** The name in a file; empty if there is none. */
    String name(JsonNode file) {
        return file.path(NAME).asString("").strip();
    }

    /**
     * What stands in a file that has no faults.
     *
     * @throws StoredDocument.NewerFormat if it was written by a newer version
     * @throws StoredDocument.Unreadable if it cannot be what it says
     */
    <T> T read(Kind kind, JsonNode file, Class<T> type) {
        if (kind.property.isEmpty()) {
            return kept.read(kind.form, file.toString(), type);
        }
        ObjectNode document = (ObjectNode) file.path(kind.property).deepCopy();
        document.set(
                FORMAT,
                file.path(FORMAT).isMissingNode() ? json.getNodeFactory().numberNode(1) : file.path(FORMAT));
        return kept.read(kind.form, document.toString(), type);
    }
}
