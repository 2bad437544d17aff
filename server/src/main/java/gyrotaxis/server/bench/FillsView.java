package gyrotaxis.server.bench;

import gyrotaxis.core.balance.Fills;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Where the reserve goes, and the brief with it hooked in. */
record FillsView(List<TrialView> trials, List<FillView> fills, int reserveLoops, int usedLoops, BriefBody brief) {
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

    /** One fill or wisp; {@code trial} is a place in the list of trials. */
    record FillView(
            Fills.Kind kind,
            String row,
            String rowWords,
            double x,
            double y,
            String shareWords,
            int trial,
            String why) {}

    static FillsView of(InstallPlan plan, Fills fills, BriefBody asked) {
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
                                f.why()))
                        .toList(),
                fills.reserveLoops(),
                fills.loops(),
                asked.changedTo(fills.hookedInto(plan.brief())));
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
