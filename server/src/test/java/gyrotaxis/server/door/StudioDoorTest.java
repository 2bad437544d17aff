package gyrotaxis.server.door;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.OpenStudio;
import gyrotaxis.server.testing.TestClock;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.math.BigInteger;
import java.net.HttpCookie;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.PublicKey;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLEngine;
import javax.net.ssl.SSLException;
import javax.net.ssl.SSLSocket;
import javax.net.ssl.TrustManager;
import javax.net.ssl.X509ExtendedTrustManager;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.scheduling.annotation.ScheduledAnnotationBeanPostProcessor;
import tools.jackson.databind.JsonNode;

/** The door of a studio that is open to its network: from outside, over TLS, as devices come to it. */
class StudioDoorTest {
    @TempDir
    static Path folder;

    private static OpenStudio studio;

    @BeforeAll
    static void open() {
        studio = OpenStudio.in(folder, "--gyrotaxis.hosts=studio.lan");
    }

    @AfterAll
    static void close() throws IOException {
        studio.close();
    }

    private static JsonNode door(Api api) {
        return api.get("/api/door").json();
    }

    @Test
    void nobodyButAnOwnerComesInAtFirstAndThereIsOneFirst() {
        Api owner = studio.owner();
        assertThat(door(owner).at("/me/role").asString()).isEqualTo("OWNER");
        assertThat(door(owner).get("needsOwner").asBoolean()).isFalse();
        Answer second = studio.browser().post("/api/door/first", OpenStudio.person("Somebody Else"));
        assertThat(second.status()).isEqualTo(401);
        assertThat(second.text()).contains("has an owner by now");
    }

    @Test
    void aStrangerMaySendLessThanWhoeverSignedIn() {
        Api owner = studio.owner();
        String tooLong = "{\"name\":\"" + "x".repeat(20_000) + "\"}";
        Answer stranger = studio.browser().post("/api/door/sign-in", tooLong);
        assertThat(stranger.status()).isEqualTo(413);
        assertThat(stranger.text()).contains("16 KiB");
        assertThat(owner.post("/api/clients", tooLong).status())
                .as("refused for what it says, not for its size")
                .isEqualTo(400);
        owner.post("/api/door/sign-out", "{}");
        assertThat(owner.post("/api/clients", tooLong).status())
                .as("a session that has ended")
                .isEqualTo(413);
    }

    @Test
    void passphrasesThatAreTriedFirstAreRefusedAtTheField() {
        Api owner = studio.owner();
        for (String weak : List.of("short", "password1234", "qwertyuiop", "Maren Quay")) {
            Answer a = owner.send(
                    "PUT",
                    "/api/door/passphrase",
                    Api.JSON
                            .createObjectNode()
                            .put("before", OpenStudio.PASSPHRASE)
                            .put("passphrase", weak)
                            .toString());
            assertThat(a.status()).as(weak).isEqualTo(422);
            assertThat(a.messageAt("passphrase")).isNotBlank();
        }
        String longest = "ö fern lamp ".repeat(20).substring(0, 200);
        Api other = studio.invited("Long Words", "STYLIST");
        changePassphrase(other, OpenStudio.PASSPHRASE, longest, 204);
        changePassphrase(other, longest, longest + "x", 422);
        assertThat(studio.browser()
                        .post("/api/door/sign-in", OpenStudio.person("long words", longest))
                        .status())
                .isEqualTo(204);
        // No part of it is passed over.
        assertThat(studio.browser()
                        .post("/api/door/sign-in", OpenStudio.person("Long Words", longest.substring(0, 199)))
                        .status())
                .isEqualTo(401);
    }

    private static void changePassphrase(Api api, String before, String then, int status) {
        Answer a = api.send(
                "PUT",
                "/api/door/passphrase",
                Api.JSON
                        .createObjectNode()
                        .put("before", before)
                        .put("passphrase", then)
                        .toString());
        assertThat(a.status()).as(a.text()).isEqualTo(status);
    }

