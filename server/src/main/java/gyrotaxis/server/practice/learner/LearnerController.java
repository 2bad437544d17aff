package gyrotaxis.server.practice.learner;

import gyrotaxis.server.practice.learner.LearnerBodies.HandsBody;
import gyrotaxis.server.practice.learner.LearnerBodies.LearnerBody;
import gyrotaxis.server.practice.learner.LearnerBodies.LearnerView;
import gyrotaxis.server.practice.learner.LearnerBodies.ProgressView;
import gyrotaxis.server.shared.Download;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/practice/learners")
class LearnerController {
    private final LearnerService service;
    private final LearnerPaper paper;

    LearnerController(LearnerService service, LearnerPaper paper) {
        this.service = service;
        this.paper = paper;
    }

    /** Who practises, by name. */
    @GetMapping
    List<LearnerView> learners() {
        return service.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    LearnerView addLearner(@RequestBody LearnerBody body) {
        return service.add(body);
    }

    /** Takes somebody off, with all that is kept of her. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeLearner(@PathVariable UUID id) {
        service.remove(id);
    }

    /** How far she is, and what she is best asked next. */
    @GetMapping("/{id}")
    ProgressView progress(@PathVariable UUID id) {
        return service.progress(id);
    }

    /** Keeps what her hands did against the clock. */
    @PostMapping("/{id}/hands")
    ProgressView handsTried(@PathVariable UUID id, @RequestBody HandsBody body) {
        return service.hands(id, body);
    }

    /** The same on paper. */
    @GetMapping(value = "/{id}/paper", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> paper(@PathVariable UUID id) {
        ProgressView progress = service.progress(id);
        return Download.of("How far " + progress.learner().name() + " is.pdf", paper.of(progress));
    }
}
