package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.PartGap;
import gyrotaxis.core.foundation.PartGap.Behind;
import gyrotaxis.core.foundation.PartGap.Width;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Measures the scalp that is left between neighbouring rows. */
final class PartGaps {
    /** The first and last part of the open length tell nothing: the plaits begin and end there. */
    private static final double MARGIN = 0.08;

    private static final double SAME_PLACE_MM = 1;

    private PartGaps() {}

    /**
     * The gaps of a section's rows, from the client's left to her right.
     *
     * @param bendsFrom where each row bends toward the one it joins, as a part of its length
     */
    static List<PartGap> between(List<Row> rows, Draft draft, double[] bendsFrom) {
        List<PartGap> gaps = new ArrayList<>();
        for (int i = 1; i < rows.size(); i++) {
            gaps.add(between(rows.get(i - 1), rows.get(i), draft, Math.min(bendsFrom[i - 1], bendsFrom[i])));
        }
        return List.copyOf(gaps);
    }

    /**
     * The gaps that are still between two rows once regions were cut out.
     *
     * @param whole the rows as they were before
     * @param kept the rows that are left
     */
    static List<PartGap> left(List<PartGap> gaps, Map<RowId, Row> whole, Draft kept) {
        return gaps.stream()
                .filter(g -> begins(g.left(), whole, kept).isPresent()
                        && begins(g.right(), whole, kept).isPresent())
                .map(g -> cut(g, whole, kept))
                .toList();
    }

    /** A gap as it is once regions were cut out: it runs on as far as both rows behind still do from where they begin. */
    static PartGap cut(PartGap gap, Map<RowId, Row> whole, Draft kept) {
        Optional<Behind> behind = gap.behind()
                .flatMap(b -> begins(b.left(), whole, kept)
                        .flatMap(l -> begins(b.right(), whole, kept)
                                .map(r -> new Behind(l.id(), r.id(), Math.min(l.lengthMm(), r.lengthMm())))));
        return new PartGap(gap.left(), gap.right(), gap.openMm(), gap.channel(), gap.path(), behind);
    }

    /** What is left of a row where it began. */
    private static Optional<Row> begins(RowId id, Map<RowId, Row> whole, Draft kept) {
        return Optional.ofNullable(whole.get(id))
                .flatMap(w -> kept.find(id).filter(r -> start(r).distance(start(w)) < SAME_PLACE_MM));
    }

    private static Vec2 start(Row row) {
        return row.path().chart().get(0);
    }

    /** Rows of one section run in step, so points of the same number lie opposite each other. */
    private static PartGap between(Row left, Row right, Draft draft, double bendsFrom) {
        List<Vec3> l = frontFirst(left);
        List<Vec3> r = frontFirst(right);
        int last = Math.min(l.size(), r.size()) - 1;
        boolean meet = left.joins().isPresent() && left.joins().equals(right.joins());
        int open = Math.max(1, meet ? (int) Math.round(last * bendsFrom) : last);
        double half = (left.braidWidthMm() + right.braidWidthMm()) / 2;
        double length = 0;
        List<Vec2> flatLeft = frontFirstOnMap(left);
        List<Vec2> flatRight = frontFirstOnMap(right);
        List<Vec2> middle = new ArrayList<>(List.of(flatLeft.get(0).lerp(flatRight.get(0), 0.5)));
        List<Vec3> space = new ArrayList<>(List.of(l.get(0).lerp(r.get(0), 0.5)));
        List<Width> channel = new ArrayList<>();
        for (int k = 1; k <= open; k++) {
            middle.add(flatLeft.get(k).lerp(flatRight.get(k), 0.5));
            space.add(l.get(k).lerp(r.get(k), 0.5));
            length += l.get(k).lerp(r.get(k), 0.5).distance(l.get(k - 1).lerp(r.get(k - 1), 0.5));
            if (k >= MARGIN * open && k <= (1 - MARGIN) * open || open == 1) {
                channel.add(new Width(length, Math.max(0, l.get(k).distance(r.get(k)) - half)));
            }
        }
        return new PartGap(left.id(), right.id(), length, channel, new Path(middle, space), behind(left, right, draft));
    }

    private static List<Vec3> frontFirst(Row row) {
        return asLaid(row).space();
    }

    private static List<Vec2> frontFirstOnMap(Row row) {
        return asLaid(row).chart();
    }

    /** A row that was turned round by hand still lies where it lay. */
    private static Path asLaid(Row row) {
        boolean isTurned = row.path().start().y() < row.path().end().y();
        return isTurned ? row.path().reversed() : row.path();
    }

    private static Optional<Behind> behind(Row left, Row right, Draft draft) {
        Optional<Row> l = left.joins().flatMap(draft::find);
        Optional<Row> r = right.joins().flatMap(draft::find);
        boolean runOn = l.isPresent()
                && r.isPresent()
                && l.get().id().section() == Section.BACK
                && !l.get().id().equals(r.get().id())
                && l.get().use() != RowUse.UNDER_CAP;
        return runOn
                ? Optional.of(new Behind(
                        l.get().id(),
                        r.get().id(),
                        Math.min(l.get().lengthMm(), r.get().lengthMm())))
                : Optional.empty();
    }
}
