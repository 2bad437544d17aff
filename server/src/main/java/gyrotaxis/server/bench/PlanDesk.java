package gyrotaxis.server.bench;

import gyrotaxis.core.balance.BalanceGoal;
import gyrotaxis.core.balance.Balancer;
import gyrotaxis.core.balance.FillTrial;
import gyrotaxis.core.balance.Progress;
import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.ContradictoryMeasuresException;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WearView;
import gyrotaxis.core.wear.FallenHair;
import gyrotaxis.core.wear.Worn;
import gyrotaxis.server.book.Book;
import gyrotaxis.server.book.Client;
import gyrotaxis.server.book.Head;
import gyrotaxis.server.book.HeadBody;
import gyrotaxis.server.book.OwnHairBody;
import gyrotaxis.server.shared.FieldProblem;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Stale;
import gyrotaxis.server.shelf.Shelf;
import gyrotaxis.server.shelf.StockedLine;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Computes, begins, keeps and finds plans. */
@Service
@Transactional
public class PlanDesk {
    private static final int LONGEST_NAME = 120;
    private static final int MOST_COMPARED = 3;
    private static final BriefBody NO_BRIEF = new BriefBody(null, null, null, null, null, null, null, null);
    private static final FoundationBody USUAL_FOUNDATION = FoundationBody.plain(14, 5, 12);

    private final Planner planner;
    private final Plans plans;
    private final Book book;
    private final Shelf shelf;
    private final Clock clock;

