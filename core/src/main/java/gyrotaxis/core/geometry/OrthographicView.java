package gyrotaxis.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * A parallel view of a convex surface from far away: what is in sight, and where it falls on the picture.
 *
 * <p>Picture x runs to the viewer's right and y up, mm at true scale. A surface point is in sight when its outward
 * normal leans toward the viewer, which is exact for a convex surface.
 */
public enum OrthographicView {
    FRONT(new Vec3(0, 1, 0), new Vec3(-1, 0, 0), new Vec3(0, 0, 1)),
    BACK(new Vec3(0, -1, 0), new Vec3(1, 0, 0), new Vec3(0, 0, 1)),
    TOP(new Vec3(0, 0, 1), new Vec3(1, 0, 0), new Vec3(0, 1, 0)),
    LEFT(new Vec3(-1, 0, 0), new Vec3(0, -1, 0), new Vec3(0, 0, 1)),
    RIGHT(new Vec3(1, 0, 0), new Vec3(0, 1, 0), new Vec3(0, 0, 1));

    private final Vec3 towardViewer;
    private final Vec3 right;
    private final Vec3 up;

    OrthographicView(Vec3 towardViewer, Vec3 right, Vec3 up) {
        this.towardViewer = towardViewer;
        this.right = right;
        this.up = up;
    }

    /** Where a point falls on the picture, mm, whether in sight or not. */
    public Vec2 project(Vec3 p) {
        return new Vec2(p.dot(right), p.dot(up));
    }

    /** Whether a point of {@code surface} is in sight. */
    public boolean sees(SuperEllipsoid surface, Vec3 p) {
        return surface.normal(p).dot(towardViewer) > 0;
    }

    /** The pieces of a curve on the surface that are in sight, each with at least 2 points; cut between points. */
    public List<List<Vec2>> visible(SuperEllipsoid surface, List<Vec3> curve) {
        List<List<Vec2>> pieces = new ArrayList<>();
        List<Vec2> piece = new ArrayList<>();
        for (Vec3 p : curve) {
            if (sees(surface, p)) {
                piece.add(project(p));
            } else {
                keep(piece, pieces);
                piece = new ArrayList<>();
            }
        }
        keep(piece, pieces);
        return List.copyOf(pieces);
    }

    /** The outline of the surface in this view, closed, mm. */
    public List<Vec2> outline(SuperEllipsoid s, int points) {
        List<Vec2> rim = new ArrayList<>(points);
        for (int i = 0; i < points; i++) {
            double t = 2 * Math.PI * i / points;
            // By symmetry in the three coordinate planes, the rim is the section across the line of sight.
            rim.add(project(s.inDirection(right.times(Math.cos(t)).plus(up.times(Math.sin(t))))));
        }
        return List.copyOf(rim);
    }

    private static void keep(List<Vec2> piece, List<List<Vec2>> pieces) {
        if (piece.size() > 1) {
            pieces.add(List.copyOf(piece));
        }
    }
}
