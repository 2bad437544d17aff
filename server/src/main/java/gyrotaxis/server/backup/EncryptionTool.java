package gyrotaxis.server.backup;

import gyrotaxis.server.shared.CannotStart;
import gyrotaxis.server.storage.DatabaseEncryption;
import gyrotaxis.server.storage.DatabaseFile;
import gyrotaxis.server.storage.FolderLock;
import gyrotaxis.server.storage.OpenDatabase;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** Seals a book, or opens it for good, while no server runs on it: {@code seal FOLDER} or {@code unseal FOLDER}. */
public final class EncryptionTool {
    private static final String SEAL = "seal";

    private EncryptionTool() {}

    /** The passphrase is in the environment, as {@code GYROTAXIS_KEY}: arguments can be seen by everybody on the machine. */
    public static void main(String[] args) {
        String passphrase = System.getenv("GYROTAXIS_KEY");
        if (args.length != 2 || passphrase == null) {
            System.err.println("gyrotaxis: seal FOLDER or unseal FOLDER, and the passphrase in GYROTAXIS_KEY");
            System.exit(2);
        }
        Path folder = Path.of(args[1]);
        try (FolderLock lock = FolderLock.of(folder)) {
            DatabaseFile.refuseInUse(folder);
            DatabaseEncryption seal = new DatabaseEncryption(folder);
            seal.change(passphrase, args[0].equals(SEAL));
            if (args[0].equals(SEAL)) {
                nameReadable(readableBackups(folder, seal.key(passphrase)));
            }
        } catch (CannotStart e) {
            System.err.println("gyrotaxis: " + e.getMessage() + " " + e.remedy());
            System.exit(1);
        } catch (IOException | SQLException e) {
            System.err.println("gyrotaxis: nothing was changed that could not be read: " + e.getMessage()
                    + " Is the passphrase right, and no server running?");
            System.exit(1);
        }
    }

    private static void nameReadable(List<Path> backups) {
        if (backups.isEmpty()) {
            return;
        }
        System.out.println("These backups were made before, and whoever has them can read them without a passphrase:");
        backups.forEach(b -> System.out.println("  " + b));
        System.out.println("Delete them once there is a backup of the sealed book.");
    }

    /** Backups in the folder that the book names which are not sealed. */
    static List<Path> readableBackups(Path folder, String key) throws IOException {
        String url = "jdbc:h2:file:" + folder.toAbsolutePath().resolve("gyrotaxis") + DatabaseEncryption.suffix();
        List<Path> readable = new ArrayList<>();
        try (OpenDatabase open = OpenDatabase.existing(url, key + " ");
                Statement s = open.connection().createStatement();
                ResultSet wish = s.executeQuery("select folder from backup_wish")) {
            if (wish.next() && !wish.getString(1).isEmpty()) {
                for (Path backup : new BackupFolder(Path.of(wish.getString(1))).all()) {
                    if (!BookFile.isSealed(backup)) {
                        readable.add(backup);
                    }
                }
            }
        } catch (SQLException e) {
            // A book of a version before there were backups names no folder.
            return List.of();
        }
        return readable;
    }
}
