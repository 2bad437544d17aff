package gyrotaxis.server.text;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/** A name as it is searched for: small letters, accents taken off, letters that have none written out. */
public final class FoldedText {
    private static final int MAX_WORDS = 6;
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Map<String, String> WRITTEN_OUT =
            Map.of("ß", "ss", "æ", "ae", "œ", "oe", "ø", "o", "ł", "l", "đ", "d", "ð", "d", "þ", "th", "ı", "i");

    private FoldedText() {}

    /** The words of what was typed, folded, as many as anybody means. */
    public static List<String> words(String typed) {
        return Arrays.stream(of(typed).split("\\s+"))
                .filter(w -> !w.isEmpty())
                .limit(MAX_WORDS)
                .toList();
    }

    /** The name, folded; folding what is folded changes nothing. */
    public static String of(String name) {
        String bare = MARKS.matcher(Normalizer.normalize(name, Normalizer.Form.NFKD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT);
        for (Map.Entry<String, String> e : WRITTEN_OUT.entrySet()) {
            bare = bare.replace(e.getKey(), e.getValue());
        }
        return MARKS.matcher(Normalizer.normalize(bare, Normalizer.Form.NFKD))
                .replaceAll("")
                .strip();
    }
}
