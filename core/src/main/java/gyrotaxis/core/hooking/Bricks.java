package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * How well the shares of neighbouring rows lie as bricks are laid, each opposite the gap in the row beside.
 *
 * @param offs for every share between two of the row beside, or of the turn before, how far off the middle of the gap it lies, in parts of the gap:
 *     0 in the middle, 0.5 level with a share; ascending, may be empty
 */
public record Bricks(List<Double> offs) {
    /** From here on a share is level with its neighbour, in parts of the gap. */
    public static final double LEVEL = 0.42;

    public Bricks {
        offs = List.copyOf(offs);
    }

    /** How the shares of a foundation lie. Shares beside parts, in base hair and where rows cross are put where they are needed. */
    public static Bricks of(Foundation foundation, List<Station> stations) {
        Map<RowId, List<Station>> byRow = stations.stream()
                .filter(s -> s.role() == Role.ROW || s.role() == Role.HAIRLINE || s.role() == Role.CAP)
                .collect(Collectors.groupingBy(s -> s.id().row()));
        Flanks flanks = new Flanks(foundation.parts());
        List<Double> offs = new ArrayList<>();
        for (Section section : Section.values()) {
            List<Row> rows = foundation.rowsOf(section);
            for (int i = 0; i < rows.size(); i++) {
                List<Station> on = byRow.getOrDefault(rows.get(i).id(), List.of());
                if (Beside.Turns.has(rows.get(i))) {
                    turns(rows.get(i), on, offs);
                } else if (i > 0
                        && !flanks.isBetween(rows.get(i - 1).id(), rows.get(i).id())) {
                    between(rows.get(i - 1), byRow.getOrDefault(rows.get(i - 1).id(), List.of()), on, offs);
                }
            }
        }
        Collections.sort(offs);
        return new Bricks(offs);
    }

    private static void between(Row row, List<Station> beside, List<Station> on, List<Double> offs) {
        Beside gaps = new Beside(row, along(beside));
        on.stream()
                .filter(s -> gaps.isBetween(s.chart(), s.space()))
                .forEach(s -> offs.add(gaps.off(s.chart(), s.space())));
    }

    private static void turns(Row row, List<Station> on, List<Double> offs) {
        Beside.Turns turns = Beside.Turns.of(row);
        double[] at = along(on);
        Beside gaps = new Beside(row, at);
        Arrays.stream(at).map(turns::before).filter(a -> a >= at[0]).forEach(a -> offs.add(gaps.offAlong(a)));
    }

    private static double[] along(List<Station> on) {
        return on.stream().mapToDouble(Station::alongRowMm).sorted().toArray();
    }

    /** Half of the shares lie no further off than this, in [0, 0.5]; 0 if there is nothing to measure. */
    public double median() {
        return offs.isEmpty() ? 0 : offs.get(offs.size() / 2);
    }

    /** How many lie level with a neighbour. */
    public long level() {
        return offs.stream().filter(off -> off > LEVEL).count();
    }
}
