package gyrotaxis.core.chair;

import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Step;
import gyrotaxis.core.plan.WorkSheetWriter;
import gyrotaxis.core.scalp.HeadMeasures;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** A head that is being worked in a test, on one device. */
final class AtTheChair {
    static final Planner PLANNER = new Planner();
    static final Instant NINE = Instant.parse("2026-11-27T09:00:00Z");

    final InstallPlan plan;
    final WorkSheet sheet;
    final List<RecordedEvent> events = new ArrayList<>();
    private Instant now = NINE;

    AtTheChair(InstallBrief brief) {
        plan = PLANNER.plan(brief);
        sheet = WorkSheetWriter.of(plan);
    }

    static InstallBrief brief() {
        return InstallBrief.of(
                HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                FoundationBrief.of(12, 5, 12),
                HookedHeads.hair(Texture.DEEP_WAVE));
    }

    static AtTheChair usual() {
        return new AtTheChair(brief());
    }

    AtTheChair after(double minutes, VisitEvent what) {
        now = now.plus(Duration.ofMillis(Math.round(minutes * 60_000)));
        long count = events.size() + 1L;
        events.add(new RecordedEvent(new EventId("tablet", count), count, now, what));
        return this;
    }

    /** Begins to hook, and hooks the first so many shares, taking so much of the planned time. */
    AtTheChair hooks(int shares, double pace) {
        after(0, new VisitEvent.StageBegun(Stage.HOOK));
        int done = 0;
        for (Step s : sheet.steps()) {
            for (ShareRef ref : s.stage() == Stage.HOOK ? s.shares() : List.<ShareRef>of()) {
                if (done++ < shares) {
                    after(pace * s.minutes().likely() / s.shares().size(), new VisitEvent.SharesHooked(List.of(ref)));
                }
            }
        }
        return this;
    }

    AtTheChair opens(int loops) {
        return after(0, new VisitEvent.BundleOpened(0, "", OptionalInt.of(loops)));
    }

    VisitState state() {
        return VisitState.of(sheet, events);
    }

    Forecast forecast() {
        return Forecast.of(state());
    }

    Adjustments adjustments() {
        return Adjustments.of(PLANNER, new AtWork(plan, sheet), state());
    }

    double plannedLoops() {
        return sheet.shares().stream().mapToDouble(s -> s.share().ofLoop()).sum();
    }

    double loopsOfFirst(int shares) {
        return sheet.shares().stream()
                .limit(shares)
                .map(SheetShare::share)
                .mapToDouble(s -> s.ofLoop())
                .sum();
    }
}
