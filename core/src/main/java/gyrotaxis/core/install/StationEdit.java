package gyrotaxis.core.install;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;
import java.util.OptionalDouble;

/**
 * A change to one station by hand. It names a place on a row and not a number, so that it keeps its meaning when the plan
 * is made anew.
 */
public sealed interface StationEdit {
    /** A station further away than this is not the one that was meant, mm. */
    double REACH_MM = 15;

    /** The row it is on. */
    RowId row();

    /** How far along it, as a part of its length, in [0, 1]. */
    double at();

    /**
     * Hooks a share there too.
     *
     * @param towardRad which way it is thrown, on the map, from straight to the face round by her right, rad, in {@link #TOWARD_RAD};
     *     empty if it is hooked as it falls
     */
    record Add(RowId row, double at, Share share, OptionalDouble towardRad) implements StationEdit {
        public static final Interval TOWARD_RAD = new Interval(-Math.PI, Math.PI);

        public Add {
            requirePlace(at);
            towardRad.ifPresent(t -> Require.inRange(t, TOWARD_RAD.min(), TOWARD_RAD.max(), "towardRad", "rad"));
        }

        /** A share that is hooked as it falls. */
        public Add(RowId row, double at, Share share) {
            this(row, at, share, OptionalDouble.empty());
        }
    }

    /**
     * Draws a gap shut: hooks a share through the knot there and through one beyond the gap, so that the hair of both is drawn
     * together.
     *
     * @param otherRow the row that the knot beyond the gap is on
     * @param otherAt how far along that, as {@code at}
     */
    record DrawShut(RowId row, double at, Share share, RowId otherRow, double otherAt) implements StationEdit {
        /** Knots further apart than this are not drawn together, mm. ASSUMPTION: each gives two centimetres before its row lifts. */
        public static final double FURTHEST_MM = 40;

        private static final Share QUARTER = new Share(4);

        /** What it takes of a hair: a quarter, since the hair that closes the gap is there already; a whole of what cannot be split. */
        public static Share usualShare(HairLine hair) {
            return hair.goesInWhole() ? Share.WHOLE : QUARTER;
        }

        public DrawShut {
            requirePlace(at);
            Require.inRange(otherAt, 0, 1, "otherAt", "");
        }
    }

    /** Takes the share there out. */
    record Remove(RowId row, double at) implements StationEdit {
        public Remove {
            requirePlace(at);
        }
    }

    /**
     * Moves it along the row.
     *
     * @param mm how far, in {@link #MM}; positive away from the row's start
     */
    record Move(RowId row, double at, double mm) implements StationEdit {
        public static final Interval MM = new Interval(-40, 40);

        public Move {
            requirePlace(at);
            Require.inRange(mm, MM.min(), MM.max(), "mm", "mm");
        }
    }

    /** Takes another share. */
    record Resize(RowId row, double at, Share share) implements StationEdit {
        public Resize {
            requirePlace(at);
        }
    }

    /** Ties it by another method. */
    record Retie(RowId row, double at, Knot knot) implements StationEdit {
        public Retie {
            requirePlace(at);
        }
    }

    /**
     * Passes it otherwise.
     *
     * @param passes in [1, {@link Tie#MAX_PASSES}]
     */
    record Pass(RowId row, double at, int passes) implements StationEdit {
        public Pass {
            requirePlace(at);
            Require.inRange(passes, 1, Tie.MAX_PASSES, "passes", "");
        }
    }

    /** Gives it extra hold. */
    record Hold(RowId row, double at, ExtraHold hold) implements StationEdit {
        public Hold {
            requirePlace(at);
        }
    }

    /**
     * Takes another part of a single leg through.
     *
     * @param part of the fibre, in {@link Tie#SINGLE_LEG}
     */
    record PartLeg(RowId row, double at, double part) implements StationEdit {
        public PartLeg {
            requirePlace(at);
            Require.inRange(part, Tie.SINGLE_LEG.min(), Tie.SINGLE_LEG.max(), "part", "");
        }
    }

    private static void requirePlace(double at) {
        Require.inRange(at, 0, 1, "at", "");
    }
}
