package gyrotaxis.server.shared;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses requests that are addressed to another host name, which a page elsewhere could use to reach this machine, and
 * bodies larger than anything here needs.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
final class RequestGuard extends OncePerRequestFilter {
    static final long MAX_BODY_BYTES = 256 * 1024;

    private final Set<String> hosts;

    RequestGuard(Settings settings) {
        hosts = new TreeSet<>(Set.of("localhost", "127.0.0.1", "[::1]"));
        hosts.addAll(settings.hosts());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!hosts.contains(request.getServerName())) {
            refuse(response, HttpServletResponse.SC_MISDIRECTED_REQUEST, "This server does not answer to that name.");
        } else if (request.getContentLengthLong() > MAX_BODY_BYTES) {
            refuse(response, HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE, BodyTooLarge.words(MAX_BODY_BYTES));
        } else {
            chain.doFilter(new Limited(request), response);
        }
    }

    private static void refuse(HttpServletResponse response, int status, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getWriter().write("{\"title\":\"Refused\",\"status\":" + status + ",\"detail\":\"" + detail + "\"}");
    }

    /** For bodies that do not say how long they are. */
    private static final class Limited extends HttpServletRequestWrapper {
        Limited(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream in = super.getInputStream();
            return new ServletInputStream() {
                private long left = MAX_BODY_BYTES;

                @Override
                public int read() throws IOException {
                    int b = in.read();
                    if (b >= 0 && --left < 0) {
                        throw new BodyTooLarge(MAX_BODY_BYTES);
                    }
                    return b;
                }

                @Override
                public int read(byte[] buffer, int offset, int length) throws IOException {
                    int n = in.read(buffer, offset, length);
                    left -= Math.max(0, n);
                    if (left < 0) {
                        throw new BodyTooLarge(MAX_BODY_BYTES);
                    }
                    return n;
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
