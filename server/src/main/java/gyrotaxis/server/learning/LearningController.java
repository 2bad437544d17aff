package gyrotaxis.server.learning;

import gyrotaxis.core.estimate.Known;
import gyrotaxis.server.language.LearnedBody;
import gyrotaxis.server.learning.LearningViews.LearningView;
import gyrotaxis.server.learning.LearningViews.PacksNextView;
import gyrotaxis.server.learning.LearningViews.WishBody;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class LearningController {
    private final LearningService service;

    LearningController(LearningService service) {
        this.service = service;
    }

    /** What is known of somebody's hands and of a hair, with the visits behind it. */
    @GetMapping("/learning")
    LearningView show(@RequestParam UUID stylist, @RequestParam UUID line) {
        return service.show(stylist, line);
    }

    /** The same as it would enter a brief of today; nothing in it if nothing is known. */
    @GetMapping("/learning/known")
    LearnedBody known(@RequestParam(required = false) @Nullable UUID stylist, @RequestParam UUID line) {
        LearnedBody known = service.known(Optional.ofNullable(stylist), line);
        return known == null ? new LearnedBody(null, List.of()) : known;
    }

    /** Leaves a visit out of what is learned, or takes it in again. */
    @PutMapping("/learning/visits/{id}/left-out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leaveOut(@PathVariable UUID id, @RequestBody WishBody body) {
        service.leaveOut(id, body.isWished());
    }

    /** Keeps to what is usual of a figure, or takes what was learned after all. */
    @PutMapping("/learning/{stylist}/{what}/refused")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void refuse(@PathVariable UUID stylist, @PathVariable Known what, @RequestBody WishBody body) {
        service.refuse(stylist, what, body.isWished());
    }

    /** How many packs this time. */
    @GetMapping("/plans/{id}/packs-next")
    PacksNextView packsNext(@PathVariable UUID id) {
        return service.packsNext(id);
    }
}
