package gyrotaxis.server.shared;

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
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
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
@Order(Ordered.HIGHEST_PRECEDENCE)
final class RequestGuard extends OncePerRequestFilter {
    static final long MAX_BODY_BYTES = 256 * 1024;

    /** A picture straight from a telephone or a camera. */
    static final long MAX_PICTURE_BYTES = 24 * 1024 * 1024;

    /** A table of everything on the shelf. */
    static final long MAX_TABLE_BYTES = 10_000_000;

    private static final String TABLE = "/api/stock/table";
    private static final String CSV = "text/csv";
    private static final Pattern PICTURE = Pattern.compile("/api/(visits/[^/]+/pictures/[^/]+|plans/[^/]+/still)");
    private static final Set<String> PICTURES = Set.of("image/png", "image/jpeg", "image/webp");
    private static final String ERROR_PAGE = "/error";

    private final Set<String> hosts;

    RequestGuard(Settings settings) {
        hosts = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        hosts.addAll(Set.of("localhost", "127.0.0.1", "[::1]"));
        hosts.addAll(settings.hosts());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean isPicture = PICTURE.matcher(request.getServletPath()).matches();
        boolean isTable = request.getServletPath().equals(TABLE);
        long most = isPicture ? MAX_PICTURE_BYTES : isTable ? MAX_TABLE_BYTES : MAX_BODY_BYTES;
        if (!hosts.contains(request.getServerName())) {
            refuse(response, HttpServletResponse.SC_MISDIRECTED_REQUEST, "This server does not answer to that name.");
        } else if (request.getContentLengthLong() > most) {
            refuse(response, HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE, BodyTooLarge.words(most));
        } else if (isPicture && request.getContentType() != null && !PICTURES.contains(request.getContentType())) {
            refuse(
                    response,
                    HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE,
                    "Only PNG, JPEG and WebP pictures can be kept.");
        } else if (isTable && !isCsv(request)) {
            refuse(response, HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE, "Only a table can be read here: text/csv.");
        } else if (!isPicture && !isTable && !isJsonOrNothing(request)) {
            refuse(
                    response,
                    HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE,
                    "Only application/json is understood here.");
        } else if (request.getServletPath().equals(ERROR_PAGE)) {
            // Where the server sends itself when something failed; of no use to anybody who asks for it.
            refuse(response, HttpServletResponse.SC_NOT_FOUND, "There is nothing here.");
        } else {
            chain.doFilter(new Limited(request, most, !isPicture && !isTable), response);
        }
    }

    /** A table, whatever letters are said to be in it: that is found out by reading it. */
    private static boolean isCsv(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && (type.equals(CSV) || type.startsWith(CSV + ";"));
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

    private static void refuse(HttpServletResponse response, int status, String detail) throws IOException {
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getWriter().write("{\"title\":\"Refused\",\"status\":" + status + ",\"detail\":\"" + detail + "\"}");
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
