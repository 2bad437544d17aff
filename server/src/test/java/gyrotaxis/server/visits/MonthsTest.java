package gyrotaxis.server.visits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The months around a head: what is looked after, what is learned, what is found, what is erased. */
class MonthsTest {
    private static RunningServer.Started server;
    private static Api api;

    @BeforeAll
    static void open() throws IOException {
        server = RunningServer.start(
                Files.createTempDirectory("gyrotaxis-months"), "--gyrotaxis.demo=true", RunningServer.WHOLE_STUDIO);
        api = new Api(RunningServer.address(server.context()));
    }

    @AfterAll
    static void close() throws IOException {
        server.close();
    }

    private static JsonNode find(String typed) {
        return api.get("/api/find?q=" + URLEncoder.encode(typed, StandardCharsets.UTF_8))
                .json();
    }

    private static String clientOf(String name) {
        return find(name).get(0).path("id").asString();
    }

    @Test
    void isFoundByAnyPartOfANameAccentsOrNot() {
        assertThat(find("zoe lan").get(0).path("name").asString()).isEqualTo("Zoë Lanternby");
        assertThat(find("LØVSUND").get(0).path("name").asString()).isEqualTo("Ingrith Løvsund");
        assertThat(find("lovsund")).isNotEmpty();
        assertThat(find("rnby zoë").get(0).path("kind").asString()).isEqualTo("CLIENT");
        assertThat(find("silk"))
                .anySatisfy(h -> assertThat(h.path("kind").asString()).isEqualTo("LINE"));
        assertThat(find("lanternby"))
                .anySatisfy(h -> assertThat(h.path("kind").asString()).isEqualTo("VISIT"));
        assertThat(find("%")).isEmpty();
        assertThat(find("  ")).isEmpty();
        assertThat(find("x".repeat(5000))).isEmpty();
    }

    @Test
    void aClientsVisitsTellWhatTheyCameTo() {
        JsonNode visits =
                api.get("/api/clients/" + clientOf("lanternby") + "/visits").json();
        assertThat(visits.size()).isGreaterThanOrEqualTo(3);
        JsonNode last = visits.get(0);
        assertThat(last.path("isFinished").asBoolean()).isTrue();
        assertThat(last.path("usedLoops").asDouble()).isGreaterThan(40);
        assertThat(last.path("minutes").asDouble()).isGreaterThan(60);
        assertThat(last.path("lastTime").asString()).startsWith("used ").contains(" loops");
    }

    @Test
    void whatIsDueIsToldInOneTapAndTheLastWordHolds() {
        JsonNode due =
                api.get("/api/follow-ups?until=" + LocalDate.now().plusDays(40)).json();
        JsonNode check = null;
        for (JsonNode f : due) {
            check = f.path("what").asString().equals("SLIP_CHECK") ? f : check;
        }
        assertThat(check).isNotNull();
        String at = "/api/follow-ups/" + check.path("id").asString();
        assertThat(api.put(at, "{\"outcome\":\"FLATTER\"}").messageAt("outcome"))
                .contains("says nothing of slip check");
        assertThat(api.put(at, "{\"outcome\":\"HELD\",\"on\":\"9999-01-01\"}").messageAt("on"))
                .contains("9999");
        assertThat(api.put(
                                at,
                                "{\"outcome\":\"HELD\",\"on\":\""
                                        + LocalDate.now().plusDays(3) + "\"}")
                        .messageAt("on"))
                .contains("still to come");
        assertThat(api.put(at, "{\"outcome\":\"MANY_SLID\"}")
                        .json()
                        .path("outcomeWords")
                        .asString())
                .isEqualTo("many slid");
        String lastTime = lastTime(check);
        assertThat(lastTime).contains("many slid later");
        assertThat(api.put(at, "{\"outcome\":\"HELD\"}").status()).isEqualTo(200);
        assertThat(lastTime(check)).doesNotContain("slid later");
        assertThat(api.put("/api/follow-ups/" + UUID.randomUUID(), "{\"outcome\":\"HELD\"}")
                        .status())
                .isEqualTo(404);
    }

    private static String lastTime(JsonNode followUp) {
        for (JsonNode v : api.get("/api/clients/" + followUp.path("clientId").asString() + "/visits")
                .json()) {
            if (v.path("id").equals(followUp.path("visitId"))) {
                return v.path("lastTime").asString();
            }
        }
        throw new AssertionError("no such visit");
    }

    /** The same head takes as long as the hands that are asked for need. */
    @Test
    void anAppointmentIsAsLongAsItsStylistNeeds() {
        String plan = "";
        for (JsonNode p : api.get("/api/plans").json()) {
            plan = p.path("name").asString().equals("Deep wave, up for rowing")
                    ? p.path("id").asString()
                    : plan;
        }
        JsonNode stylists = api.get("/api/people").json().path("stylists");
        // Of the made-up year: the first takes an eighth longer than is usual, the second a tenth less.
        double orla = minutes(plan, stylists.get(0).path("id").asString());
        double bethan = minutes(plan, stylists.get(1).path("id").asString());
        assertThat(orla).isGreaterThan(bethan * 1.05);
        assertThat(minutes(plan, "")).isPositive();
    }

