package gyrotaxis.core.findings;

import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.scalp.Measure;
import java.util.List;
import java.util.Optional;

/**
 * Something to be said about a plan.
 *
 * @param code what kind of thing
 * @param severity how grave
 * @param place where
 * @param reason one or two sentences in a stylist's words, with their figures as quantities
 * @param remedies changes that would each mend it, the likeliest first; may be empty
 * @param untried how many more there are that nobody had the time to try
 */
public record Finding(Code code, Severity severity, Place place, Sentence reason, List<Remedy> remedies, int untried) {
    public Finding {
        remedies = List.copyOf(remedies);
    }

    /** A finding with all that can be done about it. */
    public Finding(Code code, Severity severity, Place place, Sentence reason, List<Remedy> remedies) {
        this(code, severity, place, reason, remedies, 0);
    }

    /** The kinds of findings. */
    public enum Code {
        MEASURE_MISFIT,
        ROPE_THICK_ROWS,
        ROWS_TOO_NARROW,
        UNEVEN_JOINS,
        PART_CLOSES_EARLY,
        PART_END_NOT_LAID,
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
        WORN_LONGER_THAN_IT_LASTS,
        EDIT_LOST,
        KNOT_SLIPS,
        KNOT_SHOWS,
        BEARING_CONTESTED,
        HOLES_TOO_FINE,
        SCALP_SHOWS,
        NOT_AS_FULL,
        TOO_FULL,
        HAIR_HUMPS,
        TOO_ROUND,
        HOT_NAPE,
        CARE
    }

    /** Where a finding applies. */
    public sealed interface Place {
        /** The whole head. */
        record Head() implements Place {}

        /** A measure that was taken. */
        record Taken(Measure measure) implements Place {}

        /** A row. */
        record OnRow(RowId row) implements Place {}

        /**
         * A wearing part.
         *
         * @param number from 1 and from the client's left
         */
        record AtPart(int number) implements Place {}

        /**
         * A region that was drawn.
         *
         * @param index its place in the brief, from 0
         */
        record InRegion(int index) implements Place {}

        /** The rim. */
        record Rim() implements Place {}

        /** The hair that is hooked. */
        record Hair() implements Place {}

        /** A zone. */
        record InZone(Zone zone) implements Place {}

        /** A station. */
        record AtStation(StationId station) implements Place {}
    }

    /**
     * A change that mends a finding in one step.
     *
     * @param words what it does, as on a button
     * @param brief the brief as it would be afterwards
     * @param left what is said of the same afterwards, where it was tried and something of it is left
     */
    public record Remedy(Sentence words, InstallBrief brief, Optional<Sentence> left) {
        /** A remedy that was not tried. */
        public Remedy(Sentence words, InstallBrief brief) {
            this(words, brief, Optional.empty());
        }

        /** The same, whose words hold no figures. */
        public Remedy(String words, InstallBrief brief) {
            this(Sentence.of(words), brief);
        }

        /** The same, after which something of the finding is left. */
        Remedy leaving(Optional<Sentence> what) {
            return new Remedy(words, brief, what);
        }
    }
}
