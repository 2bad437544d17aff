package gyrotaxis.server.printing;

import gyrotaxis.core.plan.WorkSheetWriter;
import gyrotaxis.server.outside.LabelPrinter;
import gyrotaxis.server.outside.LabelPrinter.Label;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shelf.ForWhom;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Labels for the bundles of a plan. They are printed one by one, so that it is seen how far it is, and stopped between two. */
@RestController
@RequestMapping("/api/plans/{id}/labels")
class LabelController {
    private final PlanService plans;
    private final Planning planning;
    private final ForWhom names;
    private final LabelPrinter printer;

    LabelController(PlanService plans, Planning planning, ForWhom names, LabelPrinter printer) {
        this.plans = plans;
        this.planning = planning;
        this.names = names;
        this.printer = printer;
    }

    @GetMapping
    List<Label> labelsOf(@PathVariable UUID id) {
        Planned planned = plans.planned(id).orElseThrow(() -> new NotFound("No plan has this number."));
        ForWhom.Named named = names.named(Set.of(id)).getOrDefault(id, ForWhom.Named.NOBODY);
        return BundleLabels.of(
                WorkSheetWriter.of(planning.plan(planned.brief(), Optional.of(id))),
                named.client() + ", " + named.plan());
    }

    /** Prints one of them; the first begins a new set. */
    @PostMapping("/{number}")
    Label print(@PathVariable UUID id, @PathVariable int number) {
        Label label = labelsOf(id).stream()
                .filter(l -> l.number() == number)
                .findFirst()
                .orElseThrow(() -> new NotFound("This plan has no bundle of that number any more."));
        if (number == 1) {
            printer.begin();
        }
        printer.print(label);
        return label;
    }
}
