package gyrotaxis.server.door;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.util.WebUtils;

/** Who asks, and from where, as far as a request tells. */
record Caller(HttpServletRequest request, HttpServletResponse response) {
    /** The secret by which a browser is known again. */
    static final String DEVICE_COOKIE = "__Host-gyrotaxis-device";

    private static final Duration DEVICE_KEPT = Duration.ofDays(400);

    String address() {
        return request.getRemoteAddr();
    }

    /** Whether it comes from the machine itself. */
    boolean isThisMachine() {
        try {
            return InetAddress.getByName(address()).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }

    @Nullable
    String deviceSecret() {
        Cookie cookie = WebUtils.getCookie(request, DEVICE_COOKIE);
        return cookie == null ? null : cookie.getValue();
    }

    /** Gives the browser a secret; no script can read it, and no other site sends it along. */
    void giveDevice(String secret) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(DEVICE_COOKIE, secret)
                        .path("/")
                        .secure(true)
                        .httpOnly(true)
                        .sameSite("Strict")
                        .maxAge(DEVICE_KEPT)
                        .build()
                        .toString());
    }

    /** Who is signed in. */
    static Optional<UUID> member() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who == null || who instanceof AnonymousAuthenticationToken
                ? Optional.empty()
                : Optional.of(UUID.fromString(who.getName()));
    }
}
