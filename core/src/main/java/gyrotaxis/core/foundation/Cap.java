package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.quantity.Require;
import java.util.List;

/**
 * A mesh cap over the back. It is hooked to in a lattice of its own, whatever rows lie beneath.
 *
 * @param edge its front edge, from the client's left to her right
 * @param area its outline on the map, without a repeated last point
 * @param lines the lines of holes that loops are hooked to, from the front edge back, each from her left to her right
 * @param mesh its holes
 * @param isHookedOff whether it is hooked off the head, before the client comes
 * @param isOnCombs whether it sits on combs and comes off again, instead of being sewn on
 */
public record Cap(Path edge, List<Vec2> area, List<Row> lines, Mesh mesh, boolean isHookedOff, boolean isOnCombs) {
    public Cap {
        area = List.copyOf(area);
        lines = Require.notEmpty(lines, "lines");
    }

    /** How far a row runs before it goes under the cap, mm; all of it if it does not. */
    public double openMm(Row row) {
        double[] at = row.path().distancesMm();
        for (int i = 0; i < at.length; i++) {
            if (Polygons.contains(area, row.path().chart().get(i))) {
                return at[Math.max(0, i - 1)];
            }
        }
        return row.lengthMm();
    }

    /** How wide the holes of a mesh are, and so what its lattice takes. */
    public enum Mesh {
        /** ASSUMPTION: half a loop every one and a half fingers. */
        FINE("fine holes", 28, 2),
        /** ASSUMPTION: a whole loop every two fingers. */
        WIDE("wide holes", 40, 1);

        private final String words;
        private final double apartMm;
        private final int leastParts;

        Mesh(String words, double apartMm, int leastParts) {
            this.words = words;
            this.apartMm = apartMm;
            this.leastParts = leastParts;
        }

        /** What it is called. */
        public String words() {
            return words;
        }

        /** How far apart shares are usually hooked, along a line and from line to line, mm. */
        public double apartMm() {
            return apartMm;
        }

        /** Into how many parts a loop is split at least, so that a share goes through a hole. */
        public int leastParts() {
            return leastParts;
        }
    }
}
