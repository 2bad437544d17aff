package gyrotaxis.server.stills;

import gyrotaxis.core.wear.Way;
import gyrotaxis.server.pictures.Pictures;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ThumbnailController {
    private final ThumbnailService service;

    ThumbnailController(ThumbnailService service) {
        this.service = service;
    }

    /** What is known of the pictures of some plans. */
    @GetMapping("/stills")
    List<ThumbnailView> list(@RequestParam Set<UUID> plan) {
        return service.of(plan);
    }

    /** A plan's picture; its address carries when it was kept, so it may be held on to. */
    @GetMapping(value = "/plans/{id}/still", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> show(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(service.picture(id).jpeg());
    }

    /** Keeps a plan's picture, drawn from what {@code of} says. */
    @PutMapping(
            value = "/plans/{id}/still",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    ThumbnailView keep(
            @PathVariable UUID id,
            @RequestParam String of,
            @RequestParam double round,
            @RequestParam double up,
            @RequestParam String skin,
            @RequestParam Way way,
            @RequestParam(required = false) @Nullable Integer part,
            @RequestParam(defaultValue = "0") double day,
            @RequestParam(defaultValue = "false") boolean pinned,
            @RequestBody byte[] file) {
        return service.keep(id, of, new Sight(round, up, skin, way, part, day), pinned, Pictures.of(file));
    }
}
