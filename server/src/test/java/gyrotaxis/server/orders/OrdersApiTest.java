package gyrotaxis.server.orders;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.server.testing.Api;
import gyrotaxis.server.testing.RunningServer;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Packs that are ordered, and what comes in their place. */
class OrdersApiTest {
    private static RunningServer.Started server;
    private static Api api;
    private static JsonNode line;
    private static String supplier;

    @BeforeAll
    static void start(@TempDir Path folder) {
        server = RunningServer.start(folder.resolve("data"), "--gyrotaxis.demo=true");
        api = new Api(RunningServer.address(server.context()));
        for (JsonNode l : api.get("/api/hair-lines").json()) {
            if (l.path("name").asString().equals("Slack Water Deep")) {
                line = l;
            }
        }
        supplier = line.path("supplier").asString();
    }

    @AfterAll
    static void stop() {
        server.context().close();
    }

    private static void goesWrong(String... faults) {
        ObjectNode body = Api.JSON.createObjectNode().put("delayMs", 0);
        List.of(faults).forEach(body.putArray("faults")::add);
        assertThat(api.put("/api/outside/SUPPLIERS", body).status()).isEqualTo(200);
    }

    private static ObjectNode wanted(UUID id, int packs) {
        ObjectNode order = Api.JSON.createObjectNode().put("id", id.toString()).put("supplier", supplier);
        order.putArray("items")
                .addObject()
                .put("lineId", line.path("id").asString())
                .put("colour", "ink")
                .put("packs", packs)
                .put("loops", 20);
        return order;
    }

    private static JsonNode order(int packs, String... faults) {
        goesWrong(faults);
        UUID id = UUID.randomUUID();
        Api.Answer answer = api.post("/api/orders", wanted(id, packs));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return find(answer.json(), id.toString());
    }

    private static JsonNode find(JsonNode orders, String id) {
        for (String where : List.of("open", "closed")) {
            for (JsonNode o : orders.path(where)) {
                if (o.path("id").asString().equals(id)) {
                    return o;
                }
            }
        }
        throw new AssertionError("no order " + id);
    }

    private static JsonNode look(JsonNode order, int parcel, int... kept) {
        ArrayNode places = Api.JSON.createArrayNode();
        for (int k : kept) {
            places.add(k);
        }
        Api.Answer answer = api.post(
                "/api/orders/" + order.path("id").asString() + "/parcels/" + parcel,
                Api.JSON.createObjectNode().set("kept", places));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return find(answer.json(), order.path("id").asString());
    }

    /** Packs of a colour on the shelf. */
    private static int packs(String colour) {
        int packs = 0;
        for (JsonNode h : api.get("/api/stock").json().path("hair")) {
            if (h.path("lineId").equals(line.path("id"))
                    && h.path("colour").asString().equals(colour)) {
                for (JsonNode p : h.path("packs")) {
                    packs += p.path("packs").asInt(p.path("count").asInt());
                }
            }
        }
        return packs;
    }

    @Test
    void whatCameIsOnTheShelfOnceItWasLookedThrough() {
        int before = packs("ink");
        JsonNode order = order(3, "SUPPLIERS_AT_ONCE");
        assertThat(packs("ink")).isEqualTo(before);
        assertThat(order.at("/parcels/0/isHere").asBoolean()).isTrue();
        assertThat(order.at("/parcels/0/items/0/otherwise").asString()).isEmpty();
        JsonNode looked = look(order, 1, 0);
        assertThat(packs("ink")).isEqualTo(before + 3);
        assertThat(looked.path("isClosed").asBoolean()).isTrue();
        assertThat(looked.path("missing").asString()).isEmpty();
        // A second tap, or a message that came late, puts down nothing more.
        look(order, 1, 0);
        assertThat(packs("ink")).isEqualTo(before + 3);
    }

