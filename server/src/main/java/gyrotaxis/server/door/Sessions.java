package gyrotaxis.server.door;

import gyrotaxis.server.shared.SessionsEnded;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Sessions of those who signed in; they lie in the database. */
@Component
class Sessions {
    /** The name of the device; a session without one is nobody's. */
    static final String DEVICE = "gyrotaxis.device";

    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final SecurityContextRepository contexts;
    private final CsrfAuthenticationStrategy tokens;
    private final ApplicationEventPublisher events;

    Sessions(
            FindByIndexNameSessionRepository<? extends Session> sessions,
            SecurityContextRepository contexts,
            CsrfTokenRepository tokens,
            ApplicationEventPublisher events) {
        this.sessions = sessions;
        this.contexts = contexts;
        this.tokens = new CsrfAuthenticationStrategy(tokens);
        this.events = events;
    }

    /**
     * A session as it is shown.
     *
     * @param handle names it without letting anybody take it over
     */
    record Open(UUID member, String handle, String device, Instant since, Instant seen) {}

    /** Begins one under a name that is new, whatever was shown before; so nobody can have known it. */
    void begin(Member m, String device, HttpServletRequest request, HttpServletResponse response) {
        HttpSession before = request.getSession(false);
        if (before != null) {
            before.invalidate();
        }
        request.getSession(true).setAttribute(DEVICE, device);
        Authentication who = UsernamePasswordAuthenticationToken.authenticated(
                m.id().toString(),
                null,
                List.of(new SimpleGrantedAuthority(m.role().authority())));
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(who);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        tokens.onAuthentication(who, request, response);
    }

    /** Ends the one that asks. */
    void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        Optional<UUID> member = Caller.member();
        SecurityContextHolder.clearContext();
        member.map(SessionsEnded::new).ifPresent(events::publishEvent);
    }

    /** All of one member, the last seen first. */
    List<Open> of(UUID member) {
        return sessions.findByPrincipalName(member.toString()).values().stream()
                .filter(s -> !s.isExpired())
                .map(s -> new Open(
                        member,
                        handle(s.getId()),
                        Optional.<String>ofNullable(s.getAttribute(DEVICE)).orElse(""),
                        s.getCreationTime(),
                        s.getLastAccessedTime()))
                .sorted(Comparator.comparing(Open::seen).reversed())
                .toList();
    }

    static String handle(String id) {
        return Passphrases.quickHash(id).substring(0, 16);
    }

    /** Ends one of hers; false if there is none. */
    boolean end(UUID member, String handle) {
        List<String> ended = sessions.findByPrincipalName(member.toString()).keySet().stream()
                .filter(id -> handle(id).equals(handle))
                .toList();
        ended.forEach(sessions::deleteById);
        events.publishEvent(new SessionsEnded(member));
        return !ended.isEmpty();
    }

    /** Ends all of hers, but the one with an id. */
    void endAll(UUID member, Optional<String> but) {
        sessions.findByPrincipalName(member.toString()).keySet().stream()
                .filter(id -> but.filter(id::equals).isEmpty())
                .forEach(sessions::deleteById);
        events.publishEvent(new SessionsEnded(member));
    }
}
