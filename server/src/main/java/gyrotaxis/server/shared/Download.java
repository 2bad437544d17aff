package gyrotaxis.server.shared;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;

/** Answers that are kept as files. */
public final class Download {
    private Download() {}

    /**
     * A file under a name.
     *
     * @param name with its ending; names of the world are written so that browsers keep them
     */
    public static ResponseEntity<byte[]> of(String name, byte[] content) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(content);
    }
}
