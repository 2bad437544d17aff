package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.ChordCurve;
import gyrotaxis.core.geometry.CoonsPatch;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/**
 * Divides the front section into lanes so that every wearing part runs between two of them.
 *
 * <p>A part is a curve across fraction v as a function of the fraction back u: from where it starts on the hairline, moved
 * sideways by its slant. Parts and the two sides bound intervals; each gets rows in proportion to its mean width, by largest
 * remainder with ties to the outside in pairs, at least one; within it lanes are even but for those beside a part, which the
 * school makes finer or larger.
 */
final class FrontLanes {
    /** Nearer than this to each other, or to the side of the section, no row fits between, mm. */
    static final double CLEARANCE_MM = 10;

    private static final int STEPS = 32;
    private static final int SAMPLES = 8;

    private final Scalp scalp;
    private final CoonsPatch patch;
    private final double hairlineMm;
    private final double depthMm;
    private final FoundationBrief brief;
    /** From the client's left to her right. */
    private final List<WearingPart> parts;

    private final List<DoubleUnaryOperator> bounds = new ArrayList<>();
    private final int[] counts;

    FrontLanes(Scalp scalp, CoonsPatch patch, ChordCurve hairline, FoundationBrief brief) {
        this.scalp = scalp;
        this.patch = patch;
        this.brief = brief;
        this.hairlineMm = hairline.lengthMm();
        this.depthMm = path(u -> 0.5, 1).lengthMm();
        this.parts = brief.parts().stream()
                .sorted(Comparator.comparingDouble(WearingPart::startMm))
                .toList();
        bounds.add(u -> 0);
        parts.forEach(p -> bounds.add(across(p)));
        bounds.add(u -> 1);
        requireRoom();
        this.counts = counts();
    }

    /** The lanes, from the client's left to her right. */
    List<Lane> lanes() {
        List<Lane> lanes = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            lanes.addAll(lanesOf(i));
        }
        return lanes;
    }

    /** Whether the lanes of both sides match. */
    boolean isSymmetric() {
        int last = parts.size() - 1;
        boolean partsMatch = IntStream.range(0, parts.size())
                .allMatch(i -> parts.get(i).mirrored().equals(parts.get(last - i)));
        return partsMatch
                && IntStream.range(0, counts.length).allMatch(i -> counts[i] == counts[counts.length - 1 - i]);
    }

    /** The parts as laid between rows, from the client's left to her right. */
    List<LaidPart> laid(List<PartGap> gaps) {
        List<LaidPart> laid = new ArrayList<>();
        int before = 0;
        for (int i = 0; i < parts.size(); i++) {
            before += counts[i];
            WearingPart part = parts.get(i);
            Path whole = path(bounds.get(i + 1), 1);
            Path asked = whole.between(0, part.lengthMm().orElse(Double.POSITIVE_INFINITY));
            laid.add(new LaidPart(part, asked, gaps.get(before - 1)));
        }
        return laid;
    }

    private DoubleUnaryOperator across(WearingPart part) {
        double start = 0.5 + part.startMm() / hairlineMm;
        double drift = depthMm * Math.tan(part.slantRad()) / hairlineMm;
        return u -> start + drift * u;
    }

    private void requireRoom() {
        double least = CLEARANCE_MM / hairlineMm;
        for (int i = 0; i + 1 < bounds.size(); i++) {
            for (int k = 0; k <= SAMPLES; k++) {
                double u = (double) k / SAMPLES;
                double room = bounds.get(i + 1).applyAsDouble(u) - bounds.get(i).applyAsDouble(u);
                if (room < least) {
                    boolean isSide = i == 0 || i + 2 == bounds.size();
                    int part = brief.parts().indexOf(parts.get(Math.min(i, parts.size() - 1)));
                    throw new PartException(
                            part,
                            isSide
                                    ? "This part runs out of the front section. Start it nearer to the middle or slant it less."
                                    : "This part meets the next one. Leave at least a row between them.");
                }
            }
        }
    }

    private int[] counts() {
        int n = bounds.size() - 1;
        double[] width = new double[n];
        for (int i = 0; i < n; i++) {
            width[i] = (bounds.get(i + 1).applyAsDouble(0.5) - bounds.get(i).applyAsDouble(0.5)) * brief.frontRows();
        }
        int[] rows = new int[n];
        for (int i = 0; i < n; i++) {
            rows[i] = Math.max(1, (int) Math.floor(width[i] + 1e-9));
        }
        int missing = brief.frontRows() - Arrays.stream(rows).sum();
        while (missing != 0) {
            int at = missing > 0 ? mostShort(width, rows) : mostCrowded(width, rows);
            int opposite = n - 1 - at;
            int step = Integer.signum(missing);
            rows[at] += step;
            missing -= step;
            // A twin on the other side gets the same, so that both match where they can.
            if (missing != 0
                    && opposite != at
                    && Math.abs(width[at] - width[opposite]) < 1e-6
                    && rows[opposite] + step > 0) {
                rows[opposite] += step;
                missing -= step;
            }
        }
        return rows;
    }

    private static int mostShort(double[] width, int[] rows) {
        return IntStream.range(0, rows.length)
                .boxed()
                .max(Comparator.comparingDouble(i -> width[i] - rows[i]))
                .orElseThrow();
    }

    private static int mostCrowded(double[] width, int[] rows) {
        return IntStream.range(0, rows.length)
                .filter(i -> rows[i] > 1)
                .boxed()
                .min(Comparator.comparingDouble(i -> width[i] - rows[i]))
                .orElseThrow();
    }

    private List<Lane> lanesOf(int interval) {
        boolean partOnLeft = interval > 0;
        boolean partOnRight = interval < counts.length - 1;
        int n = counts[interval];
        FlankSchool school = brief.flanks();
        double[] edge = new double[n + 1];
        for (int j = 0; j < n; j++) {
            boolean isFlank = (j == 0 && partOnLeft) || (j == n - 1 && partOnRight);
            edge[j + 1] = edge[j] + (isFlank ? school.laneFactor() : 1);
        }
        List<Lane> lanes = new ArrayList<>();
        for (int j = 0; j < n; j++) {
            double toLeft = edge[j] / edge[n];
            double toRight = edge[j + 1] / edge[n];
            double lean = ((j == 0 && partOnLeft ? 1 : 0) - (j == n - 1 && partOnRight ? 1 : 0)) * school.lean();
            double row = toLeft + (toRight - toLeft) * (0.5 + lean);
            lanes.add(new Lane(within(interval, toLeft), within(interval, row), within(interval, toRight)));
        }
        return lanes;
    }

    private DoubleUnaryOperator within(int interval, double fraction) {
        DoubleUnaryOperator left = bounds.get(interval);
        DoubleUnaryOperator right = bounds.get(interval + 1);
        return u -> left.applyAsDouble(u) + (right.applyAsDouble(u) - left.applyAsDouble(u)) * fraction;
    }

    private Path path(DoubleUnaryOperator across, double toU) {
        List<Vec2> line = new ArrayList<>(STEPS + 1);
        for (int k = 0; k <= STEPS; k++) {
            double u = toU * k / STEPS;
            line.add(patch.at(u, across.applyAsDouble(u)));
        }
        return Path.lifted(line, scalp.chart());
    }
}
