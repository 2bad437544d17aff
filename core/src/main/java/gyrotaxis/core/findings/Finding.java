package gyrotaxis.core.findings;

import gyrotaxis.core.plan.InstallBrief;
import java.util.List;

/**
 * Something to be said about a plan.
 *
 * @param code what kind of thing
 * @param severity how grave
 * @param place where
 * @param reason one or two sentences with their figures, in a stylist's words
 * @param remedies changes that would each mend it, the likeliest first; may be empty
 */
public record Finding(Code code, Severity severity, Place place, String reason, List<Remedy> remedies) {
    public Finding {
        remedies = List.copyOf(remedies);
    }

    /** The kinds of findings. */
    public enum Code {
        MEASURE_MISFIT,
        ROPE_THICK_ROWS,
        ROWS_TOO_NARROW,
        UNEVEN_JOINS,
        PART_CLOSES_EARLY,
        PART_TOO_NARROW,
        PART_IN_PEAK,
        PART_IN_COWLICK,
        PART_ON_SIDE_OF_FALL,
        LOOSE_END,
        TAIL_TOO_SHORT,
        TAILS_ONLY_HOOKED,
        HUMP,
        BULK_GROWS,
        CROWN_STRIPES,
        EDGES_PULLED,
        EDGE_ANGLE,
        NAPE_PULLED,
        ROW_OVERLOADED,
        THROUGH_REGION,
        HARD_ON_ONESELF,
        UPDO_SHOWS,
        LEAVE_OUT,
        TOO_LONG_IN_CHAIR,
        EDIT_LOST,
        KNOT_SLIPS,
        KNOT_SHOWS,
        BEARING_CONTESTED,
        SCALP_SHOWS,
        NOT_AS_FULL,
        TOO_ROUND,
        HOT_NAPE,
        CARE
    }

    /**
     * Where a finding applies.
     *
     * @param kind what sort of place
     * @param id which one: a measure's name, a row's id, a part's number from her left; empty for the whole head or the hair
     */
    public record Place(Kind kind, String id) {
        /** Sorts of places. */
        public enum Kind {
            HEAD,
            MEASURE,
            ROW,
            PART,
            REGION,
            RIM,
            HAIR,
            ZONE,
            STATION
        }
    }

    /**
     * A change that mends a finding in one step.
     *
     * @param words what it does, as on a button
     * @param brief the brief as it would be afterwards
     */
    public record Remedy(String words, InstallBrief brief) {}
}
