package gyrotaxis.core.geometry;

import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** Lines with as few points as a small picture needs. */
public final class Thinned {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Thinned() {}

    /**
     * Those points of a line from which all others lie no further than a tolerance (Douglas and Peucker, 1973); its ends stay.
     *
     * @param toleranceMm at least 0
     */
    public static List<Vec2> line(List<Vec2> points, double toleranceMm) {
        Coordinate[] all =
                points.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
        return Arrays.stream(DouglasPeuckerSimplifier.simplify(FACTORY.createLineString(all), toleranceMm)
                        .getCoordinates())
                .map(c -> new Vec2(c.x, c.y))
                .toList();
    }
}
