package gyrotaxis.server.storage;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import org.springframework.util.FileSystemUtils;

/**
 * Copies and moves that are on the disk when they return, each whole or not done at all, whenever the process or the machine stops.
 *
 * <p>Files are readable by their owner alone.
 */
public class DurableFiles {
    private static final String UNFINISHED = ".unfinished";

    /** Called before each change of a folder. Tests stop the process here. */
    protected void before(String step) {
        // Nothing to do while nobody looks.
    }

    /** Copies a file under another name; what had that name is replaced. */
    public final void copy(Path from, Path to) throws IOException {
        Path unfinished = to.resolveSibling(to.getFileName() + UNFINISHED);
        before("copy " + to.getFileName());
        Files.copy(from, unfinished, StandardCopyOption.REPLACE_EXISTING);
        move(unfinished, to);
    }

    /** Moves a file within its disk; what had the name is replaced in the same step. */
    public final void move(Path from, Path to) throws IOException {
        OwnerOnly.restrict(from);
        force(from);
        before("move " + to.getFileName());
        Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        forceFolder(to.resolveSibling("."));
        before("moved " + to.getFileName());
    }

    /** Deletes a file or a folder with what is in it, if it is there. */
    public final void delete(Path file) throws IOException {
        if (Files.exists(file)) {
            before("delete " + file.getFileName());
            FileSystemUtils.deleteRecursively(file);
        }
    }

    /** Whether a file is what a copy that was cut off left. */
    static boolean isUnfinished(Path file) {
        return file.getFileName().toString().endsWith(UNFINISHED);
    }

    private static void force(Path file) throws IOException {
        try (FileChannel open = FileChannel.open(file, StandardOpenOption.WRITE)) {
            open.force(true);
        }
    }

    /** A new name in a folder is on the disk once the folder is. Where folders cannot be opened, the system sees to it itself. */
    private static void forceFolder(Path folder) {
        try (FileChannel open = FileChannel.open(folder, StandardOpenOption.READ)) {
            open.force(true);
        } catch (IOException e) {
            // Not every system lets a folder be opened.
        }
    }
}
