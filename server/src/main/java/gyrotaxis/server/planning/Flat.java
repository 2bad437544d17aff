package gyrotaxis.server.planning;

import gyrotaxis.core.geometry.Thinned;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.quantity.Estimate;
import java.util.List;
import java.util.stream.Stream;

/** Writes points and figures down short: flat lists, to a tenth. */
public final class Flat {
    /** Less than a third of a pixel on a tile. */
    private static final double SMALL_MM = 1.2;

    private Flat() {}

    static List<Double> points(List<Vec2> points) {
        return points.stream()
                .flatMap(p -> Stream.of(tenth(p.x()), tenth(p.y())))
                .toList();
    }

    /** Whole millimetres, and only the points that a picture as large as a thumb needs. */
    static List<Long> small(List<Vec2> points) {
        return Thinned.line(points, SMALL_MM).stream()
                .flatMap(p -> Stream.of(Math.round(p.x()), Math.round(p.y())))
                .toList();
    }

    /** x, y, z, … */
    public static List<Double> solid(List<Vec3> points) {
        return points.stream()
                .flatMap(p -> Stream.of(tenth(p.x()), tenth(p.y()), tenth(p.z())))
                .toList();
    }

    static List<List<Double>> pieces(List<List<Vec2>> pieces) {
        return pieces.stream().map(Flat::points).toList();
    }

    static ReadView.Span span(Estimate e) {
        return new ReadView.Span(tenth(e.low()), tenth(e.likely()), tenth(e.high()));
    }

    /** To a tenth. */
    public static double tenth(double v) {
        // Adding zero turns −0.0 into 0.0.
        return Math.rint(v * 10) / 10 + 0.0;
    }

    /** To a hundredth. */
    public static double hundredth(double v) {
        return Math.rint(v * 100) / 100 + 0.0;
    }
}
