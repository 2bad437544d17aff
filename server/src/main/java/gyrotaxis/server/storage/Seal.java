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
public final class Seal {
    /** What a passphrase that guards a whole book has at least. */
    static final int SHORTEST = 12;

    /** Rounds for PBKDF2 with HMAC-SHA-256. SOURCE: OWASP, Password Storage Cheat Sheet, 2023. */
    private static final int ROUNDS = 600_000;

    private static final int KEY_BITS = 256;
    private static final int SALT_BYTES = 16;
    private static final String CIPHER = "AES";
    private static final String NAME = "gyrotaxis";

    /** How H2 begins an encrypted file (org.h2.store.fs.encrypt.FileEncrypt). */
    private static final byte[] BEGINS = "H2encrypt\n".getBytes(StandardCharsets.ISO_8859_1);

    private final Path folder;

    /** Of the book in a folder. */
    public Seal(Path folder) {
        this.folder = folder;
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
        Path file = folder.resolve("seal.salt");
        if (!Files.exists(file)) {
            byte[] random = new byte[SALT_BYTES];
            new SecureRandom().nextBytes(random);
            Files.writeString(file, HexFormat.of().formatHex(random));
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
        if (passphrase.length() < SHORTEST) {
            throw new CannotStart(
                    "A passphrase that guards the whole book has " + SHORTEST + " characters at least.",
                    "Choose a longer one; some words with spaces are easily kept in mind.");
        }
    }

    /** Seals the book and its copies, or opens them for good; the book must not be in use. */
    void change(String passphrase, boolean isToBeSealed) throws IOException, SQLException {
        if (isToBeSealed) {
            refuseShort(passphrase);
        }
        String key = key(passphrase);
        List<Path> all = new Copies(folder).all();
        for (Path copy : all) {
            String name = copy.getFileName().toString();
            change(copy, name.substring(0, name.length() - DatabaseFile.ENDING.length()), key, isToBeSealed);
        }
        // The book last: as long as it is as it was, a passphrase that was wrong has changed nothing of it.
        change(DatabaseFile.in(folder), NAME, key, isToBeSealed);
    }

    private static void change(Path file, String name, String key, boolean isToBeSealed)
            throws IOException, SQLException {
        if (!Files.exists(file) || isSealed(file) == isToBeSealed) {
            return;
        }
        char[] secret = key.toCharArray();
        ChangeFileEncryption.execute(
                String.valueOf(file.getParent()),
                name,
                CIPHER,
                isToBeSealed ? null : secret,
                isToBeSealed ? secret : null,
                true);
    }

    /** What is added to the address of a sealed database. */
    public static String suffix() {
        return ";CIPHER=" + CIPHER;
    }
}
