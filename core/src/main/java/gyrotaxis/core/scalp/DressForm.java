package gyrotaxis.core.scalp;

import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import java.util.ArrayList;
import java.util.List;

/**
 * A fitted head on neck and shoulders, as a dress-form shows one: what hair hangs over and rests on. Immutable.
 *
 * <p>Within the hairline it is exactly the fitted surface. Below it that surface is drawn in and out to brow, nose, jaw and the hollow
 * of the neck, each a smooth bump; neck and shoulders are level super-ellipses whose half-axes run smoothly from height to height. All
 * of it grows with the measure round the head.
 *
 * @see "ASSUMPTION: a calm grown-up form; nothing that is planned depends on it"
 */
public final class DressForm {
    private static final double USUAL_HALF_DEPTH_MM = 97;

    /** Over this beyond the hairline the fitted surface turns into face and neck, mm. */
    private static final double BLEND_MM = 18;

    /** Levels of neck and shoulders on the usual head: height, half across, half from front to back, forward, exponent; mm. */
    private static final double[][] LEVELS = {
        {-45, 52, 58, -22, 2},
        {-90, 53, 58, -22, 2},
        {-135, 56, 58, -26, 2},
        {-160, 66, 62, -28, 2.05},
        {-180, 92, 67, -29, 2.15},
        {-197, 132, 72, -29, 2.25},
        {-216, 166, 79, -28, 2.35},
        {-240, 189, 88, -26, 2.4},
        {-275, 199, 97, -23, 2.45},
        {-330, 200, 105, -20, 2.45},
        {-390, 190, 108, -19, 2.45},
    };

    private static final double SLIGHT = 1e-3;
    private static final int NEWTON_STEPS = 6;

    private final Scalp scalp;
    private final SuperEllipsoid head;
    private final double scale;

    private DressForm(Scalp scalp) {
        this.scalp = scalp;
        this.head = scalp.surface();
        this.scale = head.a() / USUAL_HALF_DEPTH_MM;
    }

    /** The form of a head. */
    public static DressForm of(Scalp scalp) {
        return new DressForm(scalp);
    }

    /** The height at which the form is cut off, mm below the ears as a negative number. */
    public double footMm() {
        return LEVELS[LEVELS.length - 1][0] * scale;
    }

    /**
     * Points of the head, ring by ring from the top down, each ring starting in front and going over her right; the first and the
     * last ring are one point each, repeated.
     *
     * @param rings how many bands there are between rings, at least 2
     * @param sectors points of a ring, at least 3
     */
    public List<Vec3> head(int rings, int sectors) {
        List<Vec3> points = new ArrayList<>((rings + 1) * sectors);
        for (int i = 0; i <= rings; i++) {
            double down = Math.PI * i / rings;
            for (int j = 0; j < sectors; j++) {
                double round = 2 * Math.PI * j / sectors;
                points.add(headAt(
                        new Vec3(Math.sin(down) * Math.sin(round), Math.sin(down) * Math.cos(round), Math.cos(down))));
            }
        }
        return points;
    }

    /**
     * Points of neck and shoulders, ring by ring from within the head down to the foot, in the same order.
     *
     * @param rings how many bands there are between rings, at least 2
     * @param sectors points of a ring, at least 3
     */
    public List<Vec3> bust(int rings, int sectors) {
        List<Vec3> points = new ArrayList<>((rings + 1) * sectors);
        double top = LEVELS[0][0] * scale;
        for (int i = 0; i <= rings; i++) {
            double z = top + (footMm() - top) * i / rings;
            Level l = level(z);
            for (int j = 0; j < sectors; j++) {
                double round = 2 * Math.PI * j / sectors;
                double r = Math.pow(
                        Math.pow(Math.abs(Math.sin(round)) / l.across, l.n)
                                + Math.pow(Math.abs(Math.cos(round)) / l.deep, l.n),
                        -1 / l.n);
                points.add(new Vec3(r * Math.sin(round), l.forward + r * Math.cos(round), z));
            }
        }
        return points;
    }

    /** The point of the head on the ray from its middle in a direction. */
    private Vec3 headAt(Vec3 direction) {
        Vec3 p = head.inDirection(direction);
        Vec2 at = scalp.chart().project(p);
        double beyond =
                at.norm() - scalp.hairline().chartAt(Math.atan2(at.x(), at.y())).norm();
        double isFace = smooth(beyond / BLEND_MM);
        return isFace <= 0 ? p : p.plus(face(p).times(isFace));
    }

