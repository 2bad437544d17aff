package gyrotaxis.core.laying;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Winds one row from the edge of the field to the crown.
 *
 * <p>In polar terms about the middle of the map, with ρ from 0 on the edge to 1 there: over the turns t the row's outer border
 * is ρ = (t − 1)/n and its inner one t/n, both kept within [0, 1], so that the strips of its turns cover the field exactly.
 *
 * <p>The first turn follows the edge round ears and temples; further in nobody braids its corners any more, so the shape passes over into
 * that of the edge without all that turns faster than twice round the head (its Fourier series to the second harmonic).
 */
final class SpiralLayout {
    /** The middle of the map, a finger's breadth from the crown: from there every line out meets the hairline once. */
    private static final Vec2 MIDDLE = new Vec2(0, 0);

    private static final int STEPS_PER_TURN = 120;
    private static final int STEPS_PER_STRIP = 60;

    /** From here inward a turn is as round as it gets, as a part of the way in. ASSUMPTION: looked at on maps. */
    private static final double ROUND_FROM = 0.6;

    private static final int HARMONICS = 2;
    private static final int SAMPLES = 360;

    private final Scalp scalp;
    private final Rim rim;
    private final int turns;
    /** Cosines and sines of the round shape, mm, by harmonic. */
    private final double[] cos = new double[HARMONICS + 1];

    private final double[] sin = new double[HARMONICS + 1];

    /** What the round shape is scaled by to lie within the edge: else turns would be pressed together where the ears come in. */
    private final double inscribed;

    SpiralLayout(Scalp scalp, Rim rim, double pitchMm) {
        this.scalp = scalp;
        this.rim = rim;
        double radius = Math.sqrt(Scalp.areaMm2(rim.outline(rim.field)) / Math.PI);
        this.turns = Math.max(2, (int) Math.round(radius / pitchMm));
        double[] edge = IntStream.range(0, SAMPLES)
                .mapToDouble(i -> rim.at(rim.field, theta(i)).norm())
                .toArray();
        for (int i = 0; i < SAMPLES; i++) {
            for (int k = 0; k <= HARMONICS; k++) {
                double weight = (k == 0 ? 1.0 : 2.0) / SAMPLES;
                cos[k] += weight * edge[i] * Math.cos(k * theta(i));
                sin[k] += weight * edge[i] * Math.sin(k * theta(i));
            }
        }
        this.inscribed = IntStream.range(0, SAMPLES)
                .mapToDouble(i -> edge[i] / round(theta(i)))
                .min()
                .orElse(1);
    }

    private static double theta(int sample) {
        return 2 * Math.PI * sample / SAMPLES;
    }

    private double round(double theta) {
        double round = 0;
        for (int k = 0; k <= HARMONICS; k++) {
            round += cos[k] * Math.cos(k * theta) + sin[k] * Math.sin(k * theta);
        }
        return round;
    }

    void addTo(Draft draft, RowMaker maker) {
        int last = (turns + 1) * STEPS_PER_TURN;
        List<Vec2> line = new ArrayList<>();
        List<List<Vec2>> strips = new ArrayList<>();
        // It stops short of the very end, where the last turn has no width left.
        for (int k = 0; k <= last - STEPS_PER_TURN / 2; k++) {
            double t = (double) k / STEPS_PER_TURN;
            line.add(at(t, (outer(t) + inner(t)) / 2));
        }
        for (int from = 0; from < last; from += STEPS_PER_STRIP) {
            strips.add(strip(from, Math.min(last, from + STEPS_PER_STRIP)));
        }
        draft.rows.add(maker.ofAll(new RowId(Section.SPIRAL, 1), Path.lifted(line, scalp.chart()), strips));
    }

    private List<Vec2> strip(int from, int to) {
        List<Vec2> rim = new ArrayList<>();
        for (int k = from; k <= to; k++) {
            double t = (double) k / STEPS_PER_TURN;
            rim.add(at(t, outer(t)));
        }
        for (int k = to; k >= from; k--) {
            double t = (double) k / STEPS_PER_TURN;
            rim.add(at(t, inner(t)));
        }
        return rim;
    }

    private double outer(double t) {
        return Math.max(0, Math.min(1, (t - 1) / turns));
    }

    private double inner(double t) {
        return Math.max(0, Math.min(1, t / turns));
    }

    /** From the nape on, toward the client's right. */
    private Vec2 at(double t, double rho) {
        double theta = Math.PI - 2 * Math.PI * t;
        Vec2 edge = rim.at(rim.field, theta);
        double in = Math.min(1, rho / ROUND_FROM);
        double roundness = in * in * (3 - 2 * in);
        double scale = 1 + roundness * (inscribed * round(theta) / edge.norm() - 1);
        return MIDDLE.lerp(edge, (1 - rho) * scale);
    }
}
