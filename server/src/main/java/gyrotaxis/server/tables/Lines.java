package gyrotaxis.server.tables;

import java.nio.charset.StandardCharsets;

/**
 * Of how many lines a file is made, counted without taking it apart: what a library makes of a line takes a hundred times its room, so a
 * file of too many is refused before one looks at it.
 */
public final class Lines {
    private Lines() {}

    /** All lines; the last one may go without an end. */
    public static long of(byte[] file) {
        return beginning(file, "");
    }

    /** Those that begin with a word, in letters of any size. */
    public static long beginning(byte[] file, String word) {
        byte[] asked = word.getBytes(StandardCharsets.US_ASCII);
        long count = 0;
        boolean isAtStart = true;
        for (int i = 0; i < file.length; i++) {
            if (isAtStart && isHere(file, i, asked)) {
                count++;
            }
            isAtStart = file[i] == '\n' || file[i] == '\r' && (i + 1 == file.length || file[i + 1] != '\n');
        }
        return count;
    }

    private static boolean isHere(byte[] file, int at, byte[] word) {
        if (at + word.length > file.length) {
            return false;
        }
        for (int k = 0; k < word.length; k++) {
            if (Character.toUpperCase(file[at + k]) != Character.toUpperCase(word[k])) {
                return false;
            }
        }
        return true;
    }
}
