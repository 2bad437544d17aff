package gyrotaxis.server.people;

import gyrotaxis.server.people.PeopleBodies.ChairBody;
import gyrotaxis.server.people.PeopleBodies.PeopleView;
import gyrotaxis.server.people.PeopleBodies.StudioBody;
import gyrotaxis.server.people.PeopleBodies.StylistBody;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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

/** Every answer is all there is: it is little, and a page that changed something shows it anew at once. */
@RestController
@RequestMapping("/api/people")
class PeopleController {
    private final PeopleService service;

    PeopleController(PeopleService service) {
        this.service = service;
    }

    @GetMapping
    PeopleView all() {
        return service.all();
    }

    @PutMapping("/studio")
    PeopleView change(@RequestBody StudioBody body) {
        return service.change(body);
    }

    @PostMapping("/chairs")
    @ResponseStatus(HttpStatus.CREATED)
    PeopleView addChair(@RequestBody ChairBody body) {
        return service.addChair(body);
    }

    @PutMapping("/chairs/{id}")
    PeopleView renameChair(@PathVariable UUID id, @RequestBody ChairBody body) {
        return service.renameChair(id, body);
    }

    @DeleteMapping("/chairs/{id}")
    PeopleView removeChair(@PathVariable UUID id) {
        return service.removeChair(id);
    }

    @PostMapping("/stylists")
    @ResponseStatus(HttpStatus.CREATED)
    PeopleView add(@RequestBody StylistBody body) {
        return service.add(body);
    }

    @PutMapping("/stylists/{id}")
    PeopleView change(@PathVariable UUID id, @RequestBody StylistBody body) {
        return service.change(id, body);
    }

    /** Somebody leaves; {@code to} is who takes over what she has ahead. */
    @DeleteMapping("/stylists/{id}")
    PeopleView leave(@PathVariable UUID id, @RequestParam(required = false) @Nullable UUID to) {
        return service.leave(id, to);
    }
}
