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
import org.springframework.util.FastByteArrayOutputStream;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.WebUtils;

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

    /** All bodies that are on their way or worked on, bytes: an eighth of the memory there is, and no more than 64 MiB. */
    private static final long MAX_BYTES =
            Math.min(64L * 1024 * 1024, Runtime.getRuntime().maxMemory() / 8);

    /** What is too large is read on and forgotten up to here; then the line is cut. */
    private static final long FORGOTTEN_AT_MOST = 256L * 1024 * 1024;

    private final Duration deadline;
    private final BodyLimits limits;
    private final ConcurrentMap<String, Integer> ofAddress = new ConcurrentHashMap<>();
    private final AtomicLong bytes = new AtomicLong();
    private final LargeBodyQueue queue = new LargeBodyQueue();

    /** @param deadline for a body of a form, from its first byte to its last */
    RequestBodyReader(@Value("${gyrotaxis.body-deadline:15s}") Duration deadline, BodyLimits limits) {
        this.deadline = deadline;
        this.limits = limits;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Whole whole = WebUtils.getNativeRequest(request, Whole.class);
        if (whole != null) {
            try {
                chain.doFilter(request, response);
            } finally {
                whole.reading.release();
            }
            return;
        }
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
        private final FastByteArrayOutputStream body = new FastByteArrayOutputStream();
        private final byte[] buffer = new byte[8192];
        private final ServletInputStream in;
        private final AsyncContext async;
        private final long most;
        private long read;
        private boolean isRefusedForWantOfRoom;
        private boolean isOver;
        private boolean hasTurn;
        private boolean isReleased;

        Reading(HttpServletRequest request, HttpServletResponse response, String address) throws IOException {
            this.request = request;
            this.response = response;
            this.address = address;
            this.in = request.getInputStream();
            this.async = request.startAsync(new Whole(request, this), response);
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
                keep(n);
            }
        }

        /** Keeps what was read. What is too much is read on and forgotten, so that whoever sends it hears why. */
        private synchronized void keep(int n) throws IOException {
            if (isOver) {
                return;
            }
            if (!isRefusedForWantOfRoom && read <= most) {
                if (bytes.addAndGet(n) <= MAX_BYTES) {
                    body.write(buffer, 0, n);
                    return;
                }
                bytes.addAndGet(-n);
                isRefusedForWantOfRoom = true;
            }
            forget();
        }

        private void forget() {
            bytes.addAndGet(-body.size());
            body.reset();
        }

        @Override
        public void onAllDataRead() {
            if (read > most) {
                refuse(HttpStatus.CONTENT_TOO_LARGE, BodyTooLarge.words(most));
            } else if (isRefusedForWantOfRoom) {
                refuse(HttpStatus.SERVICE_UNAVAILABLE, "The server is busy. Try again in a moment.");
            } else if (end()) {
                if (read <= BodyLimits.MAX_BODY_BYTES) {
                    async.dispatch();
                } else {
                    // It has arrived; how long it waits for its turn is not the client's fault.
                    async.setTimeout(0);
                    queue.enter(this::handOn);
                }
            }
        }

        /** Its turn has come. */
        private void handOn() {
            synchronized (this) {
                hasTurn = true;
                if (!isReleased) {
                    try {
                        async.dispatch();
                        return;
                    } catch (IllegalStateException gone) {
                        // The line was lost, and nothing will tell this request that it is over.
                        isReleased = true;
                        forget();
                    }
                }
            }
            queue.leave();
        }

        /** Whatever it held is free for others: it was answered, or nobody waits for the answer any more. */
        private void release() {
            synchronized (this) {
                if (isReleased) {
                    return;
                }
                isReleased = true;
                forget();
                if (!hasTurn) {
                    return;
                }
            }
            queue.leave();
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
            release();
        }

        @Override
        public void onError(AsyncEvent event) {
            end();
            release();
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
            oneLessOf(address);
            return true;
        }
    }

    /** A request whose body has arrived. To whatever comes next it is one that was just made. */
    private static final class Whole extends HttpServletRequestWrapper {
        private final Reading reading;

        Whole(HttpServletRequest request, Reading reading) {
            super(request);
            this.reading = reading;
        }

        @Override
        public DispatcherType getDispatcherType() {
            return DispatcherType.REQUEST;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream in = new ByteArrayInputStream(reading.body.toByteArrayUnsafe());
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
