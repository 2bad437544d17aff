package gyrotaxis.server.planning;

import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.scalp.Measure;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.Change;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.shared.FieldProblem;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What can be done about a brief that comes to no plan: small changes at and round the field that is to blame, each of them planned
 * before it is offered.
 */
@Component
class WaysOut {
    /** More than these are not read in front of a map that does not move. */
    private static final int MOST = 3;

    private static final Pattern INDEX = Pattern.compile("\\[(\\d+)]");
    private static final int[] SHIFTS_MM = {-10, 10, -20, 20, -30, 30, -45, 45, -60, 60};
    private static final int MOST_ROWS = 24;

    private final Planning planning;
    private final JsonMapper json;

    WaysOut(Planning planning, JsonMapper json) {
        this.planning = planning;
        this.json = json;
    }

    /** A change after which the brief comes to a plan. */
    record WayOutView(
            List<Piece> words,
            @Schema(implementation = Object.class) JsonNode change) {}

    /** One that is tried: what is said of it, and what it does to a brief as it is written down. */
    private record Candidate(Sentence words, Consumer<ObjectNode> edit) {
        Candidate(String words, Consumer<ObjectNode> edit) {
            this(Sentence.of(words), edit);
        }
    }

    /** Ways out of a brief, what changes least first; empty if it comes to a plan, or if none was found. */
    List<WayOutView> of(BriefBody brief) {
        List<WayOutView> found = new ArrayList<>();
        for (FieldProblem problem : problems(brief)) {
            for (Candidate c : candidates(problem.field(), json.valueToTree(brief))) {
                if (found.size() < MOST) {
                    tried(brief, c, found);
                }
            }
        }
        return found;
    }

    private List<FieldProblem> problems(BriefBody brief) {
        try {
            planning.plan(brief);
            return List.of();
        } catch (FieldProblems e) {
            return e.problems();
        }
    }

    private void tried(BriefBody brief, Candidate c, List<WayOutView> found) {
        ObjectNode tree = json.valueToTree(brief);
        c.edit().accept(tree);
        BriefBody changed = json.treeToValue(tree, BriefBody.class);
        List<Piece> words = Piece.of(c.words());
        if (problems(changed).isEmpty()
                && found.stream().noneMatch(f -> f.words().equals(words))) {
            found.add(new WayOutView(words, new Change.Writer(json, brief).to(changed)));
        }
    }

    private static List<Candidate> candidates(String field, ObjectNode brief) {
        int index = index(field);
        List<Candidate> all = new ArrayList<>();
        if (field.startsWith("foundation.parts")) {
            part(all, index, brief);
        } else if (field.startsWith("foundation.overlaysMm")) {
            all.add(new Candidate("Take this overlay out", b -> remove(list(b, "foundation", "overlaysMm"), index)));
        } else if (field.startsWith("foundation.tails")) {
            all.add(new Candidate(
                    "Let this tail go where it is suggested", b -> remove(list(b, "foundation", "tails"), index)));
        } else if (field.startsWith("foundation.edits")) {
            all.add(new Candidate("Undo this change to a row", b -> remove(list(b, "foundation", "edits"), index)));
        } else if (field.startsWith("foundation.rim")) {
            rim(all);
        } else if (field.startsWith("foundation.earLine")) {
            all.add(new Candidate(
                    "Put the ear line back to just behind the ears",
                    b -> object(b, "foundation").put("earLineBehindMm", 12).put("earLineLeanMm", 0)));
        } else if (field.startsWith("foundation.")) {
            rows(all, brief);
        } else if (field.startsWith("head.regions")) {
            all.add(new Candidate("Take this region off the map", b -> remove(list(b, "head", "regions"), index)));
        } else if (field.startsWith("head.")) {
            all.add(new Candidate(
                    "Leave this measure to be estimated",
                    b -> object(b, "head").putNull(field.substring("head.".length()))));
        } else if (field.startsWith("hooking.mix")) {
            mix(all, index);
        } else if (field.startsWith("hooking.zones")) {
            all.add(new Candidate(
                    "Hook every zone as usual", b -> object(b, "hooking").putArray("zones")));
        } else if (field.startsWith("hooking.")) {
            all.add(new Candidate(
                    "Take the fibre as it comes",
                    b -> object(b, "hooking").putNull("tuftGrams").putArray("cutZones")));
        }
        return all;
    }

