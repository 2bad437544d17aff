package gyrotaxis.server.bench;

import static gyrotaxis.server.bench.Flat.hundredth;
import static gyrotaxis.server.bench.Flat.span;
import static gyrotaxis.server.bench.Flat.tenth;

import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RowEdit;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.Finding;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.scalp.HairlineShape;
import gyrotaxis.core.wear.PartChoice;
import gyrotaxis.server.book.HeadBody;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Writes a plan of the core down for the front end. */
final class PlanViews {
    private final InstallPlan plan;
    private final BriefBody asked;

    private PlanViews(InstallPlan plan, BriefBody asked) {
        this.plan = plan;
        this.asked = asked;
    }

    static PlanView of(InstallPlan plan, BriefBody asked) {
        PlanViews v = new PlanViews(plan, asked);
        FoundationViews f = new FoundationViews(plan);
        return new PlanView(
                v.head(),
                f.map(),
                f.rows(),
                v.stations(),
                f.views(),
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
                v.ledger(),
                v.findings(),
                v.limits());
    }

    private List<PlanView.Step> steps() {
        Speeds speeds = Speeds.usual(plan.brief().installer());
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

    private List<PlanView.Station> stations() {
        List<PlanView.Station> views = new ArrayList<>();
        for (int i = 0; i < plan.stations().size(); i++) {
            Station s = plan.stations().get(i);
            boolean isFirst = s.id().number() == 1;
            views.add(station(
                    s,
                    isFirst
                            ? null
                            : tenth(s.alongRowMm() - plan.stations().get(i - 1).alongRowMm())));
        }
        return views;
    }

    private static PlanView.Station station(Station s, @Nullable Double gapMm) {
        return new PlanView.Station(
                s.id().toString(),
                s.id().row().toString(),
                tenth(s.chart().x()),
                tenth(s.chart().y()),
                tenth(s.alongRowMm()),
                gapMm,
                s.zone(),
                s.zone().words(),
                s.share().parts(),
                s.share().words(),
                s.knot(),
                s.knot().words());
    }

    private PlanView.Ledger ledger() {
        PackCount c = plan.packs();
        return new PlanView.Ledger(
                plan.stations().size(),
                c.placedLoops(),
                c.reserveLoops(),
                c.neededLoops(),
                c.shelfLoops(),
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
                plan.tally().sharesBySize().entrySet().stream()
                        .map(e -> new PlanView.ShareCount(
                                e.getKey().parts(),
                                e.getKey().words(),
                                e.getValue(),
                                LoopTally.loops(e.getKey(), e.getValue()),
                                LoopTally.leftOver(e.getKey(), e.getValue())))
                        .toList(),
                Arrays.stream(Zone.values()).map(this::zone).toList());
    }

    private PlanView.ZoneView zone(Zone zone) {
        return new PlanView.ZoneView(
                zone,
                zone.words(),
                tenth(plan.hooking().setting(zone).spacingMm()),
                plan.hooking().setting(zone).share().words(),
                (int) plan.stations().stream().filter(s -> s.zone() == zone).count());
    }

    private List<PlanView.FindingView> findings() {
        return plan.findings().stream()
                .map(f -> new PlanView.FindingView(
                        f.code(),
                        f.severity(),
                        f.place().kind(),
                        f.place().id(),
                        f.reason(),
                        f.remedies().stream().map(this::remedy).toList()))
                .toList();
    }

    private PlanView.RemedyView remedy(Finding.Remedy r) {
        return new PlanView.RemedyView(r.words(), asked.changedTo(r.brief()));
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
                PartChoice.READS_AS_SKIN_MM);
    }

    private static PlanView.Range range(Interval i) {
        return new PlanView.Range(i.min(), i.max());
    }
}
