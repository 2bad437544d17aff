package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Cap;
import gyrotaxis.core.foundation.Crossing;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** Shares besides those that every row wants: where rows cross, where parts end, along the seam of a cap, and in base hair. */
final class ExtraShares {
    /** A gap with a station nearer than this needs no other, mm. ASSUMPTION: half a finger. */
    private static final double NEAR_MM = 9;

    /** Every other station has one in base hair beside it. ASSUMPTION: base hair is for filling between, not for a second row. */
    private static final int BASE_EVERY = 2;

    /** How far from the plait base hair is taken, mm. ASSUMPTION: the width of a hook. */
    private static final double BASE_BESIDE_MM = 2.5;

    /** So many shares close the seam of a cap. */
    private static final int SEAM_SHARES = 3;

    private final Scalp scalp;
    private final Foundation foundation;
    private final Map<RowId, List<Station>> placed;
    private final Share share;

    /**
     * @param placed what sits on each row; extras are added to it
     * @param share how large each of them is
     */
    ExtraShares(Scalp scalp, Foundation foundation, Map<RowId, List<Station>> placed, Share share) {
        this.scalp = scalp;
        this.foundation = foundation;
        this.placed = placed;
        this.share = share;
    }

    void place(boolean inBaseHair) {
        for (Crossing c : foundation.crossings()) {
            closeGap(c.over(), c.chart());
        }
        for (LaidPart part : foundation.parts()) {
            Vec2 end = part.path().chart().get(part.path().chart().size() - 1);
            closeGap(part.gap().left(), end);
            closeGap(part.gap().right(), end);
        }
        if (inBaseHair) {
            foundation.rows().forEach(this::baseHair);
        }
        foundation.cap().ifPresent(this::closeSeam);
    }

    private void closeGap(RowId row, Vec2 gap) {
        foundation
                .row(row)
                .filter(StationPlacer::isHooked)
                .ifPresent(r -> addUnlessNear(r, r.path().nearest(gap) * r.lengthMm()));
    }

    /** Where hooked rows end before a cap, or go under it, there is a gap: two or three shares there fall across it. */
    private void closeSeam(Cap cap) {
        List<Row> ends = foundation.rowsOf(Section.FRONT).stream()
                .filter(r -> r.use() == RowUse.HOOKED
                        && (r.joins().isPresent() || r.lead().isPresent()))
                .toList();
        int n = Math.min(SEAM_SHARES, ends.size());
        for (int i = 0; i < n; i++) {
            ends.subList(i * ends.size() / n, (i + 1) * ends.size() / n).stream()
                    .max(Comparator.comparingDouble(r -> bareMm(r, cap)))
                    .ifPresent(r -> addUnlessNear(r, cap.openMm(r)));
        }
    }

    /** How far the last share of a row sits before the cap, mm. */
    private double bareMm(Row row, Cap cap) {
        List<Station> on = placed.getOrDefault(row.id(), List.of());
        return cap.openMm(row)
                - on.stream().mapToDouble(Station::alongRowMm).max().orElse(0);
    }

    private void addUnlessNear(Row row, double alongMm) {
        double edge = StationPlacer.EDGE_MM;
        double along = Math.min(row.lengthMm() - edge, Math.max(edge, alongMm));
        List<Station> on = placed.getOrDefault(row.id(), List.of());
        if (along <= 0 || on.stream().anyMatch(s -> Math.abs(s.alongRowMm() - along) < NEAR_MM)) {
            return;
        }
        List<Station> all = new ArrayList<>(on);
        all.add(StationPlacer.at(scalp, row, along, Role.CROSSING, share));
        placed.put(row.id(), StationPlacer.numbered(all));
    }

    private void baseHair(Row row) {
        List<Station> on = placed.getOrDefault(row.id(), List.of());
        List<Station> all = new ArrayList<>(on);
        for (int i = 0; i < on.size(); i += BASE_EVERY) {
            if (on.get(i).zone() != Zone.NAPE && on.get(i).role() == Role.ROW) {
                all.add(beside(on.get(i), row));
            }
        }
        placed.put(row.id(), all);
    }

    /** Base hair is taken on the side away from the midline, close to the row. */
    private Station beside(Station s, Row row) {
        double out = row.braidWidthMm() / 2 + BASE_BESIDE_MM;
        Vec2 before = row.path().chartAt(s.alongRowMm() - 1);
        Vec2 after = row.path().chartAt(s.alongRowMm() + 1);
        Vec2 along = after.minus(before);
        double side = s.chart().x() < 0 ? -1 : 1;
        Vec2 across = along.norm() < 1e-9 ? new Vec2(side, 0) : new Vec2(along.y(), -along.x()).times(1 / along.norm());
        Vec2 chart = s.chart().plus(across.times(across.x() * side < 0 ? -out : out));
        Vec3 space = scalp.chart().lift(chart);
        return Station.placed(s.id(), s.alongRowMm() + 0.5, chart, space, s.zone(), Role.BASE, s.part(), share);
    }
}
