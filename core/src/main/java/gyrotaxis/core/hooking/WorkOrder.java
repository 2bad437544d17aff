package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Along;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.WorkStep;
import gyrotaxis.core.install.WorkStep.Stage;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * In which order a head is hooked.
 *
 * <p>By one of the three orders that are taught; within each stage from the nape upward and from the outside in, left and right
 * share by share in turn so that they match. Rows behind run from the nape up, along each of them too. Rows beside a part wait until their turn. Fills and wisps are no step here: they come after a
 * trial of every part. A cap that is hooked off the head comes before anything else.
 */
public final class WorkOrder {
    /** A row whose middle lies further out than this part of the head's half width belongs to the sides. */
    private static final double SIDE = 0.55;

    /** A row whose end lies so much lower than its start runs down, mm. */
    private static final double RISES_MM = 13;

    private final Foundation foundation;
    private final Map<RowId, List<Station>> byRow = new LinkedHashMap<>();
    private final double halfWidthMm;
    /** Half-way up the back, mm above the ears. */
    private final double halfUpMm;

    private WorkOrder(Foundation foundation, List<Station> stations) {
        this.foundation = foundation;
        stations.forEach(
                s -> byRow.computeIfAbsent(s.id().row(), r -> new ArrayList<>()).add(s));
        this.halfWidthMm = stations.stream()
                .mapToDouble(s -> Math.abs(s.chart().x()))
                .max()
                .orElse(1);
        DoubleSummaryStatistics behind = stations.stream()
                .filter(s -> s.zone() == Zone.BACK || s.zone() == Zone.NAPE)
                .mapToDouble(s -> s.space().z())
                .summaryStatistics();
        this.halfUpMm = (behind.getMin() + behind.getMax()) / 2;
    }

    /** The steps, numbered; every station is in exactly one. */
    public static List<WorkStep> of(Method.Order order, Foundation foundation, List<Station> stations) {
        return new WorkOrder(foundation, stations).steps(order);
    }

    /** What is hooked of one row in one stage, in turn. */
    private record Piece(Row row, List<Station> on) {}

    private List<WorkStep> steps(Method.Order order) {
        Map<Stage, List<Piece>> pieces = new EnumMap<>(Stage.class);
        for (Row row : foundation.carriers()) {
            Map<Stage, List<Station>> here = new EnumMap<>(Stage.class);
            for (Station s : byRow.getOrDefault(row.id(), List.of())) {
                here.computeIfAbsent(stage(row, s, order), k -> new ArrayList<>())
                        .add(s);
            }
            here.forEach((stage, on) ->
                    pieces.computeIfAbsent(stage, k -> new ArrayList<>()).add(new Piece(row, inTurn(row, stage, on))));
        }
        List<WorkStep> steps = new ArrayList<>();
        List<Stage> stages = new ArrayList<>(stages(order));
        stages.add(0, Stage.CAP);
        for (Stage stage : stages) {
            List<Piece> left = new ArrayList<>(pieces.getOrDefault(stage, List.of()));
            // Lower rows first, then outer before inner; of two that match, her left and then her right.
            left.sort(Comparator.comparingDouble((Piece p) -> Math.rint(lowest(p.row())))
                    .thenComparing(Comparator.comparingDouble((Piece p) -> Math.rint(out(p.row())))
                            .reversed())
                    .thenComparing(p -> p.row().id()));
            while (!left.isEmpty()) {
                Piece piece = left.remove(0);
                Optional<Piece> twin = twin(piece, left);
                twin.ifPresent(left::remove);
                steps.add(step(steps.size() + 1, stage, piece, twin));
            }
        }
        return List.copyOf(steps);
    }

    /** Rows behind are hooked from the nape up, also along each of them. */
    private static List<Station> inTurn(Row row, Stage stage, List<Station> on) {
        List<Station> turn = new ArrayList<>(on);
        if (isUpward(row, stage)) {
            Collections.reverse(turn);
        }
        return turn;
    }

    private static boolean isUpward(Row row, Stage stage) {
        boolean isBehind = stage == Stage.BACK || stage == Stage.MIDDLE;
        return isBehind
                && row.id().section().isLateral()
                && row.path().start().z() - row.path().end().z() > RISES_MM;
    }

    /** The row on the other side that goes with it: its mirror image, or else the one that lies as many rows from the side. */
    private Optional<Piece> twin(Piece piece, List<Piece> others) {
        Row row = piece.row();
        if (!row.id().section().isLateral()) {
            return Optional.empty();
        }
        List<Row> all = foundation.rowsOf(row.id().section());
        int counterpart = all.size() + 1 - row.id().number();
        return foundation
                .mirrorOf(row)
                .map(Row::id)
                .or(() -> Optional.of(new RowId(row.id().section(), Math.max(1, counterpart))))
                .filter(id -> !id.equals(row.id()))
                .flatMap(id ->
                        others.stream().filter(o -> o.row().id().equals(id)).findFirst());
    }