    @Test
    void orderedTwiceIsOrderedOnce() {
        goesWrong();
        UUID id = UUID.randomUUID();
        api.post("/api/orders", wanted(id, 2));
        JsonNode all = api.post("/api/orders", wanted(id, 2)).json();
        assertThat(all.path("open"))
                .filteredOn(o -> o.path("id").asString().equals(id.toString()))
                .hasSize(1);
        assertThat(all.path("onTheWay"))
                .anySatisfy(w -> assertThat(w.path("packs").asInt()).isEqualTo(2));
        assertThat(find(all, id.toString()).at("/parcels/0/isHere").asBoolean()).isFalse();
        assertThat(find(all, id.toString()).at("/parcels/0/items")).isEmpty();
        // What has not come is not put down.
        assertThat(api.post("/api/orders/" + id + "/parcels/1", "{\"kept\":[0]}")
                        .messageAt("kept"))
                .contains("has not come yet");
        assertThat(api.post("/api/orders/" + id + "/closed", "{}").status()).isEqualTo(200);
    }

    @Test
    void halfOfItComesAndTheRestIsStillExpected() {
        int before = packs("ink");
        JsonNode order = order(5, "SUPPLIERS_IN_PARTS", "SUPPLIERS_AT_ONCE");
        assertThat(order.path("parcels")).hasSize(2);
        JsonNode half = look(order, 1, 0);
        assertThat(packs("ink")).isEqualTo(before + 3);
        assertThat(half.path("isClosed").asBoolean()).isFalse();
        assertThat(half.at("/items/0/came").asInt()).isEqualTo(3);
        assertThat(api.get("/api/orders").json().path("onTheWay"))
                .anySatisfy(w -> assertThat(w.path("packs").asInt()).isEqualTo(2));
        assertThat(look(order, 2, 0).path("isClosed").asBoolean()).isTrue();
        assertThat(packs("ink")).isEqualTo(before + 5);
    }

    @Test
    void lateIsToldWithBothDays() {
        JsonNode order = order(1, "SUPPLIERS_LATE");
        assertThat(order.path("late").asString()).startsWith("Promised for ").contains("the last of it comes on");
        api.post("/api/orders/" + order.path("id").asString() + "/closed", "{}");
        assertThat(find(api.get("/api/orders").json(), order.path("id").asString())
                        .path("missing")
                        .asString())
                .contains("1 × Slack Water Deep, ink");
    }

    @Test
    void anotherColourIsNamedAndKeptAsWhatItIsOrSentBack() {
        int ink = packs("ink");
        int other = packs("chestnut");
        JsonNode order = order(2, "SUPPLIERS_OTHER_COLOUR", "SUPPLIERS_AT_ONCE");
        assertThat(order.at("/parcels/0/items/0/otherwise").asString()).isEqualTo("ordered in ink");
        JsonNode kept = look(order, 1, 0);
        assertThat(packs("ink")).isEqualTo(ink);
        assertThat(packs("chestnut")).isEqualTo(other + 2);
        assertThat(kept.path("missing").asString()).contains("2 × Slack Water Deep, ink");
        JsonNode again = order(2, "SUPPLIERS_OTHER_COLOUR", "SUPPLIERS_AT_ONCE");
        look(again, 1);
        assertThat(packs("chestnut")).isEqualTo(other + 2);
    }

    @Test
    void anotherLineIsNamed() {
        JsonNode order = order(2, "SUPPLIERS_OTHER_LINE", "SUPPLIERS_AT_ONCE");
        assertThat(order.at("/parcels/0/items/0/otherwise").asString()).isEqualTo("another line than was ordered");
        assertThat(order.at("/parcels/0/items/0/lineName").asString()).isNotEqualTo("Slack Water Deep");
        look(order, 1);
    }

