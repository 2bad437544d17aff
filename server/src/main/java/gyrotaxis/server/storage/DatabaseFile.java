package gyrotaxis.server.storage;

import gyrotaxis.server.shared.CannotStart;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/** How the database's file is called. */
public final class DatabaseFile {
    static final String NAME = "gyrotaxis";
    static final String ENDING = ".mv.db";

    /** In the name of half a demo studio that was set aside. */
    public static final String HALF = "-half";

    private DatabaseFile() {}

    /** The database in a data folder. */
    public static Path in(Path folder) {
        return folder.resolve(NAME + ENDING);
    }

    /** A copy of it, named after a day. */
    static String copyOf(String day) {
        return NAME + "-" + day + ENDING;
    }

    /**
     * Puts a database in the place of the one in a data folder, in one step: whenever it is cut off, one of both is there.
     *
     * @param next lies on the same disk, closed; it is gone from there afterwards
     * @param stamp tells the one that was there from others that are kept
     * @return where the one is that was there; empty if none was
     */
    public static Optional<Path> replace(Path folder, Path next, String stamp) throws IOException {
        return replace(folder, next, stamp, new DurableFiles());
    }

    static Optional<Path> replace(Path folder, Path next, String stamp, DurableFiles files) throws IOException {
        Path there = in(folder);
        Optional<Path> kept =
                Files.exists(there) ? Optional.of(new Copies(folder, files).keep(there, stamp)) : Optional.empty();
        files.move(next, there);
        return kept;
    }

    /** Moves the database of a data folder to its copies, so that another can be made. */
    public static Path setAside(Path folder, String stamp) throws IOException {
        Path aside = folder.resolve(Copies.FOLDER).resolve(copyOf(stamp));
        Files.createDirectories(aside.getParent());
        new DurableFiles().move(in(folder), aside);
        return aside;
    }

    /** Refuses to go on while a server has the database of a data folder open. */
    public static void refuseInUse(Path folder) throws IOException {
        Path database = in(folder);
        if (!Files.exists(database)) {
            return;
        }
        try (FileChannel open = FileChannel.open(database, StandardOpenOption.READ, StandardOpenOption.WRITE);
                FileLock lock = open.tryLock()) {
            if (lock == null) {
                throw new CannotStart("A server runs on the book in " + folder + ".", "Stop it first, then try again.");
            }
        }
    }

    static boolean isCopy(Path file) {
        String name = file.getFileName().toString();
        return name.startsWith(NAME + "-") && name.endsWith(ENDING);
    }
}
