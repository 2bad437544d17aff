package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.Crossing;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.FoundationException.Wish;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.LaidPart.Unended;
import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.PartGap;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.ChordCurve;
import gyrotaxis.core.geometry.CoonsPatch;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
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
final class FrontDivision {
    /** Nearer than this to each other, or to the side of the section, no row fits between, mm. */
    static final double CLEARANCE_MM = 10;

    /** How far behind a part's end its flanking rows cross, as a fraction along the front section. */
    private static final double CROSSING_DEPTH = 0.16;

    /** A part that runs further than this leaves no room for anything behind its end. */
    private static final double LAST_END = 0.85;

    private static final int STEPS = 32;
    private static final int SAMPLES = 8;

    private final Scalp scalp;
    private final CoonsPatch patch;
    private final double hairlineMm;
    private final double depthMm;
    private final FoundationBrief brief;
    /** From the client's left to her right. */
    private final List<WearingPart> parts;

    /** How far along the front section each part runs, in (0, 1]. */
    private final double[] endsAt;

    private final List<DoubleUnaryOperator> borders = new ArrayList<>();
    private final int[] counts;
    private final List<List<Lane.Spec>> specs = new ArrayList<>();

    FrontDivision(Scalp scalp, CoonsPatch patch, ChordCurve hairline, FoundationBrief brief) {
        this.scalp = scalp;
        this.patch = patch;
        this.brief = brief;
        this.hairlineMm = hairline.lengthMm();
        this.depthMm = path(u -> 0.5, 1).lengthMm();
        this.parts = brief.parts().stream()
                .sorted(Comparator.comparingDouble(WearingPart::startMm))
                .toList();
        this.endsAt = parts.stream().mapToDouble(this::endsAt).toArray();
        borders.add(u -> 0);
        for (int i = 0; i < endsAt.length; i++) {
            borders.add(across(parts.get(i), endsAt[i]));
        }
        borders.add(u -> 1);
        requireRoom();
        this.counts = counts();
        for (int i = 0; i < counts.length; i++) {
            specs.add(specsOf(i));
        }
    }

    /** The front section. */
    CoonsPatch patch() {
        return patch;
    }

    /** The lanes that are asked for, by interval between parts, from the client's left to her right. */
    List<List<Lane.Spec>> specs() {
        return specs;
    }

    /** Lanes between the same borders. */
    LaneField field(List<List<Lane.Spec>> edited) {
        return new LaneField(borders, edited);
    }

    /** Width of the front section along the hairline, mm. */
    double hairlineMm() {
        return hairlineMm;
    }

    /** Whether the lanes of both sides match. */
    boolean isSymmetric() {
        int last = parts.size() - 1;
        boolean partsMatch = IntStream.range(0, parts.size())
                .allMatch(i -> parts.get(i).mirrored().equals(parts.get(last - i)));
        return partsMatch
                && parts.stream().noneMatch(p -> p.end() == PartEnd.CROSSED)
                && IntStream.range(0, counts.length).allMatch(i -> counts[i] == counts[counts.length - 1 - i]);
    }

    /** The parts as laid between rows, from the client's left to her right. */
    List<LaidPart> laid(List<PartGap> gaps, List<List<Lane.Spec>> edited) {
        List<LaidPart> laid = new ArrayList<>();
        int before = 0;
        for (int i = 0; i < endsAt.length; i++) {
            before += edited.get(i).size();
            Path whole = path(borders.get(i + 1), 1);
            Path asked = whole.between(0, parts.get(i).lengthMm().orElse(Double.POSITIVE_INFINITY));
            laid.add(new LaidPart(parts.get(i), asked, gaps.get(before - 1), unended(i)));
        }
        return laid;
    }

    /** Why the flanks of a part run on though they were to end with it, if they do. */
    private Optional<Unended> unended(int part) {
        List<Lane.Spec> onLeft = specs.get(part);
        boolean leftEnds = !onLeft.get(onLeft.size() - 1).runsThrough();
        boolean rightEnds = !specs.get(part + 1).get(0).runsThrough();
        boolean asAsked = switch (parts.get(part).end()) {
            case OPEN -> true;
            case HALF_ROWS -> leftEnds && rightEnds;
            case CROSSED -> leftEnds && !rightEnds;
        };
        double longest = LAST_END * path(borders.get(part + 1), 1).lengthMm();
        return asAsked
                ? Optional.empty()
                : Optional.of(new Unended(
                        endsAt[part] < LAST_END ? Unended.Why.NO_ROW_BESIDE : Unended.Why.RUNS_TOO_FAR, longest));
    }

    /**
     * A crossing of flanking rows behind a part.
     *
     * @param part which part
     * @param across where across the section it lies
     * @param along where along it
     * @param from where along it the part ends, before which no row bends over
     */
    record Crossing(int part, double across, double along, double from) {}

    /** Where flanking rows cross, by part; empty for the others. */
    Optional<Crossing> crossing(int part) {
        if (parts.get(part).end() != PartEnd.CROSSED || !endsShort(part)) {
            return Optional.empty();
        }
        double along = Math.min(1 - CROSSING_DEPTH / 2, endsAt[part] + CROSSING_DEPTH);
        return Optional.of(new Crossing(part, borders.get(part + 1).applyAsDouble(along), along, endsAt[part]));
    }

    int parts() {
        return parts.size();
    }

