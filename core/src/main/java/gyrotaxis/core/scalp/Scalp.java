package gyrotaxis.core.scalp;

import gyrotaxis.core.geometry.EqualAreaChart;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.quantity.Sentence;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A fitted head made ready to plan on: surface, hairline, landmarks and the flat map.
 *
 * <p>Immutable. The map's middle is halfway in angle between the two ends of the midline, so that the whole scalp lies
 * round it.
 */
public final class Scalp {
    /**
     * Where on the midline the crown lies, as a part of the way in φ from the front hairline to the nape.
     *
     * @see "ASSUMPTION: the whorl lies somewhat behind the top of the head; it should be marked on the client's own head"
     */
    private static final double CROWN_FRONT_TO_NAPE = 0.48;

    private final FittedHead head;
    private final HairlineShape shape;
    private final EqualAreaChart chart;
    private final Hairline hairline;
    private final Path outline;
    private final Map<Landmark, Vec3> landmarks;

    /** Null until somebody asks. Every thread would find the same, so it does not matter which of them writes it. */
    private volatile @Nullable Optional<Misfit> unlikelyMeasure;

    private Scalp(FittedHead head, HairlineShape shape) {
        this.head = head;
        this.shape = shape;
        HeadShape fitted = head.shape();
        this.chart = new EqualAreaChart(fitted.surface(), onMidline(fitted, 0.5));
        this.hairline = new Hairline(fitted, shape, chart);
        this.outline = hairline.whole();
        this.landmarks = landmarks(fitted);
    }

    /** The scalp of a fitted head with the usual hairline. */
    public static Scalp of(FittedHead head) {
        return of(head, HairlineShape.usual());
    }

    /** The scalp of a fitted head with a hairline of its own. */
    public static Scalp of(FittedHead head, HairlineShape shape) {
        return new Scalp(head, shape);
    }

    /** How the hairline differs from the usual. */
    public HairlineShape hairlineShape() {
        return shape;
    }

    /** The head this scalp is on, with its measures. */
    public FittedHead head() {
        return head;
    }

    /** A measure that would make an unlikely head of the others; empty for an ordinary head. Worked out when first asked for. */
    public Optional<Misfit> unlikelyMeasure() {
        Optional<Misfit> known = unlikelyMeasure;
        if (known == null) {
            known = HeadFitter.unlikely(head);
            unlikelyMeasure = known;
        }
        return known;
    }

    /** The surface, scalp frame. */
    public SuperEllipsoid surface() {
        return head.shape().surface();
    }

    /** The flat map. */
    public EqualAreaChart chart() {
        return chart;
    }

    /** The hairline. */
    public Hairline hairline() {
        return hairline;
    }

    /** The hairline as a closed path. */
    public Path outline() {
        return outline;
    }

    /** The landmarks, scalp frame, mm, in the order of {@link Landmark}. Ears are their notches, outside the hairline. */
    public Map<Landmark, Vec3> landmarks() {
        return landmarks;
    }

    /** Where a landmark is, scalp frame, mm. */
    public Vec3 at(Landmark landmark) {
        Vec3 p = landmarks.get(landmark);
        if (p == null) {
            throw new IllegalStateException("no place is known for " + landmark);
        }
        return p;
    }

    /**
     * How far back a point lies, judged by the angle φ: 0 at the level of the front hairline centre, 1 at that of the
     * nape; clamped to [0, 1].
     */
    public double frontToNape(Vec3 p) {
        HeadShape shape = head.shape();
        double phi = shape.surface().phiOf(p);
        double t = (phi - shape.frontPhiRad()) / (shape.napePhiRad() - shape.frontPhiRad());
        return Math.max(0, Math.min(1, t));
    }

    /** Where a scalp point lies on the map, mm. */
    public Vec2 chartAt(ScalpPoint p) {
        return hairline.chartAt(p.thetaRad()).times(p.out());
    }

    /** The closed outline of a region on the map, mm; its last point does not repeat the first. */
    public List<Vec2> chartOf(Region region) {
        return region.rim().stream().map(this::chartAt).toList();
    }

    /** The scalp point at a place on the map; outside the hairline it is drawn in to it. */
    public ScalpPoint pointAt(Vec2 map) {
        double theta = Math.atan2(map.x(), map.y());
        return new ScalpPoint(
                theta, Math.min(1, map.norm() / hairline.chartAt(theta).norm()));
    }

    /**
     * What a stylist calls a place: the nearest landmark, and how far which way from it, in half centimetres.
     *
     * <p>Ears stand for the hairline round them, since no hair grows on their notches.
     */
    public Sentence placeWords(Vec3 p) {
        return PlaceWords.of(this, p);
    }

    /** Area within the hairline, mm². Read off the map, which keeps areas. */
    public double areaMm2() {
        return areaMm2(outline.chart());
    }

    /** The area that a closed map polygon encloses on the surface, mm²; its last point may repeat the first. */
    public static double areaMm2(List<Vec2> polygon) {
        double twice = 0;
        for (int i = 0, j = polygon.size() - 1; i < polygon.size(); j = i++) {
            Vec2 p = polygon.get(j);
            Vec2 q = polygon.get(i);
            twice += p.x() * q.y() - q.x() * p.y();
        }
        return Math.abs(twice) / 2;
    }

    private static Vec3 onMidline(HeadShape shape, double frontToNape) {
        Vec3 p = shape.surface()
                .point(0, shape.frontPhiRad() + (shape.napePhiRad() - shape.frontPhiRad()) * frontToNape);
        return new Vec3(0, p.y(), p.z());
    }

    private static Map<Landmark, Vec3> landmarks(HeadShape shape) {
        Map<Landmark, Vec3> at = new EnumMap<>(Landmark.class);
        Vec3 ear = new Vec3(shape.surface().b(), 0, 0);
        at.put(Landmark.FRONT_CENTRE, onMidline(shape, 0));
        at.put(Landmark.CROWN, onMidline(shape, CROWN_FRONT_TO_NAPE));
        at.put(Landmark.OCCIPITAL_BONE, new Vec3(0, -shape.surface().a(), 0));
        at.put(Landmark.NAPE_CENTRE, onMidline(shape, 1));
        at.put(Landmark.RIGHT_TEMPLE, shape.temple());
        at.put(Landmark.LEFT_TEMPLE, shape.temple().mirrored());
        at.put(Landmark.RIGHT_EAR, ear);
        at.put(Landmark.LEFT_EAR, ear.mirrored());
        at.put(Landmark.RIGHT_NAPE_CORNER, shape.napeCorner());
        at.put(Landmark.LEFT_NAPE_CORNER, shape.napeCorner().mirrored());
        return Collections.unmodifiableMap(at);
    }
}
