package gyrotaxis.server.storage;

import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/** Keeps other users of the machine out of a file or a folder. Where files have no such rights, nothing is done. */
public final class OwnerOnly {
    private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> FOLDER = PosixFilePermissions.fromString("rwx------");

    private OwnerOnly() {}

    /** Restricts one file or folder, and nothing that is in it. */
    public static void restrict(Path file) throws IOException {
        PosixFileAttributeView rights =
                Files.getFileAttributeView(file, PosixFileAttributeView.class, LinkOption.NOFOLLOW_LINKS);
        if (rights == null || Files.isSymbolicLink(file)) {
            return;
        }
        Set<PosixFilePermission> wanted = Files.isDirectory(file) ? FOLDER : FILE;
        if (!wanted.containsAll(rights.readAttributes().permissions())) {
            // What its owner may not do he may not do afterwards either: a folder that is read-only stays so.
            Set<PosixFilePermission> kept = rights.readAttributes().permissions();
            kept.retainAll(wanted);
            rights.setPermissions(kept);
        }
    }

    /** Restricts a folder and all that is in it. */
    public static void restrictAll(Path folder) throws IOException {
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult preVisitDirectory(Path dir, BasicFileAttributes attributes) throws IOException {
                restrict(dir);
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
                restrict(file);
                return FileVisitResult.CONTINUE;
            }
        });
    }
}
