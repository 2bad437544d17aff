package gyrotaxis.server.documents;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The small steps by which documents of an older format become documents of the next.
 *
 * <p>A step looks at the document alone, never at the classes of today: those change, what was kept does not. Each has a test of
 * its own, and stays as it is for good.
 */
final class Upgrades {
    /** What could be named in a kept edit by its place in a list, in the order of that day. */
    private static final String[] KNOTS_OF_1 = {"REGULAR", "INVISIBLE", "DOUBLE_ENTRY", "TWIST_FIRST", "BEAD"};

    private static final String[] HOLDS_OF_1 = {"FINGER_TURN", "TIED_SLIVER", "COMBED_DOWN", "CARRIED_BACK"};

    /** Of a single leg a quarter could be kept, though a third was the least that was ever tied. */
    private static final int MIN_LEG_PERCENT = 33;

    private static final Map<String, String> ROW_FIGURES =
            Map.of("MOVE", "moveMm", "RESIZE", "factor", "END_EARLIER", "endsAt");

    private static final List<String> ZONES_OF_2 = List.of("FRONT", "MIDDLE", "BACK", "NAPE");

    /** Into how many a loop was split when nothing was wished, front to nape. */
    private static final Map<String, int[]> SHARES_OF_2 = Map.of(
            "COARSE_KINKY", new int[] {2, 2, 1, 1},
            "TIGHT_CURL", new int[] {2, 2, 1, 1},
            "SPRINGY_CURL", new int[] {3, 2, 1, 1},
            "SHORT_TWIST", new int[] {1, 1, 1, 1},
            "DEEP_WAVE", new int[] {2, 1, 1, 1},
            "LOOSE_WAVE", new int[] {2, 1, 1, 1},
            "SILKY_WAVE", new int[] {2, 1, 1, 1});

    private static final Map<String, List<String>> STRETCHES_OF_2 = Map.of(
            "FRONT", List.of("FRONT"),
            "SIDES", List.of("LEFT", "RIGHT"),
            "NAPE", List.of("NAPE"),
            "SIDES_AND_NAPE", List.of("LEFT", "RIGHT", "NAPE"),
            "ALL_ROUND", List.of("FRONT", "LEFT", "RIGHT", "NAPE"));

    private static final Map<String, Double> PARTS_OF_2 =
            Map.of("FRONT", 0.31, "LEFT", 0.24, "RIGHT", 0.24, "NAPE", 0.21);

    private static final int COUNT_OF_2 = 12;
    private static final int MAX_OF_3 = 24;

    private static final double MIN_CLOSER_OF_3 = 0.4;
    private static final double MAX_CLOSER_OF_3 = 2.5;

    private Upgrades() {}

    /**
     * Events of a visit, 1 to 2: each kind has the components of its own, under their own names, instead of the few that
     * all kinds shared.
     */
    static ObjectNode visitEventFrom1(ObjectNode e) {
        ObjectNode now = e.objectNode();
        copy(e, "kind", now, "kind");
        switch (e.path("kind").asString("")) {
            case "STAGE_BEGUN", "STAGE_PAUSED", "STAGE_RESUMED", "STAGE_ENDED" -> copy(e, "stage", now, "stage");
            case "STEP_DONE" -> copy(e, "step", now, "step");
            case "SHARES_HOOKED" -> copy(e, "shares", now, "shares");
            case "SHARE_TAKEN_OUT", "SHARE_SLIPPED" -> firstShare(e, now, "share");
            case "FROM_HERE_ON" -> {
                firstShare(e, now, "from");
                copy(e, "knot", now, "knot");
                copy(e, "passes", now, "passes");
                copy(e, "shareParts", now, "size");
            }
            case "BUNDLE_OPENED" -> {
                copy(e, "supply", now, "supply");
                text(e, "text", now, "lot");
                wholeLoops(e, now, "loops");
            }
            case "REST_COUNTED" -> {
                copy(e, "supply", now, "supply");
                copy(e, "loops", now, "loops");
            }
            case "ROW_KEPT", "ROW_RELEASED", "TAIL_FOUND", "ROW_UNDONE" -> copy(e, "row", now, "row");
            case "TRIED" -> {
                ObjectNode worn = now.putObject("worn");
                copy(e, "way", worn, "way");
                if (e.path("part").isNumber()) {
                    copy(e, "part", worn, "part");
                    worn.put("way", "DOWN");
                }
                text(e, "text", now, "showed");
            }
            case "FILL_PLACED" -> {
                copy(e, "row", now, "row");
                copy(e, "at", now, "at");
                copy(e, "shareParts", now, "size");
                copy(e, "supply", now, "supply");
                copy(e, "towardRad", now, "towardRad");
                if (e.path("otherRow").isString()) {
                    ObjectNode beyond = now.putObject("beyond");
                    copy(e, "otherRow", beyond, "row");
                    copy(e, "otherAt", beyond, "at");
                }
            }
            case "ADJUSTED" -> {
                copy(e, "adjustment", now, "adjustment");
                list(e, "shares", now, "leftOut");
                list(e, "otherShares", now, "otherwise");
                copy(e, "shareParts", now, "size");
                copy(e, "supply", now, "supply");
                now.put("packs", e.path("packs").asInt(0));
            }
            case "REPLACED" -> {
                copy(e, "supply", now, "supply");
                copy(e, "lineId", now, "id");
                text(e, "text", now, "line");
                text(e, "colour", now, "colour");
                wholeLoops(e, now, "bundle");
            }
            case "NOTED" -> text(e, "text", now, "words");
            case "PICTURED" -> text(e, "text", now, "picture");
            case "CAUTION_SIGNED" -> {
                copy(e, "step", now, "step");
                text(e, "text", now, "by");
            }
            case "UNDONE" -> copy(e, "undoes", now, "event");
            case "LOOPS_KEPT" -> {
                copy(e, "supply", now, "supply");
                copy(e, "loops", now, "loops");
                copy(e, "grade", now, "grade");
            }
            case "OWN_HAIR_CUT" -> text(e, "text", now, "where");
            case "SKIN_SEEN" -> {
                list(e, "skin", now, "seen");
                text(e, "text", now, "words");
            }
            case "JUDGED" -> {
                list(e, "verdicts", now, "changes");
                text(e, "text", now, "words");
            }
            default -> {
                // The others have their kind and no more.
            }
        }
        return now;
    }

