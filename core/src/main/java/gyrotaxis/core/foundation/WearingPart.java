package gyrotaxis.core.foundation;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.OptionalDouble;

/**
 * A part that the client will show, as it is asked for.
 *
 * @param startMm where it starts, along the front hairline from the midline, mm, in {@link #START_MM}; positive toward the
 *     client's right
 * @param slantRad how it leans from straight back, radians, in {@link #SLANT_RAD}; positive toward the client's right as it
 *     goes back
 * @param bowMm how far it bows sideways halfway along, mm, in {@link #BOW_MM}; positive toward the client's right
 * @param lengthMm how far back it runs, mm, in {@link #LENGTH_MM}; empty for the whole front section
 * @param end what the flanking rows do where it stops
 * @param showsSide whether the rows between it and the nearer side are braided to be seen, with nothing hooked to them
 */
public record WearingPart(
        double startMm, double slantRad, double bowMm, OptionalDouble lengthMm, PartEnd end, boolean showsSide) {
    /** Where a side part usually starts, mm from the midline. ASSUMPTION: over the middle of the brow. */
    public static final double SIDE_MM = 35;

    public static final Interval START_MM = new Interval(-110, 110);
    public static final Interval SLANT_RAD = new Interval(-Math.toRadians(50), Math.toRadians(50));
    public static final Interval BOW_MM = new Interval(-25, 25);
    public static final Interval LENGTH_MM = new Interval(20, 250);

    public WearingPart {
        Require.inRange(startMm, START_MM.min(), START_MM.max(), "startMm", "mm");
        Require.inRange(slantRad, SLANT_RAD.min(), SLANT_RAD.max(), "slantRad", "rad");
        Require.inRange(bowMm, BOW_MM.min(), BOW_MM.max(), "bowMm", "mm");
        lengthMm.ifPresent(mm -> Require.inRange(mm, LENGTH_MM.min(), LENGTH_MM.max(), "lengthMm", "mm"));
    }

    /** A part without a bow whose flanking rows run on. */
    public WearingPart(double startMm, double slantRad, OptionalDouble lengthMm) {
        this(startMm, slantRad, 0, lengthMm, PartEnd.OPEN, false);
    }

    /** A part straight back over the whole front section. */
    public static WearingPart straight(double startMm) {
        return new WearingPart(startMm, 0, OptionalDouble.empty());
    }

    /** The same from another place on the hairline. */
    public WearingPart startingAt(double mm) {
        return new WearingPart(mm, slantRad, bowMm, lengthMm, end, showsSide);
    }

    /** The same with its flanking rows ending another way. */
    public WearingPart ending(PartEnd other) {
        return new WearingPart(startMm, slantRad, bowMm, lengthMm, other, showsSide);
    }

    /** The same, stopping where it has run so far, mm, in {@link #LENGTH_MM}. */
    public WearingPart stoppingAfter(double mm) {
        return new WearingPart(startMm, slantRad, bowMm, OptionalDouble.of(mm), end, showsSide);
    }

    /** The mirror image in the midline. */
    public WearingPart mirrored() {
        return new WearingPart(-startMm + 0.0, -slantRad + 0.0, -bowMm + 0.0, lengthMm, end, showsSide);
    }
}
