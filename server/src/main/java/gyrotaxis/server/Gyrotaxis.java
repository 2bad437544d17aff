package gyrotaxis.server;

import gyrotaxis.core.plan.Planner;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import tools.jackson.core.StreamWriteFeature;

/** The application: one process that serves the front end, the API and the data of one studio. */
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

    /** A plan is some thousands of coordinates, written down at every move of a handle. */
    @Bean
    JsonMapperBuilderCustomizer quickFigures() {
        return json -> json.enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER);
    }

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
