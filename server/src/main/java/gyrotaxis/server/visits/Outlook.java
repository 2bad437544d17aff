package gyrotaxis.server.visits;

import gyrotaxis.core.balance.FillTrial;
import gyrotaxis.core.balance.Fills;
import gyrotaxis.core.balance.Shows;
import gyrotaxis.core.chair.Adjustments;
import gyrotaxis.core.chair.AtWork;
import gyrotaxis.core.chair.Course;
import gyrotaxis.core.chair.Forecast;
import gyrotaxis.core.chair.VisitEvent.FillPlaced;
import gyrotaxis.core.chair.VisitEvent.KnotBeyond;
import gyrotaxis.core.chair.VisitState;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Piece;
import gyrotaxis.server.visits.Views.ChairFillView;
import gyrotaxis.server.visits.Views.ChairFillsView;
import gyrotaxis.server.visits.Views.ChairTrialView;
import gyrotaxis.server.visits.Views.CoursePoint;
import gyrotaxis.server.visits.Views.DueView;
import gyrotaxis.server.visits.Views.HairOutlook;
import gyrotaxis.server.visits.Views.LikelyRange;
import gyrotaxis.server.visits.Views.OptionView;
import gyrotaxis.server.visits.Views.OutlookView;
import gyrotaxis.server.visits.Views.ShownGap;
import gyrotaxis.server.visits.Views.ShownView;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What follows from a visit's events, worked out by the core whenever it is asked for; nothing of it is kept. */
@Component
class Outlook {
    /** A way worn without a part. */
    private static final int NO_PART = -1;

    /** Fills are of the first of the supplies. */
    private static final int MAIN_HAIR = 0;

    private final Planner planner;

    Outlook(Planner planner) {
        this.planner = planner;
    }

    /** What it will come to, and what else can be done. */
    OutlookView of(VisitLoader.Work work) {
        VisitState state = work.state();
        Forecast forecast = Forecast.of(state);
        Course course = Course.of(work.ready().sheet(), work.events());
        Optional<Adjustments> adjustments = work.ready().head().map(h -> Adjustments.of(planner, h, state));
        return new OutlookView(
                work.arrived(),
                forecast.hair().stream().map(Outlook::hair).toList(),
                LikelyRange.of(forecast.minutesLeft()),
                forecast.whyMinutes().stream().map(Piece::of).toList(),
                forecast.paceOfHooking(),
                points(course.planned()),
                points(course.gone()),
                points(course.ahead()),
                adjustments.map(a -> shown(a.now())).orElse(null),
                adjustments.map(a -> shown(a.goingOn())).orElse(null),
                adjustments.map(Adjustments::mayStop).orElse(false),
                adjustments
                        .map(a -> a.options().stream().map(Outlook::option).toList())
                        .orElse(List.of()),
                work.ready()
                        .head()
                        .map(h -> due(h.plan().brief(), work.visit().day()))
                        .orElse(List.of()));
    }

    private static List<DueView> due(InstallBrief brief, LocalDate day) {
        return brief.afterwards().due(day, brief.consultation().weeks()).stream()
                .map(d -> new DueView(d.day(), d.words()))
                .toList();
    }

    private static HairOutlook hair(Forecast.Hair h) {
        return new HairOutlook(
                h.supply(),
                h.inLoops(),
                h.perLoop(),
                LikelyRange.of(h.total()),
                h.there(),
                LikelyRange.of(h.bundles()),
                h.lasts(),
                h.endsBefore().map(ShareRef::number).orElse(null),
                h.why().stream().map(Piece::of).toList());
    }

    private static List<CoursePoint> points(List<Course.Point> line) {
        return line.stream().map(p -> new CoursePoint(p.minutes(), p.loops())).toList();
    }

    private static OptionView option(Adjustments.Option o) {
        return new OptionView(
                o.what().adjustment(),
                o.what().adjustment().words(),
                o.what().adjustment().says(),
                o.what(),
                o.savesLoops(),
                o.minutes(),
                o.cost().map(Money::minor).orElse(null),
                o.cost().map(c -> c.currency().getCurrencyCode()).orElse(null),
                shown(o.shows()),
                o.lasts());
    }

    private static ShownView shown(Shows s) {
        return new ShownView(
                s.exposed(),
                s.in().way(),
                s.in().part().orElse(NO_PART),
                s.in().words(),
                s.fullness(),
                s.gapsMm2(),
                s.covers(),
                gaps(s.gaps()));
    }

    private static List<ShownGap> gaps(List<Cover.Gap> gaps) {
        return gaps.stream()
                .map(g -> new ShownGap(Piece.of(g.place()), g.areaMm2(), g.x(), g.y(), g.zone()))
                .toList();
    }

    /** Every part and way tried on what is really hooked, and where fills would go. */
    ChairFillsView fills(VisitLoader.Work work) {
        AtWork head = work.ready()
                .head()
                .orElseThrow(() -> new NotFound("What this worksheet was made of was not kept with it."));
        VisitState state = work.state();
        InstallPlan asHooked = head.asHooked(state);
        Fills fills = FillTrial.of(planner, asHooked);
        List<ChairTrialView> trials = new ArrayList<>();
        for (Fills.Trial t : fills.trials()) {
            Cover cover = planner.wear(asHooked, t.worn()).cover();
            trials.add(new ChairTrialView(
                    t.worn().way(),
                    t.worn().part().orElse(NO_PART),
                    t.worn().words(),
                    t.exposedBefore(),
                    t.exposedAfter(),
                    t.gapsBefore(),
                    t.gapsAfter(),
                    gaps(cover.gaps())));
        }
        return new ChairFillsView(
                trials,
                fills.fills().stream().map(Outlook::fill).toList(),
                fills.left().stream().map(l -> Piece.of(l.words())).toList());
    }

    private static ChairFillView fill(Fills.Fill f) {
        return new ChairFillView(
                f.row().toString(),
                f.at(),
                f.chart().x(),
                f.chart().y(),
                f.share().parts(),
                f.trial(),
                Piece.of(f.why()),
                new FillPlaced(
                        f.row(),
                        f.at(),
                        f.share(),
                        MAIN_HAIR,
                        f.towardRad(),
                        f.through().map(t -> new KnotBeyond(t.row(), t.at()))));
    }
}
