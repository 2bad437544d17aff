package gyrotaxis.server.door;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.OpenStudio;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * Everything that can be asked, by everybody who could ask it. What there is to ask is read from the description that the server gives
 * of itself; who may is written in {@code who-may.txt}, so nothing new is let through, or kept from anybody, without a line there.
 */
class WhoMayTest {
    /** From the least to the most. */
    private static final List<String> WHO = List.of("NOBODY", "LEARNER", "STYLIST", "OWNER");

    private static final String NO_ID = "00000000-0000-4000-8000-000000000000";

    /** What would end the session that asks, or somebody's whom the next line needs; asked last, in this order. */
    private static final List<String> LAST =
            List.of("PUT /api/door/passphrase", "PUT /api/door/digits", "POST /api/door/sign-out");

    private static Map<String, String> written() throws IOException {
        Map<String, String> all = new LinkedHashMap<>();
        try (InputStream in = Objects.requireNonNull(WhoMayTest.class.getResourceAsStream("/who-may.txt"))) {
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList()) {
                if (!line.isBlank() && !line.startsWith("#")) {
                    String[] parts = line.split("\\s+");
                    all.put(parts[1] + " " + parts[2], parts[0]);
                }
            }
        }
        return all;
    }

    @Test
    void everybodyMayWhatIsWrittenAndNothingElse(@TempDir Path folder) throws IOException {
        Map<String, String> written = written();
        try (OpenStudio studio = OpenStudio.in(folder)) {
            filesOfThePageAreEverybodysAndNothingElseIs(studio);
            Api owner = studio.owner();
            Map<String, Api> who = new LinkedHashMap<>();
            who.put("NOBODY", studio.browser());
            who.put("LEARNER", studio.invited("Lene Learner", "LEARNER"));
            who.put("STYLIST", studio.invited("Stine Stylist", "STYLIST"));
            who.put("OWNER", owner);
            List<String> there = there(owner);
            assertThat(new TreeSet<>(there)).as("lines of who-may.txt").isEqualTo(new TreeSet<>(written.keySet()));
            List<String> wrong = new ArrayList<>();
            for (String what : there) {
                for (Map.Entry<String, Api> w : who.entrySet()) {
                    boolean may = WHO.indexOf(w.getKey()) >= WHO.indexOf(written.get(what));
                    int status = ask(w.getValue(), what).status();
                    boolean isRefused = w.getKey().equals("NOBODY") ? isRefusedToNobody(what, status) : status == 403;
                    if (isRefused == may) {
                        wrong.add(what + " asked by " + w.getKey() + " was answered " + status);
                    }
                }
            }
            assertThat(wrong).isEmpty();
        }
    }

    /** Whoever misses a passphrase is answered 401 as well; that is no refusal to ask. */
    private static boolean isRefusedToNobody(String what, int status) {
        boolean isWayIn = what.matches("POST /api/door/(sign-in|switch|invited|take-invitation|first)");
        return status == 401 && !isWayIn;
    }

    private static List<String> there(Api owner) {
        List<String> all = new ArrayList<>();
        JsonNode paths = owner.get("/api/openapi").json().get("paths");
        paths.properties()
                .forEach(p -> p.getValue()
                        .propertyNames()
                        .forEach(m -> all.add(m.toUpperCase(Locale.ROOT) + " " + p.getKey())));
        all.removeAll(LAST);
        all.addAll(LAST);
        return all;
    }

    private static Answer ask(Api api, String what) {
        String method = what.substring(0, what.indexOf(' '));
        String path = what.substring(what.indexOf(' ') + 1).replaceAll("\\{[^}]+}", NO_ID);
        if (method.equals("GET")) {
            return api.get(path);
        }
        return api.answer(api.signed(path)
                .header(
                        "Content-Type",
                        path.contains("/pictures/") || path.endsWith("/still")
                                ? "image/png"
                                : path.endsWith("/table")
                                        ? "text/csv"
                                        : path.endsWith("/calendar")
                                                ? "text/calendar"
                                                : path.endsWith("/cards") ? "text/vcard" : "application/json")
                .method(method, BodyPublishers.ofString("{}"))
                .build());
    }

    private static void filesOfThePageAreEverybodysAndNothingElseIs(OpenStudio studio) {
        Api nobody = studio.browser();
        for (String page : List.of("/", "/book", "/come-in", "/sw.js", "/mark.svg", "/trust")) {
            assertThat(nobody.get(page).status()).as(page).isEqualTo(200);
        }
        for (String closed : List.of("/api/openapi", "/api/nothing", "/actuator/env", "/actuator", "/api")) {
            assertThat(nobody.get(closed).status()).as(closed).isEqualTo(401);
        }
        assertThat(nobody.get("/actuator/health").json().propertyNames()).containsOnly("status", "groups");
    }
}
