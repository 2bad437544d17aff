package gyrotaxis.server.visits;

import gyrotaxis.core.chair.Account;
import gyrotaxis.core.chair.VisitState;
import gyrotaxis.core.learn.LastTime;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Step;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How far a visit is, as its events tell; kept beside them for lists.
 *
 * @param shares shares of the sheet that were not left out
 * @param hooked how many of them sit on the head
 * @param stage what is worked next; null if nothing is left
 * @param lastTime the visit in one sentence, as far as it is known; empty until it is finished
 */
record VisitSummary(
        int shares,
        int hooked,
        @Nullable Stage stage,
        boolean isBegun,
        boolean isFinished,
        boolean isDown,
        int pictures,
        double usedLoops,
        double minutes,
        String lastTime) {
    static final VisitSummary NOTHING = new VisitSummary(0, 0, null, false, false, false, 0, 0, 0, "");
    private static final int MAX_LENGTH = 600;

    static VisitSummary of(VisitLoader.Work work) {
        VisitState state = work.state();
        Account account = Account.of(work.ready().sheet(), work.events());
        int hooked = state.hooked().size();
        String sentence = state.isFinished() ? LastTime.of(account, state.takedown(), Set.copyOf(work.outcomes())) : "";
        return new VisitSummary(
                hooked + state.toDo().size(),
                hooked,
                state.next().map(Step::stage).orElse(null),
                !work.events().isEmpty(),
                state.isFinished(),
                state.takedown().isOver(),
                state.pictures().size(),
                account.main().used(),
                account.minutes().stream()
                        .filter(m -> m.stage() != Stage.PREPARE && m.stage() != Stage.TAKE_DOWN)
                        .mapToDouble(m -> m.taken().orElse(0))
                        .sum(),
                sentence.length() > MAX_LENGTH ? sentence.substring(0, MAX_LENGTH) : sentence);
    }
}
