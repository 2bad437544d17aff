package gyrotaxis.server.shared;

import jakarta.servlet.DispatcherType;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.CsrfConfigurer;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may ask, and what a browser may do with the answer. */
@Configuration(proxyBeanMethods = false)
class WebSecurity {
    /** The only name there is to sign in with. */
    static final String USER = "studio";

    /** More than these are passed over by the hash that is kept of it (bcrypt), bytes. */
    private static final int LONGEST_PASSPHRASE = 72;

    private static final String CONTENT_POLICY = String.join(
            "; ",
            "default-src 'self'",
            "img-src 'self' data: blob:",
            // Dialogs keep the page behind them from scrolling by a style element of their own; scripts stay strict.
            "style-src 'self' 'unsafe-inline'",
            "object-src 'none'",
            "base-uri 'self'",
            "form-action 'self'",
            "frame-ancestors 'none'");

    @Bean
    SecurityFilterChain chain(HttpSecurity http, Settings settings) {
        boolean isOpen = settings.passphrase() == null;
        http.csrf(CsrfConfigurer::spa)
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN)))
                .authorizeHttpRequests(a -> {
                    // Where a refusal is written: asking who is there once more would turn every 403 into a 401.
                    a.dispatcherTypeMatchers(DispatcherType.ERROR).permitAll();
                    if (isOpen) {
                        a.anyRequest().permitAll();
                    } else {
                        a.anyRequest().authenticated();
                    }
                });
        if (!isOpen) {
            http.httpBasic(Customizer.withDefaults());
        }
        return http.build();
    }

    @Bean
    UserDetailsService users(Settings settings) {
        InMemoryUserDetailsManager users = new InMemoryUserDetailsManager();
        String passphrase = settings.passphrase();
        if (passphrase != null) {
            if (passphrase.getBytes(StandardCharsets.UTF_8).length > LONGEST_PASSPHRASE) {
                throw new CannotStart(
                        "The passphrase is longer than " + LONGEST_PASSPHRASE + " bytes.",
                        "Choose a shorter one in GYROTAXIS_PASSPHRASE; letters beyond the usual ones count twice and more.");
            }
            PasswordEncoder encoder = PasswordEncoderFactories.createDelegatingPasswordEncoder();
            users.createUser(
                    User.withUsername(USER).password(encoder.encode(passphrase)).build());
        }
        return users;
    }

    /** Client records do not leave this machine by accident. */
    @Bean
    Object listensBeyondThisMachineOnlyWithAPassphrase(Settings settings, @Value("${server.address}") String address)
            throws UnknownHostException {
        String passphrase = settings.passphrase();
        if (!InetAddress.getByName(address).isLoopbackAddress() && (passphrase == null || passphrase.isBlank())) {
            throw new CannotStart(
                    "The server is to listen on " + address
                            + ", which other machines can reach, but no passphrase is set.",
                    "Set one in GYROTAXIS_PASSPHRASE first, or listen on 127.0.0.1.");
        }
        return address;
    }
}
