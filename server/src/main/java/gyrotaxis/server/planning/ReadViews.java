package gyrotaxis.server.planning;

import static gyrotaxis.server.planning.Flat.hundredth;
import static gyrotaxis.server.planning.Flat.span;
import static gyrotaxis.server.planning.Flat.tenth;

import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.estimate.Purchase;
import gyrotaxis.core.estimate.Quote;
import gyrotaxis.core.estimate.ShareCost;
import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.findings.Finding;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.PackSize;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hooking.HangOrder;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.SeatedShare;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneSetting;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Notes;
import gyrotaxis.core.row.RowId;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.Change;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.language.MethodBody;
import gyrotaxis.server.words.Limits;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Writes what of a plan is read down for the front end. */
public final class ReadViews {
    /** In a list of places of stations: none. */
    private static final int NO_STATION = -1;

    private final InstallPlan plan;

    private ReadViews(InstallPlan plan) {
        this.plan = plan;
    }

    public static ReadView of(InstallPlan plan, List<Finding> findings, BriefBody asked, Change.Writer changes) {
        ReadViews v = new ReadViews(plan);
        return new ReadView(
                v.head(),
                v.steps(),
                plan.braidGroups().stream()
                        .map(g -> new ReadView.Group(g.from(), g.to(), v.said(g.words())))
                        .toList(),
                new ReadView.SelfView(
                        plan.selfWork().grade(),
                        tenth(plan.selfWork().strain()),
                        plan.selfWork().reasons()),
                v.updos(),
                plan.needs().stream()
                        .map(n -> new ReadView.NeedView(n.what(), span(n.amount()), n.kind()))
                        .toList(),
                v.work(),
                Notes.of(plan).stream()
                        .map(n -> new ReadView.NoteView(n.moment(), n.moment().words(), n.words()))
                        .toList(),
                v.hairs(),
                MethodBody.of(plan.brief().hooking().method()),
                v.quote(),
                v.ledger(),
                FindingView.of(findings, asked, changes),
                new Limits.Range(Back.MIN_ROWS, plan.brief().foundation().frontRows()),
                shutting(plan.hooked()));
    }

    private static ReadView.Shutting shutting(Hooked hooked) {
        Map<StationId, Integer> places = new HashMap<>();
        hooked.stations().forEach(s -> places.put(s.id(), places.size()));
        return new ReadView.Shutting(
                hooked.stations().stream()
                        .map(s -> hooked.beyond(s)
                                .map(o -> places.getOrDefault(o.id(), NO_STATION))
                                .orElse(NO_STATION))
                        .toList(),
                StationEdit.DrawShut.usualShare(hooked.hairs().get(0).line()).parts());
    }

    private List<ReadView.Updo> updos() {
        return plan.updos().stream()
                .map(u -> new ReadView.Updo(
                        u.way(),
                        u.way().words(),
                        u.works(),
                        tenth(u.coveredMm()),
                        tenth(u.hairMm()),
                        tenth(u.rowsMm()),
                        tenth(u.bareMm()),
                        u.rowsShowing().stream().map(RowId::toString).toList(),
                        u.tailsShowing().stream().map(RowId::toString).toList()))
                .toList();
    }

    /** As it is said of whoever the plan is for. */
    private String said(String words) {
        return plan.brief().pronoun().said(words);
    }

    private List<ReadView.Step> steps() {
        Speeds speeds = plan.brief().speeds();
        return plan.steps().stream()
                .map(s -> new ReadView.Step(
                        s.number(),
                        s.kind(),
                        s.rows().stream().map(RowId::toString).toList(),
                        said(s.words()),
                        tenth(s.lengthMm()),
                        tenth(ChairTime.of(s, plan.scalp(), plan.foundation(), plan.braiding(), speeds)
                                .likely())))
                .toList();
    }

    private ReadView.Head head() {
        return new ReadView.Head(
                plan.scalp().head().readings().entrySet().stream()
                        .map(e -> new ReadView.Reading(
                                HeadBody.field(e.getKey()),
                                e.getKey().words(),
                                e.getKey().isRequired(),
                                tenth(e.getValue().tapeMm()),
                                tenth(e.getValue().fittedMm()),
                                e.getValue().isEstimated(),
                                e.getValue().isMet()))
                        .toList(),
                tenth(plan.scalp().areaMm2()));
    }

    private List<ReadView.WorkView> work() {
        Speeds speeds = plan.brief().speeds();
        Map<StationId, Station> byId =
                plan.stations().stream().collect(Collectors.toMap(Station::id, Function.identity()));
        return plan.work().stream()
                .map(w -> new ReadView.WorkView(
                        w.number(),
                        w.stage().words(),
                        w.row().toString(),
                        w.twin().map(RowId::toString).orElse(null),
                        w.stations().stream().map(StationId::toString).toList(),
                        w.isMarked(),
                        said(w.words()),
                        span(ChairTime.hooking(
                                w.stations().stream()
                                        .map(id -> Objects.requireNonNull(byId.get(id)))
                                        .toList(),
                                speeds))))
                .toList();
    }

