package gyrotaxis.server.bench;

import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.RowId;
import gyrotaxis.core.geometry.OrthographicView;
import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.Finding;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.book.HeadBody;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Writes a plan of the core down for the front end. */
final class PlanViews {
    private static final int RIM_POINTS = 72;
    private static final List<OrthographicView> SHOWN = List.of(OrthographicView.BACK, OrthographicView.TOP);

    private final InstallPlan plan;
    private final String hairLineId;

    private PlanViews(InstallPlan plan, String hairLineId) {
        this.plan = plan;
        this.hairLineId = hairLineId;
    }

    static PlanView of(InstallPlan plan, String hairLineId) {
        PlanViews v = new PlanViews(plan, hairLineId);
        return new PlanView(
                v.head(),
                v.map(),
                v.rows(),
                v.stations(),
                SHOWN.stream().map(v::view).toList(),
                v.parts(),
                v.gaps(),
                v.tails(),
                v.ledger(),
                v.findings(),
                v.limits());
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

    private PlanView.Map map() {
        return new PlanView.Map(
                flat(plan.scalp().outline().chart()),
                flat(plan.foundation().earLine().chart()),
                plan.scalp().landmarks().entrySet().stream()
                        .map(e -> {
                            Vec2 at = plan.scalp().chart().project(e.getValue());
                            return new PlanView.Mark(
                                    e.getKey().name(), e.getKey().words(), tenth(at.x()), tenth(at.y()));
                        })
                        .toList());
    }

    private List<PlanView.Row> rows() {
        Map<RowId, Long> stations =
                plan.stations().stream().collect(Collectors.groupingBy(s -> s.id().row(), Collectors.counting()));
        return plan.foundation().rows().stream()
                .map(r -> new PlanView.Row(
                        r.id().toString(),
                        r.id().words(),
                        tenth(r.lengthMm()),
                        tenth(Foundation.stripWidthMm(r)),
                        tenth(r.braidWidthMm()),
                        r.joins().map(RowId::toString).orElse(null),
                        stations.getOrDefault(r.id(), 0L).intValue(),
                        plan.braiding().order().indexOf(r.id()) + 1,
                        flat(r.path().chart())))
                .toList();
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

    private List<PlanView.Part> parts() {
        List<LaidPart> laid = plan.foundation().parts();
        return IntStream.range(0, laid.size())
                .mapToObj(i -> part(i, laid.get(i)))
                .toList();
    }

    private PlanView.Part part(int i, LaidPart p) {
        return new PlanView.Part(
                i + 1,
                plan.brief().foundation().parts().indexOf(p.asked()),
                tenth(p.path().lengthMm()),
                tenth(p.gap().openMm()),
                tenth(p.gap().narrowestMm()),
                tenth(p.gap().meanMm()),
                p.isOpen(),
                p.gap().left().toString(),
                p.gap().right().toString(),
                flat(p.path().chart()));
    }

    private List<PlanView.Gap> gaps() {
        return plan.foundation().gaps().stream()
                .map(g -> new PlanView.Gap(
                        g.left().toString(),
                        g.right().toString(),
                        tenth(g.openMm()),
                        tenth(g.narrowestMm()),
                        tenth(g.meanMm())))
                .toList();
    }

    private List<PlanView.TailView> tails() {
        return plan.braiding().tails().stream()
                .map(t -> new PlanView.TailView(
                        t.row().toString(),
                        t.kind(),
                        t.into().map(RowId::toString).orElse(null),
                        tenth(t.entryMm()),
                        tenth(t.bulk()),
                        t.thread().map(p -> flat(p.chart())).orElse(List.of())))
                .toList();
    }

    private PlanView.View view(OrthographicView from) {
        SuperEllipsoid s = plan.scalp().surface();
        return new PlanView.View(
                from.name().toLowerCase(Locale.ROOT),
                flat(from.outline(s, RIM_POINTS)),
                pieces(from.visible(s, plan.scalp().outline().space())),
                plan.foundation().rows().stream()
                        .map(r -> viewRow(from, s, r))
                        .filter(r -> !r.pieces().isEmpty())
                        .toList(),
                flat(plan.stations().stream()
                        .map(Station::space)
                        .filter(p -> from.sees(s, p))
                        .map(from::project)
                        .toList()));
    }

    private static PlanView.ViewRow viewRow(OrthographicView from, SuperEllipsoid s, Row row) {
        return new PlanView.ViewRow(
                row.id().toString(),
                tenth(row.braidWidthMm()),
                pieces(from.visible(s, row.path().space())));
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
                        f.remedy().map(this::remedy).orElse(null)))
                .toList();
    }

    private PlanView.RemedyView remedy(Finding.Remedy r) {
        return new PlanView.RemedyView(r.words(), BriefBody.of(r.brief(), hairLineId));
    }

    private PlanView.Limits limits() {
        return new PlanView.Limits(
                range(FoundationBrief.FRONT_ROWS),
                new PlanView.Range(
                        FoundationBrief.MIN_BACK_ROWS, plan.brief().foundation().frontRows()),
                range(FoundationBrief.EAR_LINE_MM),
                range(HookingPlan.FULLNESS));
    }

    private static PlanView.Range range(Interval i) {
        return new PlanView.Range(i.min(), i.max());
    }

    private static PlanView.Span span(Estimate e) {
        return new PlanView.Span(tenth(e.low()), tenth(e.likely()), tenth(e.high()));
    }

    private static List<List<Double>> pieces(List<List<Vec2>> pieces) {
        return pieces.stream().map(PlanViews::flat).toList();
    }

    private static List<Double> flat(List<Vec2> points) {
        return points.stream()
                .flatMap(p -> Stream.of(tenth(p.x()), tenth(p.y())))
                .toList();
    }

    private static double tenth(double v) {
        // Adding zero turns −0.0 into 0.0.
        return Math.rint(v * 10) / 10 + 0.0;
    }
}
