package gyrotaxis.server.storage;

import gyrotaxis.server.shared.CannotStart;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;

/** Seals a book, or opens it for good, while no server runs on it: {@code seal FOLDER} or {@code unseal FOLDER}. */
public final class SealTool {
    private SealTool() {}

    /** The passphrase is in the environment, as {@code GYROTAXIS_KEY}: arguments can be seen by everybody on the machine. */
    public static void main(String[] args) {
        String passphrase = System.getenv("GYROTAXIS_KEY");
        if (args.length != 2 || passphrase == null) {
            System.err.println("gyrotaxis: seal FOLDER or unseal FOLDER, and the passphrase in GYROTAXIS_KEY");
            System.exit(2);
        }
        try {
            new Seal(Path.of(args[1])).change(passphrase, args[0].equals("seal"));
        } catch (CannotStart e) {
            System.err.println("gyrotaxis: " + e.getMessage() + " " + e.remedy());
            System.exit(1);
        } catch (IOException | SQLException e) {
            System.err.println("gyrotaxis: nothing was changed that could not be read: " + e.getMessage()
                    + " Is the passphrase right, and no server running?");
            System.exit(1);
        }
    }
}
