package gyrotaxis.server.stock;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.stock.StockItem;
import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.Api.Answer;
import gyrotaxis.server.testing.RunningServer;
import gyrotaxis.testing.Each;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The shelf as a ledger, on a real database and under the chair's events. */
class StockApiTest {
    private static RunningServer.Started server;
    private static Api api;
    private static JsonNode plan;
    private static String line;

    @BeforeAll
    static void open() throws IOException {
        server = RunningServer.start(Files.createTempDirectory("gyrotaxis-stock"), "--gyrotaxis.demo=true");
        api = new Api(RunningServer.address(server.context()));
        for (JsonNode p : api.get("/api/plans").json()) {
            plan = p.path("name").asString().equals("Regatta deep wave") ? p : plan;
        }
        line = plan.at("/brief/hairLineId").asString();
    }

    @AfterAll
    static void close() throws IOException {
        server.close();
    }

    /** Whatever was moved: what is there is the sum of what came and went, and never less than nothing. */
    @AfterEach
    void whatIsThereIsTheSum() {
        StockLedger ledger = server.context().getBean(StockLedger.class);
        TransactionTemplate read = server.context().getBean(TransactionTemplate.class);
        read.executeWithoutResult(t -> {
            Map<StockItem, Long> there = ledger.stock().amounts();
            assertThat(there).isEqualTo(ledger.addedUp().amounts());
            Each.of(there.values()).allMatch(n -> n > 0);
        });
    }

    private static ObjectNode good(String kind) {
        return Api.JSON
                .createObjectNode()
                .put("kind", kind)
                .put("lineId", line)
                .put("colour", "chestnut")
                .put("lot", "lot 9");
    }

    private static ObjectNode move(ObjectNode good, String why, double amount) {
        ObjectNode m = Api.JSON.createObjectNode();
        m.put("id", UUID.randomUUID().toString()).put("why", why).put("amount", amount);
        m.set("good", good);
        return m;
    }

    private static JsonNode colour(String colour) {
        for (JsonNode c : api.get("/api/stock").json().path("hair")) {
            if (c.path("lineId").asString().equals(line)
                    && c.path("colour").asString().equals(colour)) {
                return c;
            }
        }
        throw new AssertionError("no " + colour);
    }

    @Test
    void whatComesIsThereAndToldTwiceItCameOnce() {
        double before = colour("chestnut").path("loops").asDouble();
        String lot = "lot told twice";
        ObjectNode came = move(good("PACKS").put("lot", lot), "BOUGHT", 3);
        assertThat(api.post("/api/stock/movements", came).status()).isEqualTo(200);
        assertThat(api.post("/api/stock/movements", came).status()).isEqualTo(200);
        double pack = 20;
        assertThat(colour("chestnut").path("loops").asDouble()).isEqualTo(before + 3 * pack);
        api.post("/api/stock/movements", move(good("PACKS").put("lot", lot), "OPENED", 1));
        JsonNode now = colour("chestnut");
        assertThat(now.path("loops").asDouble()).isEqualTo(before + 3 * pack);
        assertThat(now.path("open"))
                .filteredOn(o -> o.path("lot").asString().equals(lot))
                .singleElement()
                .satisfies(o -> assertThat(o.path("loops").asDouble()).isEqualTo(pack));
        assertThat(now.path("tint").asString()).startsWith("#");
        JsonNode last = api.get("/api/stock/movements?line=" + line).json().get(0);
        assertThat(last.path("why").asString()).isEqualTo("OPENED");
    }

