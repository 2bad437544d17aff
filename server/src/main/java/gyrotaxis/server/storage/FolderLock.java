package gyrotaxis.server.storage;

import gyrotaxis.server.shared.CannotStart;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * Held by whoever changes the files of a book: one start, restore or sealing at a time.
 *
 * <p>The system gives it up when its process ends, however it ends; the file that is left behind locks nothing.
 */
public final class FolderLock implements AutoCloseable {
    static final String NAME = "gyrotaxis.lock";

    private final FileChannel channel;

    private FolderLock(FileChannel channel) {
        this.channel = channel;
    }

    /**
     * Takes the lock of a data folder, which must exist.
     *
     * @throws CannotStart if somebody else has it
     */
    public static FolderLock of(Path folder) throws IOException {
        Path file = folder.resolve(NAME);
        FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock lock;
        try {
            OwnerOnly.restrict(file);
            lock = channel.tryLock();
        } catch (OverlappingFileLockException e) {
            lock = null;
        }
        if (lock == null) {
            channel.close();
            throw new CannotStart(
                    "Another Gyrotaxis is working on the files in " + folder + ".", "Wait until it is done.");
        }
        return new FolderLock(channel);
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
