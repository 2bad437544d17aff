package gyrotaxis.server.planning;

import gyrotaxis.core.balance.Fills;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.Change;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Where the reserve goes, and what of the brief becomes otherwise once it is hooked in. */
record FillsView(
        List<TrialView> trials,
        List<FillView> fills,
        int reserveLoops,
        int usedLoops,
        List<LeftView> left,
        @Nullable @Schema(nullable = true) Integer wouldDoLoops,
        @Schema(implementation = Object.class) JsonNode change) {
    private static final double ALL_PERCENT = 100;

    /** One way of wearing that was tried. */
    record TrialView(
            Way way,
            @Nullable @Schema(nullable = true) Integer part,
            String words,
            double exposedBeforePercent,
            double exposedAfterPercent,
            int gapsBefore,
            int gapsAfter) {}

    /**
     * One fill or wisp; {@code trial} is a place in the list of trials. {@code knots} are x and y of the two knots that it draws
     * together, empty where it draws none.
     */
    record FillView(
            Fills.Kind kind,
            String row,
            String rowWords,
            double x,
            double y,
            String shareWords,
            int trial,
            List<Piece> why,
            List<Double> knots) {}

    /** A gap that is left, and what keeps it open. */
    record LeftView(int trial, List<Piece> words) {}

    static FillsView of(InstallPlan plan, Fills fills, BriefBody asked, Change.Writer changes) {
        return new FillsView(
                fills.trials().stream().map(FillsView::trial).toList(),
                fills.fills().stream()
                        .map(f -> new FillView(
                                f.kind(),
                                f.row().toString(),
                                f.row().words(),
                                Flat.tenth(f.chart().x()),
                                Flat.tenth(f.chart().y()),
                                f.share().words(),
                                f.trial(),
                                Piece.of(f.why()),
                                knots(plan, f)))
                        .toList(),
                fills.reserveLoops(),
                fills.loops(),
                fills.left().stream().map(FillsView::left).toList(),
                fills.wouldDoLoops().isPresent() ? fills.wouldDoLoops().getAsInt() : null,
                changes.to(asked.changedTo(fills.hookedInto(plan.brief()))));
    }

    private static List<Double> knots(InstallPlan plan, Fills.Fill f) {
        if (f.through().isEmpty()) {
            return List.of();
        }
        Row row = plan.foundation().row(f.row()).orElseThrow();
        Vec2 near = row.path().chartAt(f.at() * row.lengthMm());
        Vec2 far = f.through().get().chart();
        return List.of(Flat.tenth(near.x()), Flat.tenth(near.y()), Flat.tenth(far.x()), Flat.tenth(far.y()));
    }

    private static LeftView left(Fills.Left l) {
        return new LeftView(l.trial(), Piece.of(l.words()));
    }

    private static TrialView trial(Fills.Trial t) {
        Worn worn = t.worn();
        return new TrialView(
                worn.way(),
                worn.part().isPresent() ? worn.part().getAsInt() : null,
                worn.words(),
                Flat.tenth(t.exposedBefore() * ALL_PERCENT),
                Flat.tenth(t.exposedAfter() * ALL_PERCENT),
                t.gapsBefore(),
                t.gapsAfter());
    }
}
