package gyrotaxis.core.install;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.Hold;
import gyrotaxis.core.row.LostEdit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * A head with everything hooked to it.
 *
 * @param plan spacing and share by zone
 * @param hairs the hair of every strand, the main one first
 * @param stations where shares are hooked, row by row
 * @param tallies shares by size for every strand, as many as {@code hairs}
 * @param lost changes by hand that make no sense any more
 * @param mix how the hair of shares is mixed
 * @param others hair that covers without being hooked
 */
public record Hooked(
        HookingPlan plan,
        List<Strand> hairs,
        List<Station> stations,
        List<LoopTally> tallies,
        List<LostEdit> lost,
        HairMix mix,
        List<OtherHair> others) {
    /** No more than one hair is blended into the main one. */
    private static final int BLENDED_IN = 1;

    /**
     * One hair in one colour.
     *
     * @param line the line, as it is hooked: cut, if it was to be cut
     * @param colour which of its colours
     */
    public record Strand(HairLine line, String colour) {}

    public Hooked {
        hairs = List.copyOf(hairs);
        stations = List.copyOf(stations);
        tallies = List.copyOf(tallies);
        lost = List.copyOf(lost);
        others = List.copyOf(others);
    }

    /** A head on which nothing covers but what is hooked, with its loops counted. */
    public static Hooked of(
            HookingPlan plan, List<Strand> hairs, List<Station> stations, List<LostEdit> lost, HairMix mix) {
        return new Hooked(plan, hairs, stations, tallies(hairs.size(), stations, mix), lost, mix, List.of());
    }

    /** The same with only some of its shares. */
    public Hooked only(List<Station> some) {
        return new Hooked(plan, hairs, some, tallies(hairs.size(), some, mix), lost, mix, others);
    }

    /** Shares by size of every strand; a blended one counts half to each of its two. */
    private static List<LoopTally> tallies(int strands, List<Station> stations, HairMix mix) {
        List<List<Share>> shares = IntStream.range(0, strands)
                .<List<Share>>mapToObj(k -> new ArrayList<>())
                .toList();
        for (Station s : stations) {
            if (mix.blends(s.share())) {
                Share half = new Share(2 * s.share().parts());
                shares.get(s.strand()).add(half);
                shares.get(BLENDED_IN).add(half);
            } else {
                shares.get(s.strand()).add(s.share());
            }
        }
        return shares.stream().map(LoopTally::of).toList();
    }

    /** The same with other hair on it. */
    public Hooked beside(List<OtherHair> hair) {
        return new Hooked(plan, hairs, stations, tallies, lost, mix, hair);
    }

    /** The hair that a station takes; of a blended share the main one. */
    public HairLine hairOf(Station s) {
        return hairs.get(s.strand()).line();
    }

    /**
     * Part of a share that is of one line.
     *
     * @param line which
     * @param ofLoop how much of a loop, in (0, 1]
     */
    public record Portion(HairLine line, double ofLoop) {
        /** Weight, g. */
        public double grams() {
            return ofLoop * line.gramsPerLoop();
        }
    }

    /** The nearest knot on another row with which the gap beside a station can be drawn shut, if there is one. */
    public Optional<Station> beyond(Station s) {
        return s.canBeDrawn()
                ? stations.stream()
                        .filter(o -> !o.id().row().equals(s.id().row()) && o.canBeDrawn())
                        .filter(o -> o.space().distance(s.space()) <= StationEdit.DrawShut.FURTHEST_MM)
                        .min(Comparator.comparingDouble(o -> o.space().distance(s.space())))
                : Optional.empty();
    }

    /** The strand that is the other half of what a station takes, by its place among {@code hairs}; empty if it is of one. */
    public OptionalInt blendOf(Station s) {
        return mix.blends(s.share()) ? OptionalInt.of(BLENDED_IN) : OptionalInt.empty();
    }

    /** What a station takes: of one line, or half of each where shares are blended. */
    public List<Portion> portionsOf(Station s) {
        double all = s.share().ofLoop();
        return mix.blends(s.share())
                ? List.of(
                        new Portion(hairs.get(s.strand()).line(), all / 2),
                        new Portion(hairs.get(BLENDED_IN).line(), all / 2))
                : List.of(new Portion(hairOf(s), all));
    }

    /** Weight of what a station takes, g. */
    public double gramsOf(Station s) {
        return portionsOf(s).stream().mapToDouble(Portion::grams).sum();
    }

    /** How easily what a station takes slides; of a blended share, what slides more. */
    public Slip slipOf(Station s) {
        Slip own = hairOf(s).fibre().slip();
        Slip other =
                mix.blends(s.share()) ? hairs.get(BLENDED_IN).line().fibre().slip() : own;
        return own.compareTo(other) > 0 ? own : other;
    }

    /**
     * How far apart shares of a zone sit, centre to centre, mm: the median along its rows, of those that are there for neither part
     * nor hairline. What is asked for on the usual strip where there are no two.
     */
    public double spacingMm(Zone zone) {
        List<Double> gaps = new ArrayList<>();
        for (int i = 1; i < stations.size(); i++) {
            Station a = stations.get(i - 1);
            Station b = stations.get(i);
            boolean isPair = a.id().row().equals(b.id().row()) && a.zone() == zone && b.zone() == zone;
            if (isPair && isPlain(a) && isPlain(b)) {
                gaps.add(b.alongRowMm() - a.alongRowMm());
            }
        }
        gaps.sort(null);
        return gaps.isEmpty() ? plan.setting(zone).spacingMm() : gaps.get(gaps.size() / 2);
    }

    private static boolean isPlain(Station s) {
        return s.role() == Role.ROW || s.role() == Role.CAP;
    }

    /** Whole loops that are opened, of all strands. */
    public int loops() {
        return IntStream.range(0, bought()).map(this::loopsOf).sum();
    }

    /** How many of the strands are bought: what is cut for some zones comes out of the main one. */
    public int bought() {
        return 1 + mix.others().size();
    }

    /** Whole loops that are opened of a strand that is bought; of the main one those too that are cut for some zones. */
    public int loopsOf(int strand) {
        int own = tallies.get(strand).loops();
        if (strand > 0 || tallies.size() == bought()) {
            return own;
        }
        int pieces = tallies.get(tallies.size() - 1).loops();
        return own + (pieces + HairLine.PIECES_OF_CUT - 1) / HairLine.PIECES_OF_CUT;
    }

    /** How well a station's knot holds. */
    public Hold holdOf(Station s, Demand demand) {
        return Hold.of(slipOf(s), s.share(), s.tie(), demand);
    }

    /** Whether a station's knot is expected to last. */
    public boolean lasts(Station s, Demand demand) {
        return Hold.wouldLast(slipOf(s), s.share(), s.tie(), demand);
    }
}
