package gyrotaxis.server.door;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The code that is printed at the start as long as the studio has no owner, so that she can become it from another device. */
@Component
class FirstCode {
    /** None that is taken for another. */
    private static final String LETTERS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

    private static final int LENGTH = 12;
    private static final int GROUP = 4;

    private final String code;

    FirstCode() {
        SecureRandom random = new SecureRandom();
        StringBuilder made = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            made.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        code = made.toString();
    }

    /** In groups, as it is read out. */
    String printed() {
        return code.replaceAll("(.{" + GROUP + "})(?=.)", "$1-");
    }

    boolean is(@Nullable String typed) {
        String bare = typed == null ? "" : typed.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
        return MessageDigest.isEqual(bare.getBytes(StandardCharsets.UTF_8), code.getBytes(StandardCharsets.UTF_8));
    }
}
