package gyrotaxis.server.plans;

import gyrotaxis.server.language.BriefBody;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

@RestController
@RequestMapping("/api")
class PlanController {
    private final PlanService service;

    PlanController(PlanService service) {
        this.service = service;
    }

    /** The plans that were changed last, the newest first. */
    @GetMapping("/plans")
    List<SavedPlanView> list(@RequestParam(defaultValue = "200") int most) {
        return service.latest(most);
    }

    @GetMapping("/plans/{id}")
    SavedPlanView show(@PathVariable UUID id) {
        return service.find(id);
    }

    /** Plans of some clients, the last changed first, each with as much of it as a tile in the book shows. */
    @GetMapping("/plans/tiles")
    List<PlanTileView> tiles(@RequestParam Set<UUID> client) {
        return service.tiles(client);
    }

    /** A brief that was kept in a browser, in whatever format it was kept there. */
    @PostMapping("/plans/opened")
    BriefBody opened(@RequestBody JsonNode document) {
        return service.opened(document);
    }

    @PostMapping("/plans")
    @ResponseStatus(HttpStatus.CREATED)
    SavedPlanView begin(@RequestBody NewPlanBody body) {
        return service.begin(body);
    }

    @PutMapping("/plans/{id}")
    SavedPlanView change(@PathVariable UUID id, @RequestBody PlanBody body) {
        return service.change(id, body);
    }

    @DeleteMapping("/plans/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        service.remove(id);
    }

    /** Freezes a plan into a worksheet, from which the work at the chair starts. */
    @PostMapping("/plans/{id}/worksheets")
    @ResponseStatus(HttpStatus.CREATED)
    KeptSheet freeze(@PathVariable UUID id) {
        return service.freeze(id);
    }

    @GetMapping("/worksheets/{id}")
    KeptSheet sheet(@PathVariable UUID id) {
        return service.sheet(id);
    }
}
