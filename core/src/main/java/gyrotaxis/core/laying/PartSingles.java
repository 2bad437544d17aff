package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.FoundationException.Wish;
import gyrotaxis.core.foundation.PartGap;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Run;
import gyrotaxis.core.foundation.RimBrief.Stretch;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.CoonsPatch;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * Singles along both sides of every wearing part, as far as it runs: their bases are cut out of the lanes beside it, and their ends go
 * into the rows that are left there.
 */
final class PartSingles {
    /** A lane keeps at least so much of its width for its row. ASSUMPTION: less is no row any more. */
    private static final double MIN_LEFT = 0.35;

    /** Nobody parts off smaller bases, mm. ASSUMPTION. */
    private static final double MIN_BASE_MM = 5.5;

    /** Half of the way across that a local width is measured over. */
    private static final double NEAR = 0.01;

    /** A plait begins so far into its base, counted from the part: the hair before it is combed back over the scalp. ASSUMPTION. */
    private static final double ROOT = 0.25;

    private static final int BASE_STEPS = 4;
    private static final int PLAIT_STEPS = 4;

    /** Where along an inner single the outer one's end is taken in: while that is plaited. */
    private static final double INTO_INNER = 0.5;

    /** Behind its base an end goes into the row so much further along. */
    private static final double INTO = 0.04;

    private final Scalp scalp;
    private final RowMaker maker;
    private final CoonsPatch front;
    private final RimBrief.Individuals brief;
    private final List<Side> sides = new ArrayList<>();

    /**
     * One side of a part.
     *
     * @param lane number of the lane beside it
     * @param sign 1 where the lane lies to the client's right of the part, −1 to her left
     * @param border where the part runs, across the section
     * @param endsAt how far along it the part runs
     * @param baseMm how deep its bases are, mm: as asked, or less where the lane is narrow
     */
    private record Side(int lane, int sign, DoubleUnaryOperator border, double endsAt, double baseMm) {}

    /**
     * @param sizes how many lanes there are between parts, from the client's left
     * @param bend whether the rows bend toward others behind: where they do they would run over the singles
     */
    PartSingles(
            Scalp scalp,
            RowMaker maker,
            FrontDivision division,
            RimBrief.Individuals brief,
            List<Lane> lanes,
            List<Integer> sizes,
            boolean bend) {
        this.scalp = scalp;
        this.maker = maker;
        this.front = division.patch();
        this.brief = brief;
        int before = 0;
        for (int i = 0; i < division.parts() && brief.linesAlong(Stretch.PARTS) > 0; i++) {
            before += sizes.get(i);
            double endsAt = bend ? division.straightUpTo(i) : division.endsAt(i);
            sides.add(side(lanes, before - 1, -1, endsAt));
            sides.add(side(lanes, before, 1, endsAt));
        }
    }

    private Side side(List<Lane> lanes, int number, int sign, double endsAt) {
        Lane lane = lanes.get(number);
        double half = endsAt / 2;
        double left = lane.left().applyAsDouble(half);
        double right = lane.right().applyAsDouble(half);
        double wide =
                scalp.chart().lift(front.at(half, left)).distance(scalp.chart().lift(front.at(half, right)));
        double most = (1 - MIN_LEFT) * wide / brief.linesAlong(Stretch.PARTS);
        if (most < MIN_BASE_MM) {
            throw new FoundationException(
                    Wish.INDIVIDUALS,
                    0,
                    "Singles along a part leave no room for the row beside it. Set one line of them, or fewer rows in front.");
        }
        return new Side(number, sign, sign > 0 ? lane.left() : lane.right(), endsAt, Math.min(brief.baseMm(), most));
    }

    boolean areAny() {
        return !sides.isEmpty();
    }

    /** What is left of the lanes for their rows. */
    List<Lane> carved(List<Lane> lanes) {
        List<Lane> carved = new ArrayList<>(lanes);
        for (Side s : sides) {
            Lane lane = carved.get(s.lane());
            DoubleUnaryOperator taken = u -> widthOf(s, u);
            DoubleUnaryOperator middle = u -> lane.middle().applyAsDouble(u) + s.sign() * taken.applyAsDouble(u) / 2;
            carved.set(
                    s.lane(),
                    s.sign() > 0
                            ? new Lane(
                                    u -> lane.left().applyAsDouble(u) + taken.applyAsDouble(u),
                                    middle,
                                    lane.right(),
                                    lane.spec())
                            : new Lane(
                                    lane.left(),
                                    middle,
                                    u -> lane.right().applyAsDouble(u) - taken.applyAsDouble(u),
                                    lane.spec()));
        }
        return carved;
    }

    /** How much of a lane all bases of a side take there, across the section: it fades out where the part ends. */
    private double widthOf(Side s, double u) {
        double past = (u - s.endsAt()) / LaneField.NARROWING;
        double t = Math.max(0, Math.min(1, past));
        return across(s, u) * brief.linesAlong(Stretch.PARTS) * (1 - t * t * (3 - 2 * t));
    }

