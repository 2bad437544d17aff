package gyrotaxis.server.door;

import static org.springframework.http.HttpMethod.DELETE;
import static org.springframework.http.HttpMethod.GET;
import static org.springframework.http.HttpMethod.POST;
import static org.springframework.http.HttpMethod.PUT;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;

/**
 * Who may ask what, in the studio's network. The first rule that fits decides; what no rule names nobody may.
 *
 * <p>Erasing a client cannot be undone, so it is the owner's alone; a stylist may take her file out.
 */
final class Rules {
    private Rules() {}

    /** The least role that may; null for everybody, signed in or not. */
    private record Rule(@Nullable Role least, @Nullable HttpMethod method, List<String> paths) {
        static Rule of(@Nullable Role least, @Nullable HttpMethod method, String... paths) {
            return new Rule(least, method, List.of(paths));
        }
    }

    private static final List<Rule> ALL = List.of(
            Rule.of(null, GET, "/api/door", "/actuator/health"),
            Rule.of(
                    null,
                    POST,
                    "/api/door/first",
                    "/api/door/sign-in",
                    "/api/door/switch",
                    "/api/door/invited",
                    "/api/door/take-invitation"),
            Rule.of(Role.OWNER, null, "/api/door/members/**", "/api/door/deeds", "/api/openapi/**", "/api/backups/**"),
            Rule.of(Role.LEARNER, null, "/api/door/**"),
            Rule.of(
                    Role.LEARNER,
                    GET,
                    "/api/words",
                    "/api/hair-lines",
                    "/api/methods",
                    "/api/patterns",
                    "/api/practice/**"),
            // What is only computed, from what is sent along, and what a learner tried; nothing of a client is looked
            // up.
            Rule.of(
                    Role.LEARNER,
                    POST,
                    "/api/plan/**",
                    "/api/plans/opened",
                    "/api/wear",
                    "/api/look",
                    "/api/fills",
                    "/api/stopping",
                    "/api/ways-out",
                    "/api/findings",
                    "/api/reckonings",
                    "/api/practice/drills/*/judged",
                    "/api/practice/exercises/{id}/judged",
                    "/api/practice/knots",
                    "/api/practice/learners",
                    "/api/practice/learners/{id}/hands",
                    "/api/compare",
                    "/api/balance"),
            Rule.of(Role.OWNER, DELETE, "/api/clients/{id}", "/api/practice/learners/{id}"),
            Rule.of(Role.STYLIST, GET, "/api/people"),
            Rule.of(Role.OWNER, null, "/api/people/**"),
            Rule.of(Role.STYLIST, GET, "/api/find", "/api/shopping/**", "/api/stills", "/api/worksheets/{id}"),
            Rule.of(Role.STYLIST, POST, "/api/diary/free", "/api/diary/calendar"),
            Rule.of(Role.STYLIST, GET, "/api/diary", "/api/diary/calendar.ics"),
            Rule.of(Role.STYLIST, PUT, "/api/learning/**"),
            Rule.of(Role.STYLIST, GET, "/api/learning/**"),
            Rule.of(
                    Role.STYLIST,
                    null,
                    "/api/appointments/**",
                    "/api/clients/**",
                    "/api/follow-ups/**",
                    "/api/hair-lines/**",
                    "/api/messages/**",
                    "/api/methods/**",
                    "/api/orders/**",
                    "/api/outside/**",
                    "/api/patterns/**",
                    "/api/plans/**",
                    "/api/practice/exercises/**",
                    "/api/stock/**",
                    "/api/visits/**"));

    /** Lays them down; the page itself holds nothing that is anybody's, so everybody may have it. */
    static void lay(AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizationManagerRequestMatcherRegistry a) {
        for (Rule rule : ALL) {
            String[] paths = rule.paths().toArray(String[]::new);
            var which = rule.method() == null ? a.requestMatchers(paths) : a.requestMatchers(rule.method(), paths);
            if (rule.least() == null) {
                which.permitAll();
            } else {
                which.hasRole(rule.least().name());
            }
        }
        a.requestMatchers("/api/**", "/actuator/**").denyAll();
        a.requestMatchers(GET, "/**").permitAll();
        a.anyRequest().denyAll();
    }
}
