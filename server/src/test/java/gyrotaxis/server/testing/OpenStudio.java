package gyrotaxis.server.testing;

import gyrotaxis.server.testing.Api.Answer;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.ArrayList;
import java.util.List;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import tools.jackson.databind.node.ObjectNode;

/** A studio that is open to its network, and browsers that trust it. */
public final class OpenStudio implements AutoCloseable {
    public static final String PASSPHRASE = "three oars by the slipway";

    private final RunningServer.Started started;

    private OpenStudio(RunningServer.Started started) {
        this.started = started;
    }

    public static OpenStudio in(Path folder, String... settings) {
        List<String> all = new ArrayList<>(List.of("--gyrotaxis.studio=true", "--gyrotaxis.plain-port=0"));
        all.addAll(List.of(settings));
        return new OpenStudio(RunningServer.start(folder, all.toArray(String[]::new)));
    }

    public RunningServer.Started started() {
        return started;
    }

    /** A browser that nobody knows yet. */
    public Api browser() {
        String address = RunningServer.address(started.context()).replace("http://", "https://");
        return new Api(address, trust(started.folder()));
    }

    /** What a device trusts that trusts this studio, and nothing else. */
    public static SSLContext trust(Path folder) {
        try (InputStream in = Files.newInputStream(folder.resolve("door/authority.pem"))) {
            KeyStore store = KeyStore.getInstance("PKCS12");
            store.load(null, null);
            store.setCertificateEntry(
                    "studio", CertificateFactory.getInstance("X.509").generateCertificate(in));
            TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
            trust.init(store);
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(null, trust.getTrustManagers(), null);
            return context;
        } catch (IOException | GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The owner in a browser of hers; the first time she becomes it. */
    public Api owner() {
        Api api = browser();
        Answer first = api.post("/api/door/first", person("Maren Quay"));
        return first.status() == 204 ? api : signedIn("Maren Quay");
    }

    /** Somebody in a browser of hers, after she took her invitation. */
    public Api invited(String name, String role) {
        Answer invitation = owner().post(
                        "/api/door/members",
                        Api.JSON.createObjectNode().put("name", name).put("role", role));
        if (invitation.status() >= 300) {
            throw new AssertionError(invitation.text());
        }
        String link = invitation.json().get("link").asString();
        Api api = browser();
        ObjectNode body = person(name);
        body.remove("name");
        Answer taken = api.post("/api/door/take-invitation", body.put("secret", link.replaceAll(".*#", "")));
        if (taken.status() != 204) {
            throw new AssertionError(taken.text());
        }
        return api;
    }

    /** Somebody who signs in in a browser that nobody knows. */
    public Api signedIn(String name) {
        Api api = browser();
        Answer answer = api.post("/api/door/sign-in", person(name));
        if (answer.status() != 204) {
            throw new AssertionError(answer.text());
        }
        return api;
    }

    public static ObjectNode person(String name) {
        return person(name, PASSPHRASE);
    }

    public static ObjectNode person(String name, String passphrase) {
        return Api.JSON.createObjectNode().put("name", name).put("passphrase", passphrase);
    }

    @Override
    public void close() throws IOException {
        started.close();
    }
}