    private List<ReadView.HairUse> hairs() {
        return IntStream.range(0, plan.hooked().hairs().size())
                .mapToObj(this::hair)
                .toList();
    }

    private ReadView.HairUse hair(int k) {
        Hooked.Strand strand = plan.hooked().hairs().get(k);
        HairLine line = strand.line();
        // What is cut of the main hair for some zones is bought with that.
        boolean isCut = k >= plan.hooked().bought();
        Optional<PackCount> count =
                isCut ? Optional.empty() : Optional.of(plan.packs().lines().get(k));
        return new ReadView.HairUse(
                line.name(),
                strand.colour(),
                line.texture(),
                line.fibre().isLooped(),
                line.goesInWhole(),
                isCut,
                line.gramsPerLoop(),
                line.gramsPerPack(),
                line.packSizes().stream().map(PackSize::loops).distinct().toList(),
                gramsPlaced(k),
                count.map(PackCount::placedLoops)
                        .orElse(plan.hooked().tallies().get(k).loops()),
                count.map(PackCount::reserveLoops).orElse(0),
                count.map(PackCount::shelfLoops).orElse(0),
                count.map(PackCount::packs).orElse(0),
                count.stream()
                        .flatMap(c -> c.bought().stream())
                        .map(b -> new ReadView.BoughtView(
                                b.size().loops(), b.size().price().minor(), b.count()))
                        .toList(),
                count.map(PackCount::leftOverLoops).orElse(0),
                count.map(c -> c.cost().minor()).orElse(0L),
                shares(k));
    }

    private double gramsPlaced(int strand) {
        HairLine line = plan.hooked().hairs().get(strand).line();
        return plan.hooked().tallies().get(strand).sharesBySize().entrySet().stream()
                .mapToDouble(e -> e.getKey().ofLoop() * e.getValue() * line.gramsPerLoop())
                .sum();
    }

    /** In the order in which they are hung up; of a blended share the half that is of this hair. */
    private List<ReadView.ShareCount> shares(int strand) {
        LoopTally tally = plan.hooked().tallies().get(strand);
        HairMix mix = plan.hooked().mix();
        int hung = mix.how() == HairMix.How.BLENDED ? 0 : strand;
        return HangOrder.of(plan.work(), plan.stations(), hung).entrySet().stream()
                .map(e -> {
                    Share share =
                            mix.blends(e.getKey()) ? new Share(2 * e.getKey().parts()) : e.getKey();
                    int count = tally.sharesBySize().getOrDefault(share, 0);
                    return new ReadView.ShareCount(
                            share.parts(),
                            share.words(),
                            count,
                            LoopTally.loops(share, count),
                            LoopTally.leftOver(share, count),
                            e.getValue());
                })
                .filter(c -> c.shares() > 0)
                .toList();
    }

    private ReadView.QuoteView quote() {
        Quote q = plan.quote();
        return new ReadView.QuoteView(
                ReadView.MoneyView.of(q.materials()),
                q.others().stream()
                        .map(l -> new ReadView.QuoteLine(l.what(), ReadView.MoneyView.of(l.cost())))
                        .toList(),
                q.margins().stream().map(ReadView.MoneyView::of).toList(),
                ReadView.MoneyView.of(q.chair()),
                q.totals().stream().map(ReadView.MoneyView::of).toList());
    }

    private ReadView.Ledger ledger() {
        Purchase c = plan.packs();
        return new ReadView.Ledger(
                plan.stations().size(),
                c.placedLoops(),
                c.reserveLoops(),
                c.neededLoops(),
                c.main().shelfLoops(),
                c.packs(),
                plan.brief().hair().loopsPerPack(),
                c.leftOverLoops(),
                c.cost().minor(),
                c.cost().currency().getCurrencyCode(),
                span(plan.time().inChair()),
                plan.time().minutes().entrySet().stream()
                        .map(e -> new ReadView.StageView(
                                e.getKey().words(), e.getKey().isInChair(), span(e.getValue())))
                        .toList(),
                tenth(plan.foundation().lengthMm()),
                tenth(plan.weightGrams()),
                tenth(plan.braiding().greatestBulk()),
                hundredth(plan.pull().stream().mapToDouble(RowPull::share).max().orElse(0)),
                plan.braiding().looseEnds().size(),
                Arrays.stream(Zone.values()).map(this::zone).toList());
    }

    private ReadView.ZoneView zone(Zone zone) {
        ZoneSetting setting = plan.hooked().plan().setting(zone);
        double apart = plan.hooked().spacingMm(zone);
        double seated = SeatedShare.widthMm(plan.hooked().hairs().get(0).line(), setting.share());
        return new ReadView.ZoneView(
                zone,
                zone.words(),
                tenth(apart),
                tenth(Math.max(0, apart - seated)),
                setting.share().parts(),
                setting.share().words(),
                (int) plan.stations().stream().filter(s -> s.zone() == zone).count(),
                ShareCost.of(plan.hooked(), zone, plan.brief().speeds()).stream()
                        .map(c -> new ReadView.ShareCostView(
                                c.share().parts(),
                                c.share().words(),
                                tenth(c.spacingMm()),
                                c.shares(),
                                span(c.minutes())))
                        .toList());
    }
}
