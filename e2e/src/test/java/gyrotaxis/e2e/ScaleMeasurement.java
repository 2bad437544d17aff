package gyrotaxis.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import gyrotaxis.server.Gyrotaxis;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.boot.builder.SpringApplicationBuilder;

/**
 * Measures a book of many years: its size, how long it takes to open, and how long the page waits for every list, search and page.
 * Prints it and judges nothing. Run by {@code ./gyrotaxis bench --scale}.
 */
@EnabledIfSystemProperty(named = "measure", matches = "scale")
class ScaleMeasurement {
    private static final int CLIENTS = Integer.getInteger("clients", 20_000);
    private static final int VISITS_EACH = 3;
    private static final int STARTS = 3;
    private static Path years;

    /** Asks for an address again and again with other words each time; answers what takes how long, sorted. */
    private static final String ASK = """
            async ({ path, words }) => {
              const times = [];
              for (let i = 0; i < 60; i++) {
                const start = performance.now();
                const answer = await fetch(path.replaceAll('{}', encodeURIComponent(words[i % words.length])));
                if (!answer.ok) throw new Error(path + ' says ' + answer.status);
                await answer.json();
                // The first ones only warm the server up.
                if (i >= 10) times.push(performance.now() - start);
              }
              times.sort((a, b) => a - b);
              return [times[24], times[47]];
            }
            """;

    /** Goes to a place inside the page and waits until it shows what it is for. */
    private static final String OPEN = """
            async ({ path, shown, away }) => {
              const go = (to) => { history.pushState({}, '', to); dispatchEvent(new PopStateEvent('popstate', { state: {} })); };
              const seen = async (what) => {
                while (!document.querySelector(what)) await new Promise((done) => requestAnimationFrame(done));
              };
              const times = [];
              for (let i = 0; i < 30; i++) {
                go(away);
                while (document.querySelector(shown)) await new Promise((done) => requestAnimationFrame(done));
                await new Promise((done) => setTimeout(done, 150));
                const start = performance.now();
                go(path);
                await seen(shown);
                if (i >= 5) times.push(performance.now() - start);
              }
              times.sort((a, b) => a - b);
              return [times[12], times[23]];
            }
            """;