    @Test
    void aSessionHasANameThatNobodyCouldHaveKnown() {
        studio.owner();
        Api api = studio.browser();
        HttpCookie planted = new HttpCookie("__Host-gyrotaxis", "cGxhbnRlZC1ieS1zb21lYm9keQ==");
        planted.setPath("/");
        planted.setDomain("127.0.0.1");
        planted.setSecure(true);
        api.show(planted);
        api.post("/api/door/sign-in", OpenStudio.person("Maren Quay"));
        HttpCookie first = api.cookie("__Host-gyrotaxis").orElseThrow();
        assertThat(first.getValue()).isNotEqualTo(planted.getValue());
        api.post("/api/door/sign-in", OpenStudio.person("Maren Quay"));
        HttpCookie second = api.cookie("__Host-gyrotaxis").orElseThrow();
        assertThat(second.getValue()).isNotEqualTo(first.getValue());
        // The one before is over.
        Api old = studio.browser();
        old.show(first);
        assertThat(old.get("/api/clients").status()).isEqualTo(401);
    }

    @Test
    void cookiesAreForThisServerAndNoScriptAlone() throws Exception {
        studio.owner();
        HttpClient http =
                HttpClient.newBuilder().sslContext(OpenStudio.trust(folder)).build();
        URI address = URI.create(studio.browser().address());
        HttpResponse<String> page =
                http.send(HttpRequest.newBuilder(address.resolve("/api/door")).build(), BodyHandlers.ofString());
        String token = page.headers().allValues("set-cookie").stream()
                .filter(c -> c.startsWith("XSRF-TOKEN="))
                .findFirst()
                .orElseThrow()
                .replaceAll("XSRF-TOKEN=([^;]+);.*", "$1");
        HttpResponse<String> in = http.send(
                HttpRequest.newBuilder(address.resolve("/api/door/sign-in"))
                        .header("Content-Type", "application/json")
                        .header("Cookie", "XSRF-TOKEN=" + token)
                        .header("X-XSRF-TOKEN", token)
                        .POST(BodyPublishers.ofString(
                                OpenStudio.person("Maren Quay").toString()))
                        .build(),
                BodyHandlers.ofString());
        assertThat(in.statusCode()).isEqualTo(204);
        List<String> set = in.headers().allValues("set-cookie");
        for (String name : List.of("__Host-gyrotaxis=", "__Host-gyrotaxis-device=")) {
            assertThat(set)
                    .filteredOn(c -> c.startsWith(name))
                    .last()
                    .asString()
                    .containsIgnoringCase("; HttpOnly")
                    .containsIgnoringCase("; Secure")
                    .containsIgnoringCase("; SameSite=Strict")
                    .containsIgnoringCase("; Path=/")
                    .doesNotContainIgnoringCase("Domain");
        }
        // The token is for scripts of this page; no other site has it sent along.
        assertThat(page.headers().allValues("set-cookie"))
                .filteredOn(c -> c.startsWith("XSRF-TOKEN="))
                .last()
                .asString()
                .containsIgnoringCase("; SameSite=Strict");
        // It would hold for all ports of the machine.
        assertThat(in.headers().firstValue("strict-transport-security")).isEmpty();
    }

    @Test
    void aChangeNeedsTheTokenOfThisPageAndIsNotTakenForNobodys() {
        Api owner = studio.owner();
        Answer stale = owner.answer(owner.request("/api/clients")
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", "of yesterday")
                .POST(BodyPublishers.ofString("{}"))
                .build());
        assertThat(stale.status()).isEqualTo(403);
        assertThat(stale.json().get("detail").asString()).contains("out of date");
    }

    @Test
    void whoMissesWaitsButLocksNobodyElseOut() throws Exception {
        Api known = studio.invited("Rowan Thwart", "STYLIST");
        known.post("/api/door/sign-out", "{}");
        Api stranger = studio.browser();
        // From the machine itself: by the name that is tried. All of these come from there.
        List<Integer> many = atOnce(
                40,
                () -> stranger.post("/api/door/sign-in", OpenStudio.person("Nobody Here", "not that at all"))
                        .status());
        // A slow machine lets some seconds pass meanwhile, and each of the first lets in one more.
        assertThat(many).filteredOn(s -> s == 401).hasSizeBetween(4, 9);
        assertThat(many).containsOnly(401, 429);
        // The waits double: sooner or later one is longer than a request takes.
        Answer waiting = Stream.generate(
                        () -> stranger.post("/api/door/sign-in", OpenStudio.person("Nobody Here", "not that at all")))
                .limit(8)
                .filter(a -> a.status() == 429)
                .findFirst()
                .orElseThrow();
        assertThat(waiting.json().get("seconds").asInt()).isPositive();
        assertThat(known.post("/api/door/sign-in", OpenStudio.person("Rowan Thwart"))
                        .status())
                .isEqualTo(204);
    }

