package gyrotaxis.server.language;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.ScalpPoint;
import gyrotaxis.server.shared.Fields;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A region drawn on the scalp, as it is written down.
 *
 * @param rim flat list azimuth, out, azimuth, out, …: degrees about the map's middle (0 front, positive to her right) and
 *     how far out, as a part of the way to the hairline
 */
public record RegionBody(
        @Nullable RegionKind kind,
        @Nullable String name,
        @Nullable List<Double> rim) {
    private static final Interval TURN_DEG = new Interval(-360, 360);
    private static final Interval OUT = new Interval(0, 1);

    /** The same, called by what it is. */
    RegionBody unnamed() {
        return new RegionBody(kind, kind == null ? name : kind.words(), rim);
    }

    /** What was written down for a region that a core record holds. */
    public static RegionBody of(Region r) {
        return new RegionBody(
                r.kind(),
                r.name(),
                r.rim().stream()
                        .flatMap(p -> List.of(rounded(Math.toDegrees(p.thetaRad())), rounded(p.out())).stream())
                        .toList());
    }

    private static double rounded(double v) {
        return Math.rint(v * 1e4) / 1e4;
    }

    /** The region; after a problem, some stand-in. */
    public Region check(Fields f, String at) {
        RegionKind k = f.present(at + ".kind", "What is the matter there", kind, RegionKind.TENDER);
        String called = f.text(at + ".name", "The region's name", name, Region.MAX_NAME_LENGTH);
        List<Double> flat = rim == null ? List.of() : rim;
        int n = flat.size() / 2;
        if (flat.size() % 2 != 0 || n < Region.FEWEST || n > Region.MAX) {
            f.problem(at + ".rim", "A region is drawn with " + Region.FEWEST + " to " + Region.MAX + " points.");
            return standIn(k);
        }
        List<ScalpPoint> points = IntStream.range(0, n)
                .mapToObj(i -> new ScalpPoint(
                        Math.toRadians(f.number(at + ".rim", "A point's direction", flat.get(2 * i), TURN_DEG)),
                        f.number(at + ".rim", "How far out a point lies", flat.get(2 * i + 1), OUT)))
                .toList();
        return new Region(k, called.isEmpty() ? "region" : called, points);
    }

    private static Region standIn(RegionKind kind) {
        return new Region(
                kind, "region", List.of(new ScalpPoint(0, 0.1), new ScalpPoint(1, 0.1), new ScalpPoint(2, 0.1)));
    }
}