    @Test
    void whatIsSoldOutOrNotAnsweredIsKeptNowhere() {
        int before = api.get("/api/orders").json().path("open").size();
        goesWrong("SUPPLIERS_SOLD_OUT");
        Api.Answer none = api.post("/api/orders", wanted(UUID.randomUUID(), 2));
        assertThat(none.messageAt("items")).contains("has no packs of Slack Water Deep in ink");
        assertThat(api.get("/api/orders/catalogue?supplier=" + supplier.replace(" ", "%20"))
                        .json())
                .isEmpty();
        goesWrong("SUPPLIERS_SILENT");
        Api.Answer silent = api.post("/api/orders", wanted(UUID.randomUUID(), 2));
        assertThat(silent.status()).isEqualTo(503);
        assertThat(silent.json().path("detail").asString()).contains("does not answer");
        goesWrong();
        assertThat(api.post("/api/orders", wanted(UUID.randomUUID(), 400)).messageAt("items"))
                .contains("has only")
                .contains("Take fewer");
        assertThat(api.get("/api/orders").json().path("open")).hasSize(before);
        assertThat(api.get("/api/orders/catalogue?supplier=" + supplier.replace(" ", "%20"))
                        .json())
                .isNotEmpty()
                .allSatisfy(o -> assertThat(o.path("packs").asInt()).isPositive());
    }

    /** What was as ordered, and went back all the same, did not come. */
    @Test
    void whatGoesBackDidNotCome() {
        int before = packs("ink");
        JsonNode order = order(2, "SUPPLIERS_AT_ONCE");
        JsonNode looked = look(order, 1);
        assertThat(packs("ink")).isEqualTo(before);
        assertThat(looked.at("/items/0/came").asInt()).isZero();
        assertThat(looked.path("missing").asString()).contains("2 × Slack Water Deep, ink");
    }

    /** The shopping list counts on what was ordered, for whom it comes in time. */
    @Test
    void whatIsOnItsWayIsNotToBuyAnyMore() {
        goesWrong();
        String of = api.get("/api/shopping?days=28")
                .json()
                .at("/suppliers/0/supplier")
                .asString();
        ObjectNode lead = Api.JSON.createObjectNode().put("name", of).put("leadDays", 0);
        assertThat(api.put("/api/stock/suppliers", lead).status()).isEqualTo(200);
        JsonNode before = api.get("/api/shopping?days=28").json();
        JsonNode buy = before.at("/suppliers/0/buys/0");
        UUID id = UUID.randomUUID();
        // One: other tests may have left a demand of more than the supplier has.
        ObjectNode wanted = wanted(id, 1);
        wanted.put("supplier", of);
        ((ObjectNode) wanted.at("/items/0"))
                .put("lineId", buy.path("lineId").asString())
                .put("colour", buy.path("colour").asString())
                .put("loops", buy.at("/sizes/0/loops").asInt());
        Api.Answer ordered = api.post("/api/orders", wanted);
        assertThat(ordered.status()).as(ordered.text()).isEqualTo(200);
        JsonNode now = api.get("/api/shopping?days=28").json();
        int missing = 0;
        int wasMissing = 0;
        int coming = 0;
        for (int i = 0; i < now.path("met").size(); i++) {
            JsonNode m = now.path("met").get(i);
            missing += m.path("missing").asInt();
            wasMissing += before.path("met").get(i).path("missing").asInt();
            coming += m.path("coming").asInt();
        }
        assertThat(coming).isPositive();
        assertThat(missing + coming).isEqualTo(wasMissing);
        api.post("/api/orders/" + id + "/closed", "{}");
        assertThat(api.get("/api/shopping?days=28").json()).isEqualTo(before);
        assertThat(api.put("/api/stock/suppliers", lead.put("leadDays", 3)).status())
                .isEqualTo(200);
    }

    @Test
    void whatIsNoOrderIsRefusedAtItsField() {
        goesWrong();
        ObjectNode order = wanted(UUID.randomUUID(), 0);
        ((ObjectNode) order.at("/items/0")).put("lineId", UUID.randomUUID().toString());
        Api.Answer answer = api.post("/api/orders", order);
        assertThat(answer.messageAt("items.0.packs")).contains("between 1");
        assertThat(answer.messageAt("items.0.lineId")).contains("not on the shelf");
        assertThat(api.post("/api/orders", "{\"items\":[]}").messageAt("items")).contains("1 to 60");
    }
}
