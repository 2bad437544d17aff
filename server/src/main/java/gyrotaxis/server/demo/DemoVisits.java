package gyrotaxis.server.demo;

import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import gyrotaxis.server.language.HappeningBody;
import gyrotaxis.server.language.HappeningBody.Kind;
import gyrotaxis.server.language.PlanForm;
import gyrotaxis.server.language.WorkSheetForm;
import gyrotaxis.server.language.WorkSheetForm.ShareForm;
import gyrotaxis.server.language.WorkSheetForm.StepForm;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.Frozen;
import gyrotaxis.server.plans.PlanDesk;
import gyrotaxis.server.visits.EventBody;
import gyrotaxis.server.visits.VisitDesk;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Three visits of today: one half-way through a head, one finished with pictures, one not begun. */
@Component
class DemoVisits {
    private static final String DEVICE = "tablet at the window";
    private static final String STYLIST = "Orla";

    /** Somewhat slower than planned, and somewhat more hair. */
    private static final double PACE = 1.1;

    private static final double WASTE = 1.25;
    private static final Duration SINCE_FINISHED = Duration.ofHours(1);
    private static final Duration SINCE_LAST = Duration.ofMinutes(1);
    private static final Duration BEFORE = Duration.ofHours(20);

    private final VisitDesk visits;
    private final PlanDesk plans;
    private final Planning planning;
    private final Planner planner;
    private final Clock clock;

    DemoVisits(VisitDesk visits, PlanDesk plans, Planning planning, Planner planner, Clock clock) {
        this.visits = visits;
        this.plans = plans;
        this.planning = planning;
        this.planner = planner;
        this.clock = clock;
    }

    void notBegun(UUID plan) {
        begin(plan);
    }

    void halfWay(UUID plan) {
        UUID visit = begin(plan);
        Walk walk = new Walk(sheet(visit), 0.5);
        visits.tell(visit, walk.until(clock.instant().minus(SINCE_LAST)));
    }

    void finished(UUID plan) {
        UUID visit = begin(plan);
        Walk walk = new Walk(sheet(visit), 1);
        Frozen frozen = visits.frozen(visit);
        PlanForm basis = frozen.basis().orElseThrow();
        InstallPlan made = planning.planThen(basis);
        for (DemoPicture.From from : DemoPicture.From.values()) {
            UUID picture = UUID.randomUUID();
            byte[] png = DemoPicture.of(made, planner.hair(made, Worn.as(Way.DOWN)), from);
            visits.picture(visit, picture, png);
            walk.happens(HappeningBody.said(Kind.PICTURED, picture.toString()));
        }
        walk.happens(HappeningBody.said(
                Kind.NOTED, "Two bundles less behind would have done. She likes it flatter at the nape."));
        walk.happens(HappeningBody.said(Kind.FINISHED, null));
        visits.tell(visit, walk.until(clock.instant().minus(SINCE_FINISHED)));
    }

    private UUID begin(UUID plan) {
        UUID id = UUID.randomUUID();
        visits.begin(id, plan, Optional.empty(), LocalDate.now(clock));
        return id;
    }

    private WorkSheetForm sheet(UUID visit) {
        return visits.frozen(visit).sheet();
    }

    /** A head worked step by step, as minutes pass. */
    private static final class Walk {
        private final WorkSheetForm sheet;
        private final List<HappeningBody> what = new ArrayList<>();
        private final List<Double> minutes = new ArrayList<>();
        private double now;
        private double bundle;
        private boolean isEarlier = true;
        private int earlier;

        /**
         * @param part how much of the hooking is done
         */
        Walk(WorkSheetForm sheet, double part) {
            this.sheet = sheet;
            int hooked = 0;
            int all = sheet.shares().size();
            Stage stage = null;
            for (StepForm step : sheet.steps()) {
                if (hooked >= part * all && part < 1) {
                    break;
                }
                if (step.stage() != stage) {
                    if (stage != null) {
                        happens(HappeningBody.stage(Kind.STAGE_ENDED, stage));
                    }
                    if (isEarlier && step.stage() != Stage.PREPARE) {
                        isEarlier = false;
                        earlier = what.size();
                    }
                    stage = step.stage();
                    happens(HappeningBody.stage(Kind.STAGE_BEGUN, stage));
                }
                hooked += work(step);
            }
            if (part >= 1 && stage != null) {
                happens(HappeningBody.stage(Kind.STAGE_ENDED, stage));
            }
        }

        private int work(StepForm step) {
            if (!step.cautions().isEmpty()) {
                happens(HappeningBody.step(Kind.CAUTION_SIGNED, step.number(), STYLIST));
            }
            if (step.shares().isEmpty()) {
                now += PACE * step.minutesLikely();
                happens(HappeningBody.step(Kind.STEP_DONE, step.number(), null));
                return 0;
            }
            List<Integer> inHand = new ArrayList<>();
            double each = PACE * step.minutesLikely() / step.shares().size();
            for (int ref : step.shares()) {
                ShareForm share = sheet.shares().get(ref - 1);
                double takes = share.supply() == 0 ? WASTE / share.shareParts() : 0;
                if (takes > bundle) {
                    hook(inHand);
                    happens(HappeningBody.counted(Kind.BUNDLE_OPENED, 0, null, "lot 41"));
                    bundle += sheet.supplies().get(0).hair().loopsPerBundle();
                }
                bundle -= takes;
                now += each;
                inHand.add(ref);
            }
            hook(inHand);
            return step.shares().size();
        }

        private void hook(List<Integer> inHand) {
            if (!inHand.isEmpty()) {
                happens(HappeningBody.hooked(List.copyOf(inHand)));
                inHand.clear();
            }
        }

        void happens(HappeningBody w) {
            what.add(w);
            minutes.add(now);
        }

        /** All of it, so that the last happened at a moment; what is prepared was prepared the day before. */
        List<EventBody> until(Instant end) {
            List<EventBody> events = new ArrayList<>();
            for (int i = 0; i < what.size(); i++) {
                Instant at = end.minus(Duration.ofMillis(Math.round((now - minutes.get(i)) * 60_000)));
                events.add(new EventBody(DEVICE, i + 1L, i + 1L, i < earlier ? at.minus(BEFORE) : at, what.get(i)));
            }
            return events;
        }
    }
}
