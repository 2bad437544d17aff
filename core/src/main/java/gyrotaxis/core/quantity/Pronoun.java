package gyrotaxis.core.quantity;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How the client is spoken of. The core's sentences are written of a woman, as most clients are; {@link #said} says them of whoever
 * it is, and to her who works on herself.
 */
public enum Pronoun {
    SHE("she, her", "she", "her", "her", "hers", "herself"),
    HE("he, him", "he", "him", "his", "his", "himself"),
    THEY("they, them", "they", "them", "their", "theirs", "themselves"),
    YOU("you", "you", "you", "your", "yours", "yourself");

    /** "She" with its verb, every form of the pronoun alone, and "her" before a noun. */
    private static final Pattern SPOKEN_OF = Pattern.compile(
            "\\b([Ss])he ([a-z]+)\\b|\\b([Ss])he\\b|\\b([Hh])erself\\b|\\b([Hh])ers\\b|\\b([Hh])er(?= [a-z0-9])|\\b([Hh])er\\b");

    private static final Map<String, String> VERBS = Map.of(
            "is", "are", "was", "were", "has", "have", "does", "do", "itches", "itch", "washes", "wash", "goes", "go");

    private final String words;
    private final String subject;
    private final String object;
    private final String possessive;
    private final String own;
    private final String self;

    Pronoun(String words, String subject, String object, String possessive, String own, String self) {
        this.words = words;
        this.subject = subject;
        this.object = object;
        this.possessive = possessive;
        this.own = own;
        this.self = self;
    }

    /** To choose by. */
    public String words() {
        return words;
    }

    /** A sentence that was written of a woman, said of this person. */
    public String said(String sentence) {
        if (this == SHE) {
            return sentence;
        }
        Matcher m = SPOKEN_OF.matcher(sentence);
        StringBuilder said = new StringBuilder();
        while (m.find()) {
            m.appendReplacement(said, Matcher.quoteReplacement(replaced(m)));
        }
        return m.appendTail(said).toString();
    }

    private String replaced(Matcher m) {
        if (m.group(1) != null) {
            return like(m.group(1), subject) + " " + verb(m.group(2));
        }
        if (m.group(3) != null) {
            return like(m.group(3), subject);
        }
        if (m.group(4) != null) {
            return like(m.group(4), self);
        }
        if (m.group(5) != null) {
            return like(m.group(5), own);
        }
        if (m.group(6) != null) {
            return like(m.group(6), possessive);
        }
        return like(m.group(7), object);
    }

    private String verb(String verb) {
        if (this == HE) {
            return verb;
        }
        String known = VERBS.get(verb);
        if (known != null) {
            return known;
        }
        boolean isThird = verb.endsWith("s") && !verb.endsWith("ss");
        return isThird ? verb.substring(0, verb.length() - 1) : verb;
    }

    private static String like(String first, String word) {
        return Character.isUpperCase(first.charAt(0))
                ? Character.toUpperCase(word.charAt(0)) + word.substring(1)
                : word;
    }
}
