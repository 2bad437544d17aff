package gyrotaxis.server.backup;

import gyrotaxis.server.backup.Manifest.Part;
import gyrotaxis.server.storage.DatabaseEncryption;
import java.io.Closeable;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import net.lingala.zip4j.ZipFile;
import net.lingala.zip4j.exception.ZipException;
import net.lingala.zip4j.exception.ZipException.Type;
import net.lingala.zip4j.model.FileHeader;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A book's file, to be looked at and read.
 *
 * <p>It may come from anywhere. Nothing of it is ever laid on a disk under a name that stands in it, nothing is read that its list does
 * not name, and of no entry more than the list says.
 */
final class BookFile implements Closeable {
    /** A list of 200,000 pictures is as long; a longer one would not fit a small memory once it is read. */
    private static final int MAX_LIST_BYTES = 32 << 20;

    private static final int MAX_ENTRIES = 200_000;

    /** Rows are alike, but never so much: ours grow 5 to 40 times as they are unpacked. */
    private static final int MAX_UNPACKED = 200;

    /** What is small may be packed as it likes, bytes. */
    private static final long SMALL = 16 << 20;

    private static final String SEALED = "gyrotaxis, sealed; salt ";
    private static final String NO_BOOK = " is no book. Choose a file that was made as a backup.";

    /** What is new in a later version's list is passed over; whether the rest is understood, its format tells. */
    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES, DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private final Path file;
    private final ZipFile zip;
    private final Manifest manifest;

    private BookFile(Path file, ZipFile zip, Manifest manifest) {
        this.file = file;
        this.zip = zip;
        this.manifest = manifest;
    }

    /** What stands in the clear at the end of a sealed file. */
    static String comment(byte[] salt) {
        return SEALED + HexFormat.of().formatHex(salt);
    }

    /**
     * Opens a file and reads its list.
     *
     * @param passphrase what opens a sealed one; null if none was given
     * @throws BookUnread if it is no book, is damaged, is newer than this version, or needs a passphrase that was not given
     */
    static BookFile open(Path file, @Nullable String passphrase) throws IOException {
        if (!Files.isRegularFile(file)) {
            throw new BookUnread(file + " is not there, or is no file.");
        }
        ZipFile zip = new ZipFile(file.toFile());
        boolean isOpen = false;
        try {
            if (!zip.isValidZipFile()) {
                throw new BookUnread(file.getFileName() + NO_BOOK);
            }
            if (zip.isEncrypted()) {
                zip.setPassword(key(file, zip, passphrase).toCharArray());
            }
            BookFile book = new BookFile(file, zip, manifest(file, zip));
            book.refuseOthers();
            isOpen = true;
            return book;
        } catch (IOException e) {
            throw unread(file, e);
        } finally {
            if (!isOpen) {
                zip.close();
            }
        }
    }

