package gyrotaxis.server.backup;

/**
 * Where the book is put down, how often, and how many of those are kept.
 *
 * @param folder empty if nowhere yet
 */
record BackupSettings(String folder, BackupInterval every, int kept) {
    static final int MIN = 1;
    static final int MAX = 400;
    static final int MAX_FOLDER_LENGTH = 400;

    boolean isAnywhere() {
        return !folder.isEmpty();
    }
}
