package gyrotaxis.server.shared;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How this studio's server is set up.
 *
 * @param dataDir folder of the database
 * @param studio whether it is opened to the studio's network: with TLS, to those who sign in
 * @param plainPort where, without TLS, only the way to the address with TLS is told; 0 for any that is free
 * @param hosts names under which the server may be addressed, besides this machine's own
 * @param deedsKept how long it is kept who did what
 * @param demo whether a data folder without a database begins with the made-up studio
 */
@ConfigurationProperties("gyrotaxis")
public record Settings(
        Path dataDir,
        @DefaultValue("false") boolean studio,
        @DefaultValue("8420") int plainPort,
        @DefaultValue List<String> hosts,
        @DefaultValue("90d") Duration deedsKept,
        @DefaultValue("false") boolean demo) {}
