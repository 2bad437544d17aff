package gyrotaxis.server.book;

import gyrotaxis.server.audit.AuditAction;
import gyrotaxis.server.audit.Audited;
import gyrotaxis.server.language.HeadBody;
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

@RestController
@RequestMapping("/api/clients")
class BookController {
    private final ClientService service;

    BookController(ClientService service) {
        this.service = service;
    }

    /** Clients by name, as far as it is typed, so many from one on. */
    @GetMapping
    ClientsView list(
            @RequestParam(defaultValue = "") String typed,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "24") int most) {
        return service.list(typed, from, most);
    }

    @Audited(AuditAction.OPENED_CLIENT)
    @GetMapping("/{id}")
    ClientView show(@PathVariable UUID id) {
        return service.find(id);
    }

    @Audited(AuditAction.ADDED_CLIENT)
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ClientView add(@RequestBody ClientBody body) {
        return service.add(body);
    }

    @Audited(AuditAction.CHANGED_CLIENT)
    @PutMapping("/{id}")
    ClientView change(@PathVariable UUID id, @RequestBody ClientBody body) {
        return service.change(id, body);
    }

    @Audited(AuditAction.ERASED_CLIENT)
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@PathVariable UUID id) {
        service.erase(id);
    }

    /** Keeps a head as it was taken down today, beside the older ones. */
    @Audited(AuditAction.CHANGED_CLIENT)
    @PostMapping("/{id}/heads")
    @ResponseStatus(HttpStatus.CREATED)
    ClientView addHead(@PathVariable UUID id, @RequestBody HeadBody body) {
        return service.addHead(id, body);
    }
}
