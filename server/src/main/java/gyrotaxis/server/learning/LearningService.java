package gyrotaxis.server.learning;

import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.learn.Learning;
import gyrotaxis.core.learn.Lesson;
import gyrotaxis.core.learn.PacksNext;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.SetAside;
import gyrotaxis.server.language.LearnedBody;
import gyrotaxis.server.learning.LearningViews.LearningView;
import gyrotaxis.server.learning.LearningViews.LessonView;
import gyrotaxis.server.learning.LearningViews.PacksNextView;
import gyrotaxis.server.learning.LearningViews.SeenPoint;
import gyrotaxis.server.planning.Planning;
import gyrotaxis.server.plans.PlanService;
import gyrotaxis.server.plans.Planned;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Piece;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shelf.StockedLine;
import gyrotaxis.server.stock.StockLedger;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Draws together what visits taught, and says how many packs this time. */
@Service
@Transactional
class LearningService {
    private final LessonRepository lessons;
    private final HairLineRepository shelf;
    private final StockLedger ledger;
    private final PlanService plans;
    private final Planning planning;
    private final Hands hands;

    LearningService(
            LessonRepository lessons,
            HairLineRepository shelf,
            StockLedger ledger,
            PlanService plans,
            Planning planning,
            Hands hands) {
        this.lessons = lessons;
        this.shelf = shelf;
        this.ledger = ledger;
        this.plans = plans;
        this.planning = planning;
        this.hands = hands;
    }

    /** What is known of somebody's hands and of a hair. */
    @Transactional(readOnly = true)
    LearningView show(UUID stylist, UUID line) {
        StockedLine hair = shelf.find(line).orElseThrow(() -> new NotFound("This hair is no longer on the shelf."));
        Learning learning = hands.learning(Optional.of(stylist), hair);
        return new LearningView(
                learning.asOf(),
                Arrays.stream(Known.values())
                        .map(k -> view(Objects.requireNonNull(learning.lessons().get(k))))
                        .toList());
    }

    private static LessonView view(Lesson l) {
        return new LessonView(
                l.what(),
                l.what().words(),
                l.what().of(),
                l.what().scale(),
                l.usual(),
                l.value(),
                l.what().range().min(),
                l.what().range().max(),
                l.from(),
                l.visits(),
                l.points().stream()
                        .map(p -> new SeenPoint(p.visit(), p.day(), p.value(), p.weight(), p.isLeftOut()))
                        .toList(),
                l.isRefused());
    }

    /** What enters a brief of today; null if nothing is known. */
    @Transactional(readOnly = true)
    public @Nullable LearnedBody known(Optional<UUID> stylist, UUID line) {
        return hands.known(stylist, line);
    }

    void leaveOut(UUID visit, boolean isLeftOut) {
        if (!lessons.leaveOut(visit, isLeftOut)) {
            throw new NotFound("This visit taught nothing yet.");
        }
    }

    void refuse(UUID stylist, Known what, boolean isRefused) {
        lessons.refuse(stylist, what, isRefused);
    }

    /** How many packs this time, for a plan that is kept. Computed outside any transaction: a plan takes its time. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    PacksNextView packsNext(UUID planId) {
        Planned planned = plans.planned(planId).orElseThrow(() -> new NotFound("This plan is no longer in the book."));
        InstallPlan plan = planning.plan(planned.brief(), Optional.of(planId));
        HairLine line = plan.brief().hair();
        UUID lineId = planned.brief().mainHair().orElseThrow();
        String colour = plan.brief().hooking().colourOf(line);
        Optional<PacksNext.LastUse> last = lessons.lastOf(planned.clientId(), lineId)
                .filter(k -> k.usedLoops() > 0)
                .map(k -> new PacksNext.LastUse(k.usedLoops(), k.fullness()));
        LineId id = new LineId(lineId);
        List<SetAside> aside = ledger.setAside();
        int there = ledger.stock(Set.of(id)).freeLoops(id, colour, aside, planId);
        PacksNext next = PacksNext.of(
                line,
                plan.packs().main().neededLoops(),
                plan.brief().fullness(),
                last,
                there,
                plan.brief().broughtLoops());
        return new PacksNextView(
                next.needed(),
                next.there(),
                next.bought().stream().mapToInt(b -> b.count()).sum(),
                Piece.of(next.why()),
                lineId,
                colour,
                aside.stream()
                        .filter(s -> s.forWhom().equals(planId)
                                && s.line().equals(id)
                                && s.colour().equals(colour))
                        .mapToInt(SetAside::loops)
                        .sum());
    }
}
