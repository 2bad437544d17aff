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
        private static final double FULL = 1.1;
        private static final double FULLER = 0.3;

        /** A margin that narrows from the first level to the last. */
        double narrowing(double atFirst, double atLast) {
            return atFirst + (atLast - atFirst) * (level - 1) / (Drill.LEVELS.max() - 1);
        }

        /** A head by chance, planned. */
        InstallPlan head() {
            return planner.aside(by.head());
        }

        /** The same, worn down only, and fuller than is usual. */
        InstallPlan fullHead() {
            return planner.aside(
                    by.head().withConsultation(Consultation.plain()).withFullness(FULL + by.between(0, FULLER)));
        }

        Drill about(InstallPlan head, Drill.Shows shows, Sentence question, Ask ask, Key key) {
            return new Drill(kind, level, seed, Optional.of(head), shows, question, ask, key);
        }

        Drill inWords(Sentence question, Ask ask, Key key) {
            return new Drill(kind, level, seed, Optional.empty(), Drill.Shows.ROWS, question, ask, key);
        }
    }
}
