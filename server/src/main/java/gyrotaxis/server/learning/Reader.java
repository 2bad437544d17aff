package gyrotaxis.server.learning;

import gyrotaxis.core.chair.Account;
import gyrotaxis.core.learn.Afterlife;
import gyrotaxis.core.learn.Observer;
import gyrotaxis.core.learn.Seen;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.server.documents.StoredPlan;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.visits.FinishedVisitChanged;
import gyrotaxis.server.visits.followup.FollowUpService;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Reads off every finished visit what it teaches, whenever something new is told of it; within the transaction that keeps it. */
@Component
class Reader {
    private final LessonRepository lessons;
    private final Planning planning;
    private final FollowUpService after;

    Reader(LessonRepository lessons, Planning planning, FollowUpService after) {
        this.lessons = lessons;
        this.planning = planning;
        this.after = after;
    }

    @EventListener
    void told(FinishedVisitChanged told) {
        if (told.basis().isEmpty()) {
            return;
        }
        StoredPlan basis = told.basis().get();
        InstallBrief brief = planning.briefThen(basis);
        Account account = Account.of(told.sheet(), told.events());
        Afterlife wore = Afterlife.of(told.day(), after.told(told.visit()), account.hooked(), told.down());
        lessons.keep(new LessonRepository.Kept(
                new Seen(
                        told.visit(),
                        told.day(),
                        told.stylist(),
                        brief.hair().texture(),
                        basis.brief().mainHair().map(LineId::new),
                        Observer.of(told.sheet(), brief, told.events(), wore)),
                brief.fullness(),
                account.main().used(),
                false));
    }
}
