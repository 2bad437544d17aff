package gyrotaxis.server.printing;

import gyrotaxis.core.papercap.Gores;
import gyrotaxis.core.papercap.PaperCap;
import gyrotaxis.core.papercap.PaperSheets;
import gyrotaxis.core.papercap.PaperSize;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.shared.Download;
import gyrotaxis.server.shared.FieldProblem;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Piece;
import gyrotaxis.server.shelf.ForWhom;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The head of a plan as a cap of paper. */
@RestController
@RequestMapping("/api/plans/{id}/cap")
class CapController {
    private static final String SVG = "image/svg+xml";

    private final PlanService plans;
    private final Planning planning;
    private final ForWhom names;
    private final CapPaper paper;

    CapController(PlanService plans, Planning planning, ForWhom names, CapPaper paper) {
        this.plans = plans;
        this.planning = planning;
        this.names = names;
        this.paper = paper;
    }

    /**
     * What there is to print.
     *
     * @param sheets how many
     * @param told how near paper comes to the head
     */
    record CapView(int sheets, List<Piece> told) {}

    @GetMapping
    CapView cap(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PaperSize size,
            @RequestParam(required = false) @Nullable Integer pieces) {
        PaperCap cap = capOf(id, size, pieces);
        return new CapView(PaperSheets.of(cap, size).sheets().size(), Piece.of(cap.strainWords()));
    }

    /** All sheets. */
    @GetMapping(value = "/sheets.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> capSheets(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PaperSize size,
            @RequestParam(required = false) @Nullable Integer pieces) {
        String title = title(id);
        return Download.of(title + ", paper cap.pdf", paper.pdf(title, PaperSheets.of(capOf(id, size, pieces), size)));
    }

    /** One sheet, from 1. */
    @GetMapping(value = "/sheets/{sheet}.svg", produces = SVG)
    ResponseEntity<byte[]> capSheet(
            @PathVariable UUID id,
            @PathVariable int sheet,
            @RequestParam(defaultValue = "A4") PaperSize size,
            @RequestParam(required = false) @Nullable Integer pieces) {
        PaperSheets sheets = PaperSheets.of(capOf(id, size, pieces), size);
        if (sheet < 1 || sheet > sheets.sheets().size()) {
            throw new NotFound("There is no such sheet.");
        }
        String title = title(id);
        return Download.of(
                title + ", paper cap " + sheet + ".svg",
                paper.svg(title, sheets, sheet).getBytes(StandardCharsets.UTF_8));
    }

    /** The cap, if it lies on such sheets. */
    private PaperCap capOf(UUID id, PaperSize size, @Nullable Integer pieces) {
        Fields fields = new Fields();
        int count = fields.whole("pieces", "How many pieces", Fields.or(pieces, Gores.USUAL), Gores.COUNT);
        Planned planned = plans.planned(id).orElseThrow(() -> new NotFound("No plan has this number."));
        return fields.orRefuse(() -> {
            InstallPlan plan = planning.plan(planned.brief(), Optional.of(id));
            PaperCap cap = PaperCap.of(plan.scalp(), plan.foundation(), plan.stations(), count);
            if (cap.longMm() > PaperSheets.longestMm(size)) {
                throw new FieldProblems(List.of(FieldProblem.of(
                        "size",
                        Sentence.of(
                                "The longest piece of this head is ",
                                Quantity.mm(cap.longMm()),
                                " long, and such a sheet has room for ",
                                Quantity.mm(PaperSheets.longestMm(size)),
                                "."))));
            }
            return cap;
        });
    }

    private String title(UUID id) {
        ForWhom.Named named = names.named(Set.of(id)).getOrDefault(id, ForWhom.Named.NOBODY);
        return named.client() + ", " + named.plan();
    }
}
