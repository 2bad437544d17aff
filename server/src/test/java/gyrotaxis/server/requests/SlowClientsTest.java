package gyrotaxis.server.requests;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import gyrotaxis.testing.Each;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Clients that send a byte now and then hold no thread, and in the end are told that it took too long. */
class SlowClientsTest {
    /** More than the server has threads. */
    private static final int CLIENTS = 500;

    private static RunningServer.Started patient;
    private static Api api;
    private static URI address;

    @BeforeAll
    static void open() throws IOException {
        Path folder = Files.createTempDirectory("gyrotaxis-slow");
        patient = RunningServer.start(folder, "--gyrotaxis.body-deadline=10m");
        address = URI.create(RunningServer.address(patient.context()));
        api = new Api(address.toString());
    }

    @AfterAll
    static void close() throws IOException {
        patient.close();
    }

    private static final String CLIENT = "{\"name\":\"Ottoline Bowsprit\",\"wishes\":\"\",\"notes\":\"\",\"version\":0,"
            + "\"head\":{\"roundMm\":560,\"frontToNapeMm\":360,\"overTopMm\":330}}";

    private static Socket begin(URI server, String body, int sent) throws IOException {
        Socket socket = new Socket(server.getHost(), server.getPort());
        String token = "slow";
        String head = "POST /api/clients HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                + "Cookie: XSRF-TOKEN=" + token + "\r\nX-XSRF-TOKEN: " + token + "\r\nContent-Length: "
                + body.length() + "\r\n\r\n" + body.substring(0, sent);
        socket.getOutputStream().write(head.getBytes(StandardCharsets.UTF_8));
        return socket;
    }

    /** The line that an answer begins with, once it comes. */
    private static String status(Socket socket) throws IOException {
        InputStream in = socket.getInputStream();
        StringBuilder line = new StringBuilder();
        for (int b = in.read(); b >= 0 && b != '\r'; b = in.read()) {
            line.append((char) b);
        }
        return line.toString();
    }

    @Test
    void theStudioAnswersWhileManySendAByteAtATime() throws IOException {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < CLIENTS; i++) {
                slow.add(begin(address, CLIENT, 1 + i % 40));
            }
            // Whatever was beyond the limit of one address is refused at once; what is within it is waited for.
            assertThat(status(slow.get(CLIENTS - 1))).isEqualTo("HTTP/1.1 429 ");
            Socket first = slow.get(0);
            assertThat(first.getInputStream().available()).isZero();
            assertThat(api.get("/api/clients").status()).isEqualTo(200);
            // Nobody who is waited for was given up so that this could be answered.
            assertThat(first.getInputStream().available()).isZero();
            // What comes in pieces is taken as what comes at once.
            String rest = CLIENT.substring(1);
            for (int at = 0; at < rest.length(); at += 20) {
                first.getOutputStream()
                        .write(rest.substring(at, Math.min(at + 20, rest.length()))
                                .getBytes(StandardCharsets.UTF_8));
                first.getOutputStream().flush();
            }
            assertThat(status(first)).isEqualTo("HTTP/1.1 201 ");
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    @Test
    void whatDoesNotArriveInTimeIsToldSo() throws IOException {
        Path folder = Files.createTempDirectory("gyrotaxis-slow");
        try (RunningServer.Started hasty = RunningServer.start(folder, "--gyrotaxis.body-deadline=1s");
                Socket slow = begin(URI.create(RunningServer.address(hasty.context())), CLIENT, 5)) {
            String answer = new String(slow.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer)
                    .startsWith("HTTP/1.1 408 ")
                    .contains("application/problem+json")
                    .contains("did not arrive in time");
        }
    }

    /** A body that says nothing of its length has the same limit as any. */
    @Test
    void aBodyWithoutALengthMayBeAsLargeAsAny() throws IOException {
        try (Socket endless = new Socket(address.getHost(), address.getPort())) {
            endless.getOutputStream()
                    .write(("POST /api/clients HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                                    + "Cookie: XSRF-TOKEN=slow\r\nX-XSRF-TOKEN: slow\r\n"
                                    + "Transfer-Encoding: chunked\r\n\r\n")
                            .getBytes(StandardCharsets.UTF_8));
            byte[] chunk = ("1000\r\n" + "x".repeat(0x1000) + "\r\n").getBytes(StandardCharsets.UTF_8);
            for (int i = 0; i < 65; i++) {
                endless.getOutputStream().write(chunk);
                endless.getOutputStream().flush();
            }
            endless.getOutputStream().write("0\r\n\r\n".getBytes(StandardCharsets.UTF_8));
            assertThat(status(endless)).isEqualTo("HTTP/1.1 413 ");
        }
    }

    @Test
    void aBodyWithoutALengthIsTakenWhenItIsWhole() throws IOException {
        try (Socket chunked = new Socket(address.getHost(), address.getPort())) {
            chunked.getOutputStream()
                    .write(("POST /api/clients HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                                    + "Cookie: XSRF-TOKEN=slow\r\nX-XSRF-TOKEN: slow\r\n"
                                    + "Transfer-Encoding: chunked\r\n\r\n"
                                    + Integer.toHexString(CLIENT.length()) + "\r\n" + CLIENT + "\r\n0\r\n\r\n")
                            .getBytes(StandardCharsets.UTF_8));
            assertThat(status(chunked)).isEqualTo("HTTP/1.1 201 ");
        }
    }

    /** Seven files together are more than there is room for: somebody is refused, but only after having been heard out. */
    @Test
    void whatThereIsNoRoomForIsHeardOutAndRefused() throws IOException {
        List<Socket> senders = new ArrayList<>();
        byte[] most = "x".repeat(9_900_000).getBytes(StandardCharsets.UTF_8);
        try {
            for (int i = 0; i < 7; i++) {
                Socket sender = new Socket(address.getHost(), address.getPort());
                senders.add(sender);
                sender.getOutputStream()
                        .write(("POST /api/stock/table HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: text/csv\r\n"
                                        + "Cookie: XSRF-TOKEN=slow\r\nX-XSRF-TOKEN: slow\r\nContent-Length: "
                                        + (most.length + 1) + "\r\n\r\n")
                                .getBytes(StandardCharsets.UTF_8));
                sender.getOutputStream().write(most);
            }
            List<String> answers = new ArrayList<>();
            for (Socket sender : senders) {
                sender.getOutputStream().write('x');
            }
            for (Socket sender : senders) {
                answers.add(status(sender));
            }
            assertThat(answers).contains("HTTP/1.1 503 ").anyMatch(a -> !a.equals("HTTP/1.1 503 "));
            Each.of(answers).allMatch(a -> a.startsWith("HTTP/1.1 "));
        } finally {
            for (Socket sender : senders) {
                sender.close();
            }
        }
        assertThat(api.get("/api/clients").status()).isEqualTo(200);
    }
}
