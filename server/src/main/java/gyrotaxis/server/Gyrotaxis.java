package gyrotaxis.server;

import com.fasterxml.jackson.annotation.Nulls;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.server.text.ShortFigures;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.resilience.annotation.EnableResilientMethods;
import org.springframework.scheduling.annotation.EnableScheduling;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.module.SimpleModule;

/** The application: one process that serves the front end, the API and the data of one studio. */
@EnableScheduling
@EnableResilientMethods
@SpringBootApplication(proxyBeanMethods = false)
@ConfigurationPropertiesScan
public class Gyrotaxis {
    /** Starts the server. */
    public static void main(String[] args) {
        SpringApplication.run(Gyrotaxis.class, args);
    }

    @Bean
    Planner planner() {
        return new Planner();
    }

    /** An empty place in a list says nothing that could be done. */
    @Bean
    JsonMapperBuilderCustomizer noEmptyPlaces() {
        return json -> json.changeDefaultNullHandling(n -> n.withContentNulls(Nulls.FAIL));
    }

    @Bean
    JsonMapperBuilderCustomizer shortFigures() {
        ShortFigures figures = new ShortFigures();
        return json -> json.enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER)
                .addModule(
                        new SimpleModule().addSerializer(Double.class, figures).addSerializer(Double.TYPE, figures));
    }

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
