package gyrotaxis.server.visits;

import gyrotaxis.core.chair.Adjustment;
import gyrotaxis.core.chair.Forecast.Lasts;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.wear.Way;
import gyrotaxis.server.documents.StoredWorksheet;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is answered about visits. */
final class Views {
    private Views() {}

    /** A visit to be begun; its id is made by the device, so that asking twice begins one. */
    record BeginBody(
            @Nullable String id,
            @Nullable String planId,
            @Nullable @Schema(nullable = true) String stylistId) {}

    /** Events that a device sends, in any order. */
    record EventsBody(@Nullable List<RecordedEventRequest> events) {}

    /**
     * How far a visit is, for a list.
     *
     * @param planId the plan its sheet was frozen from; null once that is gone
     * @param planName what that was called then
     * @param shares shares of the sheet that were not left out
     * @param hooked how many of them sit on the head
     * @param stage what is worked next; null if nothing is left
     * @param isBegun whether anything happened yet
     * @param isDown whether it is taken down again
     * @param usedLoops loops of the main hair that went in
     * @param minutes minutes in the chair
     * @param lastTime the visit in one sentence; empty until it is finished
     */
    record VisitTile(
            UUID id,
            UUID clientId,
            String clientName,
            @Nullable @Schema(nullable = true) UUID planId,
            String planName,
            LocalDate day,
            @Nullable @Schema(nullable = true) UUID stylistId,
            int shares,
            int hooked,
            @Nullable @Schema(nullable = true) Stage stage,
            boolean isBegun,
            boolean isFinished,
            boolean isDown,
            int pictures,
            double usedLoops,
            double minutes,
            String lastTime) {}

    /** Up to where what a device sent is here without a gap. */
    record Seen(String device, long upTo) {}

    /** An event that is kept but not worked with, and why. */
    record Unfit(String device, long count, String problem) {}

    /**
     * Everything of a visit that the chair works with.
     *
     * @param arrived the place of the newest event among all that ever arrived; 0 if there is none
     */
    record VisitView(
            VisitTile visit,
            StoredWorksheet sheet,
            List<RecordedEventResponse> events,
            List<Seen> seen,
            List<Unfit> unfit,
            long arrived) {}

    /**
     * What arrived after something.
     *
     * @param arrived the place of the last of them; ask for what came after that
     * @param hasMore whether there is more
     */
    record ArrivedView(
            List<RecordedEventResponse> events, List<Seen> seen, List<Unfit> unfit, long arrived, boolean hasMore) {}

    /** Low, likely and high. */
    record LikelyRange(double low, double likely, double high) {
        static LikelyRange of(Estimate e) {
            return new LikelyRange(e.low(), e.likely(), e.high());
        }
    }

    /**
     * One hair, and what it comes to.
     *
     * @param there loops that are there in all
     * @param endsBefore the share for which none is left; null if it lasts
     * @param why how the total comes about, one step after the other
     */
    record HairOutlook(
            int supply,
            double inLoops,
            double perLoop,
            LikelyRange total,
            double there,
            LikelyRange bundles,
            Lasts lasts,
            @Nullable @Schema(nullable = true) Integer endsBefore,
            List<List<Piece>> why) {}

    /** How far it was: minutes of hooking, loops on the head. */
    record CoursePoint(double minutes, double loops) {}

    /** A place where skin shows. */
    record ShownGap(List<Piece> place, double areaMm2, double x, double y, Zone zone) {}

    /** What shows, in the way in which most does. */
    record ShownView(
            double exposed,
            Way way,
            int part,
            String wayWords,
            double fullness,
            double gapsMm2,
            boolean covers,
            List<ShownGap> gaps) {}

    /**
     * Something else she can do.
     *
     * @param what the event, if she takes it
     * @param minutes how much longer it takes; less than 0 where it is quicker
     */
    record OptionView(
            Adjustment kind,
            String words,
            String says,
            VisitEvent what,
            double savesLoops,
            double minutes,
            @Nullable @Schema(nullable = true) Long costMinor,
            @Nullable @Schema(nullable = true) String currency,
            ShownView shows,
            boolean lasts) {}

    /**
     * What it will come to.
     *
     * @param arrived up to which event this was worked out
     * @param whyMinutes how the minutes that are left come about, one step after the other
     * @param due what comes after the install, in order of the day; empty if the head was not frozen with the sheet
     * @param goingOn what will show if she goes on for as long as there is hair; null if the head was not frozen with the sheet
     */
    record OutlookView(
            long arrived,
            List<HairOutlook> hair,
            LikelyRange minutesLeft,
            List<List<Piece>> whyMinutes,
            double paceOfHooking,
            List<CoursePoint> planned,
            List<CoursePoint> gone,
            List<CoursePoint> ahead,
            @Nullable @Schema(nullable = true) ShownView now,
            @Nullable @Schema(nullable = true) ShownView goingOn,
            boolean mayStop,
            List<OptionView> options,
            List<DueView> due) {}

    /** What falls due on a day after the install. */
    record DueView(LocalDate day, String words) {}

    /** One fill that is proposed. */
    record ChairFillView(
            String row, double at, double x, double y, int shareParts, int trial, List<Piece> why, VisitEvent what) {}

    /** One way that was tried on what is really hooked. */
    record ChairTrialView(
            Way way,
            int part,
            String words,
            double exposed,
            double exposedAfter,
            int gaps,
            int gapsAfter,
            List<ShownGap> shown) {}

    /** What to try, and where to fill. */
    record ChairFillsView(List<ChairTrialView> trials, List<ChairFillView> fills, List<List<Piece>> left) {}

    /** A picture that was kept. */
    record PictureView(UUID id, int width, int height) {}
}
