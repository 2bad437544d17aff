package gyrotaxis.server.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.util.FileSystemUtils;

/**
 * Changes the files of a book. The change is done once, and the folder is copied before each of its steps: what a process that ends there would
 * leave. A process of its own, which ends at one of the steps as if the plug had been pulled, shows that it does.
 */
final class StoppedProcess {
    /** As a passphrase makes one; making it takes long on purpose. */
    static final String KEY = "0123456789abcdef".repeat(4);

    static final LocalDate TODAY = LocalDate.of(2031, 6, 2);
    static final int STOPPED = 137;

    private StoppedProcess() {}

    /** What can be stopped. */
    enum Change {
        UPGRADE,
        SEAL,
        REPLACE;

        void run(Path folder, DurableFiles files) throws IOException, SQLException {
            switch (this) {
                case UPGRADE -> new DatabasePreparation(folder, "", "", files, TODAY).run();
                case SEAL -> new DatabaseEncryption(folder, files).changeByKey(KEY, true);
                case REPLACE ->
                    DatabaseFile.replace(folder, DatabaseFile.in(folder.resolve("restoring")), "now-replaced", files);
            }
        }
    }

    /** Takes {@code CHANGE FOLDER STEP}; steps count from 1. */
    public static void main(String[] args) throws IOException, SQLException {
        int stopAt = Integer.parseInt(args[2]);
        Change.valueOf(args[0]).run(Path.of(args[1]), new DurableFiles() {
            private int steps;

            @Override
            protected void before(String step) {
                steps++;
                if (steps == stopAt) {
                    System.out.println("stopped at " + step);
                    System.out.flush();
                    Runtime.getRuntime().halt(STOPPED);
                }
            }
        });
        System.exit(0);
    }

    /**
     * Runs a change to its end.
     *
     * @param copies where the folder is copied to before each step: {@code 1}, {@code 2} and so on
     * @return the copies in the order of the steps, and after them the folder itself
     */
    static List<Path> stops(Change change, Path folder, Path copies) throws IOException, SQLException {
        List<Path> left = new ArrayList<>();
        change.run(folder, new DurableFiles() {
            @Override
            protected void before(String step) {
                try {
                    Path copy = Files.createDirectories(copies.resolve(String.valueOf(left.size() + 1)));
                    FileSystemUtils.copyRecursively(folder, copy);
                    left.add(copy);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }
        });
        left.add(folder);
        return left;
    }

    /** Runs a change in a process of its own, which ends at a step. */
    static void stop(Change change, Path folder, int step) throws IOException, InterruptedException {
        int code = run(command(change, folder, step));
        if (code != STOPPED) {
            throw new AssertionError("it was not stopped, but ended with " + code);
        }
    }

    /**
     * Runs a change where no file can grow beyond a size, as on a disk that is full.
     *
     * @return whether it ran to its end
     */
    static boolean fits(Change change, Path folder, int mostKiB) throws IOException, InterruptedException {
        List<String> limited =
                new ArrayList<>(List.of("bash", "-c", "ulimit -f " + mostKiB + " && exec \"$@\"", "limited"));
        limited.addAll(command(change, folder, 0));
        return run(limited) == 0;
    }

    private static List<String> command(Change change, Path folder, int step) {
        return List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                StoppedProcess.class.getName(),
                change.name(),
                folder.toString(),
                String.valueOf(step));
    }

    private static int run(List<String> command) throws IOException, InterruptedException {
        return new ProcessBuilder(command).inheritIO().start().waitFor();
    }
}
