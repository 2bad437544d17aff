package gyrotaxis.core.install;

import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;

/**
 * A change to one station by hand. It names a place on a row and not a number, so that it keeps its meaning when the plan
 * is made anew.
 *
 * @param row the row
 * @param at how far along it, as a part of its length, in [0, 1]
 * @param kind what is done there
 * @param amount how much, as {@link Kind#amounts} says: parts of a loop for a share, mm for a move, the place in
 *     {@link Knot} for a knot, and so on; 0 where nothing is to be said
 */
public record StationEdit(RowId row, double at, Kind kind, double amount) {
    /** A station further away than this is not the one that was meant, mm. */
    public static final double REACH_MM = 15;

    /** What can be done. */
    public enum Kind {
        /** A share is hooked there too. */
        ADD(new Interval(1, Share.MOST_PARTS)),
        REMOVE(new Interval(0, 0)),
        /** Moved along the row, mm; positive away from its start. */
        MOVE(new Interval(-40, 40)),
        /** Takes another share: into how many a loop is split. */
        SHARE(new Interval(1, Share.MOST_PARTS)),
        /** Tied by another method: its place in {@link Knot}. */
        KNOT(new Interval(0, Knot.values().length - 1.0)),
        PASSES(new Interval(1, Tie.MOST_PASSES)),
        /** Given extra hold: its place in {@link ExtraHold}. */
        HOLD(new Interval(0, ExtraHold.values().length - 1.0)),
        /** Of a single leg another part of the fibre goes through, per cent. */
        LEG(new Interval(25, 50));

        private final Interval amounts;

        Kind(Interval amounts) {
            this.amounts = amounts;
        }

        /** The amounts that are accepted. */
        public Interval amounts() {
            return amounts;
        }
    }

    public StationEdit {
        Require.inRange(at, 0, 1, "at", "");
        Require.inRange(amount, kind.amounts().min(), kind.amounts().max(), "amount", "");
    }
}
