package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.LostEdit;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.HairCutException;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Hooks a head: places the stations, makes the changes that were made by hand, deals out the mix, and settles for each how it
 * is tied and which way the hook goes in.
 */
public final class Hooker {
    /** Until all stations of a row are numbered anew. */
    private static final int LAST_NUMBER = 999;

    private static final double ALL_PERCENT = 100;

    private final Scalp scalp;
    private final Foundation foundation;
    private final HookingBrief brief;
    private final Demand demand;
    private final List<LostEdit> lost = new ArrayList<>();
    /** Knots and passes chosen by hand, to be kept from being chosen again. */
    private final Set<StationId> tiedByHand = new HashSet<>();

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
        List<Station> placed = StationPlacer.place(scalp, foundation, plan, brief, regions, setBackMm, demand.goesUp());
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
        List<Station> tied = dealt.stream()
                .map(s -> s.tied(chooser.choose(
                        s.role(), s.share(), hairs.get(s.strand()).line())))
                .toList();
        List<Station> changed = new ArrayList<>(tied);
        for (int i = 0; i < brief.edits().size(); i++) {
            change(i, changed, chooser, hairs);
        }
        Bearings bearings = new Bearings(scalp, foundation.parts(), brief.method(), demand);
        List<Station> stations =
                inOrder(changed).stream().map(s -> s.hooked(bearings.of(s))).toList();
        List<LoopTally> tallies = IntStream.range(0, hairs.size())
                .mapToObj(k -> LoopTally.of(stations.stream()
                        .filter(s -> s.strand() == k)
                        .map(Station::share)
                        .toList()))
                .toList();
        return new Hooked(plan, hairs, stations, tallies, lost);
    }

    private List<Station> inOrder(List<Station> stations) {
        return foundation.rows().stream()
                .flatMap(r ->
                        StationPlacer.numbered(stations.stream()
                                        .filter(s -> s.id().row().equals(r.id()))
                                        .toList())
                                .stream())
                .toList();
    }

    private void change(int index, List<Station> stations, KnotChooser chooser, List<Hooked.Strand> hairs) {
        StationEdit e = brief.edits().get(index);
        Optional<Row> row = foundation.row(e.row());
        if (row.isEmpty()) {
            lost.add(new LostEdit(
                    index, false, "There is no " + e.row().words() + " any more to hook as you did by hand."));
            return;
        }
        double along = e.at() * row.get().lengthMm();
        if (e.kind() == StationEdit.Kind.ADD) {
            add(e, row.get(), along, stations, chooser, hairs);
            return;
        }
        Optional<Station> meant = stations.stream()
                .filter(s -> s.id().row().equals(e.row()) && Math.abs(s.alongRowMm() - along) <= StationEdit.REACH_MM)
                .min(Comparator.comparingDouble(s -> Math.abs(s.alongRowMm() - along)));
        if (meant.isEmpty()) {
            lost.add(new LostEdit(
                    index,
                    false,
                    "Nothing is hooked any more where you changed a share on "
                            + e.row().words() + "."));
            return;
        }
        Station s = meant.get();
        int at = stations.indexOf(s);
        switch (e.kind()) {
            case REMOVE -> stations.remove(at);
            case MOVE -> stations.set(at, moved(s, row.get(), e.amount()));
            case SHARE -> {
                Station taking = s.taking(new Share((int) e.amount()));
                Tie tie = tiedByHand.contains(s.id())
                        ? s.tie()
                        : chooser.choose(
                                s.role(), taking.share(), hairs.get(s.strand()).line());
                stations.set(at, taking.tied(tie).madeByHand());
            }
            case KNOT ->
                stations.set(
                        at,
                        tied(s, Tie.of(Knot.values()[(int) e.amount()], s.tie().passes())));
            case PASSES -> stations.set(at, tied(s, s.tie().passing((int) e.amount())));
            case HOLD -> {
                Set<ExtraHold> holds = new HashSet<>(s.tie().holds());
                holds.add(ExtraHold.values()[(int) e.amount()]);
                stations.set(at, tied(s, s.tie().holding(holds)));
            }
            case LEG -> {
                if (s.tie().knot() == Knot.INVISIBLE) {
                    stations.set(at, tied(s, s.tie().through(e.amount() / ALL_PERCENT)));
                } else {
                    lost.add(new LostEdit(
                            index,
                            false,
                            "Only a single leg can be parted; on " + e.row().words() + " that share is tied "
                                    + s.tie().knot().words() + " now."));
                }
            }
            case ADD -> throw new IllegalStateException("added above");
        }
    }

    private Station tied(Station s, Tie tie) {
        tiedByHand.add(s.id());
        return s.tied(tie).madeByHand();
    }

    private void add(
            StationEdit e,
            Row row,
            double along,
            List<Station> stations,
            KnotChooser chooser,
            List<Hooked.Strand> hairs) {
        Share share = new Share((int) e.amount());
        Station s = byHand(scalp, row, along, share);
        stations.add(
                s.tied(chooser.choose(Role.HAND, share, hairs.get(0).line())).madeByHand());
    }

    /**
     * A share put on a row by hand, before it is tied.
     *
     * @param along how far from the row's start, mm
     */
    public static Station byHand(Scalp scalp, Row row, double along, Share share) {
        return Station.placed(
                new StationId(row.id(), LAST_NUMBER),
                along,
                row.path().chartAt(along),
                row.path().spaceAt(along),
                Zone.at(scalp.frontToNape(row.path().spaceAt(along))),
                Role.HAND,
                Station.NO_PART,
                share);
    }

    private Station moved(Station s, Row row, double mm) {
        double along = Math.max(0, Math.min(row.lengthMm(), s.alongRowMm() + mm));
        Vec3 space = row.path().spaceAt(along);
        Zone zone = Zone.at(scalp.frontToNape(space));
        return new Station(
                s.id(),
                along,
                row.path().chartAt(along),
                space,
                zone,
                s.role(),
                s.part(),
                s.share(),
                s.strand(),
                s.tie(),
                s.bearing(),
                true);
    }
}
