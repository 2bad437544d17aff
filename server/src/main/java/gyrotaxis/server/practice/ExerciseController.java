package gyrotaxis.server.practice;

import gyrotaxis.server.practice.ExerciseBodies.ExerciseBody;
import gyrotaxis.server.practice.ExerciseBodies.ExerciseView;
import gyrotaxis.server.practice.learner.LearnerService;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/practice/exercises")
class ExerciseController {
    private final ExerciseService service;
    private final LearnerService learners;

    ExerciseController(ExerciseService service, LearnerService learners) {
        this.service = service;
        this.learners = learners;
    }

    /** Drills that were made of plans, the newest first. */
    @GetMapping
    List<ExerciseView> exercises() {
        return service.all();
    }

    /** Makes a drill of a plan; refused where it cannot be asked about that. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ExerciseView makeExercise(@RequestBody ExerciseBody body) {
        return service.make(body);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeExercise(@PathVariable UUID id) {
        service.remove(id);
    }

    /** Its question. */
    @GetMapping("/{id}")
    DrillView exercise(@PathVariable UUID id) {
        return service.ask(id);
    }

    /** What an answer to it is worth; its own level and seed are meant, whatever is sent. */
    @PostMapping("/{id}/judged")
    VerdictView judgedExercise(@PathVariable UUID id, @RequestBody AnswerBody answer) {
        DrillService.Judged judged = service.judge(id, answer);
        answer.by().ifPresent(by -> learners.tried(by.learner(), judged));
        return VerdictView.of(judged.verdict());
    }
}
