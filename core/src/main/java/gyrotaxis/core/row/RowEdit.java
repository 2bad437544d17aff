package gyrotaxis.core.row;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;

/**
 * A change to one row by hand, made after the pattern has been laid.
 *
 * <p>Edits are made one after the other; each names the row as it is numbered after the edits before it.
 */
public sealed interface RowEdit {
    /** The row that is changed. */
    RowId row();

    /**
     * Moves a row sideways.
     *
     * @param mm how far, in {@link #MM}; positive toward the client's right, or toward the nape for a level row
     */
    record Move(RowId row, double mm) implements RowEdit {
        public static final Interval MM = new Interval(-40, 40);

        public Move {
            Require.inRange(mm, MM.min(), MM.max(), "mm", "mm");
        }
    }

    /**
     * Makes a row's strip wider or narrower.
     *
     * @param factor against what it would be, in {@link #FACTOR}
     */
    record Resize(RowId row, double factor) implements RowEdit {
        public static final Interval FACTOR = new Interval(0.4, 2.5);

        public Resize {
            Require.inRange(factor, FACTOR.min(), FACTOR.max(), "factor", "");
        }
    }

    /** Braids a row the other way. */
    record Reverse(RowId row) implements RowEdit {}

    /** Parts a row into two. */
    record Split(RowId row) implements RowEdit {}

    /** Takes a row together with the next one toward her right, or toward the nape. */
    record JoinNext(RowId row) implements RowEdit {}

    /** Leaves a straight row behind out: the ones beside it take its scalp, and the front rows that would have joined it. */
    record LeaveOut(RowId row) implements RowEdit {}

    /**
     * Ends a row early.
     *
     * @param at after which part of its length, in {@link #AT}
     */
    record EndEarlier(RowId row, double at) implements RowEdit {
        public static final Interval AT = new Interval(0.25, 0.95);

        public EndEarlier {
            Require.inRange(at, AT.min(), AT.max(), "at", "");
        }
    }
}
