package gyrotaxis.server.exchange;

import gyrotaxis.core.install.Method;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.terms.Terms;
import gyrotaxis.server.documents.StoredHair;
import gyrotaxis.server.documents.StoredPlan;
import gyrotaxis.server.documents.StoredWorksheet;
import gyrotaxis.server.exchange.KeptFile.FileFault;
import gyrotaxis.server.exchange.KeptFile.Kind;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.FoundationBody;
import gyrotaxis.server.language.MethodBody;
import gyrotaxis.server.methods.KeptMethod;
import gyrotaxis.server.methods.MethodService;
import gyrotaxis.server.patterns.Pattern;
import gyrotaxis.server.patterns.PatternService;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.Frozen;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shelf.StockedLine;
import gyrotaxis.server.text.WrittenText;
import gyrotaxis.server.visits.VisitService;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Gives what is kept out as files, and takes files in. */
@Service
class ExchangeService {
    private static final String FROM_FILE = "From a file";

    private final PlanService plans;
    private final PatternService patterns;
    private final MethodService methods;
    private final VisitService visits;
    private final StudioDay day;
    private final Planning planning;
    private final HairLineRepository shelf;
    private final KeptFile file;

    ExchangeService(
            PlanService plans,
            PatternService patterns,
            MethodService methods,
            VisitService visits,
            StudioDay day,
            Planning planning,
            HairLineRepository shelf,
            KeptFile file) {
        this.plans = plans;
        this.patterns = patterns;
        this.methods = methods;
        this.visits = visits;
        this.day = day;
        this.planning = planning;
        this.shelf = shelf;
        this.file = file;
    }

    /**
     * What a file would make, or made.
     *
     * @param isKept whether it was kept
     * @param id of what was made; null if nothing was
     * @param words what it comes to
     * @param faults what is wrong; nothing is kept then
     */
    record FileRead(
            boolean isKept,

            @Nullable @Schema(nullable = true) UUID id,

            String name,
            String words,
            List<FileFault> faults) {}

    /** A plan as a file, and what the file is called. */
    record Written(String name, byte[] content) {}

    Written written(UUID id) {
        Planned plan = plans.planned(id).orElseThrow(() -> new NotFound("No plan has this number."));
        StoredPlan form = StoredPlan.of(plan.brief(), shelf);
        return new Written(plan.name(), file.written(file.document(Kind.PLAN, plan.name(), form)));
    }

    FileRead read(UUID clientId, JsonNode document, boolean isKept) {
        List<FileFault> faults = new ArrayList<>(file.faults(Kind.PLAN, document));
        String name = named(document, PlanService.MAX_NAME_LENGTH, faults);
        if (!faults.isEmpty()) {
            return refused(name, faults);
        }
        StoredPlan form = file.read(Kind.PLAN, document, StoredPlan.class);
        BriefBody brief = form.brief().withLines(lines(form, faults)::get).completed();
        if (!faults.isEmpty()) {
            return refused(name, faults);
        }
        try {
            InstallPlan plan = planning.plan(brief);
            String words = plan.foundation().rows().size() + " rows, "
                    + plan.stations().size() + " shares, " + plan.packs().neededLoops() + " loops.";
            UUID made = isKept ? plans.keep(clientId, name.isEmpty() ? FROM_FILE : name, brief) : null;
            return new FileRead(isKept, made, name, words, List.of());
        } catch (FieldProblems e) {
            return refused(name, at("/brief/", e));
        }
    }

    private String named(JsonNode document, int longest, List<FileFault> faults) {
        String name = file.name(document);
        if (name.length() > longest) {
            faults.add(new FileFault("/name", "It has " + name.length() + " letters; at most " + longest + "."));
        }
        if (!WrittenText.isLine(name)) {
            faults.add(new FileFault("/name", "It holds a character that cannot be shown."));
        }
        return WrittenText.fit(name);
    }

    /** What a refusal of fields is at the places of a file. */
    private static List<FileFault> at(String under, FieldProblems e) {
        return e.problems().stream()
                .map(p -> new FileFault(under + p.field().replace('.', '/'), p.message()))
                .toList();
    }

    Written pattern(UUID id) {
        Pattern p = patterns.find(id);
        return new Written(p.name(), file.written(file.document(Kind.PATTERN, p.name(), p.foundation())));
    }

    FileRead readPattern(JsonNode document, boolean isKept) {
        return readNamed(Kind.PATTERN, document, PatternService.MAX_NAME_LENGTH, (name, f) -> {
            FoundationBody foundation = file.read(Kind.PATTERN, document, FoundationBody.class);
            foundation.check(f, "");
            FoundationBody whole = f.orRefuse(foundation::completed);
            UUID made = isKept ? patterns.keep(name.isEmpty() ? FROM_FILE : name, whole) : null;
            return new FileRead(isKept, made, name, "A pattern of rows; it fits itself to any head.", List.of());
        });
    }

