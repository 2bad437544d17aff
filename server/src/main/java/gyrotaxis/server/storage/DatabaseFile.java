package gyrotaxis.server.storage;

import java.nio.file.Path;

/** How the database's file is called. */
public final class DatabaseFile {
    private static final String NAME = "gyrotaxis";
    static final String ENDING = ".mv.db";

    private DatabaseFile() {}

    /** The database in a data folder. */
    public static Path in(Path folder) {
        return folder.resolve(NAME + ENDING);
    }

    /** A copy of it, named after a day. */
    static String copyOf(String day) {
        return NAME + "-" + day + ENDING;
    }

    /** Where a database goes that another one takes the place of: among the copies, where it counts as one of its day. */
    public static Path replaced(Path folder, String stamp) {
        return folder.resolve(Copies.FOLDER).resolve(copyOf(stamp + "-replaced"));
    }

    static boolean isCopy(Path file) {
        String name = file.getFileName().toString();
        return name.startsWith(NAME + "-") && name.endsWith(ENDING);
    }
}