    /** The depth of one base as a fraction across. */
    private double across(Side s, double u) {
        double v = Math.max(NEAR, Math.min(1 - NEAR, s.border().applyAsDouble(u)));
        Vec3 a = scalp.chart().lift(front.at(u, v - NEAR));
        Vec3 b = scalp.chart().lift(front.at(u, v + NEAR));
        return s.baseMm() * 2 * NEAR / a.distance(b);
    }

    /** Lays the singles, whose ends go into the rows, which lie in the draft already; those at the part go into the line behind them. */
    void addTo(Draft draft) {
        Run run = brief.runs().get(Stretch.PARTS);
        if (run == null) {
            return;
        }
        int number = draft.of(Section.INDIVIDUAL).size();
        for (Side s : sides) {
            List<List<Row>> lines = new ArrayList<>();
            for (int line = 0; line < run.lines(); line++) {
                List<Row> plaits = new ArrayList<>();
                for (double[] base : bases(run.count(), line == 1)) {
                    number++;
                    plaits.add(single(id(number), s, line, base[0] * s.endsAt(), base[1] * s.endsAt()));
                }
                lines.add(plaits);
            }
            List<Row> last = lines.get(lines.size() - 1);
            for (List<Row> line : lines) {
                line.forEach(p -> draft.rows.add(line == last ? intoRow(p, draft, s) : intoNearest(p, last)));
            }
        }
    }

    private static RowId id(int number) {
        if (number > RowId.MAX) {
            throw new FoundationException(
                    Wish.INDIVIDUALS,
                    0,
                    "More than " + RowId.MAX + " singles have no place on a head. Set fewer, or one line.");
        }
        return new RowId(Section.INDIVIDUAL, number);
    }

    /** Where bases begin and end, as parts of the part's length; a second line is set off by half a base, as bricks are. */
    private static List<double[]> bases(int count, boolean isStaggered) {
        List<double[]> bases = new ArrayList<>();
        double off = isStaggered ? 0.5 : 0;
        for (int k = 0; k < count + (isStaggered ? 1 : 0); k++) {
            bases.add(new double[] {Math.max(0, (k - off) / count), Math.min(1, (k + 1 - off) / count)});
        }
        return bases;
    }

    private Row single(RowId id, Side s, int line, double from, double to) {
        List<Vec2> base = new ArrayList<>();
        for (int k = 0; k <= BASE_STEPS; k++) {
            base.add(at(s, from + (to - from) * k / BASE_STEPS, line));
        }
        for (int k = BASE_STEPS; k >= 0; k--) {
            base.add(at(s, from + (to - from) * k / BASE_STEPS, line + 1));
        }
        double middle = (from + to) / 2;
        List<Vec2> way = new ArrayList<>();
        for (int k = 0; k <= PLAIT_STEPS; k++) {
            way.add(at(s, middle, line + ROOT + (1 - ROOT) * k / PLAIT_STEPS));
        }
        return maker.plait(id, Path.lifted(way, scalp.chart()), base, brief.isTwisted());
    }

    private static Row intoRow(Row plait, Draft draft, Side s) {
        List<Vec2> line = plait.path().chart();
        Row row = draft.get(new RowId(Section.FRONT, s.lane() + 1));
        double behind = row.path().nearest(line.get(line.size() - 1)) + INTO;
        return plait.led(Row.Lead.fed(row.id(), Math.min(1, behind)));
    }

    private static Row intoNearest(Row plait, List<Row> inner) {
        Row nearest = inner.stream()
                .min(Comparator.comparingDouble(
                        r -> r.path().start().distance(plait.path().end())))
                .orElseThrow();
        return plait.led(Row.Lead.fed(nearest.id(), INTO_INNER));
    }

    /** A place so many bases away from a part. */
    private Vec2 at(Side s, double u, double bases) {
        return front.at(u, s.border().applyAsDouble(u) + s.sign() * bases * across(s, u));
    }

    /** What shows of a part lies between the plaits that flank it, not between the rows behind them. */
    List<PartGap> between(List<PartGap> gaps, Draft draft) {
        double plaitMm = draft.of(Section.INDIVIDUAL).stream()
                .mapToDouble(Row::braidWidthMm)
                .max()
                .orElse(0);
        List<PartGap> between = new ArrayList<>(gaps);
        for (Side s : sides) {
            if (s.sign() < 0) {
                double shows = Math.max(0, 2 * ROOT * s.baseMm() - plaitMm);
                PartGap gap = gaps.get(s.lane());
                between.set(
                        s.lane(),
                        new PartGap(
                                gap.left(),
                                gap.right(),
                                gap.openMm(),
                                gap.channel().stream()
                                        .map(w -> new PartGap.Width(w.atMm(), Math.min(w.clearMm(), shows)))
                                        .toList(),
                                gap.path(),
                                gap.behind()));
            }
        }
        return between;
    }
}
