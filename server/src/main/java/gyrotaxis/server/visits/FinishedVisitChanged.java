package gyrotaxis.server.visits;

import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.server.documents.StoredPlan;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Something new was told of a visit that is finished; said within the transaction that keeps it.
 *
 * @param basis what its sheet was made of; empty if that was not kept
 * @param isFirst whether it was not finished before
 * @param down the day on which it was taken down; empty if it still is worn
 */
public record FinishedVisitChanged(
        UUID visit,
        UUID client,
        Optional<UUID> stylist,
        LocalDate day,
        WorkSheet sheet,
        Optional<StoredPlan> basis,
        List<RecordedEvent> events,
        boolean isFirst,
        Optional<LocalDate> down) {}
