package gyrotaxis.server.printing;

import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.printing.PlanDrawing.Sight;
import gyrotaxis.server.shared.Download;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shelf.ForWhom;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The papers of a kept plan. */
@RestController
@RequestMapping("/api/plans/{id}")
class PlanPapersController {
    private final PlanService plans;
    private final Planning planning;
    private final ForWhom names;
    private final PeopleRepository people;
    private final PlanPapers papers;
    private final PlanDrawing drawing;

    PlanPapersController(
            PlanService plans,
            Planning planning,
            ForWhom names,
            PeopleRepository people,
            PlanPapers papers,
            PlanDrawing drawing) {
        this.drawing = drawing;
        this.plans = plans;
        this.planning = planning;
        this.names = names;
        this.people = people;
        this.papers = papers;
    }

    @GetMapping(value = "/papers/run-sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> runSheet(@PathVariable UUID id) {
        return paper(id, "run sheet", papers::runSheet);
    }

    @GetMapping(value = "/papers/quote.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> quote(@PathVariable UUID id) {
        String studio = people.studio().name();
        return paper(id, "quote", (title, plan) -> papers.quote(title, plan, studio));
    }

    /** What she takes home; with the day of the install everything in it has its date. */
    @GetMapping(value = "/papers/aftercare.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> aftercare(@PathVariable UUID id, @RequestParam(required = false) @Nullable LocalDate on) {
        return paper(id, "aftercare", (title, plan) -> papers.aftercare(title, plan, Optional.ofNullable(on)));
    }

    @GetMapping(value = "/papers/takedown.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> takedown(@PathVariable UUID id) {
        return paper(id, "takedown", papers::takedown);
    }

    /** Every share, for a spreadsheet. */
    @GetMapping(value = "/stations.csv", produces = "text/csv")
    ResponseEntity<byte[]> stationTable(@PathVariable UUID id) {
        return file(id, "stations.csv", (title, plan) -> StationTable.of(plan));
    }

    /** The map, or the head from a side, in millimetres: as large as it is. */
    @GetMapping(value = "/drawing.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> drawing(@PathVariable UUID id, @RequestParam(defaultValue = "MAP") Sight sight) {
        return file(
                id,
                sight.words() + ".svg",
                (title, plan) -> drawing.svg(title, plan, sight).getBytes(StandardCharsets.UTF_8));
    }

    private ResponseEntity<byte[]> paper(UUID id, String name, BiFunction<String, InstallPlan, byte[]> written) {
        return file(id, name + ".pdf", written);
    }

    private ResponseEntity<byte[]> file(UUID id, String name, BiFunction<String, InstallPlan, byte[]> written) {
        Planned planned = plans.planned(id).orElseThrow(() -> new NotFound("No plan has this number."));
        InstallPlan plan = planning.plan(planned.brief(), Optional.of(id));
        ForWhom.Named named = names.named(Set.of(id)).getOrDefault(id, ForWhom.Named.NOBODY);
        String title = named.client() + ", " + named.plan();
        return Download.of(title + ", " + name, written.apply(title, plan));
    }
}
