package gyrotaxis.server.clientfile;

import gyrotaxis.server.audit.AuditAction;
import gyrotaxis.server.audit.Audited;
import gyrotaxis.server.clientfile.Consents.Consent;
import gyrotaxis.server.clientfile.Consents.SignBody;
import gyrotaxis.server.shared.Download;
import gyrotaxis.server.text.FoldedText;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/clients/{id}")
class ClientFileController {
    private final ClientFile file;
    private final Consents consents;

    ClientFileController(ClientFile file, Consents consents) {
        this.file = file;
        this.consents = consents;
    }

    /** All that is kept of her, as one archive. */
    @Audited(AuditAction.EXPORTED_CLIENT)
    @GetMapping(value = "/file", produces = "application/zip")
    ResponseEntity<byte[]> file(@PathVariable UUID id) throws IOException {
        String name = FoldedText.of(file.nameOf(id)).replaceAll("[^a-z0-9]+", "-");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        file.write(id, out);
        return Download.of(name + ".zip", out.toByteArray());
    }

    @GetMapping("/consents")
    List<Consent> consents(@PathVariable UUID id) {
        return consents.of(id);
    }

    /** What would be signed for a plan. */
    @GetMapping("/consents/to-sign")
    Consent toSign(@PathVariable UUID id, @RequestParam UUID plan) {
        return consents.toSign(id, plan);
    }

    @Audited(AuditAction.SIGNED_CONSENT)
    @PostMapping("/consents")
    @ResponseStatus(HttpStatus.CREATED)
    Consent sign(@PathVariable UUID id, @RequestBody SignBody body) {
        return consents.sign(id, body);
    }
}
