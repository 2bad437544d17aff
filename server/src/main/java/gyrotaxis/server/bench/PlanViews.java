package gyrotaxis.server.bench;

import static gyrotaxis.server.bench.Flat.hundredth;
import static gyrotaxis.server.bench.Flat.span;
import static gyrotaxis.server.bench.Flat.tenth;

import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.estimate.Purchase;
import gyrotaxis.core.estimate.Quote;
import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.findings.Finding;
import gyrotaxis.core.findings.Findings;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RowEdit;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hooking.HangOrder;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.SeatedShare;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Terms;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneSetting;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Notes;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.scalp.HairlineShape;
import gyrotaxis.core.wear.PartChoice;
import gyrotaxis.server.book.HeadBody;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Writes a plan of the core down for the front end. */
final class PlanViews {
    private final InstallPlan plan;

    private PlanViews(InstallPlan plan) {
        this.plan = plan;
    }

    static PlanView of(InstallPlan plan, BriefBody asked) {
        return of(plan, asked, true);
    }

    /** The same, without the head from its sides if that is not asked for. */
    static PlanView of(InstallPlan plan, BriefBody asked, boolean withSides) {
        PlanViews v = new PlanViews(plan);
        FoundationViews f = new FoundationViews(plan);
        StationViews s = StationViews.of(plan);
        return new PlanView(
                v.head(),
                f.map(),
                f.rows(),
                s.stations(),
                s.kinds(),
                withSides ? f.views() : List.of(),
                f.parts(),
                f.gaps(),
                f.tails(),
                v.steps(),
                new PlanView.SelfView(
                        plan.selfWork().grade(),
                        tenth(plan.selfWork().strain()),
                        plan.selfWork().reasons()),
                f.updos(),
                plan.needs().stream()
                        .map(n -> new PlanView.NeedView(n.what(), span(n.amount()), n.unit()))
                        .toList(),
                v.work(),
                Notes.of(plan).stream()
                        .map(n -> new PlanView.NoteView(n.moment(), n.moment().words(), n.words()))
                        .toList(),
                v.hairs(),
                MethodBody.of(plan.brief().hooking().method()),
                v.quote(),
                v.ledger(),
                findings(Findings.of(plan), asked),
                v.limits());
    }

    private List<PlanView.Step> steps() {
        Speeds speeds = plan.brief().speeds();
        return plan.steps().stream()
                .map(s -> new PlanView.Step(
                        s.number(),
                        s.kind(),
                        s.rows().stream().map(RowId::toString).toList(),
                        s.words(),
                        tenth(s.lengthMm()),
                        tenth(ChairTime.braiding(s.lengthMm(), speeds).likely())))
                .toList();
    }

