package gyrotaxis.core.wear;

import gyrotaxis.core.braiding.Braiding;
import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Landmark;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * Looks along the part of the hairline that an updo shows and says what lies there.
 *
 * <p>Method: the hairline is walked in {@link #SAMPLES} steps; at each, the foundation is looked at a little inside it. A
 * row that runs along the edge covers it. Of what is left, hair hides what a share lies beside that is hooked right behind the edge,
 * so that nothing of its knot is seen, and drawn away from it. A row that runs off the edge elsewhere is seen end-on, and anything
 * else is scalp: one judgement of rows and hair, and what {@link Cover} says of the same hair further in goes on from it. Cost:
 * linear in rows and shares.
 */
public final class UpdoCheck {
    private static final int SAMPLES = 180;

    /** How far inside the hairline is looked, mm. */
    private static final double INSIDE_MM = 10;

    /** A row along the edge covers it from this far, mm. ASSUMPTION: a finger. */
    private static final double COVERS_MM = 16;

    /** Between plaits nearer than this no scalp is seen, mm. */
    private static final double CLOSE_MM = 3;

    /** A row that leans less than this from the hairline runs along it. */
    private static final double ALONG_COSINE = Math.cos(Math.toRadians(35));

    /** A tail nearer to the hairline than this is seen, mm. */
    private static final double TAIL_MM = 25;

    /** A whole share hides what lies so near to where it is hooked, mm; smaller ones by the root. ASSUMPTION: a finger. */
    private static final double HIDES_MM = 18;

    /** However small, a share hides so much, mm. ASSUMPTION: half a finger. */
    private static final double HIDES_LEAST_MM = 9;

    private static final double STEP_RAD = 0.01;

    private final Scalp scalp;
    private final Braiding braiding;
    private final RimBrief rim;
    private final List<Reach> rows;
    /** Shares that are hooked at the rim to be drawn away from it. */
    private final List<Station> shares;
    /** What lies behind each step of the hairline; it is the same for every updo. */
    private final List<Sample> samples = new ArrayList<>(SAMPLES);

    private UpdoCheck(Scalp scalp, Foundation foundation, Braiding braiding, RimBrief rim, List<Station> stations) {
        this.scalp = scalp;
        this.braiding = braiding;
        this.rim = rim;
        this.rows = foundation.rows().stream().map(Reach::of).toList();
        this.shares = stations.stream().filter(UpdoCheck::hidesTheEdge).toList();
        double half = Math.PI / SAMPLES;
        Vec3 from = scalp.hairline().at(thetaOf(0) - half);
        for (int i = 0; i < SAMPLES; i++) {
            Vec3 to = scalp.hairline().at(thetaOf(i) + half);
            samples.add(sample(thetaOf(i), from.distance(to)));
            from = to;
        }
    }

    /**
     * What every updo would show, in the order of {@link Way}.
     *
     * @param stations what is hooked; empty to look at the foundation alone
     */
    public static List<UpdoView> of(
            Scalp scalp, Foundation foundation, Braiding braiding, RimBrief rim, List<Station> stations) {
        UpdoCheck check = new UpdoCheck(scalp, foundation, braiding, rim, stations);
        return Arrays.stream(Way.values()).filter(Way::isUp).map(check::view).toList();
    }

    /** Small and hidden by its knot, at the front; elsewhere only if it was hooked upward. */
    private static boolean hidesTheEdge(Station s) {
        boolean isAtEdge = s.role() == Role.HAIRLINE || s.bearing().rule() == Bearing.Rule.UPDO;
        return isAtEdge && s.tie().knot().isHidden();
    }

    private enum Edge {
        COVERED,
        HAIR,
        ROW,
        BARE
    }

    /**
     * One step along the hairline, and what lies behind it.
     *
     * @param thetaRad azimuth of its middle, radians
     * @param lengthMm true length, mm
     * @param edge what lies there
     * @param rows the rows that are seen there end-on; empty unless {@code edge} is ROW
     */
    private record Sample(double thetaRad, double lengthMm, Edge edge, List<RowId> rows) {}

    /**
     * A row, and how far it reaches.
     *
     * @param row the row
     * @param chordMm a chord that ends further away than this, on the map, neither covers nor shows
     * @param least corner of the box on the map outside of which the whole row does neither
     * @param most the opposite corner
     */
    private record Reach(Row row, double chordMm, Vec2 least, Vec2 most) {
        static Reach of(Row row) {
            double out = COVERS_MM + row.braidWidthMm() / 2;
            double minX = Double.POSITIVE_INFINITY;
            double minY = Double.POSITIVE_INFINITY;
            double maxX = Double.NEGATIVE_INFINITY;
            double maxY = Double.NEGATIVE_INFINITY;
            for (Vec2 p : row.path().chart()) {
                minX = Math.min(minX, p.x());
                minY = Math.min(minY, p.y());
                maxX = Math.max(maxX, p.x());
                maxY = Math.max(maxY, p.y());
            }
            return new Reach(
                    row,
                    out + longestChord(row.path().chart()),
                    new Vec2(minX - out, minY - out),
                    new Vec2(maxX + out, maxY + out));
        }

        private static double longestChord(List<Vec2> line) {
            double longest = 0;
            for (int i = 1; i < line.size(); i++) {
                longest = Math.max(longest, line.get(i).distance(line.get(i - 1)));
            }
            return longest;
        }

        /** Whether the chord that ends at a point may come near enough to another. */
        boolean comesNear(Vec2 end, Vec2 p) {
            return Math.abs(end.x() - p.x()) <= chordMm && Math.abs(end.y() - p.y()) <= chordMm;
        }

        boolean includes(Vec2 p) {
            return p.x() >= least.x() && p.x() <= most.x() && p.y() >= least.y() && p.y() <= most.y();
        }
    }

    private static double thetaOf(int sample) {
        return 2 * Math.PI * (sample + 0.5) / SAMPLES - Math.PI;
    }

    private Sample sample(double theta, double mm) {
        List<RowId> seen = new ArrayList<>();
        Edge edge = edgeAt(theta, seen);
        return new Sample(theta, mm, edge, edge == Edge.ROW ? List.copyOf(seen) : List.of());
    }

    private UpdoView view(Way way) {
        double[] mm = new double[Edge.values().length];
        Set<RowId> rows = new TreeSet<>();
        for (Sample s : samples) {
            if (shows(way, s.thetaRad())) {
                mm[s.edge().ordinal()] += s.lengthMm();
                rows.addAll(s.rows());
            }
        }
        List<RowId> tails = braiding.tails().stream()
                .filter(t -> t.thread().isPresent() && isSeen(way, t))
                .map(Tail::row)
                .toList();
        return new UpdoView(way, mm[0], mm[1], mm[2], mm[3], List.copyOf(rows), tails);
    }

    /** A high updo shows the edge all round, a low one leaves the nape covered, half up shows only front and temples. */
    private boolean shows(Way way, double theta) {
        double t = Math.abs(theta);
        return switch (way) {
            case HIGH_PONYTAIL, BUN -> true;
            case LOW_PONYTAIL -> t < azimuth(Landmark.RIGHT_NAPE_CORNER);
            case HALF_UP -> t < azimuth(Landmark.RIGHT_EAR);
            default -> false;
        };
    }

    private double azimuth(Landmark landmark) {
        return scalp.chart().thetaOf(scalp.at(landmark));
    }

    private Edge edgeAt(double theta, List<RowId> seen) {
        if (isLeftOut(theta)) {
            return Edge.COVERED;
        }
        Vec2 edge = scalp.hairline().chartAt(theta);
        Vec2 look = edge.times(1 - INSIDE_MM / edge.norm());
        Vec2 along = scalp.hairline()
                .chartAt(theta + STEP_RAD)
                .minus(scalp.hairline().chartAt(theta - STEP_RAD));
        Edge found = Edge.BARE;
        for (Reach reach : rows) {
            if (!reach.includes(look)) {
                continue;
            }
            Row row = reach.row();
            List<Vec2> line = row.path().chart();
            for (int i = 1; i < line.size(); i++) {
                if (!reach.comesNear(line.get(i), look)) {
                    continue;
                }
                Vec2 nearest = nearest(line.get(i - 1), line.get(i), look);
                double gap = nearest.distance(look) - row.braidWidthMm() / 2;
                boolean isPlait = row.id().section() == Section.INDIVIDUAL;
                if (gap < COVERS_MM && (isPlait || runsAlong(line.get(i).minus(line.get(i - 1)), along))) {
                    return Edge.COVERED;
                }
                if (gap < CLOSE_MM) {
                    found = Edge.ROW;
                    seen.add(row.id());
                }
            }
        }
        return liesUnderHair(look) ? Edge.HAIR : found;
    }

    private boolean liesUnderHair(Vec2 look) {
        for (Station s : shares) {
            double reach =
                    Math.max(HIDES_LEAST_MM, HIDES_MM * Math.sqrt(s.share().ofLoop()));
            if (s.chart().distance(look) < reach) {
                return true;
            }
        }
        return false;
    }

    private boolean isLeftOut(double theta) {
        double t = Math.abs(theta);
        RimBrief.Where where = rim.leaveOut();
        if (t < azimuth(Landmark.RIGHT_TEMPLE)) {
            return where.front();
        }
        return t < azimuth(Landmark.RIGHT_NAPE_CORNER) ? where.sides() : where.nape();
    }

    private static boolean runsAlong(Vec2 row, Vec2 edge) {
        double cosine = Math.abs(row.x() * edge.x() + row.y() * edge.y()) / (row.norm() * edge.norm());
        return cosine > ALONG_COSINE;
    }

    private static Vec2 nearest(Vec2 a, Vec2 b, Vec2 p) {
        Vec2 d = b.minus(a);
        double square = d.x() * d.x() + d.y() * d.y();
        double t = square == 0 ? 0 : ((p.x() - a.x()) * d.x() + (p.y() - a.y()) * d.y()) / square;
        return a.lerp(b, Math.max(0, Math.min(1, t)));
    }

    private boolean isSeen(Way way, Tail tail) {
        return tail.thread().orElseThrow().chart().stream().anyMatch(p -> {
            double theta = Math.atan2(p.x(), p.y());
            double in = scalp.hairline().chartAt(theta).norm() - p.norm();
            boolean isPlait = tail.row().section() == Section.INDIVIDUAL;
            return !isPlait && in < TAIL_MM && shows(way, theta) && !isHidden(theta);
        });
    }

    /** Behind a perimeter braid, individuals or hair no tail is seen. */
    private boolean isHidden(double theta) {
        int nearest = (int) Math.floor((theta + Math.PI) / (2 * Math.PI) * SAMPLES);
        Edge edge = samples.get(Math.max(0, Math.min(SAMPLES - 1, nearest))).edge();
        return edge == Edge.COVERED || edge == Edge.HAIR;
    }
}
