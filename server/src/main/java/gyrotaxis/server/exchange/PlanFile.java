package gyrotaxis.server.exchange;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.HairInHand;
import gyrotaxis.server.language.Kept;
import gyrotaxis.server.language.Kept.Form;
import gyrotaxis.server.language.PlanForm;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A plan as JSON: its name, its brief, and the hair that this names, in the form in which plans are kept, so that a file of an older form
 * goes the same way as an old book. The newest form is described by {@code schemas/plan.schema.json}.
 */
@Component
class PlanFile {
    static final String SCHEMA = "schemas/plan.schema.json";
    private static final String KIND = "gyrotaxis";
    private static final String PLAN = "plan";
    private static final String NAME = "name";
    private static final String FORMAT = "format";

    private final Kept kept;
    private final JsonMapper json;
    private final Schema schema;

    PlanFile(Kept kept, JsonMapper json) {
        this.kept = kept;
        this.json = json;
        try (InputStream in = PlanFile.class.getClassLoader().getResourceAsStream(SCHEMA)) {
            String text = new String(Objects.requireNonNull(in, SCHEMA).readAllBytes(), StandardCharsets.UTF_8);
            schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(text, InputFormat.JSON);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What is wrong at a place in the file; the place is empty if all of it is wrong. */
    record PlanFault(String place, String reason) {}

    byte[] write(String name, BriefBody brief, HairInHand shelf) {
        ObjectNode file = json.createObjectNode().put(KIND, PLAN).put(NAME, name);
        json.readTree(kept.write(Form.PLAN, PlanForm.of(brief, shelf)))
                .properties()
                .forEach(p -> file.set(p.getKey(), p.getValue()));
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(file).getBytes(StandardCharsets.UTF_8);
    }

    /** What is wrong with a file; whether it makes a plan is another matter. */
    List<PlanFault> faults(JsonNode file) {
        if (!file.isObject() || !file.path(KIND).asString("").equals(PLAN)) {
            return List.of(new PlanFault("", "This is no plan. Choose a file that was saved as a plan."));
        }
        if (file.path(FORMAT).asInt(1) != Form.PLAN.newest()) {
            // Older ones are brought up to date step by step as they are read, newer ones are refused there.
            return List.of();
        }
        return schema.validate(file).stream()
                .sorted(Comparator.comparing(e -> e.getInstanceLocation().toString()))
                .map(PlanFile::fault)
                .toList();
    }

    private static PlanFault fault(Error e) {
        String place = e.getInstanceLocation().toString();
        String said = e.getMessage();
        return new PlanFault(place, said.startsWith(place + ": ") ? said.substring(place.length() + 2) : said);
    }

    /** The name in a file; empty if there is none. */
    String name(JsonNode file) {
        return file.path(NAME).asString("").strip();
    }

    /** What stands in a file that has no faults. */
    PlanForm read(JsonNode file) {
        return kept.read(Form.PLAN, file.toString(), PlanForm.class);
    }
}
