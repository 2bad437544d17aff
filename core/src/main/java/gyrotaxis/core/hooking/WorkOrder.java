package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Along;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.foundation.RowUse;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.WorkStep;
import gyrotaxis.core.install.WorkStep.Stage;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * In which order a head is hooked.
 *
 * <p>By one of the three orders that are taught; within each stage from the nape upward and from the outside in, left and right
 * by turns so that they match. Rows beside a part wait until their turn. Fills and wisps are no step here: they come after a
 * trial of every part. A cap that is hooked off the head comes before anything else.
 */
public final class WorkOrder {
    /** A row whose middle lies further out than this part of the head's half width belongs to the sides. */
    private static final double SIDE = 0.55;

    private final Foundation foundation;
    private final Map<RowId, List<Station>> byRow = new LinkedHashMap<>();
    private final double halfWidthMm;

    private WorkOrder(Foundation foundation, List<Station> stations) {
        this.foundation = foundation;
        stations.forEach(
                s -> byRow.computeIfAbsent(s.id().row(), r -> new ArrayList<>()).add(s));
        this.halfWidthMm = stations.stream()
                .mapToDouble(s -> Math.abs(s.chart().x()))
                .max()
                .orElse(1);
    }

    /** The steps, numbered; every station is in exactly one. */
    public static List<WorkStep> of(Method.Order order, Foundation foundation, List<Station> stations) {
        return new WorkOrder(foundation, stations).steps(order);
    }

    private List<WorkStep> steps(Method.Order order) {
        Map<Stage, List<Row>> rows = new EnumMap<>(Stage.class);
        for (Row row : foundation.rows()) {
            if (byRow.containsKey(row.id())) {
                rows.computeIfAbsent(stage(row, order), s -> new ArrayList<>()).add(row);
            }
        }
        List<WorkStep> steps = new ArrayList<>();
        List<Stage> stages = new ArrayList<>(stages(order));
        stages.add(0, Stage.CAP);
        for (Stage stage : stages) {
            List<Row> inStage = new ArrayList<>(rows.getOrDefault(stage, List.of()));
            // Lower rows first, then outer before inner; of two that match, her left and then her right.
            inStage.sort(Comparator.comparingDouble((Row r) -> Math.rint(lowest(r)))
                    .thenComparing(Comparator.comparingDouble((Row r) -> Math.rint(out(r)))
                            .reversed())
                    .thenComparing(Row::id));
            for (Row row : inStage) {
                List<Station> on = byRow.getOrDefault(row.id(), List.of());
                boolean isMarked = stage == Stage.PARTS;
                steps.add(new WorkStep(
                        steps.size() + 1,
                        stage,
                        row.id(),
                        on.stream().map(Station::id).toList(),
                        isMarked,
                        words(row, on)));
            }
        }
        return List.copyOf(steps);
    }

    private static List<Stage> stages(Method.Order order) {
        return switch (order) {
            case PERIMETER_FIRST ->
                List.of(Stage.PERIMETER, Stage.BACK, Stage.SIDES, Stage.TOP, Stage.FRONT, Stage.MIDDLE, Stage.PARTS);
            case NAPE_TO_MIDDLE ->
                List.of(Stage.PERIMETER, Stage.BACK, Stage.FRONT, Stage.SIDES, Stage.TOP, Stage.MIDDLE, Stage.PARTS);
            case FRONT_FIRST ->
                List.of(Stage.FRONT, Stage.PARTS, Stage.TOP, Stage.SIDES, Stage.BACK, Stage.MIDDLE, Stage.PERIMETER);
        };
    }

    private Stage stage(Row row, Method.Order order) {
        List<Station> on = byRow.getOrDefault(row.id(), List.of());
        Section section = row.id().section();
        if (row.use() == RowUse.UNDER_CAP && foundation.hasCapHookedOff()) {
            return Stage.CAP;
        }
        if (section == Section.PERIMETER || row.use() == RowUse.PLAITED) {
            return Stage.PERIMETER;
        }
        if (on.stream().anyMatch(s -> s.role() == Role.PART)) {
            return Stage.PARTS;
        }
        boolean isFront = section == Section.FRONT;
        if (!isFront && section != Section.MIDDLE && section != Section.OVERLAY) {
            return Stage.BACK;
        }
        if (order == Method.Order.NAPE_TO_MIDDLE && !isFront) {
            return Stage.MIDDLE;
        }
        if (out(row) > SIDE * halfWidthMm) {
            return Stage.SIDES;
        }
        return isFront ? Stage.FRONT : Stage.TOP;
    }

    /** How low its lowest end lies: smaller is lower. */
    private static double lowest(Row row) {
        return Math.min(row.path().start().z(), row.path().end().z()) / 20;
    }

    private static double out(Row row) {
        return Math.abs(row.path().chartAt(row.lengthMm() / 2).x());
    }

    private static String words(Row row, List<Station> on) {
        Map<Kind, Integer> kinds = new LinkedHashMap<>();
        for (Station s : on) {
            kinds.merge(Kind.of(s), 1, Integer::sum);
        }
        boolean inBlocks = changes(on) < kinds.size();
        StringBuilder words = new StringBuilder(row.id().words()).append(": ");
        boolean isFirst = true;
        for (Map.Entry<Kind, Integer> kind : kinds.entrySet()) {
            if (!isFirst) {
                words.append(inBlocks ? "; then " : "; by turns with ");
            }
            words.append(kind.getValue()).append(" × ").append(kind.getKey().words());
            isFirst = false;
        }
        words.append(
                on.stream().anyMatch(s -> s.tie().knot() == Knot.TWIST_FIRST) ? ". Twist before the first pass" : "");
        return words.append(". Hook ").append(directions(row, on)).append('.').toString();
    }

    /** How often the next share of a row is another kind than the one before. */
    private static int changes(List<Station> on) {
        int changes = 0;
        for (int i = 1; i < on.size(); i++) {
            changes += Kind.of(on.get(i)).equals(Kind.of(on.get(i - 1))) ? 0 : 1;
        }
        return changes;
    }

    /** What is hooked alike. */
    private record Kind(Share share, Tie tie) {
        static Kind of(Station s) {
            return new Kind(s.share(), s.tie());
        }

        String words() {
            return share.words() + " " + tie.words()
                    + tie.holds().stream().map(h -> ", " + h.shortWords()).collect(Collectors.joining());
        }
    }

    /** Which way the hook goes in, and how far along the row that changes. */
    private static String directions(Row row, List<Station> on) {
        StringBuilder words = new StringBuilder();
        String last = "";
        for (Station s : on) {
            String now = s.bearing().words();
            if (!now.equals(last)) {
                words.append(
                        last.isEmpty()
                                ? now
                                : "; " + Along.words(s.alongRowMm() / row.lengthMm()) + " it turns: " + now);
                last = now;
            }
        }
        return words.toString();
    }
}
