package gyrotaxis.server.documents;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.Nulls;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes and reads what is kept for years.
 *
 * <p>Every document carries the number of its format. An older one goes step by step through the {@link Upgrades} to the newest
 * before it is read; properties that nobody knows any more, or not yet, are passed over. Requests are another matter: they are
 * read strictly, so that nobody believes something was taken down that was not. To change a form: write the step from the
 * newest format to the next, add it to the form's list, and keep a document of the old format in the test corpus.
 */
@Component
public class StoredDocument {
    private static final String FORMAT = "format";

    /** The forms in which things are kept, each with the steps from its first format on. */
    public enum Form {
        PLAN(List.of(
                Upgrades::planFrom1,
                Upgrades::planFrom2,
                Upgrades::asUsual,
                Upgrades::planFrom4,
                Upgrades::asUsual,
                Upgrades::asUsual)),
        PATTERN(List.of(Upgrades::patternFrom1, Upgrades::patternFrom2)),
        METHOD(List.of(Upgrades::asUsual, Upgrades::asUsual, Upgrades::asUsual)),
        HEAD(List.of(Upgrades::headFrom1)),
        HAIR(List.of(Upgrades::asUsual)),
        WORK_SHEET(List.of(Upgrades::asUsual, Upgrades::asUsual, Upgrades::sheetFrom3)),
        VISIT_EVENT(List.of(Upgrades::visitEventFrom1));

        private final List<UnaryOperator<ObjectNode>> upgrades;

        Form(List<UnaryOperator<ObjectNode>> upgrades) {
            this.upgrades = upgrades;
        }

        private String words() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }

        /** The newest format, from 1. */
        public int newest() {
            return upgrades.size() + 1;
        }
    }

    private final JsonMapper json;

    /** Leaves out what is not said: it is read as not said again, and takes most of the room. */
    private final JsonMapper sparing;

    StoredDocument(JsonMapper json) {
        this.json = json.rebuild()
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .changeDefaultNullHandling(n -> n.withContentNulls(Nulls.SKIP))
                .build();
        this.sparing = this.json
                .rebuild()
                .changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_NULL))
                .build();
    }

    /** A document of the newest format. */
    public String write(Form form, Object body) {
        ObjectNode document = json.createObjectNode().put(FORMAT, form.newest());
        sparing.valueToTree(body).properties().forEach(p -> document.set(p.getKey(), p.getValue()));
        return json.writeValueAsString(document);
    }

    /** A document of the newest format, packed: a tenth of its room. */
    public byte[] pack(Form form, Object body) {
        return packed(write(form, body));
    }

    /** Any text, packed. */
    public static byte[] packed(String document) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream to = new GZIPOutputStream(bytes)) {
            to.write(document.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /**
     * What a packed document of any format says.
     *
     * @throws NewerFormat if it was written by a newer version than this one
     * @throws Unreadable if it is no document of this form
     */
    public <T> T unpack(Form form, byte[] packed, Class<T> type) {
        try (GZIPInputStream from = new GZIPInputStream(new ByteArrayInputStream(packed))) {
            return read(form, new String(from.readAllBytes(), StandardCharsets.UTF_8), type);
        } catch (IOException e) {
            throw new Unreadable(form, e);
        }
    }

    /**
     * What a document of any format says.
     *
     * @throws NewerFormat if it was written by a newer version than this one
     * @throws Unreadable if it is no document of this form
     */
    public <T> T read(Form form, String document, Class<T> type) {
        try {
            return json.treeToValue(upgraded(form, json.readTree(document)), type);
        } catch (JacksonException | ClassCastException | IndexOutOfBoundsException e) {
            // The steps take what was kept at its word; what was never kept so breaks in one of these ways.
            throw new Unreadable(form, e);
        }
    }

    /** A document in the newest format. */
    ObjectNode upgraded(Form form, JsonNode document) {
        boolean isList = form == Form.HEAD && document instanceof ArrayNode;
        ObjectNode now = isList ? Upgrades.listAs("regions", (ArrayNode) document) : (ObjectNode) document;
        // The first format had no number.
        int format = now.path(FORMAT).asInt(1);
        if (format > form.newest()) {
            throw new NewerFormat(form, format);
        }
        for (UnaryOperator<ObjectNode> step : form.upgrades.subList(format - 1, form.upgrades.size())) {
            now = step.apply(now);
        }
        now.remove(FORMAT);
        return now;
    }

    /** A document that cannot be read. */
    public static class Unreadable extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Unreadable(Form form, Throwable why) {
            super("This is no " + form.words() + " that was ever kept here.", why);
        }

        private Unreadable(String why) {
            super(why);
        }
    }

    /** A document that only a newer version can read. */
    public static final class NewerFormat extends Unreadable {
        private static final long serialVersionUID = 1L;

        NewerFormat(Form form, int format) {
            super("This " + form.words() + " was kept in format " + format + "; this version reads up to "
                    + form.newest() + ". Open it with the version that kept it, or a newer one.");
        }
    }
}
