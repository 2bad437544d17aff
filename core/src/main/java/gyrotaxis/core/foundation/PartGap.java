package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.quantity.Require;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The scalp between two neighbouring front rows: a candidate for a part.
 *
 * @param left the row on the client's left of it
 * @param right the row on her right
 * @param openMm how far a part can run in it before the rows meet or end, mm
 * @param channel how wide it is along the open length over the front, from the hairline back; at least one width
 * @param behind the rows between which it runs on behind the section line, if it does
 */
public record PartGap(RowId left, RowId right, double openMm, List<Width> channel, Optional<Behind> behind) {
    /** The first and last part of the open length tell nothing: the plaits begin and end there. */
    private static final double MARGIN = 0.08;

    /**
     * Clear scalp between the plaits at one place.
     *
     * @param atMm how far back from the start, mm
     * @param clearMm how wide, mm; 0 if the plaits touch
     */
    public record Width(double atMm, double clearMm) {}

    /**
     * How a gap runs on.
     *
     * @param left the row on the client's left of it
     * @param right the row on her right
     * @param lengthMm how far they run side by side, mm
     */
    public record Behind(RowId left, RowId right, double lengthMm) {}

    public PartGap {
        channel = Require.notEmpty(List.copyOf(channel), "channel");
    }

    /** Clear scalp where the channel is narrowest, mm. */
    public double narrowestMm() {
        return channel.stream().mapToDouble(Width::clearMm).min().orElseThrow();
    }

    /** Clear scalp on average, mm. */
    public double meanMm() {
        return channel.stream().mapToDouble(Width::clearMm).average().orElseThrow();
    }

    /** The gaps of a section's rows, from the client's left to her right. */
    static List<PartGap> between(List<Row> rows, Draft draft) {
        List<PartGap> gaps = new ArrayList<>();
        for (int i = 1; i < rows.size(); i++) {
            gaps.add(between(rows.get(i - 1), rows.get(i), draft));
        }
        return List.copyOf(gaps);
    }

    /** How far a part can run in it in all, front and behind, if no tail crosses it, mm. */
    public double wholeMm() {
        return openMm + behind.map(Behind::lengthMm).orElse(0.0);
    }

    /** Rows of one section run in step, so points of the same number lie opposite each other. */
    private static PartGap between(Row left, Row right, Draft draft) {
        List<Vec3> l = frontFirst(left);
        List<Vec3> r = frontFirst(right);
        int last = Math.min(l.size(), r.size()) - 1;
        boolean meet = left.joins().isPresent() && left.joins().equals(right.joins());
        int open = Math.max(1, meet ? (int) Math.round(last * RowLayout.BEND_FROM) : last);
        double half = (left.braidWidthMm() + right.braidWidthMm()) / 2;
        double length = 0;
        List<Width> channel = new ArrayList<>();
        for (int k = 1; k <= open; k++) {
            length += l.get(k).lerp(r.get(k), 0.5).distance(l.get(k - 1).lerp(r.get(k - 1), 0.5));
            if (k >= MARGIN * open && k <= (1 - MARGIN) * open || open == 1) {
                channel.add(new Width(length, Math.max(0, l.get(k).distance(r.get(k)) - half)));
            }
        }
        return new PartGap(left.id(), right.id(), length, channel, behind(left, right, draft));
    }

    /** A row that was turned round by hand still lies where it lay. */
    private static List<Vec3> frontFirst(Row row) {
        boolean isTurned = row.path().start().y() < row.path().end().y();
        return (isTurned ? row.path().reversed() : row.path()).space();
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
