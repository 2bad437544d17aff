package gyrotaxis.server.storage;

import gyrotaxis.server.shared.CannotStart;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import javax.crypto.SecretKeyFactory;
import javax.crypto.spec.PBEKeySpec;
import org.h2.tools.ChangeFileEncryption;
import org.jspecify.annotations.Nullable;

/**
 * A book whose file nobody reads without a passphrase: the database and its copies are encrypted by H2 (AES, XTS).
 *
 * <p>H2 stretches a password by ten rounds alone, so what it is given is no passphrase but a key of 256 bits that was made of one.
 * Whoever loses the passphrase loses the book: nothing else opens it.
 */
public final class DatabaseEncryption {
    /** What a passphrase that guards a whole book has at least. */
    static final int MIN_LENGTH = 12;

    /** Rounds for PBKDF2 with HMAC-SHA-256. SOURCE: OWASP, Password Storage Cheat Sheet, 2023. */
    private static final int ROUNDS = 600_000;

    private static final int KEY_BITS = 256;
    private static final int SALT_BYTES = 16;
    private static final String CIPHER = "AES";
    static final String SALT = "seal.salt";

    /** Where files are sealed, or opened, before they take their places. */
    private static final String BESIDE = "sealing";

    /** Is there once all of them are. */
    private static final String READY = "ready";

    /** How H2 begins an encrypted file (org.h2.store.fs.encrypt.FileEncrypt). */
    private static final byte[] BEGINS = "H2encrypt\n".getBytes(StandardCharsets.ISO_8859_1);

    private final Path folder;
    private final DurableFiles files;

    /** Of the book in a folder. */
    public DatabaseEncryption(Path folder) {
        this(folder, new DurableFiles());
    }

    DatabaseEncryption(Path folder, DurableFiles files) {
        this.folder = folder;
        this.files = files;
    }

    /** Whether a file is sealed; one that is not there is not. */
    public static boolean isSealed(Path file) throws IOException {
        if (!Files.exists(file)) {
            return false;
        }
        try (InputStream in = Files.newInputStream(file)) {
            return Arrays.equals(in.readNBytes(BEGINS.length), BEGINS);
        }
    }

    /** The key that a passphrase makes for this book. */
    public String key(String passphrase) throws IOException {
        return key(passphrase, salt());
    }

    /** The key that a passphrase makes with a salt, which is no secret. */
    public static String key(String passphrase, byte[] salt) {
        try {
            PBEKeySpec spec = new PBEKeySpec(passphrase.toCharArray(), salt, ROUNDS, KEY_BITS);
            return HexFormat.of()
                    .formatHex(SecretKeyFactory.getInstance("PBKDF2WithHmacSHA256")
                            .generateSecret(spec)
                            .getEncoded());
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Random, no secret, and as needful as the book: it lies beside it, and beside its copies. */
    public byte[] salt() throws IOException {
        Path file = folder.resolve(SALT);
        if (!Files.exists(file)) {
            byte[] random = new byte[SALT_BYTES];
            new SecureRandom().nextBytes(random);
            Path whole = folder.resolve(SALT + ".new");
            Files.writeString(whole, HexFormat.of().formatHex(random));
            files.move(whole, file);
        }
        return HexFormat.of().parseHex(Files.readString(file).strip());
    }

    /**
     * The password that the database is opened with: the key, and that of its one user, which is empty; nothing if it is not sealed.
     *
     * @param passphrase what was given at the start; null if nothing was
     */
    public @Nullable String password(@Nullable String passphrase) throws IOException {
        Path database = DatabaseFile.in(folder);
        boolean isSealed = isSealed(database);
        if (passphrase == null || passphrase.isEmpty()) {
            if (isSealed) {
                throw new CannotStart(
                        "The book in " + folder + " is sealed.",
                        "Start with --sealed, and give its passphrase when asked.");
            }
            return null;
        }
        if (!Files.exists(database)) {
            refuseShort(passphrase);
        } else if (!isSealed) {
            throw new CannotStart(
                    "The book in " + folder + " is not sealed.",
                    "Seal it first with ./gyrotaxis seal, or start without --sealed.");
        }
        return key(passphrase) + " ";
    }

    private static void refuseShort(String passphrase) {
        if (passphrase.length() < MIN_LENGTH) {
            throw new CannotStart(
                    "A passphrase that guards the whole book has " + MIN_LENGTH + " characters at least.",
                    "Choose a longer one; some words with spaces are easily kept in mind.");
        }
    }

    /**
     * Seals the book and its copies, or opens them for good; the book must not be in use.
     *
     * <p>All of them are changed beside their places first, so a passphrase that is wrong changes nothing. From the moment at which all are
     * there on, {@link #finish()} puts them in their places, now or at the next start.
     */
    public void change(String passphrase, boolean isToBeSealed) throws IOException, SQLException {
        if (isToBeSealed) {
            refuseShort(passphrase);
        }
        changeByKey(key(passphrase), isToBeSealed);
    }

    void changeByKey(String key, boolean isToBeSealed) throws IOException, SQLException {
        finish();
        Path beside = folder.resolve(BESIDE);
        try {
            Files.createDirectories(beside);
            OwnerOnly.restrict(beside);
            for (Path file : everyFile()) {
                if (Files.exists(file) && isSealed(file) != isToBeSealed) {
                    Path changed = beside.resolve(file.getFileName());
                    files.copy(file, changed);
                    change(changed, key, isToBeSealed);
                }
            }
            Path listed = Files.createFile(beside.resolve("all"));
            files.move(listed, beside.resolve(READY));
        } finally {
            // Puts them in their places, or does away with what is not whole.
            finish();
        }
    }

    /** The book comes last: as long as it is as it was, so is what a start says of it. */
    private List<Path> everyFile() throws IOException {
        List<Path> every = new ArrayList<>(new Copies(folder).all());
        every.add(DatabaseFile.in(folder));
        return every;
    }

    private static void change(Path file, String key, boolean isToBeSealed) throws SQLException {
        String name = file.getFileName().toString();
        char[] secret = key.toCharArray();
        ChangeFileEncryption.execute(
                String.valueOf(file.getParent()),
                name.substring(0, name.length() - DatabaseFile.ENDING.length()),
                CIPHER,
                isToBeSealed ? null : secret,
                isToBeSealed ? secret : null,
                true);
    }

    /**
     * Finishes a sealing that was cut off once all its files were there; deletes what is left of one that was cut off before. Needs no
     * passphrase. Without such a thing it does nothing.
     */
    void finish() throws IOException {
        Path beside = folder.resolve(BESIDE);
        if (Files.exists(beside.resolve(READY))) {
            for (Path file : everyFile()) {
                Path changed = beside.resolve(file.getFileName());
                if (Files.exists(changed)) {
                    files.move(changed, file);
                }
            }
        }
        files.delete(beside);
    }

    /** What is added to the address of a sealed database. */
    public static String suffix() {
        return ";CIPHER=" + CIPHER;
    }
}
