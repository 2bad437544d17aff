package gyrotaxis.server.door;

import com.nulabinc.zxcvbn.Strength;
import com.nulabinc.zxcvbn.Zxcvbn;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.Settings;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/** What is kept of passphrases and of the four digits of a tablet, and which are good enough. */
@Component
class Passphrases {
    static final int MIN_LENGTH = 10;
    static final int MAX_LENGTH = 200;

    /** Tries that a guesser needs for it, by the power of ten. ASSUMPTION: years at the pace the back-off leaves. */
    private static final double MIN_GUESSES = 8;

    /** What is looked at of it: the rest only makes it better. */
    private static final int LOOKED_AT = 60;

    private static final int SECRET_BYTES = 24;
    private static final Pattern FOUR_DIGITS = Pattern.compile("[0-9]{4}");

    private final PasswordEncoder encoder = Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();

    /** Reads its lists once somebody chooses a passphrase, and not at every start. */
    private final SingletonSupplier<Zxcvbn> guesser = SingletonSupplier.of(Zxcvbn::new);

    /** Compared with if nobody is called so, so that the time tells no names. */
    private final SingletonSupplier<String> nobodys = SingletonSupplier.of(() -> hash("nobody's"));

    Passphrases(Settings settings) {
        if (settings.studio()) {
            // Made at the first sign-in it would take twice as long, and so tell that nobody is called so.
            nobodys.obtain();
        }
    }

    /**
     * Whether a passphrase will do.
     *
     * @param own what is known of her, and makes it easier to guess
     */
    String checked(Fields f, String field, @Nullable String typed, List<String> own) {
        String passphrase = typed == null ? "" : typed;
        if (passphrase.length() < MIN_LENGTH || passphrase.length() > MAX_LENGTH) {
            f.problem(
                    field,
                    "A passphrase has " + MIN_LENGTH + " to " + MAX_LENGTH
                            + " characters. Some words with spaces are easily kept in mind.");
            return "";
        }
        Strength strength =
                guesser.obtain().measure(passphrase.substring(0, Math.min(LOOKED_AT, passphrase.length())), own);
        if (strength.getGuessesLog10() < MIN_GUESSES) {
            f.problem(
                    field,
                    "This is among the first that somebody would try. Put some words together that do not belong together.");
            return "";
        }
        return passphrase;
    }

    /** Four digits that are not all the same and do not count up or down. */
    String digits(Fields f, String field, @Nullable String typed) {
        String digits = typed == null ? "" : typed;
        if (!FOUR_DIGITS.matcher(digits).matches()) {
            f.problem(field, "Four digits, please.");
        } else if (digits.chars().distinct().count() == 1
                || "01234567890".contains(digits)
                || "09876543210".contains(digits)) {
            f.problem(field, "These four are the first that somebody would try.");
        }
        return digits;
    }

    /** A slow hash. */
    String hash(String secret) {
        return encoder.encode(secret);
    }

    /** Whether it is the secret behind a slow hash; takes as long without one. */
    boolean matches(String secret, @Nullable String hash) {
        return encoder.matches(secret, hash == null ? nobodys.obtain() : hash) && hash != null;
    }

    /** A secret that nobody guesses. */
    static String secret() {
        byte[] random = new byte[SECRET_BYTES];
        new SecureRandom().nextBytes(random);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(random);
    }

    /** A quick hash, good for secrets that nobody guesses. */
    static String quickHash(String secret) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
