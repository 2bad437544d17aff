package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.HairCutException;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Bulk;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.HookingException.Wish;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import java.util.stream.Collectors;

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
        HairLine main = prepared(hair, brief.bulk());
        HookingPlan plan = HookingPlan.of(main, fullness, brief);
        List<Station> placed = StationPlacer.place(
                scalp, foundation, plan, brief, regions, setBackMm, demand.goesUp(), main.goesInWhole());
        return new Hooker(scalp, foundation, brief, demand).hook(main, plan, placed);
    }

    /** In tufts as thick as wanted; cut, if all of it is. */
    private static HairLine prepared(HairLine hair, Bulk bulk) {
        HairLine inTufts = bulk.tuftGrams().isPresent()
                ? asked(Wish.TUFT, () -> hair.inTufts(bulk.tuftGrams().getAsDouble()))
                : hair;
        return bulk.cutsAll() ? asked(Wish.CUT, inTufts::cutInHalf) : inTufts;
    }

    private static HairLine asked(Wish wish, Supplier<HairLine> done) {
        try {
            return done.get();
        } catch (HairCutException e) {
            throw new HookingException(wish, 0, String.valueOf(e.getMessage()));
        }
    }

    private Hooked hook(HairLine main, HookingPlan plan, List<Station> placed) {
        List<Hooked.Strand> hairs = hairs(main);
        List<Station> dealt = cutWhereAsked(new MixDealer(brief.mix()).deal(placed), hairs.size() - 1);
        KnotChooser chooser = new KnotChooser(brief.method(), demand, brief.knotless());
        List<Station> whole = dealt.stream()
                .map(s -> hairs.get(s.strand()).line().goesInWhole() ? s.taking(Share.WHOLE) : s)
                .toList();
        List<Hooked.Strand> tied = brief.mix().how() == HairMix.How.BLENDED ? asTied(hairs) : hairs;
        HandEdits hand = new HandEdits(scalp, foundation, chooser, tied, new Beads(tied, chooser).tie(whole));
        hand.make(brief.edits());
        Bearings bearings = new Bearings(scalp, foundation.parts(), brief.method(), demand);
        List<Station> stations = inOrder(hand.stations()).stream()
                .map(s -> s.hooked(bearings.of(s)))
                .toList();
        return Hooked.of(plan, hairs, stations, hand.lost(), brief.mix());
    }

    /** The main hair, what is mixed in, and last what is cut of the main hair for some zones only. */
    private List<Hooked.Strand> hairs(HairLine main) {
        HairMix mix = brief.mix();
        List<Hooked.Strand> hairs = new ArrayList<>();
        hairs.add(new Hooked.Strand(main, brief.colourOf(main)));
        mix.others().forEach(s -> hairs.add(new Hooked.Strand(s.line(), s.colour())));
        for (int k = 0; mix.how() == HairMix.How.BLENDED && k < hairs.size(); k++) {
            HairLine line = hairs.get(k).line();
            if (line.goesInWhole()) {
                throw new HookingException(
                        Wish.MIX,
                        Math.max(0, k - 1),
                        line.name()
                                + " comes undone when it is split, so no share can be half of it. Mix it in whole.");
            }
        }
        if (cutsSome()) {
            hairs.add(new Hooked.Strand(asked(Wish.CUT, main::cutInHalf), brief.colourOf(main)));
        }
        return hairs;
    }

    private boolean cutsSome() {
        return !brief.bulk().cut().isEmpty() && !brief.bulk().cutsAll();
    }

    private List<Station> cutWhereAsked(List<Station> stations, int cut) {
        return cutsSome()
                ? stations.stream()
                        .map(s -> s.strand() == 0 && brief.bulk().cut().contains(s.zone()) ? s.of(cut) : s)
                        .toList()
                : stations;
    }

    /** A blended share is tied as the one of its two that slides more. */
    private static List<Hooked.Strand> asTied(List<Hooked.Strand> hairs) {
        Hooked.Strand slidesMost = hairs.stream()
                .max(Comparator.comparing(h -> h.line().fibre().slip()))
                .orElseThrow();
        return hairs.stream().map(h -> slidesMost).toList();
    }

    private List<Station> inOrder(List<Station> stations) {
        Map<RowId, List<Station>> byRow = stations.stream().collect(Collectors.groupingBy(s -> s.id().row()));
        return foundation.carriers().stream()
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

    /** A share that is thrown to a side, as {@link gyrotaxis.core.install.StationEdit.Add} says. */
    public static Station thrown(Scalp scalp, Station s, double towardRad) {
        return s.hooked(Bearings.across(scalp, s, towardRad));
    }

    /**
     * The three shares of a gap that is drawn shut, as their hair lies then: of two knots, and of what is hooked through both.
     *
     * @param row the row that the first of them is on
     */
    public static List<Station> drawnShut(Scalp scalp, Row row, Station near, Station far, Share share) {
        Vec2 to = HandEdits.between(near, far);
        return List.of(
                near.drawn(to),
                far.drawn(to),
                HandEdits.through(scalp, row, near, far, share).drawn(to));
    }
}
