package gyrotaxis.e2e;

import gyrotaxis.server.Gyrotaxis;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The real server with the demo studio, as a process of its own that can be killed. */
final class ServerProcess {
    private static final long ASK_AGAIN_MS = 100;

    private final Process process;
    private final int port;

    private ServerProcess(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    /** Asked until it is true. */
    @FunctionalInterface
    interface Ready {
        /** Whether the server on a port answers as it should. */
        boolean is(int port) throws IOException, InterruptedException;
    }

    /** Starts a server with the small demo studio on a free port, and waits until it is ready. */
    static ServerProcess start(Path folder, Ready ready) throws IOException, InterruptedException {
        return start(folder, ready, Map.of(), List.of(), List.of("--gyrotaxis.demo=true", Studio.SMALL_STUDIO));
    }

    /** Starts a server in an environment of its own, with options of its own for Java and for the server. */
    static ServerProcess start(
            Path folder, Ready ready, Map<String, String> environment, List<String> java, List<String> options)
            throws IOException, InterruptedException {
        int port = freePort();
        return start(command(folder, port, environment, java, options), folder, port, ready);
    }

    /** Starts a server and does not wait for it: to be killed at some moment of its start. */
    static Process begin(Path folder) throws IOException {
        return command(folder, freePort(), Map.of(), List.of(), List.of())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("server.log").toFile())
                .start();
    }

    private static ProcessBuilder command(
            Path folder, int port, Map<String, String> environment, List<String> java, List<String> options) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                // Starts are all that is waited for; a server that lives so briefly needs no second compiler.
                "-XX:TieredStopAtLevel=1",
                "-XX:+ExitOnOutOfMemoryError"));
        command.addAll(java);
        command.addAll(List.of(
                "-cp",
                System.getProperty("java.class.path"),
                Gyrotaxis.class.getName(),
                "--server.port=" + port,
                "--gyrotaxis.data-dir=" + folder));
        command.addAll(options);
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().putAll(environment);
        return builder;
    }

    /** Starts a server as a studio does, by the command of the README, which builds it where it is not. */
    static ServerProcess run(Path folder, Ready ready, String... options) throws IOException, InterruptedException {
        int port = freePort();
        List<String> words = new ArrayList<>(List.of("./gyrotaxis", "run", "--port", String.valueOf(port)));
        words.addAll(List.of(options));
        ProcessBuilder command =
                new ProcessBuilder(words).directory(Path.of("..").toFile());
        command.environment().put("GYROTAXIS_DATA", folder.toAbsolutePath().toString());
        return start(command, folder, port, ready);
    }

    private static int freePort() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        }
    }

    private static ServerProcess start(ProcessBuilder command, Path folder, int port, Ready ready)
            throws IOException, InterruptedException {
        Path log = folder.resolve("server.log");
        Process process =
                command.redirectErrorStream(true).redirectOutput(log.toFile()).start();
        while (process.isAlive()) {
            try {
                if (ready.is(port)) {
                    return new ServerProcess(process, port);
                }
            } catch (IOException notYet) {
                Thread.sleep(ASK_AGAIN_MS);
            }
        }
        throw new AssertionError("the server did not start:\n" + Files.readString(log));
    }

    boolean isAlive() {
        return process.isAlive();
    }

    int port() {
        return port;
    }

    /** Lets it end in its own time. */
    void end() throws InterruptedException {
        process.destroy();
        process.waitFor();
    }

    /** Pulls the plug. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }
}
