package gyrotaxis.core.plan;

import java.util.Optional;

/**
 * Something to be said about a plan.
 *
 * @param code what kind of thing
 * @param severity how grave
 * @param place where
 * @param reason one or two sentences with their figures, in a stylist's words
 * @param remedy a change that would mend it, if there is one
 */
public record Finding(Code code, Severity severity, Place place, String reason, Optional<Remedy> remedy) {

    /** The kinds of findings. */
    public enum Code {
        MEASURE_MISFIT,
        ROPE_THICK_ROWS,
        ROWS_TOO_NARROW,
        UNEVEN_JOINS,
        PART_CLOSES_EARLY,
        PART_TOO_NARROW,
        LOOSE_END,
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
            HAIR
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
