package gyrotaxis.server.shared;

import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the API, from which the front end's types are made. */
@Configuration(proxyBeanMethods = false)
class ApiDocs {
    /** Every property is always present; what may be missing is null. That keeps the generated types exact. */
    @Bean
    @SuppressWarnings({"rawtypes", "unchecked"})
    OpenApiCustomizer everythingIsPresent() {
        return api -> {
            api.info(new Info().title("Gyrotaxis").version("1"));
            // Not the address of whoever asked: the description must be the same everywhere.
            api.servers(List.of());
            Map<String, Schema> schemas = api.getComponents().getSchemas();
            for (Schema schema : schemas.values()) {
                Map<String, Schema> properties = schema.getProperties();
                if (properties != null) {
                    schema.setRequired(new ArrayList<>(properties.keySet()));
                    properties.replaceAll((name, property) -> orNull(property));
                }
            }
        };
    }

    /** A reference that may be null is written as a choice; beside a reference, types would not be read. */
    @SuppressWarnings({"rawtypes", "unchecked"})
    private static Schema orNull(Schema property) {
        if (property.get$ref() == null
                || property.getTypes() == null
                || !property.getTypes().contains("null")) {
            return property;
        }
        return new Schema().anyOf(List.of(new Schema().$ref(property.get$ref()), new Schema().types(Set.of("null"))));
    }
}
