package gyrotaxis.server.backup;

import gyrotaxis.server.audit.AuditAction;
import gyrotaxis.server.audit.Audited;
import gyrotaxis.server.backup.BackupBodies.BackupWishBody;
import gyrotaxis.server.backup.BackupBodies.BackupsView;
import java.nio.file.Path;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Every answer is all there is, so that a page shows at once what came of what it asked. */
@RestController
@RequestMapping("/api/backups")
class BackupController {
    private final BackupService service;

    BackupController(BackupService service) {
        this.service = service;
    }

    @GetMapping
    BackupsView backups() {
        return service.all();
    }

    @PutMapping("/wish")
    BackupsView wish(@RequestBody BackupWishBody body) {
        return service.wish(body);
    }

    /** Begins one; how far it is, is asked for. */
    @Audited(AuditAction.PUT_BOOK_DOWN)
    @PostMapping
    @ResponseStatus(HttpStatus.ACCEPTED)
    BackupsView begin() {
        return service.begin();
    }

    @DeleteMapping("/running")
    BackupsView stop() {
        return service.stop();
    }

    @Audited(AuditAction.TOOK_BOOK_OUT)
    @GetMapping(value = "/{name}", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<Resource> file(@PathVariable String name) {
        Path file = service.file(name);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(new FileSystemResource(file));
    }
}