    private static void copy(ObjectNode from, String name, ObjectNode to, String as) {
        JsonNode value = from.path(name);
        if (!value.isMissingNode() && !value.isNull()) {
            to.set(as, value);
        }
    }

    private static void text(ObjectNode from, String name, ObjectNode to, String as) {
        to.put(as, "");
        copy(from, name, to, as);
    }

    private static void list(ObjectNode from, String name, ObjectNode to, String as) {
        to.putArray(as);
        copy(from, name, to, as);
    }

    private static void firstShare(ObjectNode from, ObjectNode to, String as) {
        if (from.path("shares").path(0).isNumber()) {
            to.set(as, from.path("shares").path(0));
        }
    }

    /** What was kept as any number though a bundle holds whole loops. */
    private static void wholeLoops(ObjectNode from, ObjectNode to, String as) {
        if (from.path("loops").isNumber()) {
            double loops = from.path("loops").asDouble();
            to.put(as, (int) loops);
            if (loops != Math.rint(loops)) {
                // Read as what it is: something that makes no sense.
                to.put(as, loops);
            }
        }
    }

    /**
     * Plans, 1 to 2: edits say what they do in words instead of a number whose sense depends on the kind; and beside the brief
     * there is room for the hair it names.
     */
    static ObjectNode planFrom1(ObjectNode brief) {
        if (brief.get("foundation") instanceof ObjectNode foundation) {
            patternFrom1(foundation);
        }
        for (JsonNode e : brief.path("hooking").path("edits")) {
            station((ObjectNode) e);
        }
        ObjectNode plan = brief.objectNode();
        plan.set("brief", brief);
        plan.putArray("hairs");
        return plan;
    }

    /** Patterns, 1 to 2: the same for rows. */
    static ObjectNode patternFrom1(ObjectNode foundation) {
        for (JsonNode e : foundation.path("edits")) {
            ObjectNode edit = (ObjectNode) e;
            JsonNode amount = edit.remove("amount");
            String figure = ROW_FIGURES.get(edit.path("kind").asString(""));
            if (figure != null && amount != null) {
                edit.set(figure, amount);
            }
        }
        return foundation;
    }

    /** Heads, 1 to 2: regions were a bare list, which has no room for a format. */
    static ObjectNode headFrom1(ObjectNode wrapped) {
        return wrapped;
    }

