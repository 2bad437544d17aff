package gyrotaxis.core.estimate;

import gyrotaxis.core.braiding.Braiding;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.core.terms.Material;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Counts what a foundation takes besides loops: fibre fed in, fibre for buns and shown braids, wefts, mesh, bands. */
public final class FoundationNeeds {
    /** Fibre fed into a row, g for every cm. ASSUMPTION: a few strands; to be weighed. */
    private static final Estimate FED_G_PER_CM = new Estimate(0.03, 0.05, 0.08);

    /** Fibre for a bun, g for every cm² left out. ASSUMPTION: a fist of hair over a palm of scalp. */
    private static final Estimate BUN_G_PER_CM2 = new Estimate(0.8, 1.1, 1.5);

    /** Fibre for braids that are shown, g for every cm² left out or braided to be seen. ASSUMPTION. */
    private static final Estimate SHOWN_G_PER_CM2 = new Estimate(0.3, 0.45, 0.7);

    /** A spool of thread stitches so many tails. ASSUMPTION. */
    private static final double TAILS_A_SPOOL = 60;

    /** What is threaded or loose is stitched in the end. */
    private static final Set<TailEnd> STITCHED =
            Set.of(TailEnd.THREADED, TailEnd.STITCHED, TailEnd.LOOSE, TailEnd.TOO_SHORT);

    private static final double HUNDRED = 100;
    private static final double MM_PER_M = 1000;
    private static final double MM_PER_CM = 10;
    private static final double MM2_PER_CM2 = 100;

    private FoundationNeeds() {}

    /**
     * One line.
     *
     * @param what what is needed
     * @param amount how much, in the unit that {@code kind} says
     * @param kind what is measured: a weight, a length, an area or a count
     * @param material what it is
     * @param units how much of it in the measure in which it is bought
     */
    public record Need(String what, Estimate amount, Quantity.Kind kind, Material material, double units) {}

    /** All lines with something in them; may be empty. */
    public static List<Need> of(
            Scalp scalp, Foundation foundation, Braiding braiding, FoundationBrief brief, List<Region> regions) {
        List<Need> needs = new ArrayList<>();
        double braidedCm = foundation.rows().stream()
                        .filter(r -> r.use() != RowUse.PLAITED)
                        .mapToDouble(Row::lengthMm)
                        .sum()
                / MM_PER_CM;
        if (brief.feedsFibre()) {
            needs.add(fibre("fibre fed into the rows", FED_G_PER_CM.times(braidedCm)));
        }
        double shownCm2 = foundation.rows().stream()
                        .filter(r -> r.use() == RowUse.SHOWN)
                        .mapToDouble(Row::stripAreaMm2)
                        .sum()
                / MM2_PER_CM2;
        if (shownCm2 > 0) {
            needs.add(fibre("fibre for the side that is shown", SHOWN_G_PER_CM2.times(shownCm2)));
        }
        for (Region r : regions) {
            if (r.kind().isLeftOut()) {
                double cm2 = Scalp.areaMm2(scalp.chartOf(r)) / MM2_PER_CM2;
                boolean isBun = r.kind() == RegionKind.BUN;
                needs.add(fibre(
                        (isBun ? "fibre for the bun: " : "fibre for shown braids: ") + r.name(),
                        (isBun ? BUN_G_PER_CM2 : SHOWN_G_PER_CM2).times(cm2)));
            }
        }
        if (brief.back() instanceof Back.Wefted w) {
            double mm = foundation.rowsOf(Section.LEVEL).stream()
                    .mapToDouble(Row::lengthMm)
                    .sum();
            needs.add(new Need(
                    w.isDoubled() ? "weft, doubled" : "weft",
                    Estimate.exactly(mm * (w.isDoubled() ? 2 : 1)),
                    Quantity.Kind.LENGTH_MM,
                    Material.WEFT,
                    mm * (w.isDoubled() ? 2 : 1) / MM_PER_M));
        }
        foundation
                .cap()
                .ifPresent(c -> needs.add(new Need(
                        "mesh cap, " + c.mesh().words(),
                        Estimate.exactly(Scalp.areaMm2(c.area())),
                        Quantity.Kind.AREA_MM2,
                        Material.CAP,
                        1)));
        double meshMm2 =
                foundation.mesh().stream().mapToDouble(m -> m.areaMm2()).sum();
        if (meshMm2 > 0) {
            needs.add(new Need(
                    "mesh over gaps",
                    Estimate.exactly(meshMm2),
                    Quantity.Kind.AREA_MM2,
                    Material.MESH,
                    meshMm2 / MM2_PER_CM2 / HUNDRED));
        }
        int plaits = foundation.rowsOf(Section.INDIVIDUAL).size();
        long banded = braiding.tails().stream()
                        .filter(t -> t.end() == TailEnd.BANDED || t.end() == TailEnd.PONYTAIL)
                        .count()
                + (brief.rim().individuals().isBanded() ? plaits : 0);
        if (banded > 0) {
            needs.add(counted("small elastic bands", banded, Material.BANDS, banded / HUNDRED));
        }
        long stitched = braiding.tails().stream()
                .filter(t -> STITCHED.contains(t.end()))
                .count();
        if (stitched > 0) {
            needs.add(counted(
                    "tails stitched with thread of another colour",
                    stitched,
                    Material.THREAD,
                    stitched / TAILS_A_SPOOL));
        }
        return List.copyOf(needs);
    }

    private static Need fibre(String what, Estimate grams) {
        return new Need(what, grams, Quantity.Kind.GRAMS, Material.FIBRE, grams.likely() / HUNDRED);
    }

    private static Need counted(String what, long count, Material material, double units) {
        return new Need(what, Estimate.exactly(count), Quantity.Kind.COUNT, material, units);
    }
}