    private static void estimated(ObjectNode brief) {
        for (Measure m : Measure.values()) {
            if (!m.isRequired()) {
                object(brief, "head").putNull(HeadBody.field(m));
            }
        }
    }

    /** Nearer or further, out, or another pattern: a spiral winds across every part. */
    private static void part(List<Candidate> all, int index, ObjectNode brief) {
        JsonNode part = list(brief, "foundation", "parts").path(index);
        double start = part.path("startMm").asDouble(0);
        for (int by : SHIFTS_MM) {
            all.add(new Candidate(
                    Sentence.of(
                            "Move part ",
                            String.valueOf(index + 1),
                            " ",
                            Quantity.mm(Math.abs(by)),
                            " to her ",
                            by < 0 ? "left" : "right"),
                    b -> ((ObjectNode) list(b, "foundation", "parts").path(index)).put("startMm", start + by)));
        }
        if (part.path("slantDeg").asInt(0) != 0 || part.path("bowMm").asDouble(0) != 0) {
            all.add(new Candidate(
                    "Draw part " + (index + 1) + " straight",
                    b -> ((ObjectNode) list(b, "foundation", "parts").path(index))
                            .put("slantDeg", 0)
                            .put("bowMm", 0)));
        }
        all.add(straightBack());
        all.add(new Candidate("Take part " + (index + 1) + " out", b -> remove(list(b, "foundation", "parts"), index)));
    }

    private static Candidate straightBack() {
        return new Candidate(
                "Braid straight back instead",
                b -> ((ObjectNode) object(b, "foundation").get("back")).put("family", "STRAIGHT"));
    }

    private static void rim(List<Candidate> all) {
        for (String[] edge : new String[][] {
            {"individuals", "Set no individuals"},
            {"perimeter", "Braid no perimeter braid"},
            {"leaveOut", "Leave no hair out"}
        }) {
            all.add(new Candidate(
                    edge[1], b -> ((ObjectNode) object(b, "foundation").get("rim")).put(edge[0], "NOWHERE")));
        }
    }

    private static void rows(List<Candidate> all, ObjectNode brief) {
        int rows = object(brief, "foundation").path("frontRows").asInt(0);
        for (int by = 1; by < MOST_ROWS; by++) {
            for (int n : new int[] {rows - by, rows + by}) {
                all.add(new Candidate(
                        "Braid " + n + " rows in front",
                        b -> object(b, "foundation").put("frontRows", n)));
            }
        }
        all.add(straightBack());
    }

    private static void mix(List<Candidate> all, int index) {
        all.add(new Candidate(
                "Mix it in throughout", b -> ((ObjectNode) object(b, "hooking").get("mix")).put("how", "RATIO")));
        all.add(new Candidate(
                "Leave this hair out of the mix",
                b -> remove((ArrayNode) object(b, "hooking").get("mix").get("others"), index)));
        all.add(new Candidate(
                "Take one hair throughout",
                b -> ((ObjectNode) object(b, "hooking").get("mix")).putArray("others")));
    }

    private static int index(String field) {
        Matcher m = INDEX.matcher(field);
        return m.find() ? Integer.parseInt(m.group(1)) : 0;
    }

    private static ObjectNode object(ObjectNode brief, String name) {
        return (ObjectNode) brief.get(name);
    }

    private static ArrayNode list(ObjectNode brief, String name, String list) {
        return (ArrayNode) brief.get(name).get(list);
    }

    private static void remove(ArrayNode list, int index) {
        if (index < list.size()) {
            list.remove(index);
        }
    }
}
