package gyrotaxis.server.visits;

import gyrotaxis.core.care.FollowUp;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.VisitState;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.visits.followup.FollowUpRepository;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Visits as they are worked: what is worked from, and all that happened that makes sense. */
@Component
class VisitLoader {
    private final VisitRepository visits;
    private final Heads heads;
    private final FollowUpRepository followUps;

    VisitLoader(VisitRepository visits, Heads heads, FollowUpRepository followUps) {
        this.visits = visits;
        this.heads = heads;
        this.followUps = followUps;
    }

    /**
     * A visit as it is worked.
     *
     * @param outcomes what was told of it while it was worn
     * @param arrived the place of the newest event among all that ever arrived; 0 if there is none
     */
    record Work(
            Visit visit, Heads.Ready ready, List<RecordedEvent> events, List<FollowUp.Outcome> outcomes, long arrived) {
        VisitState state() {
            return VisitState.of(ready.sheet(), events);
        }
    }

    Work of(UUID id) {
        Visit visit = visits.find(id).orElseThrow(() -> new NotFound("This visit is no longer in the book."));
        List<KeptEvent> all = visits.events(id, 0, Integer.MAX_VALUE);
        return new Work(
                visit,
                heads.of(visit.sheetId()),
                fit(all),
                followUps.ofVisit(id).stream()
                        .flatMap(f -> f.outcome().stream())
                        .toList(),
                all.isEmpty() ? 0 : all.get(all.size() - 1).arrived());
    }

    static List<RecordedEvent> fit(List<KeptEvent> events) {
        return events.stream().flatMap(e -> e.event().stream()).toList();
    }
}
