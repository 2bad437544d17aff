package gyrotaxis.core.foundation;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;

/**
 * A change to one row by hand, made after the pattern has been laid.
 *
 * <p>Edits are made one after the other; each names the row as it is numbered after the edits before it.
 *
 * @param row which
 * @param kind what is done
 * @param amount how much, as {@link Kind#amounts} says; 0 where nothing is to be said
 */
public record RowEdit(RowId row, Kind kind, double amount) {

    /** What can be done to a row. */
    public enum Kind {
        /** Moved sideways, mm; positive toward the client's right, or toward the nape for a level row. */
        MOVE(new Interval(-40, 40)),
        /** Its strip made wider or narrower, as a factor. */
        RESIZE(new Interval(0.4, 2.5)),
        /** Braided the other way. */
        REVERSE(new Interval(0, 0)),
        /** Parted into two rows. */
        SPLIT(new Interval(0, 0)),
        /** Taken together with the next row toward her right, or toward the nape. */
        JOIN_NEXT(new Interval(0, 0)),
        /** Ended after a part of its length. */
        END_EARLIER(new Interval(0.25, 0.95));

        private final Interval amounts;

        Kind(Interval amounts) {
            this.amounts = amounts;
        }

        /** The amounts that are accepted. */
        public Interval amounts() {
            return amounts;
        }
    }

    public RowEdit {
        Require.inRange(amount, kind.amounts().min(), kind.amounts().max(), "amount", "");
    }
}