    private static double minutes(String plan, String stylist) {
        ObjectNode wanted = Api.JSON
                .createObjectNode()
                .put("occasion", "INSTALL")
                .put("planId", plan)
                .put("stylistId", stylist)
                .put("day", LocalDate.now().plusDays(9).toString())
                .put("minute", 540);
        return api.post("/api/diary/free", wanted).json().at("/minutes/likely").asDouble();
    }

    private static JsonNode lesson(String stylist, String line, String what) {
        for (JsonNode l : api.get("/api/learning?stylist=" + stylist + "&line=" + line)
                .json()
                .path("lessons")) {
            if (l.path("what").asString().equals(what)) {
                return l;
            }
        }
        throw new AssertionError("no " + what);
    }

    @Test
    void whatIsLearnedEntersANewPlanAndCanBeLeftOutAndRefused() {
        String stylist = api.get("/api/people").json().at("/stylists/0/id").asString();
        JsonNode plan = null;
        for (JsonNode p : api.get("/api/plans").json()) {
            plan = p.path("name").asString().equals("Deep wave, up for rowing") ? p : plan;
        }
        String line = plan.at("/brief/hairLineId").asString();
        JsonNode braiding = lesson(stylist, line, "BRAIDING");
        assertThat(braiding.path("visits").asInt()).isGreaterThanOrEqualTo(2);
        double learned = braiding.path("value").asDouble();
        assertThat(learned).isNotEqualTo(1);
        ObjectNode begin = Api.JSON
                .createObjectNode()
                .put("clientId", plan.path("clientId").asString());
        begin.put("name", "Next time").put("stylistId", stylist);
        JsonNode begun = api.post("/api/plans", begin).json();
        assertThat(begun.at("/brief/learned/asOf").asString())
                .isEqualTo(LocalDate.now().toString());
        assertThat(begun.at("/brief/learned/values"))
                .anySatisfy(v -> assertThat(v.path("value").asDouble()).isCloseTo(learned, within(1e-6)));
        // Left out, a visit counts no more; refused, the figure is as usual in plans that are begun then.
        String visit = braiding.at("/points/0/visitId").asString();
        assertThat(api.put("/api/learning/visits/" + visit + "/left-out", "{\"isWished\":true}")
                        .status())
                .isEqualTo(204);
        JsonNode without = lesson(stylist, line, "BRAIDING");
        assertThat(without.at("/points/0/isLeftOut").asBoolean()).isTrue();
        assertThat(without.path("value").asDouble()).isNotEqualTo(learned);
        api.put("/api/learning/visits/" + visit + "/left-out", "{\"isWished\":false}");
        assertThat(lesson(stylist, line, "BRAIDING").path("value").asDouble()).isEqualTo(learned);
        api.put("/api/learning/" + stylist + "/BRAIDING/refused", "{\"isWished\":true}");
        JsonNode known = api.get("/api/learning/known?stylist=" + stylist + "&line=" + line)
                .json();
        assertThat(known.path("values"))
                .noneSatisfy(v -> assertThat(v.path("what").asString()).isEqualTo("BRAIDING"));
        api.put("/api/learning/" + stylist + "/BRAIDING/refused", "{\"isWished\":false}");
        assertThat(api.put("/api/learning/visits/" + UUID.randomUUID() + "/left-out", "{\"isWished\":true}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void howManyPacksThisTimeIsANumberWithItsReason() {
        JsonNode plan = null;
        for (JsonNode p : api.get("/api/plans").json()) {
            plan = p.path("name").asString().equals("Deep wave, up for rowing") ? p : plan;
        }
        JsonNode next = api.get("/api/plans/" + plan.path("id").asString() + "/packs-next")
                .json();
        assertThat(next.path("neededLoops").asInt()).isGreaterThan(40);
        assertThat(next.at("/why/0/text").asString()).startsWith("Last time ");
    }

    @Test
    void whatSheAnsweredAndWasToldIsSignedOnADay() {
        JsonNode plan = null;
        for (JsonNode p : api.get("/api/plans").json()) {
            plan = p.path("name").asString().equals("Cox coils") ? p : plan;
        }
        String at = "/api/clients/" + plan.path("clientId").asString() + "/consents";
        JsonNode text =
                api.get(at + "/to-sign?plan=" + plan.path("id").asString()).json();
        assertThat(text.path("cautions")).isNotEmpty();
        ObjectNode sign =
                Api.JSON.createObjectNode().put("planId", plan.path("id").asString());
        assertThat(api.post(at, sign).messageAt("signedBy")).contains("missing");
        assertThat(api.post(at, sign.put("signedBy", "Her mother")).status()).isEqualTo(201);
        JsonNode kept = api.get(at).json().get(0);
        assertThat(kept.path("signedOn").asString()).isEqualTo(LocalDate.now().toString());
        assertThat(kept.path("cautions")).isEqualTo(text.path("cautions"));
    }

    @Test
    void nobodyIsErasedFromUnderSomebodysHands() {
        String client = clientOf("Isolde Marrinquay");
        Answer refused = api.delete("/api/clients/" + client);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messageAt("client")).contains("is under way. End it at the chair first.");
        assertThat(api.get("/api/clients/" + client).status()).isEqualTo(200);

        // Ended at the chair, sooner than was planned, the rest of the time is free again.
        JsonNode before = atTheChair(client);
        ObjectNode all = Api.JSON.createObjectNode();
        all.putArray("events")
                .addObject()
                .put("device", "clock")
                .put("count", 1)
                .put("clock", 1_000_000)
                .put("at", Instant.now().toString())
                .set("what", Api.JSON.readTree("{\"kind\":\"FINISHED\"}"));
        String visit = before.path("visitId").asString();
        assertThat(api.post("/api/visits/" + visit + "/events", all).status()).isEqualTo(200);
        JsonNode after = atTheChair(client);
        assertThat(after.path("state").asString()).isEqualTo("DONE");
        assertThat(after.path("fromMinute")).isEqualTo(before.path("fromMinute"));
        assertThat(after.path("minutes").asInt())
                .isLessThan(before.path("minutes").asInt())
                .isGreaterThan(60);
    }

    private static JsonNode atTheChair(String client) {
        for (JsonNode a : api.get("/api/clients/" + client + "/appointments").json()) {
            if (!a.path("visitId").isNull()) {
                return a;
            }
        }
        throw new AssertionError("she is not in the chair");
    }

    /** All that is kept of somebody is in her file; erased, nothing in any table of the book names her any more. */
    @Test
    void allOfAClientIsInOneFileAndErasingLeavesNothing() throws IOException, InterruptedException {
        String client = clientOf("marisol");
        var answer = HttpClient.newHttpClient()
                .send(api.request("/api/clients/" + client + "/file").GET().build(), BodyHandlers.ofByteArray());
        assertThat(answer.headers().firstValue("Content-Disposition").orElse(""))
                .contains("marisol-quayle.zip");
        Map<String, String> files = unzipped(answer.body());
        assertThat(files.keySet())
                .contains(
                        "client.json",
                        "heads.json",
                        "plans.json",
                        "visits.json",
                        "events.json",
                        "follow-ups.json",
                        "appointments.json");
        int visits = api.get("/api/clients/" + client + "/visits").json().size();
        assertThat(Api.JSON.readTree(files.get("visits.json"))).hasSize(visits);
        assertThat(files.get("client.json")).contains("Marisol Quayle");
        assertThat(Api.JSON.readTree(files.get("events.json")).size()).isGreaterThan(50 * visits);
        List<String> hers = new ArrayList<>(List.of(client, "Quayle", "quayle"));
        api.get("/api/clients/" + client + "/visits")
                .json()
                .forEach(v -> hers.add(v.path("id").asString()));
        assertThat(namedIn(hers)).contains("CLIENT", "PLAN", "VISIT", "VISIT_EVENT", "VISIT_LESSON", "APPOINTMENT");
        assertThat(api.delete("/api/clients/" + client).status()).isEqualTo(204);
        assertThat(namedIn(hers)).isEmpty();
        assertThat(find("quayle")).isEmpty();
    }

    /** A name that is changed is found by as it is now, and so are the plans of hers. */
    @Test
    void whoIsRenamedIsFoundByHerNewName() {
        ObjectNode her =
                (ObjectNode) api.get("/api/clients/" + clientOf("philippa")).json();
        String at = "/api/clients/" + her.path("id").asString();
        assertThat(find("philippa shoulder")).hasSize(1);
        her.put("name", "Philippa Öresund").remove(List.of("id", "heads"));
        assertThat(api.put(at, her.toString()).status()).isEqualTo(200);
        assertThat(find("oresund shoulder"))
                .satisfiesExactly(h -> assertThat(h.path("under").asString()).isEqualTo("Philippa Öresund"));
        assertThat(find("castellane")).isEmpty();
    }

    private static Map<String, String> unzipped(byte[] zip) throws IOException {
        Map<String, String> files = new HashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                files.put(e.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return files;
    }

    /** The tables any of whose columns holds any of these. */
    private static List<String> namedIn(List<String> words) {
        DSLContext db = server.context().getBean(DSLContext.class);
        List<String> tables = new ArrayList<>();
        for (Table<?> table : db.meta().getTables("")) {
            collect(db, table, words, tables);
        }
        if (tables.isEmpty()) {
            for (Table<?> table : db.meta().getTables()) {
                if ("PUBLIC".equals(table.getSchema().getName())) {
                    collect(db, table, words, tables);
                }
            }
        }
        return tables;
    }

    private static void collect(DSLContext db, Table<?> table, List<String> words, List<String> tables) {
        for (var record : db.selectFrom(table)) {
            for (Field<?> field : record.fields()) {
                Object value = record.get(field);
                if (value != null
                        && !(value instanceof byte[])
                        && words.stream().anyMatch(w -> value.toString().contains(w))
                        && !tables.contains(table.getName())) {
                    tables.add(table.getName());
                }
            }
        }
    }
}