    /** Reads what is kept by name alone: what its fields refuse is told at their places in the file. */
    private FileRead readNamed(Kind kind, JsonNode document, int longest, BiFunction<String, Fields, FileRead> read) {
        List<FileFault> faults = new ArrayList<>(file.faults(kind, document));
        String name = named(document, longest, faults);
        if (!faults.isEmpty()) {
            return refused(name, faults);
        }
        try {
            return read.apply(name, new Fields());
        } catch (FieldProblems e) {
            return refused(name, at("/" + kind.property() + "/", e));
        }
    }

    Written method(UUID id) {
        KeptMethod m = methods.find(id);
        return new Written(m.name(), file.written(file.document(Kind.METHOD, m.name(), m.method())));
    }

    FileRead readMethod(JsonNode document, boolean isKept) {
        return readNamed(Kind.METHOD, document, MethodService.MAX_NAME_LENGTH, (name, f) -> {
            Method method = file.read(Kind.METHOD, document, MethodBody.class)
                    .completed()
                    .check(f, "", Terms.USUAL.hour().currency());
            Method checked = f.orRefuse(() -> method);
            UUID made = isKept ? methods.keep(name.isEmpty() ? FROM_FILE : name, MethodBody.of(checked)) : null;
            return new FileRead(
                    isKept, made, name, "A method: where schools differ, and what the work costs.", List.of());
        });
    }

    /** The worksheet of a visit, with the plan that it was frozen from. */
    Written sheet(UUID visitId) {
        Frozen frozen = plans.frozenSheet(visits.sheetOf(visitId));
        ObjectNode document = file.document(Kind.WORKSHEET, frozen.planName(), frozen.sheet());
        frozen.basis().ifPresent(b -> document.set("plan", file.document(Kind.PLAN, frozen.planName(), b)));
        return new Written(frozen.planName(), file.written(document));
    }

    /** Takes a worksheet in for a client: it is worked from today on. */
    FileRead readSheet(UUID clientId, JsonNode document, boolean isKept) {
        List<FileFault> faults = new ArrayList<>(file.faults(Kind.WORKSHEET, document));
        String name = named(document, PlanService.MAX_NAME_LENGTH, faults);
        JsonNode under = document.path("plan");
        if (faults.isEmpty()) {
            file.faults(Kind.PLAN, under).forEach(p -> faults.add(new FileFault("/plan" + p.place(), p.reason())));
        }
        if (!faults.isEmpty()) {
            return refused(name, faults);
        }
        StoredPlan form = file.read(Kind.PLAN, under, StoredPlan.class);
        BriefBody brief = form.brief().withLines(lines(form, faults)::get).completed();
        StoredWorksheet sheet = file.read(Kind.WORKSHEET, document, StoredWorksheet.class);
        try {
            // The sheet checks itself as it is made.
            WorkSheet checked = sheet.sheet();
            if (!faults.isEmpty()) {
                return refused(name, faults);
            }
            UUID made = null;
            if (isKept) {
                made = UUID.randomUUID();
                visits.beginFrom(
                        made,
                        plans.keepSheet(
                                clientId, name.isEmpty() ? FROM_FILE : name, sheet, StoredPlan.of(brief, shelf)),
                        Optional.empty(),
                        day.today());
            }
            return new FileRead(
                    isKept,
                    made,
                    name,
                    checked.rows().size() + " rows, " + checked.shares().size() + " shares, "
                            + checked.steps().size() + " steps.",
                    List.of());
        } catch (IllegalArgumentException | IndexOutOfBoundsException | NullPointerException e) {
            faults.add(
                    new FileFault("/sheet", "This is no worksheet that can be worked from: " + e.getMessage() + "."));
            return refused(name, faults);
        }
    }

    private static FileRead refused(String name, List<FileFault> faults) {
        return new FileRead(false, null, name, "", List.copyOf(faults));
    }

    /** The ids of this shelf's lines by those in the file: the same, or those of the same name. */
    private Map<String, String> lines(StoredPlan form, List<FileFault> faults) {
        Map<String, String> lines = new HashMap<>();
        List<StoredPlan.KnownHair> named = form.hairs() == null ? List.of() : form.hairs();
        for (String id : form.brief().hairNames()) {
            Optional<String> name = named.stream()
                    .filter(k -> String.valueOf(k.id()).equals(id))
                    .findFirst()
                    .map(StoredPlan.KnownHair::hair)
                    .map(StoredHair::name);
            Optional<String> here = shelf.all().stream()
                    .filter(l -> l.id().toString().equals(id)
                            || name.filter(l.hair().name()::equalsIgnoreCase).isPresent())
                    .map(StockedLine::id)
                    .map(UUID::toString)
                    .findFirst();
            here.ifPresentOrElse(
                    found -> lines.put(id, found),
                    () -> faults.add(new FileFault(
                            "/hairs",
                            name.orElse("The hair of the plan") + " is not on the shelf. Write it down there first.")));
        }
        return lines;
    }
}
