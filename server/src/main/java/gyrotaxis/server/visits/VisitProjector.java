package gyrotaxis.server.visits;

import gyrotaxis.core.care.Afterwards;
import gyrotaxis.core.care.FollowUp;
import gyrotaxis.core.chair.Account;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.server.diary.Links;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.visits.followup.FollowUpRepository;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** What follows when something was told of a visit: how far it is, what the shelf holds, what is to be looked after, what is learned. */
@Component
public class VisitProjector {
    private final VisitRepository visits;
    private final VisitLoader works;
    private final FollowUpRepository followUps;
    private final ChairStock stock;
    private final Links diary;
    private final StudioDay day;
    private final ApplicationEventPublisher events;

    VisitProjector(
            VisitRepository visits,
            VisitLoader works,
            FollowUpRepository followUps,
            ChairStock stock,
            Links diary,
            StudioDay day,
            ApplicationEventPublisher events) {
        this.visits = visits;
        this.works = works;
        this.followUps = followUps;
        this.stock = stock;
        this.diary = diary;
        this.day = day;
        this.events = events;
    }

    /** Within the transaction that keeps the events. */
    void told(UUID id, List<RecordedEvent> fresh) {
        VisitLoader.Work work = works.of(id);
        boolean wasFinished = visits.told(id).map(VisitSummary::isFinished).orElse(false);
        VisitSummary told = keep(work);
        if (ChairStock.isMovedBy(fresh)) {
            stock.settle(work);
        }
        if (told.isFinished() && !wasFinished) {
            last(work, VisitEvent.Finished.class).ifPresent(at -> diary.done(id, at));
            work.ready().head().ifPresent(h -> lookAfter(work, h.plan().brief()));
        }
        if (told.isDown()) {
            followUps.ofVisit(id).stream()
                    .filter(k -> k.what() == FollowUp.TAKEDOWN && k.outcome().isEmpty())
                    .forEach(k -> followUps.tell(new FollowUpRepository.Kept(
                            k.id(),
                            k.client(),
                            k.visit(),
                            k.what(),
                            k.due(),
                            Optional.of(FollowUp.Outcome.DONE),
                            Optional.of(down(work)),
                            "")));
        }
        publish(work, told, !wasFinished);
    }

    /** Once more, because something was told of how it wore. */
    public void toldAfterwards(UUID id) {
        VisitLoader.Work work = works.of(id);
        publish(work, keep(work), false);
    }

    /** How far a visit is, worked out anew and kept. */
    VisitSummary keep(VisitLoader.Work work) {
        VisitSummary told = VisitSummary.of(work);
        visits.tell(work.visit().id(), told);
        return told;
    }

    private void publish(VisitLoader.Work work, VisitSummary told, boolean isFirst) {
        if (told.isFinished()) {
            Visit v = work.visit();
            events.publishEvent(new FinishedVisitChanged(
                    v.id(),
                    v.clientId(),
                    v.stylist(),
                    v.day(),
                    work.ready().sheet(),
                    work.ready().frozen().basis(),
                    work.events(),
                    isFirst,
                    told.isDown() ? Optional.of(down(work)) : Optional.empty()));
        }
    }

    private LocalDate down(VisitLoader.Work work) {
        return last(work, VisitEvent.TakenDown.class)
                .map(day::of)
                .orElse(work.visit().day());
    }

    /** When something of a kind happened last. */
    private static Optional<Instant> last(VisitLoader.Work work, Class<? extends VisitEvent> kind) {
        return work.events().stream()
                .filter(e -> kind.isInstance(e.what()))
                .map(RecordedEvent::at)
                .max(Comparator.naturalOrder());
    }

    private void lookAfter(VisitLoader.Work work, InstallBrief brief) {
        Account account = Account.of(work.ready().sheet(), work.events());
        Afterwards after =
                account.isMuch(account.slippedInAll()) ? brief.afterwards().slidAtTheChair() : brief.afterwards();
        Visit v = work.visit();
        followUps.add(after.due(v.day(), brief.consultation().weeks()).stream()
                .map(d -> new FollowUpRepository.Kept(
                        UUID.nameUUIDFromBytes((v.id() + " " + d.what()).getBytes(StandardCharsets.UTF_8)),
                        v.clientId(),
                        v.id(),
                        d.what(),
                        d.day(),
                        Optional.empty(),
                        Optional.empty(),
                        ""))
                .toList());
    }
}
