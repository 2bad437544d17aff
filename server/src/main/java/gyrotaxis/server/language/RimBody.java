package gyrotaxis.server.language;

import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/** What happens at the hairline, as it is written down. */
public record RimBody(
        @Nullable @Schema(nullable = true) Boolean sparesEdges,
        @Nullable Where leaveOut,
        @Nullable @Schema(nullable = true) Double leaveOutMm,
        @Nullable @Schema(nullable = true) Double setBackMm,
        @Nullable Where perimeter,
        @Nullable @Schema(nullable = true) Double perimeterMm,
        @Nullable Where individuals,
        @Nullable @Schema(nullable = true) Integer individualCount,
        @Nullable @Schema(nullable = true) Integer individualLines,
        @Nullable @Schema(nullable = true) Double individualBaseMm,
        @Nullable @Schema(nullable = true) Boolean isBanded) {
    private static final Interval LINES = new Interval(1, 2);

    static RimBody usual() {
        return of(RimBrief.plain());
    }

    /** The same with whatever it does not say as usual. */
    RimBody completed() {
        RimBody usual = usual();
        return new RimBody(
                Fields.or(sparesEdges, usual.sparesEdges),
                Fields.or(leaveOut, usual.leaveOut),
                Fields.or(leaveOutMm, usual.leaveOutMm),
                Fields.or(setBackMm, usual.setBackMm),
                Fields.or(perimeter, usual.perimeter),
                Fields.or(perimeterMm, usual.perimeterMm),
                Fields.or(individuals, usual.individuals),
                Fields.or(individualCount, usual.individualCount),
                Fields.or(individualLines, usual.individualLines),
                Fields.or(individualBaseMm, usual.individualBaseMm),
                Fields.or(isBanded, usual.isBanded));
    }

    static RimBody of(RimBrief r) {
        Individuals i = r.individuals();
        return new RimBody(
                r.sparesEdges(),
                r.leaveOut(),
                r.leaveOutMm(),
                r.setBackMm(),
                r.perimeter(),
                r.perimeterMm(),
                i.where(),
                i.count(),
                i.lines(),
                i.baseMm(),
                i.isBanded());
    }

    RimBrief check(Fields f, String p) {
        RimBrief plain = RimBrief.plain();
        Individuals none = plain.individuals();
        return new RimBrief(
                Boolean.TRUE.equals(sparesEdges),
                where(leaveOut),
                mm(f, p + "leaveOutMm", "The leave-out", leaveOutMm, plain.leaveOutMm(), RimBrief.LEAVE_OUT_MM),
                mm(f, p + "setBackMm", "The set-back", setBackMm, plain.setBackMm(), RimBrief.SET_BACK_MM),
                where(perimeter),
                mm(
                        f,
                        p + "perimeterMm",
                        "The perimeter braid",
                        perimeterMm,
                        plain.perimeterMm(),
                        RimBrief.PERIMETER_MM),
                new Individuals(
                        where(individuals),
                        individualCount == null
                                ? none.count()
                                : f.whole(p + "individualCount", "Individuals", individualCount, Individuals.COUNT),
                        individualLines == null
                                ? none.lines()
                                : f.whole(p + "individualLines", "Lines of individuals", individualLines, LINES),
                        mm(
                                f,
                                p + "individualBaseMm",
                                "The bases",
                                individualBaseMm,
                                none.baseMm(),
                                Individuals.BASE_MM),
                        Boolean.TRUE.equals(isBanded)));
    }

    private static Where where(@Nullable Where where) {
        return where == null ? Where.NOWHERE : where;
    }

    private static double mm(Fields f, String field, String words, @Nullable Double mm, double usual, Interval limits) {
        return mm == null ? usual : f.lengthMm(field, words, mm, limits);
    }
}
