package gyrotaxis.core.row;

/** What a row is for. */
public enum RowUse {
    /** Loops are hooked to it. */
    HOOKED,
    /** Braided to be seen; nothing is hooked to it. */
    SHOWN,
    /** Lies under a mesh cap, which carries the loops in its stead. */
    UNDER_CAP,
    /** Carries sewn wefts, counted by length. */
    WEFTED,
    /** A line of holes in a cap or a piece of mesh: loops are hooked to it, and nobody braids it. */
    MESH,
    /** A plait that hangs free; one share is drawn over it at its base. */
    PLAITED
}
