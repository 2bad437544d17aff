package gyrotaxis.core.row;

/**
 * An edit or a tail chosen by hand that makes no sense any more on this foundation.
 *
 * @param index which of its list, from 0; {@link #NO_EDIT} if it is no edit but a figure
 * @param isTail whether it is a tail rather than an edit
 * @param reason why, in a stylist's words
 */
public record LostEdit(int index, boolean isTail, String reason) {
    /** No edit: what was lost stands among the figures of the foundation. */
    public static final int NO_EDIT = -1;
}
