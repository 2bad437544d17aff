package gyrotaxis.core.foundation;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;

/** How the scalp behind the section line is braided, or in the case of a spiral the whole of it. */
public sealed interface Back {
    /** One row can take all of the front in; it is thick, and that is found. */
    int MIN_ROWS = 1;

    /** Level rows or weft rows. */
    Interval LEVELS = new Interval(2, 8);

    /** From fine to chunky. */
    Interval PITCH_MM = new Interval(10, 40);

    /** How far behind the section line a cap may begin, mm. */
    Interval CAP_EDGE_MM = new Interval(0, 60);

    /** The family it belongs to. */
    Family family();

    /** The family in a stylist's words. */
    default String words() {
        return family().words();
    }

    /**
     * Rows run on to the nape; front rows join into them at the section line.
     *
     * @param rows how many, at least {@value #MIN_ROWS}
     */
    record Straight(int rows) implements Back {
        public Straight {
            Require.inRange(rows, MIN_ROWS, RowId.MAX, "rows", "");
        }

        @Override
        public Family family() {
            return Family.STRAIGHT;
        }
    }

    /**
     * Level rows, each in the other direction than the one before, its tail fed into the next.
     *
     * <p>Where front tails are threaded, the level rows are braided from the nape upward, as is usual; where they are
     * collected, from the section line down, since the collectors run on into them.
     *
     * @param levels how many, in {@link #LEVELS}
     * @param startsOnRight whether the first level row starts on the client's right
     * @param frontTails what becomes of the ends of the front rows
     */
    record Switchback(int levels, boolean startsOnRight, FrontTails frontTails) implements Back {
        public Switchback {
            Require.inRange(levels, (int) LEVELS.min(), (int) LEVELS.max(), "levels", "");
        }

        @Override
        public Family family() {
            return Family.SWITCHBACK;
        }
    }

    /** What becomes of the ends of front rows above a switchback, where practitioners differ. */
    enum FrontTails {
        /** Threaded one by one under different level rows: bulk is spread, but each has to be secured. */
        THREADED("threaded"),
        /** Braided one after the other into a collector row down each side: few ends, but bulk that grows along it. */
        COLLECTED("collected");

        private final String words;

        FrontTails(String words) {
            this.words = words;
        }

        /** What becomes of them. */
        public String words() {
            return words;
        }
    }

    /** Two level cross-tie rows, an upright row at each side, and two crossed rows above: pull is kept off the nape. */
    record CrossTied() implements Back {
        @Override
        public Family family() {
            return Family.CROSS_TIED;
        }
    }

    /**
     * One row wound from the hairline to the crown, over the whole head.
     *
     * @param pitchMm from turn to turn, mm, in {@link #PITCH_MM}
     */
    record Spiral(double pitchMm) implements Back {
        public Spiral {
            Require.inRange(pitchMm, PITCH_MM.min(), PITCH_MM.max(), "pitchMm", "mm");
        }

        @Override
        public Family family() {
            return Family.SPIRAL;
        }
    }

    /**
     * Straight rows under a mesh cap that carries the back.
     *
     * @param rows as for {@link Straight}
     * @param edgeMm how far behind the section line the cap begins, mm, in {@link #CAP_EDGE_MM}
     * @param isWideMesh whether its holes are the wide ones, for thicker shares
     * @param isHookedOff whether it is hooked off the head, before the client comes, and put on with its hair
     * @param isOnCombs whether it sits on combs and comes off again, instead of being sewn on
     * @param coversFront whether it begins at the hairline, instead of behind a hooked front
     */
    record Capped(
            int rows, double edgeMm, boolean isWideMesh, boolean isHookedOff, boolean isOnCombs, boolean coversFront)
            implements Back {
        public Capped {
            Require.inRange(rows, MIN_ROWS, RowId.MAX, "rows", "");
            Require.inRange(edgeMm, CAP_EDGE_MM.min(), CAP_EDGE_MM.max(), "edgeMm", "mm");
        }

        /** A cap that is sewn on behind a hooked front. */
        public Capped(int rows, double edgeMm, boolean isWideMesh, boolean isHookedOff) {
            this(rows, edgeMm, isWideMesh, isHookedOff, false, false);
        }

        /** The same with another number of rows under it. */
        Capped over(int otherRows) {
            return new Capped(otherRows, edgeMm, isWideMesh, isHookedOff, isOnCombs, coversFront);
        }

        /** The same with other holes. */
        public Capped meshed(boolean isWide) {
            return new Capped(rows, edgeMm, isWide, isHookedOff, isOnCombs, coversFront);
        }

        @Override
        public Family family() {
            return Family.CAPPED;
        }
    }

    /**
     * Level rows that carry sewn wefts.
     *
     * @param rows how many, in {@link #LEVELS}
     * @param isDoubled whether each weft is folded, which takes twice the length
     */
    record Wefted(int rows, boolean isDoubled) implements Back {
        public Wefted {
            Require.inRange(rows, (int) LEVELS.min(), (int) LEVELS.max(), "rows", "");
        }

        @Override
        public Family family() {
            return Family.WEFTED;
        }
    }
}
