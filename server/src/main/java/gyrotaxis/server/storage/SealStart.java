package gyrotaxis.server.storage;

import gyrotaxis.server.shared.CannotStart;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/** Opens a sealed book with the passphrase that was given, before anything else does. */
final class SealStart implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    @Override
    public void initialize(ConfigurableApplicationContext context) {
        ConfigurableEnvironment environment = context.getEnvironment();
        Path folder = Path.of(environment.getRequiredProperty("gyrotaxis.data-dir"));
        try {
            String password = new DatabaseEncryption(folder).password(environment.getProperty("gyrotaxis.key"));
            if (password != null) {
                environment
                        .getPropertySources()
                        .addFirst(new MapPropertySource(
                                "seal",
                                Map.of(
                                        "spring.datasource.url",
                                        environment.getRequiredProperty("spring.datasource.url")
                                                + DatabaseEncryption.suffix(),
                                        "spring.datasource.password",
                                        password)));
            }
        } catch (IOException e) {
            throw new CannotStart(
                    "Whether the book in " + folder + " is sealed cannot be read: " + e.getMessage() + ".",
                    "Look whether the folder can be read.");
        }
    }
}
