package gyrotaxis.server.messages;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words with places in braces, {@code {name}}, that are filled in for each client. */
record Template(String words) {
    static final int MAX_LENGTH = 1000;

    private static final Set<String> PLACES = Set.of("name", "day", "time", "stylist", "studio", "what");
    private static final Pattern PLACE = Pattern.compile("\\{([^{}]*)\\}");

    /** What can be filled in, in order. */
    static Set<String> places() {
        return new TreeSet<>(PLACES);
    }

    /** What is wrong with it; empty if nothing is. */
    Optional<String> fault() {
        Matcher m = PLACE.matcher(words);
        while (m.find()) {
            if (!PLACES.contains(m.group(1))) {
                return Optional.of("Nothing is known that could stand for {" + m.group(1) + "}. There are {"
                        + String.join("}, {", places()) + "}.");
            }
        }
        String rest = PLACE.matcher(words).replaceAll("");
        if (rest.contains("{") || rest.contains("}")) {
            return Optional.of("A brace stands alone. A place to fill in has one on each side: {name}.");
        }
        return Optional.empty();
    }

    /** With everything filled in; what is not known leaves its place empty. */
    String filled(Map<String, String> values) {
        String all =
                PLACE.matcher(words).replaceAll(m -> Matcher.quoteReplacement(values.getOrDefault(m.group(1), "")));
        return all.replaceAll(" {2,}", " ").replaceAll(" ([,.;:!?])", "$1").strip();
    }
}