    PlanDesk(Planner planner, Plans plans, Book book, Shelf shelf, Clock clock) {
        this.planner = planner;
        this.plans = plans;
        this.book = book;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** The plan that a brief comes to; nothing is kept. */
    PlanView compute(BriefBody body) {
        return PlanViews.of(plan(body), body);
    }

    /** The same in the round. */
    SolidView solid(BriefBody body) {
        return SolidView.of(plan(body));
    }

    /**
     * The plan that a brief comes to, as it is worn. A part that the brief no longer has is left out, since parts are taken
     * away while they are looked at.
     */
    WornPlanView computeWorn(WearBody body) {
        return asked(body, (brief, how) -> {
            InstallPlan plan = plan(brief);
            Worn worn = how.asFarAsItGoes(plan.foundation().parts().size());
            return new WornPlanView(
                    PlanViews.of(plan, brief, !how.isRough()), worn(plan, worn, how, body.withHair(), brief));
        });
    }

    /** Plans beside each other. */
    ComparisonView compare(ComparisonBody body) {
        Fields f = new Fields();
        List<BriefBody> briefs = body.briefs() == null ? List.of() : body.briefs();
        if (briefs.size() < 2 || briefs.size() > MOST_COMPARED) {
            f.problem("briefs", "Two or three plans can be compared.");
        }
        WornAsBody.Checked asked = body.worn() == null ? null : body.worn().check(f);
        return f.orRefuse(() -> {
            List<InstallPlan> compared = briefs.stream().map(this::plan).toList();
            List<WearView> seen = asked == null
                    ? List.of()
                    : compared.stream().map(p -> seen(p, asked)).toList();
            return ComparisonView.of(briefs, compared, seen);
        });
    }

    /** What is answered once brief and way of wearing are known to be there. */
    private static <T> T asked(WearBody body, BiFunction<BriefBody, WornAsBody.Checked, T> answer) {
        Fields f = new Fields();
        BriefBody brief = f.present("brief", "The brief", body.brief(), NO_BRIEF);
        WornAsBody.Checked how = f.present("worn", "How it is worn", body.worn(), WornAsBody.DOWN)
                .check(f);
        return f.orRefuse(() -> answer.apply(brief, how));
    }

    private WearView seen(InstallPlan plan, WornAsBody.Checked asked) {
        Worn worn = asked.asFarAsItGoes(plan.foundation().parts().size());
        return planner.wear(plan, worn, asked.day(), asked.samples());
    }

    private InstallPlan plan(BriefBody body) {
        try {
            return planner.plan(body.check(shelf));
        } catch (ContradictoryMeasuresException e) {
            throw refused("head." + HeadBody.field(e.misfit().measure()), e);
        } catch (FoundationException e) {
            throw refused(field(e), e);
        } catch (HookingException e) {
            throw refused(field(e), e);
        }
    }

    /** How a plan looks as it is worn, and how its hair lies if that is asked for. */
    WornView wear(WearBody body) {
        return asked(body, (brief, how) -> {
            InstallPlan plan = plan(brief);
            Worn worn = how.on(plan.foundation().parts().size());
            return worn(plan, worn, how, body.withHair(), brief);
        });
    }

    private WornView worn(
            InstallPlan plan, Worn worn, WornAsBody.Checked how, @Nullable Boolean withHair, BriefBody brief) {
        WearView seen = planner.wear(plan, worn, how.day(), how.samples());
        List<FallenHair> hair = Boolean.TRUE.equals(withHair) ? planner.hair(plan, worn) : List.of();
        return WornView.of(plan, seen, hair, brief);
    }

    /** Where fills and wisps go once every part and way was tried. */
    FillsView fills(BriefBody body) {
        InstallPlan plan = plan(body);
        return FillsView.of(plan, FillTrial.of(planner, plan), body);
    }

    /** A balancing that is ready to run: what it is asked is checked, nothing is computed yet. */
    Balancing balancing(BalanceBody body) {
        BriefBody brief = body.brief() == null ? NO_BRIEF : body.brief();
        InstallBrief checked = plan(brief).brief();
        BalanceGoal goal = body.goal(checked.hair().loopsPerPack());
        return progress -> BalanceLine.of(new Balancer(planner).balance(checked, goal, progress), brief);
    }

    /** A balancing that can be run once. */
    @FunctionalInterface
    interface Balancing {
        BalanceLine run(Progress progress);
    }

    private static String field(HookingException e) {
        return switch (e.wish()) {
            case ZONE -> "hooking.zones." + Zone.values()[e.index()].name();
            case MIX -> "hooking.mix.others[" + e.index() + "].hairLineId";
            case CUT -> "hooking.cutsInHalf";
        };
    }

    private static FieldProblems refused(String field, RuntimeException e) {
        return new FieldProblems(List.of(new FieldProblem(field, String.valueOf(e.getMessage()), null, null, "mm")));
    }

    private static String field(FoundationException e) {
        return switch (e.wish()) {
            case ROWS -> "foundation.frontRows";
            case PART -> "foundation.parts[" + e.index() + "].startMm";
            case EAR_LINE -> "foundation.earLineBehindMm";
            case BACK -> "foundation.back.family";
            case OVERLAY -> "foundation.overlaysMm[" + e.index() + "]";
            case LEAVE_OUT -> "foundation.rim.leaveOutMm";
            case PERIMETER -> "foundation.rim.perimeterMm";
            case INDIVIDUALS -> "foundation.rim.individualBaseMm";
            case REGION -> "head.regions[" + e.index() + "]";
            case TAIL -> "foundation.tails[" + e.index() + "].into";
        };
    }

    List<SavedPlanView> all() {
        Map<UUID, Client> clients = book.clients().stream().collect(Collectors.toMap(Client::id, Function.identity()));
        return plans.all().stream()
                .filter(p -> clients.containsKey(p.clientId()))
                .map(p -> SavedPlanView.of(p, client(p.clientId())))
                .toList();
    }

    SavedPlanView find(UUID id) {
        return view(stored(id));
    }

    SavedPlanView begin(NewPlanBody body) {
        Fields f = new Fields();
        String name = f.textOrEmpty("name", "The name", body.name(), LONGEST_NAME);
        UUID clientId = f.id("clientId", "The client", body.clientId());
        String hairLineId = usualHair(f);
        return f.orRefuse(() -> begin(client(clientId), name, hairLineId));
    }

    /**
     * Keeps a finished brief as a plan for the newest head of a client.
     *
     * @throws gyrotaxis.server.shared.FieldProblems if no plan could be computed from it
     */
    public void keep(UUID clientId, String name, BriefBody brief) {
        compute(brief);
        Head head = newestHead(client(clientId));
        plans.add(new SavedPlan(UUID.randomUUID(), clientId, head.id(), name, brief, 1, clock.instant()));
    }

    private SavedPlanView begin(Client client, String name, String hairLineId) {
        Head head = newestHead(client);
        BriefBody brief = new BriefBody(
                HeadBody.of(head.record()),
                OwnHairBody.of(client.ownHair()),
                lastConsultation(client),
                USUAL_FOUNDATION,
                hairLineId,
                1.0,
                Installer.STYLIST,
                null);
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

    /** What she was asked last time is what she is likely to say again. */
    private ConsultationBody lastConsultation(Client client) {
        return plans.all().stream()
                .filter(p -> p.clientId().equals(client.id()) && p.brief().consultation() != null)
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
                    f.problem("hairLineId", "No hair line is on the shelf yet. Put one there first.");
                    return "";
                });
    }

    SavedPlanView change(UUID id, PlanBody body) {
        Fields f = new Fields();
        String name = f.text("name", "The name", body.name(), LONGEST_NAME);
        SavedPlan stored = stored(id);
        BriefBody brief = f.present("brief", "The brief", body.brief(), stored.brief());
        brief.check(shelf);
        return f.orRefuse(() -> plans.change(new SavedPlan(
                                id, stored.clientId(), stored.headId(), name, brief, body.version(), clock.instant()))
                        .map(this::view))
                .orElseThrow(() ->
                        new Stale("\"" + stored.name() + "\" was changed elsewhere in the meantime.", view(stored)));
    }

    void remove(UUID id) {
        if (!plans.remove(id)) {
            throw noPlan();
        }
    }

    private SavedPlan stored(UUID id) {
        return plans.find(id).orElseThrow(PlanDesk::noPlan);
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
