package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.hair.HairCutException;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Hooks a head: places the stations, makes the changes that were made by hand, deals out the mix, and settles for each how it
 * is tied and which way the hook goes in.
 */
public final class Hooker {
    private final Scalp scalp;
    private final Foundation foundation;
    private final HookingBrief brief;
    private final Demand demand;

    private Hooker(Scalp scalp, Foundation foundation, HookingBrief brief, Demand demand) {
        this.scalp = scalp;
        this.foundation = foundation;
        this.brief = brief;
        this.demand = demand;
    }

    /**
     * The head, hooked.
     *
     * @param hair the main hair
     * @param fullness no unit, in {@link HookingPlan#FULLNESS}
     * @param setBackMm how far first shares are set back, mm, at least 0
     * @throws HookingException if the hair cannot be cut as asked, or a wish cannot be met
     */
    public static Hooked hook(
            Scalp scalp,
            Foundation foundation,
            HairLine hair,
            double fullness,
            HookingBrief brief,
            Demand demand,
            List<Region> regions,
            double setBackMm) {
        HairLine main = cut(hair, brief);
        HookingPlan plan = HookingPlan.of(main, fullness, brief);
        List<Station> placed = StationPlacer.place(
                scalp,
                foundation,
                plan,
                brief,
                regions,
                setBackMm,
                demand.goesUp(),
                main.texture().goesInWhole());
        return new Hooker(scalp, foundation, brief, demand).hook(main, plan, placed);
    }

    private static HairLine cut(HairLine hair, HookingBrief brief) {
        try {
            return brief.cutsInHalf() ? hair.cutInHalf() : hair;
        } catch (HairCutException e) {
            throw new HookingException(HookingException.Wish.CUT, 0, String.valueOf(e.getMessage()));
        }
    }

    private Hooked hook(HairLine main, HookingPlan plan, List<Station> placed) {
        List<Hooked.Strand> hairs = new ArrayList<>();
        hairs.add(new Hooked.Strand(main, main.colours().get(0)));
        brief.mix().others().forEach(s -> hairs.add(new Hooked.Strand(s.line(), s.colour())));
        List<Station> dealt = new MixDealer(brief.mix()).deal(placed);
        KnotChooser chooser = new KnotChooser(brief.method(), demand);
        List<Station> whole = dealt.stream()
                .map(s -> hairs.get(s.strand()).line().texture().goesInWhole() ? s.taking(Share.WHOLE) : s)
                .toList();
        List<Station> tied = new Beads(hairs, chooser).tie(whole);
        HandEdits hand = new HandEdits(scalp, foundation, chooser, hairs, tied);
        hand.make(brief.edits());
        Bearings bearings = new Bearings(scalp, foundation.parts(), brief.method(), demand);
        List<Station> stations = inOrder(hand.stations()).stream()
                .map(s -> s.hooked(bearings.of(s)))
                .toList();
        List<LoopTally> tallies = IntStream.range(0, hairs.size())
                .mapToObj(k -> LoopTally.of(stations.stream()
                        .filter(s -> s.strand() == k)
                        .map(Station::share)
                        .toList()))
                .toList();
        return new Hooked(plan, hairs, stations, tallies, hand.lost());
    }

    private List<Station> inOrder(List<Station> stations) {
        Map<RowId, List<Station>> byRow = stations.stream().collect(Collectors.groupingBy(s -> s.id().row()));
        return foundation.rows().stream()
                .flatMap(r -> StationPlacer.numbered(byRow.getOrDefault(r.id(), List.of())).stream())
                .toList();
    }

    /**
     * A share put on a row by hand, before it is tied.
     *
     * @param along how far from the row's start, mm
     * @param towardRad which way it is thrown, as {@link gyrotaxis.core.install.StationEdit.Add} says; empty if as it falls
     */
    public static Station byHand(Scalp scalp, Row row, double along, Share share, OptionalDouble towardRad) {
        return HandEdits.added(scalp, row, along, share, towardRad);
    }
}
