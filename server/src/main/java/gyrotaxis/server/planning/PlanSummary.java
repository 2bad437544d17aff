package gyrotaxis.server.planning;

import gyrotaxis.core.findings.Findings;
import gyrotaxis.core.findings.Severity;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.row.RowUse;
import java.util.List;

/** As much of a plan as a tile in the book shows: its rows on a small map, and its figures. */
public record PlanSummary(
        List<Long> outline,
        List<SummaryRow> rows,
        List<List<Long>> parts,
        int loops,
        int packs,
        double minutes,
        long costMinor,
        String currency,
        int toMind) {

    /** A row on the small map. */
    public record SummaryRow(RowUse use, double braidWidthMm, List<Long> path) {}

    static PlanSummary of(InstallPlan plan) {
        return new PlanSummary(
                Flat.small(plan.scalp().outline().chart()),
                plan.foundation().rows().stream()
                        .map(r -> new SummaryRow(
                                r.use(),
                                Flat.tenth(r.braidWidthMm()),
                                Flat.small(r.path().chart())))
                        .toList(),
                plan.foundation().parts().stream()
                        .map(p -> Flat.small(p.path().chart()))
                        .toList(),
                plan.packs().neededLoops(),
                plan.packs().packs(),
                Flat.tenth(plan.time().inChair().likely()),
                plan.packs().cost().minor(),
                plan.packs().cost().currency().getCurrencyCode(),
                (int) Findings.of(plan).stream()
                        .filter(f -> f.severity() != Severity.HINT)
                        .count());
    }
}
