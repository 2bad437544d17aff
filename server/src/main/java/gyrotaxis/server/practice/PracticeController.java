package gyrotaxis.server.practice;

import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.server.practice.learner.LearnerService;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/practice")
class PracticeController {
    private final PracticeService service;
    private final DrillService drills;
    private final LearnerService learners;

    PracticeController(PracticeService service, DrillService drills, LearnerService learners) {
        this.service = service;
        this.drills = drills;
        this.learners = learners;
    }

    /** Made-up heads with their plans, to try things out on. */
    @GetMapping("/heads")
    List<PracticeHead> heads() {
        return service.heads();
    }

    /** What can be drilled. */
    @GetMapping("/drills")
    List<DrillKindView> kinds() {
        return Arrays.stream(DrillKind.values()).map(DrillKindView::of).toList();
    }

    /**
     * A drill.
     *
     * @param level from 1 to 5
     * @param seed the same makes the same drill
     */
    @GetMapping("/drills/{kind}")
    DrillView drill(@PathVariable DrillKind kind, @RequestParam int level, @RequestParam int seed) {
        return drills.ask(kind, level, seed);
    }

    /** What an answer to a drill is worth; kept where somebody is said to have given it. */
    @PostMapping("/drills/{kind}/judged")
    VerdictView judged(@PathVariable DrillKind kind, @RequestBody AnswerBody answer) {
        DrillService.Judged judged = drills.judge(kind, answer);
        answer.by().ifPresent(by -> learners.tried(by.learner(), judged));
        return VerdictView.of(judged.verdict());
    }

    /** What comes of a share that is tied in some way; keeps nothing. */
    @PostMapping("/knots")
    KnotView knot(@RequestBody KnotBody knot) {
        return drills.tie(knot);
    }

    /** A kind of drill; {@code task} says what is done in it, {@code isOfHead} whether it can be asked about any plan. */
    record DrillKindView(DrillKind kind, String words, String task, boolean isOfHead) {
        static DrillKindView of(DrillKind kind) {
            return new DrillKindView(kind, kind.words(), kind.task(), kind.isOfHead());
        }
    }
}