    private PlanView.Head head() {
        return new PlanView.Head(
                plan.scalp().head().readings().entrySet().stream()
                        .map(e -> new PlanView.Reading(
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

    private List<PlanView.WorkView> work() {
        Speeds speeds = plan.brief().speeds();
        Map<StationId, Station> byId =
                plan.stations().stream().collect(Collectors.toMap(Station::id, Function.identity()));
        return plan.work().stream()
                .map(w -> new PlanView.WorkView(
                        w.number(),
                        w.stage().words(),
                        w.row().toString(),
                        w.stations().stream().map(StationId::toString).toList(),
                        w.isMarked(),
                        w.words(),
                        span(ChairTime.hooking(
                                w.stations().stream()
                                        .map(id -> Objects.requireNonNull(byId.get(id)))
                                        .toList(),
                                speeds))))
                .toList();
    }

    private List<PlanView.HairUse> hairs() {
        return IntStream.range(0, plan.hooked().hairs().size())
                .mapToObj(this::hair)
                .toList();
    }

    private PlanView.HairUse hair(int k) {
        Hooked.Strand strand = plan.hooked().hairs().get(k);
        PackCount c = plan.packs().lines().get(k);
        return new PlanView.HairUse(
                strand.line().name(),
                strand.colour(),
                strand.line().gramsPerLoop(),
                c.placedLoops(),
                c.reserveLoops(),
                c.shelfLoops(),
                c.packs(),
                c.bought().stream()
                        .map(b -> new PlanView.BoughtView(
                                b.size().loops(), b.size().price().minor(), b.count()))
                        .toList(),
                c.leftOverLoops(),
                c.cost().minor(),
                shares(k));
    }

    /** In the order in which they are hung up. */
    private List<PlanView.ShareCount> shares(int strand) {
        LoopTally tally = plan.hooked().tallies().get(strand);
        return HangOrder.of(plan.work(), plan.stations(), strand).entrySet().stream()
                .map(e -> {
                    Share share = e.getKey();
                    int count = tally.sharesBySize().getOrDefault(share, 0);
                    return new PlanView.ShareCount(
                            share.parts(),
                            share.words(),
                            count,
                            LoopTally.loops(share, count),
                            LoopTally.leftOver(share, count),
                            e.getValue());
                })
                .toList();
    }

    private PlanView.QuoteView quote() {
        Quote q = plan.quote();
        return new PlanView.QuoteView(
                q.materials().minor(),
                q.margin().minor(),
                q.chair().minor(),
                q.total().minor(),
                q.total().currency().getCurrencyCode());
    }

    private PlanView.Ledger ledger() {
        Purchase c = plan.packs();
        return new PlanView.Ledger(
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
                        .map(e -> new PlanView.StageView(
                                e.getKey().words(), e.getKey().isInChair(), span(e.getValue())))
                        .toList(),
                tenth(plan.foundation().lengthMm()),
                tenth(plan.weightGrams()),
                tenth(plan.braiding().greatestBulk()),
                hundredth(plan.pull().stream().mapToDouble(RowPull::share).max().orElse(0)),
                Arrays.stream(Zone.values()).map(this::zone).toList());
    }

    private PlanView.ZoneView zone(Zone zone) {
        ZoneSetting setting = plan.hooked().plan().setting(zone);
        double seated = SeatedShare.widthMm(plan.hooked().hairs().get(0).line(), setting.share());
        return new PlanView.ZoneView(
                zone,
                zone.words(),
                tenth(setting.spacingMm()),
                tenth(Math.max(0, setting.spacingMm() - seated)),
                setting.share().parts(),
                setting.share().words(),
                (int) plan.stations().stream().filter(s -> s.zone() == zone).count());
    }

    /** What the core has to say, with remedies as they would be written down. */
    static List<PlanView.FindingView> findings(List<Finding> findings, BriefBody asked) {
        return findings.stream()
                .map(f -> new PlanView.FindingView(
                        f.code(),
                        f.severity(),
                        f.place().kind(),
                        f.place().id(),
                        f.reason(),
                        f.remedies().stream()
                                .map(r -> new PlanView.RemedyView(r.words(), asked.changedTo(r.brief())))
                                .toList()))
                .toList();
    }

    private PlanView.Limits limits() {
        return new PlanView.Limits(
                range(FoundationBrief.FRONT_ROWS),
                new PlanView.Range(Back.FEWEST_ROWS, plan.brief().foundation().frontRows()),
                range(Back.LEVELS),
                range(FoundationBrief.EAR_LINE_MM),
                range(FoundationBrief.LEAN_MM),
                range(HookingPlan.FULLNESS),
                range(FoundationBrief.OVERLAY_MM),
                range(RimBrief.LEAVE_OUT_MM),
                range(RimBrief.SET_BACK_MM),
                range(RimBrief.PERIMETER_MM),
                range(RimBrief.Individuals.COUNT),
                range(RimBrief.Individuals.BASE_MM),
                range(Back.PITCH_MM),
                range(Back.CAP_EDGE_MM),
                range(HairlineShape.TEMPLE_MM),
                range(HairlineShape.PEAK_PLACE_MM),
                range(HairlineShape.PEAK_DROP_MM),
                range(Consultation.WEEKS),
                range(Consultation.CHAIR_MINUTES),
                range(Consultation.OWN_PACKS),
                range(WearingPart.START_MM),
                new PlanView.Range(
                        Math.rint(Math.toDegrees(WearingPart.SLANT_RAD.min())),
                        Math.rint(Math.toDegrees(WearingPart.SLANT_RAD.max()))),
                range(WearingPart.BOW_MM),
                range(RowEdit.Kind.MOVE.amounts()),
                PartChoice.READS_AS_SKIN_MM,
                range(ZoneWish.CLOSER),
                Share.MOST_PARTS,
                Tie.MOST_PASSES,
                range(Terms.RESERVE_PERCENT),
                range(Terms.MARGIN_PERCENT),
                range(Terms.PACE_PERCENT),
                range(StationEdit.Kind.MOVE.amounts()));
    }

    private static PlanView.Range range(Interval i) {
        return new PlanView.Range(i.min(), i.max());
    }
}
