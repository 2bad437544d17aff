package gyrotaxis.server.requests;

import gyrotaxis.server.shared.Settings;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.charset.UnsupportedCharsetException;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.WebUtils;

/**
 * Refuses requests that are addressed to another host name, which a page elsewhere could use to reach this machine; bodies that
 * are neither JSON nor a picture where one belongs, before anything tries to take a form out of them; and bodies larger than
 * anything here needs.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
final class RequestGuard extends OncePerRequestFilter {
    private static final String ERROR_PAGE = "/error";

    private final BodyLimits limits;
    private final Set<String> hosts;

    RequestGuard(Settings settings, BodyLimits limits) {
        this.limits = limits;
        hosts = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        hosts.addAll(Set.of("localhost", "127.0.0.1", "[::1]"));
        hosts.addAll(settings.hosts());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<Upload> upload = Upload.of(request);
        long most = limits.of(request);
        if (!hosts.contains(request.getServerName())) {
            Refusal.write(response, HttpStatus.MISDIRECTED_REQUEST, "This server does not answer to that name.");
        } else if (request.getContentLengthLong() > most) {
            Refusal.write(response, HttpStatus.CONTENT_TOO_LARGE, BodyTooLarge.words(most));
        } else if (upload.isPresent() && !upload.get().takes(request.getContentType())) {
            Refusal.write(
                    response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, upload.get().refusal());
        } else if (upload.isEmpty() && !isJsonOrNothing(request)) {
            Refusal.write(response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Only application/json is understood here.");
        } else if (request.getServletPath().equals(ERROR_PAGE)) {
            // Where the server sends itself when something failed; of no use to anybody who asks for it.
            Refusal.write(response, HttpStatus.NOT_FOUND, "There is nothing here.");
        } else {
            chain.doFilter(new Limited(request, most, upload.isEmpty()), response);
        }
    }

    private static boolean isJsonOrNothing(HttpServletRequest request) {
        String type = request.getContentType();
        if (type == null) {
            return true;
        }
        try {
            MediaType given = MediaType.parseMediaType(type);
            return !given.isWildcardSubtype() && MediaType.APPLICATION_JSON.includes(given);
        } catch (InvalidMediaTypeException | UnsupportedCharsetException e) {
            return false;
        }
    }

    /** What was read of a request's body so far; empty if this guard did not let it pass. */
    static String bodyOf(HttpServletRequest request) {
        Limited limited = WebUtils.getNativeRequest(request, Limited.class);
        return limited == null ? "" : limited.read.toString(StandardCharsets.UTF_8);
    }

    /** For bodies that do not say how long they are; remembers what was read, so that a fault can be told with its cause. */
    private static final class Limited extends HttpServletRequestWrapper {
        private final ByteArrayOutputStream read = new ByteArrayOutputStream();

        private final long most;
        private final boolean isRemembered;

        Limited(HttpServletRequest request, long most, boolean isRemembered) {
            super(request);
            this.most = most;
            this.isRemembered = isRemembered;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream in = super.getInputStream();
            return new ServletInputStream() {
                private long left = most;

                @Override
                public int read() throws IOException {
                    int b = in.read();
                    if (b >= 0 && --left < 0) {
                        throw new BodyTooLarge(most);
                    }
                    if (b >= 0 && isRemembered) {
                        read.write(b);
                    }
                    return b;
                }

                @Override
                public int read(byte[] buffer, int offset, int length) throws IOException {
                    int n = in.read(buffer, offset, length);
                    left -= Math.max(0, n);
                    if (left < 0) {
                        throw new BodyTooLarge(most);
                    }
                    if (isRemembered) {
                        read.write(buffer, offset, Math.max(0, n));
                    }
                    return n;
                }

                @Override
                public int available() throws IOException {
                    return in.available();
                }

                @Override
                public boolean isFinished() {
                    return in.isFinished();
                }

                @Override
                public boolean isReady() {
                    return in.isReady();
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    in.setReadListener(listener);
                }
            };
        }
    }
}
