package gyrotaxis.server.exchange;

import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.server.exchange.PlanFile.PlanFault;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.HairForm;
import gyrotaxis.server.language.PlanForm;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.PlanDesk;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shelf.Shelf;
import gyrotaxis.server.shelf.StockedLine;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;

/** Gives a plan out as a file, and takes one in for a client. */
@Service
class ExchangeDesk {
    private final PlanDesk plans;
    private final Planning planning;
    private final Shelf shelf;
    private final PlanFile file;

    ExchangeDesk(PlanDesk plans, Planning planning, Shelf shelf, PlanFile file) {
        this.plans = plans;
        this.planning = planning;
        this.shelf = shelf;
        this.file = file;
    }

    /**
     * What a file would make, or made.
     *
     * @param isKept whether it was kept
     * @param planId the plan that was made; null if none was
     * @param words what it comes to
     * @param faults what is wrong; nothing is kept then
     */
    record PlanRead(
            boolean isKept,

            @Nullable @Schema(nullable = true) UUID planId,

            String name,
            String words,
            List<PlanFault> faults) {}

    /** A plan as a file, and what the file is called. */
    record Written(String name, byte[] content) {}

    Written written(UUID id) {
        Planned plan = plans.planned(id).orElseThrow(() -> new NotFound("No plan has this number."));
        return new Written(plan.name(), file.write(plan.name(), plan.brief(), shelf));
    }

    PlanRead read(UUID clientId, JsonNode document, boolean isKept) {
        List<PlanFault> faults = new ArrayList<>(file.faults(document));
        String name = file.name(document);
        if (name.length() > PlanDesk.LONGEST_NAME) {
            faults.add(new PlanFault(
                    "/name", "It has " + name.length() + " letters; at most " + PlanDesk.LONGEST_NAME + "."));
        }
        if (!faults.isEmpty()) {
            return refused(name, faults);
        }
        PlanForm form = file.read(document);
        BriefBody brief = form.brief().withLines(lines(form, faults)::get).completed();
        if (!faults.isEmpty()) {
            return refused(name, faults);
        }
        try {
            InstallPlan plan = planning.plan(brief);
            String words = plan.foundation().rows().size() + " rows, "
                    + plan.stations().size() + " shares, " + plan.packs().neededLoops() + " loops.";
            UUID made = isKept ? plans.keep(clientId, name.isEmpty() ? "From a file" : name, brief) : null;
            return new PlanRead(isKept, made, name, words, List.of());
        } catch (FieldProblems e) {
            return refused(
                    name,
                    e.problems().stream()
                            .map(p -> new PlanFault("/brief/" + p.field().replace('.', '/'), p.message()))
                            .toList());
        }
    }

    private static PlanRead refused(String name, List<PlanFault> faults) {
        return new PlanRead(false, null, name, "", List.copyOf(faults));
    }

    /** The ids of this shelf's lines by those in the file: the same, or those of the same name. */
    private Map<String, String> lines(PlanForm form, List<PlanFault> faults) {
        Map<String, String> lines = new HashMap<>();
        List<PlanForm.KnownHair> named = form.hairs() == null ? List.of() : form.hairs();
        for (String id : form.brief().hairNames()) {
            Optional<HairForm> hair = named.stream()
                    .filter(k -> k.id().toString().equals(id))
                    .findFirst()
                    .map(PlanForm.KnownHair::hair);
            Optional<String> here = shelf.all().stream()
                    .filter(l -> l.id().toString().equals(id)
                            || hair.isPresent()
                                    && l.hair()
                                            .name()
                                            .equalsIgnoreCase(hair.get().line().name()))
                    .map(StockedLine::id)
                    .map(UUID::toString)
                    .findFirst();
            here.ifPresentOrElse(
                    found -> lines.put(id, found),
                    () -> faults.add(new PlanFault(
                            "/hairs",
                            hair.map(h -> h.line().name()).orElse("The hair of the plan")
                                    + " is not on the shelf. Write it down there first.")));
        }
        return lines;
    }
}
