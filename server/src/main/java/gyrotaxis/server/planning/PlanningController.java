package gyrotaxis.server.planning;

import gyrotaxis.core.balance.BalanceStopped;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.planning.compare.ComparisonBody;
import gyrotaxis.server.planning.compare.ComparisonView;
import gyrotaxis.server.planning.compare.DerivationView;
import gyrotaxis.server.planning.round.LookView;
import gyrotaxis.server.planning.round.SolidView;
import gyrotaxis.server.shared.ErrorLog;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.json.JsonMapper;

@RestController
@RequestMapping("/api")
class PlanningController {
    private static final String NDJSON = "application/x-ndjson";

    private final Planning planning;
    private final ErrorLog faults;
    private final JsonMapper json;

    PlanningController(Planning planning, ErrorLog faults, JsonMapper json) {
        this.planning = planning;
        this.faults = faults;
        this.json = json;
    }

    @PostMapping("/plan")
    PlanAnswer plan(@RequestBody PlanQuestion question) {
        return planning.answer(question);
    }

    @PostMapping("/plan/solid")
    SolidView solid(@RequestBody BriefBody brief) {
        return planning.solid(brief);
    }

    /**
     * Findings with the remedies that help, for whoever has time to read them.
     *
     * @param finding its number, from 0, to have all its remedies tried and be answered with it alone
     */
    @PostMapping("/findings")
    List<FindingView> findings(
            @RequestBody BriefBody brief,
            @RequestParam(required = false) @Nullable UUID plan,
            @RequestParam(required = false) @Nullable Integer finding) {
        return planning.findings(brief, Optional.ofNullable(plan), finding);
    }

    /** How the figures of a plan come about. */
    @PostMapping("/reckonings")
    List<DerivationView> reckonings(@RequestBody BriefBody brief, @RequestParam(required = false) @Nullable UUID plan) {
        return planning.reckonings(brief, Optional.ofNullable(plan));
    }

    /** What can be done about a brief that comes to no plan. */
    @PostMapping("/ways-out")
    List<WayOutView> waysOut(@RequestBody BriefBody brief) {
        return planning.waysOut(brief.completed());
    }

    @PostMapping("/stopping")
    StoppingView stopping(@RequestBody BriefBody brief) {
        return planning.stopping(brief);
    }

    @PostMapping("/fills")
    FillsView fills(@RequestBody BriefBody brief, @RequestParam(required = false) @Nullable Integer gap) {
        return planning.fills(brief, gap);
    }

    /** The same way of wearing, to be drawn in the round. */
    @PostMapping("/look")
    LookView look(@RequestBody WearBody body) {
        return planning.look(body);
    }

    @PostMapping("/wear")
    WornView wear(@RequestBody WearBody body) {
        return planning.wear(body);
    }

    /**
     * Balances, and tells line by line how far it is; the last line holds what it came to. Whoever hangs up stops it.
     */
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = NDJSON, schema = @Schema(implementation = BalanceLine.class)))
    @PostMapping(value = "/balance", produces = NDJSON)
    ResponseEntity<StreamingResponseBody> balance(@RequestBody BalanceBody body) {
        Planning.Balancing balancing = planning.balancing(body);
        return ResponseEntity.ok().contentType(MediaType.parseMediaType(NDJSON)).body(out -> {
            BalanceLine last;
            try {
                last = balancing.run(fraction -> wrote(out, BalanceLine.at(fraction)));
            } catch (HookingException e) {
                last = BalanceLine.refused(String.valueOf(e.getMessage()));
            } catch (BalanceStopped nobodyListens) {
                return;
            } catch (RuntimeException e) {
                // The answer has begun, so it can no longer become a problem detail.
                String fault = faults.tell("POST /api/balance", json.writeValueAsString(body), e);
                last = BalanceLine.refused(
                        "Something went wrong here, and the plan is as it was. The server's log tells of it under "
                                + fault + ".");
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
        return planning.compare(body);
    }
}
