package gyrotaxis.core.estimate;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.RowUse;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;

/** Counts what a foundation takes besides loops: fibre fed in, fibre for buns and shown braids, wefts, mesh, bands. */
public final class FoundationNeeds {
    /** Fibre fed into a row, g for every cm. ASSUMPTION: a few strands; to be weighed. */
    private static final Estimate FED_G_PER_CM = new Estimate(0.03, 0.05, 0.08);

    /** Fibre for a bun, g for every cm² left out. ASSUMPTION: a fist of hair over a palm of scalp. */
    private static final Estimate BUN_G_PER_CM2 = new Estimate(0.8, 1.1, 1.5);

    /** Fibre for braids that are shown, g for every cm² left out or braided to be seen. ASSUMPTION. */
    private static final Estimate SHOWN_G_PER_CM2 = new Estimate(0.3, 0.45, 0.7);

    private static final double MM_PER_CM = 10;
    private static final double MM2_PER_CM2 = 100;

    private FoundationNeeds() {}

    /**
     * One line.
     *
     * @param what what is needed
     * @param amount how much, in the unit that {@code kind} says
     * @param kind what is measured: a weight, a length, an area or a count
     */
    public record Need(String what, Estimate amount, Quantity.Kind kind) {}

    /** All lines with something in them; may be empty. */
    public static List<Need> of(Scalp scalp, Foundation foundation, FoundationBrief brief, List<Region> regions) {
        List<Need> needs = new ArrayList<>();
        double braidedCm = foundation.rows().stream()
                        .filter(r -> r.use() != RowUse.PLAITED)
                        .mapToDouble(Row::lengthMm)
                        .sum()
                / MM_PER_CM;
        if (brief.feedsFibre()) {
            needs.add(new Need("fibre fed into the rows", FED_G_PER_CM.times(braidedCm), Quantity.Kind.GRAMS));
        }
        double shownCm2 = foundation.rows().stream()
                        .filter(r -> r.use() == RowUse.SHOWN)
                        .mapToDouble(Row::stripAreaMm2)
                        .sum()
                / MM2_PER_CM2;
        if (shownCm2 > 0) {
            needs.add(
                    new Need("fibre for the side that is shown", SHOWN_G_PER_CM2.times(shownCm2), Quantity.Kind.GRAMS));
        }
        for (Region r : regions) {
            if (r.kind().isLeftOut()) {
                double cm2 = Scalp.areaMm2(scalp.chartOf(r)) / MM2_PER_CM2;
                boolean isBun = r.kind() == RegionKind.BUN;
                needs.add(new Need(
                        (isBun ? "fibre for the bun: " : "fibre for shown braids: ") + r.name(),
                        (isBun ? BUN_G_PER_CM2 : SHOWN_G_PER_CM2).times(cm2),
                        Quantity.Kind.GRAMS));
            }
        }
        if (brief.back() instanceof Back.Wefted w) {
            double mm = foundation.rowsOf(Section.LEVEL).stream()
                    .mapToDouble(Row::lengthMm)
                    .sum();
            needs.add(new Need(
                    w.isDoubled() ? "weft, doubled" : "weft",
                    Estimate.exactly(mm * (w.isDoubled() ? 2 : 1)),
                    Quantity.Kind.LENGTH_MM));
        }
        foundation
                .cap()
                .ifPresent(c -> needs.add(new Need(
                        c.isWideMesh() ? "mesh cap, wide holes" : "mesh cap, fine holes",
                        Estimate.exactly(Scalp.areaMm2(c.area())),
                        Quantity.Kind.AREA_MM2)));
        double meshMm2 =
                foundation.mesh().stream().mapToDouble(m -> m.areaMm2()).sum();
        if (meshMm2 > 0) {
            needs.add(new Need("mesh over gaps", Estimate.exactly(meshMm2), Quantity.Kind.AREA_MM2));
        }
        int plaits = foundation.rowsOf(Section.INDIVIDUAL).size();
        if (brief.rim().individuals().isBanded() && plaits > 0) {
            needs.add(new Need("small elastic bands", Estimate.exactly(plaits), Quantity.Kind.COUNT));
        }
        return List.copyOf(needs);
    }
}
