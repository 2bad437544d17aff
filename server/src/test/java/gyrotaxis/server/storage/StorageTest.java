package gyrotaxis.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.OpenStudio;
import gyrotaxis.server.testing.RunningServer;
import java.io.IOException;
import java.net.HttpCookie;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.node.ObjectNode;

/** What the server says when the ground under its database gives way. */
class StorageTest {
    private static final String DATABASE = "gyrotaxis.mv.db";

    @TempDir
    Path folder;

    /** Starts in a process-like way and gives what went wrong. */
    private Throwable start(String... settings) {
        return catchThrowable(
                () -> RunningServer.start(folder, settings).context().close());
    }

    private void startAndStop() {
        assertThat(start()).isNull();
    }

    private static String failure(Throwable t) {
        List<String> all = new ArrayList<>();
        for (Throwable c = t; c != null; c = c.getCause()) {
            all.add(String.valueOf(c.getMessage()));
        }
        return String.join("\n", all);
    }

    @Test
    void withoutRoomNothingIsKeptAndAllIsRead() throws IOException {
        assertThat(start("--gyrotaxis.demo=true")).isNull();
        // No disk has an exbibyte to spare.
        try (RunningServer.Started full = RunningServer.start(folder, "--gyrotaxis.storage.spare=1000000TB")) {
            Api api = new Api(RunningServer.address(full.context()));
            Answer plans = api.get("/api/plans");
            assertThat(plans.status()).isEqualTo(200);
            assertThat(plans.json().size()).isGreaterThan(5);
            ObjectNode plan = (ObjectNode) plans.json().get(0);
            String at = "/api/plans/" + plan.path("id").asString();
            ObjectNode change = Api.JSON
                    .createObjectNode()
                    .put("name", "Other")
                    .put("version", plan.path("version").asInt());
            change.set("brief", plan.get("brief"));
            for (int i = 0; i < 3; i++) {
                Answer refused = api.put(at, change);
                assertThat(refused.status()).as(refused.text()).isEqualTo(507);
                assertThat(refused.json().path("detail").asString()).contains("not kept", "as it was", "disk is full");
            }
            assertThat(api.delete(at).status()).isEqualTo(507);
            assertThat(api.get(at).json()).isEqualTo(plan);
            assertThat(api.plan(plan.get("brief")).status()).isEqualTo(200);
            Answer health = api.get("/actuator/health");
            assertThat(health.status()).isEqualTo(503);
            assertThat(health.text()).contains("DOWN");
        }
    }

    /** Whoever signed in before reads on, opens the page and signs out; what she would keep is refused with the reason. */
    @Test
    void withoutRoomTheStudioIsReadAndLeft() throws IOException {
        HttpCookie session;
        OpenStudio before = OpenStudio.in(folder);
        session = before.owner().cookie("__Host-gyrotaxis").orElseThrow();
        before.started().context().close();
        try (OpenStudio full = OpenStudio.in(folder, "--gyrotaxis.storage.spare=1000000TB")) {
            Api owner = full.browser();
            owner.show(session);
            assertThat(owner.get("/api/clients").status()).isEqualTo(200);
            assertThat(owner.get("/").status()).isEqualTo(200);
            Answer refused = owner.post("/api/hair-lines/starter", "{}");
            assertThat(refused.status()).as(refused.text()).isEqualTo(507);
            assertThat(owner.post("/api/door/sign-out", "{}").status()).isEqualTo(204);
            Api again = full.browser();
            again.show(session);
            assertThat(again.get("/api/clients").status()).isEqualTo(401);
        }
    }

    @Test
    void anEmptyDatabaseIsNoEmptyBook() throws IOException {
        startAndStop();
        startAndStop();
        Files.write(folder.resolve(DATABASE), new byte[0]);
        String said = failure(start());
        assertThat(said).contains("is empty");
        try (Stream<Path> copies = Files.list(folder.resolve("copies"))) {
            assertThat(copies)
                    .singleElement()
                    .satisfies(copy -> assertThat(Files.size(copy)).isPositive());
        }
        assertThat(Files.size(folder.resolve(DATABASE))).isZero();
    }

    @Test
    void aDamagedDatabaseIsLeftAsItIs() throws IOException {
        startAndStop();
        byte[] garbage = new byte[40_000];
        Arrays.fill(garbage, (byte) 7);
        Files.write(folder.resolve(DATABASE), garbage);
        assertThat(start()).isNotNull();
        assertThat(Files.readAllBytes(folder.resolve(DATABASE))).isEqualTo(garbage);
    }
}
