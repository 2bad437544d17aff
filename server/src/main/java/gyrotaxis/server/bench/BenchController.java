package gyrotaxis.server.bench;

import gyrotaxis.core.balance.BalanceStopped;
import gyrotaxis.core.install.HookingException;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
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
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.json.JsonMapper;

@RestController
@RequestMapping("/api")
class BenchController {
    private static final String NDJSON = "application/x-ndjson";

    private final PlanDesk desk;
    private final JsonMapper json;

    BenchController(PlanDesk desk, JsonMapper json) {
        this.desk = desk;
        this.json = json;
    }

    @PostMapping("/plan")
    PlanView compute(@RequestBody BriefBody brief) {
        return desk.compute(brief);
    }

    @PostMapping("/plan/worn")
    WornPlanView computeWorn(@RequestBody WearBody body) {
        return desk.computeWorn(body);
    }

    @PostMapping("/plan/solid")
    SolidView solid(@RequestBody BriefBody brief) {
        return desk.solid(brief);
    }

    @PostMapping("/fills")
    FillsView fills(@RequestBody BriefBody brief) {
        return desk.fills(brief);
    }

    @PostMapping("/wear")
    WornView wear(@RequestBody WearBody body) {
        return desk.wear(body);
    }

    /**
     * Balances, and tells line by line how far it is; the last line holds what it came to. Whoever hangs up stops it.
     */
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = NDJSON, schema = @Schema(implementation = BalanceLine.class)))
    @PostMapping(value = "/balance", produces = NDJSON)
    ResponseEntity<StreamingResponseBody> balance(@RequestBody BalanceBody body) {
        PlanDesk.Balancing balancing = desk.balancing(body);
        return ResponseEntity.ok().contentType(MediaType.parseMediaType(NDJSON)).body(out -> {
            BalanceLine last;
            try {
                last = balancing.run(fraction -> wrote(out, BalanceLine.at(fraction)));
            } catch (HookingException e) {
                last = BalanceLine.refused(String.valueOf(e.getMessage()));
            } catch (BalanceStopped nobodyListens) {
                return;
            }
            wrote(out, last);
        });
    }

    /** Whether a line could be written: false once nobody listens any more. */
    private boolean wrote(OutputStream out, BalanceLine line) {
        try {
            out.write((json.writeValueAsString(line) + "\n").getBytes(StandardCharsets.UTF_8));
            out.flush();
            return true;
        } catch (IOException gone) {
            return false;
        }
    }

    @PostMapping("/compare")
    ComparisonView compare(@RequestBody ComparisonBody body) {
        return desk.compare(body);
    }

    @GetMapping("/plans")
    List<SavedPlanView> list() {
        return desk.all();
    }

    @GetMapping("/plans/{id}")
    SavedPlanView show(@PathVariable UUID id) {
        return desk.find(id);
    }

    @PostMapping("/plans")
    @ResponseStatus(HttpStatus.CREATED)
    SavedPlanView begin(@RequestBody NewPlanBody body) {
        return desk.begin(body);
    }

    @PutMapping("/plans/{id}")
    SavedPlanView change(@PathVariable UUID id, @RequestBody PlanBody body) {
        return desk.change(id, body);
    }

    @DeleteMapping("/plans/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        desk.remove(id);
    }
}
