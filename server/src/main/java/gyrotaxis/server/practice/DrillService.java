package gyrotaxis.server.practice;

import gyrotaxis.core.drilling.Drills;
import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.core.practice.KnotTrial;
import gyrotaxis.core.practice.Verdict;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.training.Tried;
import gyrotaxis.server.planning.DrawnView;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.shared.FieldProblem;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.Fields;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Asks drills and judges answers. A drill follows from its kind, level and seed, so none is kept. */
@Service
public class DrillService {

    private final Drills drills;
    private final Planning planning;

    DrillService(Planner planner, Planning planning) {
        this.drills = new Drills(planner);
        this.planning = planning;
    }

    /** A drill that is drawn, without what is to be found out. */
    DrillView ask(DrillKind kind, int level, int seed) {
        return view(drills.make(kind, checkedLevel(level), seed), seed);
    }

    DrillView view(Drill drill, int seed) {
        Drill.Shows shows = drill.shows();
        DrawnView head = drill.head()
                .map(planning::drawn)
                .map(d -> d.showing(shows == Drill.Shows.TAILS, shows == Drill.Shows.SHARES))
                .orElse(null);
        return DrillView.of(
                drill,
                seed,
                head,
                shows == Drill.Shows.COVER ? drill.head().map(planning::seen).orElse(null) : null);
    }

    /**
     * A drill about a plan.
     *
     * @throws FieldProblems if it cannot be asked about that
     */
    Drill about(InstallBrief brief, DrillKind kind, int level, int seed) {
        return drills.about(brief, kind, level, seed)
                .orElseThrow(
                        () -> new FieldProblems(
                                List.of(
                                        FieldProblem.of(
                                                "kind",
                                                Sentence.of(
                                                        "This cannot be asked about this plan: nothing on it decides it. Choose another drill, or another plan.")))));
    }

    /** An answer that was judged. */
    public record Judged(Drill drill, int seed, Answer answer, Verdict verdict, double seconds) {
        /** What of it is kept of whoever gave it. */
        public Tried triedAt(Instant at) {
            Optional<Tried.Guess> guess =
                    answer instanceof Answer.Said said && verdict.solution() instanceof Answer.Said so
                            ? Optional.of(new Tried.Guess(said.number(), so.number()))
                            : Optional.empty();
            return new Tried(drill.kind(), drill.level(), seed, verdict.isRight(), verdict.score(), seconds, guess, at);
        }
    }

    Judged judge(DrillKind kind, AnswerBody body) {
        Fields f = new Fields();
        int level = f.whole("level", "The level", body.level(), Drill.LEVELS);
        int seed = f.whole("seed", "The seed", body.seed(), AnswerBody.SEEDS);
        return judge(f.orRefuse(() -> drills.make(kind, level, seed)), seed, body);
    }

    Judged judge(Drill drill, int seed, AnswerBody body) {
        Answer answer = body.checkedFor(drill);
        double seconds = body.by().map(AnswerBody.By::seconds).orElse(0.0);
        return new Judged(drill, seed, answer, drill.key().judge(answer), seconds);
    }

    /** What comes of a knot, tied by usual hands. */
    KnotView tie(KnotBody body) {
        KnotBody.Checked c = body.checked();
        HairLine hair = KnotTrial.usualHair(c.texture());
        Speeds speeds = Speeds.usual(Installer.STYLIST);
        return KnotView.of(
                KnotTrial.of(hair, c.share(), c.tie(), c.demand(), speeds),
                KnotTrial.byPasses(hair, c.share(), c.tie(), c.demand(), speeds));
    }

    private static int checkedLevel(int level) {
        Fields f = new Fields();
        int checked = f.whole("level", "The level", level, Drill.LEVELS);
        return f.orRefuse(() -> checked);
    }
}
