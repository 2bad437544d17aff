package gyrotaxis.server;

import gyrotaxis.core.plan.Planner;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

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

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
