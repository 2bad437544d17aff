package gyrotaxis.server.backup;

import gyrotaxis.server.documents.StoredDocument;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.zip.GZIPInputStream;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JsonNode;

/**
 * Bytes as they stand in a book's file: what is packed text there as that text ({@code {"packed": …}}), so that anybody can read it, all
 * else in base 64 ({@code {"bytes": …}}).
 */
final class Packed {
    private static final String PACKED = "packed";
    private static final String BYTES = "bytes";

    /** How packed bytes begin (RFC 1952). */
    private static final int FIRST = 0x1f;

    private static final int SECOND = 0x8b;

    /** No worksheet is a hundredth of this. */
    static final int MAX_BYTES = 64 << 20;

    private Packed() {}

    static void write(JsonGenerator json, byte[] bytes) {
        boolean isPacked = bytes.length > 2 && (bytes[0] & 0xff) == FIRST && (bytes[1] & 0xff) == SECOND;
        json.writeStartObject();
        if (isPacked) {
            json.writeStringProperty(PACKED, unpacked(bytes));
        } else {
            json.writeStringProperty(BYTES, Base64.getEncoder().encodeToString(bytes));
        }
        json.writeEndObject();
    }

    /** @throws BookUnread if it is neither */
    static byte[] read(JsonNode value) {
        try {
            if (value.path(PACKED).isString()) {
                return StoredDocument.packed(value.path(PACKED).stringValue());
            }
            if (value.path(BYTES).isString()) {
                return Base64.getDecoder().decode(value.path(BYTES).stringValue());
            }
        } catch (IllegalArgumentException e) {
            throw new BookUnread("these bytes are not in base 64", e);
        }
        throw new BookUnread("neither packed text nor bytes stand there");
    }

    private static String unpacked(byte[] bytes) {
        try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
            return new String(in.readNBytes(MAX_BYTES), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
