package gyrotaxis.core.plan;

import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.ScalpPoint;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Where a scalp is to be spared: what was drawn on it, and what was found at the consultation though nobody drew its place. Thin edges
 * then mean the edges, a thin crown the crown, and tender spots all of it.
 *
 * @param hooked places that are hooked more widely, thin and tender ones among them
 * @param pulled places that should bear less
 */
public record Spared(List<Region> hooked, List<Region> pulled) {
    /** The crown, as a part of the way from the middle of the map to the hairline. ASSUMPTION: a palm wide. */
    private static final double CROWN_OUT = 0.33;

    /** Where the edges begin, likewise. ASSUMPTION: the outer finger of the scalp. */
    private static final double EDGES_FROM = 0.8;

    /** A place this far out, or nearer, is at the crown. */
    private static final double AT_CROWN = 0.6;

    private static final int POINTS = 28;

    public Spared {
        hooked = List.copyOf(hooked);
        pulled = List.copyOf(pulled);
    }

    /** What is to be spared of a head. */
    static Spared of(List<Region> drawn, OwnHair own) {
        List<Region> hooked = new ArrayList<>(drawn);
        boolean hasCrown = drawn.stream()
                .anyMatch(r -> r.kind() == RegionKind.THIN && r.rim().stream().anyMatch(p -> p.out() < AT_CROWN));
        if (own.has(ScalpCondition.THIN_CROWN) && !hasCrown) {
            hooked.add(new Region(RegionKind.THIN, "crown", ring(CROWN_OUT)));
        }
        boolean hasEdges = drawn.stream()
                .anyMatch(r -> r.kind() == RegionKind.THIN && r.rim().stream().anyMatch(p -> p.out() > EDGES_FROM));
        if (own.has(ScalpCondition.THIN_EDGES) && !hasEdges) {
            // Once round outside and back inside: a band with a slit behind.
            List<ScalpPoint> band = new ArrayList<>(ring(1));
            List<ScalpPoint> inside = new ArrayList<>(ring(EDGES_FROM));
            Collections.reverse(inside);
            band.addAll(inside);
            hooked.add(new Region(RegionKind.THIN, "edges", band));
        }
        List<Region> pulled = new ArrayList<>(hooked);
        boolean hasTender = drawn.stream().anyMatch(r -> r.kind() == RegionKind.TENDER);
        if (own.has(ScalpCondition.TENDER) && !hasTender) {
            pulled.add(new Region(RegionKind.TENDER, "all over", ring(1)));
        }
        return new Spared(hooked, pulled);
    }

    private static List<ScalpPoint> ring(double out) {
        List<ScalpPoint> ring = new ArrayList<>();
        for (int k = 0; k < POINTS; k++) {
            ring.add(new ScalpPoint(-Math.PI + 2 * Math.PI * (k + 0.5) / POINTS, out));
        }
        return ring;
    }
}
