package gyrotaxis.server.exchange;

import gyrotaxis.server.exchange.ExchangeService.FileRead;
import gyrotaxis.server.exchange.ExchangeService.Written;
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
    private final ExchangeService service;

    ExchangeController(ExchangeService service) {
        this.service = service;
    }

    /** A plan with all that it rests upon. */
    @GetMapping(value = "/api/plans/{id}/plan.json", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> planFile(@PathVariable UUID id) {
        Written written = service.written(id);
        return Download.of(written.name() + ".plan.json", written.content());
    }

    /** Reads such a file, and says what plan it makes; it is kept for a client if that is asked. */
    @PostMapping("/api/clients/{id}/plan-file")
    FileRead planFromFile(
            @PathVariable UUID id, @RequestBody JsonNode file, @RequestParam(defaultValue = "false") boolean keep) {
        return service.read(id, file, keep);
    }

    /** A pattern of rows. */
    @GetMapping(value = "/api/patterns/{id}/pattern.json", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> patternFile(@PathVariable UUID id) {
        Written written = service.pattern(id);
        return Download.of(written.name() + ".pattern.json", written.content());
    }

    @PostMapping("/api/patterns/file")
    FileRead patternFromFile(@RequestBody JsonNode file, @RequestParam(defaultValue = "false") boolean keep) {
        return service.readPattern(file, keep);
    }

    /** A method. */
    @GetMapping(value = "/api/methods/{id}/method.json", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> methodFile(@PathVariable UUID id) {
        Written written = service.method(id);
        return Download.of(written.name() + ".method.json", written.content());
    }

    @PostMapping("/api/methods/file")
    FileRead methodFromFile(@RequestBody JsonNode file, @RequestParam(defaultValue = "false") boolean keep) {
        return service.readMethod(file, keep);
    }

    /** The worksheet of a visit, with the plan that it was frozen from. */
    @GetMapping(value = "/api/visits/{id}/worksheet.json", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> sheetFile(@PathVariable UUID id) {
        Written written = service.sheet(id);
        return Download.of(written.name() + ".worksheet.json", written.content());
    }

    /** Takes a worksheet in for a client, to be worked from today on. */
    @PostMapping("/api/clients/{id}/worksheet-file")
    FileRead sheetFromFile(
            @PathVariable UUID id, @RequestBody JsonNode file, @RequestParam(defaultValue = "false") boolean keep) {
        return service.readSheet(id, file, keep);
    }
}