    /** Whether only a passphrase opens it. */
    static boolean isSealed(Path file) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            return zip.isValidZipFile() && zip.isEncrypted();
        } catch (ZipException e) {
            return false;
        }
    }

    private static String key(Path file, ZipFile zip, @Nullable String passphrase) throws IOException {
        String comment = Optional.ofNullable(zip.getComment()).orElse("");
        if (!comment.matches(SEALED + "[0-9a-f]{16,128}")) {
            throw new BookUnread(file.getFileName() + NO_BOOK);
        }
        if (passphrase == null || passphrase.isEmpty()) {
            throw new BookUnread(file.getFileName() + " is sealed. Give its passphrase.");
        }
        return DatabaseEncryption.key(passphrase, HexFormat.of().parseHex(comment.substring(SEALED.length())));
    }

    private static Manifest manifest(Path file, ZipFile zip) throws IOException {
        FileHeader header = zip.getFileHeader(Manifest.NAME);
        if (header == null) {
            throw new BookUnread(file.getFileName() + NO_BOOK);
        }
        try (InputStream in = zip.getInputStream(header)) {
            byte[] bytes = in.readNBytes(MAX_LIST_BYTES + 1);
            if (bytes.length > MAX_LIST_BYTES) {
                throw new BookUnread("The list in this file is longer than that of any book.");
            }
            Manifest m = JSON.readValue(bytes, Manifest.class);
            if (!m.gyrotaxis().equals(Manifest.KIND)) {
                throw new BookUnread(file.getFileName() + NO_BOOK);
            }
            if (m.format() < 1 || m.format() > Manifest.NEWEST) {
                throw new BookUnread("This file was made by a newer version than this one (format " + m.format()
                        + "; this one knows " + Manifest.NEWEST + "). Use that version.");
            }
            return m;
        } catch (JacksonException e) {
            if (e.getCause() instanceof BookUnread why) {
                throw why;
            }
            throw new BookUnread("The list in " + file.getFileName() + " cannot be read: the file is damaged.", e);
        } catch (NullPointerException e) {
            throw new BookUnread("The list in " + file.getFileName() + " lacks something: the file is damaged.", e);
        }
    }

    /** What the list does not name has not come from a book, and what is there twice could be taken for the other. */
    private void refuseOthers() throws ZipException {
        List<FileHeader> headers = zip.getFileHeaders();
        if (headers.size() > MAX_ENTRIES) {
            throw new BookUnread(
                    "This file has " + headers.size() + " entries; a book has at most " + MAX_ENTRIES + ".");
        }
        Set<String> listed = manifest.parts().stream().map(Part::name).collect(Collectors.toCollection(HashSet::new));
        if (listed.size() != manifest.parts().size()) {
            throw new BookUnread("The list in this file names something twice.");
        }
        listed.add(Manifest.NAME);
        for (FileHeader header : headers) {
            refuseBlownUp(header);
            if (!listed.remove(header.getFileName())) {
                throw new BookUnread("This file holds \"" + Manifest.shown(header.getFileName())
                        + "\", which its list does not name, or names once.");
            }
        }
        if (!listed.isEmpty()) {
            throw new BookUnread(listed.iterator().next() + " is missing from this file: it is not whole.");
        }
    }

    /** A gigabyte of spaces packs to a megabyte, and takes as long to read as a book of that size. */
    private static void refuseBlownUp(FileHeader header) {
        long bytes = header.getUncompressedSize();
        if (bytes > SMALL && bytes > MAX_UNPACKED * header.getCompressedSize()) {
            throw new BookUnread("\"" + Manifest.shown(header.getFileName()) + "\" would become more than "
                    + MAX_UNPACKED + " times as large as it is: no book has such a part.");
        }
    }

    Manifest manifest() {
        return manifest;
    }

    /** Reads all of it once. @throws BookUnread at the first entry that is not as the list says */
    void check(Progress progress) throws IOException {
        progress.begin(Progress.Stage.CHECKING, manifest.bytes());
        byte[] piece = new byte[1 << 16];
        for (Part part : manifest.parts()) {
            MessageDigest digest = BookWriter.sha256();
            long bytes = 0;
            try (InputStream in = open(part)) {
                for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
                    digest.update(piece, 0, n);
                    bytes += n;
                    progress.step(n);
                }
            } catch (IOException e) {
                throw unread(file, e);
            }
            if (bytes != part.bytes()
                    || !HexFormat.of().formatHex(digest.digest()).equals(part.sha256())) {
                throw damaged(part);
            }
        }
    }

    /** A row of a table: what stands in its columns, by their names. */
    interface RowReader {
        void read(long number, JsonNode row);
    }

    /** Reads a table row by row. */
    void rows(Part table, RowReader reader) {
        try (InputStream in = open(table);
                JsonParser json = JSON.createParser(in)) {
            if (json.nextToken() != JsonToken.START_ARRAY) {
                throw new BookUnread(table.name() + " is no list of rows.");
            }
            long number = 0;
            for (JsonToken t = json.nextToken(); t == JsonToken.START_OBJECT; t = json.nextToken()) {
                JsonNode row = JSON.readTree(json);
                reader.read(++number, row);
            }
            if (json.currentToken() != JsonToken.END_ARRAY || number != table.rows()) {
                throw damaged(table);
            }
        } catch (JacksonException | IOException e) {
            throw new BookUnread(table.name() + " cannot be read: the file is damaged.", e);
        }
    }

    /** The bytes of a picture; empty if the file has none for that key. */
    Optional<byte[]> picture(String table, String key) throws IOException {
        FileHeader header = zip.getFileHeader(Manifest.picture(table, key));
        if (header == null) {
            return Optional.empty();
        }
        try (InputStream in = zip.getInputStream(header)) {
            return Optional.of(in.readNBytes(Packed.MAX_BYTES));
        }
    }

    private InputStream open(Part part) throws IOException {
        return new AtMost(zip.getInputStream(zip.getFileHeader(part.name())), part);
    }

    private static BookUnread damaged(Part part) {
        return new BookUnread(part.name() + " is not as it was written: the file is damaged.");
    }

    /** Whatever stops an entry from being unpacked, it is not as it was written. */
    private static BookUnread unread(Path file, IOException e) {
        if (e instanceof ZipException zip && zip.getType() == Type.WRONG_PASSWORD) {
            return new BookUnread("The passphrase does not open " + file.getFileName() + ".", e);
        }
        return new BookUnread(file.getFileName() + " cannot be read: the file is damaged.", e);
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    /** Ends with a refusal where an entry goes on after what the list says of it. */
    private static final class AtMost extends FilterInputStream {
        private final Part part;
        private long left;

        AtMost(InputStream in, Part part) {
            super(in);
            this.part = part;
            this.left = part.bytes();
        }

        @Override
        public int read() throws IOException {
            return counted(super.read(), 1);
        }

        @Override
        public int read(byte[] b, int from, int length) throws IOException {
            int n = super.read(b, from, length);
            counted(n, n);
            return n;
        }

        private int counted(int read, int more) {
            left -= read < 0 ? 0 : more;
            if (left < 0) {
                throw damaged(part);
            }
            return read;
        }
    }
}