    private WorkStep step(int number, Stage stage, Piece piece, Optional<Piece> twin) {
        Piece first =
                twin.filter(t -> t.row().id().compareTo(piece.row().id()) < 0).orElse(piece);
        Optional<Piece> second = twin.map(t -> first.equals(piece) ? t : piece);
        return new WorkStep(
                number,
                stage,
                first.row().id(),
                second.map(p -> p.row().id()),
                byTurns(first.on(), second.map(Piece::on).orElse(List.of())).stream()
                        .map(Station::id)
                        .toList(),
                stage == Stage.PARTS,
                words(stage, first, second));
    }

    /** Share by share, left and right in turn; where one side has more they end together all the same. */
    private static List<Station> byTurns(List<Station> a, List<Station> b) {
        List<Station> all = new ArrayList<>();
        int i = 0;
        int j = 0;
        while (i < a.size() || j < b.size()) {
            boolean takesA = j == b.size() || i < a.size() && (i + 0.5) * b.size() <= (j + 0.5) * a.size();
            all.add(takesA ? a.get(i++) : b.get(j++));
        }
        return all;
    }

    private static List<Stage> stages(Method.Order order) {
        return switch (order) {
            case PERIMETER_FIRST ->
                List.of(Stage.PERIMETER, Stage.BACK, Stage.SIDES, Stage.TOP, Stage.FRONT, Stage.MIDDLE, Stage.PARTS);
            case NAPE_TO_MIDDLE ->
                List.of(Stage.PERIMETER, Stage.BACK, Stage.FRONT, Stage.SIDES, Stage.TOP, Stage.MIDDLE, Stage.PARTS);
            case HALF_THE_BACK ->
                List.of(Stage.PERIMETER, Stage.BACK, Stage.SIDES, Stage.TOP, Stage.FRONT, Stage.PARTS, Stage.MIDDLE);
            case FRONT_FIRST ->
                List.of(Stage.FRONT, Stage.PARTS, Stage.TOP, Stage.SIDES, Stage.BACK, Stage.MIDDLE, Stage.PERIMETER);
        };
    }

    private Stage stage(Row row, Station share, Method.Order order) {
        List<Station> on = byRow.getOrDefault(row.id(), List.of());
        Section section = row.id().section();
        if (section == Section.CAP && foundation.hasCapHookedOff()) {
            return Stage.CAP;
        }
        if (section == Section.PERIMETER || row.use() == RowUse.PLAITED) {
            return Stage.PERIMETER;
        }
        if (on.stream().anyMatch(s -> s.role() == Role.PART)) {
            return Stage.PARTS;
        }
        boolean isFront = section == Section.FRONT || section == Section.PATCH && share.zone() == Zone.FRONT;
        if (!isFront && section != Section.MIDDLE && section != Section.OVERLAY) {
            boolean isLater =
                    order == Method.Order.HALF_THE_BACK && share.space().z() > halfUpMm;
            return isLater ? Stage.MIDDLE : Stage.BACK;
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

    private static String words(Stage stage, Piece first, Optional<Piece> second) {
        String up = isUpward(first.row(), stage) ? ", from the nape up" : "";
        if (second.isEmpty()) {
            return first.row().id().words() + up + ": " + what(first.on()) + ". Hook "
                    + directions(first.row(), first.on(), !up.isEmpty()) + ".";
        }
        RowId other = second.get().row().id();
        String both = first.row().id().section().words() + "s "
                + first.row().id().number() + " and " + other.number() + ", share by share in turn" + up + ": ";
        String left = what(first.on());
        String right = what(second.get().on());
        boolean isAlike = left.equals(right);
        return both
                + (isAlike ? left + " on each" : "her left " + left + "; her right " + right)
                + ". Hook " + directions(first.row(), first.on(), !up.isEmpty())
                + "; on the other side as in a mirror.";
    }

    private static String what(List<Station> on) {
        Map<Kind, Integer> kinds = new LinkedHashMap<>();
        for (Station s : on) {
            kinds.merge(Kind.of(s), 1, Integer::sum);
        }
        boolean inBlocks = changes(on) < kinds.size();
        return kinds.entrySet().stream()
                        .map(k -> k.getValue() + " × " + k.getKey().words())
                        .collect(Collectors.joining(inBlocks ? "; then " : "; by turns with "))
                + (on.stream().anyMatch(s -> s.tie().knot() == Knot.TWIST_FIRST)
                        ? ", twisted before the first pass"
                        : "");
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
    private static String directions(Row row, List<Station> on, boolean isUpward) {
        StringBuilder words = new StringBuilder();
        String last = "";
        for (Station s : on) {
            String now = s.bearing().words();
            double along = s.alongRowMm() / row.lengthMm();
            if (!now.equals(last)) {
                words.append(
                        last.isEmpty() ? now : "; " + Along.words(isUpward ? 1 - along : along) + " it turns: " + now);
                last = now;
            }
        }
        return words.toString();
    }
}