    /** How far along the rows beside a part do not yet bend toward those that they join. */
    double straightUpTo(int part) {
        return Math.min(endsAt[part], behind(part));
    }

    /** How far along the front section a part runs, in (0, 1]. */
    double endsAt(int part) {
        return endsAt[part];
    }

    /**
     * From where on each row may bend toward the one it joins, as a part of its length, from the client's left: as usual, but not
     * before the parts beside it end.
     *
     * @param specs the lanes by interval
     */
    double[] bendsFrom(List<List<Lane.Spec>> specs) {
        List<Double> from = new ArrayList<>();
        for (int i = 0; i < specs.size(); i++) {
            int n = specs.get(i).size();
            for (int j = 0; j < n; j++) {
                double left = j == 0 && i > 0 ? behind(i - 1) : RowEnds.BEND_FROM;
                double right = j == n - 1 && i < parts.size() ? behind(i) : RowEnds.BEND_FROM;
                from.add(Math.max(left, right));
            }
        }
        return from.stream().mapToDouble(u -> u).toArray();
    }

    private double behind(int part) {
        return endsAt[part] < LAST_END ? Math.max(RowEnds.BEND_FROM, endsAt[part]) : RowEnds.BEND_FROM;
    }

    /** Whether the rows beside a part can end with it: both sides must have another row to take over. */
    private boolean endsShort(int part) {
        return endsAt[part] < LAST_END && counts[part] > 1 && counts[part + 1] > 1;
    }

    private double endsAt(WearingPart part) {
        double whole = path(across(part, 1), 1).lengthMm();
        return Math.min(1, part.lengthMm().orElse(whole) / whole);
    }

    private DoubleUnaryOperator across(WearingPart part, double end) {
        double start = 0.5 + part.startMm() / hairlineMm;
        double drift = depthMm * Math.tan(part.slantRad()) / hairlineMm;
        double bow = part.bowMm() / hairlineMm;
        return u -> {
            double t = Math.min(1, u / end);
            return start + drift * u + bow * 4 * t * (1 - t);
        };
    }

    private void requireRoom() {
        double least = CLEARANCE_MM / hairlineMm;
        for (int i = 0; i + 1 < borders.size(); i++) {
            for (int k = 0; k <= SAMPLES; k++) {
                double u = (double) k / SAMPLES;
                double room =
                        borders.get(i + 1).applyAsDouble(u) - borders.get(i).applyAsDouble(u);
                if (room < least) {
                    boolean isSide = i == 0 || i + 2 == borders.size();
                    int part = brief.parts().indexOf(parts.get(Math.min(i, parts.size() - 1)));
                    throw new FoundationException(
                            Wish.PART,
                            part,
                            isSide
                                    ? "This part runs out of the front section. Start it nearer to the middle or slant it less."
                                    : "This part meets the next one. Leave at least a row between them.");
                }
            }
        }
    }

    private int[] counts() {
        int n = borders.size() - 1;
        double[] width = new double[n];
        for (int i = 0; i < n; i++) {
            width[i] = (borders.get(i + 1).applyAsDouble(0.5) - borders.get(i).applyAsDouble(0.5)) * brief.frontRows();
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

    private List<Lane.Spec> specsOf(int interval) {
        int n = counts[interval];
        boolean partOnLeft = interval > 0;
        boolean partOnRight = interval < counts.length - 1;
        FlankSchool school = brief.flanks();
        RowUse use = isShown(interval) ? RowUse.SHOWN : RowUse.HOOKED;
        List<Lane.Spec> lanes = new ArrayList<>();
        for (int j = 0; j < n; j++) {
            Lane.Spec lane = Lane.Spec.even().used(use);
            boolean isLeftFlank = j == 0 && partOnLeft;
            boolean isRightFlank = j == n - 1 && partOnRight;
            if (isLeftFlank || isRightFlank) {
                lane = lane.scaled(school.laneFactor());
            }
            lane = lane.leaning(((isLeftFlank ? 1 : 0) - (isRightFlank ? 1 : 0)) * school.lean());
            if (isLeftFlank) {
                lane = ended(lane, interval - 1, false);
            }
            if (isRightFlank) {
                lane = ended(lane, interval, true);
            }
            lanes.add(lane);
        }
        if (lanes.stream().noneMatch(Lane.Spec::runsThrough)) {
            // Somebody has to take over the scalp of half rows.
            lanes.set(n / 2, new Lane.Spec(1, 1, 0, 0, 1, false, use));
        }
        return lanes;
    }

    /** A flank of a part as that part's end asks: of crossed rows only the one on the part's left ends. */
    private Lane.Spec ended(Lane.Spec lane, int part, boolean isOnItsLeft) {
        if (!endsShort(part)) {
            return lane;
        }
        return switch (parts.get(part).end()) {
            case OPEN -> lane;
            case HALF_ROWS -> lane.ending(endsAt[part]);
            case CROSSED ->
                isOnItsLeft ? lane.ending(Math.min(1 - CROSSING_DEPTH / 2, endsAt[part] + CROSSING_DEPTH)) : lane;
        };
    }

    /** Rows between a part that shows its side and that side. */
    private boolean isShown(int interval) {
        for (int i = 0; i < parts.size(); i++) {
            boolean isLeft = parts.get(i).startMm() < 0;
            if (parts.get(i).showsSide() && (isLeft ? interval <= i : interval > i)) {
                return true;
            }
        }
        return false;
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
