package gyrotaxis.core.install;

import gyrotaxis.core.foundation.LostEdit;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.Hold;
import java.util.ArrayList;
import java.util.List;

/**
 * A head with everything hooked to it.
 *
 * @param plan spacing and share by zone
 * @param hairs the hair of every strand, the main one first
 * @param stations where shares are hooked, row by row
 * @param tallies shares by size for every strand, as many as {@code hairs}
 * @param lost changes by hand that make no sense any more
 * @param others hair that covers without being hooked
 */
public record Hooked(
        HookingPlan plan,
        List<Strand> hairs,
        List<Station> stations,
        List<LoopTally> tallies,
        List<LostEdit> lost,
        List<OtherHair> others) {

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

    /** A head on which nothing covers but what is hooked. */
    public Hooked(
            HookingPlan plan,
            List<Strand> hairs,
            List<Station> stations,
            List<LoopTally> tallies,
            List<LostEdit> lost) {
        this(plan, hairs, stations, tallies, lost, List.of());
    }

    /** The same with other hair on it. */
    public Hooked beside(List<OtherHair> hair) {
        return new Hooked(plan, hairs, stations, tallies, lost, hair);
    }

    /** The hair that a station takes. */
    public HairLine hairOf(Station s) {
        return hairs.get(s.strand()).line();
    }

    /** Weight of what a station takes, g. */
    public double gramsOf(Station s) {
        return s.share().ofLoop() * hairOf(s).gramsPerLoop();
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
        return tallies.stream().mapToInt(LoopTally::loops).sum();
    }

    /** How well a station's knot holds. */
    public Hold holdOf(Station s, Demand demand) {
        return Hold.of(hairOf(s).fibre().slip(), s.share(), s.tie(), demand);
    }

    /** Whether a station's knot is expected to last. */
    public boolean lasts(Station s, Demand demand) {
        return Hold.wouldLast(hairOf(s).fibre().slip(), s.share(), s.tie(), demand);
    }
}
