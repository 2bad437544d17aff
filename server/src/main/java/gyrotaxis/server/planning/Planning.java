package gyrotaxis.server.planning;

import gyrotaxis.core.balance.BalanceGoal;
import gyrotaxis.core.balance.Balancer;
import gyrotaxis.core.balance.FillTrial;
import gyrotaxis.core.balance.Fills;
import gyrotaxis.core.balance.Progress;
import gyrotaxis.core.balance.Stopping;
import gyrotaxis.core.findings.Finding;
import gyrotaxis.core.findings.Findings;
import gyrotaxis.core.findings.TrialBudget;
import gyrotaxis.core.findings.TriedFindings;
import gyrotaxis.core.findings.WaysOut;
import gyrotaxis.core.findings.WornFindings;
import gyrotaxis.core.foundation.Family;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.ContradictoryMeasuresException;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WearView;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.reckoning.Derivations;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import gyrotaxis.server.documents.StoredPlan;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.Change;
import gyrotaxis.server.language.FoundationBody;
import gyrotaxis.server.language.HairInHand;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.planning.compare.ComparisonBody;
import gyrotaxis.server.planning.compare.ComparisonView;
import gyrotaxis.server.planning.compare.DerivationView;
import gyrotaxis.server.planning.round.LookView;
import gyrotaxis.server.planning.round.SolidView;
import gyrotaxis.server.shared.CurrentMember;
import gyrotaxis.server.shared.FieldProblem;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Piece;
import gyrotaxis.server.shelf.HairLineRepository;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Computes plans and looks at them. Keeps nothing, so nothing here runs in a transaction. */
@Service
public class Planning {
    private static final int MAX_COMPARED = 3;

    /** No further remedy is tried after so long; the answer is on its way soon after. */
    private static final Duration TRIALS_END_AFTER = Duration.ofSeconds(2);

    private static final BriefBody NO_BRIEF = new BriefBody(null, null, null, null, null, null, null, null);

    private final Planner planner;
    private final HairLineRepository shelf;
    private final CurrentMember asking;
    private final JsonMapper json;

    Planning(Planner planner, HairLineRepository shelf, CurrentMember asking, JsonMapper json) {
        this.planner = planner;
        this.shelf = shelf;
        this.asking = asking;
        this.json = json;
    }

    /** The plan that is kept of a brief. Whoever may only learn has none: what is set aside would tell her of a client. */
    private Optional<UUID> kept(Fields f, @Nullable String planId) {
        Optional<UUID> kept = f.idIfAny("planId", "The plan", planId);
        return asking.isLearner() ? Optional.empty() : kept;
    }

    /**
     * The plan that a brief comes to.
     *
     * @throws FieldProblems if none does, with the field that is to blame
     */
    public InstallPlan plan(BriefBody body) {
        return plan(body, Optional.empty());
    }

    /**
     * The same for a plan that is kept, for which hair may be set aside.
     *
     * @throws FieldProblems if it comes to none, with the field that is to blame
     */
    public InstallPlan plan(BriefBody body, Optional<UUID> kept) {
        return plan(body, shelf.freeFor(kept));
    }

    /**
     * The same with hair looked up there.
     *
     * @throws FieldProblems if it comes to none, with the field that is to blame
     */
    public InstallPlan plan(BriefBody body, HairInHand hair) {
        try {
            return planner.plan(body.check(hair));
        } catch (ContradictoryMeasuresException e) {
            throw refused(
                    "head." + HeadBody.field(e.misfit().measure()), e.misfit().words());
        } catch (FoundationException e) {
            throw refused(field(e), e.said());
        } catch (HookingException e) {
            throw refused(field(e, body), e.said());
        }
    }

    /** The plan that a kept brief came to with the hair that was kept with it, whatever the shelf says now. */
    public InstallPlan planThen(StoredPlan kept) {
        return planner.plan(briefThen(kept));
    }

    /** A kept brief with the hair that was kept with it. */
    public InstallBrief briefThen(StoredPlan kept) {
        return kept.brief().check(kept.hairThen());
    }

    /**
     * A plan, and how it is worn if that is asked for. A part that the brief no longer has is left out, since parts are taken
     * away while they are looked at.
     */
    PlanAnswer answer(PlanQuestion question) {
        Fields f = new Fields();
        BriefBody brief = f.present("brief", "The brief", question.brief(), NO_BRIEF);
        Optional<UUID> kept = kept(f, question.planId());
        WornAsBody.Checked how =
                question.worn() == null ? null : question.worn().check(f);
        return f.orRefuse(() -> {
            InstallPlan plan = plan(brief, kept);
            Change.Writer changes = changes(brief);
            return new PlanAnswer(
                    DrawnView.of(plan, !Boolean.FALSE.equals(question.withSides())),
                    Boolean.FALSE.equals(question.withRead())
                            ? null
                            : ReadViews.of(plan, Findings.of(plan), brief, changes),
                    how == null
                            ? null
                            : worn(
                                    plan,
                                    how.asFarAsItGoes(
                                            parts(plan),
                                            plan.foundation().gaps().size()),
                                    how,
                                    brief,
                                    changes));
        });
    }

