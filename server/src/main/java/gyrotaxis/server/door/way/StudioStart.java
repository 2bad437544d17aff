package gyrotaxis.server.door.way;

import gyrotaxis.server.shared.CannotStart;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/**
 * Opens the server to the studio's network with TLS if it is to be, before anything listens; keeps it to this machine otherwise.
 *
 * <p>What it sets goes before all settings from outside but its own: nobody opens the network without TLS by a setting.
 */
final class StudioStart implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    /** The names that were asked for by a setting, without those that this machine has by itself. */
    static final String ASKED_HOSTS = "gyrotaxis.asked-hosts";

    private static final String BUNDLE = "studio";
    private static final String STORE = "spring.ssl.bundle.jks." + BUNDLE + ".";

    /** Authenticated encryption and keys of their own for each connection alone: TLS 1.2 without CBC. SOURCE: RFC 9325, 4.2. */
    private static final List<String> CIPHERS = List.of(
            "TLS_AES_256_GCM_SHA384",
            "TLS_CHACHA20_POLY1305_SHA256",
            "TLS_AES_128_GCM_SHA256",
            "TLS_ECDHE_ECDSA_WITH_AES_256_GCM_SHA384",
            "TLS_ECDHE_ECDSA_WITH_CHACHA20_POLY1305_SHA256",
            "TLS_ECDHE_ECDSA_WITH_AES_128_GCM_SHA256",
            "TLS_ECDHE_RSA_WITH_AES_256_GCM_SHA384",
            "TLS_ECDHE_RSA_WITH_CHACHA20_POLY1305_SHA256",
            "TLS_ECDHE_RSA_WITH_AES_128_GCM_SHA256");

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        ConfigurableEnvironment environment = context.getEnvironment();
        if (environment.getProperty("gyrotaxis.passphrase") != null) {
            throw new CannotStart(
                    "One passphrase for all is no longer asked for.",
                    "Start with ./gyrotaxis run --studio, where everybody signs in by herself, and leave GYROTAXIS_PASSPHRASE out.");
        }
        if (!environment.getProperty("gyrotaxis.studio", Boolean.class, false)) {
            refuseToOpen(environment.getProperty("server.address", "127.0.0.1"));
            return;
        }
        Machine machine = Machine.here();
        Certificates certificates =
                new Certificates(Path.of(environment.getRequiredProperty("gyrotaxis.data-dir")), Clock.systemUTC());
        List<String> asked = Stream.of(environment.getProperty("gyrotaxis.hosts", String[].class, new String[0]))
                .map(h -> h.toLowerCase(Locale.ROOT))
                .toList();
        certificates.ensure(names(machine, asked));
        Map<String, Object> set = new HashMap<>();
        List<String> hosts = new ArrayList<>(machine.hosts());
        hosts.addAll(asked);
        set.put(ASKED_HOSTS, String.join(",", asked));
        set.put("gyrotaxis.hosts", String.join(",", hosts));
        set.put("server.address", "0.0.0.0");
        set.put("server.ssl.bundle", BUNDLE);
        set.put(STORE + "options.enabled-protocols", "TLSv1.3,TLSv1.2");
        set.put(STORE + "options.ciphers", String.join(",", CIPHERS));
        set.put(STORE + "keystore.location", certificates.serverStore().toUri().toString());
        set.put(STORE + "keystore.password", certificates.secret());
        set.put(STORE + "keystore.type", "PKCS12");
        set.put(STORE + "key.alias", "server");
        set.put(STORE + "reload-on-update", "true");
        set.put("server.servlet.session.cookie.secure", "true");
        // No other page of this host can set a cookie that is called so (RFC 6265bis, 4.1.3.2).
        set.put("server.servlet.session.cookie.name", "__Host-gyrotaxis");
        environment.getPropertySources().addFirst(new MapPropertySource("studio", set));
    }

    /** Whatever a device may call this machine. */
    static Set<String> names(Machine machine, List<String> asked) {
        Set<String> names = new LinkedHashSet<>(machine.names());
        names.addAll(machine.addresses());
        names.addAll(asked);
        return names;
    }

    /** Client records do not leave this machine by accident. */
    private static void refuseToOpen(String address) {
        try {
            if (InetAddress.getByName(address).isLoopbackAddress()) {
                return;
            }
        } catch (UnknownHostException e) {
            throw new CannotStart("Nothing here is called " + address + ".", "Leave server.address out.");
        }
        throw new CannotStart(
                "The server is to listen on " + address
                        + ", which other machines can reach, without anybody signing in.",
                "Start with ./gyrotaxis run --studio, or listen on 127.0.0.1.");
    }
}
