package gyrotaxis.server.requests;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Reads a body that is not there yet without a thread, and hands the request on once the body is whole.
 *
 * <p>A client that sends a byte now and then would otherwise hold one of the server's threads for as long as it likes, and some two hundred of
 * them all. It comes first of all filters, so none of them refuses a request whose body Tomcat would then wait for.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
final class RequestBodyReader extends OncePerRequestFilter {
    /** A picture or a table, from a telephone at the far end of a studio. */
    static final Duration FILE_DEADLINE = Duration.ofMinutes(2);

    /** Bodies that are on their way from one address at once. A studio of two chairs has fewer devices. */
    static final int MAX_OF_ADDRESS = 200;

    /** All bodies that are on their way, bytes. */
    private static final long MAX_BYTES = 64L * 1024 * 1024;

    /** What is too large is read on and forgotten up to here; then the line is cut. */
    private static final long FORGOTTEN_AT_MOST = 256L * 1024 * 1024;

    private final Duration deadline;
    private final BodyLimits limits;
    private final ConcurrentMap<String, Integer> ofAddress = new ConcurrentHashMap<>();
    private final AtomicLong bytes = new AtomicLong();

    /** @param deadline for a body of a form, from its first byte to its last */
    RequestBodyReader(@Value("${gyrotaxis.body-deadline:15s}") Duration deadline, BodyLimits limits) {
        this.deadline = deadline;
        this.limits = limits;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isWhole(request)) {
            chain.doFilter(request, response);
            return;
        }
        String address = request.getRemoteAddr();
        if (ofAddress.merge(address, 1, Integer::sum) > MAX_OF_ADDRESS) {
            oneLessOf(address);
            Refusal.write(
                    response, HttpStatus.TOO_MANY_REQUESTS, "Too much is being sent from this device. Try again.");
            ConnectionCloser.after(request, response);
            return;
        }
        new Reading(request, response, address).begin();
    }

    private void oneLessOf(String address) {
        ofAddress.computeIfPresent(address, (a, n) -> n == 1 ? null : n - 1);
    }

    private static boolean isWhole(HttpServletRequest request) throws IOException {
        long length = request.getContentLengthLong();
        boolean hasBody = length > 0 || (length < 0 && request.getHeader("Transfer-Encoding") != null);
        return !hasBody || (length > 0 && request.getInputStream().available() >= length);
    }

    /** A body on its way. */
    private final class Reading implements ReadListener, AsyncListener {
        private final HttpServletRequest request;
        private final HttpServletResponse response;
        private final String address;
        private final ByteArrayOutputStream body = new ByteArrayOutputStream();
        private final byte[] buffer = new byte[8192];
        private final ServletInputStream in;
        private final AsyncContext async;
        private final long most;
        private long read;
        private boolean isOver;

        Reading(HttpServletRequest request, HttpServletResponse response, String address) throws IOException {
            this.request = request;
            this.response = response;
            this.address = address;
            this.in = request.getInputStream();
            this.async = request.startAsync(new Whole(request, body), response);
            this.most = limits.of(request);
            async.setTimeout((most <= BodyLimits.MAX_BODY_BYTES ? deadline : FILE_DEADLINE).toMillis());
        }

        void begin() {
            async.addListener(this);
            in.setReadListener(this);
        }

        @Override
        public void onDataAvailable() throws IOException {
            take();
            if (read > FORGOTTEN_AT_MOST) {
                refuse(HttpStatus.CONTENT_TOO_LARGE, BodyTooLarge.words(most));
            }
        }

        private void take() throws IOException {
            while (in.isReady()) {
                int n = in.read(buffer);
                if (n < 0) {
                    return;
                }
                read += n;
                if (!hasRoomFor(n)) {
                    refuse(HttpStatus.SERVICE_UNAVAILABLE, "The server is busy. Try again in a moment.");
                    return;
                }
            }
        }

        /** Keeps what was read, unless it was given up meanwhile; false if all bodies together are too much. */
        private synchronized boolean hasRoomFor(int n) {
            if (isOver) {
                return true;
            }
            if (read > most) {
                // Read on and forgotten, so that whoever sends it hears why.
                bytes.addAndGet(-body.size());
                body.reset();
                return true;
            }
            if (bytes.addAndGet(n) > MAX_BYTES) {
                bytes.addAndGet(-n);
                return false;
            }
            body.write(buffer, 0, n);
            return true;
        }

        @Override
        public void onAllDataRead() {
            if (read > most) {
                refuse(HttpStatus.CONTENT_TOO_LARGE, BodyTooLarge.words(most));
            } else if (end()) {
                async.dispatch();
            }
        }

        @Override
        public void onError(Throwable e) {
            if (end()) {
                async.complete();
            }
        }

        @Override
        public void onTimeout(AsyncEvent event) {
            refuse(HttpStatus.REQUEST_TIMEOUT, "What was sent did not arrive in time. Try again.");
        }

        @Override
        public void onComplete(AsyncEvent event) {
            end();
        }

        @Override
        public void onError(AsyncEvent event) {
            end();
        }

        @Override
        public void onStartAsync(AsyncEvent event) {
            // A line of events that was asked for with a body.
        }

        private void refuse(HttpStatus status, String why) {
            if (end()) {
                try {
                    Refusal.write(response, status, why);
                    if (!in.isFinished()) {
                        ConnectionCloser.after(request, response);
                    }
                } catch (IOException gone) {
                    // Nobody is there to be told.
                }
                async.complete();
            }
        }

        /** Whether it was not over before. */
        private synchronized boolean end() {
            if (isOver) {
                return false;
            }
            isOver = true;
            bytes.addAndGet(-body.size());
            oneLessOf(address);
            return true;
        }
    }

    /** A request whose body has arrived. To whatever comes next it is one that was just made. */
    private static final class Whole extends HttpServletRequestWrapper {
        private final ByteArrayOutputStream body;

        @Override
        public DispatcherType getDispatcherType() {
            return DispatcherType.REQUEST;
        }

        Whole(HttpServletRequest request, ByteArrayOutputStream body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream in = new ByteArrayInputStream(body.toByteArray());
            return new ServletInputStream() {
                @Override
                public int read() {
                    return in.read();
                }

                @Override
                public int read(byte[] to, int offset, int length) {
                    return in.read(to, offset, length);
                }

                @Override
                public int available() {
                    return in.available();
                }

                @Override
                public boolean isFinished() {
                    return in.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new IllegalStateException("it is read already");
                }
            };
        }
    }
}
