package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.foundation.RowUse;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.laying.Rim.Depths;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Lays perimeter braids and individuals in the bands of a rim. */
final class RimRows {
    private static final int PLAIT_STEPS = 6;

    /** How far to both sides the way straight in is looked for, rad. */
    private static final double ACROSS_RAD = 0.24;

    private static final int ACROSS_STEPS = 12;

    /** Points that differ by less are equally near; then the one straight in is taken, alike on both sides. */
    private static final double NO_NEARER_MM = 1e-6;

    /** Past this part of its fading a band is deep enough for a base. */
    private static final double FULL_FROM = 0.75;

    /** Where a half of a perimeter braid is taken into the other. */
    private static final double MEETING = 0.95;

    private final Scalp scalp;
    private final Rim rim;
    private final RimBrief brief;
    private final RowMaker maker;

    RimRows(Scalp scalp, Rim rim, RimBrief brief, RowMaker maker) {
        this.scalp = scalp;
        this.rim = rim;
        this.brief = brief;
        this.maker = maker;
    }

    void addTo(Draft draft) {
        perimeter(draft);
        individuals(draft);
    }

    /** In halves that run toward the nape, so that both sides match and no end lies at a temple. */
    private void perimeter(Draft draft) {
        if (brief.perimeter() == Where.NOWHERE) {
            return;
        }
        double f = Rim.FADE_RAD / 2;
        double t = rim.templeRad();
        double c = rim.cornerRad();
        double[] right = switch (brief.perimeter()) {
            case FRONT -> new double[] {0, t + f};
            case SIDES -> new double[] {t - f, c + f};
            case NAPE -> new double[] {c - f, Math.PI};
            case SIDES_AND_NAPE -> new double[] {t - f, Math.PI};
            default -> new double[] {0, Math.PI};
        };
        Depths outer = rim.individuals.isEmpty() ? rim.braided : rim.individuals.get(rim.individuals.size() - 1);
        RowId left = new RowId(Section.PERIMETER, 1);
        RowId other = new RowId(Section.PERIMETER, 2);
        Row leftHalf = half(left, outer, -right[0], -right[1]);
        boolean meet = right[1] == Math.PI;
        draft.rows.add(meet ? leftHalf.led(Row.Lead.fed(other, MEETING)) : leftHalf);
        draft.rows.add(half(other, outer, right[0], right[1]));
    }

    private Row half(RowId id, Depths outer, double from, double to) {
        return maker.of(id, rim.between(rim.perimeter, from, to), rim.band(outer, rim.field, from, to));
    }

    private void individuals(Draft draft) {
        RimBrief.Individuals asked = brief.individuals();
        List<double[]> stretches = rim.stretches(asked.where());
        List<double[]> bases = new ArrayList<>();
        for (int line = 0; line < rim.individuals.size(); line++) {
            Depths outer = line == 0 ? rim.braided : rim.individuals.get(line - 1);
            double[] lengths = stretches.stream()
                    .mapToDouble(s -> rim.between(outer, s[0], s[1]).lengthMm())
                    .toArray();
            double all = 0;
            for (double mm : lengths) {
                all += mm;
            }
            for (int s = 0; s < lengths.length; s++) {
                int n = Math.max(1, (int) Math.round(asked.count() * lengths[s] / all));
                for (double[] range : ranges(outer, stretches.get(s), n, line == 1)) {
                    bases.add(new double[] {line, range[0], range[1], range[2]});
                }
            }
        }
        bases.sort(Comparator.comparingDouble(b -> b[3]));
        for (int i = 0; i < bases.size(); i++) {
            int line = (int) bases.get(i)[0];
            Depths outer = line == 0 ? rim.braided : rim.individuals.get(line - 1);
            draft.rows.add(plait(new RowId(Section.INDIVIDUAL, i + 1), outer, rim.individuals.get(line), bases.get(i)));
        }
    }

    /**
     * Azimuths between bases, evenly by true length where the band has its full depth; the outermost bases take in where it
     * fades. The second line is set off by half a base, as bricks are laid.
     *
     * @return for each base where it begins, ends, and has its middle
     */
    private List<double[]> ranges(Depths outer, double[] stretch, int n, boolean isStaggered) {
        double fade = brief.individuals().where() == Where.ALL_ROUND ? 0 : FULL_FROM * Rim.FADE_RAD;
        double[] core = {stretch[0] + fade, stretch[1] - fade};
        double[] at = rim.between(outer, core[0], core[1]).distancesMm();
        List<Double> cuts = new ArrayList<>();
        cuts.add(core[0]);
        for (int k = isStaggered ? 0 : 1; k < n; k++) {
            cuts.add(azimuth(core, at, (k + (isStaggered ? 0.5 : 0)) / n));
        }
        cuts.add(core[1]);
        List<double[]> ranges = new ArrayList<>();
        for (int k = 1; k < cuts.size(); k++) {
            double from = k == 1 ? stretch[0] : cuts.get(k - 1);
            double to = k == cuts.size() - 1 ? stretch[1] : cuts.get(k);
            ranges.add(new double[] {from, to, (cuts.get(k - 1) + cuts.get(k)) / 2});
        }
        return ranges;
    }

    private static double azimuth(double[] stretch, double[] at, double fraction) {
        int last = at.length - 1;
        double want = fraction * at[last];
        int i = 1;
        while (i < last && at[i] < want) {
            i++;
        }
        double t = (want - at[i - 1]) / (at[i] - at[i - 1]);
        return stretch[0] + (stretch[1] - stretch[0]) * (i - 1 + t) / last;
    }

    private Row plait(RowId id, Depths outer, Depths inner, double[] base) {
        Vec2 start = rim.at(outer, base[3]);
        Vec2 end = across(inner, base[3], scalp.chart().lift(start));
        List<Vec2> line = new ArrayList<>();
        for (int k = 0; k <= PLAIT_STEPS; k++) {
            line.add(start.lerp(end, (double) k / PLAIT_STEPS));
        }
        return maker.of(id, Path.lifted(line, scalp.chart()), rim.band(outer, inner, base[1], base[2]))
                .used(RowUse.PLAITED);
    }

    /** The point of a line nearest to a place on the outer one, for where the hairline runs slantwise. */
    private Vec2 across(Depths line, double thetaRad, Vec3 from) {
        Vec2 best = rim.at(line, thetaRad);
        double least = scalp.chart().lift(best).distance(from);
        // From straight in outward to both sides, so that both halves of a head find the same point.
        for (int k = 1; k <= 2 * ACROSS_STEPS; k++) {
            int step = k % 2 == 0 ? k / 2 : -(k + 1) / 2;
            Vec2 p = rim.at(line, thetaRad + ACROSS_RAD * step / ACROSS_STEPS);
            double mm = scalp.chart().lift(p).distance(from);
            if (mm < least - NO_NEARER_MM) {
                least = mm;
                best = p;
            }
        }
        return best;
    }
}
