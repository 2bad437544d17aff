package gyrotaxis.server.storage;

import java.nio.file.Path;

/** How the database's file is called. */
final class DatabaseFile {
    private static final String NAME = "gyrotaxis";
    static final String ENDING = ".mv.db";

    private DatabaseFile() {}

    static Path in(Path folder) {
        return folder.resolve(NAME + ENDING);
    }

    /** A copy of it, named after a day. */
    static String copyOf(String day) {
        return NAME + "-" + day + ENDING;
    }

    static boolean isCopy(Path file) {
        String name = file.getFileName().toString();
        return name.startsWith(NAME + "-") && name.endsWith(ENDING);
    }
}
