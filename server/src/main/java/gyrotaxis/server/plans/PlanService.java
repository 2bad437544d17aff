package gyrotaxis.server.plans;

import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.WorkSheetWriter;
import gyrotaxis.server.book.Client;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.book.Head;
import gyrotaxis.server.documents.StoredDocument;
import gyrotaxis.server.documents.StoredDocument.Form;
import gyrotaxis.server.documents.StoredPlan;
import gyrotaxis.server.documents.StoredWorksheet;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.ConsultationBody;
import gyrotaxis.server.language.FoundationBody;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.language.HookingBody;
import gyrotaxis.server.language.MethodBody;
import gyrotaxis.server.language.OwnHairBody;
import gyrotaxis.server.methods.KeptMethod;
import gyrotaxis.server.methods.MethodRepository;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.people.Person;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Stale;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shelf.StockedLine;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/** Begins, keeps and finds plans. */
@Service
@Transactional
public class PlanService {
    public static final int MAX_NAME_LENGTH = 120;

    /** As many as a page shows, and some more. */
    private static final int MAX_LISTED = 200;

    private static final int MAX_CLIENTS = 100;

    private static final FoundationBody USUAL_FOUNDATION = FoundationBody.plain(14, 5, 12);

    private final Planning planning;
    private final PlanRepository plans;
    private final WorksheetRepository sheets;
    private final ClientRepository book;
    private final HairLineRepository shelf;
    private final Clock clock;
    private final StoredDocument kept;
    private final TransactionTemplate transaction;
    private final PeopleRepository people;
    private final MethodRepository methods;
    private final KnownHands hands;
    private final Tiles tiles;

    PlanService(
            Planning planning,
            PlanRepository plans,
            WorksheetRepository sheets,
            ClientRepository book,
            HairLineRepository shelf,
            Clock clock,
            StoredDocument kept,
            TransactionTemplate transaction,
            PeopleRepository people,
            MethodRepository methods,
            KnownHands hands,
            Tiles tiles) {
        this.planning = planning;
        this.plans = plans;
        this.sheets = sheets;
        this.book = book;
        this.shelf = shelf;
        this.clock = clock;
        this.kept = kept;
        this.transaction = transaction;
        this.people = people;
        this.methods = methods;
        this.hands = hands;
        this.tiles = tiles;
    }

    /** The plans that were changed last, the newest first. */
    @Transactional(readOnly = true)
    List<SavedPlanView> latest(int most) {
        List<SavedPlan> some = plans.latest(Math.max(1, Math.min(MAX_LISTED, most)));
        Map<UUID, Client> clients =
                book.clients(some.stream().map(SavedPlan::clientId).collect(Collectors.toSet())).stream()
                        .collect(Collectors.toMap(Client::id, Function.identity()));
        return some.stream()
                .filter(p -> clients.containsKey(p.clientId()))
                .map(p -> SavedPlanView.of(p, Objects.requireNonNull(clients.get(p.clientId()))))
                .toList();
    }

    /** Computed outside any transaction: nobody is to wait for a lock while it is. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    List<PlanTileView> tiles(Set<UUID> clients) {
        Fields f = new Fields();
        if (clients.size() > MAX_CLIENTS) {
            f.problem("client", "Ask for at most " + MAX_CLIENTS + " clients at once.");
        }
        return f.orRefuse(() -> tiles.of(plans.rows(clients)));
    }

    /**
     * A fingerprint of all that the looks of some plans follow from, by their ids: where it is another than before, a picture of that
     * plan is out of date. Plans that are no longer kept are left out.
     */
    @Transactional(readOnly = true)
    public Map<UUID, String> looks(Set<UUID> some) {
        return tiles.looks(plans.rowsOf(some));
    }

    @Transactional(readOnly = true)
    SavedPlanView find(UUID id) {
        return view(stored(id));
    }

    /** A plan, for those who count on it; empty if it is no longer kept. */
    @Transactional(readOnly = true)
    public Optional<Planned> planned(UUID id) {
        return plans.find(id).map(p -> new Planned(p.id(), p.clientId(), p.name(), p.brief()));
    }

    /**
     * The plan of a worksheet.
     *
     * @param planName what it was called then
     * @param plan empty once it is gone
     */
    public record OfSheet(String planName, Optional<UUID> plan) {}

    /** The plans of worksheets, by the sheets' ids. */
    @Transactional(readOnly = true)
    public Map<UUID, OfSheet> ofSheets(Set<UUID> sheetIds) {
        return sheets.plans(sheetIds);
    }

    /** What plans are called, by id. */
    @Transactional(readOnly = true)
    public Map<UUID, String> names(Set<UUID> ids) {
        return plans.names(ids);
    }

    SavedPlanView begin(NewPlanBody body) {
        Fields f = new Fields();
        String name = f.textOrEmpty("name", "The name", body.name(), MAX_NAME_LENGTH);
        UUID clientId = f.id("clientId", "The client", body.clientId());
        String hairLineId = usualHair(f);
        Optional<UUID> stylist = f.idIfAny("stylistId", "Who will hook it", body.stylistId());
        return f.orRefuse(() -> begin(client(clientId), name, hairLineId, stylist));
    }

    /**
     * Keeps a finished brief as a plan for the newest head of a client.
     *
     * @return its id
     * @throws gyrotaxis.server.shared.FieldProblems if no plan could be computed from it
     */
    public UUID keep(UUID clientId, String name, BriefBody brief) {
        planning.plan(brief);
        Head head = newestHead(client(clientId));
        UUID id = UUID.randomUUID();
        plans.add(new SavedPlan(id, clientId, head.id(), name, brief.completed(), 1, clock.instant()));
        return id;
    }

