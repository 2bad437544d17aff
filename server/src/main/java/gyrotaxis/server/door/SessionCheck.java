package gyrotaxis.server.door;

import gyrotaxis.server.shared.Settings;
import gyrotaxis.server.shared.SignInCheck;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.stereotype.Component;

/** Looks up the session that a request names. */
@Component
final class SessionCheck implements SignInCheck {
    private final SessionRepository<? extends Session> sessions;
    private final CookieSerializer cookies;
    private final Settings settings;

    SessionCheck(SessionRepository<? extends Session> sessions, CookieSerializer cookies, Settings settings) {
        this.sessions = sessions;
        this.cookies = cookies;
        this.settings = settings;
    }

    @Override
    public boolean isSignedIn(HttpServletRequest request) {
        return !settings.studio()
                || cookies.readCookieValues(request).stream().anyMatch(id -> {
                    Session session = sessions.findById(id);
                    return session != null && !session.isExpired() && session.getAttribute(Sessions.DEVICE) != null;
                });
    }
}
