package gyrotaxis.server.documents;

import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.stock.LineId;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Describes {@link VisitEvent} as {@link VisitEventModule} writes it: one of many records, told apart by {@code kind}. */
@Component
@Order(VisitEventSchema.BEFORE_WHAT_LOOKS_AT_EVERY_SCHEMA)
@SuppressWarnings({"rawtypes", "unchecked"})
class VisitEventSchema implements OpenApiCustomizer {
    static final int BEFORE_WHAT_LOOKS_AT_EVERY_SCHEMA = -1;

    private static final String NULL = "null";
    private static final String FIRST = ref(VisitEventModule.events().get(0)).get$ref();

    private static final Map<Class<?>, Class<?>> WRITTEN_AS = Map.of(
            ShareRef.class, int.class,
            Share.class, int.class,
            RowId.class, String.class,
            LineId.class, UUID.class);

    @Override
    public void customise(OpenAPI api) {
        Map<String, Schema> schemas = api.getComponents().getSchemas();
        Discriminator byKind = new Discriminator().propertyName("kind");
        Schema any = new Schema().discriminator(byKind);
        for (Class<?> event : VisitEventModule.events()) {
            Schema schema = record(event, schemas);
            schema.getProperties().put("kind", oneOf(List.of(VisitEventModule.kind(event))));
            schemas.put(event.getSimpleName(), schema);
            Schema ref = ref(event);
            any.addOneOfItem(ref);
            byKind.mapping(VisitEventModule.kind(event), ref.get$ref());
        }
        WRITTEN_AS.keySet().forEach(type -> schemas.remove(type.getSimpleName()));
        schemas.values().forEach(VisitEventSchema::nameTheUnion);
        schemas.put(VisitEvent.class.getSimpleName(), any);
    }

    /** A sealed type is described where it is used, all its records one after the other; here it has a name. */
    private static void nameTheUnion(Schema schema) {
        Map<String, Schema> properties = schema.getProperties();
        if (properties != null) {
            properties.replaceAll((name, property) -> {
                List<Schema> oneOf = property.getOneOf();
                return oneOf != null && oneOf.stream().anyMatch(o -> FIRST.equals(o.get$ref()))
                        ? ref(VisitEvent.class)
                        : property;
            });
        }
    }

    private static Schema record(Class<?> type, Map<String, Schema> schemas) {
        Map<String, Schema> properties = new LinkedHashMap<>();
        for (RecordComponent c : type.getRecordComponents()) {
            properties.put(c.getName(), of(c.getGenericType(), schemas));
        }
        Schema schema = new Schema().types(Set.of("object"));
        schema.setProperties(properties);
        return schema;
    }

    private static Schema of(Type type, Map<String, Schema> schemas) {
        if (type instanceof ParameterizedType p) {
            Schema inner = of(p.getActualTypeArguments()[0], schemas);
            return p.getRawType() == Optional.class ? orNull(inner) : array(inner, (Class<?>) p.getRawType());
        }
        Class<?> written = WRITTEN_AS.getOrDefault((Class<?>) type, (Class<?>) type);
        if (written == int.class) {
            return number("integer", "int32");
        } else if (written == long.class) {
            return number("integer", "int64");
        } else if (written == double.class) {
            return number("number", "double");
        } else if (written == OptionalInt.class) {
            return orNull(number("integer", "int32"));
        } else if (written == OptionalDouble.class) {
            return orNull(number("number", "double"));
        } else if (written == UUID.class) {
            return text().format("uuid");
        } else if (written.isEnum()) {
            return oneOf(Stream.of(written.getEnumConstants())
                    .map(c -> ((Enum<?>) c).name())
                    .toList());
        } else if (written.isRecord()) {
            schemas.put(written.getSimpleName(), record(written, schemas));
            return ref(written);
        }
        return text();
    }

    private static Schema array(Schema items, Class<?> collection) {
        if (!Collection.class.isAssignableFrom(collection)) {
            throw new IllegalStateException(collection + " has no description");
        }
        return new Schema().types(Set.of("array")).items(items);
    }

    /** What may be missing is null; beside a reference, types would not be read. */
    private static Schema orNull(Schema schema) {
        return schema.get$ref() != null
                ? new Schema().anyOf(List.of(schema, new Schema().types(Set.of(NULL))))
                : schema.types(new LinkedHashSet<>(
                        List.of((String) schema.getTypes().iterator().next(), NULL)));
    }

    private static Schema ref(Class<?> type) {
        return new Schema().$ref("#/components/schemas/" + type.getSimpleName());
    }

    private static Schema text() {
        return new Schema().types(Set.of("string"));
    }

    private static Schema oneOf(List<String> names) {
        Schema schema = text();
        schema.setEnum(names);
        return schema;
    }

    private static Schema number(String type, String format) {
        return new Schema().types(Set.of(type)).format(format);
    }
}
