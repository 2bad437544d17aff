package gyrotaxis.core.foundation;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;

/**
 * What happens at the hairline, from outside inward: edges spared, hair left out, individuals, perimeter braid.
 *
 * @param sparesEdges whether the edges are left unbraided and rows start behind them
 * @param leaveOut where the client's own hair is left out
 * @param leaveOutMm how wide, mm, in {@link #LEAVE_OUT_MM}
 * @param setBackMm how far the first share sits back from the start of a row on purpose, mm, in {@link #SET_BACK_MM}
 * @param perimeter where a braid follows the hairline
 * @param perimeterMm how far inside the hairline that braid runs, mm, in {@link #PERIMETER_MM}
 * @param individuals the small plaits at the rim
 */
public record RimBrief(
        boolean sparesEdges,
        Where leaveOut,
        double leaveOutMm,
        double setBackMm,
        Where perimeter,
        double perimeterMm,
        Individuals individuals) {
    public static final Interval LEAVE_OUT_MM = new Interval(5, 40);
    public static final Interval SET_BACK_MM = new Interval(0, 30);
    public static final Interval PERIMETER_MM = new Interval(4, 40);

    /**
     * Width of the edges, the short fine hair that pull breaks easily, mm.
     *
     * @see "ASSUMPTION: a fingernail; edges differ, and should be drawn as a region where they are wider"
     */
    public static final double EDGES_MM = 8;

    /** Stretches of the hairline. */
    public enum Where {
        NOWHERE("nowhere", false, false, false),
        FRONT("the front", true, false, false),
        SIDES("the sides", false, true, false),
        NAPE("the nape", false, false, true),
        SIDES_AND_NAPE("sides and nape", false, true, true),
        ALL_ROUND("all round", true, true, true);

        private final String words;
        private final boolean front;
        private final boolean sides;
        private final boolean nape;

        Where(String words, boolean front, boolean sides, boolean nape) {
            this.words = words;
            this.front = front;
            this.sides = sides;
            this.nape = nape;
        }

        /** What a stylist says. */
        public String words() {
            return words;
        }

        /** Whether it takes in the hairline from temple to temple over the forehead. */
        public boolean front() {
            return front;
        }

        /** Whether it takes in the sides, from temple to nape corner. */
        public boolean sides() {
            return sides;
        }

        /** Whether it takes in the nape, from corner to corner. */
        public boolean nape() {
            return nape;
        }
    }

    /**
     * Small free-hanging plaits at the rim, whose ends are fed into the rows beside them.
     *
     * @param where along which stretches
     * @param count how many in the outer line, over all stretches together, in {@link #COUNT}
     * @param lines one, or two that are staggered
     * @param baseMm how deep one base is, mm, in {@link #BASE_MM}
     * @param isBanded whether a small elastic band holds each base and the share is hooked under it
     */
    public record Individuals(Where where, int count, int lines, double baseMm, boolean isBanded) {
        public static final Interval COUNT = new Interval(2, 48);
        public static final Interval BASE_MM = new Interval(6, 25);

        public Individuals {
            Require.inRange(count, (int) COUNT.min(), (int) COUNT.max(), "count", "");
            Require.inRange(lines, 1, 2, "lines", "");
            Require.inRange(baseMm, BASE_MM.min(), BASE_MM.max(), "baseMm", "mm");
        }

        /** No individuals; the figures are what they would start from. */
        public static Individuals none() {
            return new Individuals(Where.NOWHERE, 12, 1, 14, false);
        }

        /** The same along other stretches. */
        public Individuals at(Where other) {
            return new Individuals(other, count, lines, baseMm, isBanded);
        }
    }

    public RimBrief {
        Require.inRange(leaveOutMm, LEAVE_OUT_MM.min(), LEAVE_OUT_MM.max(), "leaveOutMm", "mm");
        Require.inRange(setBackMm, SET_BACK_MM.min(), SET_BACK_MM.max(), "setBackMm", "mm");
        Require.inRange(perimeterMm, PERIMETER_MM.min(), PERIMETER_MM.max(), "perimeterMm", "mm");
    }

    /** Rows start right at the hairline. */
    public static RimBrief plain() {
        return new RimBrief(false, Where.NOWHERE, 18, 0, Where.NOWHERE, 10, Individuals.none());
    }

    /** The same with edges spared or not. */
    public RimBrief withEdgesSpared(boolean spared) {
        return new RimBrief(spared, leaveOut, leaveOutMm, setBackMm, perimeter, perimeterMm, individuals);
    }

    /** The same with hair left out elsewhere. */
    public RimBrief withLeaveOut(Where where, double mm) {
        return new RimBrief(sparesEdges, where, mm, setBackMm, perimeter, perimeterMm, individuals);
    }

    /** The same with the first shares further back. */
    public RimBrief withSetBack(double mm) {
        return new RimBrief(sparesEdges, leaveOut, leaveOutMm, mm, perimeter, perimeterMm, individuals);
    }

    /** The same with another perimeter braid. */
    public RimBrief withPerimeter(Where where, double mm) {
        return new RimBrief(sparesEdges, leaveOut, leaveOutMm, setBackMm, where, mm, individuals);
    }

    /** The same with other individuals. */
    public RimBrief withIndividuals(Individuals other) {
        return new RimBrief(sparesEdges, leaveOut, leaveOutMm, setBackMm, perimeter, perimeterMm, other);
    }
}
