package gyrotaxis.server.contacts;

import gyrotaxis.server.contacts.ContactService.CardsRead;
import gyrotaxis.server.shared.Download;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CardsController {
    private static final String CARDS = "text/vcard";

    private final ContactService service;

    CardsController(ContactService service) {
        this.service = service;
    }

    /** All clients. */
    @GetMapping(value = "/api/clients/cards.vcf", produces = CARDS)
    ResponseEntity<byte[]> cards() {
        return Download.of("clients.vcf", service.written());
    }

    /** Reads cards, and says who would be new or changed; it is done if that is asked, all or nothing. */
    @PostMapping(value = "/api/clients/cards", consumes = CARDS)
    CardsRead takenIn(@RequestBody byte[] file, @RequestParam(defaultValue = "false") boolean keep) {
        return service.read(file, keep);
    }
}
