package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.FoundationException.Wish;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Run;
import gyrotaxis.core.foundation.RimBrief.Stretch;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.laying.Rim.Depths;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

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

    /** An inner single takes in the end of an outer one that lies no further than so many bases away. */
    private static final double BEHIND = 1.5;

    /** Where along an inner single the outer one's end is taken in: while that is plaited. */
    private static final double INTO_INNER = 0.5;

    private final Scalp scalp;
    private final Rim rim;
    private final RimBrief brief;
    private final RowMaker maker;
    private final int rowsInFront;
    private final int rowsAtNape;

    /** The rim of a foundation with so many rows that start in front and run to the nape. */
    RimRows(Scalp scalp, Rim rim, RimBrief brief, RowMaker maker, int rowsInFront, int rowsAtNape) {
        this.rowsInFront = rowsInFront;
        this.rowsAtNape = rowsAtNape;
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

    /**
     * A base of a single.
     *
     * @param line 0 for the outer line, 1 for the inner
     * @param from azimuth where it begins, rad
     * @param to where it ends, rad
     * @param middle where its plait starts, rad
     */
    private record Base(int line, double from, double to, double middle) {}

    /** Line by line; the ends of the outer ones go into the inner ones. */
    private void individuals(Draft draft) {
        List<Base> bases = new ArrayList<>();
        for (int line = 0; line < rim.individuals.size(); line++) {
            bases.addAll(lineOfBases(line));
        }
        if (bases.size() > RowId.MAX) {
            throw new FoundationException(
                    Wish.INDIVIDUALS,
                    0,
                    "These are " + bases.size() + " singles; more than " + RowId.MAX
                            + " have no place round a head. Set fewer, or one line.");
        }
        bases.sort(Comparator.comparingDouble(Base::middle));
        List<Row> plaits = new ArrayList<>();
        for (int i = 0; i < bases.size(); i++) {
            Base base = bases.get(i);
            Depths outer = outer(base.line());
            plaits.add(plait(new RowId(Section.INDIVIDUAL, i + 1), outer, rim.individuals.get(base.line()), base));
        }
        for (int i = 0; i < bases.size(); i++) {
            draft.rows.add(bases.get(i).line() == 0 ? fedInward(plaits.get(i), bases, plaits) : plaits.get(i));
        }
    }

    private Depths outer(int line) {
        return line == 0 ? rim.braided : rim.individuals.get(line - 1);
    }

    /** An outer plait ends in the inner one nearest to its end, if there is one right behind it. */
    private Row fedInward(Row plait, List<Base> bases, List<Row> plaits) {
        Row nearest = null;
        double least = brief.individuals().baseMm() * BEHIND;
        for (int i = 0; i < bases.size(); i++) {
            double mm = plaits.get(i).path().start().distance(plait.path().end());
            if (bases.get(i).line() == 1 && mm < least) {
                least = mm;
                nearest = plaits.get(i);
            }
        }
        return nearest == null ? plait : plait.led(Row.Lead.fed(nearest.id(), INTO_INNER));
    }

    /** The bases of one line, stretch by stretch. Where a line goes on along the next stretch it does not fade. */
    private List<Base> lineOfBases(int line) {
        List<Base> bases = new ArrayList<>();
        for (Map.Entry<Stretch, Run> run : brief.individuals().runs().entrySet()) {
            if (run.getValue().lines() <= line || !run.getKey().isOfRim()) {
                continue;
            }
            boolean[] goesOn = goesOn(run.getKey(), line);
            double[] at = rim.azimuths(run.getKey());
            double f = Rim.FADE_RAD / 2;
            double[] stretch = {at[0] - (goesOn[0] ? 0 : f), at[1] + (goesOn[1] ? 0 : f)};
            double[] core = {
                stretch[0] + (goesOn[0] ? 0 : FULL_FROM * Rim.FADE_RAD),
                stretch[1] - (goesOn[1] ? 0 : FULL_FROM * Rim.FADE_RAD)
            };
            bases.addAll(bases(line, stretch, core, count(run.getKey(), run.getValue())));
        }
        return bases;
    }

    /** As many as asked; set by rows, so many in front of each that starts or ends along the stretch. */
    private int count(Stretch stretch, Run run) {
        int perRow = brief.individuals().perRow();
        int rows = stretch == Stretch.FRONT ? rowsInFront : stretch == Stretch.NAPE ? rowsAtNape : 0;
        return perRow > 0 && rows > 0 ? perRow * rows : run.count();
    }

    /** Whether a line goes on along the stretch before and the one after. */
    private boolean[] goesOn(Stretch stretch, int line) {
        RimBrief.Individuals singles = brief.individuals();
        Stretch before = switch (stretch) {
            case FRONT -> Stretch.LEFT;
            case RIGHT -> Stretch.FRONT;
            case NAPE -> Stretch.RIGHT;
            case LEFT -> Stretch.NAPE;
            case PARTS -> Stretch.PARTS;
        };
        Stretch after = switch (stretch) {
            case FRONT -> Stretch.RIGHT;
            case RIGHT -> Stretch.NAPE;
            case NAPE -> Stretch.LEFT;
            case LEFT -> Stretch.FRONT;
            case PARTS -> Stretch.PARTS;
        };
        return new boolean[] {singles.linesAlong(before) > line, singles.linesAlong(after) > line};
    }

    /**
     * Bases of a stretch, evenly by true length where the band has its full depth; the outermost take in where it fades. The second
     * line is set off by half a base, as bricks are laid.
     */
    private List<Base> bases(int line, double[] stretch, double[] core, int n) {
        double[] at = rim.between(outer(line), core[0], core[1]).distancesMm();
        boolean isStaggered = line == 1;
        List<Double> cuts = new ArrayList<>();
        cuts.add(core[0]);
        for (int k = isStaggered ? 0 : 1; k < n; k++) {
            cuts.add(azimuth(core, at, (k + (isStaggered ? 0.5 : 0)) / n));
        }
        cuts.add(core[1]);
        List<Base> bases = new ArrayList<>();
        for (int k = 1; k < cuts.size(); k++) {
            double from = k == 1 ? stretch[0] : cuts.get(k - 1);
            double to = k == cuts.size() - 1 ? stretch[1] : cuts.get(k);
            bases.add(new Base(line, from, to, (cuts.get(k - 1) + cuts.get(k)) / 2));
        }
        return bases;
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

    /** A plait whose base lies square to the hairline, also where that runs slantwise. */
    private Row plait(RowId id, Depths outer, Depths inner, Base base) {
        Vec2 start = rim.at(outer, base.middle());
        Vec2 end = rim.at(inner, across(outer, inner, base.middle()));
        List<Vec2> line = new ArrayList<>();
        for (int k = 0; k <= PLAIT_STEPS; k++) {
            line.add(start.lerp(end, (double) k / PLAIT_STEPS));
        }
        double from = across(outer, inner, base.from());
        double to = Math.max(from, across(outer, inner, base.to()));
        List<Vec2> strip =
                new ArrayList<>(rim.between(outer, base.from(), base.to()).chart());
        List<Vec2> back = new ArrayList<>(rim.between(inner, from, to).chart());
        Collections.reverse(back);
        strip.addAll(back);
        return maker.plait(
                id, Path.lifted(line, scalp.chart()), strip, brief.individuals().isTwisted());
    }

    /** The azimuth of the point of the inner line nearest to a place on the outer one, for where the hairline runs slantwise. */
    private double across(Depths outer, Depths inner, double thetaRad) {
        Vec3 from = scalp.chart().lift(rim.at(outer, thetaRad));
        double best = thetaRad;
        double least = scalp.chart().lift(rim.at(inner, thetaRad)).distance(from);
        // From straight in outward to both sides, so that both halves of a head find the same point.
        for (int k = 1; k <= 2 * ACROSS_STEPS; k++) {
            int step = k % 2 == 0 ? k / 2 : -(k + 1) / 2;
            double theta = thetaRad + ACROSS_RAD * step / ACROSS_STEPS;
            double mm = scalp.chart().lift(rim.at(inner, theta)).distance(from);
            if (mm < least - NO_NEARER_MM) {
                least = mm;
                best = theta;
            }
        }
        return best;
    }
}
