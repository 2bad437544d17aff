package gyrotaxis.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.SplittableRandom;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * A line to a server that is cut now and then: before a request gets through, in the middle of it, or before its answer does. Whoever
 * asked never learns which.
 */
final class CuttingProxy implements AutoCloseable {
    private static final int CHUNK = 2_048;

    private final ServerSocket door;
    private final ExecutorService hands = Executors.newCachedThreadPool(r -> {
        Thread t = new Thread(r, "line");
        t.setDaemon(true);
        return t;
    });
    private final SplittableRandom random;
    private final double cuts;
    private volatile int target;
    private final AtomicInteger cut = new AtomicInteger();

    /**
     * @param cuts how likely each piece that goes through is the last of its line, in [0, 1]
     */
    CuttingProxy(double cuts, long seed) throws IOException {
        this.door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        this.cuts = cuts;
        this.random = new SplittableRandom(seed);
        hands.submit(this::open);
    }

    int port() {
        return door.getLocalPort();
    }

    /** Where lines lead from now on. */
    void leadTo(int port) {
        target = port;
    }

    /** How many lines were cut. */
    int cut() {
        return cut.get();
    }

    private void open() {
        while (!door.isClosed()) {
            try {
                Socket here = door.accept();
                Socket there = new Socket(InetAddress.getLoopbackAddress(), target);
                hands.submit(() -> carry(here, there));
                hands.submit(() -> carry(there, here));
            } catch (IOException nobodyThere) {
                // The server is down just now: the line stays dead.
            }
        }
    }

    private void carry(Socket from, Socket to) {
        byte[] piece = new byte[CHUNK];
        try (from;
                to) {
            InputStream in = from.getInputStream();
            OutputStream out = to.getOutputStream();
            for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
                if (chance() < cuts) {
                    out.write(piece, 0, n / 2);
                    out.flush();
                    cut.incrementAndGet();
                    return;
                }
                out.write(piece, 0, n);
                out.flush();
            }
        } catch (IOException gone) {
            // One of the two hung up.
        }
    }

    private synchronized double chance() {
        return random.nextDouble();
    }

    @Override
    public void close() throws IOException {
        door.close();
        hands.shutdownNow();
    }
}
