package gyrotaxis.server.shared;

import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How this studio's server is set up.
 *
 * @param dataDir folder of the database
 * @param passphrase asked of every browser; needed before the server may listen beyond this machine
 * @param hosts names under which the server may be addressed, besides this machine's own
 * @param demo whether an empty database is filled with the made-up studio
 * @param demoVisits how many visits of its past year are made up, about
 */
@ConfigurationProperties("gyrotaxis")
public record Settings(
        Path dataDir,
        @Nullable String passphrase,
        @DefaultValue List<String> hosts,
        @DefaultValue("false") boolean demo,
        @DefaultValue("110") int demoVisits) {}
