package gyrotaxis.server.practice;

import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.server.documents.StoredPlan;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.practice.ExerciseBodies.ExerciseBody;
import gyrotaxis.server.practice.ExerciseBodies.ExerciseView;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shelf.HairLineRepository;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes drills of plans, and asks and judges them. */
@Service
class ExerciseService {
    private final ExerciseRepository exercises;
    private final DrillService drills;
    private final Planning planning;
    private final HairLineRepository shelf;
    private final Clock clock;

    ExerciseService(
            ExerciseRepository exercises,
            DrillService drills,
            Planning planning,
            HairLineRepository shelf,
            Clock clock) {
        this.exercises = exercises;
        this.drills = drills;
        this.planning = planning;
        this.shelf = shelf;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<ExerciseView> all() {
        return exercises.all().stream().map(ExerciseView::of).toList();
    }

    /** Keeps a drill about a plan, if it can be asked about it; nothing is held open while that is tried. */
    ExerciseView make(ExerciseBody body) {
        ExerciseBody.Checked c = body.check();
        InstallBrief brief = planning.plan(c.brief()).brief();
        drills.about(brief, c.kind(), c.level(), c.seed());
        Exercise made = new Exercise(
                UUID.randomUUID(),
                c.name(),
                c.kind(),
                c.level(),
                c.seed(),
                StoredPlan.of(c.brief().ofNobody(), shelf),
                clock.instant().truncatedTo(ChronoUnit.MILLIS));
        exercises.add(made);
        return ExerciseView.of(made);
    }

    @Transactional
    void remove(UUID id) {
        if (!exercises.remove(id)) {
            throw nothing();
        }
    }

    /** The question, without what is to be found out. */
    DrillView ask(UUID id) {
        Exercise e = known(id);
        return drills.view(drills.about(planning.briefThen(e.plan()), e.kind(), e.level(), e.seed()), e.seed());
    }

    DrillService.Judged judge(UUID id, AnswerBody answer) {
        Exercise e = known(id);
        return drills.judge(
                drills.about(planning.briefThen(e.plan()), e.kind(), e.level(), e.seed()), e.seed(), answer);
    }

    private Exercise known(UUID id) {
        return exercises.find(id).orElseThrow(ExerciseService::nothing);
    }

    private static NotFound nothing() {
        return new NotFound("There is no such exercise any more; it may have been taken away.");
    }
}