    /** How far the face lies from the fitted surface there: brow, eyes, nose, cheeks, jaw, and the hollow of the neck. */
    private Vec3 face(Vec3 p) {
        double x = p.x() / scale;
        double z = p.z() / scale;
        double front = smooth((p.y() / head.a() - 0.1) / 0.5);
        double behind = smooth((-p.y() / head.a() + 0.1) / 0.5);
        double brow = 3 * bump(z, 26, 10) * bump(Math.abs(x), 26, 24);
        double eyes = -6.5 * bump(z, 6, 14) * bump(Math.abs(x), 32, 17);
        double nose = 17 * smooth((24 - z) / 62) * smooth((z + 56) / 22) * bump(x, 0, 11 + 5 * smooth((-8 - z) / 34));
        double cheek = 2.5 * bump(z, -28, 20) * bump(Math.abs(x), 42, 20);
        double chin = 8 * bump(z, -98, 20) * bump(x, 0, 26);
        double forward = front * (brow + eyes + nose + cheek + chin);
        // The jaw is narrower than the skull, and under the skull the head goes over into the neck.
        double jaw = -0.2 * smooth((-20 - z) / 90) * (1 - 0.5 * behind);
        double neck = 22 * behind * smooth((-48 - z) / 45);
        return new Vec3(p.x() * jaw, scale * (forward + neck), 0);
    }

    private static double bump(double at, double middle, double width) {
        double d = (at - middle) / width;
        return Math.exp(-d * d);
    }

    private static double smooth(double t) {
        double c = Math.max(0, Math.min(1, t));
        return c * c * (3 - 2 * c);
    }

    /** Neck or shoulders at a height. */
    private record Level(double across, double deep, double forward, double n) {}

    private Level level(double z) {
        double[][] l = LEVELS;
        double at = z / scale;
        int i = 1;
        while (i < l.length - 1 && at < l[i][0]) {
            i++;
        }
        double t = smooth((l[i - 1][0] - at) / (l[i - 1][0] - l[i][0]));
        double[] v = new double[5];
        for (int k = 1; k < 5; k++) {
            v[k] = l[i - 1][k] + (l[i][k] - l[i - 1][k]) * t;
        }
        return new Level(v[1] * scale, v[2] * scale, v[3] * scale, v[4]);
    }

    /** How far out of head, neck and shoulders a point lies: 1 on the surface, less within. */
    double outness(Vec3 p) {
        return Math.min(headOutness(p), bustOutness(p));
    }

    private double headOutness(Vec3 p) {
        double toward = p.norm();
        return toward < SLIGHT ? 0 : toward / head.inDirection(p).norm();
    }

    private double bustOutness(Vec3 p) {
        if (p.z() > LEVELS[0][0] * scale) {
            return Double.POSITIVE_INFINITY;
        }
        Level l = level(Math.max(footMm(), p.z()));
        double y = p.y() - l.forward;
        return Math.pow(Math.pow(Math.abs(p.x()) / l.across, l.n) + Math.pow(Math.abs(y) / l.deep, l.n), 1 / l.n);
    }

    /** A place where something lies that would otherwise lie within, and which way is out there. */
    public record Rest(Vec3 at, Vec3 out) {}

    /**
     * Where a point comes to lie that must keep off the form: itself, if it does.
     *
     * @param gapMm how far off the surface it keeps, mm, at least 0
     */
    public Rest rest(Vec3 p, double gapMm) {
        Vec3 at = p;
        Vec3 out = new Vec3(0, 0, 0);
        for (int i = 0; i < NEWTON_STEPS; i++) {
            double outness = outness(at);
            if (outness > 2) {
                break;
            }
            Vec3 slope = slope(at);
            double steep = slope.norm();
            if (steep < SLIGHT * SLIGHT) {
                break;
            }
            double missing = gapMm - (outness - 1) / steep;
            if (missing <= SLIGHT) {
                break;
            }
            out = slope.times(1 / steep);
            at = at.plus(out.times(missing));
        }
        return new Rest(at, out);
    }

    private Vec3 slope(Vec3 p) {
        double h = 0.5;
        return new Vec3(
                        outness(p.plus(new Vec3(h, 0, 0))) - outness(p.plus(new Vec3(-h, 0, 0))),
                        outness(p.plus(new Vec3(0, h, 0))) - outness(p.plus(new Vec3(0, -h, 0))),
                        outness(p.plus(new Vec3(0, 0, h))) - outness(p.plus(new Vec3(0, 0, -h))))
                .times(1 / (2 * h));
    }
}
