package gyrotaxis.core.practice;

import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.quantity.Sentence;
import java.util.Optional;

/** Makes drills of one kind. */
interface Maker {
    /** A drill by chance; empty where chance made up a head on which it cannot be asked. */
    Optional<Drill> make(Draft draft);

    /**
     * What a drill is made from.
     *
     * @param by chance, for this drill alone
     */
    record Draft(Planner planner, DrillKind kind, int level, long seed, MadeUp by) {
        /** A head by chance, planned. */
        InstallPlan head() {
            return planner.aside(by.head());
        }

        /** The same, worn down only. */
        InstallPlan headWornDown() {
            return planner.aside(by.head().withConsultation(Consultation.plain()));
        }

        Drill about(InstallPlan head, Drill.Shows shows, Sentence question, Ask ask, Key key) {
            return new Drill(kind, level, seed, Optional.of(head), shows, question, ask, key);
        }

        Drill inWords(Sentence question, Ask ask, Key key) {
            return new Drill(kind, level, seed, Optional.empty(), Drill.Shows.ROWS, question, ask, key);
        }
    }
}