    private static <T> List<T> atOnce(int many, Callable<T> what) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(many);
        try {
            List<Future<T>> all =
                    IntStream.range(0, many).mapToObj(i -> pool.submit(what)).toList();
            List<T> answers = new ArrayList<>();
            for (Future<T> f : all) {
                answers.add(f.get());
            }
            return answers;
        } finally {
            pool.shutdown();
        }
    }

    @Test
    void fourDigitsDoOnAKnownDeviceUntilFiveMisses() {
        Api tablet = studio.invited("Sel Halyard", "STYLIST");
        assertThat(tablet.send("PUT", "/api/door/digits", "{\"digits\":\"1234\"}")
                        .messageAt("digits"))
                .contains("first that somebody would try");
        assertThat(tablet.send("PUT", "/api/door/digits", "{\"digits\":\"4716\"}")
                        .status())
                .isEqualTo(204);
        String id = door(tablet).at("/me/id").asString();
        tablet.post("/api/door/sign-out", "{}");
        assertThat(tablet.get("/api/clients").status()).isEqualTo(401);
        assertThat(door(tablet).at("/known/0/hasDigits").asBoolean()).isTrue();
        // On another device they are worth nothing.
        assertThat(change(studio.browser(), id, "4716").status()).isEqualTo(401);
        assertThat(change(tablet, id, "4716").status()).isEqualTo(204);
        assertThat(tablet.get("/api/clients").status()).isEqualTo(200);
        for (int miss = 1; miss <= 5; miss++) {
            assertThat(change(tablet, id, "0007").status()).isEqualTo(401);
        }
        assertThat(change(tablet, id, "4716").text()).contains("Sign in with your passphrase");
        assertThat(door(tablet).at("/known/0/isLocked").asBoolean()).isTrue();
        assertThat(tablet.post("/api/door/sign-in", OpenStudio.person("Sel Halyard"))
                        .status())
                .isEqualTo(204);
        assertThat(change(tablet, id, "4716").status()).isEqualTo(204);
    }

    private static Answer change(Api api, String id, String digits) {
        return api.post(
                "/api/door/switch",
                Api.JSON.createObjectNode().put("memberId", id).put("digits", digits));
    }

    @Test
    void sessionsAreListedAndEndedByWhoseTheyAreAndByTheOwner() {
        Api owner = studio.owner();
        Api one = studio.invited("Ines Cleat", "STYLIST");
        Api two = studio.signedIn("Ines Cleat");
        JsonNode hers = one.get("/api/door/sessions").json();
        assertThat(hers.size()).isEqualTo(2);
        assertThat(hers.findValuesAsString("memberName")).containsOnly("Ines Cleat");
        JsonNode other = hers.get(hers.get(0).get("isThis").asBoolean() ? 1 : 0);
        assertThat(one.delete("/api/door/sessions/" + other.get("handle").asString())
                        .status())
                .isEqualTo(204);
        assertThat(two.get("/api/clients").status()).isEqualTo(401);
        assertThat(one.get("/api/clients").status()).isEqualTo(200);
        JsonNode all = owner.get("/api/door/sessions").json();
        for (JsonNode s : all) {
            if (s.get("memberName").asString().equals("Ines Cleat")) {
                owner.delete("/api/door/sessions/" + s.get("handle").asString());
            }
        }
        assertThat(one.get("/api/clients").status()).isEqualTo(401);
        Api three = studio.signedIn("Ines Cleat");
        Api four = studio.signedIn("Ines Cleat");
        three.post("/api/door/sign-out?everywhere=true", "{}");
        assertThat(four.get("/api/clients").status()).isEqualTo(401);
    }

    @Test
    void sessionsEndByThemselvesUnusedOrAfterAWeek() {
        Api unused = studio.invited("Una Mast", "STYLIST");
        Api old = studio.invited("Olga Mast", "STYLIST");
        DSLContext db = studio.started().context().getBean(DSLContext.class);
        long now = System.currentTimeMillis();
        assertThat(db.execute(
                        "update spring_session set last_access_time = ?, expiry_time = ? where principal_name = ?",
                        now - Duration.ofHours(13).toMillis(),
                        now - Duration.ofHours(1).toMillis(),
                        door(unused).at("/me/id").asString()))
                .isEqualTo(1);
        assertThat(unused.get("/api/clients").status()).isEqualTo(401);
        String id = door(old).at("/me/id").asString();
        assertThat(old.get("/api/clients").status()).isEqualTo(200);
        db.execute(
                "update spring_session set creation_time = ? where principal_name = ?",
                now - Duration.ofDays(8).toMillis(),
                id);
        assertThat(old.get("/api/clients").status()).isEqualTo(401);
    }

    /** From its own address in the network this machine is another device. */
    @Test
    void fromAnotherDeviceTheFirstNeedsTheCodeThatWasPrinted(@TempDir Path other) throws IOException {
        PrintStream out = System.out;
        ByteArrayOutputStream printed = new ByteArrayOutputStream();
        System.setOut(new PrintStream(printed, true, StandardCharsets.UTF_8));
        try (OpenStudio empty = OpenStudio.in(other)) {
            System.setOut(out);
            String said = printed.toString(StandardCharsets.UTF_8);
            String address = said.replaceAll("(?s).*go to (https://\\S+).*", "$1");
            String code = said.replaceAll("(?s).*with the code (\\S+).*", "$1");
            assumeThat(address).doesNotContain("localhost");
            Api device = new Api(address, OpenStudio.trust(other));
            Answer without = device.post("/api/door/first", OpenStudio.person("Maren Quay"));
            assertThat(without.messageAt("code")).contains("not the code");
            assertThat(door(device).get("needsOwner").asBoolean()).isTrue();
            Answer with = device.post(
                    "/api/door/first", OpenStudio.person("Maren Quay").put("code", code.toLowerCase(Locale.ROOT)));
            assertThat(with.status()).as(with.text()).isEqualTo(204);
        } finally {
            System.setOut(out);
        }
    }

    @Test
    void whoIsTakenOutIsOutAtOnceAndTheLastOwnerStays() {
        Api owner = studio.owner();
        Api gone = studio.invited("Briony Sheet", "STYLIST");
        String id = door(gone).at("/me/id").asString();
        assertThat(gone.get("/api/clients").status()).isEqualTo(200);
        assertThat(owner.delete("/api/door/members/" + id).status()).isEqualTo(200);
        assertThat(gone.get("/api/clients").status()).isEqualTo(401);
        assertThat(gone.post("/api/door/sign-in", OpenStudio.person("Briony Sheet"))
                        .status())
                .isEqualTo(401);
        String me = door(owner).at("/me/id").asString();
        assertThat(owner.delete("/api/door/members/" + me).messageAt("role")).contains("no owner");
    }

    @Test
    void anInvitationIsTakenOnceAndANewOneClosesTheOneBefore() {
        Api owner = studio.owner();
        Answer invitation = owner.post(
                "/api/door/members",
                Api.JSON.createObjectNode().put("name", "Tove Painter").put("role", "LEARNER"));
        String id = invitation.json().get("memberId").asString();
        String old = invitation.json().get("link").asString().replaceAll(".*#", "");
        String secret = owner.post("/api/door/members/" + id + "/invitation", "{}")
                .json()
                .get("link")
                .asString()
                .replaceAll(".*#", "");
        Api api = studio.browser();
        assertThat(take(api, old).status()).isEqualTo(401);
        assertThat(api.post("/api/door/invited", Api.JSON.createObjectNode().put("secret", secret))
                        .json()
                        .get("name")
                        .asString())
                .isEqualTo("Tove Painter");
        assertThat(take(api, secret).status()).isEqualTo(204);
        assertThat(take(studio.browser(), secret).status()).isEqualTo(401);
        assertThat(owner.post(
                                "/api/door/members",
                                Api.JSON
                                        .createObjectNode()
                                        .put("name", "tove  painter")
                                        .put("role", "LEARNER"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void ofManyWhoTakeAnInvitationAtOnceOneComesIn() throws Exception {
        String secret = studio.owner()
                .post(
                        "/api/door/members",
                        Api.JSON.createObjectNode().put("name", "Quick Fender").put("role", "LEARNER"))
                .json()
                .get("link")
                .asString()
                .replaceAll(".*#", "");
        List<Api> browsers = Stream.generate(studio::browser).limit(6).toList();
        browsers.forEach(b -> b.get("/api/door"));
        AtomicInteger next = new AtomicInteger();
        List<Integer> answers = atOnce(
                6, () -> take(browsers.get(next.getAndIncrement()), secret).status());
        assertThat(answers).containsOnlyOnce(204);
        assertThat(browsers)
                .filteredOn(b -> b.get("/api/words").status() == 200)
                .hasSize(1);
    }

    /** After a reset, another passphrase and signing out everywhere her four digits are worth nothing on any device. */
    @Test
    void fourDigitsEndWithEverythingThatShutsHerOut() {
        Api tablet = studio.invited("Petra Gunwale", "STYLIST");
        String id = door(tablet).at("/me/id").asString();
        Api telephone = studio.signedIn("Petra Gunwale");
        List<Runnable> ends = List.of(
                () -> changePassphrase(telephone, OpenStudio.PASSPHRASE, "nine lamps behind a buoy", 204),
                () -> telephone.post("/api/door/sign-out?everywhere=true", "{}"),
                () -> {
                    String link = studio.owner()
                            .post("/api/door/members/" + id + "/invitation", "{}")
                            .json()
                            .get("link")
                            .asString();
                    assertThat(take(studio.browser(), link.replaceAll(".*#", ""))
                                    .status())
                            .isEqualTo(204);
                });
        String passphrase = OpenStudio.PASSPHRASE;
        for (Runnable end : ends) {
            assertThat(tablet.post("/api/door/sign-in", OpenStudio.person("Petra Gunwale", passphrase))
                            .status())
                    .isEqualTo(204);
            assertThat(tablet.send("PUT", "/api/door/digits", "{\"digits\":\"4716\"}")
                            .status())
                    .isEqualTo(204);
            assertThat(change(tablet, id, "4716").status()).isEqualTo(204);
            end.run();
            passphrase = "nine lamps behind a buoy";
            assertThat(change(tablet, id, "4716").status()).isEqualTo(401);
            assertThat(door(tablet).at("/known/0/hasDigits").asBoolean()).isFalse();
        }
    }

    @Test
    void devicesAreListedAndForgottenOneByOne() {
        Api tablet = studio.invited("Runa Keel", "STYLIST");
        Api telephone = studio.signedIn("Runa Keel");
        telephone.send("PUT", "/api/door/digits", "{\"digits\":\"4716\"}");
        String me = door(tablet).at("/me/id").asString();
        JsonNode devices = tablet.get("/api/door/devices").json();
        assertThat(devices).hasSize(2);
        JsonNode other = devices.get(devices.get(0).get("isThis").asBoolean() ? 1 : 0);
        assertThat(other.get("hasDigits").asBoolean()).isTrue();
        String at = "/api/door/devices/" + other.get("id").asString();
        // It is hers to forget, and nobody else's.
        assertThat(studio.owner().delete(at).status()).isEqualTo(404);
        assertThat(tablet.delete(at).status()).isEqualTo(204);
        assertThat(tablet.delete(at).status()).isEqualTo(404);
        assertThat(change(telephone, me, "4716").status()).isEqualTo(401);
        assertThat(tablet.get("/api/door/devices").json())
                .singleElement()
                .satisfies(d -> assertThat(d.get("isThis").asBoolean()).isTrue());
    }

    @Test
    void aLearnerSeesAndWritesHerOwnProgressAlone() {
        Api one = studio.invited("Ailsa Thole", "LEARNER");
        Api two = studio.invited("Birte Thole", "LEARNER");
        String hers = one.post("/api/practice/learners", "{\"name\":\"Ailsa\"}")
                .json()
                .get("id")
                .asString();
        two.post("/api/practice/learners", "{\"name\":\"Birte\"}");
        assertThat(one.get("/api/practice/learners").json().findValuesAsString("name"))
                .containsExactly("Ailsa");
        assertThat(two.get("/api/practice/learners").json().findValuesAsString("name"))
                .containsExactly("Birte");
        String at = "/api/practice/learners/" + hers;
        String hands = "{\"pieces\":5,\"slipped\":0,\"seconds\":60}";
        assertThat(one.post(at + "/hands", hands).status()).isEqualTo(200);
        for (String path : List.of(at, at + "/paper")) {
            assertThat(two.get(path).status()).as(path).isEqualTo(404);
        }
        assertThat(two.post(at + "/hands", hands).status()).isEqualTo(404);
        assertThat(one.get(at).json().get("hands")).hasSize(1);
        // Whoever works here sees all.
        assertThat(studio.owner().get("/api/practice/learners").json().findValuesAsString("name"))
                .contains("Ailsa", "Birte");
    }

    @Test
    void whoIsTakenOutHearsNothingMore() throws Exception {
        Api gone = studio.invited("Liv Capstan", "STYLIST");
        String id = door(gone).at("/me/id").asString();
        gone.post("/api/hair-lines/starter", "{}");
        writeDown(gone, "Wen Ashdown");
        String client = gone.get("/api/clients").json().at("/clients/0/id").asString();
        String plan = gone.post("/api/plans", Api.JSON.createObjectNode().put("clientId", client))
                .json()
                .get("id")
                .asString();
        String visit = UUID.randomUUID().toString();
        assertThat(gone.post(
                                "/api/visits",
                                Api.JSON.createObjectNode().put("id", visit).put("planId", plan))
                        .status())
                .isEqualTo(201);
        HttpResponse<InputStream> line = HttpClient.newBuilder()
                .sslContext(OpenStudio.trust(folder))
                .build()
                .send(
                        HttpRequest.newBuilder(URI.create(gone.address() + "/api/visits/" + visit + "/line"))
                                .header(
                                        "Cookie",
                                        "__Host-gyrotaxis="
                                                + gone.cookie("__Host-gyrotaxis")
                                                        .orElseThrow()
                                                        .getValue())
                                .build(),
                        BodyHandlers.ofInputStream());
        assertThat(line.statusCode()).isEqualTo(200);
        studio.owner().delete("/api/door/members/" + id);
        // It ends, where it would else stay open for minutes.
        assertThat(new String(line.body().readAllBytes(), StandardCharsets.UTF_8))
                .contains("event:arrived");
    }

    @Test
    void thereIsOneWayToSignOut() {
        Api owner = studio.owner();
        assertThat(owner.post("/logout", "{}").status()).isEqualTo(403);
        assertThat(owner.get("/api/clients").status()).isEqualTo(200);
    }

    /** Asked by somebody who only speaks TLS 1.2 with CBC, the studio says nothing. */
    @Test
    void onlyAuthenticatedEncryptionIsSpoken() throws Exception {
        URI address = URI.create(studio.browser().address());
        for (String cipher : List.of(
                "TLS_ECDHE_ECDSA_WITH_AES_256_CBC_SHA384",
                "TLS_ECDHE_RSA_WITH_AES_256_CBC_SHA384",
                "TLS_ECDHE_RSA_WITH_AES_128_CBC_SHA256",
                "TLS_RSA_WITH_AES_128_GCM_SHA256")) {
            try (SSLSocket socket = (SSLSocket)
                    OpenStudio.trust(folder).getSocketFactory().createSocket(address.getHost(), address.getPort())) {
                socket.setEnabledProtocols(new String[] {"TLSv1.2"});
                socket.setEnabledCipherSuites(new String[] {cipher});
                assertThatThrownBy(socket::startHandshake).as(cipher).isInstanceOf(SSLException.class);
            }
        }
    }

    /** A body that comes byte by byte is let in by the same rules as one that comes at once. */
    @Test
    void whatIsSentSlowlyIsRefusedToWhoMayNot() throws Exception {
        URI address = URI.create(studio.browser().address());
        try (SSLSocket socket = (SSLSocket)
                OpenStudio.trust(folder).getSocketFactory().createSocket(address.getHost(), address.getPort())) {
            String head = "POST /api/clients HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                    + "Cookie: XSRF-TOKEN=slow\r\nX-XSRF-TOKEN: slow\r\nContent-Length: 3\r\n\r\n";
            socket.getOutputStream().write(head.getBytes(StandardCharsets.UTF_8));
            for (String part : List.of("{", " ", "}")) {
                socket.getOutputStream().write(part.getBytes(StandardCharsets.UTF_8));
                socket.getOutputStream().flush();
            }
            byte[] status = socket.getInputStream().readNBytes("HTTP/1.1 401".length());
            assertThat(new String(status, StandardCharsets.UTF_8)).isEqualTo("HTTP/1.1 401");
        }
    }

    private static Answer take(Api api, String secret) {
        return api.post(
                "/api/door/take-invitation",
                Api.JSON.createObjectNode().put("secret", secret).put("passphrase", OpenStudio.PASSPHRASE));
    }

    @Test
    void whatWasDoneIsTheOwnersToReadAndTellsNothingOfTheClient() {
        Api owner = studio.owner();
        Api orla = studio.invited("Orla Tiller", "STYLIST");
        writeDown(orla, "Wen Ashdown, coeliac");
        String id = orla.get("/api/clients").json().at("/clients/0/id").asString();
        orla.get("/api/clients/" + id);
        orla.get("/api/clients/" + id + "/file");
        owner.delete("/api/clients/" + id);
        JsonNode deeds = owner.get("/api/door/deeds").json().get("deeds");
        List<String> said = deeds.valueStream()
                .map(d -> d.get("who").asString() + " " + d.get("words").asString() + " "
                        + d.get("of").asString())
                .toList();
        assertThat(said)
                .contains(
                        "Maren Quay erased a client erased since",
                        "Orla Tiller took a client's file out erased since",
                        "Orla Tiller opened a client erased since",
                        "Orla Tiller took an invitation ");
        assertThat(deeds.toString()).doesNotContain("coeliac").doesNotContain(OpenStudio.PASSPHRASE);
        assertThat(orla.get("/api/door/deeds").status()).isEqualTo(403);
    }

    private static void writeDown(Api api, String name) {
        Answer a = api.post(
                "/api/clients",
                Api.JSON
                        .createObjectNode()
                        .put("name", name)
                        .put("wishes", "")
                        .put("notes", "")
                        .put("version", 0)
                        .set("head", Api.JSON.readTree("{\"roundMm\":560,\"frontToNapeMm\":360,\"overTopMm\":330}")));
        assertThat(a.status()).as(a.text()).isEqualTo(201);
    }

    @Test
    void withoutTlsOnlyTheWayIsTold() throws Exception {
        String plain =
                studio.owner().get("/api/door/address").json().get("plain").asString();
        URI address = URI.create("http://127.0.0.1:" + URI.create(plain).getPort());
        HttpClient http = HttpClient.newHttpClient();
        for (String path : List.of("/", "/book", "/api/clients", "/api/door", "/actuator/health", "/assets/x.js")) {
            HttpResponse<String> page =
                    http.send(HttpRequest.newBuilder(address.resolve(path)).build(), BodyHandlers.ofString());
            assertThat(page.statusCode()).as(path).isEqualTo(200);
            assertThat(page.body()).contains("https://127.0.0.1:").contains("SHA-256");
            assertThat(page.headers().allValues("set-cookie")).isEmpty();
        }
        HttpResponse<String> taken = http.send(
                HttpRequest.newBuilder(address.resolve("/api/door/sign-in"))
                        .header("Content-Type", "application/json")
                        .POST(BodyPublishers.ofString("{}"))
                        .build(),
                BodyHandlers.ofString());
        assertThat(taken.statusCode()).isEqualTo(403);
        HttpResponse<byte[]> authority = http.send(
                HttpRequest.newBuilder(address.resolve("/trust/studio.crt")).build(), BodyHandlers.ofByteArray());
        assertThat(authority.body()).isNotEmpty();
    }

    @Test
    void onlyWhoTrustsTheStudioBelievesIt() {
        assertThatThrownBy(() -> HttpClient.newHttpClient()
                        .send(
                                HttpRequest.newBuilder(
                                                URI.create(studio.browser().address()))
                                        .build(),
                                BodyHandlers.ofString()))
                .isInstanceOf(SSLException.class);
    }

    /** A studio that runs for a year without being restarted gets its certificate by itself, and shows it to whoever comes next. */
    @Test
    void aCertificateIsRenewedWhileTheStudioRuns(@TempDir Path other) throws Exception {
        try (OpenStudio running = OpenStudio.in(other)) {
            BigInteger before = serial(running);
            ConfigurableApplicationContext context = running.started().context();
            Runnable renewal = renewal(context);
            renewal.run();
            assertThat(serial(running)).as("not before its time").isEqualTo(before);
            TestClock clock = context.getBean(TestClock.class);
            clock.stop();
            clock.turn(Duration.ofDays(370));
            renewal.run();
            BigInteger now = serial(running);
            for (int asked = 0; now.equals(before) && asked < 10_000; asked++) {
                Thread.onSpinWait();
                now = serial(running);
            }
            assertThat(now).isNotEqualTo(before);
        }
    }

    /** What the server does twice a day. */
    private static Runnable renewal(ConfigurableApplicationContext context) {
        return context.getBean(ScheduledAnnotationBeanPostProcessor.class).getScheduledTasks().stream()
                .filter(t -> t.getTask().toString().contains("CertificateRenewal"))
                .map(t -> t.getTask().getRunnable())
                .findFirst()
                .orElseThrow();
    }

    /** Of the certificate that the studio shows, once the studio's authority vouches for it: on whatever day its clock shows. */
    private static BigInteger serial(OpenStudio studio) throws IOException, GeneralSecurityException {
        PublicKey authority = CertificateFactory.getInstance("X.509")
                .generateCertificate(
                        Files.newInputStream(studio.started().folder().resolve("door/authority.pem")))
                .getPublicKey();
        List<X509Certificate> shown = new ArrayList<>();
        SSLContext tls = SSLContext.getInstance("TLS");
        TrustManager onAnyDay = new X509ExtendedTrustManager() {
            @Override
            public void checkServerTrusted(X509Certificate[] chain, String kind, Socket socket) {
                shown.add(chain[0]);
            }

            @Override
            public void checkServerTrusted(X509Certificate[] chain, String kind, SSLEngine engine) {
                shown.add(chain[0]);
            }

            @Override
            public void checkServerTrusted(X509Certificate[] chain, String kind) {
                shown.add(chain[0]);
            }

            @Override
            public void checkClientTrusted(X509Certificate[] chain, String kind, Socket socket) {
                throw new UnsupportedOperationException();
            }

            @Override
            public void checkClientTrusted(X509Certificate[] chain, String kind, SSLEngine engine) {
                throw new UnsupportedOperationException();
            }

            @Override
            public void checkClientTrusted(X509Certificate[] chain, String kind) {
                throw new UnsupportedOperationException();
            }

            @Override
            public X509Certificate[] getAcceptedIssuers() {
                return new X509Certificate[0];
            }
        };
        tls.init(null, new TrustManager[] {onAnyDay}, null);
        URI address = URI.create(studio.browser().address());
        try (SSLSocket socket = (SSLSocket) tls.getSocketFactory().createSocket(address.getHost(), address.getPort())) {
            socket.startHandshake();
        }
        shown.get(0).verify(authority);
        return shown.get(0).getSerialNumber();
    }

    @Test
    void anotherHostNameIsNotAnsweredOverTlsEither() throws IOException {
        assertThat(statusLine("studio.lan")).contains(" 200");
        assertThat(statusLine("127.0.0.1")).contains(" 200");
        assertThat(statusLine("elsewhere.example")).contains(" 421");
    }

    private static String statusLine(String host) throws IOException {
        URI address = URI.create(studio.browser().address());
        try (Socket socket =
                OpenStudio.trust(folder).getSocketFactory().createSocket(address.getHost(), address.getPort())) {
            ((SSLSocket) socket).startHandshake();
            socket.getOutputStream()
                    .write(("GET /api/door HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            InputStream in = socket.getInputStream();
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .findFirst()
                    .orElse("");
        }
    }
}
