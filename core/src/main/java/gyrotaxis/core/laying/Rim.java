package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.FoundationException.Wish;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Run;
import gyrotaxis.core.foundation.RimBrief.Stretch;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.geometry.ChordCurve;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.scalp.Landmark;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The lines inside the hairline between which the bands of a rim lie: hair that stays out, individuals, perimeter braid,
 * and inside all of them the field that the sections divide.
 *
 * <p>A line lies a given way inside the hairline, measured across it on the surface. Each band has its own depth in front
 * (temple to temple), at the sides and at the nape (corner to corner), and fades over {@link #FADE_RAD} where they differ.
 * The depth is laid off along the azimuth and corrected for how slantwise the hairline runs there; in the bays round the
 * ears, where the hairline turns fast, it may be off by a tenth.
 */
final class Rim {
    /** Azimuth over which a band fades out at the end of its stretch. */
    static final double FADE_RAD = 0.2;

    /** Width of scalp that a perimeter braid gathers, mm. ASSUMPTION: it is kept small, two thirds of a finger. */
    static final double PERIMETER_STRIP_MM = 12;

    /** Deeper than this the field inside is too small to divide, mm. */
    static final double DEEPEST_MM = 75;

    private static final int SAMPLES_PER_SIDE = 90;
    private static final int TABLE = 240;
    private static final double STEP_RAD = 1e-3;
    /** A hairline that runs almost along the azimuth has no way across; no head comes near this. */
    private static final double MIN_RATE_MM = 30;

    /** How deep a line lies on each stretch, mm; left and right are the client's. */
    record Depths(double front, double left, double right, double nape) {
        static final Depths NONE = new Depths(0, 0, 0, 0);

        Depths plus(Where where, double mm) {
            return plus(Stretch.of(where), mm);
        }

        Depths plus(Set<Stretch> where, double mm) {
            return new Depths(
                    front + (where.contains(Stretch.FRONT) ? mm : 0),
                    left + (where.contains(Stretch.LEFT) ? mm : 0),
                    right + (where.contains(Stretch.RIGHT) ? mm : 0),
                    nape + (where.contains(Stretch.NAPE) ? mm : 0));
        }

        /** At least as deep as said on the stretches named. */
        Depths atLeast(Where where, double mm) {
            return new Depths(
                    where.front() ? Math.max(front, mm) : front,
                    where.sides() ? Math.max(left, mm) : left,
                    where.sides() ? Math.max(right, mm) : right,
                    where.nape() ? Math.max(nape, mm) : nape);
        }

        double greatest() {
            return Math.max(Math.max(front, nape), Math.max(left, right));
        }
    }

    private final Scalp scalp;
    private final double temple;
    private final double corner;
    /** Millimetres across the hairline for a radian of angle from the axis, by azimuth. */
    private final double[] rate = new double[TABLE];

    /** Where braiding begins. */
    final Depths braided;
    /** The inner edge of each line of individuals, outermost first. */
    final List<Depths> individuals;
    /** Where the perimeter braid runs. */
    final Depths perimeter;
    /** The edge of the field. */
    final Depths field;

    Rim(Scalp scalp, RimBrief brief) {
        this.scalp = scalp;
        this.temple = scalp.chart().thetaOf(scalp.at(Landmark.RIGHT_TEMPLE));
        this.corner = scalp.chart().thetaOf(scalp.at(Landmark.RIGHT_NAPE_CORNER));
        Depths start = brief.sparesEdges() ? Depths.NONE.plus(Where.ALL_ROUND, RimBrief.EDGES_MM) : Depths.NONE;
        this.braided = start.plus(brief.leaveOut(), brief.leaveOutMm());
        RimBrief.Individuals plaits = brief.individuals();
        List<Depths> lines = new ArrayList<>();
        Depths edge = braided;
        for (int i = 1; i <= Run.LINES.max(); i++) {
            int line = i;
            Set<Stretch> there = Arrays.stream(Stretch.values())
                    .filter(st -> st.isOfRim() && plaits.linesAlong(st) >= line)
                    .collect(Collectors.toSet());
            if (!there.isEmpty()) {
                edge = edge.plus(there, plaits.baseMm());
                lines.add(edge);
            }
        }
        this.individuals = List.copyOf(lines);
        double half = PERIMETER_STRIP_MM / 2;
        this.perimeter = edge.plus(brief.perimeter(), half).atLeast(brief.perimeter(), brief.perimeterMm());
        this.field = brief.perimeter() == Where.NOWHERE ? edge : perimeter.plus(brief.perimeter(), half);
        if (field.greatest() > DEEPEST_MM) {
            throw new FoundationException(
                    brief.perimeter() == Where.NOWHERE ? Wish.LEAVE_OUT : Wish.PERIMETER,
                    0,
                    Sentence.of(
                            "Leave-out, singles and perimeter braid together reach ",
                            Quantity.mm(field.greatest()),
                            " in and leave no room for rows. Make one of them narrower."));
        }
        tabulate();
    }

    /** Azimuth of the temple on the client's right. */
    double templeRad() {
        return temple;
    }

    /** Azimuth of the nape corner on the client's right. */
    double cornerRad() {
        return corner;
    }

    /** The point of a line at an azimuth, on the map. */
    Vec2 at(Depths line, double thetaRad) {
        double mm = depth(line, thetaRad);
        double alpha = scalp.hairline().alphaAt(thetaRad);
        double inner = mm == 0 ? alpha : alpha - mm / rateAt(thetaRad);
        return scalp.chart().project(scalp.chart().direction(thetaRad, inner));
    }

    /** The piece of a line between two azimuths, in either direction, with points at most about 2° apart. */
    Path between(Depths line, double fromRad, double toRad) {
        int n = Math.max(4, (int) Math.ceil(Math.abs(toRad - fromRad) / Math.PI * SAMPLES_PER_SIDE));
        List<Vec2> points = new ArrayList<>(n + 1);
        for (int i = 0; i <= n; i++) {
            points.add(at(line, fromRad + (toRad - fromRad) * i / n));
        }
        return Path.lifted(points, scalp.chart());
    }

    /** The closed outline of a line on the map, without a repeated last point. */
    List<Vec2> outline(Depths line) {
        List<Vec2> whole = between(line, 0, 2 * Math.PI).chart();
        return whole.subList(0, whole.size() - 1);
    }

    /** The polygon between two lines over a range of azimuth. */
    List<Vec2> band(Depths outer, Depths inner, double fromRad, double toRad) {
        List<Vec2> rim = new ArrayList<>(between(outer, fromRad, toRad).chart());
        List<Vec2> back = new ArrayList<>(between(inner, fromRad, toRad).chart());
        Collections.reverse(back);
        rim.addAll(back);
        return List.copyOf(rim);
    }

    /** Where a stretch of the hairline begins and ends, rad; that of the nape runs on over π. */
    double[] azimuths(Stretch stretch) {
        double round = 2 * Math.PI;
        return switch (stretch) {
            case FRONT -> new double[] {-temple, temple};
            case LEFT -> new double[] {-corner, -temple};
            case RIGHT -> new double[] {temple, corner};
            case NAPE -> new double[] {corner, round - corner};
            case PARTS -> throw new IllegalArgumentException("parts do not run along the hairline");
        };
    }

    private double depth(Depths d, double thetaRad) {
        double theta = Math.IEEEremainder(thetaRad, 2 * Math.PI);
        double t = Math.abs(theta);
        double pastTemple = step(t - temple);
        double pastCorner = step(t - corner);
        double side = theta < 0 ? d.left() : d.right();
        return d.front() * (1 - pastTemple) + side * pastTemple * (1 - pastCorner) + d.nape() * pastCorner;
    }

    private static double step(double past) {
        double t = Math.max(0, Math.min(1, past / FADE_RAD + 0.5));
        return t * t * (3 - 2 * t);
    }

    private void tabulate() {
        if (field.greatest() == 0) {
            return;
        }
        boolean isMirrored = scalp.hairline().isMirrored();
        for (int i = 0; i < TABLE; i++) {
            int twin = TABLE - i;
            rate[i] = isMirrored && i > TABLE / 2 ? rate[twin] : rateAcross(2 * Math.PI * i / TABLE);
        }
    }

    private double rateAcross(double thetaRad) {
        double alpha = scalp.hairline().alphaAt(thetaRad);
        Vec3 p = surface(thetaRad, alpha);
        Vec3 along = surface(thetaRad + STEP_RAD, scalp.hairline().alphaAt(thetaRad + STEP_RAD))
                .minus(surface(thetaRad - STEP_RAD, scalp.hairline().alphaAt(thetaRad - STEP_RAD)))
                .unit();
        Vec3 in = surface(thetaRad, alpha - STEP_RAD).minus(p);
        return Math.max(MIN_RATE_MM, in.minus(along.times(in.dot(along))).norm() / STEP_RAD);
    }

    private Vec3 surface(double thetaRad, double alphaRad) {
        return scalp.surface().inDirection(scalp.chart().direction(thetaRad, alphaRad));
    }

    private double rateAt(double thetaRad) {
        double t = thetaRad - 2 * Math.PI * Math.floor(thetaRad / (2 * Math.PI));
        double folded = scalp.hairline().isMirrored() ? Math.min(t, 2 * Math.PI - t) : t;
        double at = folded / (2 * Math.PI) * TABLE;
        int i = Math.min(TABLE - 1, (int) at);
        return rate[i] + (rate[(i + 1) % TABLE] - rate[i]) * (at - i);
    }

    /** A stretch of the field's rim, from one azimuth to another, as the side of a section. */
    ChordCurve side(double fromRad, double toRad) {
        return new ChordCurve(between(field, fromRad, toRad));
    }
}
