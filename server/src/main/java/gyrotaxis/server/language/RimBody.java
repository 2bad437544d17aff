package gyrotaxis.server.language;

import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.RimBrief.Run;
import gyrotaxis.core.foundation.RimBrief.Stretch;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What happens at the hairline, as it is written down. */
public record RimBody(
        @Nullable @Schema(nullable = true) Boolean sparesEdges,
        @Nullable Where leaveOut,
        @Nullable @Schema(nullable = true) Double leaveOutMm,
        @Nullable @Schema(nullable = true) Double setBackMm,
        @Nullable Where perimeter,
        @Nullable @Schema(nullable = true) Double perimeterMm,
        @Nullable List<RunBody> singles,
        @Nullable @Schema(nullable = true) Integer singlesPerRow,
        @Nullable @Schema(nullable = true) Double singleBaseMm,
        @Nullable @Schema(nullable = true) Boolean areBanded,
        @Nullable @Schema(nullable = true) Boolean areTwisted) {

    /**
     * Singles along one stretch.
     *
     * @param lines one, or two that are staggered
     * @param count how many in the outer line
     */
    public record RunBody(
            @Nullable Stretch stretch,
            @Nullable @Schema(nullable = true) Integer lines,
            @Nullable @Schema(nullable = true) Integer count) {}

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
                Fields.or(singles, List.of()),
                Fields.or(singlesPerRow, usual.singlesPerRow),
                Fields.or(singleBaseMm, usual.singleBaseMm),
                Fields.or(areBanded, usual.areBanded),
                Fields.or(areTwisted, usual.areTwisted));
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
                i.runs().entrySet().stream()
                        .map(e -> new RunBody(
                                e.getKey(), e.getValue().lines(), e.getValue().count()))
                        .toList(),
                i.perRow(),
                i.baseMm(),
                i.isBanded(),
                i.isTwisted());
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
                        runs(f, p + "singles"),
                        singlesPerRow == null
                                ? none.perRow()
                                : f.whole(p + "singlesPerRow", "Singles to a row", singlesPerRow, Individuals.PER_ROW),
                        mm(f, p + "singleBaseMm", "The bases", singleBaseMm, none.baseMm(), Individuals.BASE_MM),
                        Boolean.TRUE.equals(areBanded),
                        Boolean.TRUE.equals(areTwisted)));
    }

    private Map<Stretch, Run> runs(Fields f, String field) {
        EnumMap<Stretch, Run> runs = new EnumMap<>(Stretch.class);
        List<RunBody> given = singles == null ? List.of() : singles;
        for (int i = 0; i < given.size(); i++) {
            String at = field + "[" + i + "].";
            RunBody run = given.get(i);
            Stretch stretch = f.present(at + "stretch", "Where the singles are", run.stretch(), Stretch.NAPE);
            int lines = f.whole(at + "lines", "Lines of singles", run.lines(), Run.LINES);
            runs.put(stretch, new Run(lines, f.whole(at + "count", "Singles", run.count(), Run.COUNT)));
        }
        return runs;
    }

    private static Where where(@Nullable Where where) {
        return where == null ? Where.NOWHERE : where;
    }

    private static double mm(Fields f, String field, String words, @Nullable Double mm, double usual, Interval limits) {
        return mm == null ? usual : f.lengthMm(field, words, mm, limits);
    }
}
