package gyrotaxis.server.shelf;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/hair-lines")
class ShelfController {
    private final HairLineService service;

    ShelfController(HairLineService service) {
        this.service = service;
    }

    @GetMapping
    List<HairLineView> list() {
        return service.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    HairLineView add(@RequestBody HairLineBody body) {
        return service.add(body);
    }

    /** Puts a small set of made-up lines on the shelf, one of each texture, to plan with until her own are there. */
    @PostMapping("/starter")
    @ResponseStatus(HttpStatus.CREATED)
    List<HairLineView> addStarters() {
        return service.addStarters();
    }

    /** Takes that set off again, but for what is planned with. */
    @DeleteMapping("/starter")
    List<HairLineView> removeStarters() {
        return service.removeStarters();
    }

    @PutMapping("/{id}")
    HairLineView change(@PathVariable UUID id, @RequestBody HairLineBody body) {
        return service.change(id, body);
    }
}
