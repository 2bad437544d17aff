package gyrotaxis.e2e;

import java.io.IOException;
import java.io.InputStream;
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
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/** What the door costs: starting with TLS, signing in, and each request after it. */
@EnabledIfSystemProperty(named = "measure", matches = "door")
class DoorMeasurement {
    private static final int STARTS = 5;
    private static final int SIGN_INS = 30;
    private static final int WARM_UP = 2_000;
    private static final int REQUESTS = 4_000;
    private static final int AT_ONCE = 4;
    private static final String PASSPHRASE = "three oars by the slipway";

    @Test
    void measure(@TempDir Path alone, @TempDir Path studio) throws Exception {
        double[] plainStarts = new double[STARTS];
        double[] studioStarts = new double[STARTS];
        double plain = 0;
        double door = 0;
        double signedIn = 0;
        double[] signIns = new double[SIGN_INS];
        for (int i = 0; i < STARTS; i++) {
            boolean isLast = i == STARTS - 1;
            long began = System.nanoTime();
            ServerProcess s = ServerProcess.run(
                    alone, p -> get(HttpClient.newHttpClient(), "http://127.0.0.1:" + p + "/api/words") == 200);
            plainStarts[i] = seconds(began);
            if (isLast) {
                plain = perSecond(HttpClient.newHttpClient(), "http://127.0.0.1:" + s.port() + "/api/hair-lines");
            }
            s.end();
            began = System.nanoTime();
            s = ServerProcess.run(
                    studio,
                    p -> get(trusting(studio, new CookieManager()), "https://127.0.0.1:" + (p + 1) + "/api/door")
                            == 200,
                    "--studio");
            studioStarts[i] = seconds(began);
            if (isLast) {
                String at = "https://127.0.0.1:" + (s.port() + 1);
                CookieManager cookies = new CookieManager();
                HttpClient http = trusting(studio, cookies);
                post(http, cookies, at, "/api/door/first");
                for (int k = 0; k < SIGN_INS; k++) {
                    began = System.nanoTime();
                    post(http, cookies, at, "/api/door/sign-in");
                    signIns[k] = seconds(began) * 1000;
                }
                signedIn = perSecond(http, at + "/api/hair-lines");
                door = perSecond(trusting(studio, new CookieManager()), at + "/api/door");
            }
            s.end();
        }
        System.out.printf(
                "start alone %s s%nstart with TLS %s s (the first makes the certificates)%n",
                Arrays.toString(plainStarts), Arrays.toString(studioStarts));
        Arrays.sort(signIns);
        System.out.printf(
                "signing in: median %.0f ms, 95 %% %.0f ms%n", signIns[SIGN_INS / 2], signIns[SIGN_INS * 95 / 100]);
        System.out.printf(
                "requests a second, %d at once: alone %.0f; with TLS, signed in %.0f; with TLS, how the door stands, by nobody %.0f%n",
                AT_ONCE, plain, signedIn, door);
    }

    private static double seconds(long began) {
        return Math.round((System.nanoTime() - began) / 1e7) / 100.0;
    }

    private static int get(HttpClient http, String at) throws IOException, InterruptedException {
        return http.send(HttpRequest.newBuilder(URI.create(at)).build(), BodyHandlers.ofString())
                .statusCode();
    }

    private static void post(HttpClient http, CookieManager cookies, String at, String path) throws Exception {
        get(http, at + "/api/door");
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create(at + path))
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", token)
                        .POST(BodyPublishers.ofString(
                                "{\"name\":\"Maren Quay\",\"passphrase\":\"" + PASSPHRASE + "\"}"))
                        .build(),
                BodyHandlers.ofString());
        if (answer.statusCode() != 204) {
            throw new AssertionError(answer.statusCode() + " " + answer.body());
        }
    }

    private static double perSecond(HttpClient http, String at) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(AT_ONCE);
        try {
            ask(pool, http, at, WARM_UP);
            long began = System.nanoTime();
            ask(pool, http, at, REQUESTS);
            return REQUESTS / seconds(began);
        } finally {
            pool.shutdown();
        }
    }

    private static void ask(ExecutorService pool, HttpClient http, String at, int many) throws Exception {
        List<Future<?>> all = new ArrayList<>();
        for (int t = 0; t < AT_ONCE; t++) {
            all.add(pool.submit(() -> {
                for (int i = 0; i < many / AT_ONCE; i++) {
                    int status = get(http, at);
                    if (status != 200) {
                        throw new AssertionError(at + " answered " + status);
                    }
                }
                return null;
            }));
        }
        for (Future<?> f : all) {
            f.get();
        }
    }

    private static HttpClient trusting(Path folder, CookieManager cookies) throws IOException {
        try (InputStream in = Files.newInputStream(folder.resolve("door/authority.pem"))) {
            KeyStore store = KeyStore.getInstance("PKCS12");
            store.load(null, null);
            store.setCertificateEntry(
                    "studio", CertificateFactory.getInstance("X.509").generateCertificate(in));
            TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
            trust.init(store);
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(null, trust.getTrustManagers(), null);
            return HttpClient.newBuilder()
                    .sslContext(context)
                    .cookieHandler(cookies)
                    .build();
        } catch (java.security.GeneralSecurityException e) {
            throw new IOException(e);
        }
    }
}
