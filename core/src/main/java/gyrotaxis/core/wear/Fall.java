package gyrotaxis.core.wear;

import gyrotaxis.core.geometry.Vec3;
import java.util.List;

/**
 * How hair that is rooted at one place lies on the head and hangs from it, as a band about its middle.
 *
 * @param line its middle from the root to the tip, scalp frame, mm; at least 1 point; what lies on the head is on the scalp itself
 * @param isDrawn whether it is drawn to a tie and smoothed, rather than falling
 * @param onHead how many of the points lie on the head; the rest hang free
 * @param bandMm how wide it spreads at each point, mm
 * @param overMm how high it lies over the scalp at each point, on hair that lies beneath it, mm; 0 where there is none
 * @param coversMm what width of scalp it covers once over where it lies on the head, mm
 * @param riseMm how much of its length stands up and springs about its root before the line begins, mm
 */
public record Fall(
        List<Vec3> line,
        boolean isDrawn,
        int onHead,
        List<Double> bandMm,
        List<Double> overMm,
        double coversMm,
        double riseMm) {
    public Fall {
        line = List.copyOf(line);
        bandMm = List.copyOf(bandMm);
        overMm = List.copyOf(overMm);
        if (bandMm.size() != line.size() || overMm.size() != line.size()) {
            throw new IllegalArgumentException("line has " + line.size() + " points, bandMm " + bandMm.size()
                    + " and overMm " + overMm.size() + "; each point needs one of each");
        }
    }
}