    /**
     * As much of a plan as a tile shows.
     *
     * @throws FieldProblems if the brief comes to no plan
     */
    public PlanSummary summary(BriefBody body, HairInHand hair) {
        return PlanSummary.of(plan(body, hair));
    }

    /**
     * What is to be said about a plan, with those remedies only that help: each is planned, which takes its time. What there was no time to
     * try can be asked for, one finding at a time.
     *
     * @param only the number of the finding whose remedies are all tried, from 0; null for all findings, as far as time allows
     * @throws NotFound if there is no such finding
     */
    List<FindingView> findings(BriefBody body, Optional<UUID> kept, @Nullable Integer only) {
        InstallPlan plan = plan(body, kept);
        List<Finding> found = only == null
                ? TriedFindings.of(planner, plan, whileSomebodyWaits())
                : List.of(TriedFindings.only(planner, plan, only)
                        .orElseThrow(() -> new NotFound("This finding is not there any more. Look again.")));
        return FindingView.of(found, body, changes(body));
    }

    private static TrialBudget whileSomebodyWaits() {
        long begun = System.nanoTime();
        return new TrialBudget(TrialBudget.USUAL, () -> System.nanoTime() - begun < TRIALS_END_AFTER.toNanos());
    }

    List<DerivationView> reckonings(BriefBody body, Optional<UUID> kept) {
        return Derivations.of(plan(body, kept)).stream().map(DerivationView::of).toList();
    }

    /**
     * Ways out of a brief that comes to no plan. How a mix is spread is of the brief as it is written down, so the way out of that is too.
     */
    List<WayOutView> waysOut(BriefBody body) {
        Change.Writer changes = changes(body);
        InstallBrief checked;
        try {
            checked = body.check(shelf);
        } catch (FieldProblems e) {
            boolean isMix = e.problems().stream().allMatch(p -> p.field().startsWith("hooking.mix"));
            return isMix ? mixedOtherwise(body, changes) : List.of();
        }
        List<WayOutView> found = WaysOut.of(planner, checked).stream()
                .map(w -> new WayOutView(Piece.of(w.words()), changes.to(body.changedTo(w.brief()))))
                .toList();
        return found.isEmpty() && !isPlanned(body) ? mixedOtherwise(body, changes) : found;
    }

    private List<WayOutView> mixedOtherwise(BriefBody body, Change.Writer changes) {
        List<WayOutView> found = new ArrayList<>();
        add(found, "Mix it in throughout", body.mixed(HairMix.How.RATIO), changes);
        add(found, "Take one hair throughout", body.unmixed(), changes);
        return found;
    }

    private void add(List<WayOutView> found, String words, BriefBody other, Change.Writer changes) {
        if (isPlanned(other)) {
            found.add(new WayOutView(Piece.of(Sentence.of(words)), changes.to(other)));
        }
    }

    private boolean isPlanned(BriefBody body) {
        try {
            plan(body);
            return true;
        } catch (FieldProblems cannotBe) {
            return false;
        }
    }

    /** A plan in the round. */
    SolidView solid(BriefBody body) {
        return SolidView.of(plan(body));
    }

    /** How a plan's hair lies and hangs as it is worn. */
    LookView look(WearBody body) {
        return asked(body, (brief, how) -> {
            InstallPlan plan = plan(brief);
            Worn worn = how.on(parts(plan), plan.foundation().gaps().size());
            return LookView.of(
                    plan,
                    worn,
                    how.day(),
                    planner.hair(plan, worn, how.day()),
                    planner.otherHair(plan, worn, how.day()));
        });
    }

    /** How a plan looks as it is worn. */
    WornView wear(WearBody body) {
        return asked(body, (brief, how) -> {
            InstallPlan plan = plan(brief);
            return worn(plan, how.on(parts(plan), plan.foundation().gaps().size()), how, brief, changes(brief));
        });
    }

    /** Plans beside each other. */
    ComparisonView compare(ComparisonBody body) {
        Fields f = new Fields();
        List<ComparisonBody.ComparedBody> given = body.briefs() == null ? List.of() : body.briefs();
        if (given.size() < 2 || given.size() > MAX_COMPARED) {
            f.problem("briefs", "Two or three plans can be compared.");
        }
        for (int i = 0; i < given.size(); i++) {
            f.present("briefs[" + i + "].brief", "The brief", given.get(i).brief(), NO_BRIEF);
        }
        WornAsBody.Checked how = body.worn() == null ? null : body.worn().check(f);
        Optional<UUID> kept = kept(f, body.planId());
        return f.orRefuse(() -> {
            List<BriefBody> briefs = given.stream()
                    .map(g -> braided(Fields.or(g.brief(), NO_BRIEF), g.family()))
                    .toList();
            List<InstallPlan> compared = briefs.stream().map(b -> plan(b, kept)).toList();
            List<WearView> seen = how == null
                    ? List.of()
                    : compared.stream()
                            .map(p -> planner.wear(
                                    p,
                                    how.asFarAsItGoes(
                                            parts(p), p.foundation().gaps().size()),
                                    how.day(),
                                    how.samples()))
                            .toList();
            return ComparisonView.of(briefs, compared, seen, this::changes);
        });
    }