    private SavedPlanView begin(Client client, String name, String hairLineId, Optional<UUID> stylist) {
        Head head = newestHead(client);
        BriefBody brief = new BriefBody(
                        HeadBody.of(head.record()),
                        OwnHairBody.of(client.ownHair()),
                        lastConsultation(client),
                        USUAL_FOUNDATION,
                        hairLineId,
                        1.0,
                        Installer.STYLIST,
                        methodOf(stylist).map(HookingBody::by).orElse(null),
                        hands.known(stylist, UUID.fromString(hairLineId)))
                .completed();
        SavedPlan plan = new SavedPlan(
                UUID.randomUUID(),
                client.id(),
                head.id(),
                name.isEmpty() ? "Straight back" : name,
                brief,
                1,
                clock.instant());
        plans.add(plan);
        return view(plan);
    }

    /** How a stylist works, if she keeps a method of her own. */
    private Optional<MethodBody> methodOf(Optional<UUID> stylist) {
        return stylist.flatMap(id -> people.here().stream()
                        .filter(p -> p.stylist().id().value().equals(id))
                        .findFirst())
                .flatMap(Person::method)
                .flatMap(id ->
                        methods.all().stream().filter(m -> m.id().equals(id)).findFirst())
                .map(KeptMethod::method);
    }

    /** What she was asked last time is what she is likely to say again. */
    private ConsultationBody lastConsultation(Client client) {
        return plans.ofClient(client.id()).stream()
                .filter(p -> p.brief().consultation() != null)
                .map(p -> Objects.requireNonNull(p.brief().consultation()))
                .findFirst()
                .orElseGet(() -> ConsultationBody.of(Consultation.plain()));
    }

    private Head newestHead(Client client) {
        return book.heads(client.id()).stream()
                .findFirst()
                .orElseThrow(() -> new NotFound("No head of " + client.name() + " is measured yet."));
    }

    /** The line of which most is in hand. */
    private String usualHair(Fields f) {
        return shelf.all().stream()
                .max(Comparator.comparingInt(StockedLine::loopsOnShelf))
                .map(line -> line.id().toString())
                .orElseGet(() -> {
                    f.problem("hairLineId", "No hair is on the shelf yet. Put some there first.");
                    return "";
                });
    }

    SavedPlanView change(UUID id, PlanBody body) {
        Fields f = new Fields();
        String name = f.text("name", "The name", body.name(), MAX_NAME_LENGTH);
        SavedPlan stored = stored(id);
        BriefBody brief = f.present("brief", "The brief", body.brief(), stored.brief());
        brief.check(shelf);
        return f.orRefuse(() -> plans.change(new SavedPlan(
                                id,
                                stored.clientId(),
                                stored.headId(),
                                name,
                                brief.completed(),
                                body.version(),
                                clock.instant()))
                        .map(this::view))
                .orElseThrow(() ->
                        new Stale("\"" + stored.name() + "\" was changed elsewhere in the meantime.", view(stored)));
    }

    /** Freezes a plan, as it is kept now, into a worksheet. Computed before anything is locked. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    KeptSheet freeze(UUID id) {
        SavedPlan plan = stored(id);
        KeptSheet sheet = new KeptSheet(
                UUID.randomUUID(),
                plan.clientId(),
                plan.id(),
                plan.name(),
                plan.version(),
                clock.instant(),
                StoredWorksheet.of(WorkSheetWriter.of(planning.plan(plan.brief(), Optional.of(id)))));
        StoredPlan basis = StoredPlan.of(plan.brief(), shelf);
        transaction.executeWithoutResult(t -> sheets.add(sheet, basis));
        return sheet;
    }

    /** Keeps a worksheet that came from elsewhere, with what it was made of. */
    public UUID keepSheet(UUID clientId, String name, StoredWorksheet sheet, StoredPlan basis) {
        if (book.client(clientId).isEmpty()) {
            throw new NotFound("This client is no longer in the book.");
        }
        KeptSheet kept = new KeptSheet(UUID.randomUUID(), clientId, null, name, 0, clock.instant(), sheet);
        sheets.add(kept, basis);
        return kept.id();
    }

    /** Freezes a plan, as it is kept now, for those who work from it. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public Frozen frozen(UUID planId) {
        return frozenSheet(freeze(planId).id());
    }

    /** What was frozen. */
    @Transactional(readOnly = true)
    public Frozen frozenSheet(UUID sheetId) {
        KeptSheet s = sheet(sheetId);
        return new Frozen(s.id(), s.clientId(), s.planName(), s.sheet(), sheets.basis(sheetId));
    }

    /** A worksheet as it was frozen. */
    @Transactional(readOnly = true)
    KeptSheet sheet(UUID id) {
        return sheets.find(id).orElseThrow(() -> new NotFound("This worksheet is no longer kept."));
    }

    /** A brief that was kept elsewhere in some format. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    BriefBody opened(JsonNode document) {
        return kept.read(Form.PLAN, document.toString(), StoredPlan.class)
                .brief()
                .completed();
    }

    void remove(UUID id) {
        if (!plans.remove(id)) {
            throw noPlan();
        }
    }

    private SavedPlan stored(UUID id) {
        return plans.find(id).orElseThrow(PlanService::noPlan);
    }

    private SavedPlanView view(SavedPlan plan) {
        return SavedPlanView.of(plan, client(plan.clientId()));
    }

    private Client client(@Nullable UUID id) {
        return Optional.ofNullable(id)
                .flatMap(book::client)
                .orElseThrow(() -> new NotFound("This client is no longer in the book."));
    }

    private static NotFound noPlan() {
        return new NotFound("This plan is no longer in the book.");
    }
}