    @Test
    void manyYears() throws Exception {
        Path folder = folder();
        Path file = folder.resolve("gyrotaxis.mv.db");
        System.out.printf(
                "%,d clients, %,d visits; on disk %,d MB%n", CLIENTS, CLIENTS * VISITS_EACH, Files.size(file) >> 20);
        HttpClient http = HttpClient.newHttpClient();
        // The first time it may be built.
        start(folder, http).end();
        for (int i = 0; i < STARTS; i++) {
            long start = System.nanoTime();
            ServerProcess server = start(folder, http);
            System.out.printf("opened in %.1f s%n", (System.nanoTime() - start) / 1e9);
            server.end();
        }
        ServerProcess server = start(folder, http);
        try (Playwright playwright = Playwright.create(
                        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
                Browser browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Studio.CHROMIUM)
                                .setArgs(Studio.CHROMIUM_ARGS))) {
            Page page = browser.newPage();
            page.setDefaultTimeout(120_000);
            page.navigate("http://127.0.0.1:" + server.port() + "/practice");
            ask(page);
        } finally {
            server.end();
        }
    }

    /** How long it takes until all of it is out, in every form, and back again with the memory of a small machine. */
    @Test
    void files() throws Exception {
        Path folder = folder();
        CookieManager cookies = new CookieManager();
        HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
        ServerProcess server = start(folder, http);
        Path backups = Files.createTempDirectory("gyrotaxis-backups");
        String at = "http://127.0.0.1:" + server.port();
        try {
            for (String path : List.of(
                    "/api/clients/cards.vcf",
                    "/api/diary/calendar.ics?days=800",
                    "/api/stock/movements.csv",
                    "/api/stock/table.csv",
                    "/api/visits/table.csv")) {
                long start = System.nanoTime();
                HttpResponse<byte[]> answer =
                        http.send(HttpRequest.newBuilder(URI.create(at + path)).build(), BodyHandlers.ofByteArray());
                System.out.printf(
                        "%-36s %d, %,d kB in %.1f s%n",
                        path, answer.statusCode(), answer.body().length / 1000, (System.nanoTime() - start) / 1e9);
            }
            http.send(HttpRequest.newBuilder(URI.create(at + "/api/door")).build(), BodyHandlers.discarding());
            String token = cookies.getCookieStore().getCookies().stream()
                    .filter(c -> c.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .findFirst()
                    .orElseThrow();
            send(
                    http,
                    at,
                    "PUT",
                    "/api/backups/wish",
                    token,
                    "{\"folder\":\"" + backups + "\",\"every\":\"NEVER\",\"kept\":2}");
            long start = System.nanoTime();
            String now = send(http, at, "POST", "/api/backups", token, "{}");
            String stage = "";
            while (!now.contains("\"running\":null")) {
                String is = now.contains("Checking") ? "checking" : "writing";
                if (!is.equals(stage)) {
                    stage = is;
                    System.out.printf("%s from %.1f s%n", stage, (System.nanoTime() - start) / 1e9);
                }
                Thread.sleep(100);
                now = send(http, at, "GET", "/api/backups", token, null);
            }
            System.out.printf("backup done in %.1f s: %s%n", (System.nanoTime() - start) / 1e9, now);
        } finally {
            server.end();
        }
        Path file;
        try (var all = Files.list(backups)) {
            file = all.findFirst().orElseThrow();
        }
        Path to = Files.createTempDirectory("gyrotaxis-restored");
        long start = System.nanoTime();
        int ended = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx256m",
                        "-cp",
                        System.getProperty("java.class.path"),
                        "gyrotaxis.server.backup.RestoreTool",
                        file.toString(),
                        to.toString(),
                        "--yes")
                .inheritIO()
                .start()
                .waitFor();
        System.out.printf(
                "restored with %d in %.1f s; file %,d MB, database %,d MB%n",
                ended,
                (System.nanoTime() - start) / 1e9,
                Files.size(file) >> 20,
                Files.size(to.resolve("gyrotaxis.mv.db")) >> 20);
    }

    private static String send(HttpClient http, String at, String method, String path, String token, String body)
            throws IOException, InterruptedException {
        return http.send(
                        HttpRequest.newBuilder(URI.create(at + path))
                                .header("Content-Type", "application/json")
                                .header("X-XSRF-TOKEN", token)
                                .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
                                .build(),
                        BodyHandlers.ofString())
                .body();
    }

    /** Where the book lies; made once for all that is measured. */
    private static synchronized Path folder() throws IOException, SQLException {
        if (years == null) {
            String given = System.getProperty("folder");
            years = given == null ? Files.createTempDirectory("gyrotaxis-years") : Path.of(given);
            if (!Files.exists(years.resolve("gyrotaxis.mv.db"))) {
                make(years);
            }
        }
        return years;
    }

    private static void make(Path folder) throws SQLException {
        System.out.println("making many years in " + folder);
        new SpringApplicationBuilder(Gyrotaxis.class)
                .run("--server.port=0", "--gyrotaxis.demo=true", "--gyrotaxis.data-dir=" + folder)
                .close();
        long start = System.nanoTime();
        ManyYears.add(folder, CLIENTS, VISITS_EACH);
        System.out.printf("written in %.0f s%n", (System.nanoTime() - start) / 1e9);
    }

    private static ServerProcess start(Path folder, HttpClient http) throws IOException, InterruptedException {
        return ServerProcess.run(
                folder,
                port -> http.send(
                                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/words"))
                                                .build(),
                                        BodyHandlers.discarding())
                                .statusCode()
                        == 200);
    }

    private static void ask(Page page) {
        List<String> words =
                List.of("a", "ev", "wyn", "zelie", "runa våg", "strom", "thole-", "nobody at all", "ka sen", "Ö");
        List<String> clients = ids(page, "/api/clients?typed=un", "clients");
        for (String path : List.of(
                "/api/clients",
                "/api/clients?typed={}",
                "/api/find?q={}",
                "/api/plans?most=1",
                "/api/visits",
                "/api/follow-ups?until=2100-01-01",
                "/api/diary",
                "/api/stock",
                "/api/stock/movements",
                "/api/shopping",
                "/api/hair-lines")) {
            say(path, page.evaluate(ASK, Map.of("path", path, "words", words)));
        }
        for (String path : List.of(
                "/api/clients/{}",
                "/api/plans/tiles?client={}",
                "/api/clients/{}/visits",
                "/api/clients/{}/follow-ups",
                "/api/clients/{}/appointments",
                "/api/clients/{}/consents")) {
            say(path, page.evaluate(ASK, Map.of("path", path, "words", clients)));
        }
    }

    @SuppressWarnings("unchecked")
    private static List<String> ids(Page page, String path, String of) {
        return (List<String>) page.evaluate(
                "async ([path, of]) => (await (await fetch(path)).json())[of].map((c) => c.id)", List.of(path, of));
    }

    private static void say(String what, Object times) {
        List<?> t = (List<?>) times;
        System.out.printf("%-44s median %6.1f ms, 95 %% within %6.1f ms%n", what, number(t.get(0)), number(t.get(1)));
    }

    private static double number(Object n) {
        return ((Number) n).doubleValue();
    }
}
