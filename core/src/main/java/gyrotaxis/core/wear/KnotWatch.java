package gyrotaxis.core.wear;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.knot.Knot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Looks which knots show: by where they lie and how they are tied, and, where cover is known, by what lies over them. */
public final class KnotWatch {
    /** A flanking row lies beside a gap as far as this part of the gap's length. */
    private static final double ALONG = 0.995;

    /** Where more than this of the skin shows, a knot that is not hidden is seen. */
    private static final double BARE = 0.45;

    /** Tiny shares with both legs through hardly show: a share of so many parts or more. */
    private static final int TINY_PARTS = 4;

    private KnotWatch() {}

    /** The knots that show by their place and kind alone; needs no cover and is quick. */
    public static List<KnotSight> of(Hooked hooked, Foundation foundation, Worn worn) {
        return look(hooked, foundation, worn, Optional.empty());
    }

    /** The same, and those over which too little hair lies. */
    public static List<KnotSight> of(Hooked hooked, Foundation foundation, Cover cover) {
        return look(hooked, foundation, cover.worn(), Optional.of(cover));
    }

    private static List<KnotSight> look(Hooked hooked, Foundation foundation, Worn worn, Optional<Cover> cover) {
        List<KnotSight> sights = new ArrayList<>();
        for (Station s : hooked.stations()) {
            sight(s, foundation, worn).or(() -> cover.flatMap(c -> bare(s, c))).ifPresent(sights::add);
        }
        return List.copyOf(sights);
    }

    private static Optional<KnotSight> sight(Station s, Foundation foundation, Worn worn) {
        boolean isAtPart = s.part() != Station.NO_PART
                && worn.part().isPresent()
                && worn.part().getAsInt() == s.part()
                && s.part() < foundation.parts().size();
        if (isAtPart) {
            if (!s.tie().knot().isHidden()) {
                return seen(s, "a " + s.tie().knot().words() + " knot beside the part", true);
            }
            if (s.bearing().rule() != Bearing.Rule.PART) {
                return seen(s, "hooked away from the part, so its knot lies on the near side", false);
            }
        }
        if (!s.tie().knot().isHidden() && liesAtGap(s, foundation, worn)) {
            return seen(s, "a " + s.tie().knot().words() + " knot beside this gap", true);
        }
        boolean isEdge = s.role() == Role.PERIMETER || s.role() == Role.PLAIT || s.role() == Role.HAIRLINE;
        if (isEdge && drawsEdgeUp(worn.way(), s)) {
            if (!hides(s)) {
                return seen(s, "a " + s.tie().knot().words() + " knot at an edge that is drawn up", true);
            }
            if (s.role() != Role.HAIRLINE && s.bearing().rule() == Bearing.Rule.FALL) {
                return seen(s, "hooked the way hair falls at an edge that is drawn up", false);
            }
        }
        if (s.role() == Role.HAIRLINE && worn.way() == Way.WIND && !hides(s)) {
            return seen(s, "a " + s.tie().knot().words() + " knot at the hairline, which wind lays bare", true);
        }
        return Optional.empty();
    }

    /** Whether it lies on a row beside the gap that is tried as a part. */
    private static boolean liesAtGap(Station s, Foundation foundation, Worn worn) {
        return worn.gap().isPresent()
                && worn.partsOf(foundation).stream()
                        .anyMatch(p -> p.isFlankedBy(s.id().row()) && p.path().nearest(s.chart()) < ALONG);
    }

    private static boolean hides(Station s) {
        boolean isTiny = s.tie().knot() == Knot.REGULAR && s.share().parts() >= TINY_PARTS;
        return s.tie().knot().isHidden() || isTiny || s.role() == Role.PLAIT;
    }

    private static boolean drawsEdgeUp(Way way, Station s) {
        return switch (way) {
            case HIGH_PONYTAIL, BUN -> true;
            case LOW_PONYTAIL -> s.space().y() > 0 || s.space().z() > 0;
            case HALF_UP -> s.space().y() > 0;
            default -> false;
        };
    }

    private static Optional<KnotSight> bare(Station s, Cover cover) {
        int cell = cover.grid().cellAt(s.chart());
        if (cell < 0 || !cover.grid().isInside(cell) || hides(s) || cover.exposedAt(cell) < BARE) {
            return Optional.empty();
        }
        return seen(s, "too little hair lies over it", false);
    }

    private static Optional<KnotSight> seen(Station s, String why, boolean byKnot) {
        return Optional.of(new KnotSight(s.id(), why, byKnot));
    }
}