    /**
     * Plans, 2 to 3: what is cut is said by zone; a wished share keeps the hair of its zone by itself, so what was asked to make
     * up for it, or not, is taken along.
     */
    static ObjectNode planFrom2(ObjectNode plan) {
        if (!(plan.at("/brief/hooking") instanceof ObjectNode hooking)) {
            return plan;
        }
        JsonNode cuts = hooking.remove("cutsInHalf");
        ArrayNode zones = hooking.putArray("cutZones");
        if (cuts != null && cuts.asBoolean(false)) {
            ZONES_OF_2.forEach(zones::add);
        }
        String line = plan.at("/brief/hairLineId").asString("");
        String texture = "";
        for (JsonNode known : plan.path("hairs")) {
            if (known.path("id").asString("").equals(line)) {
                texture = known.at("/hair/texture").asString("");
            }
        }
        int[] usual = SHARES_OF_2.getOrDefault(texture, new int[ZONES_OF_2.size()]);
        for (JsonNode z : hooking.path("zones")) {
            int zone = ZONES_OF_2.indexOf(z.path("zone").asString(""));
            int parts = z.path("shareParts").asInt(0);
            if (zone >= 0 && parts > 0 && usual[zone] > 0) {
                double closer = z.path("closer").asDouble(1) * usual[zone] / parts;
                ((ObjectNode) z).put("closer", Math.max(MIN_CLOSER_OF_3, Math.min(MAX_CLOSER_OF_3, closer)));
            }
        }
        return plan;
    }

    /** Worksheets, 3 to 4: loops that were bought are counted, and what is cut of another hair says of which. */
    static ObjectNode sheetFrom3(ObjectNode sheet) {
        int k = 0;
        for (JsonNode s : sheet.path("supplies")) {
            ObjectNode supply = (ObjectNode) s;
            int packs = supply.path("packsToBuy").asInt(0);
            int perPack = supply.at("/hair/loopsPerBundle").asInt(0)
                    * supply.at("/hair/bundlesPerPack").asInt(0);
            supply.put("boughtLoops", packs * perPack);
            // What was neither bought nor in hand was cut of the main hair.
            boolean isCut = k > 0 && packs == 0 && supply.path("shelfLoops").asInt(0) == 0;
            if (isCut) {
                supply.put("cutFrom", 0);
            } else {
                supply.putNull("cutFrom");
            }
            k++;
        }
        return sheet;
    }

    /** Plans, 4 to 5: singles are said stretch by stretch. */
    static ObjectNode planFrom4(ObjectNode plan) {
        if (plan.at("/brief/foundation") instanceof ObjectNode foundation) {
            patternFrom2(foundation);
        }
        return plan;
    }

    /** Patterns, 2 to 3: the same. What was one count for all of them is shared out as the stretches are long. */
    static ObjectNode patternFrom2(ObjectNode foundation) {
        if (!(foundation.get("rim") instanceof ObjectNode rim)) {
            return foundation;
        }
        List<String> stretches =
                STRETCHES_OF_2.getOrDefault(rim.path("individuals").asString(""), List.of());
        double all = stretches.stream()
                .mapToDouble(s -> PARTS_OF_2.getOrDefault(s, 0.0))
                .sum();
        int count = rim.path("individualCount").asInt(COUNT_OF_2);
        ArrayNode singles = rim.putArray("singles");
        for (String stretch : stretches) {
            long here = Math.round(count * PARTS_OF_2.getOrDefault(stretch, 0.0) / all);
            singles.addObject()
                    .put("stretch", stretch)
                    .put("lines", rim.path("individualLines").asInt(1))
                    .put("count", (int) Math.max(1, Math.min(MAX_OF_3, here)));
        }
        rename(rim, "individualBaseMm", "singleBaseMm");
        rename(rim, "isBanded", "areBanded");
        rim.remove(List.of("individuals", "individualCount", "individualLines"));
        return foundation;
    }

    private static void rename(ObjectNode node, String from, String to) {
        JsonNode value = node.remove(from);
        if (value != null) {
            node.set(to, value);
        }
    }

    /** More can be said than before; what was not asked then is as usual now. */
    static ObjectNode asUsual(ObjectNode document) {
        return document;
    }

    private static void station(ObjectNode edit) {
        double amount = edit.path("amount").asDouble(0);
        edit.remove("amount");
        switch (edit.path("kind").asString("")) {
            case "ADD", "SHARE" -> edit.put("shareParts", (int) amount);
            case "MOVE" -> edit.put("moveMm", amount);
            case "KNOT" -> edit.put("knot", KNOTS_OF_1[(int) amount]);
            case "PASSES" -> edit.put("passes", (int) amount);
            case "HOLD" -> edit.put("hold", HOLDS_OF_1[(int) amount]);
            case "LEG" -> edit.put("legPercent", Math.max(MIN_LEG_PERCENT, (int) Math.round(amount)));
            default -> {
                // Taken out: nothing more to say.
            }
        }
    }

    /** A list that was kept as such, in a document that can carry a format. */
    static ObjectNode listAs(String name, ArrayNode list) {
        ObjectNode document = list.objectNode();
        document.set(name, list);
        return document;
    }
}
