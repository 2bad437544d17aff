package gyrotaxis.core.geometry;

import java.util.List;

/** Questions about closed polygons on a map. */
public final class Polygons {
    private Polygons() {}

    /** Whether a point lies inside a polygon that closes itself; undefined on its rim. */
    public static boolean contains(List<Vec2> rim, Vec2 p) {
        boolean isInside = false;
        for (int i = 0, j = rim.size() - 1; i < rim.size(); j = i++) {
            Vec2 a = rim.get(i);
            Vec2 b = rim.get(j);
            if ((a.y() > p.y()) != (b.y() > p.y())
                    && p.x() < (b.x() - a.x()) * (p.y() - a.y()) / (b.y() - a.y()) + a.x()) {
                isInside = !isInside;
            }
        }
        return isInside;
    }
}
