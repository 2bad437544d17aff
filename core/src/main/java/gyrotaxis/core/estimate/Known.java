package gyrotaxis.core.estimate;

import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.quantity.Interval;

/**
 * What visits can teach: each a figure that plans take as usual until enough was seen.
 *
 * <p>Paces are factors of the usual speeds: 0.8 is a fifth quicker.
 */
public enum Known {
    BRAIDING("parting and braiding", Of.STYLIST, Scale.FACTOR, 1, new Interval(0.25, 4)),
    SPLITTING("preparing and splitting", Of.STYLIST, Scale.FACTOR, 1, new Interval(0.25, 4)),
    REGULAR("regular knots", Of.STYLIST, Scale.FACTOR, 1, new Interval(0.25, 4)),
    INVISIBLE("single-leg knots", Of.STYLIST, Scale.FACTOR, 1, new Interval(0.25, 4)),
    DOUBLE_ENTRY("double-entry", Of.STYLIST, Scale.FACTOR, 1, new Interval(0.25, 4)),
    TWIST_FIRST("twist-first", Of.STYLIST, Scale.FACTOR, 1, new Interval(0.25, 4)),
    BEAD("bead locks", Of.STYLIST, Scale.FACTOR, 1, new Interval(0.25, 4)),
    FINISHING("trying, filling, finishing", Of.STYLIST, Scale.FACTOR, 1, new Interval(0.25, 4)),
    /** Loops out of their bundles for each that was planned. */
    LOOPS("loops for each planned", Of.HAIR, Scale.FACTOR, 1, new Interval(0.4, 2.5)),
    RESERVE("fills, in per cent of what was placed", Of.HAIR, Scale.PERCENT, 10, new Interval(0, 30)),
    /** Passes beyond those that usually do. */
    PASSES("passes more than usual", Of.HAIR, Scale.PASSES, 0, new Interval(-2, 3)),
    FRIZZ("first trim of frizz, against the usual day", Of.HAIR, Scale.FACTOR, 1, new Interval(0.3, 3)),
    LOFT("volume after a week, against the usual", Of.HAIR, Scale.FACTOR, 1, new Interval(0.4, 2)),
    WEAR("weeks it lasts", Of.HAIR, Scale.WEEKS, 6, new Interval(1, 12));

    /** Whose it is. */
    public enum Of {
        /** Her hands: whatever hair she hooks. */
        STYLIST,
        /** The hair: a line, or else its texture. */
        HAIR
    }

    /** How it is measured, which says how visits are weighed against each other. */
    public enum Scale {
        FACTOR,
        PERCENT,
        PASSES,
        WEEKS
    }

    private final String words;
    private final Of of;
    private final Scale scale;
    private final double usual;
    private final Interval range;

    Known(String words, Of of, Scale scale, double usual, Interval range) {
        this.words = words;
        this.of = of;
        this.scale = scale;
        this.usual = usual;
        this.range = range;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** Whose it is. */
    public Of of() {
        return of;
    }

    /** How it is measured. */
    public Scale scale() {
        return scale;
    }

    /** What is taken as usual as long as nothing is known. */
    public double usual() {
        return usual;
    }

    /** Beyond this nothing is believed. */
    public Interval range() {
        return range;
    }

    /** How fast a knot is tied. */
    public static Known of(Knot knot) {
        return switch (knot) {
            case REGULAR -> REGULAR;
            case INVISIBLE -> INVISIBLE;
            case DOUBLE_ENTRY -> DOUBLE_ENTRY;
            case TWIST_FIRST -> TWIST_FIRST;
            case BEAD -> BEAD;
        };
    }
}
