package gyrotaxis.core.drilling;

import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.RimBrief.Run;
import gyrotaxis.core.foundation.RimBrief.Stretch;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.core.practice.Key;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.wear.Way;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes drills of one kind. */
interface Maker {
    /** A drill by chance; empty where chance made up a head on which it cannot be asked. */
    Optional<Drill> make(Draft draft);

    /**
     * What a drill is made from.
     *
     * @param by chance, for this drill alone
     * @param on the head it is to be asked of; empty where one is made up
     */
    record Draft(Planner planner, DrillKind kind, int level, long seed, MadeUp by, Optional<InstallBrief> on) {
        private static final double FULL = 1.1;
        private static final double FULLER = 0.3;
        private static final double EDGE_MM = 12;
        private static final double SINGLE_MM = 14;
        private static final int MIN_SINGLES = 6;
        private static final int MAX_SINGLES = 11;

        /** From here on singles sit in two lines. */
        private static final int STAGGERED_FROM = 4;

        /** A margin that narrows from the first level to the last. */
        double narrowing(double atFirst, double atLast) {
            return atFirst + (atLast - atFirst) * (level - 1) / (Drill.LEVELS.max() - 1);
        }

        /** A head by chance, planned. */
        InstallPlan head() {
            return planner.aside(on.orElseGet(by::head));
        }

        /** The same, worn down only, and fuller than is usual. */
        InstallPlan fullHead() {
            return planner.aside(on.map(b -> b.withConsultation(Consultation.plain()))
                    .orElseGet(() -> by.head()
                            .withConsultation(Consultation.plain())
                            .withFullness(FULL + by.between(0, FULLER))));
        }

        /** The same with something along its edge, or not, that goes up. */
        InstallPlan edgedHead() {
            if (on.isPresent()) {
                return planner.aside(on.get());
            }
            InstallBrief head = by.head();
            RimBrief rim = by.one(List.of(
                    RimBrief.plain(),
                    RimBrief.plain().withPerimeter(RimBrief.Where.ALL_ROUND, EDGE_MM),
                    RimBrief.plain().withPerimeter(RimBrief.Where.SIDES_AND_NAPE, EDGE_MM)));
            return planner.aside(head.withFoundation(head.foundation().withRim(rim))
                    .withConsultation(Consultation.plain().wornAs(EnumSet.of(Way.DOWN, Way.HIGH_PONYTAIL))));
        }

        /** The same with singles along the nape. */
        InstallPlan headOfSingles() {
            if (on.isPresent()) {
                return planner.aside(on.get());
            }
            InstallBrief head = by.head();
            int count = (int) Math.rint(by.between(MIN_SINGLES, MAX_SINGLES));
            int lines = level < STAGGERED_FROM ? 1 : 2;
            Individuals singles =
                    new Individuals(Map.of(Stretch.NAPE, new Run(lines, count)), 0, SINGLE_MM, false, false);
            return planner.aside(head.withFoundation(
                    head.foundation().withRim(RimBrief.plain().withIndividuals(singles))));
        }

        Drill about(InstallPlan head, Drill.Shows shows, Sentence question, Ask ask, Key key) {
            return new Drill(kind, level, seed, Optional.of(head), shows, question, ask, key);
        }

        Drill inWords(Sentence question, Ask ask, Key key) {
            return new Drill(kind, level, seed, Optional.empty(), Drill.Shows.ROWS, question, ask, key);
        }
    }
}
