package gyrotaxis.core.foundation;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

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

    /** Stretches along which singles are set, each with its own lines: of the hairline, and both sides of every wearing part. */
    public enum Stretch {
        FRONT("the front", 0.31),
        LEFT("her left", 0.24),
        RIGHT("her right", 0.24),
        NAPE("the nape", 0.21),
        PARTS("each part", 0);

        private final String words;
        private final double usualPart;

        Stretch(String words, double usualPart) {
            this.words = words;
            this.usualPart = usualPart;
        }

        /** What a stylist calls it. */
        public String words() {
            return words;
        }

        /** Whether it lies along the hairline. */
        public boolean isOfRim() {
            return this != PARTS;
        }

        /** The stretches that somewhere takes in. */
        public static Set<Stretch> of(Where where) {
            EnumSet<Stretch> all = EnumSet.noneOf(Stretch.class);
            if (where.front()) {
                all.add(FRONT);
            }
            if (where.sides()) {
                all.add(LEFT);
                all.add(RIGHT);
            }
            if (where.nape()) {
                all.add(NAPE);
            }
            return all;
        }
    }

    /**
     * Singles along one stretch.
     *
     * @param lines one, or two that are staggered
     * @param count how many in the outer line, in {@link #COUNT}
     */
    public record Run(int lines, int count) {
        public static final Interval LINES = new Interval(1, 2);
        public static final Interval COUNT = new Interval(1, 24);

        public Run {
            Require.inRange(lines, (int) LINES.min(), (int) LINES.max(), "lines", "");
            Require.inRange(count, (int) COUNT.min(), (int) COUNT.max(), "count", "");
        }
    }

    /**
     * Small free-hanging plaits at the rim, singles for short, whose ends are fed into the rows beside them.
     *
     * @param runs along which stretches, and how many; iterates in the order of {@link Stretch}
     * @param perRow how many sit in front of each row that starts at the front or ends at the nape, in {@link #PER_ROW}; 0 if they
     *     are set by count
     * @param baseMm how deep one base is, mm, in {@link #BASE_MM}
     * @param isBanded whether a small elastic band holds each base and the share is hooked under it
     * @param isTwisted whether each is two-strand twisted, which is faster, instead of plaited
     */
    public record Individuals(Map<Stretch, Run> runs, int perRow, double baseMm, boolean isBanded, boolean isTwisted) {
        public static final Interval PER_ROW = new Interval(0, 2);
        public static final Interval BASE_MM = new Interval(6, 25);

        public Individuals {
            EnumMap<Stretch, Run> all = new EnumMap<>(Stretch.class);
            all.putAll(runs);
            runs = Collections.unmodifiableMap(all);
            Require.inRange(perRow, (int) PER_ROW.min(), (int) PER_ROW.max(), "perRow", "");
            Require.inRange(baseMm, BASE_MM.min(), BASE_MM.max(), "baseMm", "mm");
        }

        /** No singles; the figures are what they would start from. */
        public static Individuals none() {
            return new Individuals(Map.of(), 0, 14, false, false);
        }

        /**
         * Plain ones along some stretches.
         *
         * @param count how many in the outer line, over all stretches together; each takes its usual part of them
         */
        public static Individuals along(Where where, int count, int lines, double baseMm, boolean isBanded) {
            Set<Stretch> stretches = Stretch.of(where);
            double all = stretches.stream().mapToDouble(s -> s.usualPart).sum();
            EnumMap<Stretch, Run> runs = new EnumMap<>(Stretch.class);
            stretches.forEach(s ->
                    runs.put(s, new Run(lines, (int) Run.COUNT.clamp(Math.rint(count * s.usualPart / all)))));
            return new Individuals(runs, 0, baseMm, isBanded, false);
        }

        /** Whether there are any. */
        public boolean areAny() {
            return !runs.isEmpty();
        }

        /** How many lines there are along a stretch, in [0, 2]. */
        public int linesAlong(Stretch stretch) {
            Run run = runs.get(stretch);
            return run == null ? 0 : run.lines();
        }

        /** Whether both sides are alike. */
        public boolean isSymmetric() {
            return Objects.equals(runs.get(Stretch.LEFT), runs.get(Stretch.RIGHT));
        }

        /** The same with bases of another depth. */
        public Individuals withBases(double mm) {
            return new Individuals(runs, perRow, mm, isBanded, isTwisted);
        }

        /** The same twisted, or plaited. */
        public Individuals twisted(boolean areTwisted) {
            return new Individuals(runs, perRow, baseMm, isBanded, areTwisted);
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
