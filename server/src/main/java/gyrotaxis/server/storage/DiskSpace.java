package gyrotaxis.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;

/** The folder in which the database lies, as it is at this moment. */
interface DiskSpace {
    /** Room that is left there, bytes. */
    long usableBytes() throws IOException;

    /** Whether the folder and the database in it may be written. */
    boolean isWritable();

    /** A folder of this machine. */
    static DiskSpace at(Path folder) {
        Path database = DatabaseFile.in(folder);
        return new DiskSpace() {
            @Override
            public long usableBytes() throws IOException {
                // Not by Files.getFileStore: that looks the folder up in the mount table, which a plain chroot lacks.
                if (!Files.isDirectory(folder)) {
                    throw new NoSuchFileException(folder.toString());
                }
                return folder.toFile().getUsableSpace();
            }

            @Override
            public boolean isWritable() {
                return Files.isWritable(folder) && (!Files.exists(database) || Files.isWritable(database));
            }
        };
    }

    /**
     * Why nothing can be kept there at present; empty if something can.
     *
     * @param neededBytes room that must be left, so that the database never meets the end of the disk itself
     */
    default Optional<String> trouble(long neededBytes) {
        try {
            if (!isWritable()) {
                return Optional.of("The data folder is read-only. Make it writable; then keeping goes on by itself.");
            }
            return usableBytes() < neededBytes
                    ? Optional.of("The disk is full. Free some space; then keeping goes on by itself.")
                    : Optional.empty();
        } catch (IOException e) {
            return Optional.of("The data folder cannot be reached. Once it is there again, keeping goes on by itself.");
        }
    }
}