    /** A brief braided after another family, with what that cannot carry left away. */
    private BriefBody braided(BriefBody brief, @Nullable Family family) {
        FoundationBody foundation = brief.foundation();
        if (family == null || foundation == null) {
            return brief;
        }
        BriefBody other = brief.withFoundation(foundation.as(family));
        InstallBrief checked = other.check(shelf);
        return other.changedTo(checked.withFoundation(
                checked.foundation().braidedAs(checked.foundation().back())));
    }

    /** Where fills and wisps go once every part and way was tried. */
    FillsView fills(BriefBody body, @Nullable Integer gap) {
        InstallPlan plan = plan(body);
        Fills fills = gap == null
                ? FillTrial.of(planner, plan)
                : FillTrial.alsoWorn(
                        planner,
                        plan,
                        new WornAsBody(Way.DOWN, null, gap, null, null)
                                .check(new Fields())
                                .on(parts(plan), plan.foundation().gaps().size()));
        return FillsView.of(plan, fills, body, changes(body));
    }

    /** When the head may be left as it is. */
    StoppingView stopping(BriefBody body) {
        return StoppingView.of(Stopping.of(planner, plan(body)));
    }

    /** A balancing that is ready to run: what it is asked is checked, nothing is computed yet. */
    Balancing balancing(BalanceBody body) {
        BriefBody brief = body.brief() == null ? NO_BRIEF : body.brief();
        InstallPlan now = plan(brief);
        InstallBrief checked = now.brief();
        BalanceGoal goal = body.goal(now.hooked().hairs().get(0).line());
        return progress ->
                BalanceLine.of(new Balancer(planner).balance(checked, goal, progress), brief, changes(brief));
    }

    /** A balancing that can be run once. */
    @FunctionalInterface
    interface Balancing {
        BalanceLine run(Progress progress);
    }

    /** What is answered once brief and way of wearing are known to be there. */
    private static <T> T asked(WearBody body, BiFunction<BriefBody, WornAsBody.Checked, T> answer) {
        Fields f = new Fields();
        BriefBody brief = f.present("brief", "The brief", body.brief(), NO_BRIEF);
        WornAsBody.Checked how = f.present("worn", "How it is worn", body.worn(), WornAsBody.DOWN)
                .check(f);
        return f.orRefuse(() -> answer.apply(brief, how));
    }

    private WornView worn(InstallPlan plan, Worn worn, WornAsBody.Checked how, BriefBody brief, Change.Writer changes) {
        WearView seen = planner.wear(plan, worn, how.day(), how.samples());
        // What is looked at in passing is not read; only what is read has its remedies tried.
        List<Finding> findings = how.isRough()
                ? WornFindings.of(plan, seen)
                : TriedFindings.worn(planner, plan, seen, how.day(), how.samples(), whileSomebodyWaits());
        return WornView.of(plan, seen, findings, brief, changes);
    }

    /** A head that is planned already, to be drawn on the map. */
    public DrawnView drawn(InstallPlan plan) {
        return DrawnView.of(plan, false);
    }

    /** What shows of a head that is planned already, worn down without a part. */
    public WornView seen(InstallPlan plan) {
        return WornView.of(plan, planner.wear(plan, Worn.as(Way.DOWN)), List.of(), NO_BRIEF, changes(NO_BRIEF));
    }

    private static int parts(InstallPlan plan) {
        return plan.foundation().parts().size();
    }

    private Change.Writer changes(BriefBody from) {
        return new Change.Writer(json, from);
    }

    private static FieldProblems refused(String field, Sentence why) {
        return new FieldProblems(List.of(FieldProblem.of(field, why)));
    }

    private static String field(HookingException e, BriefBody body) {
        return switch (e.wish()) {
            case ZONE -> body.fieldOf(Zone.values()[e.index()]);
            case MIX -> "hooking.mix.others[" + e.index() + "].hairLineId";
            case CUT -> "hooking.cutZones";
            case TUFT -> "hooking.tuftGrams";
        };
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
            case INDIVIDUALS -> "foundation.rim.singleBaseMm";
            case REGION -> "head.regions[" + e.index() + "]";
            case TAIL -> "foundation.tails[" + e.index() + "].into";
        };
    }
}
