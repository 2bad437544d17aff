package gyrotaxis.server.diary;

import gyrotaxis.core.diary.Occasion;
import gyrotaxis.core.quantity.Estimate;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is asked and answered about appointments. Days and minutes are those of the studio's clock. */
final class Bodies {
    private Bodies() {}

    /**
     * Some days of the book.
     *
     * @param today the day it is here, whatever it is elsewhere
     * @param nowMinute minutes after midnight
     */
    record DiaryView(
            LocalDate today,
            int nowMinute,
            String zone,
            int gapMinutes,
            List<ChairLine> chairs,
            List<StylistLine> stylists,
            List<AppointmentView> appointments) {}

    /** A chair. */
    record ChairLine(UUID id, String name) {}

    /** Somebody, and when she works on each of the days asked for. */
    record StylistLine(UUID id, String name, List<WorkDay> days) {}

    /** A day of somebody's; without minutes she is not here, and {@code why} says why if that was said. */
    record WorkDay(
            LocalDate day,
            @Nullable @Schema(nullable = true) Integer fromMinute,
            @Nullable @Schema(nullable = true) Integer untilMinute,
            String why) {}

    /**
     * An appointment as it is shown.
     *
     * @param fromMinute minutes after midnight of its day
     * @param untilMinute likewise; over 1440 if it ends on the next day
     * @param minutes how long it lasts; on days on which the clocks change not what lies between the two
     * @param isInHours whether whoever does it is here all the while
     */
    record AppointmentView(
            UUID id,
            Occasion occasion,
            String words,
            LocalDate day,
            int fromMinute,
            int untilMinute,
            int minutes,
            @Nullable @Schema(nullable = true) UUID chairId,
            UUID stylistId,
            @Nullable @Schema(nullable = true) UUID clientId,
            String clientName,
            @Nullable @Schema(nullable = true) UUID planId,
            String planName,
            @Nullable @Schema(nullable = true) UUID visitId,
            @Nullable @Schema(nullable = true) UUID belongsTo,
            Booked.State state,
            String note,
            boolean isInHours,
            int version) {}

    /**
     * An appointment to be made or changed.
     *
     * @param id made by whoever asks, so that asking twice makes one
     * @param minute minutes after midnight at which it begins
     * @param minutes how long it lasts
     * @param version the version this was read with; 0 for a new one
     */
    record AppointmentBody(
            @Nullable String id,
            @Nullable Occasion occasion,
            @Nullable @Schema(nullable = true) String clientId,
            @Nullable @Schema(nullable = true) String planId,
            @Nullable LocalDate day,
            @Nullable Integer minute,
            @Nullable Integer minutes,
            @Nullable @Schema(nullable = true) String chairId,
            @Nullable String stylistId,
            @Nullable @Schema(nullable = true) String belongsTo,
            @Nullable String note,
            int version) {}

    /** Appointments that are made together or not at all: sittings, and what is prepared for them. */
    record NewBody(@Nullable List<AppointmentBody> appointments) {}

    /** What became of an appointment. */
    record StateBody(Booked.@Nullable State state, int version) {}

    /** One runs late: it will be over at so many minutes after midnight of its day. */
    record LateBody(@Nullable Integer untilMinute) {}

    /** What was moved because one ran late. */
    record LateView(List<AppointmentView> moved) {}

    /** A time that is looked for. */
    record WantedBody(
            @Nullable Occasion occasion,
            @Nullable @Schema(nullable = true) String planId,
            @Nullable @Schema(nullable = true) String stylistId,
            @Nullable LocalDate day,
            @Nullable @Schema(nullable = true) Integer minute,
            @Nullable @Schema(nullable = true) Integer minutes) {}

    /**
     * When it can be.
     *
     * @param minutes how long it takes for this plan
     * @param prepareMinutes how long its hair takes to be prepared; 0 if nothing is
     * @param words the offers as one says them
     */
    record FreeView(MinutesView minutes, int prepareMinutes, String words, List<OfferView> offers) {}

    /** Low, likely and high, minutes. */
    record MinutesView(double low, double likely, double high) {
        static MinutesView of(Estimate e) {
            return new MinutesView(e.low(), e.likely(), e.high());
        }
    }

    /** One time. */
    record OfferView(
            String words,
            List<TimeView> sittings,
            @Nullable @Schema(nullable = true) TimeView prepared) {}

    /** When, where, by whom. */
    record TimeView(
            LocalDate day,
            int minute,
            int minutes,
            @Nullable @Schema(nullable = true) UUID chairId,
            UUID stylistId) {}
}
