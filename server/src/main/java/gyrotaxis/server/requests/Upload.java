package gyrotaxis.server.requests;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What is sent as a file.
 *
 * @param path where
 * @param types what it may be
 * @param most how large, bytes
 * @param refusal what is said of anything else
 */
record Upload(Pattern path, Set<String> types, long most, String refusal) {
    /** A picture straight from a telephone or a camera. */
    private static final long MAX_PICTURE_BYTES = 24 * 1024 * 1024;

    /** A table, a calendar or cards of a whole studio. */
    private static final long MAX_FILE_BYTES = 10_000_000;

    private static final List<Upload> ALL = List.of(
            new Upload(
                    Pattern.compile("/api/(visits/[^/]+/pictures/[^/]+|plans/[^/]+/still)"),
                    Set.of("image/png", "image/jpeg"),
                    MAX_PICTURE_BYTES,
                    "Only PNG and JPEG pictures can be kept."),
            file("/api/stock/table", "text/csv", "Only a table can be read here: text/csv."),
            file("/api/diary/calendar", "text/calendar", "Only a calendar can be read here: text/calendar."),
            // A worksheet of a large head takes more than any other document.
            file(
                    "/api/clients/[^/]+/worksheet-file",
                    "application/json",
                    "Only a worksheet can be read here: application/json."),
            file("/api/clients/cards", "text/vcard", "Only cards can be read here: text/vcard."));

    private static Upload file(String path, String type, String refusal) {
        return new Upload(Pattern.compile(path), Set.of(type), MAX_FILE_BYTES, refusal);
    }

    /** What a request sends; empty if it sends a form. */
    static Optional<Upload> of(HttpServletRequest request) {
        return ALL.stream()
                .filter(u -> u.path.matcher(request.getServletPath()).matches())
                .findFirst();
    }

    /** Whatever letters are said to be in it: that is found out by reading it. */
    boolean takes(@Nullable String type) {
        return type == null ? isPicture() : types.contains(type.split(";", 2)[0].strip());
    }

    private boolean isPicture() {
        return types.size() > 1;
    }
}
