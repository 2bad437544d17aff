package gyrotaxis.server.door;

import gyrotaxis.server.requests.Refusal;
import gyrotaxis.server.shared.Settings;
import jakarta.servlet.DispatcherType;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.hierarchicalroles.RoleHierarchy;
import org.springframework.security.access.hierarchicalroles.RoleHierarchyImpl;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.CsrfConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer.HstsConfig;
import org.springframework.security.config.annotation.web.configurers.LogoutConfigurer;
import org.springframework.security.config.annotation.web.configurers.RequestCacheConfigurer;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may ask, and what a browser may do with the answer. */
@Configuration(proxyBeanMethods = false)
class DoorSecurity {
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
    SecurityFilterChain chain(
            HttpSecurity http,
            Settings settings,
            CsrfTokenRepository tokens,
            SecurityContextRepository contexts,
            Clock clock) {
        http.csrf(CsrfConfigurer::spa)
                .csrf(c -> c.csrfTokenRepository(tokens))
                .securityContext(c -> c.securityContextRepository(contexts))
                // Whoever is refused is told so; the page knows by itself where it was.
                .requestCache(RequestCacheConfigurer::disable)
                // Signing out is the door's own request; this one would be a second way that keeps no note of it.
                .logout(LogoutConfigurer::disable)
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(CONTENT_POLICY))
                        // It would hold for every port of this machine, also for what is not ours and has no TLS.
                        .httpStrictTransportSecurity(HstsConfig::disable)
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN)))
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, cause) ->
                                Refusal.write(response, HttpStatus.UNAUTHORIZED, "Sign in first."))
                        .accessDeniedHandler((request, response, cause) -> Refusal.write(
                                response,
                                HttpStatus.FORBIDDEN,
                                cause instanceof CsrfException
                                        ? "This page is out of date. Load it anew and try once more."
                                        : "You may not do this here. The studio's owner can change what you may.")))
                .authorizeHttpRequests(a -> {
                    // Where a refusal is written, and where an answer goes on that was let in before: asking who is
                    // there once more
                    // would turn every 403 into a 401.
                    a.dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.ASYNC)
                            .permitAll();
                    if (settings.studio()) {
                        Rules.lay(a);
                    } else {
                        a.anyRequest().permitAll();
                    }
                });
        http.addFilterBefore(new SessionEnd(clock), SecurityContextHolderFilter.class);
        return http.build();
    }

    @Bean
    CsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(c -> c.sameSite("Strict"));
        return tokens;
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    RoleHierarchy roles() {
        return RoleHierarchyImpl.withDefaultRolePrefix()
                .role(Role.OWNER.name())
                .implies(Role.STYLIST.name())
                .role(Role.STYLIST.name())
                .implies(Role.LEARNER.name())
                .build();
    }

    /** Nobody signs in by a way that is not the door's own; without this one, one would be made up with a password in the log. */
    @Bean
    AuthenticationManager nobodyElse() {
        return authentication -> {
            throw new BadCredentialsException("there is no such way in");
        };
    }
}