    @Test
    void moreThanIsThereCannotGo() {
        Answer refused = api.post("/api/stock/movements", move(good("LOOPS").put("lot", "lot none"), "LOST", 4));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messageAt("amount")).startsWith("Only 0 loops of chestnut, new, lot none are on the shelf.");
        assertThat(api.post("/api/stock/movements", move(good("LOOPS"), "OPENED", 1))
                        .messageAt("good.kind"))
                .contains("Only a pack");
        assertThat(api.post("/api/stock/movements", move(good("PACKS"), "BOUGHT", 0))
                        .messageAt("amount"))
                .contains("More than nothing");
        assertThat(api.post("/api/stock/movements", move(good("PACKS"), "BOUGHT", -2))
                        .messageAt("amount"))
                .contains("between 0 and 10000");
        assertThat(api.post("/api/stock/movements", move(good("PACKS").put("colour", "sky"), "BOUGHT", 1))
                        .messageAt("good.colour"))
                .contains("comes in ink");
        assertThat(api.post("/api/stock/movements", move(good("PACKS"), "COUNTED", 1))
                        .messageAt("why"))
                .contains("told as a count");
    }

    @Test
    void aColourThatIsLongerThanAnyIsRefusedAtItsField() {
        ObjectNode good = good("PACKS").put("colour", "x".repeat(81));
        assertThat(api.post("/api/stock/movements", move(good, "BOUGHT", 1)).messageAt("good.colour"))
                .contains("at most 80");
    }

    /** Many who take of the same good in the same moment: each is kept, and none is sent back. */
    @Test
    void manyMovesOfOneGoodAtOnceAreAllKept() {
        ObjectNode loops = good("LOOPS").put("lot", "lot of many");
        api.post("/api/stock/movements", move(loops, "LEFT_OVER", 40));
        List<Integer> answers = IntStream.range(0, 24)
                .parallel()
                .map(i -> api.post("/api/stock/movements", move(loops.deepCopy(), "LOST", 1))
                        .status())
                .boxed()
                .toList();
        assertThat(answers).containsOnly(200);
    }

    @Test
    void aCountThatDiffersIsPutDownAsWhatDiffers() {
        api.post("/api/stock/movements", move(good("LOOPS").put("lot", "lot c"), "LEFT_OVER", 12));
        ObjectNode count = Api.JSON
                .createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put("counted", 9.5);
        count.set("good", good("LOOPS").put("lot", "lot c"));
        api.post("/api/stock/counts", count);
        api.post("/api/stock/counts", count);
        JsonNode last = api.get("/api/stock/movements?line=" + line).json().get(0);
        assertThat(last.path("why").asString()).isEqualTo("COUNTED");
        assertThat(last.path("amount").asDouble()).isEqualTo(-2.5);
    }

    @Test
    void whatElseIsUsedIsKeptByKind() {
        ObjectNode bands = Api.JSON.createObjectNode().put("kind", "BANDS").put("what", "13 mm, clear");
        api.post("/api/stock/movements", move(bands, "BOUGHT", 200));
        JsonNode now = api.post("/api/stock/movements", move(bands, "USED", 24)).json();
        assertThat(now.path("things"))
                .anySatisfy(t -> assertThat(t.path("amount").asDouble()).isEqualTo(176));
    }

    @Test
    void whatIsSetAsideForOneIsNotFreeForAnother() {
        api.post("/api/stock/movements", move(good("PACKS"), "BOUGHT", 2));
        JsonNode before = colour("chestnut");
        ObjectNode aside = Api.JSON.createObjectNode().put("lineId", line).put("colour", "chestnut");
        String at = "/api/stock/aside/" + plan.path("id").asString();
        assertThat(api.put(at, aside.put("loops", (int) before.path("free").asDouble() + 50))
                        .messageAt("loops"))
                .startsWith("Only ");
        assertThat(api.put(at, aside.put("loops", 15)).status()).isEqualTo(200);
        JsonNode after = colour("chestnut");
        assertThat(after.path("free").asDouble()).isEqualTo(before.path("loops").asDouble() - 15);
        assertThat(after.at("/setAside/0/clientName").asString()).isEqualTo("Isolde Marrinquay");
        // Hers it is still; a plan of the same hair that is nobody's has so much less of it.
        int hers = shelfLoops(plan.path("brief"), plan.path("id").asString());
        assertThat(shelfLoops(plan.path("brief"), "")).isEqualTo(hers - 15);
        api.put(at, aside.put("loops", 0));
        assertThat(colour("chestnut").path("setAside")).isEmpty();
    }

    @Test
    void howManyPacksSaysWhatLiesAsideForThePlan() {
        String at = plan.path("id").asString();
        String packs = "/api/plans/" + at + "/packs-next";
        JsonNode before = api.get(packs).json();
        assertThat(before.path("asideLoops").asInt()).isZero();
        ObjectNode aside = Api.JSON
                .createObjectNode()
                .put("lineId", before.path("lineId").asString())
                .put("colour", before.path("colour").asString());
        assertThat(api.put("/api/stock/aside/" + at, aside.put("loops", 2)).status())
                .isEqualTo(200);
        JsonNode after = api.get(packs).json();
        assertThat(after.path("asideLoops").asInt()).isEqualTo(2);
        assertThat(after.path("thereLoops")).isEqualTo(before.path("thereLoops"));
        api.put("/api/stock/aside/" + at, aside.put("loops", 0));
    }

    private static int shelfLoops(JsonNode brief, String plan) {
        ObjectNode question = Api.JSON.createObjectNode().put("planId", plan);
        // In the colour that is set aside.
        ObjectNode asked = (ObjectNode) brief.deepCopy();
        ((ObjectNode) asked.path("hooking")).put("colour", "chestnut").remove("mix");
        question.set("brief", asked);
        return api.post("/api/plan", question)
                .json()
                .at("/read/ledger/shelfLoops")
                .asInt();
    }

    private static void tell(String visit, int from, String... whats) {
        ObjectNode all = Api.JSON.createObjectNode();
        ArrayNode events = all.putArray("events");
        int n = from;
        for (String what : whats) {
            ObjectNode e =
                    events.addObject().put("device", "tablet").put("count", n).put("clock", n);
            e.put("at", Instant.now().toString());
            e.set("what", Api.JSON.readTree(what));
            n++;
        }
        assertThat(api.post("/api/visits/" + visit + "/events", all).status()).isEqualTo(200);
    }

    /** A visit of the plan, by its id. */
    private static String begun() {
        String visit = UUID.randomUUID().toString();
        api.post(
                "/api/visits",
                Api.JSON
                        .createObjectNode()
                        .put("id", visit)
                        .put("planId", plan.path("id").asString()));
        return visit;
    }

    @Test
    void theChairMovesTheStockByItself() {
        api.post("/api/stock/movements", move(good("PACKS").put("colour", "ink").put("lot", ""), "BOUGHT", 5));
        double before = colour("ink").path("loops").asDouble();
        String visit = begun();
        tell(
                visit,
                1,
                "{\"kind\":\"BUNDLE_OPENED\",\"supply\":0,\"lot\":\"\"}",
                "{\"kind\":\"BUNDLE_OPENED\",\"supply\":0,\"lot\":\"\"}",
                "{\"kind\":\"SHARES_HOOKED\",\"shares\":[1,2,3]}");
        assertThat(colour("ink").path("loops").asDouble()).isEqualTo(before - 40);
        // What is undone never left.
        tell(visit, 4, "{\"kind\":\"UNDONE\",\"event\":{\"device\":\"tablet\",\"count\":2}}");
        assertThat(colour("ink").path("loops").asDouble()).isEqualTo(before - 20);
        tell(visit, 5, "{\"kind\":\"REST_COUNTED\",\"supply\":0,\"loops\":16.5}", "{\"kind\":\"FINISHED\"}");
        assertThat(colour("ink").path("loops").asDouble()).isEqualTo(before - 3.5);
        // Opened once more, what is left is in her hand again.
        tell(visit, 7, "{\"kind\":\"REOPENED\"}");
        assertThat(colour("ink").path("loops").asDouble()).isEqualTo(before - 20);
        tell(
                visit,
                8,
                "{\"kind\":\"FINISHED\"}",
                "{\"kind\":\"LOOPS_KEPT\",\"supply\":0,\"loops\":2,\"grade\":\"FAIR\"}");
        assertThat(colour("ink").path("loops").asDouble()).isEqualTo(before - 3.5);
        assertThat(colour("ink").at("/washed/0/loops").asDouble()).isEqualTo(2);
    }

    /** From there on bundles are of the other line; hair that the shelf does not have moves nothing. */
    @Test
    void hairThatIsReplacedAtTheChairLeavesTheShelfUnderItsOwnLine() {
        JsonNode other = api.get("/api/hair-lines")
                .json()
                .valueStream()
                .filter(l -> !l.path("id").asString().equals(line)
                        && !l.path("colours").isEmpty())
                .findFirst()
                .orElseThrow();
        String otherId = other.path("id").asString();
        String otherColour = other.at("/colours/0").asString();
        int bundle = other.path("loopsPerBundle").asInt();
        ObjectNode packs = good("PACKS").put("lineId", otherId).put("colour", otherColour);
        assertThat(api.post("/api/stock/movements", move(packs.put("lot", ""), "BOUGHT", 5))
                        .status())
                .isEqualTo(200);
        api.post("/api/stock/movements", move(good("PACKS").put("colour", "ink").put("lot", ""), "BOUGHT", 5));
        double before = colour("ink").path("loops").asDouble();
        double otherBefore = loops(otherId, otherColour);
        String visit = begun();
        String opened = "{\"kind\":\"BUNDLE_OPENED\",\"supply\":0,\"lot\":\"\"}";
        tell(
                visit,
                1,
                opened,
                "{\"kind\":\"REPLACED\",\"supply\":0,\"line\":\"Other\",\"id\":\"" + otherId + "\",\"colour\":\""
                        + otherColour + "\",\"bundle\":" + bundle + "}",
                opened);
        assertThat(colour("ink").path("loops").asDouble()).isEqualTo(before - 20);
        assertThat(loops(otherId, otherColour)).isEqualTo(otherBefore - bundle);
        tell(visit, 4, "{\"kind\":\"REPLACED\",\"supply\":0,\"line\":\"A friend's\",\"colour\":\"red\"}", opened);
        assertThat(colour("ink").path("loops").asDouble()).isEqualTo(before - 20);
        assertThat(loops(otherId, otherColour)).isEqualTo(otherBefore - bundle);
        // Taken back, it never was another.
        tell(visit, 6, "{\"kind\":\"UNDONE\",\"event\":{\"device\":\"tablet\",\"count\":2}}");
        assertThat(colour("ink").path("loops").asDouble()).isEqualTo(before - 40);
        assertThat(loops(otherId, otherColour)).isEqualTo(otherBefore);
    }

    private static double loops(String lineId, String colour) {
        return api.get("/api/stock")
                .json()
                .path("hair")
                .valueStream()
                .filter(c -> c.path("lineId").asString().equals(lineId)
                        && c.path("colour").asString().equals(colour))
                .mapToDouble(c -> c.path("loops").asDouble())
                .sum();
    }

    @Test
    void whatIsToBeBoughtIsToldBySupplierWithWhatHappensIfItIsLate() {
        JsonNode list = api.get("/api/shopping?days=14").json();
        assertThat(list.path("met")).isNotEmpty();
        for (JsonNode m : list.path("met")) {
            assertThat(m.path("fromShelf").asInt() + m.path("missing").asInt())
                    .isEqualTo(m.path("neededLoops").asInt());
        }
        JsonNode buy = list.at("/suppliers/0/buys/0");
        assertThat(buy.path("packs").asInt()).isPositive();
        assertThat(buy.path("late").asString()).startsWith("Ordered today");
        assertThat(api.get("/api/shopping?days=900").messageAt("days")).contains("between 1 and 60");
        // Nearer to the door, later is soon enough.
        String supplier = list.at("/suppliers/0/supplier").asString();
        api.put("/api/stock/suppliers", "{\"name\":\"" + supplier + "\",\"leadDays\":0}");
        for (JsonNode s : api.get("/api/shopping?days=14").json().path("suppliers")) {
            if (s.path("supplier").asString().equals(supplier)) {
                assertThat(s.at("/buys/0/isLate").asBoolean()).isFalse();
            }
        }
        assertThat(List.of(api.put("/api/stock/suppliers", "{\"name\":\"x\",\"leadDays\":99}")
                        .status()))
                .containsExactly(422);
    }

    private static Answer counted(String table, boolean isKept) {
        return counted(table.getBytes(StandardCharsets.UTF_8), isKept);
    }

    private static Answer counted(byte[] table, boolean isKept) {
        return api.file("/api/stock/table?keep=" + isKept, "text/csv", table);
    }

    /** What goes out comes in again and changes nothing; a figure that was changed in it is a count. */
    @Test
    void theShelfGoesOutAsATableAndComesInAsACount() {
        String table = api.get("/api/stock/table.csv").text();
        JsonNode same = counted(table, true).json();
        assertThat(same.path("faults")).isEmpty();
        assertThat(same.path("added").asInt() + same.path("changed").asInt()).isZero();
        assertThat(same.path("left").asInt()).isGreaterThan(8);

        String name = api.get("/api/hair-lines")
                .json()
                .valueStream()
                .filter(l -> l.path("id").asString().equals(line))
                .findFirst()
                .orElseThrow()
                .path("name")
                .asString();
        // As a spreadsheet of another country writes it.
        String counts = "kind;hair;colour;lot;loops in a pack;state;which;amount;unit\r\n" + "Packs;" + name
                + ";;=A1;24;;;3,0;pack\r\nloops;" + name.toUpperCase() + ";;B2;;washed, for the back;;7,5;loop\r\n";
        JsonNode before = api.get("/api/stock").json();
        JsonNode told = counted(counts, false).json();
        assertThat(told.path("isKept").asBoolean()).isFalse();
        assertThat(told.path("faults")).isEmpty();
        assertThat(told.path("added").asInt()).isEqualTo(2);
        assertThat(told.at("/changes/1/is").asDouble()).isEqualTo(7.5);
        assertThat(api.get("/api/stock").json()).isEqualTo(before);
        assertThat(counted(counts, true).json().path("isKept").asBoolean()).isTrue();
        JsonNode again = counted(counts, true).json();
        assertThat(again.path("left").asInt())
                .as("a second time nothing is doubled")
                .isEqualTo(2);
        assertThat(api.get("/api/stock/table.csv").text()).contains("'=A1");
        assertThat(counted(api.get("/api/stock/table.csv").text(), false)
                        .json()
                        .path("left")
                        .asInt())
                .isEqualTo(same.path("left").asInt() + 2);
        // And back, for whoever comes after.
        assertThat(counted(counts.replace("3,0", "0").replace("7,5", "0"), true)
                        .json()
                        .path("changed")
                        .asInt())
                .isEqualTo(2);
    }

    /** Every fault with its line and what would be right; and where anything is wrong nothing is done. */
    @Test
    void aTableWithFaultsIsReadToItsEndAndNotPutDown() {
        JsonNode before = api.get("/api/stock").json();
        String name = api.get("/api/hair-lines").json().get(0).path("name").asString();
        JsonNode told = counted(
                        "kind,hair,colour,lot,loops in a pack,state,which,amount,unit\n"
                                + "packs," + name + ",,X,24,,,4,pack\n"
                                + "boxes," + name + ",,,,,,1,\n"
                                + "packs,Nobody's Hair,,,,,,1,\n"
                                + "packs," + name + ",no such colour,,,,,1,\n"
                                + "packs," + name + ",,X,24,,,a few,\n"
                                + "packs," + name + ",,X,24,,,5,\n"
                                + "thread,,,,,,black,,\n"
                                + "loops," + name + ",,,,spotless,,-1,\n",
                        true)
                .json();
        assertThat(told.path("isKept").asBoolean()).isFalse();
        assertThat(told.path("faults")
                        .valueStream()
                        .map(f ->
                                f.path("line").asInt() + " " + f.path("column").asString()))
                .containsExactly("3 kind", "4 hair", "5 colour", "6 amount", "7 ", "8 amount", "9 state");
        assertThat(told.at("/faults/0/reason").asString()).contains("boxes").contains("packs, loops");
        assertThat(told.at("/faults/4/reason").asString()).contains("line 2");
        assertThat(api.get("/api/stock").json()).isEqualTo(before);
        assertThat(counted(new byte[] {'P', 'K', 3, 4, 0, 0}, true)
                        .json()
                        .at("/faults/0/reason")
                        .asString())
                .contains("no table");
        assertThat(counted(new byte[11_000_000], true).status()).isEqualTo(413);
        assertThat(api.post("/api/stock/table", "{}").status()).isEqualTo(415);
    }
}
