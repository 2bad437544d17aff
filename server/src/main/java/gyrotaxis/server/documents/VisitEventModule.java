package gyrotaxis.server.documents;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.stock.LineId;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.ToStringSerializer;

/**
 * Reads and writes the core's {@link VisitEvent} as it is: its components by their names, and in {@code kind} which event
 * it is. Rows, shares, sizes and lines are single values.
 */
@Component
public class VisitEventModule extends SimpleModule {
    private static final long serialVersionUID = 1L;

    public VisitEventModule() {
        setMixInAnnotation(VisitEvent.class, VisitEventMixin.class);
        setMixInAnnotation(ShareRef.class, ShareRefMixin.class);
        setMixInAnnotation(Share.class, ShareMixin.class);
        setMixInAnnotation(LineId.class, LineIdMixin.class);
        addSerializer(RowId.class, ToStringSerializer.instance);
        addDeserializer(RowId.class, new RowIdDeserializer());
        events().forEach(type -> registerSubtypes(new NamedType(type, kind(type))));
    }

    /** All that can happen, by name. */
    static List<Class<?>> events() {
        return Stream.<Class<?>>of(VisitEvent.class.getPermittedSubclasses())
                .sorted(Comparator.comparing(Class::getSimpleName))
                .toList();
    }

    /** All kinds of events, as they are written. */
    public static List<String> kinds() {
        return events().stream().map(VisitEventModule::kind).toList();
    }

    /** How an event is named in {@code kind}: {@code SHARES_HOOKED}. */
    static String kind(Class<?> event) {
        return event.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "_").toUpperCase(Locale.ROOT);
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    private interface VisitEventMixin {}

    private abstract static class ShareRefMixin {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        ShareRefMixin(int number) {}

        @JsonValue
        abstract int number();
    }

    private abstract static class ShareMixin {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        ShareMixin(int parts) {}

        @JsonValue
        abstract int parts();
    }

    private abstract static class LineIdMixin {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        LineIdMixin(UUID value) {}

        @JsonValue
        abstract UUID value();
    }

    private static final class RowIdDeserializer extends StdDeserializer<RowId> {
        RowIdDeserializer() {
            super(RowId.class);
        }

        @Override
        public RowId deserialize(JsonParser p, DeserializationContext context) {
            String text = p.getString();
            return RowId.parse(text)
                    .orElseThrow(() -> new IllegalArgumentException("row is \"" + text + "\", which names none"));
        }
    }
}
