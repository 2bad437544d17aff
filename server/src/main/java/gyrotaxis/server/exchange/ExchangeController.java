package gyrotaxis.server.exchange;

import gyrotaxis.server.exchange.ExchangeDesk.PlanRead;
import gyrotaxis.server.exchange.ExchangeDesk.Written;
import gyrotaxis.server.shared.Download;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

@RestController
class ExchangeController {
    private final ExchangeDesk desk;

    ExchangeController(ExchangeDesk desk) {
        this.desk = desk;
    }

    /** A plan with all that it rests upon. */
    @GetMapping(value = "/api/plans/{id}/plan.json", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> planFile(@PathVariable UUID id) {
        Written written = desk.written(id);
        return Download.of(written.name() + ".plan.json", written.content());
    }

    /** Reads such a file, and says what plan it makes; it is kept for a client if that is asked. */
    @PostMapping("/api/clients/{id}/plan-file")
    PlanRead planFromFile(
            @PathVariable UUID id, @RequestBody JsonNode file, @RequestParam(defaultValue = "false") boolean keep) {
        return desk.read(id, file, keep);
    }
}
